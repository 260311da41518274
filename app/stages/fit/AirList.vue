<script setup lang="ts">
// Which way the air goes at each place of a case, what moves it there, and how much in all.
import type { AirRow, AirSection } from '../../../core/stages/air'
import { useDesk } from '../../state/desk'

const props = defineProps<{ air: AirSection }>()
const desk = useDesk()

const besides = ({ by, flow, filter }: AirRow): string =>
  [by ?? 'open', flow, filter].filter(Boolean).join(' · ')
const MEANT = { stated: 'as stated', usual: 'as usual', chosen: 'as chosen' }

function choose(row: AirRow, event: Event): void {
  const { value } = event.target as HTMLSelectElement
  const way = value === 'in' || value === 'out' ? value : null
  void desk.run({ do: 'chooseAir', id: props.air.case, place: row.key, way })
}
</script>

<template>
  <section v-if="air.rows.length" class="of-copy" :aria-label="`Air of the ${air.name}`">
    <h2>Air of the {{ air.name }}</h2>
    <p class="quiet">
      In {{ air.ins || 'nothing' }}, out {{ air.outs || 'nothing' }}, as the fans are rated in the
      open.
    </p>
    <ul>
      <li v-for="row in air.rows" :key="row.key">
        <label>
          <span
            ><b>{{ row.label }}</b> <span class="quiet">{{ besides(row) }}</span></span
          >
          <select
            class="smallfield"
            :value="row.air.said === 'chosen' ? row.air.way : ''"
            @change="choose(row, $event)"
          >
            <option value="">{{ row.meant.way }}, {{ MEANT[row.meant.said] }}</option>
            <option value="in">in</option>
            <option value="out">out</option>
          </select>
        </label>
      </li>
    </ul>
    <p v-if="air.filters.length" class="quiet">Also: {{ air.filters.join('; ') }}.</p>
  </section>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
label {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: baseline;
  min-height: 32px;
}
</style>
