// A way out of a finding: a short list of commands, tried by doing them and analysing again. What
// it promises is what was then seen.
import { analyseIn, type HorizonAnalysis } from '../analysis/analyse'
import { apply } from '../document/apply'
import type { Command, SingleCommand } from '../document/command-schema'
import type { Build } from '../document/build'
import { isProblem } from '../document/command'
import type { Horizon } from '../document/resolve'
import { difference, type Difference } from '../analysis/compare'
import type { Finding } from '../rules/finding'
import type { Memory } from '../pipeline/memory'
import type { Part } from '../parts'
import type { Situation } from '../plan/situation'
import { gravity, VERDICTS, type Verdict } from '../figures/verdict'

/**
 * What is done: another part, something added between or beside, another place, something left
 * away, another school.
 */
export const REMEDY_KINDS = [
  'place',
  'turn',
  'piece',
  'lead',
  'adapter',
  'hub',
  'card',
  'school',
  'leave open',
  'leave out',
  'swap',
  'cut',
] as const
export type RemedyKind = (typeof REMEDY_KINDS)[number]

export interface Candidate {
  readonly kind: RemedyKind
  readonly title: string
  readonly commands: readonly SingleCommand[]
}

export interface Remedy extends Candidate {
  /** What is left of the finding; null when it is gone. */
  readonly leaves: Verdict | null
  readonly promise: Difference
}

/** What a search for remedies starts from. */
export interface Question {
  readonly build: Build
  readonly horizon: Horizon
  readonly finding: Finding
  readonly situation: Situation
  readonly shelf: readonly Part[]
}

/** The one command that carries a remedy out. */
export const remedyCommand = ({ title, commands }: Candidate): Command => ({
  do: 'together',
  commands,
  title,
})

/** Commands read no clock, and what is tried leaves no trace. */
const TRIAL = '1970-01-01T00:00:00.000Z'

/**
 * Tries a candidate: null when it cannot be done or does not help. It helps when the finding weighs
 * less, all that is open weighs less together, and nothing new stops or harms.
 */
export function tried(
  candidate: Candidate,
  { build, horizon, finding }: Question,
  before: HorizonAnalysis,
  memo: Memory,
): Remedy | null {
  const done = apply(build, remedyCommand(candidate), TRIAL)
  if (isProblem(done)) return null
  const after = analyseIn(done.build, horizon, memo)
  const left = after.findings.find(f => f.id === finding.id)
  const leaves = !left || left.verdict === 'clear' ? null : left.verdict
  if (leaves !== null && gravity(leaves) >= gravity(finding.verdict)) return null
  if (!lighter(weights(after), weights(before))) return null
  const promise = difference(before, after)
  const worse = [...promise.findings.come, ...promise.findings.turned.map(t => t.finding)].some(
    f => f.verdict === 'stop' || f.verdict === 'harm',
  )
  return worse ? null : { ...candidate, leaves, promise }
}

/** Open findings counted by verdict, the gravest first. */
const weights = (side: HorizonAnalysis): readonly number[] =>
  VERDICTS.filter(v => v !== 'clear').map(
    v => side.findings.filter(f => f.verdict === v && f.accepted === null).length,
  )

function lighter(a: readonly number[], b: readonly number[]): boolean {
  const at = a.findIndex((n, i) => n !== b[i])
  return at >= 0 && (a[at] ?? 0) < (b[at] ?? 0)
}
