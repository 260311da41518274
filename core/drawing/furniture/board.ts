// What stands on a board, to scale and where it stands: processor socket, memory slots, card slots, M.2
// places, headers with their contacts, front-panel block, holes. In the board's own frame: x from its
// rear edge, y from its upper edge, z from its surface.
import { connector } from '../../connectors/connectors'
import type { Look } from '../../connectors/look'
import { place, type Frame, type Vec3 } from '../../geometry/space'
import type { Board } from '../../parts/board-schema'
import { box, disc, type Detail } from '../details'

/** How large what stands on boards is, mm: as such sockets are made. */
const SOCKET = { processor: 45, slotHigh: 11, headerHigh: 9 } as const
const MEMORY_SLOT = { long: 142, wide: 6 } as const
const CARD_SLOT = { from: 50, wide: 7.5 } as const
const SLOT_LONG: Readonly<Record<string, number>> = {
  x16: 89,
  x8: 56,
  x4: 39,
  x1: 25,
  AGP: 75,
  PCI: 85,
  ISA: 138,
}
const SLOT_USUAL = 85
const STICK = { wide: 22, long: 80 } as const
/** So near to an edge a header lies along it. */
const AT_EDGE = 24

/** One thing that stands on the board, with the end that it is, where it is one. */
export interface OnBoard {
  readonly key: string
  readonly label: string
  /** Where its label points to, in the case. */
  readonly at: Vec3
  readonly details: readonly Detail[]
}

type Size = readonly [deep: number, tall: number]

/** A board in its place in the case: how large it is, and on which line each of its slots lies. */
export interface BoardThere {
  readonly frame: Frame
  readonly size: Size
  readonly slotLines: ReadonlyMap<string, number>
}

/** What stands on a board in its place in the case. */
export function boardFurniture(board: Board, there: BoardThere): readonly OnBoard[] {
  const { frame, size } = there
  const at = (p: Vec3): Vec3 => place(frame, p)
  const thing = (
    key: string,
    label: string,
    middle: Vec3,
    details: readonly Detail[],
  ): OnBoard => ({
    ...{ key, label, at: at(middle) },
    details: details.map(d => placed(d, frame)),
  })
  return [
    ...processorSocket(board, thing),
    ...memorySlots(board, thing),
    ...sticks(board, thing),
    ...slots(board, there, thing),
    ...headers(board, size, thing),
    ...panelBlock(board, size, thing),
  ]
}

type Thing = (key: string, label: string, middle: Vec3, details: readonly Detail[]) => OnBoard

function processorSocket({ processor }: Board, thing: Thing): readonly OnBoard[] {
  if (!processor.at) return []
  const [x, y] = processor.at
  const half = SOCKET.processor / 2
  const inner = half * 0.72
  return [
    thing(
      'processor',
      processor.socket ?? 'processor',
      [x, y, 0],
      [
        box('socket', [x - half, y - half, 0], [x + half, y + half, 4]),
        box('part', [x - inner, y - inner, 0], [x + inner, y + inner, 4]),
      ],
    ),
  ]
}

function memorySlots({ memory }: Board, thing: Thing): readonly OnBoard[] {
  return (memory.slots ?? []).flatMap((slot): OnBoard[] => {
    if (!slot.at) return []
    const [x, y] = slot.at
    const isAlongX = slot.along === 'x'
    const [w, h] = isAlongX
      ? [MEMORY_SLOT.long, MEMORY_SLOT.wide]
      : [MEMORY_SLOT.wide, MEMORY_SLOT.long]
    const latch = (end: 1 | -1): Detail =>
      isAlongX
        ? box('dark', [x + (end * w) / 2, y - h / 2, 0], [x + end * (w / 2 - 6), y + h / 2, 9])
        : box('dark', [x - w / 2, y + (end * h) / 2, 0], [x + w / 2, y + end * (h / 2 - 6), 9])
    return [
      thing(
        `memory-${slot.label}`,
        slot.label,
        [x, y, 0],
        [box('socket', [x - w / 2, y - h / 2, 0], [x + w / 2, y + h / 2, 7]), latch(1), latch(-1)],
      ),
    ]
  })
}

