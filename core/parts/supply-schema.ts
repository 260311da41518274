// What is known of a power supply: the fields of its file.
import { z } from 'zod'
import { facesOn } from '../connectors/connectors'
import { figure } from '../figures/units'
import { LABELS } from '../standards/wall'
import {
  LACKS,
  MAINS_SWITCHES,
  PROTECTIONS,
  SUPPLY_FANS,
  SUPPLY_FORMS,
} from '../standards/supplies'
import { base, point2 } from './kind'

export const supplySchema = z.looseObject({
  kind: z.literal('supply'),
  ...base,
  form: z.enum(SUPPLY_FORMS).nullish(),
  watts: figure('W', 'rated power', 'Read it on the label: the sum of all rails.', [60, 2000]),
  rails: z
    .looseObject({
      W12: figure('W', '12 V limit', 'Read it on the label, watts of 12 V.', [50, 2000]),
      W5: figure('W', '5 V limit', 'Read it on the label: 5 V amps times 5.', [20, 250]),
      W3: figure('W', '3.3 V limit', 'Read it on the label: 3.3 V amps times 3.3.', [20, 150]),
      combined: figure(
        'W',
        '5 V and 3.3 V together',
        'Read it on the label: the combined limit.',
        [20, 250],
      ),
      standby: figure(
        'A',
        '5 V standby',
        'Read it on the label: the amps of 5 V that stay on while the machine is off.',
        [0.5, 6],
      ),
      least5: figure(
        'A',
        'least load on 5 V',
        'Read it on the label: below it an old supply does not start, or its voltages drift.',
        [0, 10],
      ),
      lacks: z.array(z.enum(LACKS)).optional().describe('rails that it does not have at all'),
    })
    .default({}),
  length: figure(
    'mm',
    'length',
    'From the wall it is screwed to, to its far end, without plugs.',
    [80, 230],
  ),
  fanAt: z.enum(SUPPLY_FANS).nullish().describe('where its fan draws air in'),
  modular: z.enum(['fixed', 'part', 'full']).default('fixed'),
  efficiency: z.enum(LABELS).optional(),
  guide: z
    .enum(['newer', 'older'])
    .nullish()
    .describe('the design guide it was built to: what surges it rides through'),
  pfc: z
    .enum(['active', 'passive', 'none'])
    .optional()
    .describe('power-factor correction: how evenly the supply draws from the wall'),
  protections: z
    .array(z.enum(PROTECTIONS))
    .optional()
    .describe('what it switches off for; not stated means ask'),
  year: z
    .number()
    .int()
    .min(1980)
    .max(2100)
    .optional()
    .describe('year it was made, on its label: capacitors age'),
  mainsSwitch: z
    .enum(MAINS_SWITCHES)
    .nullish()
    .describe('of an AT supply: its mains switch, on wires of its own; never a lead for a board'),
  fanMode: z.enum(['always', 'stops at low load']).optional(),
  sockets: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        for: z.array(z.enum(facesOn('supply'))),
        at: point2
          .optional()
          .describe(
            'where its middle is as one looks at the plugs, the fan (or, without one there, the ' +
              'underside) below: mm from the left edge, mm from the lower edge',
          ),
      }),
    )
    .optional()
    .describe('of a modular one: the sockets on it, and which cables each takes'),
  cables: z
    .array(
      z.looseObject({
        key: z.string(),
        socket: z
          .string()
          .optional()
          .describe('of a modular one: the socket of the supply that it belongs in'),
        sockets: z
          .number()
          .int()
          .min(0)
          .max(2)
          .optional()
          .describe(
            'of a modular one: how many sockets of the supply it takes; 0 where it is fixed, 1 where ' +
              'nothing is stated',
          ),
        gauge: z
          .union([z.literal(16), z.literal(18), z.literal(20), z.literal(22), z.literal(24)])
          .nullish()
          .describe('wire thickness in AWG, printed along the wires: a smaller number is thicker'),
        length: figure(
          'mm',
          'cable length to its first plug',
          'From the supply’s wall to the tip of the first plug.',
          [100, 1200],
        ),
        plugs: z
          .array(
            z.looseObject({
              face: z.enum(facesOn('supply')),
              label: z.string().optional(),
              split: z
                .array(z.enum(facesOn('supply')))
                .optional()
                .describe('the pieces that it comes apart into; none listed: it does not'),
              class: figure(
                'W',
                'power class of a 16-contact plug',
                'Printed on it, set by its two sense contacts: 150, 300, 450 or 600 W. Both open: ' +
                  '150 on a plug of the first generation, 0 on one of the second.',
                [0, 600],
              ),
              after: figure(
                'mm',
                'distance to the next plug',
                'From tip to tip along the cable.',
                [20, 400],
              ),
            }),
          )
          .min(1),
      }),
    )
    .nullish()
    .describe('its cables and the plugs on each; not stated means ask'),
})
export type Supply = z.infer<typeof supplySchema>
export type Cable = NonNullable<Supply['cables']>[number]
