<script setup lang="ts">
// Did it differently than planned: a plug that went into another socket, a lead that was measured. The
// rest is planned anew.
import { computed, onMounted, useTemplateRef } from 'vue'
import type { Step } from '../../../core/order/step'
import { useDesk } from '../../state/desk'
import JointMove from '../../ui/JointMove.vue'
import MeasureField from '../../ui/MeasureField.vue'
import MendLinks from '../../ui/MendLinks.vue'

const props = defineProps<{ step: Step }>()
const desk = useDesk()
const joints = computed(() =>
  (desk.analysis?.joints ?? []).filter(j => props.step.joints.includes(j.id)),
)
const figures = computed(() =>
  (desk.analysis?.routes ?? [])
    .filter(r => r.joints.some(j => props.step.joints.includes(j)))
    .flatMap(r => r.figures)
    .filter((f, i, all) => all.findIndex(g => g.item === f.item && g.path === f.path) === i),
)
// It opens above its button: the cursor goes with it.
const root = useTemplateRef('root')
onMounted(() => root.value?.querySelector<HTMLElement>('summary, input')?.focus())
</script>

<template>
  <section ref="root" class="otherwise" aria-label="Did it differently">
    <details v-for="j in joints" :key="j.id" :open="joints.length === 1">
      <summary>Another place than {{ j.to }} for {{ j.from }}</summary>
      <JointMove made :plug="j.plug" :label="j.from" />
    </details>
    <MeasureField v-for="f in figures" :key="f.item + f.path" :settles="f" />
    <p v-if="joints.length + figures.length === 0" class="quiet">
      This step joins nothing that could go elsewhere.
    </p>
    <MendLinks :items="step.items" />
  </section>
</template>

<style scoped>
.otherwise {
  display: grid;
  gap: 10px;
  font-size: 18px;
  border-top: 1px solid var(--line);
  padding: 8px 4px 4px 0;
  max-height: 46vh;
  overflow: auto;
}
summary {
  cursor: pointer;
  padding: 6px 0;
}
.otherwise :deep(:is(.el-button, .el-input)) {
  min-height: 44px;
  font-size: 17px;
}
.otherwise :deep(.el-input__wrapper) {
  min-height: 42px;
}
.otherwise :deep(.el-input__suffix) {
  color: var(--ink);
}
.otherwise :deep(.mend a) {
  padding: 10px 0;
}
.otherwise :deep(:is(.quiet, .note)) {
  font-size: 16px;
}
.otherwise :deep(.move ul) {
  max-height: none;
}
</style>
