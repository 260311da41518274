<script setup lang="ts">
// The findings of a stage: what is open first, what is clear folded away.
import { computed, ref, watch } from 'vue'
import type { Finding, Stage } from '../../../core/rules/finding'
import { counted } from '../../../core/figures/format'
import { usePointer } from '../../state/pointer'
import { useFindings } from '../findings'
import { onKey } from '../keys'
import CaliperLegend from './CaliperLegend.vue'
import FindingRow from './FindingRow.vue'

const props = defineProps<{ stage: Stage; findings?: readonly Finding[]; empty?: string }>()
const own = useFindings(props.stage)
const pointer = usePointer()
const all = computed(() => props.findings ?? own.findings.value)
const open = computed(() => all.value.filter(f => f.verdict !== 'clear'))
/** What is clear, what was measured first. */
const clear = computed(() => [
  ...all.value.filter(f => f.verdict === 'clear' && f.margin !== null),
  ...all.value.filter(f => f.verdict === 'clear' && f.margin === null),
])
/** Folded, unless there is nothing else or one of them is chosen on the drawing. */
const unfolded = ref(open.value.length === 0)
// What is chosen there, or turned clear while it was open, stays in sight.
watch(
  () => clear.value.some(f => f.id === pointer.chosen),
  isAmong => {
    if (isAmong) unfolded.value = true
  },
  { immediate: true },
)
const measures = computed(() => all.value.some(f => f.margin !== null))
function fold(event: Event): void {
  if (event.target instanceof HTMLDetailsElement) unfolded.value = event.target.open
}
onKey('measure', () => {
  const first = open.value.find(f => f.settles.length > 0)
  if (!first) return
  pointer.wantsField = true
  pointer.chosen = first.id
})
</script>

<template>
  <p v-if="all.length === 0" class="quiet none">
    {{ empty ?? 'Nothing to ask yet: add a case, a board and what goes on it.' }}
  </p>
  <template v-else>
    <CaliperLegend v-if="measures" />
    <ul v-if="open.length > 0" class="sheet">
      <FindingRow v-for="f in open" :key="f.id" :finding="f" />
    </ul>
    <details v-if="clear.length > 0" class="rest" :open="unfolded" @toggle="fold">
      <summary>{{ counted(clear.length, 'check', 'checks') }} clear</summary>
      <ul class="sheet">
        <FindingRow v-for="f in clear" :key="f.id" :finding="f" />
      </ul>
    </details>
  </template>
</template>

<style scoped>
.none {
  padding: 12px 0;
}
.rest {
  margin-top: 10px;
}
summary {
  cursor: pointer;
  padding: 6px 2px;
  color: var(--ink-2);
}
</style>
