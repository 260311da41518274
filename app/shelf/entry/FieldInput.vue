<script setup lang="ts">
// The control of one field, by what it takes; what it is called and what is wrong with it stand
// around it.
import { computed } from 'vue'
import type { FormField } from '../../../core/forms/form'
import FigureInput from './FigureInput.vue'

const props = defineProps<{
  /** The id by which its label knows it. */
  id: string
  field: Exclude<FormField, { readonly takes: 'group' | 'list' }>
  value: unknown
}>()
const emit = defineEmits<{ change: [value: unknown] }>()
const words = computed(() => (Array.isArray(props.value) ? props.value.map(String) : []))
const figure = computed(() => props.value as number | null)
/** What a part needs may be one text, or a text with its basis. */
const asText = computed(() => {
  const { value } = props
  if (typeof value === 'string' || typeof value === 'number') return String(value)
  const needs = typeof value === 'object' && value !== null && 'needs' in value ? value.needs : ''
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
      emit('change', typedOf($event).trim() === '' && field.optional ? undefined : typedOf($event))
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
  <span v-else-if="field.takes === 'choices'" class="ticks" role="group" :aria-label="field.label"
    ><label v-if="field.optional"
      ><input
        type="checkbox"
        :checked="value === undefined || value === null"
        @change="emit('change', value === undefined || value === null ? [] : undefined)"
      />not known</label
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
</template>

<style scoped>
input[type='text'],
select {
  padding: 3px 6px;
  border: 1px solid var(--edge);
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
</style>
