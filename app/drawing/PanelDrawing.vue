<script setup lang="ts">
// The front-panel block as it lies in front of you: pins, what they are for, which lead sits there;
// letters stay upright.
import { computed, ref } from 'vue'
import type { PanelBlock, PinCell } from '../../core/panel/block'
import { usePointer } from '../state/pointer'

const props = defineProps<{
  block: PanelBlock
  /** The one lead that is at hand; the others recede. */
  only?: string
  /** As large as the bench wants it. */
  large?: boolean
}>()
const pointer = usePointer()
/** Which side of the case is toward the person: as it stands, or as it lies before the hands. */
const SIDES = ['floor', 'front', 'top', 'rear'] as const
const side = ref(0)
const turn = computed(() => (props.block.lies + side.value) % SIDES.length)
/** Colours that wires are called by, as they are drawn; others are only named. */
const WIRES: Readonly<Record<string, string>> = {
  ...{ red: '#c0281c', green: '#2f7d3b', blue: '#2458b8', orange: '#d9731a', yellow: '#e0b81f' },
  ...{ white: '#ffffff', black: '#111111', brown: '#6b4226', grey: '#8a8a8a', purple: '#6a3d9a' },
}
/** Only of the wire to plus: of the other it is no more than usual. */
function wireOf({ lead }: PinCell): string | undefined {
  if (lead?.polarity !== '+') return undefined
  const said = lead.wire.toLowerCase()
  return Object.entries(WIRES).find(([name]) => said.includes(name))?.[1]
}
const CELL = 92
/** Where the pins are only assumed, no manual was read. */
const upright = computed(() =>
  props.block.isAssumed
    ? '. Assumed, in the usual order: read it in your manual'
    : ', as printed in its manual',
)
const grid = computed(() => props.block.turns[turn.value] ?? props.block.turns[0])
/** Of what works either way round no sign stands at its pin. */
const SIGN = { '+': '+', '-': '−', either: '' } as const
const words = (text: string): string[] => text.split(' ')
</script>

<template>
  <figure v-if="grid" class="block" :class="{ large }">
    <svg
      :viewBox="`-10 -10 ${grid.cols * CELL + 20} ${grid.rows * CELL + 20}`"
      role="img"
      :aria-label="`Front-panel block of the ${block.boardName}, the ${SIDES[side]} of the case toward you`"
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
          {
            taken: c.lead,
            lit: c.lead && (only ?? pointer.row) === c.lead.joint,
            away: only !== undefined && c.lead?.joint !== only,
            none: c.does === 'none',
          },
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
        <path
          v-if="wireOf(c)"
          class="wire"
          :d="`M${CELL / 2} ${CELL / 2 - 14} V12`"
          :style="{ stroke: wireOf(c) }"
        />
        <text
          v-for="(w, i) in words(c.lead?.label ?? c.says)"
          :key="i"
          :x="CELL / 2"
          :y="CELL / 2 + 17 + i * 14"
          text-anchor="middle"
          class="word"
        >
          {{ w }}
        </text>
        <text
          v-if="block.isAssumed"
          :x="CELL / 2"
          :y="CELL - 9"
          text-anchor="middle"
          class="unread"
        >
          assumed
        </text>
      </g>
    </svg>
    <figcaption class="quiet">
      <span
        >Seen from above the board; without a sign a plug works either way round{{ upright }}.</span
      >
      <span class="sides" role="group" aria-label="Which side of the case is toward you">
        Toward you:
        <button
          v-for="(s, i) in SIDES"
          :key="s"
          type="button"
          class="smallbutton"
          :aria-pressed="side === i"
          @click="side = i"
        >
          {{ s }}
        </button>
      </span>
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
.unread {
  font-size: 11px;
  font-style: italic;
  fill: var(--ink-2);
}
.none .word {
  fill: var(--ink-2);
}
.away .cell,
.away .word,
.away .sign {
  opacity: 0.4;
}
.wire {
  fill: none;
  stroke-width: 6;
  stroke-linecap: round;
  filter: drop-shadow(0 0 0.6px var(--ink));
}
figcaption,
.sides {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.large figcaption {
  font-size: 16px;
  color: var(--ink);
}
.large button {
  min-height: 44px;
  padding: 3px 14px;
}
.large svg {
  max-height: 38dvh;
}
</style>
