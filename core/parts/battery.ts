// An external battery: keeps clock and settings of an old board, on a lead of its own.
import { amount } from './facets'
import { z } from 'zod'
import { of } from '../figures/quantity'
import { usualLead } from '../connectors/leads'
import { figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { end } from './end'

export const batterySchema = z.looseObject({
  kind: z.literal('battery'),
  ...base,
  volts: figure('V', 'voltage', 'Read it on the pack.', [2, 9]),
  lead: figure('mm', 'lead length', 'From the pack to the tip of the plug.', [50, 800]),
})
export type Battery = z.infer<typeof batterySchema>

export const battery: Kind<'battery', typeof batterySchema> = defineKind({
  kind: 'battery',
  title: 'Battery',
  schema: batterySchema,
  facets: [amount('volts'), amount('lead', 'lead')],
  dispensable: true,
  ends: item => [
    end({
      key: 'lead',
      face: 'battery',
      sex: 'plug',
      label: 'battery lead',
      need: 'must',
      lead: { length: of(battery.leaf(item, 'lead', usualLead('battery'))), exit: [0, 0, 0] },
    }),
  ],
})
