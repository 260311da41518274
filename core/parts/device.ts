// What stands outside and is plugged in at the rear: monitor, keyboard, sound, network, what else
// there is.
import { words } from './facets'
import { z } from 'zod'
import { REAR_FACES } from '../connectors/connectors'
import { converted, of, type Sum } from '../figures/quantity'
import { DRAW } from '../standards/draws'
import { VOLTS } from '../standards/rails'
import { figure, usual } from '../figures/units'
import { base, defineKind, type Draw, type ItemOf, type Kind } from './kind'
import { blank } from './ask'
import { end } from './end'
import { WIRE } from './outer'

export const deviceSchema = z.looseObject({
  kind: z.literal('device'),
  ...base,
  does: z
    .enum([
      ...(['monitor', 'keyboard', 'mouse', 'sound', 'network', 'printer', 'storage'] as const),
      ...(['aerial', 'other'] as const),
    ])
    .nullish(),
  plugs: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        face: z.enum(REAR_FACES),
        need: z.enum(['must', 'should', 'may']).optional(),
        amps: figure('A', 'current from its plug', 'Read it on the device’s label.', [0.01, 5]),
        gigabits: z.number().positive().optional().describe('the speed it makes use of, Gb/s'),
        avoidsFast: z.boolean().optional().describe('old: it misbehaves on a fast port'),
        lead: figure('mm', 'lead length', 'From the device to the tip of the plug.', [20, 20000]),
      }),
    )
    .nullish(),
})
export type Device = z.infer<typeof deviceSchema>

export const device: Kind<'device', typeof deviceSchema> = defineKind({
  kind: 'device',
  title: 'Peripheral',
  schema: deviceSchema,
  facets: [words('does', 'does'), words('plugs.*.face', 'plugs')],
  asks: ({ part: p, name }) =>
    blank(p.plugs, 'plugs', REAR_FACES, {
      question: `Which plugs does the ${name} have?`,
      take: 'Look at its leads.',
    }),
  ends: item =>
    (item.part.plugs ?? []).map((p, i) =>
      end({
        key: p.key,
        from: { list: 'plugs', index: i },
        face: p.face,
        sex: 'plug',
        label: p.label,
        need: p.need ?? 'should',
        rank: i,
        pace: p.gigabits === undefined ? null : p.gigabits / WIRE,
        role: p.avoidsFast === true ? 'slow port' : 'outside',
      }),
    ),
  draws: item =>
    (item.part.plugs ?? []).flatMap((plug, i) =>
      plug.face in FED ? [fromPort(plug.key, watts(item, `plugs.${i}.amps`))] : [],
    ),
})

/** The sockets that feed what is plugged there. */
const FED = { 'usb-a': true, 'usb-c-socket': true } as const

const watts = (item: ItemOf<Device>, path: string): Sum =>
  converted(of(device.leaf(item, path, usual(DRAW.usbPort.W / VOLTS['5'], 'A'))), VOLTS['5'], 'W')

/** What a device draws that is fed by the port it is in. */
export const fromPort = (through: string, drawn: Sum): Draw => ({
  rail: '5',
  rest: drawn,
  work: drawn,
  worst: drawn,
  through: [through],
})
