<script setup lang="ts">
// Fit: every meeting of bodies, measured; the case to scale beside it.
import CaseDrawing from '../drawing/CaseDrawing.vue'
import { useDesk } from '../stores/desk'
import FindingLedger from '../ui/FindingLedger.vue'
import TwoSides from '../ui/TwoSides.vue'
import { useFindings } from '../use/findings'

const desk = useDesk()
const { findings, summary } = useFindings('fit')
</script>

<template>
  <TwoSides title="Fit" :summary="findings.length ? `${findings.length} meetings: ${summary}` : ''">
    <FindingLedger stage="fit" />
    <template #where><CaseDrawing :drawings="desk.analysis?.drawings ?? []" /></template>
  </TwoSides>
</template>
