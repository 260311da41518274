<script setup lang="ts">
// The front-panel block as it lies in front of you: pins, what they are for, which lead sits there;
// letters stay upright.
import { computed, ref } from 'vue'
import type { PanelBlock } from '../../core/panel/block'
import { usePointer } from '../state/pointer'

const props = defineProps<{ block: PanelBlock }>()
const pointer = usePointer()
const turn = ref(0)
const CELL = 92
/** Where the pins are only assumed, no manual was read. */
const upright = computed(() =>
  props.block.isAssumed
    ? ', in the usual order: this board’s own is not stated'
    : ', as printed in its manual',
)
const grid = computed(() => props.block.turns[turn.value] ?? props.block.turns[0])
/** Of what works either way round no sign stands at its pin. */
const SIGN = { '+': '+', '-': '−', either: '' } as const
const words = (text: string): string[] => text.replace(/[+-]$/, '').split(/[- ]/)
</script>

<template>
  <figure v-if="grid" class="block">
    <svg
      :viewBox="`-10 -10 ${grid.cols * CELL + 20} ${grid.rows * CELL + 20}`"
      role="img"
      :aria-label="`Front-panel block of the ${block.boardName}, turned by ${turn * 90} degrees`"
      :style="{ maxWidth: `${grid.cols * CELL + 20}px` }"
    >
      <rect
        x="-6"
        y="-6"
        :width="grid.cols * CELL + 12"
        :height="grid.rows * CELL + 12"
        class="body"
      />
      <g
        v-for="c in grid.cells"
        :key="c.pin"
        :transform="`translate(${c.col * CELL} ${c.row * CELL})`"
        :class="[
          'pin',
          { taken: c.lead, lit: c.lead && pointer.row === c.lead.joint, none: c.does === 'none' },
        ]"
        @mouseenter="c.lead && pointer.point([], c.lead.joint)"
        @mouseleave="pointer.leave"
      >
        <rect x="3" y="3" :width="CELL - 6" :height="CELL - 6" rx="3" class="cell" />
        <text x="10" y="19" class="n">{{ c.pin }}</text>
        <text v-if="c.lead" :x="CELL - 12" y="24" class="sign" text-anchor="end">
          {{ SIGN[c.lead.polarity] }}
        </text>
        <rect
          v-if="c.does !== 'none'"
          :x="CELL / 2 - 7"
          :y="CELL / 2 - 14"
          width="14"
          height="14"
          class="contact"
        />
        <text
          v-for="(w, i) in c.does === 'none' ? ['no pin'] : words(c.lead?.label ?? c.does)"
          :key="i"
          :x="CELL / 2"
          :y="CELL / 2 + 17 + i * 14"
          text-anchor="middle"
          class="word"
        >
          {{ w }}
        </text>
      </g>
    </svg>
    <figcaption class="quiet">
      Seen from above the board; without a sign a plug works either way round{{
        turn ? `, turned by ${turn * 90}°` : upright
      }}.
      <button type="button" @click="turn = (turn + 1) % 4">Quarter turn ↻</button>
    </figcaption>
  </figure>
</template>

<style scoped>
.block {
  display: grid;
  gap: 10px;
}
svg {
  width: 100%;
  max-height: 60vh;
}
.body {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.cell {
  fill: var(--sheet);
  stroke: var(--line);
}
.taken .cell {
  fill: var(--mat-soft);
  stroke: var(--mat);
}
.lit .cell {
  stroke-width: 3;
}
.contact {
  fill: var(--ink-2);
}
.taken .contact {
  fill: var(--copper);
}
text {
  fill: var(--ink);
  font-family: var(--text);
}
.n {
  font: 500 12px var(--figure);
  fill: var(--ink-2);
}
.sign {
  font: 700 17px var(--figure);
}
.word {
  font-size: 12.5px;
}
.none .word {
  fill: var(--ink-2);
}
button {
  padding: 3px 9px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--sheet);
  cursor: pointer;
  margin-left: 6px;
}
</style>
