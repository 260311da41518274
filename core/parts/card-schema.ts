// What is known of a card: the fields of its file.
import { z } from 'zod'
import { facesOn } from '../connectors/connectors'
import { figure } from '../figures/units'
import { ANY_SLOT, CARD_COOLING, KEYED } from '../standards/cards'
import { MEMORY_TYPES } from '../standards/modules'
import { base } from './kind'
import { outerSchema } from './outer'

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
  cooling: z
    .enum(CARD_COOLING)
    .nullish()
    .describe('what cools it; fans look away from its back, toward the next slot'),
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
