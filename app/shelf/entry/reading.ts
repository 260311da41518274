// A sheet is read as it stands now: what a hand corrected of what was read before stays.
import { toRaw } from 'vue'
import type { ReadDraft } from '../../desk/shelf/drafts'
import type { DraftMark } from '../../../core/reader/draft/draft'
import { ask } from '../../desk/remote'
import { take, type State, type Values } from './state'

/** Reads the sheet as it stands now, unless it was read so already. */
export async function readNow(state: State): Promise<void> {
  const { sheet, forced, answers, readOf, read, edited, part } = state
  const now = { text: sheet.value, forced: forced.value, answers: answers.value }
  const before = readOf.value
  if (isSame(before, now)) return
  readOf.value = now
  if (now.text.trim() === '') return empty(state)
  // What a hand corrected of what was read before stays.
  const asWas = { text: '', forced: null, ...before, part: edited.value ? toRaw(part.value) : null }
  const found = await ask('readAgain', now, asWas).catch((error: unknown) => {
    // What was not read may be asked for again.
    readOf.value = before
    throw error
  })
  if (now.text !== sheet.value) return
  read.value = found
  edited.value = found.corrections.length > 0
  await take(state, withPlace(found, part.value?.['read']), found.kind, doubtfulIn(found))
}

const isSame = (a: State['readOf']['value'], b: NonNullable<typeof a>): boolean =>
  a?.text === b.text && a.forced === b.forced && a.answers === b.answers

async function empty(state: State): Promise<void> {
  state.read.value = null
  state.edited.value = false
  await take(state, null, null)
}

/** The part that was read; where it was read was said already. */
function withPlace({ draft }: ReadDraft, where: unknown): Values | null {
  if (!draft) return null
  return where ? { ...draft.part, read: where } : draft.part
}

/** What of a reading is to be looked at: doubtful values, and what was taken as usual. */
export const doubtfulIn = ({ draft }: ReadDraft): readonly DraftMark[] =>
  draft ? [...draft.marks.filter(m => m.why !== null), ...draft.assumed] : []
