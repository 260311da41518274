// A part that is being entered: where it came from, its form, what is doubtful or wrong in it,
// whether it is whole. It waits here until it is kept or begun anew, whatever else is looked at
// meanwhile.
import { useDebounceFn, useEventListener } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, reactive, ref, shallowRef, toRaw, watch } from 'vue'
import type { Part, PartKind } from '../../../core/parts'
import type { FormField } from '../../../core/forms/form'
import type { DraftMark } from '../../../core/reader/draft/draft'
import type { PartCheck } from '../../../core/shelf/check'
import { counted } from '../../../core/figures/format'
import { LONGEST_SHEET } from '../../desk/limits'
import { useDesk } from '../../state/desk'
import type { Questions } from '../../desk/questions'
import type { ReadDraft } from '../../desk/shelf/drafts'
import { ask } from '../../desk/remote'

type Values = Readonly<Record<string, unknown>>
export type Choices = ReturnType<Questions['entryChoices']>
/** Named choice: how long nothing is typed before a sheet is read, ms. */
const PAUSE = 150

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
function entryState() {
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
    /** The sheet that was read last, and as what. */
    readOf: ref(''),
  }
}
type State = ReturnType<typeof entryState>

/** A part, its kind's form and what is doubtful in it take the place of what was there. */
async function take(
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

/** Reads the sheet as it stands now, unless it was read so already. */
async function readNow(state: State): Promise<void> {
  const { sheet, forced, readOf, read } = state
  const text = sheet.value
  const asked = `${forced.value ?? ''} ${text}`
  if (asked === readOf.value) return
  readOf.value = asked
  if (text.trim() === '') {
    read.value = null
    await take(state, null, null)
    return
  }
  const found = await ask('readSheet', text, forced.value).catch((error: unknown) => {
    // What was not read may be asked for again.
    readOf.value = ''
    throw error
  })
  if (text !== sheet.value) return
  read.value = found
  const { draft } = found
  const doubtful = draft ? [...draft.marks.filter(m => m.why !== null), ...draft.assumed] : []
  // Where it was read was said already.
  const where = state.part.value?.['read']
  const part = draft && where ? { ...draft.part, read: where } : draft?.part
  await take(state, part ?? null, found.kind, doubtful)
}

/** Everything as before a part was begun. */
async function clear(state: State): Promise<void> {
  // Nothing, read as nothing: an empty sheet is not read once more over what is begun next.
  state.readOf.value = ' '
  state.sheet.value = ''
  state.forced.value = null
  state.read.value = null
  state.began.value = ''
  state.touched.value = false
  Object.assign(state.numbers, noNumbers())
  state.tooLong.value = null
  await take(state, null, null)
}

/** What is laid aside of a part that is left half entered. */
const ASIDE = ['readOf', 'sheet', 'forced', 'read', 'kind', 'fields', 'doubts', 'part'] as const
function laidAside(state: State) {
  const { numbers } = state
  return {
    values: ASIDE.map(key => [key, state[key].value] as const),
    numbers: { ...numbers, figures: { ...numbers.figures } },
  }
}
type LaidAside = ReturnType<typeof laidAside>
function resume(state: State, { values, numbers }: LaidAside): void {
  const own = state as Record<string, unknown>
  for (const [key, value] of values) (own[key] as { value: unknown }).value = value
  Object.assign(state.numbers, numbers)
  state.touched.value = true
}

/** Beginning with a part of the shelf; one that is half entered waits while another is. */
function useBeginning(state: State) {
  const waiting = new Map<string, LaidAside>()
  // What was typed is lost with the page: the browser asks.
  useEventListener(window, 'beforeunload', event => {
    if (state.touched.value || waiting.size > 0) event.preventDefault()
  })
  /** Begins with a part of the shelf: to change it, or to vary a copy. */
  return async (from: string, id: string | null): Promise<void> => {
    const { began, touched } = state
    const asked = id === null ? '' : `${from} ${id}`
    if (asked === began.value && (asked === '' || touched.value)) return
    if (touched.value) waiting.set(began.value, laidAside(state))
    await clear(state)
    began.value = asked
    const left = waiting.get(asked)
    if (left) {
      waiting.delete(asked)
      resume(state, left)
    } else if (id !== null) await takeFrom(state, from, id)
  }
}

async function takeFrom(state: State, from: string, id: string): Promise<void> {
  const questions = { vary: () => ask('vary', id), edit: () => ask('part', id) }
  const found = from in questions ? await questions[from as keyof typeof questions]() : null
  if (found) await take(state, found, found.kind)
}

/** What is said of the part as it stands. */
function useSaid({ part, check, doubts }: State) {
  const whole = computed(
    () => check.value !== null && check.value.part !== null && check.value.problems.length === 0,
  )
  const says = computed(() => {
    if (!part.value || !check.value) return ''
    const { problems, questions } = check.value
    const [first, ...more] = problems
    const others = more.length > 0 ? ` And ${counted(more.length, 'other')}.` : ''
    if (first) return `${first.sentence}${others}`
    return questions.length > 0 ? `${counted(questions.length, 'value')} to look at again` : ''
  })
  const problems = computed(
    () => new Map((check.value?.problems ?? []).map(p => [p.path, p.sentence])),
  )
  const marks = computed(
    () => new Map(doubts.value.flatMap(m => (m.why === null ? [] : [[m.path, m.why] as const]))),
  )
  return { whole, says, problems, marks }
}

/** What a hand may change of it. */
function useChanges(state: State) {
  const { part, sheet, tooLong, forced, touched } = state
  /** Whether a text of so many characters is taken; where it is not, that is said. */
  const fits = (length: number): boolean => {
    tooLong.value = length > LONGEST_SHEET ? length : null
    return tooLong.value === null
  }
  return {
    fits,
    /** Takes what stands in the field now; a whole manual is no sheet, and is not taken. */
    paste: (text: string): void => {
      if (!fits(text.length)) return
      sheet.value = text
      touched.value = true
    },
    force: (own: PartKind | null): void => {
      forced.value = own
    },
    /** Something that was taken as usual is so: somebody looked. */
    confirm: async (what: string): Promise<void> => {
      if (!part.value) return
      part.value = await ask('confirmed', toRaw(part.value), what)
      touched.value = true
    },
    /** Where the sheet was read: a shop's or a reviewer's words are weaker than the maker's. */
    readIn: (where: string): void => {
      if (!part.value) return
      const { read: _, ...rest } = part.value
      part.value = where === 'sheet' ? rest : { ...rest, read: { in: where } }
      touched.value = true
    },
    set: (next: Values): void => {
      part.value = next
      touched.value = true
    },
    /** What was derived from a few numbers. */
    derived: (own: Part): Promise<void> => {
      touched.value = true
      return take(state, own, own.kind)
    },
    blank: async (own: string): Promise<void> => {
      const draft = await ask('blank', own as PartKind)
      touched.value = true
      await take(state, draft.part, own as PartKind, draft.assumed)
    },
  }
}

export const useEntry = defineStore('entry', () => {
  const desk = useDesk()
  const choices = shallowRef<Choices | null>(null)
  void ask('entryChoices').then(a => {
    choices.value = a
  })
  const state = entryState()
  const { part, check, sheet, forced } = state
  watch(part, async now => {
    const found = now ? await ask('checkPart', toRaw(now)) : null
    if (part.value === now) check.value = found
  })
  watch(
    [sheet, forced],
    useDebounceFn(() => readNow(state), PAUSE),
  )
  /** Puts it on the shelf; its id, or null when it could not be. */
  async function keep(): Promise<string | null> {
    const now = check.value?.part
    if (!now || !(await desk.did({ act: 'keepPart', part: now }))) return null
    await clear(state)
    return now.id
  }
  return {
    ...state,
    choices,
    ...useSaid(state),
    ...useChanges(state),
    begin: useBeginning(state),
    clear: () => clear(state),
    keep,
  }
})
