// What must come before what, and why. Each row is one reason; adding a reason is adding a row.
import { itemsOfJoint } from '../ids/ids'
import type { Habits } from './habits'
import type { Edge, EdgeBasis, PlannedStep, StepKind } from './step'

interface Reason {
  readonly rule: string
  readonly basis: EdgeBasis
  readonly before: readonly StepKind[]
  readonly after: readonly StepKind[]
  readonly reason: (before: PlannedStep, after: PlannedStep) => string
  /** Narrows the pairs; all pairs when it is left out. */
  readonly when?: (before: PlannedStep, after: PlannedStep) => boolean
  /** Habits of some schools only. */
  readonly of?: (school: Habits) => boolean
}

const PLUGS: readonly StepKind[] = ['small-plug', 'panel', 'fan-plug', 'data-plug', 'power-plug']
const ON_BOARD: readonly StepKind[] = ['processor', 'm2', 'memory', 'cooler', 'cooler-plug']
const IN_CASE: readonly StepKind[] = [
  'standoffs',
  'shield',
  'fan',
  'radiator',
  'drive',
  'bracket',
  'hub',
  'strip',
  'board-in',
  'supply-in',
  'covers',
  'card',
]
const SEATS: readonly StepKind[] = [
  'board-in',
  'supply-in',
  'fan',
  'radiator',
  'drive',
  'bracket',
  'hub',
  'strip',
  'card',
]
const MAKES: readonly StepKind[] = [
  ...ON_BOARD,
  ...IN_CASE,
  ...PLUGS,
  'supply-cables',
  'lay-lead',
  'firmware',
  'bench-clear',
]
const HERE: readonly StepKind[] = ['bench-start', 'bench-clear']

const share = (before: PlannedStep, after: PlannedStep): boolean =>
  before.joints.some(j => after.joints.some(k => itemsOfJoint(k).includes(plugItemOf(j))))
const plugItemOf = (joint: string): string => itemsOfJoint(joint)[0] ?? ''
const sameFirst = (before: PlannedStep, after: PlannedStep): boolean =>
  before.items.includes(after.items[0] ?? '')
const sameItem = (before: PlannedStep, after: PlannedStep): boolean =>
  after.items.includes(before.items.at(-1) ?? '')

