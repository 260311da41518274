<script setup lang="ts">
// Parts: what is in it, in what state, what it costs; one part's figures and findings at the right.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, defineAsyncComponent, ref, type ComponentPublicInstance } from 'vue'
import { counted, money } from '../../../core/figures/format'
import { useRoute, useRouter } from 'vue-router'
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import { budgetWords } from '../../ui/budget'
import { focusIn } from '../../ui/focus-in'
import ComesWith from './ComesWith.vue'
import PartLine from './PartLine.vue'
import PartSheet from './PartSheet.vue'
import PurposePanel from './PurposePanel.vue'
import SeveralAtOnce from './SeveralAtOnce.vue'
import StageLayout from '../../ui/StageLayout.vue'

const ShelfDialog = defineAsyncComponent(() => import('../../shelf/ShelfDialog.vue'))
const desk = useDesk()
const pointer = usePointer()
const route = useRoute()
const router = useRouter()
/** Another stage sends here to add what it misses. */
const adding = ref('add' in route.query)
function closeAdding(): void {
  adding.value = false
  const { add: _, ...query } = route.query
  if ('add' in route.query) void router.replace({ query })
}
/** How one began: with parts to buy, with a machine that stands, or with the front panel alone. */
const begin = computed(() => {
  const { begin: how } = route.query
  return how === 'standing' || how === 'panel' ? how : 'new'
})
const BEGIN = {
  new: 'Add the case first, then the motherboard: every check grows from what is there.',
  standing: 'Add what is in the machine, the case first: each part comes in as one you have.',
  panel: 'Add the motherboard and the case: no more is needed for the front panel.',
}
const parts = computed(() => desk.analysis?.parts ?? null)
const currency = computed(() => desk.state.build?.currency ?? '')
/** What came in and is not added yet. */
const cameIn = computed(() => {
  const { length } = desk.state.arrivals
  return length > 0 ? ` (${counted(length, 'part')} wait)` : ''
})
const tools = ref<HTMLElement>()
const together = ref<ComponentPublicInstance>()
/** Several parts that are changed together: those that are ticked. */
const isSeveral = ref(false)
const picked = ref<readonly string[]>([])
const several = (on: boolean): void => {
  isSeveral.value = on
  picked.value = []
  void focusIn(() => (on ? (together.value?.$el as Element) : tools.value))
}
const pick = (id: string): void => {
  picked.value = picked.value.includes(id)
    ? picked.value.filter(p => p !== id)
    : [...picked.value, id]
}
const row = computed(() => parts.value?.rows.find(r => r.id === pointer.chosen) ?? null)
const summary = computed(() => {
  if (!parts.value) return ''
  const { rows, total, left, unpriced, budget } = parts.value
  const [all, open] = [money(total, currency.value), money(left, currency.value)]
  const unknown = unpriced ? `, ${counted(unpriced, 'price')} not known` : ''
  const bound = budget ? `, ${budgetWords(budget.left, currency.value)}` : ''
  return `${counted(rows.length, 'part')}, ${all} in all, ${open} left to pay${unknown}${bound}`
})
</script>

<template>
  <StageLayout title="Parts" stage="parts" :summary="summary">
    <template #tools
      ><span ref="tools" class="tools"
        ><RouterLink :to="{ name: 'arrivals', query: { begin } }"
          >Paste sheets{{ cameIn }}</RouterLink
        >
        <ElButton v-if="(parts?.rows.length ?? 0) > 1 && !isSeveral" @click="several(true)"
          >Several at once</ElButton
        >
        <ElButton type="primary" @click="adding = true">Add from the shelf</ElButton></span
      ></template
    >
    <p v-if="desk.state.newer.length" class="newer">
      The shelf has other data for {{ counted(desk.state.newer.length, 'part') }} of this build now.
      <ElButton size="small" @click="desk.takeNewer(desk.state.newer)"
        >Take {{ desk.state.newer.length === 1 ? 'it' : 'them' }} over</ElButton
      >
    </p>
    <ComesWith v-if="parts?.missing.length" :missing="parts.missing" />
    <SeveralAtOnce
      ref="together"
      v-if="isSeveral && parts"
      :rows="parts.rows"
      :picked="picked"
      @pick="ids => (picked = ids)"
      @close="several(false)"
    />
    <div v-if="parts?.rows.length === 0" class="first">
      <p>{{ BEGIN[begin] }}</p>
      <p>
        <RouterLink :to="{ name: 'arrivals', query: { begin } }"
          >Paste or drop what you have</RouterLink
        >: sheets, a shop’s page, a list of parts. What is on the shelf is added from there.
      </p>
    </div>
    <ul v-else class="sheet">
      <PartLine
        v-for="r in parts?.rows"
        :key="r.id"
        :row="r"
        :currency="currency"
        :picked="isSeveral ? picked.includes(r.id) : null"
        @pick="pick(r.id)"
      />
    </ul>
    <template #where>
      <PartSheet v-if="row" :key="row.id" :row="row" :currency="currency" />
      <CaseDrawing v-if="parts?.rows.length" :drawings="desk.analysis?.drawings ?? []" />
      <template v-if="!row">
        <p class="quiet">
          Choose a part, here or in the list, to see its figures, what is said of it, and to swap or
          remove it.
        </p>
        <PurposePanel />
      </template>
    </template>
  </StageLayout>
  <ShelfDialog v-if="adding" :state="begin === 'new' ? 'wanted' : 'have'" @close="closeAdding" />
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
}
.tools a {
  padding: 3px 0;
}
.first {
  display: grid;
  gap: 8px;
  max-width: 60ch;
}
.newer {
  border-left: 3px solid var(--copper);
  padding: 2px 10px;
  margin-bottom: 8px;
}
</style>
