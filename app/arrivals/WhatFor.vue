<script setup lang="ts">
// At first sight: what the machine is for, which decides what is asked of it; and a whole machine to begin with.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import type { Purpose } from '../../core/standards/purposes'
import { useDesk } from '../state/desk'

const emit = defineEmits<{ begin: [purpose: Purpose] }>()
const desk = useDesk()
const choices = computed(() => desk.analysis?.choices)
const choose = (event: Event): void => {
  const { value } = event.target as HTMLSelectElement
  void desk.run({ do: 'choosePurpose', purpose: value === '' ? null : (value as Purpose) })
}
</script>

<template>
  <section class="for" aria-labelledby="for-title">
    <h2 id="for-title">What is it for?</h2>
    <label
      ><span class="visually-hidden">Purpose</span>
      <select class="smallfield" :value="choices?.purpose ?? ''" @change="choose">
        <option value="">not said: everything is wanted</option>
        <option v-for="p in choices?.purposes" :key="p.id" :value="p.id">{{ p.says }}</option>
      </select></label
    >
    <ElButton
      v-if="choices?.purpose"
      :aria-label="`Begin with a plain machine for it: ${choices.purpose}`"
      @click="emit('begin', choices.purpose)"
      >Begin with a plain machine for it</ElButton
    >
    <p class="quiet">
      What it has no use for is not asked. A plain machine is made of parts of the shelf, each to be
      exchanged for yours.
    </p>
  </section>
</template>

<style scoped>
.for {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
h2,
p {
  flex-basis: 100%;
}
.el-button {
  margin: 0;
}
</style>
