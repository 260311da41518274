// What differs between two analyses: parts, open findings, joints, watts, price, minutes. For
// remedies, deviations and builds side by side.
import type { HorizonAnalysis } from './analyse'
import type { Finding } from '../rules/finding'
import type { PartRow } from '../stages/parts'
import type { Verdict } from '../figures/verdict'

/** A figure before and after. */
export interface Shift {
  readonly before: number
  readonly after: number
}
export interface PartLine {
  readonly id: string
  readonly name: string
  readonly title: string
  readonly price: number | null
}
export interface FindingLine {
  readonly id: string
  readonly verdict: Verdict
  readonly sentence: string
}

export interface Difference {
  readonly parts: {
    readonly gone: readonly PartLine[]
    readonly come: readonly PartLine[]
    /** One model in the place of another: of the same kind, matched in the order of the list. */
    readonly swapped: readonly { readonly from: PartLine; readonly to: PartLine }[]
  }
  readonly findings: {
    /** Open before and not any more, open now and not before, open in both with another verdict. */
    readonly gone: readonly FindingLine[]
    readonly come: readonly FindingLine[]
    readonly turned: readonly { readonly finding: FindingLine; readonly was: Verdict }[]
  }
  /** Joints as “this end → that end”. */
  readonly joints: { readonly gone: readonly string[]; readonly come: readonly string[] }
  /** Sockets of parts that are in both which are taken now and were free before. */
  readonly uses: readonly string[]
  /** All supplies at the worst moment, W. */
  readonly watts: Shift
  /** All parts, in the build’s currency; what is left to pay. */
  readonly price: Shift
  readonly left: Shift
  /** Careful hands, minutes; steps. */
  readonly minutes: Shift
  readonly steps: Shift
}

/** What of an analysis the comparison looks at. */
export type Side = Pick<HorizonAnalysis, 'findings' | 'parts' | 'joints' | 'power' | 'order'>

/** Compares two analyses: of one build before and after a change, or of two builds. */
export function difference(before: Side, after: Side): Difference {
  const shift = (of: (side: Side) => number): Shift => ({ before: of(before), after: of(after) })
  return {
    parts: partsBetween(before.parts.rows, after.parts.rows),
    findings: findingsBetween(before.findings, after.findings),
    joints: {
      gone: only(labels(before), labels(after)),
      come: only(labels(after), labels(before)),
    },
    uses: usesBetween(before, after),
    watts: shift(s => s.power.reduce((sum, p) => sum + p.worst, 0)),
    price: shift(s => s.parts.total),
    left: shift(s => s.parts.left),
    minutes: shift(s => s.order.minutes),
    steps: shift(s => s.order.steps.length),
  }
}

const labels = (side: Side): readonly string[] => side.joints.map(j => `${j.from} → ${j.to}`)
const only = (mine: readonly string[], theirs: readonly string[]): readonly string[] => {
  const known = new Set(theirs)
  return mine.filter(l => !known.has(l))
}

function usesBetween(before: Side, after: Side): readonly string[] {
  const taken = new Set(before.joints.map(j => j.to))
  const model = new Map(before.parts.rows.map(r => [r.id, modelOf(r)]))
  const there = new Set(after.parts.rows.filter(r => model.get(r.id) === modelOf(r)).map(r => r.id))
  return after.joints.filter(j => !taken.has(j.to) && there.has(j.items[1] ?? '')).map(j => j.to)
}

const lineOf = ({ id, name, title, price, paid }: PartRow): PartLine => ({
  id,
  name,
  title,
  price: paid ?? price,
})
/** The same copy where the id is the same, else the same model: each copy counts once. */
const modelOf = (r: PartRow): string => `${r.maker} ${r.name.replace(/ \(\d+\)$/, '')}`

function partsBetween(before: readonly PartRow[], after: readonly PartRow[]): Difference['parts'] {
  const counted = (rows: readonly PartRow[]): readonly PartRow[] =>
    rows.filter(r => r.state !== 'spare')
  const [was, is] = [counted(before), counted(after)]
  const stays = new Set<PartRow>()
  const pairUp = (same: (a: PartRow, b: PartRow) => boolean): void => {
    for (const a of was) {
      const b = stays.has(a) ? undefined : is.find(x => !stays.has(x) && same(a, x))
      if (b) {
        stays.add(a)
        stays.add(b)
      }
    }
  }
  pairUp((a, b) => a.id === b.id && modelOf(a) === modelOf(b))
  pairUp((a, b) => modelOf(a) === modelOf(b))
  const gone = was.filter(r => !stays.has(r))
  const come = is.filter(r => !stays.has(r))
  const swapped: { from: PartRow; to: PartRow }[] = []
  const meet = (same: (a: PartRow, b: PartRow) => boolean): void => {
    for (const from of gone) {
      const to = swapped.some(s => s.from === from)
        ? undefined
        : come.find(r => !swapped.some(s => s.to === r) && same(from, r))
      if (to) swapped.push({ from, to })
    }
  }
  meet((a, b) => a.id === b.id && a.kind === b.kind)
  meet((a, b) => a.kind === b.kind)
  return {
    gone: gone.filter(r => !swapped.some(s => s.from === r)).map(lineOf),
    come: come.filter(r => !swapped.some(s => s.to === r)).map(lineOf),
    swapped: swapped.map(({ from, to }) => ({ from: lineOf(from), to: lineOf(to) })),
  }
}

const isOpen = (f: Finding): boolean => f.verdict !== 'clear' && f.accepted === null
const briefly = ({ id, verdict, sentence }: Finding): FindingLine => ({ id, verdict, sentence })

function findingsBetween(
  before: readonly Finding[],
  after: readonly Finding[],
): Difference['findings'] {
  const was = new Map(before.filter(isOpen).map(f => [f.id, f]))
  const is = new Map(after.filter(isOpen).map(f => [f.id, f]))
  return {
    gone: [...was.values()].filter(f => !is.has(f.id)).map(briefly),
    come: [...is.values()].filter(f => !was.has(f.id)).map(briefly),
    turned: [...is.values()].flatMap(f => {
      const old = was.get(f.id)
      return old && old.verdict !== f.verdict ? [{ finding: briefly(f), was: old.verdict }] : []
    }),
  }
}
