<script setup lang="ts">
// Cables: each lead, the shortest way it can take, and whether it is long enough.
import { computed } from 'vue'
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import { useDesk } from '../../state/desk'
import FindingRow from '../../ui/findings/FindingRow.vue'
import CableLine from './CableLine.vue'
import StageLayout from '../../ui/StageLayout.vue'
import { useFindings } from '../../ui/findings'

const desk = useDesk()
const { summary, findings } = useFindings('routes')
const holes = computed(() => findings.value.filter(f => f.rule === 'routes/hole-room'))
const routes = computed(() => desk.analysis?.routes ?? [])
const power = computed(() => routes.value.filter(r => r.carries === 'power'))
const others = computed(() => routes.value.filter(r => r.carries === 'signal'))
</script>

<template>
  <StageLayout title="Cables" :summary="routes.length ? `${routes.length} leads: ${summary}` : ''">
    <p v-if="routes.length === 0" class="quiet">No lead is joined yet, or the case is missing.</p>
    <template v-if="power.length"
      ><h2>Power</h2>
      <ul class="sheet">
        <CableLine v-for="r in power" :key="r.id" :route="r" /></ul
    ></template>
    <template v-if="others.length"
      ><h2>Signal</h2>
      <ul class="sheet">
        <CableLine v-for="r in others" :key="r.id" :route="r" /></ul
    ></template>
    <template v-if="holes.length"
      ><h2>Holes</h2>
      <ul class="sheet">
        <FindingRow v-for="f in holes" :key="f.id" :finding="f" /></ul
    ></template>
    <template #where
      ><CaseDrawing :drawings="desk.analysis?.drawings ?? []" :paths="desk.analysis?.paths ?? []"
    /></template>
  </StageLayout>
</template>

<style scoped>
h2 {
  margin: 14px 0 6px;
}
</style>
