<script setup lang="ts">
// One socket of the board: its face, what is printed there, its job, what goes there, what it is
// mistaken for.
import { computed } from 'vue'
import { listed } from '../../../core/figures/format'
import type { TourStop } from '../../../core/stages/board-tour'
import FaceDrawing from '../../drawing/FaceDrawing.vue'
import { usePointer } from '../../state/pointer'
import { useReference } from '../../state/reference'

const props = defineProps<{ stop: TourStop; board: string }>()
const pointer = usePointer()
const reference = useReference()
const look = computed(() => reference.value?.connectors.find(c => c.face === props.stop.face)?.look)
const isLit = computed(() => pointer.thing === props.stop.id || pointer.chosen === props.stop.id)
const point = (): void => pointer.point([props.board], null, props.stop.id)
</script>

<template>
  <li :class="{ lit: isLit }" @mouseenter="point" @mouseleave="pointer.leave">
    <FaceDrawing v-if="look" :look="look" :name="stop.name" :scale="4" :most="110" />
    <span v-else class="plain" aria-hidden="true" />
    <div class="says">
      <button
        type="button"
        class="plainbutton name"
        :aria-pressed="pointer.chosen === stop.id"
        @click="pointer.choose(stop.id)"
        @focus="point"
        @blur="pointer.leave"
      >
        <b>{{ listed(stop.labels) }}</b> · {{ stop.name }}
        <span v-if="stop.isAssumed" class="quiet">(assumed: not stated)</span>
      </button>
      <p v-if="stop.here.length" class="here">
        <template v-for="h in stop.here" :key="h"
          ><span>⟵ {{ h }}</span></template
        >
      </p>
      <p v-else class="empty">Stays empty{{ stop.why ? `: ${stop.why}` : '' }}</p>
      <p class="quiet">
        <template v-if="stop.job">Carries {{ stop.job }}. </template>Printed {{ stop.where }}.
      </p>
      <p v-if="stop.lookAlike" class="care"><b>Mistaken for:</b> {{ stop.lookAlike }}</p>
      <ul v-if="stop.mistaken.length" class="care wrong">
        <li v-for="m in stop.mistaken" :key="m.way + m.face">
          {{ m.way === 'here' ? 'A plug for' : 'Its plug in' }} {{ m.name }}: {{ m.note }}
        </li>
      </ul>
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 116px minmax(0, 1fr);
  gap: 14px;
  align-items: start;
  padding: 8px 12px;
  border-top: 1px solid var(--line);
}
li:first-child {
  border-top: 0;
}
.lit {
  background: var(--mat-soft);
}
.says {
  display: grid;
  gap: 2px;
}
.name {
  text-align: left;
  min-height: 24px;
}
.here {
  color: var(--copper);
  display: grid;
}
.empty {
  font-style: italic;
}
.care {
  border-left: 3px solid var(--copper);
  padding-left: 10px;
}
.wrong li {
  display: block;
  padding: 0;
  border: 0;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
