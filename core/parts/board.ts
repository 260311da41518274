// The board: what can be joined to it, and where.
import { amount, words } from './facets'
import { PLACES } from '../case/layout'
import { JOINED_HEIGHT, plugHeight } from '../connectors/leads'
import {
  feeds,
  FURTHER_KEY,
  furtherOf,
  isData,
  isPower,
  TWIN_KEY,
  twinOf,
  type PlugFace,
} from '../connectors/connectors'
import { of, times } from '../figures/quantity'
import { readFigure, usual } from '../figures/units'
import { frame, type Vec3 } from '../geometry/space'
import {
  BOARD_THICKNESS,
  FORM,
  standardHole,
  formsBySize,
  type BoardForm,
  type HolePlace,
} from '../standards/boards'
import { CARD_HEIGHT, cardsFor, paceOf, slotLine, STICK_LANES } from '../standards/cards'
import { DRAW } from '../standards/draws'
import { jobOf } from '../standards/panel'
import { SOURCE } from '../standards/sources'
import {
  boardSchema,
  type Board,
  type CardSlot,
  type Header,
  type MemorySlot,
} from './board-schema'
import { BY_CONVERTER, defineKind, type Draw, type ItemOf, type Kind } from './kind'
import { isOpen, written } from './ask'
import { boardAsks } from './board-asks'
import { end, ownPlug, type End } from './end'
import { outerEnds } from './outer'
import { onlyRail, portsOf } from './standard-limits'

/** Whether where things lie on it was made up. */
const isMadeUp = ({ assumed }: Board): boolean => assumed?.includes(PLACES) === true

type Place = readonly [number, number]
const on = ([x, y]: Place): Vec3 => [x, y, 0]
/** Where an end lies and what is seated there, where its place is known. */
const placed = (place: Place | undefined, axes?: string): Pick<End, 'at' | 'seat'> =>
  place ? { at: on(place), seat: frame(on(place), axes) } : { at: null, seat: null }

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

  asks: boardAsks,

  body(item) {
    const form = item.part.form ? FORM[item.part.form] : null
    const edge = board.leaf(item, 'edge').figure?.value ?? form?.edge
    const depth = board.leaf(item, 'depth').figure?.value ?? form?.depth
    if (edge === undefined || depth === undefined) return null
    return { min: [0, 0, -BOARD_THICKNESS.mm], max: [depth, edge, 0] }
  },

  draws(item) {
    const rail = (path: string, watts: number, name: '12' | '5' | '3.3'): Draw => {
      const full = of(board.leaf(item, path, usual(watts, 'W')))
      const restShare = DRAW.board.rest / (DRAW.board.W12 + DRAW.board.W5 + DRAW.board.W3)
      return {
        rail: name,
        rest: times(full, restShare),
        work: full,
        worst: full,
        through: inletsOf(item.part, 'board'),
      }
    }
    const { W12, W5, W3 } = DRAW.board
    // Twin power brings no 3.3 V: what such a board needs of it, it makes of 5 V by itself.
    const isTwin = item.part.headers?.some(h => twinOf(h.face) !== null) === true
    return [
      rail('power.W12', W12, '12'),
      rail('power.W5', isTwin ? W5 + W3 : W5, '5'),
      ...(isTwin ? [] : [rail('power.W3', W3, '3.3')]),
    ]
  },

  inlets(item, key) {
    const own = key === 'processor' ? inletsOf(item.part, 'processor') : []
    // An old processor has no plug of its own: it is fed by the board's.
    return own.length > 0 ? own : inletsOf(item.part, 'board')
  },

  // A board that has no plug for its processor feeds it from 5 V, as it is.
  core: ({ part }) =>
    isOpen(part, 'headers', part.headers) || part.headers?.some(h => feeds(h.face) === 'processor')
      ? BY_CONVERTER
      : { rail: '5', share: 1 },
})

/** The ends by which a board, or its processor, is fed: a twin and the rest of a socket among them. */
const inletsOf = ({ headers }: Board, what: 'board' | 'processor'): readonly string[] =>
  (headers ?? [])
    .filter(h => feeds(h.face) === what)
    .flatMap(({ key, face }) => [
      key,
      ...(twinOf(face) === null ? [] : [key + TWIN_KEY]),
      ...(furtherOf(face) === null ? [] : [key + FURTHER_KEY]),
    ])

const boardEnds = (item: ItemOf<Board>): readonly End[] => [
  ...mountEnds(item),
  ...processorEnds(item.part),
  ...coprocessorEnds(item.part),
  ...memoryEnds(item.part),
  ...m2Ends(item.part),
  ...slotEnds(item.part),
  ...(item.part.headers ?? []).flatMap((h, i) => headerEnds(item, h, i)),
  ...panelEnds(item.part),
  ...rearEnds(item.part),
]

