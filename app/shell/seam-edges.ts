// What of the seam lies beyond its edges: how many steps, and how grave the worst of them is.
import { useEventListener, useResizeObserver } from '@vueuse/core'
import { shallowRef, watch, type Ref } from 'vue'
import type { Verdict } from '../../core/figures/verdict'
import { GRAVEST_FIRST } from '../ui/findings'
import type { Mark } from './seam-marks'

export interface Beyond {
  readonly count: number
  readonly worst: Verdict
}
interface Edges {
  readonly before: Beyond | null
  readonly after: Beyond | null
}

export function useEdges(
  bar: Readonly<Ref<HTMLElement | undefined>>,
  marks: () => readonly Mark[],
) {
  const edges = shallowRef<Edges>({ before: null, after: null })
  function look(): void {
    const element = bar.value
    if (!element) return
    const [from, to] = [element.scrollLeft, element.scrollLeft + element.clientWidth]
    const places = [...element.querySelectorAll<HTMLElement>(':scope > .mark')]
    const beyond = (isOut: (middle: number) => boolean): Beyond | null =>
      summed(marks().filter((_, i) => isOut(middleOf(places[i]))))
    edges.value = { before: beyond(at => at < from), after: beyond(at => at > to) }
  }
  useEventListener(bar, 'scroll', look, { passive: true })
  useResizeObserver(bar, look)
  watch([marks, bar], look, { flush: 'post', immediate: true })
  return edges
}

const middleOf = (mark: HTMLElement | undefined): number =>
  mark ? mark.offsetLeft + mark.offsetWidth / 2 : 0

function summed(marks: readonly Mark[]): Beyond | null {
  const count = marks.reduce((sum, m) => sum + m.count, 0)
  const worst = GRAVEST_FIRST.find(v => marks.some(m => m.step.verdict === v))
  return worst ? { count, worst } : null
}
