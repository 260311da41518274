// The build orders side by side on one build: what each costs, and in one sentence how it differs
// from the one that is chosen. One that comes to the same sequence is no choice.
import { counted, minutes } from '../figures/format'
import { BUILD_ORDER, BUILD_ORDERS, type BuildOrder } from '../document/build-orders'
import { withWhatCame } from './as-it-came'
import type { Pace } from './pace'
import { plan, type Plan, type Wishes } from './plan'
import type { StepsFrom } from './steps/from'

export interface SchoolRow extends Pace {
  readonly school: BuildOrder
  readonly label: string
  readonly says: string
  /** How it differs here from the one that is chosen; null for that one. */
  readonly differs: string | null
  readonly gap: number
}

/** Named choice: a comparison waits longer for the best than the order at work does. */
const PATIENCE = 3

/** All build orders on this build, from the first step on; of several alike the first only. */
export function schoolRows(s: StepsFrom, wishes: Omit<Wishes, 'progress'>): readonly SchoolRow[] {
  const progress = withWhatCame({}, s)
  const from = (school: BuildOrder): Plan => plan(s, { ...wishes, school, progress }, PATIENCE)
  const chosen = from(wishes.school)
  const plans = BUILD_ORDERS.map(school => (school === wishes.school ? chosen : from(school)))
  const seen = new Set([sequenceOf(chosen)])
  return plans
    .filter(p => {
      if (p === chosen) return true
      const isNew = !seen.has(sequenceOf(p))
      seen.add(sequenceOf(p))
      return isNew
    })
    .map(p => ({
      ...p.pace,
      school: p.school,
      label: BUILD_ORDER[p.school].label,
      says: BUILD_ORDER[p.school].says,
      differs: p === chosen ? null : difference(p, chosen),
      gap: p.gap,
    }))
}

const sequenceOf = ({ steps }: Plan): string => steps.map(s => s.id).join(' ')

/** Where most of it differs, and what that comes to. */
function difference(other: Plan, chosen: Plan): string {
  const sums = [
    longer(other.pace.minutes - chosen.pace.minutes),
    many(other.pace.turns - chosen.pace.turns, 'turn'),
    many(other.pace.twice - chosen.pace.twice, 'thing done twice', 'things done twice'),
    sooner(chosen.pace.firstProof - other.pace.firstProof),
  ].filter(sum => sum !== '')
  return `${moved(other, chosen)}; ${sums.length > 0 ? sums.join(', ') : 'otherwise alike'}.`
}

/** The step that comes the most places earlier, or one that only this order has. */
function moved(other: Plan, chosen: Plan): string {
  const place = new Map(chosen.steps.map((s, i) => [s.id, i]))
  const own = other.steps.find(s => !place.has(s.id))
  if (own) return `“${own.title}” is a step of it`
  const shifts = other.steps.map((s, i) => ({ title: s.title, by: (place.get(s.id) ?? i) - i }))
  const most = shifts.reduce((a, b) => (Math.abs(b.by) > Math.abs(a.by) ? b : a))
  const where = most.by > 0 ? 'earlier' : 'later'
  return `“${most.title}” comes ${counted(Math.abs(most.by), 'step')} ${where}`
}

const longer = (by: number): string => {
  if (by === 0) return ''
  return `${minutes(Math.abs(by))} ${by > 0 ? 'longer' : 'shorter'}`
}
const many = (by: number, one: string, several = `${one}s`): string => {
  if (by === 0) return ''
  const [n, more] = [Math.abs(by), by > 0 ? 'more' : 'fewer']
  return `${n} ${more} ${n === 1 ? one : several}`
}
const sooner = (by: number): string => {
  if (by === 0) return ''
  return `first start ${minutes(Math.abs(by))} ${by > 0 ? 'sooner' : 'later'}`
}