const mountEnds = (item: ItemOf<Board>): readonly End[] => [
  ...(item.part.form
    ? [
        end({
          key: 'mount',
          face: 'tray',
          sex: 'plug',
          label: 'mounting holes',
          traits: { form: formsBySize(item.part.form, outlineOf(item, item.part.form)) },
          count: holesOf(item).holes?.length ?? 1,
          need: 'must',
        }),
      ]
    : []),
  ...(item.part.shield === 'loose'
    ? [end({ key: 'shield', face: 'aperture', sex: 'plug', label: 'shield', need: 'should' })]
    : []),
]

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
      ...placed(slot.at, slot.axes),
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
const rearEnds = (p: Board): readonly End[] => outerEnds(p.rear ?? [], REAR)

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
 * A header as the ends it offers: twin power is two sockets; one that a smaller plug fills in part
 * has a rest for a plug by itself.
 */
function headerEnds(item: ItemOf<Board>, h: Header, i: number): readonly End[] {
  const own = headerEnd(item, h, i)
  const [twin, rest] = [twinOf(h.face), furtherOf(h.face)]
  if (twin !== null)
    return [
      { ...own, label: `${h.label}, first half` },
      { ...own, key: h.key + TWIN_KEY, face: twin, label: `${h.label}, second half` },
    ]
  if (rest === null) return [own]
  const key = h.key + FURTHER_KEY
  const shuts: End['shuts'] = [{ keys: [key], when: ['type', h.face] }]
  return [
    { ...own, shuts },
    { ...own, key, face: rest, label: `${h.label}, its last four`, need: 'may', limits: {} },
  ]
}

function headerEnd(item: ItemOf<Board>, h: Header, i: number): End {
  return end({
    key: h.key,
    from: { list: 'headers', index: i },
    face: h.face,
    sex: 'socket',
    label: h.label,
    at: h.at ? on(h.at) : null,
    // Of a place that was made up nobody can say what lies over it.
    joinedHeight: h.points === 'side' || isMadeUp(item.part) ? 0 : plugHeight(h.face),
    role: h.role ?? null,
    traits: isData(h.face) ? { side: ['board'] } : ownPlug(h.own),
    rank: h.rank ?? i,
    need: h.need ?? (isPower(h.face) ? 'must' : 'may'),
    assumed: h.assumed === true,
    gives: headerGives(item, h, i),
    limits: headerLimits(item, h.face, i),
  })
}

/** What a header gives beside current: ports, and how many LEDs it drives where that is stated. */
const headerGives = (item: ItemOf<Board>, h: Header, i: number): End['gives'] => ({
  ...portsOf(h.face),
  ...(h.lights === undefined ? {} : { lights: of(board.leaf(item, `headers.${i}.lights`)) }),
})

/** The current that the board states for a header, A. */
function headerLimits(item: ItemOf<Board>, face: PlugFace, i: number): End['limits'] {
  const amps = board.leaf(item, `headers.${i}.amps`)
  const rail = onlyRail(face)
  return amps.figure && rail ? { [rail]: of(amps) } : {}
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

/** The size of a board's outline as stated, else its form's. */
export const outlineOf = (
  item: ItemOf<Board>,
  form: BoardForm,
): { edge: number; depth: number } => ({
  edge: board.leaf(item, 'edge').figure?.value ?? FORM[form].edge,
  depth: board.leaf(item, 'depth').figure?.value ?? FORM[form].depth,
})

/**
 * The board’s mounting holes: its own list, else its form’s, and what it has beside them; null where
 * nobody says. A board smaller than its form without a list is not known.
 */
export function holesOf(item: ItemOf<Board>): {
  readonly holes: readonly HolePlace[] | null
  readonly source: string
} {
  const { form, holes: listed, ownHoles } = item.part
  const own: readonly HolePlace[] = ownHoles ?? []
  if (listed) return { holes: [...listed.map(standardHole), ...own], source: SOURCE.maker }
  const source = form ? FORM[form].source : SOURCE.maker
  const byForm = form && isFullSize(item, form) ? FORM[form].holes : null
  if (byForm) return { holes: [...byForm.map(standardHole), ...own], source }
  return { holes: own.length > 0 ? own : null, source }
}

function isFullSize(item: ItemOf<Board>, form: BoardForm): boolean {
  const { edge, depth } = outlineOf(item, form)
  return edge >= FORM[form].edge - 1 && depth >= FORM[form].depth - 1
}
