// The board: what can be joined to it, and where.
import { amount, words } from './facets'
import { JOINED_HEIGHT } from '../connectors/leads'
import { isPower, type PlugFace, connector, feeds, isData } from '../connectors/connectors'
import { of, times } from '../figures/quantity'
import { assume } from '../figures/units'
import { frame, type Vec3 } from '../geometry/space'
import { BOARD_THICKNESS, FORM, type HoleName } from '../standards/boards'
import { CARD_HEIGHT, cardsFor, FIRST_SLOT, SLOT_PITCH } from '../standards/cards'
import { DRAW } from '../standards/draws'
import { jobOf } from '../standards/panel'
import { SOURCE } from '../standards/sources'
import { boardSchema, type Board } from './board-schema'
import { defineKind, type Draw, type ItemOf, type Kind } from './kind'
import { end, ownPlug, type End } from './end'
import { portsOf } from './standard-limits'

const on = ([x, y]: readonly [number, number]): Vec3 => [x, y, 0]

export const board: Kind<'board', typeof boardSchema> = defineKind({
  kind: 'board',
  title: 'Board',
  schema: boardSchema,
  facets: [
    words('form', 'form'),
    words('processor.socket', 'socket'),
    words('memory.type', 'memory'),
    amount('memory.most', 'largest memory'),
  ],
  filmed: true,

  ends: item => boardEnds(item),

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
      return {
        rail: name,
        rest: times(full, restShare),
        work: full,
        worst: full,
        through: ['main'],
      }
    }
    return [
      rail('power.W12', DRAW.board.W12, '12'),
      rail('power.W5', DRAW.board.W5, '5'),
      rail('power.W3', DRAW.board.W3, '3.3'),
    ]
  },

  inlets(item, key) {
    const of = (what: 'board' | 'processor'): readonly string[] =>
      item.part.headers.filter(h => feeds(h.face) === what).map(h => h.key)
    const own = key === 'processor' ? of('processor') : []
    // An old processor has no plug of its own: it is fed by the board's.
    return own.length > 0 ? own : of('board')
  },
})

const boardEnds = (item: ItemOf<Board>): readonly End[] => [
  ...mountEnds(item),
  ...processorEnds(item.part),
  ...memoryEnds(item.part),
  ...m2Ends(item.part),
  ...slotEnds(item.part),
  ...item.part.headers.map((h, i) => headerEnd(item, h, i)),
  ...panelEnds(item.part),
  ...rearEnds(item.part),
]

const mountEnds = (item: ItemOf<Board>): readonly End[] => [
  end({
    key: 'mount',
    face: 'tray',
    sex: 'plug',
    label: 'mounting holes',
    traits: { form: [item.part.form] },
    count: holesOf(item).holes?.length ?? 1,
    need: 'must',
  }),
  ...(item.part.shield === 'loose'
    ? [end({ key: 'shield', face: 'aperture', sex: 'plug', label: 'shield', need: 'should' })]
    : []),
]

/** The socket of the processor, and what holds its cooler around it. */
function processorEnds({ processor }: Board): readonly End[] {
  const about = {
    sex: 'socket',
    at: on(processor.at),
    seat: frame(on(processor.at)),
    traits: { socket: [processor.socket] },
    need: 'must',
  } as const
  return [
    end({ ...about, key: 'processor', face: 'processor-socket', label: processor.socket }),
    end({ ...about, key: 'cooler', face: 'cooler-mount', label: `${processor.socket} mount` }),
  ]
}

const memoryEnds = (p: Board): readonly End[] =>
  p.memory.slots.map((slot, index) =>
    end({
      from: { list: 'memory.slots', index },
      key: `memory-${slot.label}`,
      face: 'memory-slot',
      sex: 'socket',
      label: slot.label,
      at: on(slot.at),
      traits: { type: [p.memory.type] },
      rank: slotRank(p, slot),
      joinedHeight: JOINED_HEIGHT.module,
      seat: frame(on(slot.at), slot.along === 'y' ? '+y +x +z' : '+x +y +z'),
      need: 'must',
      among: { group: 'memory slots', how: 'any-of' },
    }),
  )

const m2Ends = (p: Board): readonly End[] =>
  p.m2.map((slot, index) =>
    end({
      from: { list: 'm2', index },
      key: slot.key,
      face: 'm2-slot',
      sex: 'socket',
      label: slot.label,
      at: on(slot.at),
      seat: frame(on(slot.at), slot.axes),
      rank: slot.rank,
      traits: { key: slot.keys, length: slot.lengths, protocol: slot.protocols },
      joinedHeight: JOINED_HEIGHT.module,
      shuts: slot.shuts.map(shutOf),
    }),
  )

