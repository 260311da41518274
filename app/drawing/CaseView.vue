<script setup lang="ts">
// One view of the case: shapes, holes, ways and distances, drawn as the model gives them.
import type { Drawing } from '../../core/drawing/drawing'
import type { Path } from '../../core/drawing/paths'
import { usePointer } from '../state/pointer'
import CasePaths from './CasePaths.vue'

const props = defineProps<{ drawing: Drawing; paths?: readonly Path[]; bare?: boolean }>()
const pointer = usePointer()
const lit = (item: string | null): boolean => item !== null && pointer.items.includes(item)
const labelsOf = (d: Drawing) =>
  d.labels.filter(
    l =>
      !(props.paths && d.dimensions.some(x => x.finding === l.id)) &&
      !(props.bare && l.id.startsWith('hole:')),
  )
const titleOf = ({ name, what }: Drawing['marks'][number]): string => {
  if (what === 'post') return `Plastic post ${name}`
  return name ? `Standoff ${name}: ${what}` : 'cable opening'
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${drawing.width} ${drawing.height}`"
    :role="paths ? 'group' : 'img'"
    :aria-label="`The case, ${drawing.title.toLowerCase()}, to scale`"
    :style="{ '--letter': `${drawing.letter}px` }"
  >
    <g
      v-for="s in drawing.shapes"
      :key="s.id"
      :class="['shape', s.kind, { lit: lit(s.item) }]"
      @mouseenter="s.kind !== 'case' && s.item && pointer.point([s.item])"
      @mouseleave="pointer.leave"
    >
      <title>{{ s.name }}</title>
      <rect :x="s.rect.x" :y="s.rect.y" :width="s.rect.w" :height="s.rect.h" />
    </g>
    <template v-if="!bare">
      <g v-for="m in drawing.marks" :key="m.id" :class="['hole', m.what.replace(' ', '-')]">
        <title>{{ titleOf(m) }}</title>
        <rect
          v-if="m.what === 'opening'"
          :x="m.at[0] - 3"
          :y="m.at[1] - 7"
          width="6"
          height="14"
          rx="2"
        />
        <rect
          v-else-if="m.what === 'post'"
          :x="m.at[0] - 2.6"
          :y="m.at[1] - 2.6"
          width="5.2"
          height="5.2"
          :transform="`rotate(45 ${m.at[0]} ${m.at[1]})`"
        />
        <circle v-else :cx="m.at[0]" :cy="m.at[1]" r="3.2" />
      </g>
    </template>
    <g
      v-for="d in paths ? [] : drawing.dimensions"
      :key="d.finding"
      :class="['dimension', d.verdict, { lit: pointer.row === d.finding }]"
    >
      <line :x1="d.from[0]" :y1="d.from[1]" :x2="d.to[0]" :y2="d.to[1]" />
      <circle :cx="d.from[0]" :cy="d.from[1]" r="1.6" />
      <circle :cx="d.to[0]" :cy="d.to[1]" r="1.6" />
    </g>
    <text v-for="l in labelsOf(drawing)" :key="l.id" :x="l.x" :y="l.y + l.h * 0.78">
      {{ l.text }}
    </text>
    <CasePaths v-if="paths" :paths="paths" :letter="drawing.letter" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: calc(100dvh - 190px);
}
text {
  font: 500 var(--letter) / 1 var(--figure);
  font-stretch: 80%;
  fill: var(--ink);
  pointer-events: none;
}
rect {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}
.case rect {
  fill: none;
  stroke-width: 1.6;
}
.piece rect {
  fill: none;
  stroke-dasharray: 5 4;
}
.board rect {
  fill: var(--mat-soft);
  stroke: var(--mat);
}
.memory rect,
.fan rect {
  fill: var(--line);
}
.lit rect {
  stroke: var(--mat);
  stroke-width: 3;
}
.hole circle {
  fill: var(--sheet);
  stroke: var(--mat);
  stroke-width: 1.6;
  vector-effect: non-scaling-stroke;
}
.hole.fit circle {
  fill: var(--mat);
}
.hole.take-out circle {
  stroke: var(--harm);
  stroke-dasharray: 2 1.4;
}
.hole.post rect {
  fill: var(--sheet);
  stroke: var(--mat);
  stroke-width: 1.6;
}
.hole.opening rect {
  fill: var(--paper);
  stroke: var(--ink-2);
}
.dimension line {
  stroke: var(--ink);
  stroke-width: 1.4;
  vector-effect: non-scaling-stroke;
}
.dimension circle {
  fill: var(--ink);
}
.dimension.measure line {
  stroke-dasharray: 2 3;
}
.dimension.lit line {
  stroke-width: 3;
}
</style>
