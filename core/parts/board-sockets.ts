// The sockets of a board that its data states without a figure: processor, memory, sticks, cards, the
// rear edge, the front-panel block.
import { JOINED_HEIGHT } from '../connectors/leads'
import { feeds, FURTHER_KEY, furtherOf, TWIN_KEY, twinOf } from '../connectors/connectors'
import { readFigure } from '../figures/units'
import { frame, type Vec3 } from '../geometry/space'
import { BOARD_THICKNESS, FORM } from '../standards/boards'
import { CARD_HEIGHT, cardsFor, paceOf, slotLine, STICK_LANES } from '../standards/cards'
import { jobName, jobOf } from '../standards/panel'
import type { Board, CardSlot, MemorySlot } from './board-schema'
import { written } from './ask'
import { end, type End } from './end'
import { outerEnds } from './outer'

/** All of them. */
export const socketEnds = (p: Board): readonly End[] => [
  ...processorEnds(p),
  ...coprocessorEnds(p),
  ...memoryEnds(p),
  ...m2Ends(p),
  ...slotEnds(p),
]

type Place = readonly [number, number]
export const on = ([x, y]: Place): Vec3 => [x, y, 0]
/** Where an end lies and what is seated there, where its place is known. */
const placed = (place: Place | undefined, axes?: string): Pick<End, 'at' | 'seat'> =>
  place ? { at: on(place), seat: frame(on(place), axes) } : { at: null, seat: null }

/** What is seated on the back looks toward the tray. */
const onBack = (place: Place | undefined, axes: string): Pick<End, 'at' | 'seat'> =>
  place
    ? { at: null, seat: frame([...place, -BOARD_THICKNESS.mm], axes.replace('+z', '-z')) }
    : { at: null, seat: null }

/** The ends by which a board, or its processor, is fed: a twin and the rest of a socket among them. */
export const inletsOf = ({ headers }: Board, what: 'board' | 'processor'): readonly string[] =>
  (headers ?? [])
    .filter(h => feeds(h.face) === what)
    .flatMap(({ key, face }) => [
      key,
      ...(twinOf(face) === null ? [] : [key + TWIN_KEY]),
      ...(furtherOf(face) === null ? [] : [key + FURTHER_KEY]),
    ])

/** The socket of the processor, and what holds its cooler around it. */
function processorEnds({ processor }: Board): readonly End[] {
  const socket = written(processor.socket)
  if (socket === null) return []
  const about = {
    sex: 'socket',
    ...placed(processor.at),
    traits: { socket: [socket] },
    need: 'must',
  } as const
  return [
    end({ ...about, key: 'processor', face: 'processor-socket', label: socket }),
    end({ ...about, key: 'cooler', face: 'cooler-mount', label: `${socket} mount` }),
  ]
}

/** The second socket of an old board: a machine runs without anything in it. */
function coprocessorEnds({ coprocessor }: Board): readonly End[] {
  if (!coprocessor) return []
  const { socket, at } = coprocessor
  const label = `coprocessor socket ${socket}`
  return [
    end({
      ...{ key: 'coprocessor', face: 'coprocessor-socket', sex: 'socket', label },
      ...placed(at),
      traits: { socket: [socket] },
    }),
  ]
}

function memoryEnds(p: Board): readonly End[] {
  const usual = written(p.memory.type)
  return (p.memory.slots ?? []).flatMap((slot, index) => {
    const type = slot.type ?? usual
    if (type === null) return []
    return end({
      from: { list: 'memory.slots', index },
      key: `memory-${slot.label}`,
      face: 'memory-slot',
      sex: 'socket',
      label: slot.label,
      ...placed(slot.at, slot.along === 'y' ? '+y +x +z' : '+x +y +z'),
      traits: { type: [type] },
      rank: slotRank(p, slot),
      joinedHeight: JOINED_HEIGHT.module,
      need: 'must',
      among: { group: 'memory slots', how: 'any-of' },
    })
  })
}

const m2Ends = (p: Board): readonly End[] =>
  (p.m2 ?? []).map((slot, index) =>
    end({
      from: { list: 'm2', index },
      key: slot.key,
      face: 'm2-slot',
      sex: 'socket',
      label: slot.label,
      ...(slot.back === true ? onBack(slot.at, slot.axes) : placed(slot.at, slot.axes)),
      rank: slot.rank,
      pace: slot.protocols.includes('NVMe')
        ? paceOf(slot.lanes ?? STICK_LANES, slot.generation ?? null)
        : null,
      assumed: slot.assumed === true,
      traits: { key: slot.keys, length: slot.lengths, protocol: slot.protocols },
      joinedHeight: JOINED_HEIGHT.module,
      shuts: slot.shuts.map(shutOf),
    }),
  )

const slotEnds = (p: Board): readonly End[] =>
  (p.slots ?? []).map((slot, index) =>
    end({
      from: { list: 'slots', index },
      key: slot.key,
      face: 'slot',
      sex: 'socket',
      label: slot.label,
      ...placed(slotAt(p, slot)),
      rank: slot.row,
      assumed: slot.assumed === true,
      role: slot.graphics ? 'graphics' : 'other',
      traits: { size: cardsFor(slot.size, slot.open), ...(slot.keyed && { volts: slot.keyed }) },
      joinedHeight: CARD_HEIGHT.low,
      shuts: slot.shuts.map(shutOf),
    }),
  )

/** Named choice: where leads come to the rear edge, along it and up, mm. */
const REAR: Vec3 = [0, 20, 10]
export const rearEnds = (p: Board): readonly End[] => outerEnds(p.rear ?? [], REAR)

/** Where a slot's centre line meets the rear edge: as stated, else by its row. */
const slotAt = (p: Board, slot: CardSlot): readonly [number, number] =>
  slot.at ?? [0, slotLine(slot.row, lineOf(p))]

/** What its slots are counted from: boards with a keyboard's hole have their last one at the edge. */
function lineOf({ form, edge, slots }: Board): Parameters<typeof slotLine>[1] {
  if (!form || FORM[form].rear === 'aperture') return { edge: null, last: null }
  const stated = readFigure(edge, 'mm')?.value
  return { edge: stated ?? FORM[form].edge, last: Math.max(...(slots ?? []).map(s => s.row)) }
}

const shutOf = ({ keys, protocol }: CardSlot['shuts'][number]): End['shuts'][number] => ({
  keys,
  when: protocol === undefined ? null : ['protocol', protocol],
})

/**
 * How early a memory slot is filled: by the first row of the board's table that names it, else as
 * the slot says; where there are banks, one after the other.
 */
function slotRank(p: Board, slot: MemorySlot): number {
  const many = p.memory.slots?.length ?? 0
  const bank = p.memory.banks?.findIndex(slots => slots.includes(slot.label)) ?? -1
  if (bank >= 0 && p.memory.table.length === 0) return bank * many
  const rows = [...p.memory.table].sort((a, b) => a.modules - b.modules)
  const first = rows.findIndex(row => row.slots.includes(slot.label))
  return first < 0
    ? slot.rank + rows.length * many
    : first * many + (rows[first]?.slots.indexOf(slot.label) ?? 0) + 1
}

/**
 * What a front-panel block offers: one end a job, however many pins it has; or the whole block to
 * one plug, and then nothing else.
 */
export function panelEnds(p: Board): End[] {
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
      label: jobName(job),
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
