<script setup lang="ts">
// How a caliper is read, said once over the rows that have one.
import CaliperBar from './CaliperBar.vue'

/** One with a jaw at need, one at have, and tolerance to be seen. */
const shown = { need: 40, have: 60, tol: 6, verdict: 'clear' } as const
</script>

<template>
  <p class="quiet legend">
    <CaliperBar :finding="shown" />
    <span>first jaw: need; second: have; hatched: tolerance</span>
  </p>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  margin-bottom: 6px;
  font-size: var(--small);
}
</style>
