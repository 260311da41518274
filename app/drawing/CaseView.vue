<script setup lang="ts">
// One view of the machine: what the model gives, from the farthest to the nearest, with names around it
// or a step's place ringed.
import { computed } from 'vue'
import type { Drawing, Layout } from '../../core/drawing/drawing'
import type { Path } from '../../core/drawing/paths'
import type { StepPlace } from '../../core/drawing/step-places'
import { usePointer } from '../state/pointer'
import CaptionLines from './CaptionLines.vue'
import CasePaths from './CasePaths.vue'
import DrawnDimensions from './DrawnDimensions.vue'
import DrawnMarks from './DrawnMarks.vue'

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
}>()
const pointer = usePointer()
/** What is pointed at by itself: not the case, nor what stands on a board. */
const APART: readonly string[] = ['case', 'vents', 'opening', 'air']
const isApart = (kind: string): boolean => !APART.includes(kind)
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
const OF_CASE: readonly string[] = ['case', 'vents', 'opening', 'piece']
/** Whether it is in the machine by the step that is shown. */
function isThere({ seat, item, kind }: Drawing['shapes'][number]): boolean {
  const { place, madeAt } = props
  if (place?.isOnTable && madeAt && OF_CASE.includes(kind)) return false
  const made = madeAt?.[seat]
  if (!place || made === undefined) return true
  return made <= place.at || (item !== null && place.items.includes(item))
}
const hasNumbers = computed(() => !props.paths && !props.place)
const hintOf = ({ name, note }: Drawing['shapes'][number]): string =>
  note === '' ? name : `${name}: ${note}`
</script>

<template>
  <svg
    :viewBox="paper"
    :role="paths ? 'group' : 'img'"
    :aria-label="`The machine, ${drawing.title.toLowerCase()}, to scale`"
    :style="{ '--letter': `${layout?.letter ?? 8}px` }"
  >
    <g
      v-for="s in drawing.shapes.filter(isThere)"
      :key="s.id"
      :class="['shape', s.kind, { lit: isApart(s.kind) && pointer.lights(s.item) }]"
      @mouseenter="isApart(s.kind) && s.item && pointer.point([s.item])"
      @mouseleave="pointer.leave"
    >
      <title>{{ hintOf(s) }}</title>
      <path v-for="(ink, i) in s.inks" :key="i" :class="ink.tone" :d="ink.d" />
    </g>
    <rect
      v-for="h in madeAt ? [] : drawing.hidden"
      :key="h.id"
      class="behind"
      :class="{ lit: pointer.lights(h.item) }"
      :x="h.rect.x"
      :y="h.rect.y"
      :width="h.rect.w"
      :height="h.rect.h"
    >
      <title>{{ h.name }}, behind</title>
    </rect>
    <DrawnMarks v-if="!bare && !place" :marks="drawing.marks" />
    <DrawnDimensions
      v-if="hasNumbers"
      :dimensions="drawing.dimensions"
      :numbers="layout?.numbers ?? []"
    />
    <CasePaths v-if="paths && layout" :paths="paths" :letter="layout.letter" />
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
    <CaptionLines
      v-if="layout"
      :layout="layout"
      :captions="names === 'sockets' ? layout.sockets : layout.captions"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: calc(100dvh - 180px);
}
.behind {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 3 3;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
.behind.lit {
  stroke: var(--mat);
  stroke-width: 2.4;
}
.ring {
  fill: none;
  stroke: var(--mat);
  stroke-width: 3.4;
  vector-effect: non-scaling-stroke;
}
/* The ink of what a stroke stands for. */
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.7;
  vector-effect: non-scaling-stroke;
}
.body {
  fill: var(--sheet);
  stroke-width: 1.3;
}
.board {
  fill: var(--mat-soft);
  stroke: var(--mat);
  stroke-width: 1.3;
}
.case {
  stroke-width: 1.6;
}
.part {
  stroke: var(--ink-2);
}
.dark {
  fill: var(--ink-2);
  stroke: none;
}
.socket {
  fill: var(--sheet);
}
.contact {
  fill: var(--copper);
  stroke: none;
}
.place {
  stroke: var(--ink-2);
  stroke-dasharray: 4 3;
}
.opening {
  fill: var(--paper);
  stroke: var(--ink-2);
}
.vent {
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-dasharray: 5 4;
}
.air {
  stroke: var(--mat);
  stroke-width: 1.3;
}
.lit .body,
.lit .place,
.lit .board,
.lit .socket {
  stroke: var(--mat);
  stroke-width: 2.6;
}
</style>
