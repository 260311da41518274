<script setup lang="ts">
// Cables: each lead, the way it takes, whether it is long enough; how they are dressed.
import { computed } from 'vue'
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import { counted, minutes } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import FindingRow from '../../ui/findings/FindingRow.vue'
import CableLine from './CableLine.vue'
import DressingList from './DressingList.vue'
import PlugSide from '../../drawing/PlugSide.vue'
import EmptyStage from '../../ui/EmptyStage.vue'
import StageLayout from '../../ui/StageLayout.vue'
import { useFindings } from '../../ui/findings'

const desk = useDesk()
const { findings } = useFindings('routes')
const OF_LEADS = ['routes/lead-length', 'routes/longest-lead']
/** Holes, heads, the chamber, blades: what is said of more than one lead. */
const others = computed(() => findings.value.filter(f => !OF_LEADS.includes(f.rule)))
const routes = computed(() => desk.analysis?.routes ?? [])
const plugSides = computed(() => desk.analysis?.supplyPlugs ?? [])
const groups = computed(() =>
  [
    { title: 'Too short', rows: routes.value.filter(r => r.gap !== null) },
    { title: 'Power', rows: routes.value.filter(r => r.gap === null && r.carries === 'power') },
    { title: 'Signal', rows: routes.value.filter(r => r.gap === null && r.carries === 'signal') },
  ].filter(g => g.rows.length > 0),
)
</script>

<template>
  <StageLayout
    title="Cables"
    stage="routes"
    :summary="routes.length ? counted(routes.length, 'lead') : ''"
  >
    <EmptyStage
      v-if="routes.length === 0"
      says="Here each lead is laid through the case and measured. It takes the case, and parts whose leads are plugged."
    />
    <p v-else class="quiet">{{ desk.analysis?.waysProved }}</p>
    <template v-for="g in groups" :key="g.title">
      <h2>{{ g.title }}</h2>
      <ul class="sheet">
        <CableLine v-for="r in g.rows" :key="r.id" :route="r" />
      </ul>
    </template>
    <template v-if="plugSides.length"
      ><h2>At the supply</h2>
      <PlugSide v-for="s in plugSides" :key="s.supply" :of="s" class="sheet at-supply" />
    </template>
    <template v-if="others.length"
      ><h2>Holes, fans, sockets, room behind the tray</h2>
      <ul class="sheet">
        <FindingRow v-for="f in others" :key="f.id" :finding="f" /></ul
    ></template>
    <template v-if="desk.analysis?.dressing.sides.length">
      <h2>
        Dressing
        <span class="quiet"
          >about {{ minutes(desk.analysis.dressing.minutes) }}, after the proof</span
        >
      </h2>
      <DressingList v-for="d in desk.analysis.dressing.sides" :key="d.side" :dressed="d" />
    </template>
    <template #where
      ><CaseDrawing :drawings="desk.analysis?.drawings ?? []" :paths="desk.analysis?.paths ?? []"
    /></template>
  </StageLayout>
</template>

<style scoped>
.at-supply {
  padding: 12px;
}
h2 {
  margin: 14px 0 6px;
}
h2 .quiet {
  font-weight: 400;
  font-size: var(--small);
}
</style>
