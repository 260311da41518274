// Questions to the second worker: ways out of a finding, schools of order. Asked anew when the build changes.
import { proxy, wrap, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue'
import type { Alternative } from '../../core/joints/alternatives'
import type { SchoolRow } from '../../core/order/section'
import type { Search } from '../../core/remedies/remedies'
import { useDesk } from '../stores/desk'
import type { WaysApi } from '../desk/ways.worker'

let worker: Remote<WaysApi> | null = null
const ways = (): Remote<WaysApi> =>
  (worker ??= wrap<WaysApi>(
    new Worker(new URL('../desk/ways.worker.ts', import.meta.url), { type: 'module' }),
  ))

let searches = 0

/** The remedies of one finding, as they are found; a search ends with its finding, its build or who asked for it. */
export function useRemedies(finding: () => string) {
  const desk = useDesk()
  const search = shallowRef<Search | null>(null)
  const looking = ref(false)
  let mine = 0
  watch(
    [() => desk.state.build, () => desk.horizon, finding],
    async ([build, horizon, id]) => {
      void ways().stop(mine)
      search.value = null
      if (!build) return
      const own = (mine = searches += 1)
      looking.value = true
      await ways().remedies(
        own,
        toRaw(build),
        horizon,
        id,
        proxy((found: Search) => {
          if (own === mine) search.value = found
        }),
      )
      if (own === mine) looking.value = false
    },
    { immediate: true },
  )
  onScopeDispose(() => void ways().stop(mine))
  return { search, looking }
}

/** Every socket a plug goes into; null while that is looked up. */
export function useAlternatives(plug: () => string) {
  const desk = useDesk()
  const places = shallowRef<readonly Alternative[] | null>(null)
  watch(
    [() => desk.state.build, () => desk.horizon, plug],
    async ([build, horizon, ref]) => {
      if (build) places.value = await ways().places(toRaw(build), horizon, ref)
    },
    { immediate: true },
  )
  return { places }
}

/** The schools of order side by side on this build. */
export function useOrderSchools() {
  const desk = useDesk()
  const rows = shallowRef<readonly SchoolRow[]>([])
  watch(
    [() => desk.state.build, () => desk.horizon],
    async ([build, horizon]) => {
      if (!build) return
      const found = await ways().schools(toRaw(build), horizon)
      if (desk.state.build === build) rows.value = found
    },
    { immediate: true },
  )
  return { rows }
}
