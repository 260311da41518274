<script setup lang="ts">
// One lead: where it goes and through what, its finding under it.
import { computed } from 'vue'
import type { RouteRow } from '../../../core/stages/routes'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import FindingRow from '../../ui/findings/FindingRow.vue'

const props = defineProps<{ route: RouteRow }>()
const desk = useDesk()
const pointer = usePointer()
const finding = computed(
  () => desk.analysis?.findings.find(f => f.id === props.route.finding) ?? null,
)
</script>

<template>
  <li
    class="route"
    :class="{ lit: pointer.row === route.id }"
    @mouseover="pointer.point([route.item], route.id)"
    @mouseleave="pointer.leave"
    @focusin="pointer.point([route.item], route.id)"
    @focusout="pointer.leave"
  >
    <ul v-if="finding">
      <FindingRow :finding="finding" />
    </ul>
    <p v-else class="plain">
      {{ route.label }} to {{ route.to }}
      <span class="quiet">its way is not known: a place on it is not stated</span>
    </p>
    <p v-if="route.through.length" class="quiet through">
      through {{ route.through.join(', then ') }}
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
.lit {
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
