// A beeper: the board's voice at start, where it has none of its own.
import { amount } from './facets'
import { z } from 'zod'
import { of } from '../figures/quantity'
import { usualLead } from '../connectors/leads'
import { figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { end } from './end'

export const beeperSchema = z.looseObject({
  kind: z.literal('beeper'),
  ...base,
  lead: figure('mm', 'lead length', 'From the can to the tip of the plug.', [10, 800]),
})
export type Beeper = z.infer<typeof beeperSchema>

export const beeper: Kind<'beeper', typeof beeperSchema> = defineKind({
  kind: 'beeper',
  title: 'Speaker (beeper)',
  schema: beeperSchema,
  facets: [amount('lead', 'lead')],
  ends: item => [
    end({
      key: 'lead',
      face: 'speaker',
      sex: 'plug',
      label: 'beeper lead',
      need: 'should',
      lead: {
        length: of(beeper.leaf(item, 'lead', usualLead('speaker'))),
        exit: [0, 0, 0],
      },
    }),
  ],
})
