// Does the cooler clear the modules that it reaches over?
import { at } from '../../collections/at'
import { groupBy } from '../../collections/groups'
import { measured } from '../finding'
import { place, type Frame } from '../../geometry/space'
import type { Board } from '../../parts/board-schema'
import { cooler as coolerKind } from '../../parts/cooler'
import type { Cooler } from '../../parts/cooler-schema'
import type { ItemOf } from '../../parts/kind'
import { memory as memoryKind, type Memory } from '../../parts/memory'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { SEATED, type Seated, joinedBy, socketIn } from '../../plan/situation'
import { DIMM } from '../../standards/modules'
import { SOURCE } from '../../standards/sources'

interface Under {
  readonly joint: string
  readonly memory: ItemOf<Memory>
  readonly cooler: ItemOf<Cooler>
  readonly board: ItemOf<Board>
  readonly slots: readonly string[]
  /** Where in the board’s frame the cooler lies over them. */
  readonly at: readonly [x: number, y: number]
  readonly frame: Frame | null
}

/** Kits with modules that the cooler may reach over: those whose slots lie within its reach. */
const under = (s: Seated): readonly Under[] =>
  joinedBy(s, 'cooler-mount', 'cooler', 'board').flatMap(({ plug: cooler, socket: board }) => {
    const reach = coolerKind.leaf(cooler, 'over').figure
    const middle = board.part.processor.at
    if (!reach || !middle) return []
    const front = middle[0] + reach.value + reach.tol
    const modules = joinedBy(s, 'memory-slot', 'memory', 'board')
      .filter(m => m.socket.id === board.id)
      .flatMap(({ joint, plug: memory }) => {
        const slot = socketIn(joint, 'memory.slots', board.part.memory.slots)
        const x = slot?.at?.[0]
        if (slot === undefined || x === undefined || x - DIMM.thickness / 2 > front) return []
        return [{ joint: joint.id, memory, slot, x }]
      })
    return [...groupBy(modules, m => m.memory.id).values()].map(kit => {
      const { joint, memory, x } = at(kit, 0)
      return {
        joint,
        memory,
        slots: kit.map(m => m.slot.label),
        at: [x, middle[1]],
        cooler,
        board,
        frame: s.frames.get(board.id) ?? null,
      }
    })
  })

export const coolerOverMemory = rule({
  id: 'fit/cooler-over-memory',
  stage: 'fit',
  question: 'Do the memory modules stand clear of the cooler above them?',
  source: SOURCE.maker,
  needs: SEATED,
  inputs: under,
  judge({ joint, memory, cooler, slots, at: [x, y], frame }) {
    const height = memoryKind.leaf(memory, 'height', {
      value: DIMM.bareHeight,
      basis: 'standard',
      tol: 0.25,
    })
    const room = coolerKind.leaf(cooler, 'memoryRoom')
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
            from: place(frame, [x, y, height.figure.value]),
            to: place(frame, [x, y, room.figure.value]),
          },
      }),
    ]
  },
})
