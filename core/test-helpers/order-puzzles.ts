// For tests: orders drawn from a seed, and the least that each costs by a table over all sets of
// steps, filled without any of the program's shortcuts.
import { at } from '../collections/at'
import type { Puzzle, Wish } from '../order/puzzle'
import { chance } from './random-builds'

const POSES = ['table', 'lying', 'behind', 'standing']
const TOOLS = [null, 'driver', 'tweezers', 'cutter']

/** An order of 8 to 16 steps: musts from earlier to later, wishes any way, one or two trials. */
export function orderPuzzle(seed: number): Puzzle {
  const next = chance(seed)
  const pick = (n: number): number => Math.floor(next() * n)
  const n = 8 + pick(9)
  const trials = [n - 1 - pick(3), ...(next() < 0.5 ? [pick(n)] : [])]
  const pairs = Array.from({ length: n }, (_, i) => i)
  return {
    minutes: pairs.map(() => 1 + pick(12)),
    poses: pairs.map(() => at(POSES, pick(POSES.length))),
    tools: pairs.map(() => at(TOOLS, pick(TOOLS.length))),
    proofs: pairs.map(i => trials.includes(i)),
    joins: pairs.map(i => !trials.includes(i) && next() < JOINS),
    musts: pairs.map(i => pairs.filter(b => b < i && next() < MUST)),
    wishes: pairs.map(i =>
      pairs.flatMap((b): Wish[] =>
        b !== i && next() < WISH ? [{ before: b, price: 1 + pick(5) }] : [],
      ),
    ),
    turn: at([0.5, 2, 4], pick(3)),
    tool: at([0, 0.5, 1], pick(3)),
    proof: at([0, 0.02, 0.5], pick(3)),
    loss: at([0, 0.01, 0.2], pick(3)),
    start: {
      ...(next() < 0.5 ? { pose: null, tool: null } : { pose: 'lying', tool: 'driver' }),
      untried: pick(4),
    },
    isProved: next() < 0.2,
  }
}
/** Named choices: how often one step must, or would better, come before another. */
const MUST = 0.18
const WISH = 0.06
/** Named choice: how often a step joins something. */
const JOINS = 0.6

/** What a sequence costs, told anew; null where it breaks what must be. */
export function costOf(p: Puzzle, order: readonly number[]): number | null {
  const place = new Map(order.map((step, i) => [step, i]))
  const isLater = (a: number, b: number): boolean => (place.get(a) ?? 0) > (place.get(b) ?? 0)
  if (p.musts.some((own, i) => own.some(b => isLater(b, i)))) return null
  let [pose, tool, isProved, cost] = [p.start.pose, p.start.tool, p.isProved, 0]
  p.wishes.forEach((own, i) => {
    for (const w of own) if (isLater(w.before, i)) cost += w.price
  })
  cost += lostIn(p, order)
  for (const step of order) {
    if (pose !== null && pose !== p.poses[step]) cost += p.turn
    pose = at(p.poses, step)
    const own = at(p.tools, step)
    if (own !== null && tool !== null && own !== tool) cost += p.tool
    tool = own ?? tool
    if (!isProved) cost += at(p.minutes, step) * p.proof
    isProved ||= at(p.proofs, step)
  }
  return cost
}

/** What is lost at each start, and at the end: the square of what was joined since, less what was before. */
function lostIn(p: Puzzle, order: readonly number[]): number {
  let [lost, untried] = [-p.start.untried * p.start.untried, p.start.untried]
  for (const step of order) {
    if (at(p.joins, step)) untried += 1
    if (!at(p.proofs, step)) continue
    lost += untried * untried
    untried = 0
  }
  return (lost + untried * untried) * p.loss
}

/** The least cost of all sequences: forward through every set that can be done, size by size. */
export function leastByTable(p: Puzzle): number {
  const n = p.minutes.length
  type Row = readonly [
    ...[pose: string | null, tool: string | null, isProved: boolean, untried: number],
    ...[cost: number],
  ]
  let layer = new Map<number, Map<string, Row>>([
    [0, new Map([['', [p.start.pose, p.start.tool, p.isProved, p.start.untried, 0]]])],
  ])
  for (let size = 0; size < n; size++) {
    const following = new Map<number, Map<string, Row>>()
    for (const [set, rows] of layer)
      for (let step = 0; step < n; step++) {
        const has = (i: number): boolean => (set & (1 << i)) !== 0
        if (has(step) || !at(p.musts, step).every(has)) continue
        const broken = at(p.wishes, step).reduce((sum, w) => sum + (has(w.before) ? 0 : w.price), 0)
        const whole = set | (1 << step)
        const there = following.get(whole) ?? new Map<string, Row>()
        following.set(whole, there)
        for (const [pose, tool, isProved, untried, cost] of rows.values()) {
          const own = at(p.tools, step)
          const turn = pose !== null && pose !== p.poses[step] ? p.turn : 0
          const change = own !== null && tool !== null && own !== tool ? p.tool : 0
          const wait = isProved ? 0 : at(p.minutes, step) * p.proof
          const row: Row = [
            ...([at(p.poses, step), own ?? tool, isProved || at(p.proofs, step)] as const),
            at(p.proofs, step) ? 0 : untried + (at(p.joins, step) ? 1 : 0),
            cost + broken + turn + change + wait + lostBy(p, step, untried),
          ]
          const key = row.slice(0, 4).join(' ')
          const known = there.get(key)
          if (!known || row[4] < known[4]) there.set(key, row)
        }
      }
    layer = following
  }
  const ends = [...layer.values()].flatMap(rows => [...rows.values()])
  return Math.min(...ends.map(row => row[4]))
}

/** What one more step untried adds to their square. */
const lostBy = (p: Puzzle, step: number, untried: number): number =>
  at(p.joins, step) ? ((untried + 1) ** 2 - untried ** 2) * p.loss : 0
