// What is entered lies among what came in for the build, so that it outlives the page.
import { useDebounceFn } from '@vueuse/core'
import { toRaw, watch } from 'vue'
import { useDesk } from '../../state/desk'
import { isLasting } from './beginning'
import { clear, type State } from './state'

/** Named choice: how long nothing is entered before it is kept, ms. */
const KEPT_AFTER = 400

/**
 * Keeps what is entered a moment after it was. A part of the shelf that is changed or varied is not
 * kept so: it lies there as it was.
 */
export function useKeeping(state: State) {
  const desk = useDesk()
  const { sheet, forced, answers, part, edited, touched, unsaved, arrival } = state
  async function save(): Promise<void> {
    const build = desk.state.build?.id
    const isEmpty = sheet.value.trim() === '' && part.value === null
    if (!build || !unsaved.value || !isLasting(state) || isEmpty) return
    arrival.value ??= crypto.randomUUID()
    unsaved.value = false
    const change = {
      text: sheet.value,
      forced: forced.value,
      answers: [...answers.value],
      part: edited.value || sheet.value.trim() === '' ? toRaw(part.value) : null,
    }
    const act = { act: 'changeArrival', build, arrival: arrival.value, change } as const
    if (!(await desk.did(act))) unsaved.value = true
  }
  const later = useDebounceFn(save, KEPT_AFTER)
  watch([sheet, forced, answers, part], () => {
    if (!touched.value) return
    unsaved.value = true
    void later()
  })
  // What was added or left out meanwhile is not entered any more.
  watch([() => desk.state.build?.id, () => desk.state.arrivals], ([build, now], [was, before]) => {
    const isOf = (list: typeof now): boolean => list.some(a => a.id === arrival.value)
    if (build === was && isOf(before) && !isOf(now)) void clear(state)
  })
  return {
    /** Keeps at once what waits to be kept. */
    flush: save,
    drop: async (id: string): Promise<void> => {
      const build = desk.state.build?.id
      if (build) await desk.did({ act: 'dropArrivals', build, arrivals: [id] })
    },
  }
}
