// Memory: under the cooler's fan, in the slots of the board's table, at the speed and size that the
// board promises.
import { at } from '../../collections/at'
import { groupBy } from '../../collections/groups'
import { measured, plain } from '../finding'
import { place, type Frame } from '../../geometry/space'
import type { Joint } from '../../joining/joint'
import type { Board } from '../../parts/board-schema'
import { board as boardKind } from '../../parts/board'
import { cooler as coolerKind, type Cooler } from '../../parts/cooler'
import type { ItemOf } from '../../parts/kind'
import { memory as memoryKind, type Memory } from '../../parts/memory'
import { of, times, plus } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED, SEATED, type Joined, type Seated, joinedBy, socketIn } from '../../plan/situation'
import { DIMM } from '../../standards/modules'
import { SOURCE } from '../../standards/sources'

interface Under {
  readonly joint: string
  readonly memory: ItemOf<Memory>
  readonly cooler: ItemOf<Cooler>
  readonly board: ItemOf<Board>
  readonly slots: readonly string[]
  readonly at: number
  readonly frame: Frame | null
}

/** Kits with modules that the cooler may reach over: those whose slots lie within its reach. */
const under = (s: Seated): readonly Under[] =>
  joinedBy(s, 'cooler-mount', 'cooler', 'board').flatMap(({ plug: cooler, socket: board }) => {
    const reach = coolerKind.leaf(cooler, 'over').figure
    if (!reach) return []
    const front = board.part.processor.at[0] + reach.value + reach.tol
    const modules = joinedBy(s, 'memory-slot', 'memory', 'board')
      .filter(m => m.socket.id === board.id)
      .flatMap(({ joint, plug: memory }) => {
        const slot = socketIn(joint, 'memory.slots', board.part.memory.slots)
        const isUnder = slot !== undefined && slot.at[0] - DIMM.thickness / 2 <= front
        return isUnder ? [{ joint: joint.id, memory, slot }] : []
      })
    return [...groupBy(modules, m => m.memory.id).values()].map(kit => {
      const { joint, memory, slot } = at(kit, 0)
      return {
        joint,
        memory,
        slots: kit.map(m => m.slot.label),
        at: slot.at[0],
        cooler,
        board,
        frame: s.frames.get(board.id) ?? null,
      }
    })
  })

export const coolerOverMemory = rule({
  id: 'fit/cooler-over-memory',
  stage: 'fit',
  asks: 'Do the memory modules stand clear of the cooler above them?',
  source: SOURCE.maker,
  needs: SEATED,
  inputs: under,
  judge({ joint, memory, cooler, board, slots, at, frame }) {
    const height = memoryKind.leaf(memory, 'height', {
      value: DIMM.bareHeight,
      basis: 'standard',
      tol: 0.25,
    })
    const room = coolerKind.leaf(cooler, 'memoryRoom')
    const y = board.part.processor.at[1]
    return [
      measured({
        rule: 'fit/cooler-over-memory',
        stage: 'fit',
        about: [memory.id, cooler.id],
        joints: [joint],
        source: SOURCE.jedec,
        sentence: `${memory.name} in ${slots.join(', ')} under the fan of the ${cooler.name}`,
        wayOut: 'Move the fan up or to the rear, or lower modules.',
        need: of(height),
        have: of(room),
        where: frame &&
          room.figure &&
          height.figure && {
            from: place(frame, [at, y, height.figure.value]),
            to: place(frame, [at, y, room.figure.value]),
          },
      }),
    ]
  },
})

interface OnBoard {
  readonly board: ItemOf<Board>
  readonly joints: readonly Joint[]
  readonly kits: readonly ItemOf<Memory>[]
}
const onBoard = (s: Joined): readonly OnBoard[] => {
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
const about = ({ board, kits }: OnBoard): readonly string[] => [...kits.map(k => k.id), board.id]

export const memoryTable = rule({
  id: 'fit/memory-table',
  stage: 'fit',
  asks: 'Do the modules sit in the slots that the board’s table names for their number?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const row = on.board.part.memory.table.find(t => t.modules === on.joints.length)
    const { slots } = on.board.part.memory
    const used = on.joints.flatMap(j => socketIn(j, 'memory.slots', slots)?.label ?? []).sort()
    const said = {
      rule: 'fit/memory-table',
      stage: 'fit',
      about: about(on),
      joints: on.joints.map(j => j.id),
    } as const
    if (!row)
      return on.board.part.memory.table.length === 0
        ? []
        : [
            plain(
              {
                ...said,
                sentence: `The table of the ${on.board.name} has no row for ${on.joints.length} modules`,
                wayOut: 'Read its manual: another number of modules may be asked for.',
              },
              'watch',
            ),
          ]
    const because = [
      {
        fact: `${row.modules} modules`,
        value: row.slots.join(' '),
        basis: 'spec',
        source: SOURCE.maker,
      },
    ] as const
    return used.join() === [...row.slots].sort().join()
      ? [
          plain(
            {
              ...said,
              because,
              sentence: `Modules in ${used.join(' and ')} of the ${on.board.name}, as its table has it`,
            },
            'clear',
          ),
        ]
      : [
          plain(
            {
              ...said,
              because,
              sentence: `Modules in ${used.join(', ')} of the ${on.board.name}; its table says ${row.slots.join(', ')}`,
              wayOut: `Move them to ${row.slots.join(', ')}.`,
            },
            'watch',
          ),
        ]
  },
})

export const memorySpeed = rule({
  id: 'fit/memory-speed',
  stage: 'fit',
  asks: 'Does the board promise the memory’s speed for that number of modules?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const n = on.board.part.memory.table.findIndex(t => t.modules === on.joints.length)
    const have = n < 0 ? null : boardKind.leaf(on.board, `memory.table.${n}.speed`)
    if (!have?.figure) return []
    return on.kits.map(kit =>
      measured({
        rule: 'fit/memory-speed',
        stage: 'fit',
        about: [kit.id, on.board.id],
        joints: on.joints.filter(j => j.items[0] === kit.id).map(j => j.id),
        failing: 'watch',
        source: SOURCE.maker,
        sentence: `Rated speed of the ${kit.name} on the ${on.board.name} with ${on.joints.length} modules`,
        wayOut: 'It runs at the board’s speed, or beyond its promise: declare and test that.',
        need: of(memoryKind.leaf(kit, 'speed')),
        have: of(have),
      }),
    )
  },
})

export const memorySize = rule({
  id: 'fit/memory-size',
  stage: 'fit',
  asks: 'Does the board take that much memory?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: onBoard,
  judge(on) {
    const have = boardKind.leaf(on.board, 'memory.most')
    if (!have.figure) return []
    const need = plus(
      { unit: 'GB', terms: [] },
      ...on.kits.map(kit =>
        times(
          of(memoryKind.leaf(kit, 'each')),
          on.joints.filter(j => j.items[0] === kit.id).length,
        ),
      ),
    )
    return [
      measured({
        rule: 'fit/memory-size',
        stage: 'fit',
        about: about(on),
        joints: on.joints.map(j => j.id),
        source: SOURCE.maker,
        sentence: `Memory of the ${on.board.name} altogether`,
        wayOut: 'Smaller modules, or fewer.',
        need,
        have: of(have),
      }),
    ]
  },
})
