<script setup lang="ts">
// Where the screws of a step go: a dot and its letter, in the order in which they are turned in.
import type { ScrewHole } from '../../core/drawing/screw-holes'

/** `letter` is how high letters are, mm on the drawing. */
defineProps<{ holes: readonly ScrewHole[]; letter: number }>()
/** Named choices: how far a letter stands from its hole, mm; where its foot is, in letters. */
const ASIDE = 5
const FOOT = 0.35
const LOWER = 0.5
</script>

<template>
  <g v-for="{ at: [x, y], aside: [right, down], letter: name } in holes" :key="name">
    <circle :cx="x" :cy="y" r="3" />
    <text
      :x="x + right * ASIDE"
      :y="y + letter * (FOOT + down * LOWER)"
      :text-anchor="right < 0 ? 'end' : 'start'"
    >
      {{ name }}
    </text>
  </g>
</template>

<style scoped>
circle {
  fill: var(--mat);
  stroke: var(--sheet);
  stroke-width: 1;
}
text {
  font: 600 var(--letter) / 1 var(--figure);
  font-stretch: 80%;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
  pointer-events: none;
}
</style>
