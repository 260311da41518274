<script setup lang="ts">
// The schools of order side by side, each computed on this build; one is chosen.
import { capital, minutes, number } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import { useOrderSchools } from '../../ui/remedies'
import OrderWeights from './OrderWeights.vue'

const desk = useDesk()
const { rows } = useOrderSchools()
const isChosen = (school: string): boolean => desk.analysis?.order.school === school
</script>

<template>
  <p v-if="rows.length === 0" class="quiet" role="status">Working out each build order…</p>
  <div v-else class="scroll">
    <table class="sheet">
      <thead>
        <tr>
          <th>Build order</th>
          <th>in all</th>
          <th>turns</th>
          <th>tool changes</th>
          <th>done twice</th>
          <th>first start</th>
          <th>lost to a fault</th>
        </tr>
      </thead>
      <tbody v-for="r in rows" :key="r.school" :class="{ chosen: isChosen(r.school) }">
        <tr>
          <th scope="row">
            <label
              ><input
                type="radio"
                name="order-school"
                :value="r.school"
                :checked="isChosen(r.school)"
                :aria-describedby="`says-${r.school}`"
                @change="desk.run({ do: 'chooseOrder', school: r.school })"
              />
              {{ r.label }}</label
            >
          </th>
          <td class="figure">{{ minutes(r.minutes) }}</td>
          <td class="figure">{{ r.turns }}</td>
          <td class="figure">{{ r.toolChanges }}</td>
          <td class="figure">{{ r.twice }}</td>
          <td class="figure">{{ minutes(r.firstProof) }}</td>
          <td class="figure">{{ minutes(r.lost) }}</td>
        </tr>
        <tr>
          <td :id="`says-${r.school}`" colspan="7" class="says">
            <span class="quiet">{{ capital(r.says) }}.</span>
            <template v-if="r.differs"> Here {{ r.differs }}</template>
            <span v-if="r.gap > 0" class="quiet">
              Within {{ number(r.gap, 0) }} weighed minutes of the best.</span
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p class="quiet note">
      A build order that comes to the same sequence here is not listed. Turns are of the case; lost
      to a fault on average: one step in a hundred goes wrong, and is looked for among the steps
      since the last start.
    </p>
  </div>
  <OrderWeights />
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  width: 100%;
}
td,
th {
  padding: 6px 7px 0;
  vertical-align: top;
}
tbody {
  border-top: 1px solid var(--line);
}
thead th {
  font-size: var(--tiny);
  padding-bottom: 6px;
}
tbody th {
  text-align: left;
}
td.figure,
thead th:nth-child(n + 2) {
  text-align: right;
  white-space: nowrap;
}
thead th:nth-child(n + 2) {
  white-space: normal;
  max-width: 64px;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  cursor: pointer;
}
.says {
  padding: 0 7px 8px 32px;
  font-size: var(--small);
}
.note {
  padding: 6px 12px;
}
.chosen {
  background: var(--mat-soft);
}
input {
  accent-color: var(--mat);
}
</style>
