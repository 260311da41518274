<script setup lang="ts">
// Trying instead of measuring: it reached, it went in; written down as a measurement.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { passing, quantity } from '../../core/figures/format'
import type { Finding } from '../../core/rules/finding'
import { useDesk } from '../state/desk'

const props = defineProps<{ finding: Finding; large?: boolean }>()
const desk = useDesk()
const tried = computed(() => props.finding.tried)
const says = computed(() => {
  const first = tried.value?.settles
  return first?.passes ? passing(first.passes, first.unit) : ''
})
async function settle(): Promise<void> {
  if (!tried.value) return
  const { settles, value } = tried.value
  const on = new Date().toISOString().slice(0, 10)
  await desk.run({
    do: 'setFigure',
    id: settles.item,
    path: settles.path,
    figure: { [settles.unit]: value, basis: 'measured', tol: 0, on },
  })
}
</script>

<template>
  <ElButton
    v-if="tried"
    :size="large ? 'large' : 'small'"
    :title="`Written down: ${tried.settles.label} ${quantity(tried.value, tried.settles.unit)}, ${says}`"
    @click="settle"
    >{{ tried.says }}</ElButton
  >
</template>
