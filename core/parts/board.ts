// The board: what can be joined to it, and where.
import { z } from 'zod'
import { frame, type Vec3 } from '../geometry/space'
import { fact, of } from '../quantity'
import { BOARD_FORMS, BOARD_THICKNESS, FORM, HOLES, type HoleName } from '../standards/boards'
import { DRAW, FAN_HEADER } from '../standards/draws'
import { CONNECTORS, type PlugFace } from '../standards/connectors'
import { SOURCE } from '../standards/sources'
import { assume, figure } from '../units'
import { base, defineKind, end, point2, type Draw, type End, type ItemOf, type Kind } from './kind'

const header = z.looseObject({
  key: z.string(), face: z.enum(Object.keys(CONNECTORS) as [PlugFace, ...PlugFace[]]), label: z.string(), at: point2.optional(),
  role: z.string().optional(), need: z.enum(['must', 'should', 'may']).optional(), rank: z.number().optional(),
  amps: figure('A', 'current of the header', 'Read it in the board’s manual.', 0.5, 5),
})

/** What one pin of the front-panel block is for. */
export const PIN_JOBS = ['disk-light+', 'disk-light-', 'power-light+', 'power-light-', 'reset', 'power-switch', 'speaker+', 'speaker-', 'free', 'none'] as const

export const boardSchema = z.looseObject({
  kind: z.literal('board'), ...base,
  form: z.enum(BOARD_FORMS),
  edge: figure('mm', 'rear edge', 'Along the edge with the sockets, outside to outside.', 150, 360),
  depth: figure('mm', 'depth', 'From the rear edge to the opposite edge.', 150, 360),
  holes: z.array(z.enum(HOLES)).optional().describe('its own list of mounting holes, where it differs from the form'),
  shield: z.enum(['fixed', 'loose', 'none']).default('loose'),
  processor: z.looseObject({ socket: z.string(), at: point2 }),
  picture: z.boolean().default(true).describe('has video sockets of its own'),
  memory: z.looseObject({ type: z.string(), most: figure('GB', 'largest memory', 'Read it in the board’s manual.', 1, 2048), slots: z.array(z.looseObject({ label: z.string(), at: point2, along: z.enum(['x', 'y']).default('y'), rank: z.number() })) }),
  m2: z.array(z.looseObject({ key: z.string(), label: z.string(), at: point2, axes: z.string().default('+x +y +z'), keys: z.array(z.string()), lengths: z.array(z.string()), protocols: z.array(z.string()), rank: z.number().default(1) })).default([]),
  headers: z.array(header),
  panel: z.looseObject({ at: point2, pins: z.array(z.looseObject({ pin: z.number(), row: z.number(), col: z.number(), does: z.enum(PIN_JOBS) })) }).optional(),
  power: z.looseObject({ W12: figure('W', '12 V draw', 'Read it in the board’s manual.', 1, 60), W5: figure('W', '5 V draw', 'Read it in the board’s manual.', 1, 60), W3: figure('W', '3.3 V draw', 'Read it in the board’s manual.', 1, 60) }).optional(),
  lamp: z.string().optional().describe('the lamp that shows mains: where it is, what colour'),
})
export type Board = z.infer<typeof boardSchema>

const on = ([x, y]: readonly [number, number]): Vec3 => [x, y, 0]

