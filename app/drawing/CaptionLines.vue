<script setup lang="ts">
// Names around a drawing, each with its line to what it names; the words of its edges.
import type { Caption, Layout } from '../../core/drawing/drawing'
import { usePointer } from '../state/pointer'

defineProps<{ layout: Layout; captions: readonly Caption[]; letter: number }>()
const pointer = usePointer()
/** Named choice: the dot at the end of a line, in letters: as large on the screen however close one looks. */
const DOT = 0.09
</script>

<template>
  <g class="captions" :class="{ receded: captions.some(c => pointer.lights(c.item)) }">
    <g
      v-for="c in captions"
      :key="c.id"
      :class="['caption', c.side, { lit: pointer.lights(c.item) }]"
      @mouseenter="c.item && pointer.point([c.item])"
      @mouseleave="pointer.leave"
      @click="pointer.choose(c.item)"
    >
      <line :x1="c.line[0][0]" :y1="c.line[0][1]" :x2="c.line[1][0]" :y2="c.line[1][1]" />
      <circle :cx="c.line[1][0]" :cy="c.line[1][1]" :r="letter * DOT" />
      <text class="name" :x="c.at[0]" :y="c.at[1]">{{ c.name }}</text>
      <text class="note" :x="c.at[0]" :y="c.at[1] + letter * 1.05">{{ c.note }}</text>
    </g>
    <text
      v-for="w in layout.words"
      :key="w.text"
      class="word"
      :x="w.at[0]"
      :y="w.at[1]"
      :style="{ textAnchor: w.anchor }"
    >
      {{ w.text }}
    </text>
  </g>
</template>

<style scoped>
text {
  font: 600 var(--letter) / 1 var(--text);
  fill: var(--ink);
  cursor: default;
}
.left text {
  text-anchor: end;
}
.note {
  font-size: calc(var(--letter) * 0.9);
  font-weight: 400;
  fill: var(--ink-2);
}
.word {
  font-size: calc(var(--letter) * 0.85);
  letter-spacing: 0.14em;
  text-transform: uppercase;
  fill: var(--ink-2);
}
line {
  stroke: var(--ink-2);
  stroke-width: 0.7;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
circle {
  fill: var(--ink-2);
  pointer-events: none;
}
.lit text {
  fill: var(--mat);
}
.lit line {
  stroke: var(--mat);
  stroke-width: 1.6;
}
.receded .caption:not(.lit) {
  opacity: 0.35;
}
</style>
