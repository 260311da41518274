// A matching solved: each part of it that shares nothing with the others is remembered by itself.
import { match, NODE_LIMIT, solve } from '../matching/match'
import type { Matching, MatchProblem } from '../matching/problem'
import { kept } from '../pipeline/kept'

const component = kept('match-part', (part: MatchProblem): Matching => solve(part, NODE_LIMIT))
const whole = kept(
  'match',
  ({ at, problem }: { readonly at: string; readonly problem: MatchProblem }): Matching =>
    match(problem, NODE_LIMIT, (name, part) => component(`${at}/${name}`, part)),
)

/** Solves a problem; `at` names it, so that the parts of it that stay are not solved again. */
export const solvedAt = (at: string, problem: MatchProblem): Matching => whole(at, { at, problem })
