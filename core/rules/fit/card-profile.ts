// Does the bracket of a card, or a bracket by itself, have the height of the case's slot covers?
import { asking, plain } from '../finding'
import { pcCase } from '../../parts/case'
import type { Case } from '../../parts/case-schema'
import { card as cardKind } from '../../parts/card'
import type { Card } from '../../parts/card-schema'
import type { Bracket } from '../../parts/bracket'
import type { ItemOf } from '../../parts/kind'
import { rule } from '../rule'
import { JOINED, joinedBy, type Joined } from '../../plan/situation'
import { CARD_HEIGHT } from '../../standards/cards'
import { SOURCE } from '../../standards/sources'
import { allCards } from './cards-in-case'

type Height = 'full' | 'low' | 'both'
interface Bracketed {
  readonly joint: string
  readonly item: ItemOf<Card> | ItemOf<Bracket>
  readonly pc: ItemOf<Case>
}

const bracketed = (s: Joined): readonly Bracketed[] => [
  ...allCards(s).map(({ joint, card, pc }) => ({ joint, item: card, pc })),
  ...joinedBy(s, 'rear-cover', 'bracket', 'case').map(({ joint, plug, socket }) => ({
    joint: joint.id,
    item: plug,
    pc: socket,
  })),
]

export const cardProfile = rule({
  id: 'fit/card-profile',
  stage: 'fit',
  question: 'Has each bracket the height of the slot covers of the case?',
  source: SOURCE.pcie,
  needs: JOINED,
  inputs: bracketed,
  judge({ joint, item, pc }) {
    const said = {
      rule: 'fit/card-profile',
      stage: 'fit',
      about: [item.id, pc.id],
      joints: [joint],
    } as const
    const [has, takes] = [heightOf(item), coversOf(pc)]
    if (has === null) return [asksBracket(said, item)]
    if (takes === null && has !== 'both') return [asksCase(said, pc)]
    const because = [
      { fact: `bracket of the ${item.name}`, value: has, basis: 'spec', source: SOURCE.maker },
      {
        fact: `slot covers of the ${pc.name}`,
        value: takes ?? '?',
        basis: takes === null ? 'missing' : 'spec',
        source: SOURCE.maker,
      },
    ] as const
    if (takes === 'low' && has === 'full')
      return [
        plain(
          {
            ...said,
            because,
            sentence: `The ${item.name} stands as high as a full bracket; the ${pc.name} takes low ones`,
            wayOut: 'A card of low profile, or a case with full-height slots.',
          },
          'stop',
        ),
      ]
    if (takes === 'full' && has === 'low')
      return [
        plain(
          {
            ...said,
            because,
            sentence: `The low bracket of the ${item.name} does not reach the screw of the ${pc.name}`,
            wayOut: 'A full-height bracket made for this card; it must not stand unscrewed.',
          },
          'watch',
        ),
      ]
    const swaps = swapOf(has, takes)
    return [
      plain(
        {
          ...said,
          because,
          sentence: `The bracket of the ${item.name} fits the covers of the ${pc.name}${swaps}`,
        },
        'clear',
      ),
    ]
  },
})

/** Of two brackets in the box, which one goes on. */
const swapOf = (has: Height, takes: 'full' | 'low' | null): string =>
  has === 'both' && takes !== null ? `: the ${takes} one goes on` : ''

/** As stated; a card that is taller than a low one can be is a full one. */
function heightOf(item: Bracketed['item']): Height | null {
  if (item.part.profile) return item.part.profile
  if (item.part.kind !== 'card') return null
  const height = cardKind.leaf(item as ItemOf<Card>, 'height').figure?.value ?? 0
  return height > CARD_HEIGHT.low + ROUGHLY ? 'full' : null
}

/** As stated; a case that is not as deep as a full card is high takes low ones. */
function coversOf(pc: ItemOf<Case>): 'full' | 'low' | null {
  if (pc.part.profile) return pc.part.profile
  const depth = pcCase.leaf(pc, 'inner.z').figure
  return depth && depth.value + depth.tol < CARD_HEIGHT.full ? 'low' : null
}
/** Named choice: how far a stated height may be off one of the two, mm. */
const ROUGHLY = 10

type Said = Parameters<typeof asking>[0]
const asksBracket = (said: Said, { id, name, part }: Bracketed['item']) =>
  asking(said, {
    item: id,
    path: 'profile',
    question: `Which height has the bracket of the ${name}?`,
    take: `A full one is 120 mm high, a low one 80; a ${part.kind} may come with both.`,
  })
const asksCase = (said: Said, { id, name }: ItemOf<Case>) =>
  asking(said, {
    item: id,
    path: 'profile',
    question: `Which height have the slot covers of the ${name}?`,
    take: 'A full cover is 120 mm high, a low one 80.',
  })
