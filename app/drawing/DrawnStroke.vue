<script setup lang="ts">
// One stroke of a drawing: a rectangle, a circle or a line, in the ink of what it stands for.
import type { Stroke } from '../../core/drawing/flat'

defineProps<{ stroke: Stroke }>()
</script>

<template>
  <rect
    v-if="stroke.of === 'rect'"
    :class="stroke.tone"
    :x="stroke.rect.x"
    :y="stroke.rect.y"
    :width="stroke.rect.w"
    :height="stroke.rect.h"
  />
  <circle
    v-else-if="stroke.of === 'circle'"
    :class="stroke.tone"
    :cx="stroke.at[0]"
    :cy="stroke.at[1]"
    :r="stroke.r"
  />
  <polyline v-else :class="stroke.tone" :points="stroke.points.map(p => p.join(',')).join(' ')" />
</template>

<style scoped>
rect,
circle,
polyline {
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
</style>
