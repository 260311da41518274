<script setup lang="ts">
// The tightest distances of a view, each with its millimetres beside it; another where it is chosen. A
// distance to the case lights the wall concerned.
import { computed } from 'vue'
import type { Dimension, Drawing, Told } from '../../core/drawing/drawing'
import { usePointer } from '../state/pointer'

const props = defineProps<{ drawing: Drawing; numbers: readonly Told[]; letter: number }>()
const pointer = usePointer()
const isLit = ({ finding }: Dimension): boolean =>
  pointer.row === finding || (pointer.row === null && pointer.chosen === finding)
/** One that is not among the tightest, while it is pointed at or chosen. */
const asked = computed(() => props.drawing.others.filter(isLit))
const shown = computed(() => [...props.drawing.dimensions, ...asked.value])
const walls = computed(() => shown.value.filter(isLit).flatMap(d => (d.wall ? [d.wall] : [])))
const middle = ({ from, to }: Dimension, axis: 0 | 1): number => (from[axis] + to[axis]) / 2
</script>

<template>
  <line
    v-for="(w, i) in walls"
    :key="i"
    class="wall"
    :x1="w[0][0]"
    :y1="w[0][1]"
    :x2="w[1][0]"
    :y2="w[1][1]"
  />
  <g
    v-for="d in shown"
    :key="d.finding"
    :class="['dimension', d.verdict, { lit: isLit(d) }]"
    @mouseenter="pointer.point([], d.finding)"
    @mouseleave="pointer.leave"
    @click="pointer.choose(d.finding)"
  >
    <title>{{ d.text }}</title>
    <line class="hit" :x1="d.from[0]" :y1="d.from[1]" :x2="d.to[0]" :y2="d.to[1]" />
    <line :x1="d.from[0]" :y1="d.from[1]" :x2="d.to[0]" :y2="d.to[1]" />
    <circle :cx="d.from[0]" :cy="d.from[1]" r="1.6" />
    <circle :cx="d.to[0]" :cy="d.to[1]" r="1.6" />
  </g>
  <text
    v-for="n in numbers"
    :key="n.id"
    class="number"
    :x="n.rect.x"
    :y="n.rect.y + n.rect.h * 0.78"
  >
    {{ n.text }}
  </text>
  <text
    v-for="d in asked"
    :key="`number ${d.finding}`"
    class="number"
    :x="middle(d, 0) + letter / 2"
    :y="middle(d, 1) - letter / 2"
  >
    {{ d.text }}
  </text>
</template>

<style scoped>
.number {
  font: 600 var(--letter) / 1 var(--figure);
  font-stretch: 80%;
  fill: var(--ink);
  pointer-events: none;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
line {
  stroke: var(--mat);
  stroke-width: 1.4;
  vector-effect: non-scaling-stroke;
}
.hit {
  stroke: transparent;
  stroke-width: 9;
  cursor: pointer;
}
.wall {
  stroke-width: 4.5;
  pointer-events: none;
}
.dimension circle {
  fill: var(--mat);
}
.dimension.measure line:not(.hit) {
  stroke-dasharray: 2 3;
}
.dimension.stop line:not(.hit),
.dimension.harm line:not(.hit) {
  stroke: var(--harm);
}
.dimension.lit line:not(.hit) {
  stroke-width: 3.4;
}
</style>
