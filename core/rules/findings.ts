// What the rules found in one horizon, gravest first, with what was accepted.
import { compareBy } from '../collections/compare'
import { gravity } from '../figures/verdict'
import { accepted } from '../plan/given'
import { stage, type Needs } from '../pipeline/stage'
import type { Finding } from './finding'
import { RULES } from './registry'
import { whenTried } from './tried'

const found: Needs = Object.fromEntries(RULES.map(r => [r.id, r.findings]))
const all = stage('found', found, values => RULES.flatMap(r => values[r.id] as readonly Finding[]))

/** Gravest first, accepted last, then by id; acceptance laid over. */
export const findings = stage('findings', { all, accepted }, ({ all, accepted }) =>
  all
    .map((f): Finding => ({ ...f, tried: whenTried(f), accepted: accepted[f.id] ?? f.accepted }))
    .sort(
      compareBy(
        f => Number(f.accepted !== null),
        f => -gravity(f.verdict),
        f => f.id,
      ),
    ),
)

/**
 * What the sections ask of a finding: all but its figures, so that a margin that moves changes none
 * of them.
 */
export type FindingSummary = Pick<
  Finding,
  'id' | 'stage' | 'verdict' | 'parts' | 'joints' | 'demand' | 'accepted'
>
export const summaries = stage('summaries', { findings }, ({ findings }) =>
  findings.map(({ id, stage, verdict, parts, joints, demand, accepted }): FindingSummary => ({
    id,
    stage,
    verdict,
    parts,
    joints,
    demand,
    accepted,
  })),
)
