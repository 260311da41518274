<script setup lang="ts">
// Screws and standoffs in their true size, to lay an unknown one on. Lengths are counted below the
// head; a line of 50 mm says whether the printer kept to the size.
import { computed } from 'vue'
import ControlLine from '../../ui/ControlLine.vue'
import type { DrawnScrew, ScrewSheet } from '../../../core/to-hand/screw-sheet'

const props = defineProps<{ sheet: ScrewSheet }>()
/** Where they stand, mm: so many in a row, and how far apart. */
const [LEFT, TOP, WIDE, HIGH, IN_ROW] = [8, 10, 42, 26, 4] as const
const HEAD_HIGH = 2.2
const place = (i: number): string =>
  `translate(${LEFT + (i % IN_ROW) * WIDE} ${TOP + Math.floor(i / IN_ROW) * HIGH})`
const width = LEFT + IN_ROW * WIDE
const height = computed(() => TOP + Math.ceil((props.sheet.screws.length + 1) / IN_ROW) * HIGH)
const threadsOf = ({ long, pitch }: DrawnScrew): readonly number[] =>
  Array.from({ length: Math.floor(long / pitch) }, (_, i) => HEAD_HIGH + (i + 0.5) * pitch)
</script>

<template>
  <figure>
    <h2>Screws in their true size</h2>
    <p class="quiet">
      Lay an unknown one on, its head on the head. On paper the line is 50 mm long when the printer
      keeps the size; a screen seldom does.
    </p>
    <div class="scroll" role="region" aria-label="Screws in their true size" tabindex="0">
      <svg
        :viewBox="`0 0 ${width} ${height}`"
        :style="{ width: `${width}mm`, height: `${height}mm` }"
        role="img"
        aria-label="Screws and a standoff in their true size"
      >
        <g v-for="(s, i) in sheet.screws" :key="s.label" :transform="place(i)">
          <rect :width="s.head" :height="HEAD_HIGH" rx="0.6" class="metal" />
          <rect
            :x="(s.head - s.across) / 2"
            :y="HEAD_HIGH"
            :width="s.across"
            :height="s.long"
            class="metal"
          />
          <line
            v-for="y in threadsOf(s)"
            :key="y"
            :x1="(s.head - s.across) / 2"
            :x2="(s.head + s.across) / 2"
            :y1="y"
            :y2="y"
            class="thread"
          />
          <text y="-3">{{ s.label }}</text>
        </g>
        <g :transform="place(sheet.screws.length)">
          <rect :width="sheet.standoff.flats" :height="sheet.standoff.high" class="metal" />
          <text y="-3">standoff {{ sheet.standoff.high }} mm</text>
        </g>
      </svg>
      <ControlLine />
    </div>
  </figure>
</template>

<style scoped>
figure {
  margin: 8px 0 0;
  display: grid;
  gap: 6px;
}
.scroll {
  overflow-x: auto;
}
.metal {
  fill: var(--mat-soft);
  stroke: var(--ink);
  stroke-width: 0.2;
}
.thread {
  stroke: var(--ink);
  stroke-width: 0.1;
}
text {
  font-size: 3.2px;
  fill: var(--ink);
}
</style>
