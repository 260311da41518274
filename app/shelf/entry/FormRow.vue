<script setup lang="ts">
// One field of a form by what it takes; its help below the label, what is doubtful or wrong beside
// it.
import { computed, useId } from 'vue'
import { capital } from '../../../core/figures/format'
import type { FormField } from '../../../core/forms/form'
import FigureInput from './FigureInput.vue'
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
const words = computed(() => (Array.isArray(props.value) ? props.value.map(String) : []))
const group = computed(() =>
  typeof props.value === 'object' && props.value !== null ? (props.value as Values) : {},
)
const figure = computed(() => props.value as number | null)
/** What a part needs may be one text, or a text with its basis. */
const asText = computed(() => {
  const { value } = props
  if (typeof value === 'string' || typeof value === 'number') return String(value)
  const needs = group.value['needs']
  return typeof needs === 'string' ? needs : ''
})
const typedOf = (event: Event): string =>
  (event.target as HTMLInputElement | HTMLSelectElement).value
const number = (text: string): number | undefined => {
  const n = Number(text.replace(',', '.'))
  return text.trim() === '' || !Number.isFinite(n) ? undefined : n
}
function choose(text: string): void {
  if (props.field.takes !== 'choice') return
  emit(
    'change',
    text === '' ? undefined : props.field.options.find(o => String(o.value) === text)?.value,
  )
}
const tick = (option: string | number): void =>
  emit(
    'change',
    words.value.includes(String(option))
      ? words.value.filter(w => w !== String(option))
      : [...words.value, String(option)],
  )
function point(text: string): void {
  const numbers = text
    .split(/[,;\s]+/)
    .filter(Boolean)
    .map(Number)
  if (props.field.takes === 'point')
    emit(
      'change',
      numbers.length === props.field.size && numbers.every(Number.isFinite) ? numbers : undefined,
    )
}
</script>

<template>
  <details
    v-if="field.takes === 'group'"
    class="nested"
    :open="path.split('.').length === 1 && value !== undefined && value !== null"
  >
    <summary>
      {{ capital(field.label) }}
      <span class="quiet">{{
        value === undefined || value === null ? 'not stated' : ''
      }}</span><span v-if="problem" class="wrong">{{ problem }}</span>
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
    :value="Array.isArray(value) ? value : []"
    :path="path"
    :marks="marks"
    :problems="problems"
    @change="v => emit('change', v)"
  />
  <div v-else class="row" :class="{ marked: mark }">
    <div class="label">
      <label :for="id">{{ capital(field.label) }}</label><span v-if="field.help" class="quiet">{{
        field.help
      }}</span>
    </div>
    <div class="take">
      <FigureInput
        v-if="field.takes === 'figure'"
        :field="id"
        :value="figure"
        :about="field.about"
        :label="field.label"
        @change="v => emit('change', v)"
      />
      <input
        v-else-if="field.takes === 'text'"
        :id="id"
        type="text"
        :value="asText"
        @change="
          emit(
            'change',
            typedOf($event).trim() === '' && field.optional ? undefined : typedOf($event),
          )
        "
      />
      <input
        v-else-if="field.takes === 'number'"
        :id="id"
        type="text"
        inputmode="decimal"
        class="short"
        :value="asText"
        @change="emit('change', number(typedOf($event)))"
      />
      <select
        v-else-if="field.takes === 'flag'"
        :id="id"
        :value="value === undefined || value === null ? '' : String(value)"
        @change="emit('change', typedOf($event) === '' ? undefined : typedOf($event) === 'true')"
      >
        <option value="">{{ field.optional ? 'not stated' : 'choose…' }}</option>
        <option value="true">yes</option>
        <option value="false">no</option>
      </select>
      <select
        v-else-if="field.takes === 'choice'"
        :id="id"
        :value="asText"
        @change="choose(typedOf($event))"
      >
        <option value="">{{ field.optional ? 'not stated' : 'choose…' }}</option>
        <option v-for="o in field.options" :key="o.value" :value="String(o.value)">
          {{ o.label }}
        </option>
      </select>
      <span
        v-else-if="field.takes === 'choices'"
        class="ticks"
        role="group"
        :aria-label="field.label"
        ><label v-for="o in field.options" :key="o.value"
          ><input
            type="checkbox"
            :checked="words.includes(String(o.value))"
            @change="tick(o.value)"
          />{{ o.label }}</label
        ></span
      >
      <input
        v-else-if="field.takes === 'texts'"
        :id="id"
        type="text"
        :value="words.join(', ')"
        placeholder="one after the other, commas between"
        @change="
          emit(
            'change',
            typedOf($event)
              .split(',')
              .map(w => w.trim())
              .filter(Boolean),
          )
        "
      />
      <input
        v-else-if="field.takes === 'point'"
        :id="id"
        type="text"
        class="short"
        :value="words.join(', ')"
        :placeholder="field.size === 2 ? 'x, y in mm' : 'x, y, z in mm'"
        @change="point(typedOf($event))"
      />
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
input[type='text'],
select {
  padding: 3px 6px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--sheet);
  width: 100%;
  max-width: 330px;
}
.short {
  max-width: 130px !important;
}
input[type='checkbox'] {
  width: 16px;
  height: 16px;
  accent-color: var(--mat);
  justify-self: start;
}
.ticks {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}
.ticks label {
  display: flex;
  gap: 4px;
  align-items: center;
  font-size: var(--small);
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
