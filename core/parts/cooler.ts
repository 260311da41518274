// The processor's cooler: what it clamps to, how high it stands, the lead of its fan.
import { z } from 'zod'
import { of, times } from '../quantity'
import { DRAW, FAN_HEADER } from '../standards/draws'
import { ASSUMED_LEAD_TOLERANCE, LEAD_LENGTH } from '../standards/leads'
import { assume, figure } from '../units'
import { base, defineKind, end, type Kind } from './kind'

export const coolerSchema = z.looseObject({
  kind: z.literal('cooler'), ...base,
  sockets: z.array(z.string()).describe('sockets whose mounting set is in the box'),
  fastening: z.enum(['pins', 'screws', 'clip']),
  height: figure('mm', 'height', 'From the processor’s lid to the highest point, fan and clips included.', 20, 200),
  width: figure('mm', 'width along the rear edge', 'Across, along the rear edge, fan included.', 40, 200),
  depth: figure('mm', 'depth', 'From rear to front, fan included.', 40, 200),
  over: figure('mm', 'reach towards the memory', 'From the middle of the processor to the outer face of the fan over the memory.', 20, 120),
  memoryRoom: figure('mm', 'room over the memory', 'From the board’s memory socket, where a module’s contact edge sits, up to the fan.', 20, 80),
  paste: z.enum(['applied', 'supplied', 'own']).default('supplied'),
  fan: z.looseObject({ face: z.enum(['fan-3', 'fan-4']), amps: figure('A', 'fan current', 'Read it on the fan’s label.', 0.02, 3), lead: figure('mm', 'fan lead length', 'From the frame to the tip of the plug.', 50, 800) }).nullish(),
})
export type Cooler = z.infer<typeof coolerSchema>

export const cooler: Kind<'cooler', typeof coolerSchema> = defineKind({
  kind: 'cooler', title: 'Cooler', schema: coolerSchema,
  ends: item => [
    end({ key: 'mount', face: 'cooler-mount', sex: 'plug', label: 'mount', traits: { socket: item.part.sockets }, need: 'must' }),
    ...(item.part.fan ? [end({
      key: 'fan', face: item.part.fan.face, sex: 'plug', label: 'fan lead', need: 'must', role: 'processor',
      lead: { length: of(cooler.leaf(item, 'fan.lead', assume(LEAD_LENGTH.fan, 'mm', ASSUMED_LEAD_TOLERANCE))), exit: [0, 0, 0] },
      takes: { amps: of(cooler.leaf(item, 'fan.amps', assume(DRAW.fan120.W / FAN_HEADER.V, 'A'))) },
    })] : []),
  ],
  body(item) {
    const [w, d, h] = ['width', 'depth', 'height'].map(path => cooler.leaf(item, path).figure?.value)
    return w === undefined || d === undefined || h === undefined ? null : { min: [-d / 2, -w / 2, 0], max: [d / 2, w / 2, h] }
  },
  draws(item) {
    if (!item.part.fan) return []
    const watts = { ...times(of(cooler.leaf(item, 'fan.amps', assume(DRAW.fan120.W / FAN_HEADER.V, 'A'))), FAN_HEADER.V), unit: 'W' as const }
    return [{ rail: '12', rest: times(watts, 0.5), work: watts, worst: watts, through: ['fan'] }]
  },
})
