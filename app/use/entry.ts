// A part that is being entered: where it came from, its form, what is doubtful or wrong in it, whether it is whole.
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import type { PartKind } from '../../core/parts'
import type { FormField } from '../../core/parts/form'
import type { DraftMark } from '../../core/reader/draft'
import type { PartCheck } from '../../core/shelf/check'
import { counted } from '../../core/format'
import { LONGEST_SHEET } from '../limits'
import { useDesk } from '../stores/desk'
import type { DeskApi } from '../worker/desk.worker'
import type { ReadDraft } from '../worker/shelf'
import { worker } from '../worker/remote'

type Values = Readonly<Record<string, unknown>>
export type Asks = Awaited<ReturnType<DeskApi['asks']>>
/** Named choice: how long nothing is typed before a sheet is read, ms. */
const PAUSE = 150

export function useEntry() {
  const desk = useDesk()
  const asks = shallowRef<Asks | null>(null)
  const kind = ref<PartKind | null>(null)
  const fields = shallowRef<readonly FormField[]>([])
  const part = shallowRef<Values | null>(null)
  const check = shallowRef<PartCheck | null>(null)
  const doubts = shallowRef<readonly DraftMark[]>([])
  const read = shallowRef<ReadDraft | null>(null)
  const sheet = ref('')
  /** Chosen by hand, over what the sheet seems to be about. */
  const forced = ref<PartKind | null>(null)
  void worker.asks().then(a => { asks.value = a })

  async function take(next: Values | null, own: PartKind | null, marks: readonly DraftMark[] = []): Promise<void> {
    if (own !== null && own !== kind.value) fields.value = await worker.form(own)
    kind.value = own
    doubts.value = marks
    part.value = next
  }
  watch(part, async now => { const found = now ? await worker.checkPart(toRaw(now)) : null; if (part.value === now) check.value = found })

  /** A whole manual is no sheet. */
  const tooLong = computed(() => sheet.value.length > LONGEST_SHEET)
  const readNow = async (): Promise<void> => {
    const text = sheet.value
    if (text.trim() === '' || tooLong.value) { read.value = null; await take(null, null); return }
    const found = await worker.readSheet(text, forced.value)
    if (text !== sheet.value) return
    read.value = found
    await take(found.draft ? found.draft.part as unknown as Values : null, found.kind, found.draft ? [...found.draft.marks.filter(m => m.why !== null), ...found.draft.assumed] : [])
  }
  watch([sheet, forced], useDebounceFn(readNow, PAUSE))

  /** Begins with a part of the shelf: to change it, or to vary a copy. */
  async function begin(from: string, id: string | null): Promise<void> {
    if (id === null) return
    const found = from === 'vary' ? await worker.vary(id) : from === 'edit' ? await worker.part(id) : null
    if (found) await take(found as unknown as Values, found.kind)
  }
  async function blank(own: string): Promise<void> {
    const draft = await worker.blank(own as PartKind)
    await take(draft.part as unknown as Values, own as PartKind, draft.assumed)
  }

  const whole = computed(() => check.value !== null && check.value.part !== null && check.value.problems.length === 0)
  const says = computed(() => {
    if (!part.value || !check.value) return ''
    const { problems, questions } = check.value
    const [first] = problems
    if (first) return `${first.sentence}${problems.length > 1 ? ` And ${counted(problems.length - 1, 'other')}.` : ''}`
    return questions.length > 0 ? `${counted(questions.length, 'value')} to look at again` : ''
  })
  const problems = computed(() => new Map((check.value?.problems ?? []).map(p => [p.path, p.sentence])))
  const marks = computed(() => new Map(doubts.value.flatMap(m => (m.why === null ? [] : [[m.path, m.why] as const]))))
  const paste = (text: string): void => { sheet.value = text }
  const force = (own: PartKind | null): void => { forced.value = own }
  const set = (next: Values): void => { part.value = next }
  /** Puts it on the shelf; its id, or null when it could not be. */
  async function keep(): Promise<string | null> {
    const now = check.value?.part
    return now && await desk.keepPart(now) ? now.id : null
  }
  return { asks, kind, fields, part, check, marks, problems, read, sheet, tooLong, forced, whole, says, paste, force, begin, blank, take, set, keep }
}
export type Entry = ReturnType<typeof useEntry>
