// Things on a drawing that one walks through by arrow keys: the tab key stops at one of them.
import { ref } from 'vue'

/** What marks a thing that can be stopped at. */
const STOPS = '[data-stop]'
const STEP: Readonly<Record<string, number>> = {
  ...{ ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 },
}

export function useWalk() {
  /** The one that the tab key stops at, by its id. */
  const stop = ref<string | null>(null)
  const tabOf = (id: string, first: string | undefined): 0 | -1 =>
    (stop.value ?? first) === id ? 0 : -1

  /** To the next or the one before, round at the ends. */
  function walk(event: KeyboardEvent): void {
    const { currentTarget, key } = event
    if (!(currentTarget instanceof Element)) return
    const all = [...(currentTarget.parentElement?.querySelectorAll<SVGElement>(STOPS) ?? [])]
    const next =
      all[
        nextOf(
          key,
          all.findIndex(one => one === currentTarget),
          all.length,
        )
      ]
    if (!next) return
    event.preventDefault()
    next.focus()
  }
  return { stop, tabOf, walk }
}

function nextOf(key: string, at: number, count: number): number {
  if (key === 'Home') return 0
  if (key === 'End') return count - 1
  const step = STEP[key]
  return step === undefined || at < 0 ? -1 : (at + step + count) % count
}
