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
const parts = computed(() => [
  props.fields.filter(f => !f.isRare),
  props.fields.filter(f => f.isRare),
])
/** What is marked in what stands under “more”: then it is open. */
const isMarked = computed(() =>
  (parts.value[1] ?? []).some(f => props.problems.has(at(f.key)) || props.marks.has(at(f.key))),
)
const at = (key: string): string => (props.path ? `${props.path}.${key}` : key)
function set(key: string, value: unknown): void {
  const { [key]: _before, ...rest } = props.value
  emit('change', value === undefined ? rest : { ...props.value, [key]: value })
}
</script>

<template>
  <div class="form">
    <component
      :is="n === 0 ? 'div' : 'details'"
      v-for="(own, n) in parts.filter(p => p.length > 0)"
      :key="own[0]?.isRare ? 'rare' : 'own'"
      class="form"
      :open="own[0]?.isRare && isMarked ? true : undefined"
    >
      <summary v-if="own[0]?.isRare && n > 0">More</summary>
      <FormRow
        v-for="f in own"
        :key="f.key"
        :field="f"
        :value="value[f.key]"
        :path="at(f.key)"
        :marks="marks"
        :problems="problems"
        @change="v => set(f.key, v)"
      />
    </component>
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
