<script setup lang="ts">
// Order: the steps in their sequence; the present one with its words and the reason of every edge.
import { computed, defineAsyncComponent, ref } from 'vue'
import { minutes, number } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import BuildOrders from './BuildOrders.vue'
import PinLine from './PinLine.vue'
import PracticeList from './PracticeList.vue'
import { useReorder } from './reorder'
import StepLine from './StepLine.vue'
import StepSheet from './StepSheet.vue'
import EmptyStage from '../../ui/EmptyStage.vue'
import StageLayout from '../../ui/StageLayout.vue'
import { useSeam } from '../../ui/seam'

const WorkChart = defineAsyncComponent(() => import('./WorkChart.vue'))
const desk = useDesk()
const { steps, present, step, go } = useSeam()
const { dragged, over, move: moveStep, drop } = useReorder(() => steps.value)
const comparing = ref(false)
const weighing = ref(false)
const weigh = ({ target }: Event): void => {
  weighing.value = target instanceof HTMLDetailsElement && target.open
}
const practices = computed(() => desk.analysis?.choices.practices ?? [])
const chosen = computed(() => practices.value.filter(p => p.chosen !== null).length)
const order = computed(() => desk.analysis?.order ?? null)
/** What was put by hand and is not kept. */
const loose = computed(() => (order.value?.pins ?? []).filter(p => p.state !== 'kept'))
const summary = computed(() => {
  const o = desk.analysis?.order
  return o && o.steps.length
    ? `${o.steps.length} steps, ${minutes(o.minutes)} for careful hands, ` +
        `${minutes(o.firstTimeMinutes)} the first time (assumed)`
    : ''
})
</script>

<template>
  <StageLayout title="Order" stage="order" :summary="summary">
    <EmptyStage
      v-if="steps.length === 0"
      says="Here stands what goes in first, and why. Each part that joins another brings its steps."
    />
    <template v-else>
      <details
        class="sheet schools"
        @toggle="
          (e: Event) => {
            comparing = (e.target as HTMLDetailsElement).open
          }
        "
      >
        <summary>
          Build order <b>{{ order?.label }}</b>: {{ order?.says }}.
          <span class="link">Compare build orders</span>
        </summary>
        <BuildOrders v-if="comparing" />
      </details>
      <details class="sheet schools">
        <summary>
          Habits that differ: <b>{{ chosen }}</b> of {{ practices.length }} chosen.
          <span class="link">Both ways, with their reasons</span>
        </summary>
        <PracticeList class="practices" />
      </details>
      <details class="sheet schools" @toggle="weigh">
        <summary>Hours of work by its parts. <span class="link">Show</span></summary>
        <WorkChart v-if="weighing && order" class="practices" :work="order.work" />
      </details>
      <PinLine v-for="p in loose" :key="p.before + p.after" :pin="p" class="told" />
      <p class="quiet gap">
        <template v-if="order && order.gap > 0"
          >The best sequence found; no other can save more than {{ number(order.gap, 0) }} weighed
          minutes of turns, tools and habits.</template
        >
        <template v-else>No sequence is better.</template>
        Drag a step, or move it by Alt and the arrow keys.
      </p>
      <ol class="sheet">
        <StepLine
          v-for="(s, i) in steps"
          :key="s.id"
          :step="s"
          :number="i + 1"
          :here="s.id === present"
          :over="s.id === over && s.id !== dragged"
          @choose="go(s.id)"
          @move="(by: -1 | 1) => moveStep(s.id, by)"
          @drag="dragged = s.id"
          @hover="over = s.id"
          @drop="drop(s.id)"
        />
      </ol>
    </template>
    <template #where><StepSheet v-if="step" :step="step" /></template>
  </StageLayout>
</template>

<style scoped>
.practices {
  padding: 4px 12px 10px;
}
.schools + .schools {
  margin-top: 8px;
}
.schools summary {
  cursor: pointer;
  padding: 8px 12px;
}
.schools :deep(table.sheet) {
  border: 0;
  border-top: 1px solid var(--line);
}
.link {
  color: var(--mat);
  text-decoration: underline;
}
.gap {
  margin: 8px 0;
}
.told {
  margin: 8px 0;
}
</style>
