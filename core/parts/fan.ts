// A case fan: its frame, its lead, which way it blows.
import { amount, words } from './facets'
import { facesOn } from '../connectors/connectors'
import { z } from 'zod'
import { converted, of, times, type Sum } from '../figures/quantity'
import { DRAW, FAN_VOLTS } from '../standards/draws'
import { usualLead } from '../connectors/leads'
import { FAN_FRAMES, FAN_THICKNESS } from '../standards/modules'
import { assume, figure } from '../figures/units'
import { base, defineKind, type ItemOf, type Kind } from './kind'
import { end } from './end'

export const fanSchema = z.looseObject({
  kind: z.literal('fan'),
  ...base,
  size: z.enum(FAN_FRAMES),
  thickness: figure('mm', 'thickness', 'Across the frame, without screws.', [8, 45]),
  face: z.enum(facesOn('fan')),
  amps: figure('A', 'current', 'Read it on the fan’s label.', [0.02, 3]),
  lead: figure('mm', 'lead length', 'From the frame to the tip of the plug.', [50, 900]),
})
export type Fan = z.infer<typeof fanSchema>

const amps = (item: ItemOf<Fan>): Sum =>
  of(fan.leaf(item, 'amps', assume(DRAW.fan120.W / FAN_VOLTS, 'A')))

export const fan: Kind<'fan', typeof fanSchema> = defineKind({
  kind: 'fan',
  title: 'Fan',
  schema: fanSchema,
  facets: [
    words('size', 'frame'),
    words('face', 'plug'),
    amount('thickness'),
    amount('amps', 'current'),
  ],
  dispensable: true,
  ends: item => [
    end({
      key: 'frame',
      face: 'fan-place',
      sex: 'plug',
      label: 'frame',
      traits: { size: [item.part.size] },
      need: 'must',
    }),
    end({
      key: 'lead',
      face: item.part.face,
      sex: 'plug',
      label: 'lead',
      need: 'must',
      role: 'case',
      lead: {
        length: of(fan.leaf(item, 'lead', usualLead(item.part.face))),
        exit: [0, 0, 0],
      },
      takes: { amps: amps(item) },
    }),
  ],
  body(item) {
    const half = Number(item.part.size) / 2
    return {
      min: [-half, -half, 0],
      max: [half, half, fan.leaf(item, 'thickness').figure?.value ?? FAN_THICKNESS.mm],
    }
  },
  draws(item) {
    const watts = converted(amps(item), FAN_VOLTS, 'W')
    return [{ rail: '12', rest: times(watts, 0.5), work: watts, worst: watts, through: ['lead'] }]
  },
})
