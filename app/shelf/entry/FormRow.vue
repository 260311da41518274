<script setup lang="ts">
// One field of a form by what it takes; its help below the label, what is doubtful or wrong beside
// it.
import { computed, useId } from 'vue'
import { capital } from '../../../core/figures/format'
import type { FormField } from '../../../core/forms/form'
import FieldInput from './FieldInput.vue'
import FormList from './FormList.vue'
import PartForm, { type Values } from './PartForm.vue'

const props = defineProps<{
  field: FormField
  value: unknown
  path: string
  marks: ReadonlyMap<string, string>
  problems: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ change: [value: unknown] }>()
const id = useId()
const problem = computed(() => props.problems.get(props.path) ?? '')
const mark = computed(() => props.marks.get(props.path) ?? '')
const group = computed(() =>
  typeof props.value === 'object' && props.value !== null ? (props.value as Values) : {},
)
</script>

<template>
  <details
    v-if="field.takes === 'group'"
    class="nested"
    :data-path="path"
    :open="path.split('.').length === 1 && value !== undefined && value !== null"
  >
    <summary>
      {{ capital(field.label) }}
      <span class="quiet">{{
        value === undefined || value === null ? 'not stated' : ''
      }}</span><span v-if="problem" class="wrong">{{ problem }}</span
      ><span v-if="mark" class="mark">{{ mark }}</span>
    </summary>
    <p v-if="field.help" class="quiet">{{ field.help }}</p>
    <PartForm
      :fields="field.fields"
      :value="group"
      :path="path"
      :marks="marks"
      :problems="problems"
      @change="v => emit('change', v)"
    />
  </details>
  <FormList
    v-else-if="field.takes === 'list'"
    :field="field"
    :value="Array.isArray(value) ? value : null"
    :path="path"
    :marks="marks"
    :problems="problems"
    @change="v => emit('change', v)"
  />
  <div v-else class="row" :class="{ marked: mark }" :data-path="path">
    <div class="label">
      <label :for="id">{{ capital(field.label) }}</label><span v-if="field.help" class="quiet">{{
        field.help
      }}</span>
    </div>
    <div class="take">
      <FieldInput :id="id" :field="field" :value="value" @change="v => emit('change', v)" />
      <span v-if="problem" class="wrong" role="status">{{ problem }}</span>
      <span v-if="mark" class="mark">{{ mark }}</span>
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(140px, 1fr) minmax(0, 1.25fr);
  gap: 4px 14px;
  padding: 5px 0;
  border-top: 1px solid var(--line);
  align-items: start;
}
.label {
  display: grid;
}
.take {
  display: grid;
  gap: 2px;
}
.nested {
  border-top: 1px solid var(--line);
  padding: 5px 0;
}
.nested > :deep(.form) {
  padding-left: 14px;
  border-left: 2px solid var(--line);
  margin-top: 4px;
}
summary {
  cursor: pointer;
  font-weight: 500;
}
.wrong {
  color: var(--stop);
  font-size: var(--small);
}
.mark {
  color: var(--measure);
  font-size: var(--small);
}
.mark::before {
  content: '? ';
  font-weight: 600;
}
@media (max-width: 600px) {
  .row {
    grid-template-columns: 1fr;
  }
}
</style>
