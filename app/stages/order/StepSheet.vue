<script setup lang="ts">
// One step opened: what is done, what it should feel like, and why it stands where it stands.
import { computed } from 'vue'
import { counted } from '../../../core/figures/format'
import type { Step } from '../../../core/order/step'
import { useDesk } from '../../state/desk'
import FindingRow from '../../ui/findings/FindingRow.vue'
import StepGate from '../../ui/StepGate.vue'
import StepPin from './StepPin.vue'
import StepWords from '../../ui/StepWords.vue'

const props = defineProps<{ step: Step }>()
const desk = useDesk()
const findings = computed(() =>
  (desk.analysis?.findings ?? []).filter(
    f => props.step.findings.includes(f.id) && f.verdict !== 'clear',
  ),
)
</script>

<template>
  <div class="step">
    <h2>{{ step.title }}</h2>
    <p v-if="step.missing.length" class="measure">Not here yet: {{ step.missing.join(', ') }}</p>
    <StepGate v-if="step.gate.length" :step="step" />
    <StepWords :step="step" />
    <ul v-if="findings.length" class="sheet">
      <FindingRow v-for="f in findings" :key="f.id" :finding="f" />
    </ul>
    <h3>Why here</h3>
    <p>{{ step.why }}</p>
    <details v-if="step.after.length">
      <summary>After {{ counted(step.after.length, 'other step') }}</summary>
      <ul class="after">
        <li v-for="a in step.after" :key="a.step">
          <span class="basis quiet">{{ a.basis }}</span><span
            >{{ a.title }}: <span class="quiet">{{ a.reason }}</span></span
          >
        </li>
      </ul>
    </details>
    <StepPin :step="step" />
  </div>
</template>

<style scoped>
.step {
  display: grid;
  gap: 10px;
}
summary {
  cursor: pointer;
}
.after li {
  display: grid;
  grid-template-columns: 44px 1fr;
  gap: 8px;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
</style>
