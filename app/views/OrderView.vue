<script setup lang="ts">
// Order: the steps in their sequence; the present one with its words and the reason of every edge.
import { computed } from 'vue'
import { minutes } from '../../core/format'
import { useDesk } from '../stores/desk'
import StepLine from '../ui/StepLine.vue'
import StepSheet from '../ui/StepSheet.vue'
import TwoSides from '../ui/TwoSides.vue'
import { useSeam } from '../use/seam'

const desk = useDesk()
const { steps, present, step, go } = useSeam()
const summary = computed(() => { const o = desk.analysis?.order; return o && o.steps.length ? `${o.steps.length} steps, ${minutes(o.minutes)} for careful hands, ${minutes(o.firstTimeMinutes)} the first time (assumed)` : '' })
</script>

<template>
  <TwoSides title="Order" :summary="summary">
    <p v-if="steps.length === 0" class="quiet">No part, no step. The order grows from the joints.</p>
    <ol v-else class="sheet"><StepLine v-for="(s, i) in steps" :key="s.id" :step="s" :number="i + 1" :here="s.id === present" @choose="go(s.id)" /></ol>
    <template #where><StepSheet v-if="step" :step="step" /></template>
  </TwoSides>
</template>