const slotEnds = (p: Board): readonly End[] =>
  p.slots.map((slot, index) =>
    end({
      from: { list: 'slots', index },
      key: slot.key,
      face: 'slot',
      sex: 'socket',
      label: slot.label,
      at: on(slotAt(slot)),
      seat: frame(on(slotAt(slot))),
      rank: slot.row,
      role: slot.graphics ? 'graphics' : 'other',
      traits: { size: cardsFor(slot.size, slot.open) },
      joinedHeight: CARD_HEIGHT.low,
      shuts: slot.shuts.map(shutOf),
    }),
  )

/** Named choice: where leads come to the rear edge, along it and up, mm. */
const REAR: Vec3 = [0, 20, 10]
const rearEnds = (p: Board): readonly End[] =>
  (p.rear ?? []).map((socket, i) =>
    end({
      key: socket.key,
      from: { list: 'rear', index: i },
      face: socket.face,
      sex: 'socket',
      label: socket.label,
      at: REAR,
      rank: i,
    }),
  )

type Slot = Board['slots'][number]

/** Where a slot's centre line meets the rear edge: as stated, else by its row. */
export const slotAt = (slot: Slot): readonly [number, number] =>
  slot.at ?? [0, FIRST_SLOT.y + (slot.row - 1) * SLOT_PITCH.mm]

const shutOf = ({ keys, protocol }: Slot['shuts'][number]): End['shuts'][number] => ({
  keys,
  when: protocol === undefined ? null : ['protocol', protocol],
})

/**
 * How early a memory slot is filled: by the first row of the board's table that names it, else as
 * the slot says.
 */
function slotRank(p: Board, slot: Board['memory']['slots'][number]): number {
  const rows = [...p.memory.table].sort((a, b) => a.modules - b.modules)
  const first = rows.findIndex(row => row.slots.includes(slot.label))
  return first < 0
    ? slot.rank + rows.length * p.memory.slots.length
    : first * p.memory.slots.length + (rows[first]?.slots.indexOf(slot.label) ?? 0) + 1
}

function headerEnd(item: ItemOf<Board>, h: Board['headers'][number], i: number): End {
  return end({
    key: h.key,
    from: { list: 'headers', index: i },
    face: h.face,
    sex: 'socket',
    label: h.label,
    at: h.at ? on(h.at) : null,
    joinedHeight: h.points === 'side' ? 0 : JOINED_HEIGHT.plug,
    role: h.role ?? null,
    traits: isData(h.face) ? { side: ['board'] } : ownPlug(h.own),
    rank: h.rank ?? i,
    need: h.need ?? (isPower(h.face) ? 'must' : 'may'),
    gives: headerGives(item, h.face, i),
  })
}

/** What a header gives: as its board states it, else as its connector does. */
function headerGives(item: ItemOf<Board>, face: PlugFace, i: number): End['gives'] {
  const value = connector(face).limit?.A
  if (value === undefined || isPower(face)) return portsOf(face)
  return { amps: of(board.leaf(item, `headers.${i}.amps`, { value, basis: 'standard', tol: 0 })) }
}

/**
 * What a front-panel block offers: one end a job, however many pins it has; or the whole block to
 * one plug, and then nothing else.
 */
function panelEnds(p: Board): End[] {
  if (!p.panel) return []
  const jobs = [...new Set(p.panel.pins.flatMap(pin => jobOf(pin.does) ?? []))].sort()
  const about = {
    sex: 'socket',
    at: on(p.panel.at),
    joinedHeight: JOINED_HEIGHT.plug,
  } as const satisfies Partial<End>
  const loose = jobs.map(job =>
    end({
      ...about,
      key: `panel-${job}`,
      face: 'panel-lead',
      label: job.replace('-', ' '),
      traits: { job: [job] },
    }),
  )
  return [
    ...loose,
    end({
      ...about,
      key: 'panel-block',
      face: 'panel-block',
      label: 'front-panel block',
      shuts: [{ keys: loose.map(e => e.key), when: null }],
    }),
  ]
}

/**
 * The board’s mounting holes: its own list, else its form’s; null where neither says. A smaller
 * board than its form without a list is not known.
 */
export function holesOf(item: ItemOf<Board>): {
  readonly holes: readonly HoleName[] | null
  readonly source: string
} {
  const { part } = item
  if (part.holes) return { holes: part.holes, source: SOURCE.maker }
  const form = FORM[part.form]
  const full = (path: 'edge' | 'depth'): boolean => {
    const value = board.leaf(item, path).figure?.value
    return value === undefined || value >= form[path] - 1
  }
  return { holes: full('edge') && full('depth') ? form.holes : null, source: form.source }
}
