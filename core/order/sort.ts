// One topological order: Kahn's algorithm with a queue, the earliest kind first, then by id. O((n + e) log n).
import TinyQueue from 'tinyqueue'
import { STEP_KINDS, type Edge, type PlannedStep } from './step'

/** The steps in an order that keeps every edge. Throws RangeError on a cycle, which no set of reasons here can make. */
export function sorted(steps: readonly PlannedStep[], edges: readonly Edge[]): readonly PlannedStep[] {
  const waits = new Map(steps.map(s => [s.id, 0]))
  const opens = new Map<string, string[]>()
  for (const { before, after } of edges) {
    waits.set(after, (waits.get(after) ?? 0) + 1)
    opens.set(before, [...(opens.get(before) ?? []), after])
  }
  const byId = new Map(steps.map(s => [s.id, s]))
  const rank = (s: PlannedStep): number => STEP_KINDS.indexOf(s.kind)
  const ready = new TinyQueue(steps.filter(s => waits.get(s.id) === 0), (a, b) => rank(a) - rank(b) || (a.id < b.id ? -1 : 1))
  const order: PlannedStep[] = []
  for (let step = ready.pop(); step; step = ready.pop()) {
    order.push(step)
    for (const id of opens.get(step.id) ?? []) {
      const left = (waits.get(id) ?? 0) - 1
      waits.set(id, left)
      const next = byId.get(id)
      if (left === 0 && next) ready.push(next)
    }
  }
  if (order.length < steps.length) throw new RangeError(`The reasons contradict each other at ${steps.filter(s => !order.includes(s)).map(s => s.id).join(', ')}`)
  return order
}
