// A card: what sits in a slot and shows its bracket at the rear. Graphics, capture, sound, network,
// ports, storage.
import { amount, words } from './facets'
import { portsOf } from './standard-limits'
import { knownValue, minus, of, times, type Sum } from '../figures/quantity'
import { CARD_BODY, isOldSlot } from '../standards/cards'
import { facesOn, isData } from '../connectors/connectors'
import { CARD_SHARE, DRAW, SLOT_POWER, SURGES_FROM } from '../standards/draws'
import type { Rail } from '../standards/rails'
import { upTo, usual } from '../figures/units'
import { cardSolids } from './bodies/card'
import { hullOf } from './bodies/solid'
import { cardSchema, type Card } from './card-schema'
import { defineKind, type Draw, type ItemOf, type Kind, type Surges } from './kind'
import { blank } from './ask'
import { end, type End } from './end'
import { outerEnds } from './outer'
import type { Box, Vec3 } from '../geometry/space'

export const card: Kind<'card', typeof cardSchema> = defineKind({
  kind: 'card',
  title: 'Card',
  schema: cardSchema,
  facets: [
    words('does', 'does'),
    words('size', 'slot'),
    amount('length'),
    amount('watts', 'sustained'),
  ],
  groups: [
    { id: 'graphics', title: 'Graphics card', of: p => p.does === 'graphics' },
    { id: 'card', title: 'Card', of: p => p.does !== 'graphics' },
  ],
  serves: p => p.does ?? '',
  asks: ({ part: p, name }) => [
    ...blank(p.size, 'size', ['slot'], {
      question: `Which slot does the ${name} need?`,
      take: 'Look at its contact edge: 89 mm is x16, 56 mm x8, 39 mm x4, 25 mm x1.',
    }),
    ...(p.does === 'graphics'
      ? blank(p.power, 'power', facesOn('card inlet'), {
          question: `Which power sockets does the ${name} have?`,
          take: 'Look at its upper edge and its far end; some have none.',
        })
      : []),
  ],
  dispensable: true,
  bridges: 'card',
  filmed: true,
  ends(item) {
    const p = item.part
    const box = boxOf(item)
    const { max } = box
    return [
      ...(p.size
        ? [
            end({
              key: 'seat',
              face: 'slot',
              sex: 'plug',
              label: 'contact edge',
              traits: { size: [p.size], ...(p.keyed && { volts: p.keyed }) },
              role: p.does === 'graphics' ? 'graphics' : 'other',
              need: 'must',
              solid: box,
            }),
          ]
        : []),
      ...(p.power ?? []).map((socket, index) =>
        end({
          key: socket.key,
          from: { list: 'power', index },
          face: socket.face,
          sex: 'socket',
          label: socket.label,
          need: socket.need ?? 'must',
          at:
            socket.edge === 'upper'
              ? [socket.x ?? max[0] - 60, 0, max[2]]
              : [max[0], 0, max[2] / 2],
        }),
      ),
      ...p.headers.map((h, i) =>
        end({
          key: h.key,
          from: { list: 'headers', index: i },
          face: h.face,
          sex: 'socket',
          label: h.label,
          at: h.at ?? [max[0], 0, max[2] / 2],
          rank: i,
          gives: portsOf(h.face),
          traits: headerTraits(h),
        }),
      ),
      ...memorySlots(p),
      ...outerEnds(p.rear ?? [], ON_BRACKET),
      ...aerialPosts(p),
    ]
  },
  // Memory on it is fed by its slot.
  inlets: ({ part }, key) =>
    part.memory?.slots.some(slot => memoryKey(slot.label) === key) ? ['seat'] : [],
  solids: cardSolids,
  draws(item) {
    const full = of(card.leaf(item, 'watts', usual(DRAW.card.W, 'W')))
    const plugged = (item.part.power ?? []).filter(s => s.need !== 'may').map(s => s.key)
    const surges = surgesOf(item.part, knownValue(full))
    const draw = (worst: Sum, rail: Rail, through: readonly string[]): Draw => ({
      rail,
      rest: times(worst, CARD_SHARE.rest),
      work: times(worst, CARD_SHARE.work),
      worst,
      ...(surges ? { surges } : {}),
      through,
    })
    if (plugged.length === 0) return [draw(full, railOf(item.part, knownValue(full)), ['seat'])]
    // Where its maker is silent, all that the standard lets it take from the slot is possible.
    const most = Math.min(SLOT_POWER.W12, knownValue(full))
    const slot = of(card.leaf(item, 'fromSlot', upTo(most)))
    return [draw(slot, '12', ['seat']), draw(minus(full, slot), '12', plugged)]
  },
})

const headerTraits = ({ face, job }: Card['headers'][number]): End['traits'] => {
  if (isData(face)) return { side: ['board'] }
  return face === 'panel-lead' ? { job: job ? [job] : [] } : {}
}

const memoryKey = (label: string): string => `memory-${label}`
/** The slots of a memory board, bank by bank as they are listed. */
const memorySlots = ({ memory }: Card): readonly End[] =>
  (memory?.slots ?? []).map(({ label }, index) =>
    end({
      ...{ key: memoryKey(label), label, face: 'memory-slot', sex: 'socket' },
      from: { list: 'memory.slots', index },
      traits: { type: memory ? [memory.type] : [] },
      rank: ON_A_CARD + index,
    }),
  )
/** Named choice: memory goes onto the board before it goes onto a card. */
const ON_A_CARD = 100

/** What a card without a plug is fed by: an old slot's 5 V, a new one's 3.3 V as far as that goes. */
function railOf(p: Card, watts: number): Rail {
  if (p.size && isOldSlot(p.size)) return '5'
  return watts <= SLOT_POWER.W3 ? '3.3' : '12'
}

/** Named choice: where leads come to a card's bracket, mm. */
const ON_BRACKET: Vec3 = [0, 0, CARD_BODY.over + 30]
const aerialPosts = ({ aerials = 0 }: Card): readonly End[] =>
  Array.from({ length: aerials }, (_, i) =>
    end({
      ...{ key: `aerial-${i + 1}`, label: `aerial post ${i + 1}`, face: 'aerial', sex: 'socket' },
      ...{ at: ON_BRACKET, rank: i },
    }),
  )

function surgesOf(p: Card, watts: number): Surges | null {
  if (p.power?.some(s => s.face === 'card-16')) return 'by standard'
  return watts > SURGES_FROM.W ? 'as usual' : null
}

/** Its box in the slot's frame, mm. */
const boxOf = (item: ItemOf<Card>): Box =>
  hullOf(cardSolids(item, card.measures(item))) ?? { min: [0, 0, 0], max: [0, 0, 0] }
