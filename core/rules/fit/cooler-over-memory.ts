// Does the cooler clear the modules that it reaches over?
import { at } from '../../collections/at'
import { groupBy } from '../../collections/groups'
import { measured, plain, type Asked } from '../finding'
import { place, type Frame } from '../../geometry/space'
import type { Board } from '../../parts/board-schema'
import { cooler as coolerKind } from '../../parts/cooler'
import type { Cooler } from '../../parts/cooler-schema'
import type { ItemOf } from '../../parts/kind'
import { memory as memoryKind, type Memory } from '../../parts/memory'
import type { Figure } from '../../figures/units'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { SEATED, type Seated, joinedBy, socketIn } from '../../plan/situation'
import { DIMM } from '../../standards/modules'
import { SOURCE } from '../../standards/sources'

interface Under {
  readonly joint: string
  readonly memory: ItemOf<Memory>
  readonly cooler: ItemOf<Cooler>
  readonly slots: readonly string[]
  /** Where in the board’s frame the cooler lies over them; a question where nobody can say. */
  readonly lies: Over | Asked
}
interface Over {
  readonly at: readonly [x: number, y: number]
  readonly frame: Frame | null
  /** Whether the reach was worked out from the cooler’s size. */
  readonly assumed: boolean
}

const ID = { rule: 'fit/cooler-over-memory', stage: 'fit' } as const

/**
 * Named choice: how far the outer face of a cooler’s fan may lie from where half of its depth ends,
 * mm.
 */
const OFF_MIDDLE = 15

/** How far a cooler reaches towards the memory: as stated, else by half of its depth. */
function reachOf(cooler: ItemOf<Cooler>): { figure: Figure; assumed: boolean } | null {
  const { figure } = coolerKind.leaf(cooler, 'over')
  if (figure) return { figure, assumed: false }
  const depth = coolerKind.leaf(cooler, 'depth').figure
  if (!depth) return null
  return {
    figure: { value: depth.value / 2, basis: 'assumed', tol: OFF_MIDDLE },
    assumed: true,
  }
}

/** Kits with modules that the cooler may reach over; the block of a liquid one reaches over none. */
const under = (s: Seated): readonly Under[] =>
  joinedBy(s, 'cooler-mount', 'cooler', 'board')
    // What was turned about reaches elsewhere: it is judged as a body like others.
    .filter(({ plug }) => !plug.part.liquid && plug.turned === undefined)
    .flatMap(({ plug: cooler, socket: board }) => {
      const modules = joinedBy(s, 'memory-slot', 'memory', 'board')
        .filter(m => m.socket.id === board.id)
        .map(({ joint, plug: memory }) => {
          const slot = socketIn(joint, 'memory.slots', board.part.memory.slots)
          return { joint: joint.id, memory, label: slot?.label ?? '', x: slot?.at?.[0] }
        })
      const kits = [...groupBy(modules, m => m.memory.id).values()]
      return kits.flatMap(kit => underOne(kit, cooler, board, s.frames.get(board.id) ?? null))
    })

interface Module {
  readonly joint: string
  readonly memory: ItemOf<Memory>
  readonly label: string
  readonly x: number | undefined
}
function underOne(
  kit: readonly Module[],
  cooler: ItemOf<Cooler>,
  board: ItemOf<Board>,
  frame: Frame | null,
): readonly Under[] {
  const { joint, memory } = at(kit, 0)
  const reach = reachOf(cooler)
  const middle = board.part.processor.at
  const of = { joint, memory, cooler }
  if (!reach || !middle || kit.some(m => m.x === undefined)) {
    const lies = reach ? placesOf(board) : reachAsked(cooler)
    return [{ ...of, slots: kit.map(m => m.label), lies }]
  }
  const front = middle[0] + reach.figure.value + reach.figure.tol
  const met = kit.filter(({ x = 0 }) => x - DIMM.thickness / 2 <= front)
  const [first] = met
  if (first?.x === undefined) return []
  const lies = { at: [first.x, middle[1]] as const, frame, assumed: reach.assumed }
  return [{ ...of, slots: met.map(m => m.label), lies }]
}

const reachAsked = ({ id, name }: ItemOf<Cooler>): Asked => ({
  item: id,
  path: 'over',
  question: `How far does the ${name} reach towards the memory?`,
  take: 'From the middle of the processor to the outer face of the fan over the memory.',
})
const placesOf = ({ id, name }: ItemOf<Board>): Asked => ({
  item: id,
  path: 'memory.slots',
  question: `Where on the ${name} are the processor and the memory slots?`,
  take: 'Measure from the middle of the processor’s socket to the middle of the nearest slot.',
})

export const coolerOverMemory = rule({
  id: ID.rule,
  stage: ID.stage,
  question: 'Do the memory modules stand clear of the cooler above them?',
  source: SOURCE.maker,
  needs: SEATED,
  inputs: under,
  judge({ joint, memory, cooler, slots, lies }) {
    const said = { ...ID, about: [memory.id, cooler.id], joints: [joint] } as const
    const over = `${memory.name} in ${slots.join(', ')} under the fan of the ${cooler.name}`
    if ('question' in lies)
      return [plain({ ...said, sentence: over, wayOut: lies.question, asks: [lies] }, 'measure')]
    const {
      at: [x, y],
      frame,
      assumed,
    } = lies
    const height = memoryKind.leaf(memory, 'height')
    const room = coolerKind.leaf(cooler, 'memoryRoom')
    return [
      measured({
        ...said,
        assumed,
        source: SOURCE.jedec,
        sentence: over,
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
