<script setup lang="ts">
// The steps on paper, by the parts of the work, each with a box to tick.
import { computed } from 'vue'
import { capital } from '../../../core/figures/format'
import type { Step } from '../../../core/order/step'
import { GROUP_WORD } from '../../ui/groups'

const props = defineProps<{ steps: readonly Step[] }>()
/** Runs of steps of one part of the work, each step with its number. */
const groups = computed(() => {
  const runs: { from: string; group: Step['group']; steps: { step: Step; number: number }[] }[] = []
  for (const [i, step] of props.steps.entries()) {
    const line = { step, number: i + 1 }
    const last = runs.at(-1)
    if (last?.group === step.group) last.steps.push(line)
    else runs.push({ from: step.id, group: step.group, steps: [line] })
  }
  return runs
})
</script>

<template>
  <section v-for="g in groups" :key="g.from">
    <h3>{{ capital(GROUP_WORD[g.group]) }}</h3>
    <ol>
      <li v-for="{ step: s, number } in g.steps" :key="s.id">
        <span>□ {{ number }}.</span>
        <span
          ><b>{{ s.title }}</b> {{ s.does.join(' ') }} <i v-if="s.feel">{{ s.feel }}</i>
          <b v-if="s.cautions.length">{{ s.cautions.join(' ') }}</b>
          <i v-if="s.tools.length + s.fasteners.length">
            Tools: {{ [...s.tools, ...s.fasteners].join(', ') }}.</i
          ></span
        >
      </li>
    </ol>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 44px 1fr;
  padding: 2px 0;
  break-inside: avoid;
}
h3 {
  margin-top: 6px;
}
</style>
