// A rule: a value that says what it is made from, for what it asks its question, and how it judges.
// The list of rules that people read is made from these.
import { rounded } from '../figures/rounded'
import { kept } from '../pipeline/kept'
import { stage, type Needs, type Stage as Step, type ValuesOf } from '../pipeline/stage'
import type { Finding, Stage } from './finding'

export interface RuleSpec<N extends Needs, I extends object> {
  readonly id: string
  readonly stage: Stage
  /** What it asks, as a sentence for the list of rules. */
  readonly question: string
  readonly source: string
  /** The stages that it is made from: of the plan it sees nothing else. */
  readonly needs: N
  /** One input for each time it is asked. Inputs hold only what the judgement depends on. */
  readonly inputs: (values: ValuesOf<N>) => readonly I[]
  readonly judge: (input: I) => readonly Finding[]
  /** What an input is remembered by; otherwise by its number. */
  readonly key?: (input: I) => string
}

export interface Rule {
  readonly id: string
  readonly stage: Stage
  readonly question: string
  readonly source: string
  /** What of the plan it looks at, by name. */
  readonly needs: readonly string[]
  /** What it finds, rounded; an input that stays is not judged again. */
  readonly findings: Step<readonly Finding[]>
}

export function rule<N extends Needs, I extends object>(spec: RuleSpec<N, I>): Rule {
  const { id, stage: of, question, source } = spec
  const judged = kept(`${id}/judged`, (input: I) => rounded(spec.judge(input)))
  const inputs = stage(`${id}/inputs`, spec.needs, spec.inputs)
  const findings = stage(id, { inputs }, values =>
    values.inputs.flatMap((input, i) => judged(spec.key?.(input) ?? String(i), input)),
  )
  return { id, stage: of, question, source, needs: Object.keys(spec.needs), findings }
}
