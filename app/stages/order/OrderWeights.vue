<script setup lang="ts">
// What counts in the order, in minutes: seen, and set for this build.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import type { WeightName } from '../../../core/document/build-orders'
import { useDesk } from '../../state/desk'
import SavedField from '../../ui/SavedField.vue'

const desk = useDesk()
const weights = computed(() => desk.analysis?.order.weights ?? [])
async function keep(weight: WeightName, text: string): Promise<boolean | string> {
  const minutes = Number(text.replace(',', '.'))
  if (text === '' || !Number.isFinite(minutes)) return 'Not kept: give a number of minutes.'
  return desk.run({ do: 'weighOrder', weight, minutes })
}
const usual = (weight: WeightName): Promise<boolean> =>
  desk.run({ do: 'weighOrder', weight, minutes: null })
</script>

<template>
  <fieldset class="weights">
    <legend>What counts, in minutes</legend>
    <label v-for="w in weights" :key="w.weight">
      <span>{{ w.label }}</span>
      <SavedField
        :value="String(w.minutes)"
        decimal
        :aria-label="`${w.label}, minutes`"
        :keep="(text: string) => keep(w.weight, text)"
      />
      <ElButton v-if="w.isOwn" size="small" @click="usual(w.weight)">As usual</ElButton>
    </label>
  </fieldset>
</template>

<style scoped>
.weights {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  padding: 10px 12px;
  border: 0;
  border-top: 1px solid var(--line);
}
legend {
  float: left;
  width: 100%;
  font-weight: 600;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  width: min(100%, 430px);
}
label :deep(.kept) {
  width: 110px;
}
</style>
