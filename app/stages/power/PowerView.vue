<script setup lang="ts">
// Power: who draws what, each rail against its limit, what the schools say, the plugs.
import { computed, defineAsyncComponent } from 'vue'
import { number, watts } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import FindingLedger from '../../ui/findings/FindingLedger.vue'
import SizingRules from './SizingRules.vue'
import EmptyStage from '../../ui/EmptyStage.vue'
import StageLayout from '../../ui/StageLayout.vue'

const MomentChart = defineAsyncComponent(() => import('./MomentChart.vue'))
const RailChart = defineAsyncComponent(() => import('./RailChart.vue'))
const desk = useDesk()
const pointer = usePointer()
const supplies = computed(() => desk.analysis?.power ?? [])
const againstLabel = (room: number): string =>
  `${watts(Math.abs(room))} ${room < 0 ? 'over' : 'below'} its rating`
const summary = computed(() =>
  supplies.value
    .map(
      p =>
        `${p.name}: ${watts(p.worst)} at the worst moment` +
        (p.label === null ? '' : `, ${againstLabel(p.label - p.worst)}`),
    )
    .join('; '),
)
</script>

<template>
  <StageLayout title="Power" stage="power" :summary="summary">
    <EmptyStage
      v-if="supplies.length === 0"
      says="Here each rail and cable is held against its limit. It takes a power supply (PSU), and what draws from it."
    />
    <FindingLedger v-else stage="power" empty="Nothing draws from the power supply yet." />
    <h2 v-if="supplies.length">What draws</h2>
    <template v-for="p in supplies" :key="p.supply">
      <table class="sheet loads">
        <thead>
          <tr>
            <th>Draws</th>
            <th>rest</th>
            <th>working</th>
            <th>worst</th>
            <th>basis</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="l in p.loads"
            :key="l.item"
            @mouseenter="pointer.point([l.item])"
            @mouseleave="pointer.leave"
          >
            <td>
              {{ l.name }}
              <span class="quiet">{{ l.kind }}{{ l.fed ? '' : ', not joined to the supply' }}</span>
            </td>
            <td class="figure">{{ number(l.rest) }}</td>
            <td class="figure">{{ number(l.work) }}</td>
            <td class="figure">{{ number(l.worst) }}</td>
            <td class="quiet">{{ l.basis }}</td>
          </tr>
          <tr class="sum">
            <td>Together, W</td>
            <td class="figure">{{ number(p.rest) }}</td>
            <td class="figure">{{ number(p.work) }}</td>
            <td class="figure">{{ number(p.worst) }}</td>
            <td></td>
          </tr>
        </tbody>
      </table>
      <h2>How much room</h2>
      <SizingRules :schools="p.schools" />
    </template>
    <template #where>
      <template v-for="p in supplies" :key="p.supply">
        <h2>Load against rating</h2>
        <RailChart :power="p" />
        <details class="rails">
          <summary>Load of each rail, as a table</summary>
          <table>
            <thead>
              <tr>
                <th>rail</th>
                <th>rest</th>
                <th>working</th>
                <th>worst, low to high</th>
                <th>limit</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="r in p.rails" :key="r.rail">
                <td>{{ r.rail }} V</td>
                <td class="figure">{{ watts(r.rest) }}</td>
                <td class="figure">{{ watts(r.work) }}</td>
                <td class="figure">{{ watts(r.worst - r.tol) }} to {{ watts(r.worst + r.tol) }}</td>
                <td class="figure">{{ r.limit === null ? '–' : watts(r.limit) }}</td>
              </tr>
            </tbody>
          </table>
        </details>
        <h2>Moment by moment</h2>
        <MomentChart :power="p" />
        <h2>Plugs of the {{ p.name }}</h2>
        <ul class="plugs">
          <li v-for="g in p.plugs" :key="g.face">
            <span>{{ g.name }}</span><span class="figure">{{ g.used }} of {{ g.there }} used</span>
          </li>
        </ul>
      </template>
    </template>
  </StageLayout>
</template>

<style scoped>
h2 {
  margin: 16px 0 8px;
}
.loads td,
.loads th {
  padding: 6px 12px;
  border-top: 1px solid var(--line);
}
@media (max-width: 700px) {
  .loads td,
  .loads th {
    padding: 6px 5px;
  }
}
.loads .figure,
th:nth-child(n + 2):nth-child(-n + 4) {
  text-align: right;
}
.loads tbody tr:hover {
  background: var(--mat-soft);
}
.sum td {
  font-weight: 600;
}
.rails td,
.rails th {
  padding: 3px 12px 3px 0;
  text-align: left;
  font-size: var(--small);
}
.rails summary {
  cursor: pointer;
  min-height: 24px;
  color: var(--ink-2);
  font-size: var(--small);
}
.plugs li {
  display: flex;
  justify-content: space-between;
  padding: 5px 0;
  border-top: 1px solid var(--line);
}
</style>
