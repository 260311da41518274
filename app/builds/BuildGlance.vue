<script setup lang="ts">
// A build's seam in small, what is open, and the way to the step where it goes on.
import { computed, onBeforeUnmount, onMounted, shallowRef } from 'vue'
import { counted } from '../../core/figures/format'
import type { Glance } from '../../core/stages/glance'
import { glanceAt } from './glances'
import { nextOf } from '../ui/steps'

const props = defineProps<{ build: string }>()
const glance = shallowRef<Glance | null>(null)
let isShown = true
onBeforeUnmount(() => {
  isShown = false
})
onMounted(async () => {
  glance.value = await glanceAt(props.build, () => isShown)
})
const next = computed(() => (glance.value ? nextOf(glance.value.steps) : undefined))
const number = computed(() =>
  next.value && glance.value ? glance.value.steps.indexOf(next.value) + 1 : 0,
)
const says = computed(() => {
  if (!glance.value) return 'Looking…'
  const { made, steps, open } = glance.value
  if (steps.length === 0) return 'No step yet: it has no parts to join.'
  const matters = open > 0 ? counted(open, 'open matter') : 'nothing open'
  return `${made} of ${steps.length} steps done, ${matters}.`
})
</script>

<template>
  <div class="glance">
    <div class="steps" aria-hidden="true">
      <i v-for="s in glance?.steps ?? []" :key="s.id" :class="[s.verdict, s.progress]" />
    </div>
    <p class="quiet">
      {{ says }}
      <RouterLink v-if="next" :to="{ name: 'bench', params: { build }, query: { step: next.id } }"
        >{{ glance?.made ? 'Go on at' : 'Begin with' }} step {{ number }}:
        {{ next.title }}</RouterLink
      >
    </p>
  </div>
</template>

<style scoped>
.glance {
  display: grid;
  gap: 4px;
  min-height: 44px;
}
/* Its room is kept while it is looked for: nothing jumps under the hand. */
.steps {
  display: flex;
  gap: 1px;
  height: 14px;
  align-items: center;
}
/* Shape first: what is clear is low, what is troubled stands up; what is done is full. */
i {
  flex: 1 1 4px;
  max-width: 10px;
  height: 5px;
  border: 1px solid var(--clear);
}
.tight,
.watch,
.measure {
  height: 9px;
  border-color: var(--watch);
}
.measure {
  border-style: dotted;
  border-color: var(--measure);
}
.stop,
.harm {
  height: 14px;
  border-width: 2px;
  border-color: var(--stop);
}
.made,
.proved {
  background: var(--ink-2);
}
.crossed {
  opacity: 0.4;
}
a {
  display: inline-block;
  min-height: 24px;
}
</style>
