// A part that is being entered: where it came from, its form, what is doubtful or wrong in it,
// whether it is whole. It waits here until it is kept or begun anew, whatever else is looked at
// meanwhile.
import { useDebounceFn, useEventListener } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, reactive, ref, shallowRef, toRaw, watch } from 'vue'
import type { Part, PartKind } from '../../core/parts'
import type { FormField } from '../../core/forms/form'
import type { DraftMark } from '../../core/reader/draft/draft'
import type { PartCheck } from '../../core/shelf/check'
import { counted } from '../../core/figures/format'
import { LONGEST_SHEET } from '../desk/limits'
import { useDesk } from './desk'
import type { Questions } from '../desk/questions'
import type { ReadDraft } from '../desk/shelf/drafts'
import { ask } from '../desk/remote'

type Values = Readonly<Record<string, unknown>>
export type Asks = ReturnType<Questions['entryAsks']>
/** Named choice: how long nothing is typed before a sheet is read, ms. */
const PAUSE = 150

/** What is typed where a case comes from eight numbers, a board from its form and five choices. */
const noNumbers = () => ({
  what: 'case' as 'case' | 'board',
  maker: '',
  model: '',
  figures: {} as Record<string, string>,
  archetype: 'tower-shroud',
  form: 'ATX',
  socket: '',
  memoryType: 'DDR5',
  memorySlots: '4',
  m2: '2',
  usbC: true,
})