/** The slots for cards, each on the line of its card's back. */
function slots(board: Board, { slotLines }: BoardThere, thing: Thing): readonly OnBoard[] {
  return (board.slots ?? []).flatMap((slot): OnBoard[] => {
    const y = slotLines.get(slot.key)
    if (y === undefined) return []
    const { from, wide } = CARD_SLOT
    const to = from + (SLOT_LONG[slot.size ?? ''] ?? SLOT_USUAL)
    const high = SOCKET.slotHigh
    return [
      thing(
        slot.key,
        slot.label,
        [(from + to) / 2, y, high],
        [
          box('socket', [from, y - wide / 2, 0], [to, y + wide / 2, high]),
          box('dark', [from + 2, y - 0.8, 0], [to - 2, y + 0.8, high]),
        ],
      ),
    ]
  })
}

function sticks({ m2 }: Board, thing: Thing): readonly OnBoard[] {
  return (m2 ?? []).flatMap((socket): OnBoard[] => {
    if (!socket.at || socket.back === true) return []
    const [x, y] = socket.at
    const half = STICK.wide / 2
    return [
      thing(
        socket.key,
        socket.label,
        [x, y, 0],
        [
          box('socket', [x - 5, y - half, 0], [x + 1, y + half, 4]),
          disc('part', [x + STICK.long, y, 0], 2, 2),
        ],
      ),
    ]
  })
}

function headers(board: Board, size: Size, thing: Thing): readonly OnBoard[] {
  return (board.headers ?? []).flatMap((h): OnBoard[] => {
    if (!h.at) return []
    const look = connector(h.face).look
    return [thing(h.key, h.label, [...h.at, 0], standing(look, h.at, turnsAt(size, h.at)))]
  })
}

function panelBlock({ panel }: Board, size: Size, thing: Thing): readonly OnBoard[] {
  if (!panel?.at) return []
  const { look } = connector('panel-block')
  return [
    thing(
      'panel',
      'front panel',
      [...panel.at, 0],
      standing(look, panel.at, turnsAt(size, panel.at)),
    ),
  ]
}

/** Whether a header runs down the board: at its front edge, away from the corners’ rows. */
const turnsAt = ([deep, tall]: Size, [x, y]: readonly [number, number]): boolean =>
  deep - x < AT_EDGE && Math.min(y, tall - y) > AT_EDGE / 2

/** A connector as it stands on the board, its contacts seen from above. */
function standing(
  { size: [w, h], strokes }: Look,
  [x, y]: readonly [number, number],
  isTurned: boolean,
): readonly Detail[] {
  const on = (a: number, b: number, z: number): Vec3 =>
    isTurned ? [x + b - h / 2, y + a - w / 2, z] : [x + a - w / 2, y + b - h / 2, z]
  const high = SOCKET.headerHigh
  return [
    box('socket', on(0, 0, 0), on(w, h, high)),
    ...strokes.flatMap((s): Detail[] =>
      s.of === 'box' && s.tone === 'contact'
        ? [box('contact', on(s.x, s.y, high), on(s.x + s.w, s.y + s.h, high))]
        : [],
    ),
  ]
}

function placed(d: Detail, frame: Frame): Detail {
  if (d.of === 'box') return box(d.tone, place(frame, d.box.min), place(frame, d.box.max))
  if (d.of === 'disc') return { ...d, at: place(frame, d.at), axis: turned(d.axis, frame) }
  return { ...d, points: d.points.map(p => place(frame, p)) }
}
/** Along which axis of the case one of the frame runs. */
const turned = (axis: 0 | 1 | 2, { axes }: Frame): 0 | 1 | 2 =>
  ([0, 1, 2] as const).find(a => axes[axis][a] !== 0) ?? axis
