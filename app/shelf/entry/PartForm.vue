<script setup lang="ts">
// A form made from a kind's schema: a line for each field, groups and lists within; what is rarely filled
// in stands under “more”.
import { computed } from 'vue'
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
/** What is mostly filled in, and what is rarely: that stands under “more”. */
const usual = computed(() => props.fields.filter(f => !f.isRare))
const rare = computed(() => props.fields.filter(f => f.isRare))
/** “More” is open where something in it is marked. */
const isMarked = computed(() =>
  rare.value.some(f => props.problems.has(at(f.key)) || props.marks.has(at(f.key))),
)
const at = (key: string): string => (props.path ? `${props.path}.${key}` : key)
function set(key: string, value: unknown): void {
  const { [key]: _before, ...rest } = props.value
  emit('change', value === undefined ? rest : { ...props.value, [key]: value })
}
const rowOf = (f: FormField) => ({
  ...{ field: f, value: props.value[f.key], path: at(f.key) },
  ...{ marks: props.marks, problems: props.problems },
  onChange: (value: unknown): void => {
    set(f.key, value)
  },
})
</script>

<template>
  <div class="form">
    <FormRow v-for="f in usual" :key="f.key" v-bind="rowOf(f)" />
    <details v-if="rare.length" :open="isMarked ? true : undefined">
      <summary>More</summary>
      <FormRow v-for="f in rare" :key="f.key" v-bind="rowOf(f)" />
    </details>
  </div>
</template>

<style scoped>
.form {
  display: grid;
  gap: 2px;
}
summary {
  cursor: pointer;
  color: var(--ink-2);
  padding: 4px 0;
}
</style>
