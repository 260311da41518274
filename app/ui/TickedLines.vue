<script setup lang="ts">
// What is done in a step, line by line, each ticked as it is done: the hands stop, the place is kept,
// also over a reload.
import { useStorage } from '@vueuse/core'
import { computed } from 'vue'
import { useDesk } from '../state/desk'

const props = defineProps<{ step: string; lines: readonly string[] }>()
const desk = useDesk()
/** Of the step at hand only: the next one begins anew. */
const kept = useStorage<{ readonly step: string; readonly lines: readonly string[] }>(
  'juntura-ticks',
  { step: '', lines: [] },
)
const here = computed(() => `${desk.state.build?.id ?? ''} ${props.step}`)
const ticked = computed(() => (kept.value.step === here.value ? kept.value.lines : []))
function tick(line: string): void {
  const others = ticked.value.filter(l => l !== line)
  const lines = others.length < ticked.value.length ? others : [...others, line]
  kept.value = { step: here.value, lines }
}
/** After a finger or a mouse, Space and Enter are the step’s again; who ticks by keys stays here. */
function leave(event: MouseEvent): void {
  if (event.detail > 0 && event.target instanceof HTMLElement) event.target.blur()
}
</script>

<template>
  <ol class="ticked" aria-label="What is done">
    <li v-for="line in lines" :key="line" :class="{ done: ticked.includes(line) }">
      <label>
        <input
          type="checkbox"
          :checked="ticked.includes(line)"
          @change="tick(line)"
          @click="leave"
        />
        <span>{{ line }}</span>
      </label>
    </li>
  </ol>
</template>

<style scoped>
.ticked {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 2px;
}
label {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr);
  gap: 8px;
  align-items: start;
  min-height: 44px;
  padding: 6px 0;
  cursor: pointer;
}
input {
  width: 22px;
  height: 22px;
  margin: 4px 0 0;
  accent-color: var(--mat);
}
.done span {
  text-decoration: line-through;
  text-decoration-thickness: 1px;
}
</style>
