// What must come before what, and why. Each row of the reasons is one; adding one is adding a row.
import { ofPart } from '../figures/format'
import type { Habits } from './habits'
import { IN_THE_CASE } from './reasons/in-the-case'
import { ON_THE_TABLE } from './reasons/on-the-table'
import { PLUG_HABITS } from './reasons/plug-habits'
import { PLUGS_AND_POWER } from './reasons/plugs-and-power'
import type { Reason } from './reasons/reason'
import type { Practised } from './step-words/words'
import type { GoesFirst } from '../plan/ways-in'
import type { Edge, EdgeBasis, PlannedStep } from './step'

export const REASONS: readonly Reason[] = [
  ...[...ON_THE_TABLE, ...IN_THE_CASE],
  ...[...PLUG_HABITS, ...PLUGS_AND_POWER],
]

/** What is chosen of the order, and what goes in before what. */
export interface Ways {
  readonly school: Habits
  readonly practised: Practised
  readonly waysIn: readonly GoesFirst[]
}

/** Every edge between these steps for a school; a pair with several reasons keeps the strongest. */
export function edgesOf(
  steps: readonly PlannedStep[],
  { school, practised, waysIn }: Ways,
): readonly Edge[] {
  const edges = new Map<string, Edge>()
  for (const edge of [
    ...spatial(steps, waysIn),
    ...steps.flatMap(underCards),
    ...REASONS.filter(r => r.of?.(school) !== false && r.by?.(practised) !== false).flatMap(r =>
      byReason(r, steps),
    ),
  ]) {
    const key = `${edge.before}>${edge.after}`
    const known = edges.get(key)
    if (!known || strength(edge) > strength(known)) edges.set(key, edge)
  }
  return [...edges.values()]
}

const underCards = (below: PlannedStep): readonly Edge[] =>
  below.under.map(above => ({
    ...{ before: below.id, after: above, reason: 'it lies under the card' },
    ...{ basis: 'cover', rule: 'under-the-card' },
  }))

function byReason(r: Reason, steps: readonly PlannedStep[]): readonly Edge[] {
  const last = steps.filter(s => r.after.includes(s.kind))
  return steps
    .filter(s => r.before.includes(s.kind))
    .flatMap(before =>
      last
        .filter(after => after !== before && (!r.when || r.when(before, after)))
        .map(after => ({
          ...{ before: before.id, after: after.id, reason: r.reason(before, after) },
          ...{ basis: r.basis, rule: r.rule, isFirm: r.isFirm === true },
        })),
    )
}

/** What does not pass, or finds no hand, once something else is in. */
function spatial(steps: readonly PlannedStep[], waysIn: readonly GoesFirst[]): readonly Edge[] {
  const stepOf = new Map(steps.flatMap(s => s.joints.map(j => [j, s] as const)))
  return waysIn.flatMap(({ first, then, of, what }): readonly Edge[] => {
    const [before, after] = [stepOf.get(first), stepOf.get(then)]
    if (!before || !after || before === after) return []
    const blocker = `the ${ofPart(what, after.what)}`
    const reason = REASON[of](blocker)
    return [{ before: before.id, after: after.id, reason, basis: 'cover', rule: 'way-in' }]
  })
}

const REASON: Record<GoesFirst['of'], (blocker: string) => string> = {
  body: blocker => `${blocker} stands in its way once it is in`,
  hand: blocker => `no hand gets past ${blocker} once it is in`,
  lead: blocker => `its lead lies under ${blocker}`,
  tray: () => 'the tray closes the back of the board once that is in',
}

const STRENGTH: readonly EdgeBasis[] = ['habit', 'cover', 'reach', 'fact']
/** How much an edge weighs against another of the same pair; a firm habit before others. */
const strength = ({ basis, isFirm }: Edge): number =>
  STRENGTH.indexOf(basis) + (isFirm === true ? 1 / 2 : 0)
