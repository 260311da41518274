<script setup lang="ts">
// Fit: every meeting of bodies, measured; the case to scale beside it.
import { computed } from 'vue'
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import PieceList from '../../ui/PieceList.vue'
import { useDesk } from '../../state/desk'
import FindingLedger from '../../ui/findings/FindingLedger.vue'
import StageLayout from '../../ui/StageLayout.vue'
import { useFindings } from '../../ui/findings'

const desk = useDesk()
const { findings, summary } = useFindings('fit')
const cases = computed(() => (desk.analysis?.parts.rows ?? []).filter(r => r.pieces.length > 0))
</script>

<template>
  <StageLayout
    title="Fit"
    :summary="findings.length ? `${findings.length} meetings: ${summary}` : ''"
  >
    <FindingLedger stage="fit" />
    <template #where>
      <CaseDrawing :drawings="desk.analysis?.drawings ?? []" />
      <PieceList v-for="row in cases" :key="row.id" :row="row" />
    </template>
  </StageLayout>
</template>
