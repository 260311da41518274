// What software does a part need, and does it run on this machine's system?
import { asking, plain, type Because, type Finding } from '../finding'
import type { Part } from '../../parts'
import { runs } from '../../plan/given'
import { plainItems } from '../../plan/items'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

interface Needing {
  readonly id: string
  readonly name: string
  readonly needs: string | null
  readonly runs: string | null
}

export const proofSoftware = rule({
  id: 'proof/software',
  stage: 'proof',
  question: 'Which software does a part need, and does it run on this machine’s system?',
  source: SOURCE.maker,
  needs: { items: plainItems, runs },
  inputs: s =>
    s.items.flatMap((item): readonly Needing[] => {
      const needs = needsOf(item.part)
      const isAsked = needs !== null || wantsSoftware(item.part)
      return isAsked ? [{ id: item.id, name: item.name, needs, runs: s.runs }] : []
    }),
  judge(needing) {
    const { id, name, needs, runs } = needing
    const said = { rule: 'proof/software', stage: 'proof', about: [id] } as const
    if (needs === null)
      return [
        asking(said, {
          item: id,
          path: 'software',
          question: `Which driver or program does the ${name} need, and for which systems is it made?`,
          take: 'Read its sheet; write “none” where it needs nothing beyond the system.',
        }),
      ]
    return [onSystem({ ...said, because: [stated(name, needs)] }, { ...needing, needs, runs })]
  },
})

type Said = Omit<Parameters<typeof plain>[0], 'sentence'>
function onSystem(
  said: Said,
  { id, name, needs, runs }: Needing & { readonly needs: string },
): Finding {
  if (NOTHING.test(needs))
    return plain({ ...said, sentence: `The ${name} needs no software beyond the system` }, 'clear')
  if (runs === null || isNamed(runs, needs))
    return plain({ ...said, sentence: `The ${name} needs: ${needs}` }, 'clear')
  return asking(said, {
    item: id,
    path: 'software',
    question: `Is what the ${name} needs (${needs}) made for ${runs}?`,
    take: 'Read its maker’s page, and write with the part for which systems it is made.',
  })
}

const NOTHING = /^none\b/i
/** Named choice: shorter words and numbers name no system. */
const NAMING = /[a-z]{3,}/gi
/** Whether the words for a part's software name the system that runs. */
function isNamed(runs: string, needs: string): boolean {
  const words: readonly string[] = needs.toLowerCase().match(NAMING) ?? []
  return (runs.toLowerCase().match(NAMING) ?? []).some(word => words.includes(word))
}

function needsOf({ software }: Part): string | null {
  const text = typeof software === 'string' ? software : (software?.needs ?? '')
  return text.trim() === '' ? null : text.trim()
}

/** Parts that do little or nothing without a driver or a control program of their own. */
const WANTING: readonly unknown[] = ['capture', 'storage', 'radio', 'network', 'sound', 'FireWire']
function wantsSoftware(part: Part): boolean {
  if (part.kind === 'card') return WANTING.includes(part.does)
  if (part.kind === 'hub') return part.controls
  return part.kind === 'cooler' && part.liquid?.usb !== undefined && part.liquid.usb !== null
}

const stated = (name: string, needs: string): Because => ({
  fact: `software of the ${name}`,
  value: needs,
  basis: 'spec',
  source: SOURCE.maker,
})
