<script setup lang="ts">
// The ways of leads over a view of the case: one lights with its row, the others recede; arrow keys go
// from one to the next.
import { computed } from 'vue'
import type { Path } from '../../core/drawing/paths'
import { usePointer } from '../state/pointer'
import { useWalk } from './walk'

const props = defineProps<{ paths: readonly Path[]; letter: number }>()
const pointer = usePointer()
const isChosen = ({ id, finding }: Path): boolean =>
  pointer.chosen !== null && (pointer.chosen === finding || pointer.chosen === id)
const isPointed = ({ id, finding }: Path): boolean =>
  pointer.row !== null && (pointer.row === id || pointer.row === finding)
const isLit = (path: Path): boolean => isPointed(path) || isChosen(path)
const anyLit = computed(() => props.paths.some(isLit))
/** Named choice: how large a plug is drawn, mm. */
const PLUG = 5
const { stop, tabOf, walk } = useWalk()

const line = (points: readonly (readonly [number, number])[]): string =>
  points.map(p => p.join(',')).join(' ')
const choose = ({ id, finding }: Path): void => pointer.choose(finding ?? id)
</script>

<template>
  <g class="paths" role="group" aria-label="Leads" :class="{ receded: anyLit }">
    <g
      v-for="p in paths"
      :key="p.id"
      class="path"
      role="button"
      data-stop
      :tabindex="tabOf(p.id, paths[0]?.id)"
      :aria-label="p.gap ? `${p.title}: ends short, ${p.gap.text}` : p.title"
      :aria-pressed="isChosen(p)"
      :class="{ lit: isLit(p), short: p.gap !== null }"
      @mouseenter="pointer.point([p.item], p.id)"
      @mouseleave="pointer.leave"
      @focus="((stop = p.id), pointer.point([p.item], p.id))"
      @blur="pointer.leave"
      @click="choose(p)"
      @keydown.enter.prevent="choose(p)"
      @keydown.space.prevent="choose(p)"
      @keydown="walk"
    >
      <title>{{ p.title }}</title>
      <template v-for="(s, k) in p.strokes" :key="k">
        <path class="hit" :d="s.d" />
        <path class="bundle" :d="s.d" :style="{ strokeWidth: `${p.thick}px` }" />
        <path class="stroke" :class="{ hidden: s.isHidden }" :d="s.d" />
      </template>
      <circle class="end" :cx="p.ends[0][0]" :cy="p.ends[0][1]" r="2.4" />
      <rect
        v-if="!p.gap"
        class="end plug"
        :x="p.ends[1][0] - PLUG / 2"
        :y="p.ends[1][1] - PLUG / 2"
        :width="PLUG"
        :height="PLUG"
      />
      <template v-if="p.gap">
        <polyline class="gap" :points="line(p.gap.points)" />
        <text
          :x="p.gap.at[0] + 5"
          :y="p.gap.at[1] - 4"
          :font-size="letter"
          class="missing"
          aria-hidden="true"
        >
          {{ p.gap.text }}
        </text>
      </template>
    </g>
    <template v-for="p in paths.filter(isLit)" :key="p.id">
      <g v-for="(at, k) in p.stops" :key="k" class="stop" aria-hidden="true">
        <circle :cx="at[0]" :cy="at[1]" :r="letter * 0.72" />
        <text :x="at[0]" :y="at[1] + letter * 0.34" :font-size="letter * 0.9">{{ k + 1 }}</text>
      </g>
    </template>
  </g>
</template>

<style scoped>
polyline,
path {
  fill: none;
  vector-effect: non-scaling-stroke;
  stroke-linejoin: round;
}
/* A bundle is as thick as it is, on the drawing's own scale. */
.bundle {
  stroke: var(--copper);
  vector-effect: none;
  opacity: 0.22;
  pointer-events: none;
}
.stop {
  pointer-events: none;
}
.stop circle {
  fill: var(--sheet);
  stroke: var(--copper);
  stroke-width: 1.4;
  vector-effect: non-scaling-stroke;
}
.stop text {
  fill: var(--ink);
  font-family: var(--figure);
  font-weight: 600;
  text-anchor: middle;
}
.hit {
  stroke: transparent;
  stroke-width: 9;
  pointer-events: stroke;
  cursor: pointer;
}
.stroke {
  stroke: var(--copper);
  stroke-width: 1.3;
  pointer-events: none;
}
.hidden {
  stroke-dasharray: 6 4;
}
.end {
  fill: var(--sheet);
  stroke: var(--copper);
  stroke-width: 1.6;
  vector-effect: non-scaling-stroke;
}
.plug {
  fill: var(--copper);
}
.path {
  outline: none;
  opacity: 0.8;
}
.receded .path {
  opacity: 0.16;
}
.path.lit {
  opacity: 1;
}
.lit .stroke {
  stroke-width: 3.4;
}
.path.short {
  opacity: 0.9;
}
.gap {
  stroke: var(--harm);
  stroke-width: 2.6;
  stroke-dasharray: 2 5;
}
.missing {
  fill: var(--harm);
  font-weight: 600;
  font-family: var(--figure);
}
.path:focus-visible .stroke {
  stroke: var(--mat);
}
</style>
