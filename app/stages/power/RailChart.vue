<script setup lang="ts">
// Load against rating: for each rail and the label, rest, working and worst as shares of what the
// supply gives.
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  type ChartData,
  type ChartOptions,
  Legend,
  LinearScale,
  Tooltip,
} from 'chart.js'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { quantity } from '../../../core/figures/format'
import type { SupplyPower } from '../../../core/stages/power'
import { theme } from '../../ui/theme'

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip)
const props = defineProps<{ power: SupplyPower }>()
const canvas = ref<HTMLCanvasElement>()
let chart: Chart<'bar', (number | null)[]> | undefined

const bars = computed(() => [
  ...props.power.rails.map(r => ({
    name: `${r.rail} V`,
    limit: r.limit,
    isLacking: r.isLacking,
    rest: r.rest,
    work: r.work,
    worst: r.worst,
  })),
  {
    name: 'all',
    limit: props.power.label,
    isLacking: false,
    rest: props.power.rest,
    work: props.power.work,
    worst: props.power.worst,
  },
])
type Bar = Pick<(typeof bars.value)[number], 'limit' | 'isLacking'>
function limitOf({ limit, isLacking }: Bar): string {
  if (limit !== null) return quantity(limit, 'W')
  return isLacking ? 'none' : 'not stated'
}
function shortLimit({ limit, isLacking }: Bar): string {
  if (limit !== null) return `of ${limit} W`
  return isLacking ? 'none' : 'limit ?'
}
const spoken = computed(() =>
  bars.value.map(b => `${b.name}: worst ${quantity(b.worst, 'W')} of ${limitOf(b)}`).join('; '),
)

const token = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim()
const share = (watts: number, limit: number | null): number | null =>
  limit === null ? null : (watts / limit) * 100
const SERIES = [
  { label: 'rest', key: 'rest', color: '--mat-soft' },
  { label: 'working', key: 'work', color: '--mat' },
  { label: 'worst', key: 'worst', color: '--copper' },
] as const

const chartData = (): ChartData<'bar', (number | null)[]> => ({
  labels: bars.value.map(b => [b.name, shortLimit(b)]),
  datasets: SERIES.map(s => ({
    label: s.label,
    data: bars.value.map(b => share(b[s.key], b.limit)),
    backgroundColor: token(s.color),
    borderColor: token('--ink'),
    borderWidth: 1,
  })),
})

function chartScales(): NonNullable<ChartOptions<'bar'>['scales']> {
  const ticks = { color: token('--ink'), font: { family: token('--figure'), size: 11 } }
  return {
    x: { ticks, grid: { display: false } },
    y: {
      min: 0,
      suggestedMax: 100,
      ticks: { ...ticks, stepSize: 25, callback: v => `${v} %` },
      grid: {
        color: c => token(c.tick.value === 100 ? '--stop' : '--line'),
        lineWidth: c => (c.tick.value === 100 ? 2 : 1),
      },
    },
  }
}

const chartPlugins = (): NonNullable<ChartOptions<'bar'>['plugins']> => ({
  legend: {
    position: 'top',
    align: 'start',
    labels: {
      color: token('--ink'),
      boxWidth: 12,
      font: { family: token('--text'), size: 13 },
    },
  },
  tooltip: {
    callbacks: {
      label: c => {
        const bar = bars.value[c.dataIndex]
        const s = SERIES[c.datasetIndex]
        return bar && s ? `${s.label} ${quantity(bar[s.key], 'W')}` : ''
      },
    },
  },
})

function draw(): void {
  if (!canvas.value) return
  chart?.destroy()
  chart = new Chart(canvas.value, {
    type: 'bar',
    data: chartData(),
    options: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      scales: chartScales(),
      plugins: chartPlugins(),
    },
  })
}
onMounted(draw)
watch([() => props.power, theme], draw, { flush: 'post' })
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <div class="chart"><canvas ref="canvas" role="img" :aria-label="spoken" /></div>
</template>

<style scoped>
.chart {
  position: relative;
  height: 300px;
}
</style>
