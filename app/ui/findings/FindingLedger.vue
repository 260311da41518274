<script setup lang="ts">
// The findings of a stage: what is open first, what is clear folded away.
import { computed } from 'vue'
import type { Finding, Stage } from '../../../core/rules/finding'
import { counted } from '../../../core/figures/format'
import { usePointer } from '../../state/pointer'
import { useFindings } from '../findings'
import { onKey } from '../keys'
import FindingRow from './FindingRow.vue'

const props = defineProps<{ stage: Stage; findings?: readonly Finding[]; empty?: string }>()
const own = useFindings(props.stage)
const pointer = usePointer()
const all = computed(() => props.findings ?? own.findings.value)
const open = computed(() => all.value.filter(f => f.verdict !== 'clear'))
const measured = computed(() => all.value.filter(f => f.verdict === 'clear' && f.margin !== null))
onKey('measure', () => {
  const first = open.value.find(f => f.settles.length > 0)
  if (!first) return
  pointer.wantsField = true
  pointer.chosen = first.id
})
const rest = computed(() => all.value.filter(f => f.verdict === 'clear' && f.margin === null))
</script>

<template>
  <p v-if="all.length === 0" class="quiet none">
    {{ empty ?? 'Nothing to ask yet: add a case, a board and what goes on it.' }}
  </p>
  <template v-else>
    <ul v-if="open.length + measured.length > 0" class="sheet">
      <FindingRow v-for="f in [...open, ...measured]" :key="f.id" :finding="f" />
    </ul>
    <details v-if="rest.length > 0" class="rest" :open="open.length + measured.length === 0">
      <summary>{{ counted(rest.length, 'more that is clear', 'more that are clear') }}</summary>
      <ul class="sheet">
        <FindingRow v-for="f in rest" :key="f.id" :finding="f" />
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
