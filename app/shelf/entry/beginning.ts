// Beginning with a part of the shelf, or going on with what came in; one that is half entered waits while
// another is.
import { useEventListener } from '@vueuse/core'
import type { PartKind } from '../../../core/parts'
import { ask } from '../../desk/remote'
import { useDesk } from '../../state/desk'
import { doubtfulIn } from './reading'
import { clear, take, type State, type Values } from './state'

/** What is laid aside of a part that is left half entered. */
const ASIDE = [
  ...(['readOf', 'sheet', 'forced', 'read', 'kind', 'fields', 'doubts', 'part'] as const),
  ...(['edited', 'arrival', 'answers'] as const),
] as const
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

/** Whether what is entered lies among what came in; a part of the shelf lies there as it was. */
export const isLasting = ({ began }: State): boolean =>
  began.value === '' || began.value.startsWith('arrival ')

/** Beginning with a part of the shelf; one that is half entered waits while another is. */
export function useBeginning(state: State, flush: () => Promise<void>) {
  const waiting = new Map<string, LaidAside>()
  // What was typed and is not kept is lost with the page: the browser asks.
  useEventListener(window, 'beforeunload', event => {
    const isOpen = isLasting(state) ? state.unsaved.value : state.touched.value
    if (isOpen || [...waiting.keys()].some(began => began !== '')) event.preventDefault()
  })
  /** Begins with a part of the shelf, to change it or to vary a copy; or goes on with what came in. */
  return async (from: string, id: string | null): Promise<void> => {
    const { began, touched } = state
    const asked = id === null ? '' : `${from} ${id}`
    if (asked === began.value && (asked === '' || touched.value)) return
    if (isLasting(state)) await flush()
    // What came in is there as it was left; the others wait here.
    if (touched.value && !began.value.startsWith('arrival '))
      waiting.set(began.value, laidAside(state))
    await clear(state)
    began.value = asked
    const left = waiting.get(asked)
    if (left) {
      waiting.delete(asked)
      resume(state, left)
    } else if (id !== null) await takeFrom(state, from, id)
  }
}

/** What came in, as it was left. */
async function takeArrival(state: State, id: string): Promise<void> {
  const found = await ask('arrival', id)
  if (!found) return
  const { row, read } = found
  state.arrival.value = id
  state.sheet.value = row.text
  state.forced.value = row.forced
  state.answers.value = row.answers ?? []
  state.readOf.value = { text: row.text, forced: row.forced, answers: state.answers.value }
  state.read.value = read
  state.edited.value = row.part !== null
  const part = found.part as Values | null
  const kind = part ? (part['kind'] as PartKind) : (read?.kind ?? null)
  await take(state, part, kind, read ? doubtfulIn(read) : [])
}

async function takeFrom(state: State, from: string, id: string): Promise<void> {
  if (from === 'arrival') return takeArrival(state, id)
  const questions = {
    vary: () => ask('vary', id),
    edit: () => ask('part', id),
    mend: () => Promise.resolve(useDesk().state.build?.items.find(i => i.id === id)?.part ?? null),
  }
  const found = from in questions ? await questions[from as keyof typeof questions]() : null
  if (found) await take(state, found, found.kind)
}
