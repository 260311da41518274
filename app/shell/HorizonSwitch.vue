<script setup lang="ts">
// Which plan is looked at: what is bought so far, or the whole plan; beside each what it comes to.
import { computed } from 'vue'
import type { Horizon } from '../../core/document/resolve'
import { counted } from '../../core/figures/format'
import { useDesk } from '../state/desk'
import { VERDICT_WORD } from '../ui/findings'

const desk = useDesk()
const CHOICES: readonly { readonly of: Horizon; readonly says: string; readonly hint: string }[] = [
  { of: 'now', says: 'Bought so far', hint: 'What is here or on its way' },
  { of: 'then', says: 'Whole plan', hint: 'Also what is wanted and later' },
]
const choices = computed(() =>
  CHOICES.map(choice => {
    const plan = desk.state.analysis?.horizons[choice.of]
    const [gravest] = plan?.strips.parts.counts ?? []
    const steps = counted(plan?.order.steps.length ?? 0, 'step')
    const worst = gravest ? `, ${gravest.count} ${VERDICT_WORD[gravest.verdict].toLowerCase()}` : ''
    return { ...choice, figures: plan ? steps + worst : '' }
  }),
)
</script>

<template>
  <div class="horizon" role="group" aria-label="Which plan is looked at">
    <button
      v-for="c in choices"
      :key="c.of"
      type="button"
      class="plainbutton"
      :aria-pressed="desk.horizon === c.of"
      :title="c.hint"
      @click="desk.horizon = c.of"
    >
      {{ c.says }} <span class="figures">{{ c.figures }}</span>
    </button>
  </div>
</template>

<style scoped>
.horizon {
  display: flex;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
}
button {
  padding: 3px 9px;
  font-size: var(--small);
  line-height: 1.2;
}
[aria-pressed='true'] {
  background: var(--mat);
  color: var(--sheet);
  font-weight: 600;
}
.figures {
  display: block;
  font-size: var(--tiny);
  font-weight: 400;
}
@media (max-width: 800px) {
  .figures {
    display: none;
  }
}
</style>
