<script setup lang="ts">
// What is drawn from the first second on, moment after moment, against what the supply gives in each.
import { computed } from 'vue'
import { watts } from '../../../core/figures/format'
import type { SupplyPower } from '../../../core/stages/power'
import PlainChart, { type ChartSeries } from '../../ui/PlainChart.vue'

const props = defineProps<{ power: SupplyPower }>()
const labels = computed(() => props.power.moments.map(m => m.label))
const series = computed((): ChartSeries[] => [
  {
    ...{ label: 'drawn', ink: '--copper', drawn: 'bar' },
    values: props.power.moments.map(m => m.watts),
  },
  {
    ...{ label: 'given', ink: '--stop', drawn: 'limit' },
    values: props.power.moments.map(m => m.limit),
  },
])
</script>

<template>
  <PlainChart
    :title="`Power of the ${power.name}, moment by moment`"
    :labels="labels"
    :series="series"
    :written="watts"
  />
</template>
