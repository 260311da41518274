<script setup lang="ts">
// The words of a step: do, feel, take care, take in hand.
import type { Step } from '../../core/order/step'
import { counted } from '../../core/figures/format'
import { useDesk } from '../state/desk'
import ItemPages from './ItemPages.vue'
import TickedLines from './TickedLines.vue'

defineProps<{ step: Step; large?: boolean }>()
const desk = useDesk()
</script>

<template>
  <TickedLines v-if="large" :step="step.id" :lines="step.does" />
  <ol v-else class="does">
    <li v-for="d in step.does" :key="d">{{ d }}</li>
  </ol>
  <p v-if="step.feel" class="feel"><b>You should feel:</b> {{ step.feel }}</p>
  <p v-for="c in step.cautions" :key="c" class="care"><b>Caution:</b> {{ c }}</p>
  <p v-if="step.tools.length + step.fasteners.length" class="hand">
    Tools: {{ [...step.tools, ...step.fasteners].join(', ') }}
  </p>
  <p v-if="step.kind === 'bench' && desk.analysis">
    <RouterLink :to="{ name: 'to-hand' }" class="ready">Tools, screws and small parts</RouterLink>:
    {{
      desk.analysis.toHand.open === 0
        ? 'all of it lies ready.'
        : `${counted(desk.analysis.toHand.open, 'thing')} to look for or to buy.`
    }}
  </p>
  <ItemPages :key="step.id" :items="step.items" :large="large" />
</template>

<style scoped>
.does {
  list-style: decimal;
  padding-left: 1.4em;
  display: grid;
  gap: 4px;
}
/* At the bench everything is read at arm's length. */
.ready {
  color: inherit;
}
.care {
  border-left: 3px solid var(--copper);
  padding-left: 10px;
}
.feel {
  border-left: 3px solid var(--mat);
  padding-left: 10px;
}
</style>