export const REASONS: readonly Reason[] = [
  {
    rule: 'bench-first',
    basis: 'habit',
    before: ['bench'],
    after: ['panels-off', 'supply-cables', 'open', ...ON_BOARD, ...PLUGS],
    reason: () => 'parts are laid out on a clear bench',
  },
  {
    rule: 'open-first',
    basis: 'fact',
    before: ['panels-off'],
    after: IN_CASE,
    reason: () => 'the case must be open',
  },
  {
    rule: 'processor-under-cooler',
    basis: 'fact',
    before: ['processor'],
    after: ['cooler'],
    reason: () => 'the cooler lies on the processor',
  },
  {
    rule: 'memory-before-cooler',
    basis: 'reach',
    before: ['memory'],
    after: ['cooler'],
    reason: () => 'the cooler leans over the memory slots',
  },
  {
    rule: 'stick-before-cooler',
    basis: 'reach',
    before: ['m2'],
    after: ['cooler'],
    reason: () => 'the cooler may cover the stick’s screw',
  },
  {
    rule: 'cooler-then-plug',
    basis: 'fact',
    before: ['cooler'],
    after: ['cooler-plug'],
    reason: () => 'its lead hangs from the cooler',
  },
  {
    rule: 'least-before-start',
    basis: 'fact',
    before: ['processor', 'memory', 'cooler', 'cooler-plug', 'supply-cables'],
    after: ['bench-start'],
    reason: () => 'a start on the table needs processor, memory and a cooler that turns',
  },
  {
    rule: 'start-then-clear',
    basis: 'fact',
    before: ['bench-start'],
    after: ['bench-clear'],
    reason: () => 'what was lent for the start comes off again',
  },
  {
    rule: 'clear-before-board',
    basis: 'fact',
    before: HERE,
    after: ['board-in', 'supply-in', 'card', ...PLUGS],
    reason: () => 'the board goes into the case by itself',
  },
  {
    rule: 'outside-the-case',
    basis: 'habit',
    before: ON_BOARD,
    after: ['board-in'],
    reason: () => 'outside the case there is room and light',
  },
  {
    rule: 'standoffs-under-board',
    basis: 'fact',
    before: ['standoffs'],
    after: ['board-in'],
    reason: () => 'the board lies on the standoffs',
  },
  {
    rule: 'shield-before-board',
    basis: 'fact',
    before: ['shield'],
    after: ['board-in'],
    reason: () => 'the shield goes in from inside, behind the board’s sockets',
  },
  {
    rule: 'walls-before-board',
    basis: 'reach',
    before: ['fan', 'drive'],
    after: ['board-in'],
    reason: () => 'screws at the walls are in reach while the case is empty',
  },
  {
    rule: 'cables-before-supply',
    basis: 'reach',
    before: ['supply-cables'],
    after: ['supply-in'],
    reason: () => 'no hand fits behind the supply later',
  },
  {
    rule: 'lead-behind-board',
    basis: 'reach',
    before: ['lay-lead'],
    after: ['board-in'],
    reason: () => 'the gap above the board closes',
  },
  {
    rule: 'supply-before-lead',
    basis: 'fact',
    before: ['supply-in'],
    after: ['lay-lead'],
    reason: () => 'the lead hangs from the supply',
    when: (_, a) => a.manner !== 'full',
  },
  {
    rule: 'lead-before-its-plug',
    basis: 'fact',
    before: ['lay-lead'],
    after: ['power-plug'],
    reason: () => 'the lead is laid before it is plugged',
    when: (b, a) => a.items.includes(b.items[0] ?? '') && a.label === b.label,
  },
  {
    rule: 'supply-after-board',
    basis: 'habit',
    of: s => s.supply === 'after board',
    before: ['board-in'],
    after: ['supply-in'],
    reason: () => 'without the supply there is room for hands around the board',
  },
  {
    rule: 'supply-before-board',
    basis: 'habit',
    of: s => s.supply === 'first',
    before: ['supply-in'],
    after: ['standoffs', 'shield', 'drive', 'board-in', 'card'],
    reason: () => 'everything needs the supply, and its cables lie under everything',
  },
  {
    rule: 'supply-last',
    basis: 'habit',
    of: s => s.supply === 'last',
    before: [
      'board-in',
      'fan',
      'drive',
      'hub',
      'strip',
      'small-plug',
      'panel',
      'fan-plug',
      'data-plug',
    ],
    after: ['supply-in'],
    reason: () => 'its cables hang over nothing while the small leads go in',
  },
  {
    rule: 'covers-before-card',
    basis: 'fact',
    before: ['covers'],
    after: ['card'],
    reason: () => 'the bracket goes where the cover was',
    when: sameItem,
  },
  {
    rule: 'board-before-card',
    basis: 'fact',
    before: ['board-in'],
    after: ['card'],
    reason: () => 'the slot is on the board',
    when: share,
  },
  {
    rule: 'card-late',
    basis: 'habit',
    of: s => s.card === 'late',
    before: ['small-plug', 'panel', 'fan-plug', 'data-plug', 'power-plug'],
    after: ['card'],
    reason: () => 'a card is in the way of hands',
    when: (b, a) => !share(a, b),
  },
  {
    rule: 'card-early',
    basis: 'habit',
    of: s => s.card === 'early',
    before: ['card'],
    after: PLUGS,
    reason: () => 'the card’s lead must pass before the others',
  },
  {
    rule: 'power-before-firmware',
    basis: 'fact',
    before: ['power-plug'],
    after: ['firmware'],
    reason: () => 'flashing needs the supply on the board',
    when: sameFirst,
  },
  {
    rule: 'firmware-before-power',
    basis: 'fact',
    before: ['firmware'],
    after: ['first-power'],
    reason: () => 'the processor is not seen before',
  },
  {
    rule: 'seat-before-plug',
    basis: 'fact',
    before: SEATS,
    after: [...PLUGS],
    reason: b => `the ${b.what} must be in its place before it is plugged`,
    when: share,
  },
  {
    rule: 'board-before-plug',
    basis: 'fact',
    before: ['board-in'],
    after: PLUGS,
    reason: b => `the ${b.what} must be in the case`,
    when: (b, a) => a.onBoard && share(b, a),
  },
  {
    rule: 'small-before-stiff',
    basis: 'reach',
    before: ['small-plug', 'panel', 'fan-plug', 'data-plug'],
    after: ['power-plug'],
    reason: () => 'stiff power leads cover the small headers',
  },
  {
    rule: 'open-last',
    basis: 'habit',
    before: MAKES,
    after: ['open'],
    reason: () => 'what finds no partner is settled before the power comes on',
  },
  {
    rule: 'joints-before-power',
    basis: 'habit',
    before: [...MAKES, 'open'],
    after: ['first-power'],
    reason: () => 'the first power-on proves what is joined',
  },
  {
    rule: 'proof-before-dress',
    basis: 'habit',
    before: ['first-power'],
    after: ['dress'],
    reason: () => 'ties come after the proof, or they are cut again',
  },
  {
    rule: 'joints-before-dress',
    basis: 'fact',
    before: MAKES,
    after: ['dress'],
    reason: () => 'a cable is laid once both its ends are made',
  },
  {
    rule: 'dress-before-close',
    basis: 'fact',
    before: ['dress', ...MAKES, 'first-power'],
    after: ['panels-on'],
    reason: () => 'the panels cover the work',
  },
  {
    rule: 'board-before-radiator',
    basis: 'habit',
    before: ['board-in'],
    after: ['radiator'],
    reason: () => 'the block hangs on the radiator: the board has to be there for it',
  },
  {
    rule: 'bracket-after-board',
    basis: 'reach',
    before: ['board-in'],
    after: ['bracket'],
    reason: () => 'the board’s edge passes where the bracket’s lead hangs',
  },
  {
    rule: 'close-before-outer',
    basis: 'habit',
    before: ['panels-on'],
    after: ['outer-plug'],
    reason: () => 'the case is closed and stands where it will stay',
  },
  {
    rule: 'outer-before-record',
    basis: 'habit',
    before: ['outer-plug'],
    after: ['record'],
    reason: () => 'the record tells what is plugged where',
  },
  {
    rule: 'close-before-record',
    basis: 'habit',
    before: ['panels-on', 'first-power', 'open'],
    after: ['record'],
    reason: () => 'the record tells what is inside',
  },
  {
    rule: 'bench-before-record',
    basis: 'fact',
    before: ['bench'],
    after: ['record'],
    reason: () => 'there is something to record',
  },
]

/** Every edge between these steps for a school; a pair with several reasons keeps the strongest. */
export function edgesOf(steps: readonly PlannedStep[], school: Habits): readonly Edge[] {
  const edges = new Map<string, Edge>()
  for (const below of steps)
    for (const above of below.under)
      edges.set(`${below.id}>${above}`, {
        before: below.id,
        after: above,
        reason: 'it lies under the card',
        basis: 'cover',
        rule: 'under-the-card',
      })
  for (const r of REASONS) {
    if (r.of && !r.of(school)) continue
    for (const before of steps.filter(s => r.before.includes(s.kind))) {
      for (const after of steps.filter(s => r.after.includes(s.kind) && s !== before)) {
        if (r.when && !r.when(before, after)) continue
        const key = `${before.id}>${after.id}`
        const known = edges.get(key)
        if (!known || strength(r.basis) > strength(known.basis))
          edges.set(key, {
            before: before.id,
            after: after.id,
            reason: r.reason(before, after),
            basis: r.basis,
            rule: r.rule,
          })
      }
    }
  }
  return [...edges.values()]
}

const strength = (basis: EdgeBasis): number => ['habit', 'cover', 'reach', 'fact'].indexOf(basis)
