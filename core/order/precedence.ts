// What must come before what, and why. Each row is one reason; adding a reason is adding a row.
import { itemOfRef } from '../joints/joint'
import type { Edge, EdgeBasis, PlannedStep, StepKind } from './step'

interface Reason {
  readonly rule: string
  readonly basis: EdgeBasis
  readonly before: readonly StepKind[]
  readonly after: readonly StepKind[]
  readonly reason: (before: PlannedStep, after: PlannedStep) => string
  /** Narrows the pairs; all pairs when it is left out. */
  readonly when?: (before: PlannedStep, after: PlannedStep) => boolean
}

const PLUGS: readonly StepKind[] = ['small-plug', 'panel', 'fan-plug', 'data-plug', 'power-plug']
const ON_BOARD: readonly StepKind[] = ['processor', 'm2', 'memory', 'cooler', 'cooler-plug']
const IN_CASE: readonly StepKind[] = ['standoffs', 'shield', 'fan', 'drive', 'board-in', 'supply-in']
const SEATS: readonly StepKind[] = ['board-in', 'supply-in', 'fan', 'drive']
const MAKES: readonly StepKind[] = [...ON_BOARD, ...IN_CASE, ...PLUGS]

const share = (before: PlannedStep, after: PlannedStep): boolean => before.joints.some(j => after.joints.some(k => ownersOf(k).includes(itemOfRef(j))))
const ownersOf = (joint: string): readonly string[] => joint.split('~').map(itemOfRef)

export const REASONS: readonly Reason[] = [
  { rule: 'bench-first', basis: 'habit', before: ['bench'], after: ['panels-off', ...ON_BOARD], reason: () => 'parts are laid out on a clear bench' },
  { rule: 'open-first', basis: 'fact', before: ['panels-off'], after: IN_CASE, reason: () => 'the case must be open' },
  { rule: 'processor-under-cooler', basis: 'fact', before: ['processor'], after: ['cooler'], reason: () => 'the cooler lies on the processor' },
  { rule: 'memory-before-cooler', basis: 'reach', before: ['memory'], after: ['cooler'], reason: () => 'the cooler leans over the memory slots' },
  { rule: 'stick-before-cooler', basis: 'reach', before: ['m2'], after: ['cooler'], reason: () => 'the cooler may cover the stick’s screw' },
  { rule: 'cooler-then-plug', basis: 'fact', before: ['cooler'], after: ['cooler-plug'], reason: () => 'its lead hangs from the cooler' },
  { rule: 'outside-the-case', basis: 'habit', before: ON_BOARD, after: ['board-in'], reason: () => 'outside the case there is room and light' },
  { rule: 'standoffs-under-board', basis: 'fact', before: ['standoffs'], after: ['board-in'], reason: () => 'the board lies on the standoffs' },
  { rule: 'shield-before-board', basis: 'fact', before: ['shield'], after: ['board-in'], reason: () => 'the shield goes in from inside, behind the board’s sockets' },
  { rule: 'walls-before-board', basis: 'reach', before: ['fan', 'drive'], after: ['board-in'], reason: () => 'screws at the walls are in reach while the case is empty' },
  { rule: 'supply-after-board', basis: 'habit', before: ['board-in'], after: ['supply-in'], reason: () => 'without the supply there is room for hands around the board' },
  { rule: 'seat-before-plug', basis: 'fact', before: SEATS, after: PLUGS, reason: b => `the ${b.what} must be in its place before it is plugged`, when: share },
  { rule: 'board-before-plug', basis: 'fact', before: ['board-in'], after: PLUGS, reason: b => `the ${b.what} must be in the case`, when: (b, a) => a.onBoard && share(b, a) },
  { rule: 'small-before-stiff', basis: 'reach', before: ['small-plug', 'panel', 'fan-plug', 'data-plug'], after: ['power-plug'], reason: () => 'stiff power leads cover the small headers' },
  { rule: 'joints-before-power', basis: 'habit', before: [...MAKES, 'open'], after: ['first-power'], reason: () => 'the first power-on proves what is joined' },
  { rule: 'proof-before-dress', basis: 'habit', before: ['first-power'], after: ['dress'], reason: () => 'ties come after the proof, or they are cut again' },
  { rule: 'joints-before-dress', basis: 'fact', before: MAKES, after: ['dress'], reason: () => 'a cable is laid once both its ends are made' },
  { rule: 'dress-before-close', basis: 'fact', before: ['dress', ...MAKES, 'first-power'], after: ['panels-on'], reason: () => 'the panels cover the work' },
  { rule: 'close-before-record', basis: 'habit', before: ['panels-on', 'first-power', 'open'], after: ['record'], reason: () => 'the record tells what is inside' },
  { rule: 'bench-before-record', basis: 'fact', before: ['bench'], after: ['record'], reason: () => 'there is something to record' },
]

/** Every edge between these steps; a pair with several reasons keeps the strongest. */
export function edgesOf(steps: readonly PlannedStep[]): readonly Edge[] {
  const edges = new Map<string, Edge>()
  for (const r of REASONS) {
    for (const before of steps.filter(s => r.before.includes(s.kind))) {
      for (const after of steps.filter(s => r.after.includes(s.kind) && s !== before)) {
        if (r.when && !r.when(before, after)) continue
        const key = `${before.id}>${after.id}`
        const known = edges.get(key)
        if (!known || strength(r.basis) > strength(known.basis)) edges.set(key, { before: before.id, after: after.id, reason: r.reason(before, after), basis: r.basis, rule: r.rule })
      }
    }
  }
  return [...edges.values()]
}

const strength = (basis: EdgeBasis): number => ['habit', 'reach', 'fact'].indexOf(basis)
