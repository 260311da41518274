<script setup lang="ts">
// A form made from a kind's schema: a line for each field, groups and lists within.
import type { FormField } from '../../../core/forms/form'
import FormRow from './FormRow.vue'

export type Values = Readonly<Record<string, unknown>>
const props = defineProps<{
  fields: readonly FormField[]
  value: Values
  path?: string
  marks: ReadonlyMap<string, string>
  problems: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ change: [value: Values] }>()
const at = (key: string): string => (props.path ? `${props.path}.${key}` : key)
function set(key: string, value: unknown): void {
  const { [key]: _before, ...rest } = props.value
  emit('change', value === undefined ? rest : { ...props.value, [key]: value })
}
</script>

<template>
  <div class="form">
    <FormRow
      v-for="f in fields"
      :key="f.key"
      :field="f"
      :value="value[f.key]"
      :path="at(f.key)"
      :marks="marks"
      :problems="problems"
      @change="v => set(f.key, v)"
    />
  </div>
</template>

<style scoped>
.form {
  display: grid;
  gap: 2px;
}
</style>
