<script setup lang="ts">
// Standoffs of the tray: to keep, to fit, to take out, seen through whatever lies over them.
import type { Mark } from '../../core/drawing/drawing'

defineProps<{ marks: readonly Mark[]; allNamed?: boolean }>()
const titleOf = ({ name, what }: Mark): string =>
  what === 'post' ? `Plastic post ${name}` : `Standoff ${name}: ${what}`
</script>

<template>
  <g v-for="m in marks" :key="m.id" :class="['hole', m.what.replace(' ', '-')]">
    <title>{{ titleOf(m) }}</title>
    <rect
      v-if="m.what === 'post'"
      :x="m.at[0] - 2.6"
      :y="m.at[1] - 2.6"
      width="5.2"
      height="5.2"
      :transform="`rotate(45 ${m.at[0]} ${m.at[1]})`"
    />
    <circle v-else :cx="m.at[0]" :cy="m.at[1]" r="3.4" />
    <text
      v-if="allNamed || m.what === 'take out'"
      :class="['letter', { plain: m.what !== 'take out' }]"
      :x="m.at[0] + 5"
      :y="m.at[1] + 3"
    >
      {{ m.name }}
    </text>
  </g>
</template>

<style scoped>
.letter {
  font: 600 var(--letter) / 1 var(--figure);
  font-stretch: 80%;
  fill: var(--harm);
  pointer-events: none;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
.plain {
  fill: var(--ink);
}
.hole circle {
  fill: none;
  stroke: var(--mat);
  stroke-width: 1.4;
  vector-effect: non-scaling-stroke;
}
.hole.fit circle {
  fill: var(--mat);
}
.hole.take-out circle {
  stroke: var(--harm);
  stroke-width: 2;
  stroke-dasharray: 3 2;
}
.hole.post rect {
  fill: var(--sheet);
  stroke: var(--mat);
  stroke-width: 1.6;
}
</style>
