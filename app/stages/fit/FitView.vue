<script setup lang="ts">
// Fit: every check of a body against its room, measured; the case to scale beside it.
import { computed } from 'vue'
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import PieceList from '../../ui/PieceList.vue'
import TurnList from '../../ui/TurnList.vue'
import { useDesk } from '../../state/desk'
import FindingLedger from '../../ui/findings/FindingLedger.vue'
import StageLayout from '../../ui/StageLayout.vue'
import AirList from './AirList.vue'
import WaysIn from './WaysIn.vue'

const desk = useDesk()
const rows = computed(() => desk.analysis?.parts.rows ?? [])
const turning = computed(() => rows.value.filter(r => r.turns.length > 0 || r.upright !== null))
const cases = computed(() => rows.value.filter(r => r.pieces.length > 0))
</script>

<template>
  <StageLayout title="Fit" stage="fit">
    <FindingLedger stage="fit" />
    <template #where>
      <CaseDrawing :drawings="desk.analysis?.drawings ?? []" />
      <PieceList v-for="row in cases" :key="row.id" :row="row" />
      <section v-if="turning.length" class="of-copy" aria-label="How parts go in">
        <h2>How parts go in</h2>
        <TurnList v-for="row in turning" :key="row.id" :row="row" />
      </section>
      <WaysIn />
      <AirList v-for="air in desk.analysis?.air ?? []" :key="air.case" :air="air" />
    </template>
  </StageLayout>
</template>
