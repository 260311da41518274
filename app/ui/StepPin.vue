<script setup lang="ts">
// Puts a step before another by hand, and takes such a wish back.
import { ElOption, ElSelect } from 'element-plus/es/components/select/index'
import 'element-plus/es/components/select/style/css'
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import type { Step } from '../../core/order/step'
import { useDesk } from '../stores/desk'

const props = defineProps<{ step: Step }>()
const desk = useDesk()
const steps = computed(() => desk.analysis?.order.steps ?? [])
const others = computed(() => steps.value.filter(s => s.id !== props.step.id))
const titleOf = (id: string): string => steps.value.find(s => s.id === id)?.title ?? id
const pins = computed(() => (desk.state.build?.choices.orderPins ?? []).filter(pair => pair.includes(props.step.id)))
const line = (before: string, after: string): string => `“${titleOf(before)}” before “${titleOf(after)}”`
const put = (after: string): Promise<boolean> => desk.run({ do: 'pinOrder', before: props.step.id, after, title: line(props.step.id, after) })
const takeBack = ([before, after]: readonly [string, string]): Promise<boolean> => desk.run({ do: 'pinOrder', before, after, off: true, title: line(before, after) })
</script>

<template>
  <div class="pin">
    <p v-for="p in pins" :key="p.join()">By hand: {{ line(p[0], p[1]) }} <ElButton size="small" @click="takeBack(p)">Take back</ElButton></p>
    <label :for="`pin-${step.id}`" class="quiet">Put this step before</label>
    <ElSelect :id="`pin-${step.id}`" :model-value="''" filterable size="small" placeholder="choose a step" aria-label="Put this step before" @change="put">
      <ElOption v-for="s in others" :key="s.id" :value="s.id" :label="`${steps.indexOf(s) + 1}. ${s.title}`" />
    </ElSelect>
  </div>
</template>

<style scoped>
.pin { display: grid; grid-template-columns: auto minmax(0, 1fr); gap: 6px 10px; align-items: center; }
.pin p { grid-column: 1 / -1; }
</style>
