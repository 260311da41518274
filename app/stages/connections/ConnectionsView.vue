<script setup lang="ts">
// Connections: every plug with its socket, what is short and why; pointing lights both parts in the
// case.
import { computed } from 'vue'
import { capital, counted } from '../../../core/figures/format'
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import { useDesk } from '../../state/desk'
import FindingLedger from '../../ui/findings/FindingLedger.vue'
import OutsideList from './OutsideList.vue'
import JointList from './JointList.vue'
import JointMove from '../../ui/JointMove.vue'
import StageLayout from '../../ui/StageLayout.vue'
import { useFindings } from '../../ui/findings'

const desk = useDesk()
const { findings } = useFindings('joints')
const asked = computed(() => findings.value.filter(f => f.verdict !== 'clear'))
const loose = computed(() => desk.analysis?.loose ?? [])
const plugs = computed(() => (desk.analysis?.joints ?? []).filter(j => j.kind === 'plug'))
const seats = computed(() => (desk.analysis?.joints ?? []).filter(j => j.kind !== 'plug'))
const summary = computed(() => {
  const joined = counted(plugs.value.length, 'plug')
  return `${joined} joined, ${counted(seats.value.length, 'seat')}`
})
</script>

<template>
  <StageLayout title="Connections" stage="joints" :summary="summary">
    <template #tools
      ><RouterLink class="tour" :to="{ name: 'board', params: { build: desk.state.build?.id } }"
        >Tour of the board</RouterLink
      ></template
    >
    <FindingLedger v-if="asked.length" stage="joints" :findings="asked" />
    <template v-if="loose.length">
      <h2>Not joined</h2>
      <ul class="sheet">
        <li v-for="l in loose" :key="l.plug">
          <details>
            <summary>{{ capital(l.label) }}</summary>
            <JointMove :plug="l.plug" :label="l.label" />
          </details>
        </li>
      </ul>
    </template>
    <h2>Plugs</h2>
    <JointList :joints="plugs" empty="No plug is joined yet." />
    <h2>Seats</h2>
    <JointList :joints="seats" empty="Nothing is seated yet." />
    <h2>Outside</h2>
    <OutsideList :rows="desk.analysis?.outside ?? []" />
    <template #where
      ><CaseDrawing
        :drawings="desk.analysis?.drawings ?? []"
        bare
        names="sockets"
        :paths="desk.analysis?.paths ?? []"
    /></template>
  </StageLayout>
</template>

<style scoped>
h2 {
  margin: 14px 0 6px;
}
.tour {
  min-height: 24px;
}
li {
  padding: 6px 12px;
  border-top: 1px solid var(--line);
}
li:first-child {
  border-top: 0;
}
summary {
  cursor: pointer;
}
</style>
