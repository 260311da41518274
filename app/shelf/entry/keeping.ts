// What is entered lies among what came in for the build, so that it outlives the page.
import { useDebounceFn } from '@vueuse/core'
import { toRaw, watch } from 'vue'
import { useDesk } from '../../state/desk'
import type { State } from './state'

/** Named choice: how long nothing is entered before it is kept, ms. */
const KEPT_AFTER = 400

/**
 * What is entered lies among what came in for the build, so that it outlives the page. A part of the
 * shelf that is changed or varied does not: it lies there as it was.
 */
export function useKeeping(state: State) {
  const desk = useDesk()
  const { sheet, forced, part, edited, touched, began, arrival } = state
  const isLasting = (): boolean => began.value === ''
  async function save(): Promise<void> {
    const build = desk.state.build?.id
    const isEmpty = sheet.value.trim() === '' && part.value === null
    if (!build || !touched.value || !isLasting() || isEmpty) return
    arrival.value ??= crypto.randomUUID()
    const change = {
      text: sheet.value,
      forced: forced.value,
      part: edited.value || sheet.value.trim() === '' ? toRaw(part.value) : null,
    }
    await desk.did({ act: 'changeArrival', build, arrival: arrival.value, change })
  }
  const later = useDebounceFn(save, KEPT_AFTER)
  watch([sheet, forced, part], () => {
    if (touched.value) void later()
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
