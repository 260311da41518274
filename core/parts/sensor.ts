// A temperature probe on a thin lead.
import { amount } from './facets'
import { z } from 'zod'
import { of } from '../figures/quantity'
import { usualLead } from '../connectors/leads'
import { figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { end } from './end'

export const sensorSchema = z.looseObject({
  kind: z.literal('sensor'),
  ...base,
  lead: figure('mm', 'lead length', 'From the bead to the tip of the plug.', [100, 1500]),
})
export type Sensor = z.infer<typeof sensorSchema>

export const sensor: Kind<'sensor', typeof sensorSchema> = defineKind({
  kind: 'sensor',
  title: 'Sensor',
  schema: sensorSchema,
  facets: [amount('lead', 'lead')],
  ends: item => [
    end({
      key: 'lead',
      face: 'probe',
      sex: 'plug',
      label: 'probe lead',
      need: 'should',
      lead: {
        length: of(sensor.leaf(item, 'lead', usualLead('probe'))),
        exit: [0, 0, 0],
      },
    }),
  ],
})
