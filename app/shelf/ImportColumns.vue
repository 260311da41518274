<script setup lang="ts">
// Which column of a table is which field; the kind for the whole table where no column names it.
import { capital, within } from '../../core/figures/format'
import type { PartKind } from '../../core/parts'
import type { ImportPreview, TablePlan } from '../desk/shelf/incoming-parts'
import { useShelf } from './shelf'

const props = defineProps<{ preview: ImportPreview }>()
const emit = defineEmits<{ plan: [plan: TablePlan]; kind: [kind: PartKind] }>()
const shelf = useShelf()
/** Kinds of which the shelf has several groups: a table is of the whole kind. */
const WHOLE_KINDS: Partial<Record<PartKind, string>> = { card: 'Card', hub: 'Hub' }
const kinds = (): readonly { kind: PartKind; title: string }[] => [
  ...new Map(
    shelf.groups.map(g => [g.kind, { kind: g.kind, title: WHOLE_KINDS[g.kind] ?? g.title }]),
  ).values(),
]
const named = (): boolean => props.preview.plan.mapping.some(m => m.path === 'kind')
function map(column: string, path: string): void {
  const mapping = props.preview.plan.mapping.map(m =>
    m.column === column
      ? { ...m, path: path === '' ? null : path }
      : { ...m, path: m.path === path ? null : m.path },
  )
  emit('plan', { kind: props.preview.plan.kind, mapping })
}
</script>

<template>
  <div class="columns">
    <label v-if="!named()"
      >Every line is a
      <select
        :value="preview.plan.kind ?? ''"
        @change="emit('kind', ($event.target as HTMLSelectElement).value as PartKind)"
      >
        <option value="" disabled>choose…</option>
        <option v-for="k in kinds()" :key="k.kind" :value="k.kind">
          {{ within(k.title) }}
        </option>
      </select></label
    >
    <details :open="preview.wrong > 0 || preview.plan.mapping.some(m => m.path === null)">
      <summary>
        {{ preview.columns.length }} columns,
        {{ preview.plan.mapping.filter(m => m.path === null).length }} left out
      </summary>
      <ul>
        <li v-for="m in preview.plan.mapping" :key="m.column">
          <span>{{ m.column }}</span>
          <select
            :value="m.path ?? ''"
            :aria-label="`Column ${m.column} is`"
            @change="map(m.column, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">leave out</option>
            <option v-if="m.path && !preview.fields.some(f => f.path === m.path)" :value="m.path">
              {{ m.path }}
            </option>
            <option v-for="f in preview.fields" :key="f.path" :value="f.path">
              {{ capital(f.label) }}
            </option>
          </select>
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  gap: 8px;
  padding: 8px 0;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 4px 18px;
  max-height: 200px;
  overflow: auto;
  padding: 6px 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 140px;
  gap: 8px;
  align-items: center;
  font-size: var(--small);
  overflow-wrap: anywhere;
}
select {
  padding: 2px 5px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
  min-width: 0;
}
summary {
  cursor: pointer;
}
</style>
