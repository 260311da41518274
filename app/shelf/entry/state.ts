// The part that is being entered, as the interface holds it: where it came from, its form, what is doubtful.
import { reactive, ref, shallowRef } from 'vue'
import type { PartKind } from '../../../core/parts'
import type { FormField } from '../../../core/forms/form'
import type { ValueAnswer } from '../../../core/document/draft'
import type { DraftMark } from '../../../core/reader/draft/draft'
import type { PartCheck } from '../../../core/shelf/check'
import type { Entered, ReadDraft } from '../../desk/shelf/drafts'
import { ask } from '../../desk/remote'

export type Values = Readonly<Record<string, unknown>>

/** What is typed where a case comes from ten numbers, a board from its form and five choices. */
const noNumbers = () => ({
  what: 'case' as 'case' | 'board',
  maker: '',
  model: '',
  figures: {} as Record<string, string>,
  archetype: 'tower-shroud',
  form: 'ATX',
  socket: '',
  memoryType: '',
  memorySlots: '',
  m2: '',
  usbC: '' as '' | 'yes' | 'no',
})

/** Everything of the part that is being entered. */
export function entryState() {
  return {
    kind: ref<PartKind | null>(null),
    fields: shallowRef<readonly FormField[]>([]),
    part: shallowRef<Values | null>(null),
    check: shallowRef<PartCheck | null>(null),
    doubts: shallowRef<readonly DraftMark[]>([]),
    read: shallowRef<ReadDraft | null>(null),
    sheet: ref(''),
    /** How long what was pasted is, where it was longer than any sheet and was not taken. */
    tooLong: ref<number | null>(null),
    /** Chosen by hand, over what the sheet seems to be about. */
    forced: ref<PartKind | null>(null),
    numbers: reactive(noNumbers()),
    /** The part of the shelf that it began with, and how. */
    began: ref(''),
    touched: ref(false),
    /** What was answered about values that were read. */
    answers: shallowRef<readonly ValueAnswer[]>([]),
    /** The sheet that was read last, as what, and with which answers. */
    readOf: shallowRef<Omit<Required<Entered>, 'part'> | null>(null),
    /** Whether a hand changed what was read. */
    edited: ref(false),
    /** Whether something was entered that does not lie there yet. */
    unsaved: ref(false),
    /** Under which id it lies among what came in; null while nothing was entered. */
    arrival: ref<string | null>(null),
  }
}
export type State = ReturnType<typeof entryState>

/** A part, its kind's form and what is doubtful in it take the place of what was there. */
export async function take(
  state: State,
  next: Values | null,
  own: PartKind | null,
  marks: readonly DraftMark[] = [],
): Promise<void> {
  if (own !== null && own !== state.kind.value) state.fields.value = await ask('form', own)
  state.kind.value = own
  state.doubts.value = marks
  state.part.value = next
}

/** Everything as before a part was begun. */
export async function clear(state: State): Promise<void> {
  // Nothing, read as nothing: an empty sheet is not read once more over what is begun next.
  state.answers.value = []
  state.readOf.value = { text: '', forced: null, answers: state.answers.value }
  state.sheet.value = ''
  state.forced.value = null
  state.read.value = null
  state.began.value = ''
  state.touched.value = false
  state.edited.value = false
  state.arrival.value = null
  state.unsaved.value = false
  Object.assign(state.numbers, noNumbers())
  state.tooLong.value = null
  await take(state, null, null)
}
