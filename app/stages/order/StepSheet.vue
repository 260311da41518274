<script setup lang="ts">
// One step opened: what is done, what it should feel like, and why it stands where it stands.
import { counted } from '../../../core/figures/format'
import type { Step } from '../../../core/order/step'
import StepGate from '../../ui/StepGate.vue'
import StepHolds from '../../ui/StepHolds.vue'
import StepPicture from '../../ui/StepPicture.vue'
import StepPin from './StepPin.vue'
import StepWords from '../../ui/StepWords.vue'

defineProps<{ step: Step }>()
</script>

<template>
  <div class="step">
    <h2>{{ step.title }}</h2>
    <StepHolds :key="step.id" :step="step" />
    <StepGate v-if="step.gate.length" :step="step" />
    <StepWords :step="step" />
    <StepPicture :key="step.id" :step="step" />
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
