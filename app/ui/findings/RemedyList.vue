<script setup lang="ts">
// Fixes of a finding: each was tried on the whole build, and says what it costs, what it settles
// and what it uses up.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import { counted, money } from '../../../core/figures/format'
import type { Remedy } from '../../../core/remedies/remedy'
import { useDesk } from '../../state/desk'
import { useRemedies } from '../remedies'
import RemedyLine from './RemedyLine.vue'

const CostChart = defineAsyncComponent(() => import('./CostChart.vue'))
const props = defineProps<{ finding: string }>()
const desk = useDesk()
const { search, looking } = useRemedies(() => props.finding)
const all = ref(false)
// The button that asked for them is gone: the keyboard goes on from here.
const place = ref<HTMLElement>()
onMounted(() => place.value?.focus({ preventScroll: true }))
const FIRST = 5
const remedies = computed(() => search.value?.remedies ?? [])
const shown = computed(() => (all.value ? remedies.value : remedies.value.slice(0, FIRST)))
const says = computed(() => {
  const s = search.value
  if (looking.value)
    return s ? `Trying ${s.tried} of ${s.of} fixes on the whole build…` : 'Looking for fixes…'
  if (remedies.value.length > 0)
    return `${counted(remedies.value.length, 'fix', 'fixes')} of ${s?.tried ?? 0} tried.`
  return (
    'Nothing on the shelf and no other place settles it. Measure, accept it with a ' +
    'reason, or bring a part that does.'
  )
})
/** Side by side where several cost differently. */
const differ = computed(
  () => !looking.value && new Set(shown.value.map(r => r.promise.left.after)).size > 1,
)
const cost = ({ promise: { left } }: Remedy): string =>
  left.after === left.before
    ? 'costs nothing'
    : `${left.after > left.before ? '+' : ''}${money(left.after - left.before, desk.state.build?.currency ?? '')}`
const carryOut = ({ title, commands }: Remedy): Promise<boolean> =>
  desk.run({ do: 'together', title, commands })
</script>

<template>
  <section ref="place" class="ways" aria-label="Fixes" tabindex="-1">
    <p class="quiet" role="status">{{ says }}</p>
    <ul v-if="shown.length">
      <RemedyLine
        v-for="r in shown"
        :key="r.title"
        :remedy="r"
        :cost="cost(r)"
        @carry-out="carryOut(r)"
      />
    </ul>
    <CostChart v-if="differ" :remedies="shown" :currency="desk.state.build?.currency ?? ''" />
    <ElButton v-if="remedies.length > shown.length" size="small" @click="all = true"
      >{{ remedies.length - shown.length }} more</ElButton
    >
  </section>
</template>

<style scoped>
.ways {
  display: grid;
  gap: 6px;
  justify-items: start;
}
ul {
  width: 100%;
}
</style>
