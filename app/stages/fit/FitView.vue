<script setup lang="ts">
// Fit: every meeting of bodies, measured; the case to scale beside it.
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import { useDesk } from '../../state/desk'
import FindingLedger from '../../ui/findings/FindingLedger.vue'
import StageLayout from '../../ui/StageLayout.vue'
import { useFindings } from '../../ui/findings'

const desk = useDesk()
const { findings, summary } = useFindings('fit')
</script>

<template>
  <StageLayout
    title="Fit"
    :summary="findings.length ? `${findings.length} meetings: ${summary}` : ''"
  >
    <FindingLedger stage="fit" />
    <template #where><CaseDrawing :drawings="desk.analysis?.drawings ?? []" /></template>
  </StageLayout>
</template>