export const board: Kind<'board', typeof boardSchema> = defineKind({
  kind: 'board', title: 'Board', schema: boardSchema,

  ends(item) {
    const p = item.part
    return [
      end({ key: 'mount', face: 'tray', sex: 'plug', label: 'mounting holes', traits: { form: [p.form] }, count: holesOf(item).holes?.length ?? 1, need: 'must' }),
      ...(p.shield === 'loose' ? [end({ key: 'shield', face: 'aperture', sex: 'plug', label: 'shield', need: 'should' })] : []),
      end({ key: 'processor', face: 'processor-socket', sex: 'socket', label: p.processor.socket, at: on(p.processor.at), seat: frame(on(p.processor.at)), traits: { socket: [p.processor.socket] }, need: 'must' }),
      end({ key: 'cooler', face: 'cooler-mount', sex: 'socket', label: `${p.processor.socket} mount`, at: on(p.processor.at), seat: frame(on(p.processor.at)), traits: { socket: [p.processor.socket] }, need: 'must' }),
      ...p.memory.slots.map(slot => end({
        key: `memory-${slot.label}`, face: 'memory-slot', sex: 'socket', label: slot.label, at: on(slot.at), traits: { type: [p.memory.type] }, rank: slot.rank,
        seat: frame(on(slot.at), slot.along === 'y' ? '+y +x +z' : '+x +y +z'), need: 'must', among: { group: 'memory slots', how: 'any-of' },
      })),
      ...p.m2.map(slot => end({
        key: slot.key, face: 'm2-slot', sex: 'socket', label: slot.label, at: on(slot.at), seat: frame(on(slot.at), slot.axes), rank: slot.rank,
        traits: { key: slot.keys, length: slot.lengths, protocol: slot.protocols },
      })),
      ...p.headers.map((h, i) => headerEnd(item, h, i)),
      ...panelEnds(p),
    ]
  },

  body(item) {
    const form = FORM[item.part.form]
    const edge = board.leaf(item, 'edge').figure?.value ?? form.edge
    const depth = board.leaf(item, 'depth').figure?.value ?? form.depth
    return { min: [0, 0, -BOARD_THICKNESS.mm], max: [depth, edge, 0] }
  },

  draws(item) {
    const rail = (path: string, watts: number, name: '12' | '5' | '3.3'): Draw => {
      const full = of(board.leaf(item, path, assume(watts, 'W')))
      const restShare = DRAW.board.rest / (DRAW.board.W12 + DRAW.board.W5 + DRAW.board.W3)
      return { rail: name, rest: { unit: 'W', terms: full.terms.map(t => ({ ...t, times: restShare })) }, work: full, worst: full, through: 'main' }
    }
    return [rail('power.W12', DRAW.board.W12, '12'), rail('power.W5', DRAW.board.W5, '5'), rail('power.W3', DRAW.board.W3, '3.3')]
  },

  inlet(item, key) {
    const powered = item.part.headers.find(h => (key === 'processor' ? h.face === 'cpu-4' || h.face === 'cpu-8' : h.face === 'main-24'))
    return powered?.key ?? null
  },
})

function headerEnd(item: ItemOf<Board>, h: Board['headers'][number], i: number): End {
  const isPower = h.face === 'main-24' || h.face === 'cpu-4' || h.face === 'cpu-8'
  const isFan = h.face === 'fan-3' || h.face === 'fan-4'
  const ports = CONNECTORS[h.face].limit
  return end({
    key: h.key, face: h.face, sex: 'socket', label: h.label, at: h.at ? on(h.at) : null, role: h.role ?? null, rank: h.rank ?? i, need: h.need ?? (isPower ? 'must' : 'may'),
    gives: isFan ? { amps: of(board.leaf(item, `headers.${i}.amps`, { value: FAN_HEADER.A, basis: 'standard', tol: 0 })) }
      : ports && 'ports' in ports ? { ports: of(fact(`ports:${h.face}`, `ports of a ${CONNECTORS[h.face].name}`, 'pcs', { value: ports.ports, basis: 'standard', tol: 0 })) } : {},
  })
}

/** The jobs a front-panel block offers: one end a job, however many pins it has. */
function panelEnds(p: Board): End[] {
  const jobs = new Set((p.panel?.pins ?? []).flatMap(pin => (pin.does === 'none' || pin.does === 'free' ? [] : [pin.does.replace(/[+-]$/, '')])))
  return [...jobs].sort().map(job => end({ key: `panel-${job}`, face: 'panel-lead', sex: 'socket', label: job.replace('-', ' '), at: p.panel ? on(p.panel.at) : null, traits: { job: [job] } }))
}

/** The board’s mounting holes: its own list, else its form’s; null where neither says. A smaller board than its form without a list is not known. */
export function holesOf(item: ItemOf<Board>): { readonly holes: readonly HoleName[] | null; readonly source: string } {
  const { part } = item
  if (part.holes) return { holes: part.holes, source: SOURCE.maker }
  const form = FORM[part.form]
  const full = (path: 'edge' | 'depth'): boolean => {
    const value = board.leaf(item, path).figure?.value
    return value === undefined || value >= form[path] - 1
  }
  return { holes: full('edge') && full('depth') ? form.holes : null, source: form.source }
}
