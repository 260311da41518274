<script setup lang="ts">
// What can be done with the step at hand: big enough for a knuckle.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import type { Step } from '../../../core/order/step'
import { isHeld } from '../../ui/steps'

const props = defineProps<{ step: Step; isFirst: boolean; isDone: boolean }>()
const otherwise = defineModel<boolean>('otherwise', { required: true })
defineEmits<{ back: []; next: []; skip: []; prove: []; make: [] }>()
const makes = computed(() => {
  if (props.isDone) return 'Next'
  return isHeld(props.step) ? 'Not yet' : 'Done'
})
</script>

<template>
  <div class="acts">
    <ElButton :disabled="isFirst" @click="$emit('back')">Back</ElButton>
    <ElButton v-if="step.items.length" :aria-pressed="otherwise" @click="otherwise = !otherwise"
      >Did it differently…</ElButton
    >
    <ElButton v-if="!isDone" @click="$emit('skip')">{{
      step.demand ? 'Leave open…' : 'Skip…'
    }}</ElButton>
    <ElButton v-else-if="step.progress === 'made' && step.joints.length" @click="$emit('prove')"
      >Tested</ElButton
    >
    <ElButton v-else @click="$emit('next')">Next</ElButton>
    <ElButton
      v-if="step.demand === null"
      type="primary"
      class="make"
      :disabled="isHeld(step)"
      @click="$emit('make')"
      >{{ makes }}</ElButton
    >
  </div>
</template>

<style scoped>
.acts {
  display: grid;
  grid-template-columns: repeat(3, 1fr) 2fr;
  gap: 12px;
}
.acts :deep(.make.is-disabled),
.acts :deep(.make.is-disabled:hover) {
  opacity: 1;
  background: var(--line);
  color: var(--ink);
  border-style: dashed;
}
.acts .make {
  grid-column: 4;
}
.acts :deep(.el-button) {
  height: 84px;
  font-size: 24px;
  margin: 0;
  border-width: 2px;
  border-color: var(--ink);
}
.acts .make {
  font-size: 30px;
}
@media (max-width: 600px) {
  .acts {
    grid-template-columns: repeat(3, 1fr);
    gap: 8px;
  }
  .acts .make {
    grid-column: 1 / -1;
    grid-row: 1;
    height: 96px;
  }
  .acts :deep(.el-button) {
    font-size: 17px;
    height: 68px;
    padding: 0 6px;
  }
  .acts :deep(.make) {
    font-size: 26px;
    height: 96px;
  }
}
</style>
