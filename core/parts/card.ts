// A card: what sits in a slot and shows its bracket at the rear. Graphics, capture, sound, network,
// ports, storage.
import { amount, words } from './facets'
import { portsOf } from './standard-limits'
import { z } from 'zod'
import { knownValue, minus, of, times, type Sum } from '../figures/quantity'
import {
  ANY_SLOT,
  FULL_LENGTH,
  CARD_BODY,
  KEYED,
  CARD_HEIGHT,
  isOldSlot,
  SLOT_PITCH,
} from '../standards/cards'
import { facesOn, isData } from '../connectors/connectors'
import { CARD_SHARE, DRAW, SLOT_POWER, SURGES_FROM } from '../standards/draws'
import type { Rail } from '../standards/rails'
import { figure, upTo, usual } from '../figures/units'
import { MEMORY_TYPES } from '../standards/modules'
import { base, defineKind, type Draw, type ItemOf, type Kind, type Surges } from './kind'
import { blank } from './ask'
import { end, type End } from './end'
import { outerEnds, outerSchema } from './outer'
import type { Box, Vec3 } from '../geometry/space'

export const cardSchema = z.looseObject({
  kind: z.literal('card'),
  ...base,
  does: z
    .enum([
      'graphics',
      'capture',
      'sound',
      'network',
      'radio',
      'USB',
      'storage',
      'FireWire',
      'serial',
      'other',
    ])
    .nullish(),
  size: z.enum(ANY_SLOT).nullish().describe('the length of its contact edge'),
  keyed: z
    .array(z.enum(KEYED))
    .optional()
    .describe('of a PCI or AGP card: the voltages that its notches let it into'),
  lanes: z.number().optional(),
  generation: z.number().optional(),
  slots: z.number().min(1).max(5).default(1).describe('rear slots it takes'),
  length: figure(
    'mm',
    'length',
    'From the outer face of the bracket to the far end, plugs not counted.',
    [60, 400],
  ),
  height: figure('mm', 'height', 'From the contact edge’s shoulder to the upper edge.', [40, 180]),
  thickness: figure(
    'mm',
    'thickness',
    'Across, from the back of the card to the outer face of its cooler.',
    [10, 100],
  ),
  watts: figure(
    'W',
    'sustained power',
    'Read it in the card’s sheet: the limit of the board, not of the chip.',
    [1, 700],
  ),
  fromSlot: figure('W', 'power taken from the slot', 'Read it in the card’s sheet.', [1, 75]),
  asks: figure(
    'W',
    'power class it asks of its 16-contact plug',
    'Read it in the card’s sheet; the plug’s sense contacts say what the supply gives.',
    [75, 600],
  ),
  power: z
    .array(
      z.looseObject({
        key: z.string(),
        face: z.enum(facesOn('card inlet')),
        label: z.string(),
        need: z.enum(['must', 'should', 'may']).optional(),
        edge: z.enum(['upper', 'front']).default('upper'),
        x: z.number().optional(),
      }),
    )
    .nullish()
    .describe('its power sockets; an empty list says that it has none'),
  headers: z
    .array(
      z.looseObject({
        key: z.string(),
        face: z.enum(facesOn('card')),
        label: z.string(),
        at: z.tuple([z.number(), z.number(), z.number()]).optional(),
        job: z
          .enum(['disk-light', 'network-light'])
          .optional()
          .describe(
            'of pins for a loose front lead: the light of a controller or of a network card',
          ),
      }),
    )
    .default([]),
  display: z
    .enum(['mono', 'colour'])
    .optional()
    .describe('of an old display card: what the board’s display jumper must say'),
  memory: z
    .looseObject({
      type: z.enum(MEMORY_TYPES),
      slots: z.array(z.looseObject({ label: z.string() })).min(1),
      banks: z.array(z.array(z.string())).optional(),
    })
    .optional()
    .describe('of a memory board: the slots for modules or chips on it'),
  profile: z
    .enum(['full', 'low', 'both'])
    .optional()
    .describe('bracket height: full, low, or both brackets in the box'),
  aerials: z.number().int().min(0).max(8).optional().describe('aerials screwed to its bracket'),
  rear: z.array(outerSchema).optional().describe('sockets on its bracket'),
  outputs: z.array(z.string()).optional().describe('what else is on its bracket, in words'),
})
export type Card = z.infer<typeof cardSchema>

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
    const { max } = bodyOf(item)
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
              solid: bodyOf(item),
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
  body: item => bodyOf(item),
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

/**
 * Its box in the slot's frame: length along x, thickness along y toward the next slot, height over
 * the board.
 */
function bodyOf(item: ItemOf<Card>): Box {
  const p = item.part
  const value = (path: string, otherwise: number): number =>
    card.leaf(item, path).figure?.value ?? otherwise
  const thick = value('thickness', p.slots * SLOT_PITCH.mm)
  return {
    min: [0, -CARD_BODY.behind, CARD_BODY.over],
    max: [
      value('length', ASSUMED_LENGTH),
      thick - CARD_BODY.behind,
      CARD_BODY.over + value('height', CARD_HEIGHT.full),
    ],
  }
}

/** Named choice: how long a card is drawn whose length is not stated: a half-length one, mm. */
const ASSUMED_LENGTH = FULL_LENGTH.half
