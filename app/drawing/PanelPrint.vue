<script setup lang="ts">
// The front-panel block for paper, four times its size: hold it beside the board. Labels stand
// outside, so that they can be read.
import { computed } from 'vue'
import type { PinCell, PanelBlock } from '../../core/panel/block'

const props = defineProps<{ block: PanelBlock }>()
const SCALE = 4
const PITCH = 2.54 * SCALE
const ROOM = 34
/** How far a word stands from the block, mm. */
const GAP = 2.5
const grid = computed(() => props.block.turns[0])
const width = computed(() => (grid.value?.cols ?? 0) * PITCH + 4)
const height = computed(() => (grid.value?.rows ?? 0) * PITCH + 2 * ROOM)
/** Of what works either way round no sign stands at its pin. */
const SIGN = { '+': '+', '-': '−', either: '' } as const
const mid = (n: number): number => 2 + (n + 0.5) * PITCH
const isUpper = (row: number): boolean => row < (grid.value?.rows ?? 0) / 2
/** Upright beside the block: above the upper row, below the lower. */
const beside = ({ row, col }: { readonly row: number; readonly col: number }): string => {
  const y = isUpper(row) ? ROOM - GAP : height.value - ROOM + GAP
  return `translate(${mid(col) + 1} ${y}) rotate(-90)`
}
const wordOf = ({ says, lead }: PinCell): string => {
  if (!lead) return says
  return lead.polarity === 'either' ? lead.label : `${lead.label} ${SIGN[lead.polarity]}`
}
</script>

<template>
  <figure v-if="grid" class="print">
    <svg
      :viewBox="`0 0 ${width} ${height}`"
      :style="{ width: `${width}mm`, height: `${height}mm` }"
      role="img"
      :aria-label="`Front-panel block of the ${block.boardName}, four times its size`"
    >
      <rect x="1" :y="ROOM - 1" :width="width - 2" :height="grid.rows * PITCH + 2" class="body" />
      <g v-for="c in grid.cells" :key="c.pin">
        <rect
          v-if="c.does !== 'none'"
          :x="mid(c.col) - 1.3"
          :y="ROOM + (c.row + 0.5) * PITCH - 1.3"
          width="2.6"
          height="2.6"
          :class="c.lead ? 'taken' : 'contact'"
        />
        <text :x="mid(c.col) - 4.4" :y="ROOM + c.row * PITCH + 3.4" class="n">{{ c.pin }}</text>
        <text
          v-if="c.lead"
          :x="mid(c.col) + 4.2"
          :y="ROOM + c.row * PITCH + 3.6"
          text-anchor="end"
          class="sign"
        >
          {{ SIGN[c.lead.polarity] }}
        </text>
        <text
          :transform="beside(c)"
          :text-anchor="isUpper(c.row) ? 'start' : 'end'"
          :class="['word', { free: !c.lead }]"
        >
          {{ wordOf(c) }}
        </text>
      </g>
    </svg>
    <figcaption>
      4 : 1, seen from above the board as printed in its manual. One pin to the next:
      {{ PITCH.toFixed(2) }} mm here, 2.54 mm on the board.
    </figcaption>
  </figure>
</template>

<style scoped>
.print {
  display: grid;
  gap: 6px;
  break-inside: avoid;
}
svg {
  max-width: none;
}
.body {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.4;
}
.contact {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.3;
}
.taken {
  fill: var(--copper);
}
text {
  fill: var(--ink);
  font-family: var(--text);
  font-size: 3.2px;
}
.n {
  font: 500 2.4px var(--figure);
}
.sign {
  font: 700 3.6px var(--figure);
}
.free {
  fill: var(--ink-2);
}
figcaption {
  font-size: var(--small);
}
</style>
