<script setup lang="ts">
// A list within a form: headers of a board, cables of a supply; each entry a small form of its own.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { capital, counted } from '../../../core/figures/format'
import type { FormField } from '../../../core/forms/form'
import PartForm, { type Values } from './PartForm.vue'
import PasteRows from './PasteRows.vue'
import { usePasting } from './pasting'

const props = defineProps<{
  field: FormField & { readonly takes: 'list' }
  /** Null where it is not known what there is. */
  value: readonly unknown[] | null
  path: string
  marks: ReadonlyMap<string, string>
  problems: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ change: [value: readonly unknown[] | undefined] }>()
const entries = computed(() => props.value ?? [])
const says = computed(() => {
  if (props.value === null) return 'not known'
  return entries.value.length === 0 ? 'none' : counted(entries.value.length, 'entry', 'entries')
})
/** Whether something in it is marked: then it is open, so that the mark is seen. */
const isMarked = computed(() =>
  [...props.marks.keys(), ...props.problems.keys()].some(p => p.startsWith(`${props.path}.`)),
)
const titleOf = (entry: unknown, i: number): string => {
  const e = entry as Values
  return (
    [e['label'], e['key'], e['face'], e['version'], e['modules']]
      .find(v => typeof v === 'string' || typeof v === 'number')
      ?.toString() ?? `${props.field.one} ${i + 1}`
  )
}
const replace = (i: number, entry: unknown): void =>
  emit(
    'change',
    entries.value.map((v, k) => (k === i ? entry : v)),
  )
/** The same once more behind it, under a short name of its own. */
function duplicate(i: number): void {
  const entry = entries.value[i] as Values
  const keys = new Set(entries.value.map(e => (e as Values)['key']))
  const { key } = entry
  let n = 2
  while (typeof key === 'string' && keys.has(`${key}-${n}`)) n += 1
  const copy = typeof key === 'string' ? { ...entry, key: `${key}-${n}` } : { ...entry }
  emit('change', entries.value.toSpliced(i + 1, 0, copy))
}
/** Only the lists of a part itself are pasted. */
const { kind, canPaste } = usePasting(() => props.path)
/** Rows behind those that are there, each under a short name of its own. */
function withRows(rows: readonly object[]): readonly unknown[] {
  const keys = new Set(entries.value.map(e => (e as Values)['key']))
  const fresh = rows.map(row => {
    const key = (row as Values)['key']
    let n = 2
    let own = key
    while (typeof own === 'string' && keys.has(own)) own = `${String(key)}-${n++}`
    keys.add(own)
    return own === undefined ? row : { ...row, key: own }
  })
  return [...entries.value, ...fresh]
}
const remove = (i: number): void =>
  emit(
    'change',
    entries.value.filter((_, k) => k !== i),
  )

/** A new entry: what it cannot do without, so that it is whole at once. */
function entryOf(fields: readonly FormField[], n: number): Values {
  return Object.fromEntries(
    fields
      .filter(f => !f.optional)
      .flatMap((f): [string, unknown][] => {
        if (f.takes === 'choice') return [[f.key, f.options[0]?.value]]
        if (f.takes === 'text')
          return [[f.key, `${f.key === 'key' ? 'own' : props.field.one}-${n}`]]
        if (f.takes === 'list') return [[f.key, [entryOf(f.fields, 1)]]]
        if (f.takes === 'choices' || f.takes === 'texts') return [[f.key, []]]
        if (f.takes === 'point') return [[f.key, Array.from({ length: f.size }, () => 0)]]
        if (f.takes === 'number') return [[f.key, 1]]
        if (f.takes === 'flag') return [[f.key, false]]
        return f.takes === 'group' ? [[f.key, entryOf(f.fields, n)]] : []
      }),
  )
}
</script>

<template>
  <details class="list" :data-path="path" :open="isMarked ? true : undefined">
    <summary>
      {{ capital(field.label) }}
      <span class="quiet">{{ says }}</span><span v-if="problems.get(path)" class="wrong">
        {{ problems.get(path) }}</span
      ><span v-if="marks.get(path)" class="mark">{{ marks.get(path) }}</span>
    </summary>
    <p v-if="field.help" class="quiet">{{ field.help }}</p>
    <details v-for="(entry, i) in entries" :key="i" class="entry" :data-path="`${path}.${i}`">
      <summary>{{ titleOf(entry, i) }}</summary>
      <PartForm
        :fields="field.fields"
        :value="entry as Values"
        :path="`${path}.${i}`"
        :marks="marks"
        :problems="problems"
        @change="v => replace(i, v)"
      />
      <ElButton size="small" :aria-label="`Duplicate ${titleOf(entry, i)}`" @click="duplicate(i)"
        >Duplicate</ElButton
      ><ElButton size="small" @click="remove(i)">Remove {{ titleOf(entry, i) }}</ElButton>
    </details>
    <ElButton
      size="small"
      @click="emit('change', [...entries, entryOf(field.fields, entries.length + 1)])"
      >Add {{ field.one }}</ElButton
    ><PasteRows
      v-if="kind && canPaste"
      :kind="kind"
      :path="path"
      :label="field.label"
      @rows="rows => emit('change', withRows(rows))"
    /><template v-if="field.optional && entries.length === 0"
      ><ElButton
        v-if="value === null"
        size="small"
        :aria-label="`${capital(field.label)}: there is none`"
        @click="emit('change', [])"
        >There is none</ElButton
      ><ElButton
        v-else
        size="small"
        :aria-label="`${capital(field.label)}: not known`"
        @click="emit('change', undefined)"
        >Not known</ElButton
      ></template
    >
  </details>
</template>

<style scoped>
.list {
  border-top: 1px solid var(--line);
  padding: 5px 0;
}
.list > summary {
  font-weight: 500;
}
summary {
  cursor: pointer;
}
.entry {
  margin-left: 14px;
  border-left: 2px solid var(--line);
  padding: 3px 0 3px 12px;
}
.mark {
  display: block;
  font-weight: 400;
  color: var(--measure);
  font-size: var(--small);
}
.mark::before {
  content: '? ';
  font-weight: 600;
}
.wrong {
  color: var(--stop);
  font-size: var(--small);
}
</style>
