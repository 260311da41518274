<script setup lang="ts">
// Puts a step before another by hand, and takes such a wish back.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElOption, ElSelect } from 'element-plus/es/components/select/index'
import 'element-plus/es/components/select/style/css'
import { computed } from 'vue'
import { pairLine } from '../../../core/figures/format'
import type { Step } from '../../../core/order/step'
import { useDesk } from '../../state/desk'
import PinLine from './PinLine.vue'
import { useReorder } from './reorder'

const props = defineProps<{ step: Step }>()
const desk = useDesk()
const steps = computed(() => desk.analysis?.order.steps ?? [])
const others = computed(() => steps.value.filter(s => s.id !== props.step.id))
const titleOf = (id: string): string | undefined => steps.value.find(s => s.id === id)?.title
const pins = computed(() =>
  (desk.analysis?.order.pins ?? []).filter(
    p => p.state === 'kept' && (p.before === props.step.id || p.after === props.step.id),
  ),
)
const { move } = useReorder(() => steps.value)
const put = (after: string): Promise<boolean> =>
  desk.run({
    do: 'pinOrder',
    before: props.step.id,
    after,
    title: pairLine(props.step.title, titleOf(after)),
  })
</script>

<template>
  <div class="pin">
    <PinLine v-for="p in pins" :key="p.before + p.after" :pin="p" class="wide" />
    <div class="wide moves">
      <ElButton size="small" @click="move(step.id, -1)">Earlier</ElButton>
      <ElButton size="small" @click="move(step.id, 1)">Later</ElButton>
    </div>
    <label :for="`pin-${step.id}`" class="quiet">Put this step before</label>
    <ElSelect
      :id="`pin-${step.id}`"
      :model-value="''"
      filterable
      size="small"
      placeholder="choose a step"
      aria-label="Put this step before"
      @change="put"
    >
      <ElOption
        v-for="s in others"
        :key="s.id"
        :value="s.id"
        :label="`${steps.indexOf(s) + 1}. ${s.title}`"
      />
    </ElSelect>
  </div>
</template>

<style scoped>
.pin {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 6px 10px;
  align-items: center;
}
.wide {
  grid-column: 1 / -1;
}
</style>
