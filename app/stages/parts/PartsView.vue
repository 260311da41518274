<script setup lang="ts">
// Parts: what is in it, in what state, what it costs; one part's figures and findings at the right.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, defineAsyncComponent, ref } from 'vue'
import { counted, money } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import PartLine from './PartLine.vue'
import PartSheet from './PartSheet.vue'
import PurposePanel from './PurposePanel.vue'
import StageLayout from '../../ui/StageLayout.vue'

const ShelfDialog = defineAsyncComponent(() => import('../../shelf/ShelfDialog.vue'))
const desk = useDesk()
const pointer = usePointer()
const adding = ref(false)
const parts = computed(() => desk.analysis?.parts ?? null)
const currency = computed(() => desk.state.build?.currency ?? '')
const row = computed(() => parts.value?.rows.find(r => r.id === pointer.chosen) ?? null)
const summary = computed(() => {
  if (!parts.value) return ''
  const { rows, total, left, unpriced } = parts.value
  const [all, open] = [money(total, currency.value), money(left, currency.value)]
  const unknown = unpriced ? `, ${counted(unpriced, 'price')} not known` : ''
  return `${counted(rows.length, 'part')}, ${all} in all, ${open} left to pay${unknown}`
})
</script>

<template>
  <StageLayout title="Parts" stage="parts" :summary="summary">
    <template #tools
      ><ElButton type="primary" @click="adding = true">Add from the shelf</ElButton></template
    >
    <p v-if="desk.state.newer.length" class="newer">
      The shelf has other data for {{ counted(desk.state.newer.length, 'part') }} of this build now.
      <ElButton size="small" @click="desk.takeNewer(desk.state.newer)"
        >Take {{ desk.state.newer.length === 1 ? 'it' : 'them' }} over</ElButton
      >
    </p>
    <p v-if="parts?.rows.length === 0" class="quiet">
      No part yet. Add a case first, then a board: every check grows from what is there.
    </p>
    <ul v-else class="sheet">
      <PartLine v-for="r in parts?.rows" :key="r.id" :row="r" :currency="currency" />
    </ul>
    <template #where>
      <PartSheet v-if="row" :key="row.id" :row="row" :currency="currency" />
      <template v-else>
        <p class="quiet">
          Choose a part to see its figures, what is said of it, and to swap or remove it.
        </p>
        <PurposePanel />
      </template>
    </template>
  </StageLayout>
  <ShelfDialog v-if="adding" @close="adding = false" />
</template>

<style scoped>
.newer {
  border-left: 3px solid var(--copper);
  padding: 2px 10px;
  margin-bottom: 8px;
}
</style>
