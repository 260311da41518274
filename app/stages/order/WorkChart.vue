<script setup lang="ts">
// The hours of the work by its parts: all of it, and what of it is still to do.
import { computed } from 'vue'
import { minutes } from '../../../core/figures/format'
import type { OrderSection } from '../../../core/order/section'
import { GROUP_WORD } from '../../ui/groups'
import PlainChart, { type ChartSeries } from '../../ui/PlainChart.vue'

const props = defineProps<{ work: OrderSection['work'] }>()
const labels = computed(() => props.work.map(w => GROUP_WORD[w.group]))
const series = computed((): ChartSeries[] => [
  { label: 'in all', ink: '--mat-soft', drawn: 'bar', values: props.work.map(w => w.minutes) },
  { label: 'to do', ink: '--mat', drawn: 'bar', values: props.work.map(w => w.left) },
])
</script>

<template>
  <PlainChart
    title="Minutes of work by its parts"
    :labels="labels"
    :series="series"
    :written="minutes"
    :height="180"
    lying
  />
</template>
