<script setup lang="ts">
// One lead: where it goes and through what, its finding under it. Chosen on the drawing, it comes into
// view.
import { computed, useTemplateRef, watch } from 'vue'
import type { RouteRow } from '../../../core/stages/routes'
import { quantity } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import FindingRow from '../../ui/findings/FindingRow.vue'

const props = defineProps<{ route: RouteRow }>()
const desk = useDesk()
const pointer = usePointer()
const row = useTemplateRef<HTMLElement>('row')
const finding = computed(
  () => desk.analysis?.findings.find(f => f.id === props.route.finding) ?? null,
)
watch(
  () => finding.value !== null && pointer.chosen === finding.value.id,
  isChosen => {
    if (isChosen) row.value?.scrollIntoView({ block: 'nearest' })
  },
)
const through = (holes: readonly string[]): string =>
  holes.length > 0 ? `through the ${holes.join(', then the ')}` : 'through no hole'
/** The stops as they are numbered on the drawing. */
const numbered = (stops: RouteRow['stops']): string =>
  stops.map(({ says }, i) => `${i + 1} ${says}`).join(' → ')
</script>

<template>
  <li ref="row" class="route" :class="{ lit: pointer.row === route.id }">
    <ul v-if="finding">
      <FindingRow :finding="finding" :lights="route.id" />
    </ul>
    <p
      v-else
      class="plain"
      tabindex="0"
      @mouseenter="pointer.point([route.item], route.id)"
      @mouseleave="pointer.leave"
      @focus="pointer.point([route.item], route.id)"
      @blur="pointer.leave"
    >
      {{ route.label }} to {{ route.to }}
      <span class="quiet">its way is not known: a place on it is not stated</span>
    </p>
    <p v-if="route.stops.length > 2" class="quiet through">{{ numbered(route.stops) }}</p>
    <p v-if="route.gap" class="quiet through">What would reach: {{ route.gap.wanted }}</p>
    <p v-if="route.next" class="quiet through">
      next best {{ through(route.next.through) }}: needs {{ quantity(route.next.need, 'mm') }}
    </p>
  </li>
</template>

<style scoped>
.route {
  border-top: 1px solid var(--line);
}
.route:first-child {
  border-top: 0;
}
.lit,
.route:has(.open) {
  background: var(--mat-soft);
}
.plain {
  padding: 8px 12px;
}
.through {
  padding: 0 12px 8px 42px;
  margin-top: -6px;
}
</style>
