<script setup lang="ts">
// What the machine is for: which of its possible joints are wanted, and what runs on it.
import { computed, ref, watch } from 'vue'
import type { Purpose, Use } from '../../../core/standards/purposes'
import { useDesk } from '../../state/desk'

const desk = useDesk()
const choices = computed(() => desk.analysis?.choices)
const runs = ref('')
watch(
  () => choices.value?.runs,
  now => {
    runs.value = now ?? ''
  },
  { immediate: true },
)
const choose = (event: Event): void => {
  const { value } = event.target as HTMLSelectElement
  void desk.run({ do: 'choosePurpose', purpose: value === '' ? null : (value as Purpose) })
}
const want = (use: Use, event: Event): void =>
  void desk.run({ do: 'want', use, wanted: (event.target as HTMLInputElement).checked })
const setRuns = (): void => {
  const text = runs.value.trim()
  if (text !== (choices.value?.runs ?? ''))
    void desk.run({ do: 'chooseRuns', runs: text === '' ? null : text })
}
</script>

<template>
  <section class="purpose" aria-labelledby="purpose-title">
    <h2 id="purpose-title">What it is for</h2>
    <label
      >Purpose
      <select class="smallfield" :value="choices?.purpose ?? ''" @change="choose">
        <option value="">not said: everything is wanted</option>
        <option v-for="p in choices?.purposes" :key="p.id" :value="p.id">{{ p.says }}</option>
      </select></label
    >
    <fieldset>
      <legend class="quiet">It has a use for</legend>
      <label v-for="u in choices?.uses" :key="u.id"
        ><input type="checkbox" :checked="u.wanted" @change="want(u.id, $event)" />
        {{ u.says }}</label
      >
    </fieldset>
    <p class="quiet">What it has no use for stays unplugged, and nothing asks for it.</p>
    <label
      >Operating system
      <input
        v-model="runs"
        class="smallfield"
        type="text"
        placeholder="not said"
        @change="setRuns"
        @keydown.enter="setRuns"
    /></label>
    <p class="quiet">With it, drivers and control programs are checked against their words.</p>
  </section>
</template>

<style scoped>
.purpose {
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--line);
  padding-top: 12px;
  margin-top: 12px;
}
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  border: 0;
  padding: 0;
  margin: 0;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
