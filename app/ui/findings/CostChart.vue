<script setup lang="ts">
// What each fix costs, side by side.
import { computed } from 'vue'
import { money } from '../../../core/figures/format'
import type { Remedy } from '../../../core/remedies/remedy'
import PlainChart, { type ChartSeries } from '../PlainChart.vue'

const props = defineProps<{ remedies: readonly Remedy[]; currency: string }>()
const labels = computed(() => props.remedies.map(r => r.title))
const series = computed((): ChartSeries[] => [
  {
    ...{ label: 'costs', ink: '--copper', drawn: 'bar' },
    values: props.remedies.map(r => r.promise.left.after - r.promise.left.before),
  },
])
const written = (value: number): string => money(value, props.currency)
</script>

<template>
  <PlainChart
    title="What each fix costs"
    :labels="labels"
    :series="series"
    :written="written"
    :height="40 + 34 * labels.length"
    lying
  />
</template>
