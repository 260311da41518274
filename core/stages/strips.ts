// What each stage comes to before it is read: how many findings of each verdict, the gravest first, and
// the worst of them in its own words.
import { gravity, VERDICTS, type Verdict } from '../figures/verdict'
import { order } from '../order/section'
import type { Step } from '../order/step'
import { stage } from '../pipeline/stage'
import { STAGES, type Finding, type Stage } from '../rules/finding'
import { findings } from '../rules/findings'

export interface Strip {
  readonly counts: readonly { readonly verdict: Verdict; readonly count: number }[]
  readonly accepted: number
  /** The worst that nobody accepted; null where all is clear. */
  readonly worst: Worst | null
}
export interface Worst {
  readonly verdict: Verdict
  readonly sentence: string
  /** Where one is led: the finding and the stage at which it is said, or the step it holds up. */
  readonly finding: string | null
  readonly stage: Stage
  readonly step: string | null
}

const countedIn = (all: readonly { readonly verdict: Verdict }[]): Strip['counts'] =>
  VERDICTS.map(verdict => ({
    verdict,
    count: all.filter(one => one.verdict === verdict).length,
  })).filter(one => one.count > 0)

function stripOf(all: readonly Finding[]): Strip {
  const first = all.find(f => f.verdict !== 'clear' && f.accepted === null)
  return {
    counts: countedIn(all),
    accepted: all.filter(f => f.accepted !== null).length,
    worst: first
      ? {
          ...{ verdict: first.verdict, sentence: first.sentence },
          ...{ finding: first.id, stage: first.stage, step: null },
        }
      : null,
  }
}

/** Of steps: the gravest that is still to be done. */
function stripOfSteps(steps: readonly Step[], about: ReadonlyMap<string, Finding>): Strip {
  const [first] = steps
    .filter(s => s.verdict !== 'clear' && (s.progress === 'planned' || s.progress === 'ready'))
    .sort((a, b) => gravity(b.verdict) - gravity(a.verdict))
  const why = first?.findings.flatMap(id => about.get(id) ?? []).find(isOf(first.verdict))
  return {
    counts: countedIn(steps),
    accepted: 0,
    worst: first
      ? {
          verdict: first.verdict,
          sentence: why ? `${first.title}: ${why.sentence}` : first.title,
          ...{ finding: null, stage: 'order', step: first.id },
        }
      : null,
  }
}
const isOf = (verdict: Verdict) => (f: Finding) => f.verdict === verdict

/** The strip of every stage; at the first stage that of the whole build. */
export const strips = stage(
  'strips',
  { findings, order },
  ({ findings, order }): Readonly<Record<Stage, Strip>> => {
    const about = new Map(findings.map(f => [f.id, f]))
    const of = (name: Stage): Strip => {
      if (name === 'order') return stripOfSteps(order.steps, about)
      return stripOf(name === 'parts' ? findings : findings.filter(f => f.stage === name))
    }
    return Object.fromEntries(STAGES.map(name => [name, of(name)])) as Record<Stage, Strip>
  },
)
