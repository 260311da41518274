<script setup lang="ts">
// Which way a hand pushes: an arrow to the place, or a circled cross where it goes straight away from
// the eye.
import type { StepPlace } from '../../core/drawing/step-places'

type Enters = StepPlace['enters'][number]
defineProps<{ enters: readonly Enters[] }>()
/** Named choices, mm: how large the sign is, how far from the place. */
const R = 5
const AWAY = 9
const LONG = 26
const corner = ({ rect }: Enters): string =>
  `translate(${rect.x + rect.w + AWAY} ${rect.y - AWAY / 2})`
/** From outside to the near edge of the place. */
function arrow({ rect: { x, y, w, h }, along }: Enters): string {
  const [dx, dy] = along ?? [0, 0]
  const half = (Math.abs(dx) * w + Math.abs(dy) * h) / 2 + AWAY / 2
  const [mx, my] = [x + w / 2, y + h / 2]
  const [tx, ty] = [mx - dx * half, my - dy * half]
  const [fx, fy] = [tx - dx * LONG, ty - dy * LONG]
  // The head: two short strokes back from the tip, to both sides of the shaft.
  const head = [1, -1].map(
    side => `M${tx - dx * R + dy * R * side} ${ty - dy * R + dx * R * side}L${tx} ${ty}`,
  )
  return `M${fx} ${fy}L${tx} ${ty}${head.join('')}`
}
</script>

<template>
  <g class="enters" aria-hidden="true">
    <template v-for="(e, i) in enters" :key="i">
      <path v-if="e.along" :d="arrow(e)" />
      <g v-else :transform="corner(e)">
        <circle :r="R" />
        <path
          :d="`M${-R * 0.7} ${-R * 0.7}L${R * 0.7} ${R * 0.7}M${R * 0.7} ${-R * 0.7}L${-R * 0.7} ${R * 0.7}`"
        />
      </g>
    </template>
  </g>
</template>

<style scoped>
circle {
  fill: var(--sheet);
}
circle,
path {
  stroke: var(--copper);
  stroke-width: 3;
  vector-effect: non-scaling-stroke;
}
path {
  fill: none;
}
</style>
