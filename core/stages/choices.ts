// What can be declared of the whole machine, and what was: its purpose, its uses, its system, and
// where careful people differ.
import { declared, practices, runs } from '../plan/given'
import { unwanted } from '../plan/chosen'
import { stage } from '../pipeline/stage'
import { PRACTICE_IDS, PRACTICES, type PracticeId } from '../standards/practices'
import { PURPOSE, PURPOSES, USE, USES, type Purpose, type Use } from '../standards/purposes'

export interface ChoicesSection {
  readonly purpose: Purpose | null
  readonly purposes: readonly { readonly id: Purpose; readonly says: string }[]
  readonly uses: readonly { readonly id: Use; readonly says: string; readonly wanted: boolean }[]
  readonly runs: string | null
  readonly practices: readonly PracticeRow[]
}
export interface PracticeRow {
  readonly id: PracticeId
  readonly title: string
  readonly chosen: string | null
  readonly options: readonly { readonly id: string; readonly says: string; readonly why: string }[]
}

export const choices = stage(
  'choices',
  { declared, unwanted, runs, practices },
  ({ declared, unwanted, runs, practices }): ChoicesSection => ({
    purpose: declared.purpose,
    purposes: PURPOSES.map(id => ({ id, says: PURPOSE[id].says })),
    uses: USES.map(id => ({ id, says: USE[id], wanted: !unwanted.includes(id) })),
    runs,
    practices: PRACTICE_IDS.map(id => ({
      id,
      title: PRACTICES[id].title,
      chosen: practices[id] ?? null,
      options: PRACTICES[id].options,
    })),
  }),
)
