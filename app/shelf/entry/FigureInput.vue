<script setup lang="ts">
// One figure as it is typed, with any unit that means the same; where it comes from; a question
// when it is unlikely.
import { computed, ref, watch } from 'vue'
import { question, readTyped } from '../../../core/reader/typed'
import type { FigureAbout } from '../../../core/figures/units'

type Stored = number | null | undefined | Readonly<Record<string, unknown>>
const props = defineProps<{
  value: Stored
  about: FigureAbout
  label: string
  /** The id that its label points to. */
  field: string
}>()
const emit = defineEmits<{ change: [value: Stored] }>()
const basisOf = (stored: Readonly<Record<string, unknown>>): string =>
  typeof stored['basis'] === 'string' ? stored['basis'] : 'spec'
const own = computed(() =>
  typeof props.value === 'object' && props.value !== null ? props.value : null,
)
const shown = computed(() => {
  const v = own.value ? own.value[props.about.unit] : props.value
  return typeof v === 'number' ? String(v) : ''
})
const basis = computed(() => (own.value ? basisOf(own.value) : 'spec'))
const text = ref(shown.value)
watch(shown, now => {
  if (!sameAs(now)) text.value = now
})
const sameAs = (now: string): boolean => {
  const t = readTyped(text.value, props.about.unit)
  return 'value' in t && String(t.value) === now
}
const typed = computed(() =>
  text.value.trim() === '' ? null : readTyped(text.value, props.about.unit),
)
/** How units are written whose short name in the schema is not their sign; a count has none. */
const SIGNS: Partial<Record<string, string>> = { pcs: '', MTs: 'MT/s', MBs: 'MB/s' }
const unitName = computed(() => SIGNS[props.about.unit] ?? props.about.unit)
const says = computed(() => {
  const t = typed.value
  if (!t) return ''
  if ('problem' in t) return t.problem
  const { unit, least, most } = props.about
  const asked = question(t.value, { unit, label: props.label, likely: [least, most] })
  return asked ?? (t.converted ? `= ${Math.round(t.value * 100) / 100} ${unitName.value}` : '')
})
const wrong = computed(() => typed.value !== null && 'problem' in typed.value)

function put(value: number | null, from = basis.value): void {
  if (value === null) emit('change', props.value === undefined ? undefined : null)
  else if (from === 'spec') emit('change', value)
  else {
    // A tolerance stays with the basis it was stated for.
    const tol = own.value?.['basis'] === from ? own.value['tol'] : undefined
    const kept = typeof tol === 'number' ? { tol } : {}
    emit('change', { [props.about.unit]: value, basis: from, ...kept })
  }
}
function enter(): void {
  const t = typed.value
  if (t === null) put(null)
  else if ('value' in t) put(t.value)
}
const from = (next: string): void => {
  const t = typed.value
  if (t && 'value' in t) put(t.value, next)
}
</script>

<template>
  <span class="figure-input">
    <input
      :id="field"
      v-model="text"
      type="text"
      inputmode="decimal"
      :aria-label="label"
      :aria-describedby="`${field}-says`"
      :aria-invalid="wrong"
      placeholder="not stated"
      @change="enter"
      @blur="enter"
    />
    <span class="unit figure">{{ unitName }}</span>
    <select
      :value="basis"
      :aria-label="`Where ${label} comes from`"
      :disabled="shown === ''"
      @change="from(($event.target as HTMLSelectElement).value)"
    >
      <option value="spec">sheet</option>
      <option value="told">shop or review</option>
      <option value="measured">measured</option>
      <option value="assumed">assumed</option>
      <option value="standard">standard</option>
    </select>
    <span
      :id="`${field}-says`"
      class="says"
      :class="{ wrong, ask: !wrong && says.startsWith('Unusual') }"
      role="status"
      >{{ says }}</span
    >
  </span>
</template>

<style scoped>
.figure-input {
  display: grid;
  grid-template-columns: 96px 40px 118px;
  gap: 0 6px;
  align-items: center;
}
input,
select {
  padding: 3px 6px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
  min-width: 0;
}
input {
  font-family: var(--figure);
  font-size: 13px;
}
input::placeholder {
  color: var(--ink-2);
  font-family: var(--text);
}
input[aria-invalid='true'] {
  border-color: var(--stop);
}
select {
  font-size: var(--small);
}
.unit {
  color: var(--ink-2);
}
.says {
  grid-column: 1 / -1;
  font-size: var(--small);
  color: var(--ink-2);
}
.says:empty {
  display: none;
}
.wrong {
  color: var(--stop);
}
.ask {
  color: var(--watch);
}
</style>
