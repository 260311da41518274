<script setup lang="ts">
// One view of the machine: what the model gives, from the farthest to the nearest, with names around it
// or a step's place ringed.
import { computed, useTemplateRef } from 'vue'
import type { Drawing, Layout } from '../../core/drawing/drawing'
import type { Path } from '../../core/drawing/paths'
import type { Rect } from '../../core/drawing/rect'
import type { StepPlace } from '../../core/drawing/step-places'
import type { Layer } from './layers'
import CaptionLines from './CaptionLines.vue'
import CasePaths from './CasePaths.vue'
import DrawnBodies from './DrawnBodies.vue'
import DrawnDimensions from './DrawnDimensions.vue'
import DrawnEnters from './DrawnEnters.vue'
import DrawnMarks from './DrawnMarks.vue'
import DrawnScrews from './DrawnScrews.vue'

const props = defineProps<{
  drawing: Drawing
  /** The names around it; without, the machine alone is drawn. */
  layout?: Layout
  /** A step's place: shown close, or marked on the whole. */
  place?: StepPlace
  whole?: boolean
  /** The number of the step that makes each joint: beside a place only what is in by then is drawn. */
  madeAt?: Readonly<Record<string, number>>
  paths?: readonly Path[]
  bare?: boolean
  names?: 'parts' | 'sockets'
  /** Whether the holes of the tray are shown at a step's place, each with its letter. */
  marked?: boolean
  /** How it is moved and looked at closer; without, it is only looked at. */
  zoom?: { readonly transform: string; readonly scale: number; readonly isDragged: boolean }
  /** What is left out. */
  without?: readonly Layer[]
}>()
defineEmits<{ walked: [rect: Rect] }>()
const svg = useTemplateRef<SVGSVGElement>('svg')
defineExpose({ svg })
const has = (layer: Layer): boolean => !props.without?.includes(layer)
const paper = computed(() => {
  const { place, layout, drawing } = props
  const shown = place && !props.whole ? place.window : (layout?.paper ?? drawing.machine)
  return [shown.x, shown.y, shown.w, shown.h].map(n => n.toFixed(1)).join(' ')
})
/** What is ringed: the things of a step, or on the whole the window in which they are. */
const ringed = computed(() => {
  if (!props.place) return []
  return props.whole ? [props.place.window] : props.place.targets
})
/** What the case is and has: around a board on the table there is none of it. */
const OF_CASE: readonly string[] = ['case', 'vents', 'opening', 'channel', 'piece']
const LAYER_OF: Readonly<Record<string, Layer>> = { socket: 'connectors', air: 'air' }
type Shape = Drawing['shapes'][number]
/** Whether it is in the machine by the step that is shown. */
function isThere({ seat, item, kind }: Shape): boolean {
  const { place, madeAt } = props
  if (place?.isOnTable && madeAt && OF_CASE.includes(kind)) return false
  const made = madeAt?.[seat]
  if (!place || made === undefined) return true
  return made <= place.at || (item !== null && place.items.includes(item))
}
const isWanted = ({ kind }: Shape): boolean =>
  has(LAYER_OF[kind] ?? 'bodies') || kind === 'case' || kind === 'vents'
const shapes = computed(() => props.drawing.shapes.filter(s => isThere(s) && isWanted(s)))
const hidden = computed(() => (props.madeAt || !has('bodies') ? [] : props.drawing.hidden))
const hasNumbers = computed(() => !props.paths && !props.place && has('distances'))
/** Letters stay as large on the screen however close one looks. */
const letter = computed(() =>
  props.place
    ? Math.max(props.place.window.w, props.place.window.h) * AT_PLACE
    : (props.layout?.letter ?? 8) / (props.zoom?.scale ?? 1),
)
/** Named choice: letters at a step's place, as a share of its longer side: 16 px at the bench. */
const AT_PLACE = 0.05
</script>

<template>
  <svg
    ref="svg"
    :viewBox="paper"
    :role="zoom ? 'group' : 'img'"
    :aria-label="`The machine to scale, seen from: ${drawing.title.toLowerCase()}`"
    :class="{ live: zoom, moved: zoom && zoom.scale > 1 }"
    :style="{ '--letter': `${letter}px` }"
  >
    <g :transform="zoom?.transform" :class="{ dragged: zoom?.isDragged }">
      <DrawnBodies
        :shapes="shapes"
        :hidden="hidden"
        :is-live="zoom !== undefined"
        @walked="rect => $emit('walked', rect)"
      />
      <DrawnMarks
        v-if="place ? marked && !whole : !bare && has('bodies')"
        :marks="drawing.marks"
        :all-named="marked"
      />
      <DrawnDimensions
        v-if="hasNumbers"
        :drawing="drawing"
        :numbers="layout?.numbers ?? []"
        :letter="letter"
      />
      <CasePaths v-if="paths && layout && has('cables')" :paths="paths" :letter="letter" />
      <rect
        v-for="(r, i) in ringed"
        :key="i"
        class="ring"
        :x="r.x - 2"
        :y="r.y - 2"
        :width="r.w + 4"
        :height="r.h + 4"
        rx="2"
      />
      <template v-if="place && !whole">
        <DrawnEnters :enters="place.enters" />
        <DrawnScrews :holes="place.holes" :letter="letter" />
      </template>
      <CaptionLines
        v-if="layout && has('names')"
        :layout="layout"
        :letter="letter"
        :captions="names === 'sockets' ? layout.sockets : layout.captions"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: calc(100dvh - 180px);
}
/* Two fingers are the drawing's; one goes on scrolling, until one looks closer. */
.live {
  touch-action: pan-x pan-y;
}
.moved {
  cursor: grab;
  touch-action: none;
}
.dragged {
  pointer-events: none;
}
.ring {
  fill: none;
  stroke: var(--mat);
  stroke-width: 3.4;
  vector-effect: non-scaling-stroke;
}
</style>
