// Questions to the second worker: ways out of a finding, schools of order. Asked anew when the
// build changes.
import { proxy, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue'
import type { Alternative } from '../../core/stages/alternatives'
import type { SchoolRow } from '../../core/order/compared'
import type { Search } from '../../core/remedies/remedies'
import { Link } from '../desk/link'
import { useDesk } from '../state/desk'
import { useTrouble } from '../state/trouble'
import type { WaysApi } from '../desk/ways.worker'

let link: Link<WaysApi> | null = null
/** Asks the second worker, which begins with the first question. */
function ways<T>(use: (worker: Remote<WaysApi>) => Promise<T>): Promise<T> {
  link ??= new Link<WaysApi>({
    make: name =>
      new Worker(new URL('../desk/ways.worker.ts', import.meta.url), { type: 'module', name }),
    tell: sentence => useTrouble().tell('search', sentence),
    revived: () => undefined,
  })
  return link.call(use)
}

let searches = 0

/**
 * The remedies of one finding, as they are found; a search ends with its finding, its build or who
 * asked for it.
 */
export function useRemedies(finding: () => string) {
  const desk = useDesk()
  const search = shallowRef<Search | null>(null)
  const looking = ref(false)
  let mine = 0
  const stop = (): void => void ways(worker => worker.stop(mine)).catch(() => undefined)
  watch(
    [() => desk.state.build, () => desk.horizon, finding],
    async ([build, horizon, id]) => {
      stop()
      search.value = null
      if (!build) return
      const own = (mine = searches += 1)
      looking.value = true
      const hears = proxy((found: Search) => {
        link?.progressed()
        if (own === mine) search.value = found
      })
      try {
        await ways(worker =>
          worker.remedies(own, { build: toRaw(build), horizon, finding: id }, hears),
        )
      } finally {
        if (own === mine) looking.value = false
      }
    },
    { immediate: true },
  )
  onScopeDispose(stop)
  return { search, looking }
}

/** Every socket a plug goes into; null while that is looked up. */
export function useAlternatives(plug: () => string) {
  const desk = useDesk()
  const places = shallowRef<readonly Alternative[] | null>(null)
  watch(
    [() => desk.state.build, () => desk.horizon, plug],
    async ([build, horizon, ref]) => {
      if (build) places.value = await ways(worker => worker.places(toRaw(build), horizon, ref))
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
      const found = await ways(worker => worker.schools(toRaw(build), horizon))
      if (desk.state.build === build) rows.value = found
    },
    { immediate: true },
  )
  return { rows }
}
