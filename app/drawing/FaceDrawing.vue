<script setup lang="ts">
// A connector from in front, to scale: its socket as one looks into it, or the plug that goes there.
import { computed } from 'vue'
import type { Look } from '../../core/connectors/look'

const props = withDefaults(
  defineProps<{
    look: Look
    name: string
    half?: 'socket' | 'plug'
    /** How many px a millimetre is; on paper it is drawn once its size. */
    scale?: number
    /** No wider than so many px. */
    most?: number
  }>(),
  { half: 'socket', scale: 6, most: 420 },
)
const ROOM = 3
const wide = computed(() => props.look.size[0] + 2 * ROOM)
const high = computed(() => props.look.size[1] + 2 * ROOM)
const width = computed(() => Math.min(props.most, wide.value * props.scale))
const mirrored = computed(() =>
  props.half === 'plug' ? `translate(${props.look.size[0]} 0) scale(-1 1)` : undefined,
)
/** The cross over a place where no contact is. */
function crossOver({ x, y, r }: { readonly x: number; readonly y: number; readonly r: number }) {
  const [half, whole] = [r * 0.7, r * 1.4]
  return `M${x - half} ${y - half} l${whole} ${whole} m0 ${-whole} l${-whole} ${whole}`
}
const pointer = computed(() => {
  const first = props.look.first
  return first ? `${-0.7},${first[1]} ${-2.3},${first[1] - 1} ${-2.3},${first[1] + 1}` : ''
})
</script>

<template>
  <svg
    class="face"
    :class="half"
    :viewBox="`${-ROOM} ${-ROOM} ${wide} ${high}`"
    :style="{ width: `${width}px`, '--true': `${wide}mm` }"
    role="img"
    :aria-label="`${half === 'plug' ? 'Plug' : 'Socket'}: ${name}`"
  >
    <g :transform="mirrored">
      <template v-for="(s, i) in look.strokes" :key="i">
        <rect
          v-if="s.of === 'box'"
          :class="s.tone"
          :x="s.x"
          :y="s.y"
          :width="s.w"
          :height="s.h"
          :rx="s.round"
        />
        <template v-else-if="s.of === 'disc'">
          <circle :class="s.tone" :cx="s.x" :cy="s.y" :r="s.r" />
          <path v-if="s.tone === 'none'" class="cross" :d="crossOver(s)" />
        </template>
        <polygon v-else :class="s.tone" :points="s.points.map(p => p.join(',')).join(' ')" />
      </template>
      <polygon v-if="pointer" class="first" :points="pointer" />
    </g>
  </svg>
</template>

<style scoped>
.face {
  height: auto;
  max-width: 100%;
  flex: none;
}
rect,
circle,
polygon,
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
  vector-effect: non-scaling-stroke;
}
.wall {
  fill: var(--paper);
}
.inside {
  fill: var(--sheet);
  stroke-width: 0.8;
}
.contact {
  fill: var(--copper);
  stroke: none;
}
.plug .contact {
  fill: var(--sheet);
  stroke: var(--copper);
  stroke-width: 1.4;
}
.none {
  fill: var(--sheet);
}
.plug .none {
  fill: var(--ink);
}
.cross {
  stroke-width: 1.1;
}
.plug .cross {
  stroke: var(--sheet);
}
.key {
  fill: var(--line);
}
.first {
  fill: var(--ink);
  stroke: none;
}
@media print {
  .face {
    width: var(--true) !important;
  }
}
</style>
