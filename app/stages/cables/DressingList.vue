<script setup lang="ts">
// How the leads of one side are dressed: in which order, where they are tied, what is minded.
import type { DressedSide } from '../../../core/laying/dressing'
import { usePointer } from '../../state/pointer'
import { wholeMm } from '../../../core/figures/format'

defineProps<{ dressed: DressedSide }>()
const pointer = usePointer()
const SIDE = { behind: 'Behind the tray', near: 'On the near side' }
</script>

<template>
  <details class="sheet side">
    <summary>
      <strong>{{ SIDE[dressed.side] }}</strong>
      <span class="quiet">{{ dressed.leads.length }} leads, {{ dressed.ties.length }} ties</span>
    </summary>
    <p class="quiet">In this order: what comes first lies undermost.</p>
    <ol>
      <li
        v-for="l in dressed.leads"
        :key="l.id"
        tabindex="0"
        :class="{ lit: pointer.row === l.id }"
        @mouseenter="pointer.point([], l.id)"
        @mouseleave="pointer.leave"
        @focus="pointer.point([], l.id)"
        @blur="pointer.leave"
      >
        {{ l.label }} to {{ l.to }}
        <span class="figure quiet">{{ wholeMm(l.mm) }}</span>
        <span v-for="note in l.notes" :key="note" class="quiet note">{{ note }}</span>
      </li>
    </ol>
    <p v-for="t in dressed.ties" :key="t.label" class="tie">
      <strong>Tie</strong> {{ t.label }}:
      <span class="quiet">{{ t.leads.length }} leads</span>
    </p>
    <p v-if="dressed.ties.length === 0" class="quiet tie">
      No lead passes a point of the case to tie it to.
    </p>
  </details>
</template>

<style scoped>
.side {
  padding: 10px 12px;
  margin-bottom: 8px;
}
summary {
  cursor: pointer;
}
ol {
  margin: 6px 0;
  padding-left: 26px;
}
li {
  padding: 3px 4px;
}
.lit {
  background: var(--mat-soft);
}
.note {
  display: block;
}
.tie {
  margin: 4px 0;
}
</style>
