// Each board with the memory kits on it.
import type { Joint } from '../../joining/joint'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import type { Memory } from '../../parts/memory'
import { type Joined, joinedBy } from '../../plan/situation'

interface OnBoard {
  readonly board: ItemOf<Board>
  readonly joints: readonly Joint[]
  readonly kits: readonly ItemOf<Memory>[]
}

export const onBoard = (s: Joined): readonly OnBoard[] => {
  const met = joinedBy(s, 'memory-slot', 'memory', 'board')
  const boards = [...new Map(met.map(m => [m.socket.id, m.socket])).values()]
  return boards.map(board => {
    const own = met.filter(m => m.socket.id === board.id)
    return {
      board,
      joints: own.map(m => m.joint),
      kits: [...new Map(own.map(m => [m.plug.id, m.plug])).values()],
    }
  })
}

export const about = ({ board, kits }: OnBoard): readonly string[] => [
  ...kits.map(k => k.id),
  board.id,
]
