// A drawing that is moved and looked at closer: by dragging, by two fingers, by the wheel with Ctrl, by
// buttons and keys. What is drawn stays; only from where it is seen changes.
import { select } from 'd3-selection'
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomTransform } from 'd3-zoom'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import type { Rect } from '../../core/drawing/rect'

/** Named choices: how close one can look, and how much a press of a button comes closer. */
const CLOSEST = 12
const STEP = 1.6
/** How much is left around what is looked at, of its own size. */
const AROUND = 1.6

/** One finger and the bare wheel go on scrolling the page, unless one looks closer already. */
function isMeant(event: Event, isCloser: boolean): boolean {
  if (event instanceof WheelEvent) return event.ctrlKey || event.metaKey
  if (event instanceof MouseEvent) return event.button === 0 && event.type !== 'dblclick'
  if ('touches' in event && event.touches instanceof TouchList)
    return event.touches.length > 1 || isCloser
  return true
}

/** What is around all of some things; something without a size is given room. */
function aroundAll(things: readonly Rect[]): Rect {
  const [x, y] = [Math.min(...things.map(t => t.x)), Math.min(...things.map(t => t.y))]
  const w = Math.max(...things.map(t => t.x + t.w)) - x
  const h = Math.max(...things.map(t => t.y + t.h)) - y
  return { x, y, w: Math.max(w, LEAST), h: Math.max(h, LEAST) }
}
/** Named choice: a distance is looked at with so much around it, mm. */
const LEAST = 40

/** Some things in the middle of the page, as large as they go. */
function showing(things: readonly Rect[], page: Rect): ZoomTransform {
  const { x, y, w, h } = aroundAll(things)
  const scale = Math.min(page.w / (w * AROUND), page.h / (h * AROUND), CLOSEST)
  return zoomIdentity
    .translate(page.x + page.w / 2, page.y + page.h / 2)
    .scale(Math.max(1, scale))
    .translate(-(x + w / 2), -(y + h / 2))
}

export function useZoom(svg: Readonly<Ref<SVGSVGElement | null>>, paper: () => Rect) {
  const seen = shallowRef(zoomIdentity)
  /** Dragged at this moment: what it passes under the pointer is not pointed at. */
  const isDragged = ref(false)
  const behaviour = zoom<SVGSVGElement, unknown>()
    .scaleExtent([1, CLOSEST])
    .filter((event: Event) => isMeant(event, seen.value.k > 1))
    .on('zoom', (event: D3ZoomEvent<SVGSVGElement, unknown>) => {
      seen.value = event.transform
      isDragged.value = event.sourceEvent instanceof MouseEvent
    })
    .on('end', () => {
      isDragged.value = false
    })

  watch(
    [svg, paper],
    ([element]) => {
      if (!element) return
      const { x, y, w, h } = paper()
      const whole: [[number, number], [number, number]] = [
        [x, y],
        [x + w, y + h],
      ]
      behaviour.extent(whole).translateExtent(whole)
      select(element).call(behaviour).on('dblclick.zoom', null)
    },
    { immediate: true, flush: 'post' },
  )
  onScopeDispose(() => {
    if (svg.value) select(svg.value).on('.zoom', null)
  })

  const act = (by: (on: ReturnType<typeof select<SVGSVGElement, unknown>>) => void): void => {
    if (svg.value) by(select(svg.value))
  }
  const closer = (): void => act(on => behaviour.scaleBy(on, STEP))
  const farther = (): void => act(on => behaviour.scaleBy(on, 1 / STEP))
  const whole = (): void => act(on => behaviour.transform(on, zoomIdentity))
  /** Something into the middle, as close as one looks now. */
  const reveal = ({ x, y, w, h }: Rect): void => {
    if (seen.value.k > 1) act(on => behaviour.translateTo(on, x + w / 2, y + h / 2))
  }
  const fit = (things: readonly Rect[]): void => {
    if (things.length > 0) act(on => behaviour.transform(on, showing(things, paper())))
  }
  return {
    transform: computed(() => seen.value.toString()),
    scale: computed(() => seen.value.k),
    isDragged,
    ...{ closer, farther, whole, reveal, fit },
  }
}
