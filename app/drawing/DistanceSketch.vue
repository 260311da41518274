<script setup lang="ts">
// From where to where a distance is: the place in the machine, close, with the two ends of the line.
import { computed } from 'vue'
import type { Dimension, Drawing } from '../../core/drawing/drawing'
import DrawnBodies from './DrawnBodies.vue'

const props = defineProps<{ drawings: readonly Drawing[]; finding: string }>()
const found = computed((): { drawing: Drawing; distance: Dimension } | null => {
  for (const drawing of props.drawings) {
    const all = [...drawing.dimensions, ...drawing.others]
    const distance = all.find(d => d.finding === props.finding)
    if (distance) return { drawing, distance }
  }
  return null
})
/** Named choice: how much around it is shown, mm. */
const AROUND = 70
const paper = computed(() => {
  if (!found.value) return ''
  const { from, to } = found.value.distance
  const [x, y] = [Math.min(from[0], to[0]) - AROUND, Math.min(from[1], to[1]) - AROUND]
  const w = Math.abs(from[0] - to[0]) + 2 * AROUND
  const h = Math.abs(from[1] - to[1]) + 2 * AROUND
  return `${x} ${y} ${w} ${h}`
})
</script>

<template>
  <figure v-if="found" class="sketch">
    <svg
      :viewBox="paper"
      role="img"
      :aria-label="`From where to where, seen: ${found.drawing.title}`"
    >
      <DrawnBodies :shapes="found.drawing.shapes" :hidden="[]" />
      <line
        :x1="found.distance.from[0]"
        :y1="found.distance.from[1]"
        :x2="found.distance.to[0]"
        :y2="found.distance.to[1]"
      />
      <circle :cx="found.distance.from[0]" :cy="found.distance.from[1]" r="4" />
      <circle :cx="found.distance.to[0]" :cy="found.distance.to[1]" r="4" />
    </svg>
    <figcaption class="quiet">{{ found.drawing.title }}</figcaption>
  </figure>
</template>

<style scoped>
.sketch {
  display: grid;
  gap: 2px;
  break-inside: avoid;
}
svg {
  width: 150px;
  height: 120px;
  border: 1px solid var(--line);
  background: var(--sheet);
}
line {
  stroke: var(--harm);
  stroke-width: 2.4;
  vector-effect: non-scaling-stroke;
}
circle {
  fill: var(--harm);
}
</style>
