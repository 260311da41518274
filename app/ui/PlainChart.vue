<script setup lang="ts">
// A chart of a few bars or of moments one after another, each with its number in a table behind it;
// readable in grey: what differs, differs in lightness and has an edge.
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartConfiguration,
} from 'chart.js'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { theme } from './theme'

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip)
Chart.register(LineController, LineElement, PointElement)

export interface ChartSeries {
  readonly label: string
  readonly values: readonly (number | null)[]
  /** The token of its ink. */
  readonly ink: string
  /** A limit is a dashed line over bars; moments are steps of a line. */
  readonly drawn: 'bar' | 'limit'
}
const props = defineProps<{
  /** What it shows, for who hears it. */
  title: string
  labels: readonly string[]
  series: readonly ChartSeries[]
  /** How a value is written. */
  written: (value: number) => string
  lying?: boolean
  height?: number
}>()
const canvas = ref<HTMLCanvasElement>()
let chart: Chart | undefined
const token = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim()

function configuration(): ChartConfiguration {
  const ticks = { color: token('--ink'), font: { family: token('--text'), size: 12 } }
  const grid = { color: token('--line') }
  const callback = (at: string | number): string => props.written(Number(at))
  const value = { beginAtZero: true, ticks: { ...ticks, callback, maxTicksLimit: 6 }, grid }
  // Every bar has its name, level.
  const names = { ticks: { ...ticks, autoSkip: false, maxRotation: 0 }, grid: { display: false } }
  return {
    type: 'bar',
    data: {
      labels: props.labels.map(label => (props.lying ? label : wrapped(label))),
      datasets: props.series.map(s =>
        s.drawn === 'bar'
          ? {
              ...{ label: s.label, data: [...s.values], maxBarThickness: 34 },
              ...{ backgroundColor: token(s.ink), borderColor: token('--ink'), borderWidth: 1 },
            }
          : {
              ...{ type: 'line' as const, label: s.label, data: [...s.values], stepped: 'middle' },
              ...{ borderColor: token(s.ink), borderDash: [6, 4], borderWidth: 2, pointRadius: 0 },
            },
      ),
    },
    options: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      indexAxis: props.lying ? 'y' : 'x',
      scales: props.lying ? { x: value, y: names } : { x: names, y: value },
      plugins: {
        legend: { display: false },
        tooltip: {
          callbacks: {
            label: ({ dataset, raw }) =>
              typeof raw === 'number' ? `${dataset.label ?? ''} ${props.written(raw)}` : '',
          },
        },
      },
    },
  }
}
/** Long names stand in lines under their bar. */
const wrapped = (label: string): string | string[] =>
  label.length > 8 ? label.split(/,? (?=\S{3,})/) : label

function draw(): void {
  if (!canvas.value) return
  chart?.destroy()
  chart = new Chart(canvas.value, configuration())
}
onMounted(draw)
watch([() => props.labels, () => props.series, theme], draw, { flush: 'post' })
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <figure class="plain">
    <div :style="{ height: `${height ?? 240}px` }">
      <canvas ref="canvas" role="img" :aria-label="title" />
    </div>
    <details>
      <summary>{{ title }}, as a table</summary>
      <table>
        <thead>
          <tr>
            <td></td>
            <th v-for="s in series" :key="s.label">{{ s.label }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(label, i) in labels" :key="label">
            <th>{{ label }}</th>
            <td v-for="s in series" :key="s.label" class="figure">
              {{ typeof s.values[i] === 'number' ? written(s.values[i]) : '–' }}
            </td>
          </tr>
        </tbody>
      </table>
    </details>
  </figure>
</template>

<style scoped>
.plain {
  display: grid;
  gap: 4px;
}
.plain > div {
  position: relative;
}
summary {
  cursor: pointer;
  min-height: 24px;
  color: var(--ink-2);
  font-size: var(--small);
}
th,
td {
  padding: 3px 12px 3px 0;
  text-align: left;
  font-size: var(--small);
}
td {
  text-align: right;
}
</style>
