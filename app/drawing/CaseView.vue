<script setup lang="ts">
// One view of the machine: what the model gives, from the farthest to the nearest, with names around it.
import type { Drawing, Layout } from '../../core/drawing/drawing'
import type { Path } from '../../core/drawing/paths'
import { usePointer } from '../state/pointer'
import CaptionLines from './CaptionLines.vue'
import CasePaths from './CasePaths.vue'
import DrawnStroke from './DrawnStroke.vue'

const props = defineProps<{
  drawing: Drawing
  layout: Layout
  paths?: readonly Path[]
  bare?: boolean
  names?: 'parts' | 'sockets'
}>()
const pointer = usePointer()
const lit = (item: string | null): boolean => item !== null && pointer.items.includes(item)
/** What is pointed at by itself: not the case, nor what stands on a board. */
const APART: readonly string[] = ['case', 'vents', 'opening', 'air']
const isApart = (kind: string): boolean => !APART.includes(kind)
const titleOf = ({ name, what }: Drawing['marks'][number]): string =>
  what === 'post' ? `Plastic post ${name}` : `Standoff ${name}: ${what}`
const paperOf = ({ paper }: Layout): string =>
  [paper.x, paper.y, paper.w, paper.h].map(n => n.toFixed(1)).join(' ')
const hintOf = ({ name, note }: Drawing['shapes'][number]): string =>
  note === '' ? name : `${name}: ${note}`
</script>

<template>
  <svg
    :viewBox="paperOf(layout)"
    :role="paths ? 'group' : 'img'"
    :aria-label="`The machine, ${drawing.title.toLowerCase()}, to scale`"
    :style="{ '--letter': `${layout.letter}px` }"
  >
    <g
      v-for="s in drawing.shapes"
      :key="s.id"
      :class="['shape', s.kind, { lit: isApart(s.kind) && lit(s.item) }]"
      @mouseenter="isApart(s.kind) && s.item && pointer.point([s.item])"
      @mouseleave="pointer.leave"
    >
      <title>{{ hintOf(s) }}</title>
      <DrawnStroke v-for="(stroke, i) in s.strokes" :key="i" :stroke="stroke" />
    </g>
    <rect
      v-for="h in drawing.hidden"
      :key="h.id"
      class="behind"
      :class="{ lit: lit(h.item) }"
      :x="h.rect.x"
      :y="h.rect.y"
      :width="h.rect.w"
      :height="h.rect.h"
    >
      <title>{{ h.name }}, behind</title>
    </rect>
    <template v-if="!props.bare">
      <g v-for="m in drawing.marks" :key="m.id" :class="['hole', m.what.replace(' ', '-')]">
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
        <text v-if="m.what === 'take out'" class="letter" :x="m.at[0] + 5" :y="m.at[1] + 3">
          {{ m.name }}
        </text>
      </g>
    </template>
    <template v-if="!paths">
      <g
        v-for="d in drawing.dimensions"
        :key="d.finding"
        :class="['dimension', d.verdict, { lit: pointer.row === d.finding }]"
      >
        <line :x1="d.from[0]" :y1="d.from[1]" :x2="d.to[0]" :y2="d.to[1]" />
        <circle :cx="d.from[0]" :cy="d.from[1]" r="1.6" />
        <circle :cx="d.to[0]" :cy="d.to[1]" r="1.6" />
      </g>
      <text
        v-for="n in layout.numbers"
        :key="n.id"
        class="number"
        :x="n.rect.x"
        :y="n.rect.y + n.rect.h * 0.78"
      >
        {{ n.text }}
      </text>
    </template>
    <CasePaths v-if="paths" :paths="paths" :letter="layout.letter" />
    <CaptionLines
      :layout="layout"
      :captions="names === 'sockets' ? layout.sockets : layout.captions"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: calc(100dvh - 170px);
}
.number,
.letter {
  font: 600 var(--letter) / 1 var(--figure);
  font-stretch: 80%;
  fill: var(--ink);
  pointer-events: none;
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
.letter {
  fill: var(--harm);
}
.behind {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 3 3;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
.behind.lit {
  stroke: var(--mat);
  stroke-width: 2.4;
}
.lit :deep(.body),
.lit :deep(.place),
.lit :deep(.board),
.lit :deep(.socket) {
  stroke: var(--mat);
  stroke-width: 2.6;
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
