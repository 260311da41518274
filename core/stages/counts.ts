// How many findings there are of each verdict, and how many matters are open at each stage.
import { VERDICTS, type Verdict } from '../figures/verdict'
import { stage } from '../pipeline/stage'
import { STAGES, type Stage } from '../rules/finding'
import { summaries } from '../rules/findings'

const counted = <K extends string>(keys: readonly K[], count: (key: K) => number) =>
  Object.fromEntries(keys.map(key => [key, count(key)])) as Record<K, number>

export const counts = stage('counts', { summaries }, ({ summaries }): Record<Verdict, number> =>
  counted(VERDICTS, verdict => summaries.filter(f => f.verdict === verdict).length),
)

/** Open matters: unaccepted findings that are not clear. */
export const open = stage('open', { summaries }, ({ summaries }): Record<Stage, number> => {
  const matters = summaries.filter(f => f.verdict !== 'clear' && !f.accepted)
  return counted(STAGES, of => matters.filter(f => f.stage === of).length)
})
