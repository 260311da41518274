// A rule: a value that says what it needs and judges it. The list of rules that people read is made
// from these.
import type { Finding, Stage } from './finding'
import type { Memo } from '../pipeline/memo'
import { rounded } from '../figures/rounded'
import type { Situation } from '../plan/situation'

export interface RuleSpec<I extends object> {
  readonly id: string
  readonly stage: Stage
  /** What it asks, as a sentence for the list of rules. */
  readonly asks: string
  readonly source: string
  /**
   * The parts of the situation that `needs` looks at, where they are few: while they stay, it is
   * not asked again.
   */
  readonly reads?: readonly (keyof Situation)[]
  /** One input for each time it is asked. Inputs hold only what the judgement depends on. */
  needs(s: Situation): readonly I[]
  judge(input: I): readonly Finding[]
}

export interface Rule extends Omit<RuleSpec<object>, 'needs' | 'judge'> {
  findings(s: Situation, memo: Memo, scope: string): readonly Finding[]
}

/** Makes a rule: its judgements are kept, rounded, as long as their inputs are the same values. */
export function rule<I extends object>(spec: RuleSpec<I>): Rule {
  return {
    id: spec.id,
    stage: spec.stage,
    asks: spec.asks,
    source: spec.source,
    findings(s, memo, scope) {
      const inputs = memo.keep(`${scope}/${spec.id}`, spec.reads?.map(part => s[part]) ?? [s], () =>
        spec.needs(s),
      )
      return memo.keep(`${scope}/${spec.id}/said`, [inputs], () =>
        inputs.flatMap((input, i) =>
          memo.keep(`${scope}/${spec.id}#${i}`, Object.values(input), () =>
            rounded(spec.judge(input)),
          ),
        ),
      )
    },
  }
}
