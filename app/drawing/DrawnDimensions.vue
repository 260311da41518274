<script setup lang="ts">
// The tightest distances of a view, each with its millimetres beside it.
import type { Dimension, Told } from '../../core/drawing/drawing'
import { usePointer } from '../state/pointer'

defineProps<{ dimensions: readonly Dimension[]; numbers: readonly Told[] }>()
const pointer = usePointer()
</script>

<template>
  <g
    v-for="d in dimensions"
    :key="d.finding"
    :class="['dimension', d.verdict, { lit: pointer.row === d.finding }]"
  >
    <title>{{ d.text }}</title>
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
.dimension line {
  stroke: var(--mat);
  stroke-width: 1.4;
  vector-effect: non-scaling-stroke;
}
.dimension circle {
  fill: var(--mat);
}
.dimension.measure line {
  stroke-dasharray: 2 3;
}
.dimension.stop line,
.dimension.harm line {
  stroke: var(--harm);
}
.dimension.lit line {
  stroke-width: 3.4;
}
</style>
