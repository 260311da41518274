<script setup lang="ts">
// What a deviation did to the rest of the plan: matters settled and new, joints that moved, the
// time.
import { computed } from 'vue'
import { minutes } from '../../../core/figures/format'
import type { Difference } from '../../../core/analysis/compare'
import { VERDICT_WORD } from '../../ui/findings'

const props = defineProps<{ difference: Difference }>()
const emit = defineEmits<{ close: [] }>()
const lines = computed(() => {
  const { findings, joints, minutes: time } = props.difference
  return [
    ...findings.come.map(f => `New: ${VERDICT_WORD[f.verdict]}, ${f.sentence}`),
    ...findings.turned.map(
      t =>
        `${VERDICT_WORD[t.finding.verdict]} instead of ${VERDICT_WORD[t.was].toLowerCase()}: ${t.finding.sentence}`,
    ),
    ...findings.gone.map(f => `Settled: ${f.sentence}`),
    ...joints.come.map(j => `Now: ${j}`),
    ...(time.after === time.before
      ? []
      : [`${minutes(time.after)} in all, was ${minutes(time.before)}`]),
  ]
})
</script>

<template>
  <section class="changed" aria-live="polite" aria-label="What changed">
    <p>
      <b>{{
        lines.length ? 'The rest was planned anew:' : 'Noted. The rest of the plan stays as it is.'
      }}</b>
      <button type="button" class="plainbutton" @click="emit('close')">Seen</button>
    </p>
    <ul>
      <li v-for="l in lines" :key="l">{{ l }}</li>
    </ul>
  </section>
</template>

<style scoped>
.changed {
  border: 2px solid var(--ink);
  border-radius: var(--radius);
  padding: 8px 12px;
  font-size: 19px;
  max-height: 30vh;
  overflow: auto;
}
p {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}
button {
  text-decoration: underline;
  padding: 2px 8px;
}
ul {
  list-style: disc;
  padding-left: 1.2em;
}
</style>