export const useEntry = defineStore('entry', () => {
  const desk = useDesk()
  const asks = shallowRef<Asks | null>(null)
  const kind = ref<PartKind | null>(null)
  const fields = shallowRef<readonly FormField[]>([])
  const part = shallowRef<Values | null>(null)
  const check = shallowRef<PartCheck | null>(null)
  const doubts = shallowRef<readonly DraftMark[]>([])
  const read = shallowRef<ReadDraft | null>(null)
  const sheet = ref('')
  /** How long what was pasted is, where it was longer than any sheet and was not taken. */
  const tooLong = ref<number | null>(null)
  /** Chosen by hand, over what the sheet seems to be about. */
  const forced = ref<PartKind | null>(null)
  const numbers = reactive(noNumbers())
  /** The part of the shelf that it began with, and how. */
  const began = ref('')
  const touched = ref(false)
  /** The sheet that was read last, and as what. */
  let readOf = ''
  const snapshot = () => ({
    sheet: sheet.value,
    forced: forced.value,
    readOf,
    read: read.value,
    kind: kind.value,
    fields: fields.value,
    part: part.value,
    doubts: doubts.value,
    numbers: { ...numbers, figures: { ...numbers.figures } },
  })
  /** Parts half entered that wait while another is, by what they began with. */
  const waiting = new Map<string, ReturnType<typeof snapshot>>()
  void ask('entryAsks').then(a => {
    asks.value = a
  })
  // What was typed is lost with the page: the browser asks.
  useEventListener(window, 'beforeunload', event => {
    if (touched.value || waiting.size > 0) event.preventDefault()
  })

  async function take(
    next: Values | null,
    own: PartKind | null,
    marks: readonly DraftMark[] = [],
  ): Promise<void> {
    if (own !== null && own !== kind.value) fields.value = await ask('form', own)
    kind.value = own
    doubts.value = marks
    part.value = next
  }
  watch(part, async now => {
    const found = now ? await ask('checkPart', toRaw(now)) : null
    if (part.value === now) check.value = found
  })

  const readNow = async (): Promise<void> => {
    const text = sheet.value
    const asked = `${forced.value ?? ''} ${text}`
    if (asked === readOf) return
    readOf = asked
    if (text.trim() === '') {
      read.value = null
      await take(null, null)
      return
    }
    const found = await ask('readSheet', text, forced.value).catch((error: unknown) => {
      // What was not read may be asked for again.
      readOf = ''
      throw error
    })
    if (text !== sheet.value) return
    read.value = found
    await take(
      found.draft ? found.draft.part : null,
      found.kind,
      found.draft ? [...found.draft.marks.filter(m => m.why !== null), ...found.draft.assumed] : [],
    )
  }
  watch([sheet, forced], useDebounceFn(readNow, PAUSE))

  /** Begins with a part of the shelf: to change it, or to vary a copy. */
  async function begin(from: string, id: string | null): Promise<void> {
    const asked = id === null ? '' : `${from} ${id}`
    if (asked === began.value && (asked === '' || touched.value)) return
    if (touched.value) waiting.set(began.value, snapshot())
    await clear()
    began.value = asked
    const left = waiting.get(asked)
    if (left) {
      resume(left)
      return
    }
    if (id === null) return
    const found =
      from === 'vary' ? await ask('vary', id) : from === 'edit' ? await ask('part', id) : null
    if (found) await take(found, found.kind)
  }
  /** What was derived from a few numbers. */
  function derived(own: Part): Promise<void> {
    touched.value = true
    return take(own, own.kind)
  }
  async function blank(own: string): Promise<void> {
    const draft = await ask('blank', own as PartKind)
    touched.value = true
    await take(draft.part, own as PartKind, draft.assumed)
  }
  /** What was left half entered is taken up again. */
  function resume(left: ReturnType<typeof snapshot>): void {
    waiting.delete(began.value)
    readOf = left.readOf
    sheet.value = left.sheet
    forced.value = left.forced
    read.value = left.read
    kind.value = left.kind
    fields.value = left.fields
    doubts.value = left.doubts
    part.value = left.part
    Object.assign(numbers, left.numbers)
    touched.value = true
  }
  /** Everything as before a part was begun. */
  async function clear(): Promise<void> {
    // Nothing, read as nothing: an empty sheet is not read once more over what is begun next.
    readOf = ' '
    sheet.value = ''
    forced.value = null
    read.value = null
    began.value = ''
    touched.value = false
    Object.assign(numbers, noNumbers())
    tooLong.value = null
    await take(null, null)
  }

  const whole = computed(
    () => check.value !== null && check.value.part !== null && check.value.problems.length === 0,
  )
  const says = computed(() => {
    if (!part.value || !check.value) return ''
    const { problems, questions } = check.value
    const [first] = problems
    if (first)
      return `${first.sentence}${problems.length > 1 ? ` And ${counted(problems.length - 1, 'other')}.` : ''}`
    return questions.length > 0 ? `${counted(questions.length, 'value')} to look at again` : ''
  })
  const problems = computed(
    () => new Map((check.value?.problems ?? []).map(p => [p.path, p.sentence])),
  )
  const marks = computed(
    () => new Map(doubts.value.flatMap(m => (m.why === null ? [] : [[m.path, m.why] as const]))),
  )
  /** Takes what stands in the field now; a whole manual is no sheet, and is not taken. */
  const paste = (text: string): void => {
    if (!fits(text.length)) return
    sheet.value = text
    touched.value = true
  }
  /** Whether a text of so many characters is taken; where it is not, that is said. */
  const fits = (length: number): boolean => {
    tooLong.value = length > LONGEST_SHEET ? length : null
    return tooLong.value === null
  }
  const force = (own: PartKind | null): void => {
    forced.value = own
  }
  const set = (next: Values): void => {
    part.value = next
    touched.value = true
  }
  /** Puts it on the shelf; its id, or null when it could not be. */
  async function keep(): Promise<string | null> {
    const now = check.value?.part
    if (!now || !(await desk.did({ act: 'keepPart', part: now }))) return null
    await clear()
    return now.id
  }
  return {
    asks,
    kind,
    fields,
    part,
    check,
    marks,
    problems,
    read,
    sheet,
    tooLong,
    forced,
    numbers,
    touched,
    whole,
    says,
    paste,
    fits,
    force,
    begin,
    blank,
    derived,
    set,
    clear,
    keep,
  }
})
