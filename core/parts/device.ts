// What stands outside and is plugged in at the rear: monitor, keyboard, sound, network, what else
// there is.
import { words } from './facets'
import { z } from 'zod'
import { REAR_FACES } from '../connectors/connectors'
import { figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { end } from './end'

export const deviceSchema = z.looseObject({
  kind: z.literal('device'),
  ...base,
  does: z.enum(['monitor', 'keyboard', 'mouse', 'sound', 'network', 'printer', 'storage', 'other']),
  plugs: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        face: z.enum(REAR_FACES),
        need: z.enum(['must', 'should', 'may']).optional(),
        lead: figure('mm', 'lead length', 'From the device to the tip of the plug.', [20, 20000]),
      }),
    )
    .min(1),
})
export type Device = z.infer<typeof deviceSchema>

export const device: Kind<'device', typeof deviceSchema> = defineKind({
  kind: 'device',
  title: 'Outer device',
  schema: deviceSchema,
  facets: [words('does', 'does'), words('plugs.*.face', 'plugs')],
  ends: item =>
    item.part.plugs.map((p, i) =>
      end({
        key: p.key,
        from: { list: 'plugs', index: i },
        face: p.face,
        sex: 'plug',
        label: p.label,
        need: p.need ?? 'should',
        rank: i,
      }),
    ),
})
