// Each board with the memory kits on it, and the processor that drives them.
import { capital } from '../../figures/format'
import type { Joint } from '../../joining/joint'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import { memory as memoryKind, type Memory } from '../../parts/memory'
import type { Processor } from '../../parts/processor'
import { type Joined, joinedBy, socketIn } from '../../plan/situation'
import type { Asked } from '../finding'

export interface OnBoard {
  readonly board: ItemOf<Board>
  readonly processor: ItemOf<Processor> | null
  /** One for each module. */
  readonly joints: readonly Joint[]
  readonly kits: readonly ItemOf<Memory>[]
}

export const onBoard = (s: Joined): readonly OnBoard[] => {
  const met = joinedBy(s, 'memory-slot', 'memory', 'board')
  const boards = [...new Map(met.map(m => [m.socket.id, m.socket])).values()]
  const seated = joinedBy(s, 'processor-socket', 'processor', 'board')
  return boards.map(board => {
    const own = met.filter(m => m.socket.id === board.id)
    return {
      board,
      processor: seated.find(p => p.socket.id === board.id)?.plug ?? null,
      joints: own.map(m => m.joint),
      kits: [...new Map(own.map(m => [m.plug.id, m.plug])).values()],
    }
  })
}

export const about = ({ board, kits }: OnBoard): readonly string[] => [
  ...kits.map(k => k.id),
  board.id,
]

/** The joints of one kit’s modules. */
export const jointsOfKit = ({ joints }: OnBoard, kit: ItemOf<Memory>): readonly string[] =>
  joints.filter(j => j.items[0] === kit.id).map(j => j.id)

/** A figure of a kit that nobody stated, as the question that it leaves. */
export function figureAsked(kit: ItemOf<Memory>, path: 'each' | 'speed'): Asked {
  const { label, about: asks } = memoryKind.leaf(kit, path)
  return { item: kit.id, path, question: `${capital(label)}: not stated`, take: asks?.take ?? '' }
}

/** The label of the slot that a module sits in. */
export const slotOf = ({ board }: OnBoard, joint: Joint): string =>
  socketIn(joint, 'memory.slots', board.part.memory.slots)?.label ?? ''
