// Ways out of a finding, on demand: every candidate is tried, what helps is told with its price and
// what it uses up.
import { compareBy } from '../collections/compare'
import { analyseIn, situationIn } from '../analysis/analyse'
import type { Build } from '../document/build'
import type { Horizon } from '../document/resolve'
import { Memory } from '../pipeline/memory'
import type { Part } from '../parts'
import { additions } from './add'
import { cuts } from './cut'
import { leavings, schools } from './leave'
import { pieces } from './pieces'
import { places } from './place'
import { REMEDY_KINDS, tried, type Candidate, type Question, type Remedy } from './remedy'
import { swaps } from './swap'
import { turns } from './turn'

const SOURCES: readonly ((q: Question) => readonly Candidate[])[] = [
  places,
  turns,
  pieces,
  additions,
  schools,
  leavings,
  swaps,
  cuts,
]

export interface Search {
  /**
   * What costs least first, then what changes least; then doing with less; last what cannot be
   * undone.
   */
  readonly remedies: readonly Remedy[]
  readonly tried: number
  readonly of: number
}

/**
 * Searches for remedies of one finding: after each candidate that was tried comes what is known so
 * far, so that a caller can show it, rest, or stop. Nothing when there is no such finding. The
 * build is not changed.
 */
export function* searchRemedies(
  build: Build,
  horizon: Horizon,
  finding: string,
  shelf: readonly Part[],
): Generator<Search> {
  const memo = new Memory()
  const before = analyseIn(build, horizon, memo)
  const found = before.findings.find(f => f.id === finding)
  if (!found) return
  const question: Question = {
    build,
    horizon,
    finding: found,
    situation: situationIn(build, horizon, memo),
    shelf,
  }
  const candidates = SOURCES.flatMap(source => source(question))
  let remedies: readonly Remedy[] = []
  for (const [i, candidate] of candidates.entries()) {
    const remedy = tried(candidate, question, before, memo)
    if (remedy) remedies = [...remedies, remedy].sort(better)
    yield { remedies, tried: i + 1, of: candidates.length }
  }
}

/** All at once, for those who can wait. */
export const remediesFor = (...question: Parameters<typeof searchRemedies>): readonly Remedy[] =>
  [...searchRemedies(...question)].at(-1)?.remedies ?? []

const isLess = ({ kind }: Remedy): boolean => kind === 'leave open' || kind === 'leave out'
const open = ({ promise: { findings } }: Remedy): number =>
  findings.come.length - findings.gone.length
const cost = ({ promise: { left } }: Remedy): number => left.after - left.before

const better = compareBy<Remedy>(
  r => Number(r.kind === 'cut'),
  r => Number(isLess(r)),
  cost,
  r => REMEDY_KINDS.indexOf(r.kind),
  open,
  r => r.title,
)
