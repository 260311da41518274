// A rear bracket: sockets in the place of a slot cover, each on a lead to a header of the board.
import { z } from 'zod'
import { fact, of } from '../figures/quantity'
import { ASSUMED_LEAD_TOLERANCE, LEAD_LENGTH } from '../connectors/leads'
import { assume, figure } from '../figures/units'
import { base, defineKind, end, type Kind } from './kind'

const FACES = ['usb-2', 'usb-3', 'usb-c', 'serial', 'firewire', 'sata-data', 'audio-hd'] as const

export const bracketSchema = z.looseObject({
  kind: z.literal('bracket'),
  ...base,
  covers: z
    .number()
    .int()
    .min(1)
    .max(2)
    .default(1)
    .describe('rear slot covers it takes the place of'),
  profile: z.enum(['full', 'low', 'both']).optional(),
  leads: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        face: z.enum(FACES),
        ports: z.number().int().min(1).max(4).optional(),
        wiring: z.string().optional().describe('of a serial lead: which of the two wirings'),
        length: figure(
          'mm',
          'lead length',
          'From the bracket to the tip of the plug.',
          [100, 1000],
        ),
      }),
    )
    .min(1),
  outputs: z.array(z.string()).default([]).describe('sockets on it'),
})
export type Bracket = z.infer<typeof bracketSchema>

export const bracket: Kind<'bracket', typeof bracketSchema> = defineKind({
  kind: 'bracket',
  title: 'Rear bracket',
  schema: bracketSchema,
  ends: item => [
    end({ key: 'cover', face: 'rear-cover', sex: 'plug', label: 'bracket', need: 'must' }),
    ...item.part.leads.map((l, i) =>
      end({
        key: l.key,
        face: l.face,
        sex: 'plug',
        label: l.label,
        need: 'should',
        rank: i,
        traits: l.face === 'sata-data' ? { side: ['board'] } : {},
        lead: {
          length: of(
            bracket.leaf(
              item,
              `leads.${i}.length`,
              assume(LEAD_LENGTH.bracket, 'mm', ASSUMED_LEAD_TOLERANCE),
            ),
          ),
          exit: [0, 0, 0],
        },
        takes:
          l.ports === undefined
            ? {}
            : {
                ports: of(
                  fact(`${item.id}:${l.key}.ports`, `ports on the ${l.label}`, 'pcs', {
                    value: l.ports,
                    basis: 'spec',
                    tol: 0,
                  }),
                ),
              },
      }),
    ),
  ],
})
