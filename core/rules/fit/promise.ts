// What board and processor promise of the memory's speed for a number of modules.
import { board as boardKind } from '../../parts/board'
import { processor as processorKind } from '../../parts/processor'
import type { Leaf } from '../../figures/quantity'
import type { OnBoard } from './kits'

/** A speed that somebody promises, and who. */
export interface Promised {
  readonly item: string
  readonly name: string
  readonly speed: Leaf
}

interface Row {
  readonly modules: number
}

/** The row for so many modules; else the nearest for more: what holds for four holds for three. */
export function rowFor(rows: readonly Row[], modules: number): number {
  const most = rows
    .filter(r => r.modules >= modules)
    .reduce((least, r) => Math.min(least, r.modules), Infinity)
  return rows.findIndex(r => r.modules === most)
}

/** The promises that are stated, of the board and of the processor. */
export function promisesOf({ board, processor, joints }: OnBoard): readonly Promised[] {
  const inTable = rowFor(board.part.memory.table, joints.length)
  const inSheet = rowFor(processor?.part.speeds ?? [], joints.length)
  return [
    ...(inTable < 0
      ? []
      : [{ ...called(board), speed: boardKind.leaf(board, `memory.table.${inTable}.speed`) }]),
    ...(!processor || inSheet < 0
      ? []
      : [
          { ...called(processor), speed: processorKind.leaf(processor, `speeds.${inSheet}.speed`) },
        ]),
  ].filter(p => p.speed.figure !== null)
}

const called = ({ id, name }: { readonly id: string; readonly name: string }) => ({
  item: id,
  name,
})

/** The slowest of the promises: it binds. */
export const bindingOf = (promises: readonly Promised[]): Promised | undefined =>
  [...promises].sort((a, b) => speedOf(a) - speedOf(b))[0]
const speedOf = ({ speed }: Promised): number => speed.figure?.value ?? Infinity
