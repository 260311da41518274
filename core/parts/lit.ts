// Lights with a lead of their own: a strip is nothing else, fans and coolers carry them beside what they do.
import { z } from 'zod'
import { facesOn, type PlugFace } from '../connectors/connectors'
import { usualLead } from '../connectors/leads'
import type { Vec3 } from '../geometry/space'
import { converted, fact, of, type Leaf, type Sum } from '../figures/quantity'
import { figure, usual, type Figure } from '../figures/units'
import { DRAW } from '../standards/draws'
import { blank, type Ask } from './ask'
import { end, ownPlug, type End } from './end'
import type { Draw, ItemOf } from './kind'

/** A maker’s own plug carries 5 V unless something else is said of it: a named choice. */
const VOLTS = { 'light-12': 12, 'light-5': 5, 'light-own': 5 } as const

export const litFields = {
  face: z.enum(facesOn('light')).nullish(),
  own: z
    .string()
    .optional()
    .describe('name of the maker’s own plug: it joins only its own controller'),
  lights: z.number().int().min(1).max(600).nullish().describe('how many LEDs'),
  amps: figure('A', 'current at full white', 'Read it in its sheet.', [0.02, 6]),
  lead: figure('mm', 'lead length', 'From the lights to the tip of the plug.', [30, 1200]),
}
/** The lights of a part that does something else as well. */
export const litSchema = z.looseObject({
  ...litFields,
  onward: z
    .boolean()
    .optional()
    .describe('the next one’s lights go into the back of its plug, one after the other'),
})
export type Lit = z.infer<typeof litSchema>

/** One set of lights of an item: where its fields stand, what its end is called. */
export interface LitOf {
  readonly item: ItemOf<{ readonly kind: string }>
  readonly leaf: (path: string, fallback?: Figure) => Leaf
  /** Where its fields stand in the part; empty where they are the part's own. */
  readonly path: string
  readonly key: string
  readonly label: string
  readonly exit: Vec3
}
const under = (path: string, field: string): string => (path === '' ? field : `${path}.${field}`)

/** The end of its lead, and the socket in the plug's back where the next one goes on from there. */
export function litEnds(lit: Lit, own: LitOf, stays: string | null = null): readonly End[] {
  const { face } = lit
  if (!face) return []
  const lead = end({
    ...{ key: own.key, face, sex: 'plug', label: own.label, need: 'should', stays },
    lead: { length: lengthOf(own, face), exit: own.exit },
    takes: {
      amps: litAmps(lit, own),
      ...(lit.lights ? { lights: count(own, lit.lights) } : {}),
    },
    traits: ownPlug(lit.own),
  })
  const next = end({
    ...{ key: onwardKey(own.key), face, sex: 'socket', label: `back of the ${own.label}`, stays },
    at: own.exit,
    follows: [own.key],
    rank: AFTER_ALL_HEADERS,
    traits: ownPlug(lit.own),
  })
  return lit.onward === true ? [lead, next] : [lead]
}
/** What is not known of them. */
export const litAsks = ({ face }: Lit, path: string, name: string): readonly Ask[] =>
  blank(face, under(path, 'face'), facesOn('light'), {
    question: `Which plug ${path === '' ? `does the ${name} have` : `do the lights of the ${name} have`}?`,
    take: 'Look at it: four holes are 12 V, three in a row of four 5 V. The wrong one destroys it.',
  })

const onwardKey = (key: string): string => `${key}-on`
/** By which of its ends the next one is fed, where `key` is the back of its plug. */
export const litInlets = (keys: readonly string[], key: string): readonly string[] =>
  keys.filter(k => onwardKey(k) === key)
/** Named choice: the back of another's plug comes after every header and controller there is. */
const AFTER_ALL_HEADERS = 40

const lengthOf = ({ leaf, path }: LitOf, face: PlugFace): Sum =>
  of(leaf(under(path, 'lead'), usualLead(face)))

/** How many LEDs there are. */
const count = ({ item, path }: LitOf, value: number): Sum =>
  of(
    fact(`${item.id}:${under(path, 'lights')}`, `LEDs of the ${item.name}`, 'pcs', {
      ...{ value, basis: 'spec', tol: 0 },
    }),
  )

/** Their current: as stated, else by the LEDs; not known where nobody counted them. */
function litAmps({ lights, face }: Lit, { leaf, path }: LitOf): Sum {
  const each = DRAW.led.W / VOLTS[face ?? 'light-5']
  return of(leaf(under(path, 'amps'), lights ? usual(lights * each, 'A') : undefined))
}

/** What they draw by their lead. */
export function litDraw(lit: Lit, own: LitOf): Draw {
  const volts = VOLTS[lit.face ?? 'light-5']
  const watts = converted(litAmps(lit, own), volts, 'W')
  return {
    rail: volts === 12 ? '12' : '5',
    ...{ rest: watts, work: watts, worst: watts },
    through: [own.key],
  }
}
