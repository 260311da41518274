// A part that is being entered: where it came from, its form, what is doubtful or wrong in it,
// whether it is whole. It waits here until it is kept or begun anew, whatever else is looked at
// meanwhile.
import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import type { Part, PartKind } from '../../../core/parts'
import { counted } from '../../../core/figures/format'
import type { ValueAnswer } from '../../../core/document/draft'
import type { ReadLine } from '../../desk/shelf/drafts'
import { LONGEST_SHEET } from '../../desk/limits'
import { useDesk } from '../../state/desk'
import type { Questions } from '../../desk/questions'
import { ask } from '../../desk/remote'
import { useBeginning } from './beginning'
import { useKeeping } from './keeping'
import { readNow } from './reading'
import { clear, entryState, take, type State, type Values } from './state'

export type Choices = ReturnType<Questions['entryChoices']>
/** Named choice: how long nothing is typed before a sheet is read, ms. */
const PAUSE = 150

/** What is said of the part as it stands. */
function useSaid({ part, check, doubts }: State) {
  const whole = computed(
    () => check.value !== null && check.value.part !== null && check.value.problems.length === 0,
  )
  const says = computed(() => {
    if (!part.value || !check.value) return ''
    const { problems, questions, open } = check.value
    const [first, ...more] = problems
    const others = more.length > 0 ? ` And ${counted(more.length, 'other')}.` : ''
    if (first) return `${first.sentence}${others}`
    if (questions.length > 0) return `${counted(questions.length, 'value')} to look at again`
    return open.length > 0 ? `Not known: ${counted(open.length, 'thing')} that it joins by` : ''
  })
  const problems = computed(
    () => new Map((check.value?.problems ?? []).map(p => [p.path, p.sentence])),
  )
  const marks = computed(
    () =>
      new Map([
        ...(check.value?.open ?? []).map(o => [o.path, o.sentence] as const),
        ...doubts.value.flatMap(m => (m.why === null ? [] : [[m.path, m.why] as const])),
      ]),
  )
  return { whole, says, problems, marks }
}

/** What a hand may change of it. */
function useChanges(state: State) {
  const { part, sheet, tooLong, forced, answers, touched, edited } = state
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
      touched.value = edited.value = true
    },
    /** Where the sheet was read: a shop's or a reviewer's words are weaker than the maker's. */
    readIn: (where: string): void => {
      if (!part.value) return
      const { read: _, ...rest } = part.value
      part.value = where === 'sheet' ? rest : { ...rest, read: { in: where } }
      touched.value = edited.value = true
    },
    /** What a person says of a value that was read; null takes it back. */
    answer: ({ path, is }: ReadLine, says: ValueAnswer['says'] | null): void => {
      const isOfIt = (a: ValueAnswer): boolean => a.path === path && String(a.value) === String(is)
      const others = answers.value.filter(a => !isOfIt(a))
      answers.value = says === null ? others : [...others, { path, value: is, says }]
      touched.value = true
    },
    set: (next: Values): void => {
      part.value = next
      touched.value = edited.value = true
    },
    /** What was derived from a few numbers. */
    derived: (own: Part): Promise<void> => {
      touched.value = edited.value = true
      return take(state, own, own.kind)
    },
    blank: async (own: string): Promise<void> => {
      const draft = await ask('blank', own as PartKind)
      await take(state, draft.part, own as PartKind, draft.assumed)
    },
  }
}

/** What becomes of it in the end. */
function useKept(state: State, keeping: ReturnType<typeof useKeeping>) {
  const desk = useDesk()
  const { check } = state
  /** Puts it on the shelf; its id, or null when it could not be. */
  async function keep(): Promise<string | null> {
    const now = check.value?.part
    if (!now || !(await desk.did({ act: 'keepPart', part: now }))) return null
    await leave()
    return now.id
  }
  /** Puts it in the place of a part of the build: of that copy, of all like it, on the shelf too. */
  async function mend(item: string, where: 'copy' | 'build' | 'shelf'): Promise<boolean> {
    const [build, now] = [desk.state.build?.id, check.value?.part]
    if (!build || !now) return false
    if (!(await desk.did({ act: 'mendPart', build, item, part: now, where }))) return false
    await leave()
    return true
  }
  /** Everything as before it was begun; what lay among what came in is gone too. */
  async function leave(): Promise<void> {
    const id = state.arrival.value
    await clear(state)
    if (id !== null) await keeping.drop(id)
  }
  /** What came in is kept as it is now, and is not entered any more. */
  async function rest(): Promise<void> {
    await keeping.flush()
    await clear(state)
  }
  return { keep, mend, rest, clear: leave }
}

export const useEntry = defineStore('entry', () => {
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
    [sheet, forced, state.answers],
    useDebounceFn(() => readNow(state), PAUSE),
  )
  const keeping = useKeeping(state)
  const changes = useChanges(state)
  const kept = useKept(state, keeping)
  return {
    ...state,
    choices,
    ...useSaid(state),
    ...changes,
    begin: useBeginning(state, keeping.flush),
    /** Begins with a kind that is asked for: as a form, or as a few numbers. */
    beginKind: async (from: string, kind: string): Promise<void> => {
      if (state.touched.value) return
      if (from === 'numbers') state.numbers.what = kind === 'board' ? 'board' : 'case'
      if (from === 'hand') await changes.blank(kind)
    },
    ...kept,
  }
})
