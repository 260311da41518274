<script setup lang="ts">
// Parts of a file that are on the shelf otherwise: field by field whose is taken, the newer proposed.
import { counted } from '../../core/figures/format'
import type { Side } from '../../core/shelf/differences'
import type { PartDifferences, Takes } from '../desk/shelf/beside'

defineProps<{ differing: readonly PartDifferences[]; count: number }>()
const takes = defineModel<Takes>({ required: true })

const sideOf = (part: PartDifferences, field: PartDifferences['fields'][number]): Side =>
  takes.value.of[part.id]?.[field.path] ?? takes.value.all ?? field.proposed
function choose(part: string, path: string, side: Side): void {
  const of = { ...takes.value.of, [part]: { ...takes.value.of[part], [path]: side } }
  takes.value = { ...takes.value, of }
}
function chooseAll(side: Side | null): void {
  takes.value = { of: {}, all: side }
}
const REST = { here: 'as on the shelf', there: 'as in the file' } as const
</script>

<template>
  <section class="differing" aria-label="What differs">
    <h3>{{ counted(count, 'part') }} {{ count === 1 ? 'is' : 'are' }} here otherwise</h3>
    <p class="acts">
      Of each field is taken what is chosen; nothing else of the part changes.
      <button type="button" @click="chooseAll(null)">The newer of each</button>
      <button type="button" @click="chooseAll('here')">All as on the shelf</button>
      <button type="button" @click="chooseAll('there')">All as in the file</button>
    </p>
    <table>
      <caption class="visually-hidden">
        Fields that differ
      </caption>
      <thead>
        <tr>
          <th scope="col">Field</th>
          <th scope="col">On the shelf</th>
          <th scope="col">In the file</th>
          <th scope="col">Taken</th>
        </tr>
      </thead>
      <tbody v-for="p in differing" :key="p.id">
        <tr>
          <th colspan="4" scope="rowgroup">{{ p.name }}</th>
        </tr>
        <tr v-for="f in p.fields" :key="f.path">
          <td>{{ f.label }}</td>
          <td :class="{ taken: sideOf(p, f) === 'here' }">{{ f.here }}</td>
          <td :class="{ taken: sideOf(p, f) === 'there' }">{{ f.there }}</td>
          <td>
            <select
              :value="sideOf(p, f)"
              :aria-label="`${f.label} of ${p.name}: whose is taken`"
              @change="choose(p.id, f.path, ($event.target as HTMLSelectElement).value as Side)"
            >
              <option value="here">the shelf’s</option>
              <option value="there">the file’s</option>
            </select>
            <span class="quiet">{{ f.why }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="count > differing.length" class="quiet">
      …and {{ counted(count - differing.length, 'part') }} more,
      {{ takes.all ? REST[takes.all] : 'each field as it is newer' }}.
    </p>
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
button,
select {
  min-height: 28px;
  padding: 2px 8px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
}
table {
  display: block;
  max-height: 300px;
  overflow: auto;
  border-collapse: collapse;
}
th {
  text-align: left;
}
td,
th {
  padding: 3px 14px 3px 0;
  border-top: 1px solid var(--line);
  vertical-align: top;
}
.taken {
  font-weight: 600;
}
td select {
  margin-right: 8px;
}
</style>
