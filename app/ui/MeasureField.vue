<script setup lang="ts">
// Takes one measurement in place: what to measure, from where to where, and from which value on the verdict passes.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { computed, onMounted, ref, useId } from 'vue'
import type { SettledBy } from '../../core/finding'
import { quantity } from '../../core/format'
import { useDesk } from '../stores/desk'
import { usePointer } from '../stores/pointer'
import { onKey } from '../use/keys'

const props = defineProps<{ settles: SettledBy; likely?: readonly [number, number]; first?: boolean }>()
const emit = defineEmits<{ done: [] }>()
const desk = useDesk()
const pointer = usePointer()
const text = ref('')
const field = ref<InstanceType<typeof ElInput>>()
const id = useId()
const value = computed(() => { const n = Number(text.value.trim().replace(',', '.')); return text.value.trim() !== '' && Number.isFinite(n) ? n : null })
const complaint = computed(() => {
  if (text.value.trim() === '' || value.value !== null) return props.likely && value.value !== null && (value.value < props.likely[0] || value.value > props.likely[1]) ? `Unusual: mostly ${props.likely[0]} to ${props.likely[1]} ${props.settles.unit}. Is it right?` : ''
  return `Type a number in ${props.settles.unit}, such as 166.5.`
})

async function enter(): Promise<void> {
  if (value.value === null) { text.value ||= ' '; return }
  const figure = { [props.settles.unit]: value.value, basis: 'measured', on: new Date().toISOString().slice(0, 10) }
  if (await desk.run({ do: 'setFigure', id: props.settles.item, path: props.settles.path, figure })) { text.value = ''; emit('done') }
}
if (props.first) onKey('measure', () => field.value?.focus())
onMounted(() => {
  if (!props.first || !pointer.wantsField) return
  pointer.wantsField = false
  field.value?.focus()
})
</script>

<template>
  <form class="measure-field" @submit.prevent="enter">
    <label :for="id">{{ settles.label }}
      <span class="quiet">{{ settles.take }}<template v-if="settles.now !== null"> Now {{ quantity(settles.now, settles.unit) }}.</template>
        <template v-if="settles.passes"> Passes {{ settles.passes.side === 'least' ? 'from' : 'up to' }} <span class="figure">{{ quantity(settles.passes.value, settles.unit) }}</span>.</template></span>
    </label>
    <ElInput :id="id" ref="field" v-model="text" size="small" inputmode="decimal" class="value" :aria-describedby="`${id}-c`"><template #suffix>{{ settles.unit === 'pcs' ? '' : settles.unit }}</template></ElInput>
    <ElButton size="small" native-type="submit">Enter</ElButton>
    <span :id="`${id}-c`" class="complaint" role="status">{{ complaint }}</span>
  </form>
</template>

<style scoped>
.measure-field { display: grid; grid-template-columns: 1fr 104px auto; gap: 2px 8px; align-items: center; }
label .quiet { display: block; }
.complaint { grid-column: 1 / -1; color: var(--stop); font-size: var(--small); }
.complaint:empty { display: none; }
</style>
