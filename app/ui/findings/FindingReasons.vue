<script setup lang="ts">
// A finding opened: need against have, each fact with its basis and source, and what a person can
// do about it.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Command } from '../../../core/document/command-schema'
import type { Finding } from '../../../core/rules/finding'
import { margin, quantity, tolerance } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import AskedLines from './AskedLines.vue'
import MendLinks from '../MendLinks.vue'
import MeasureField from '../MeasureField.vue'
import ReasonField from '../ReasonField.vue'
import TriedButton from '../TriedButton.vue'

const RemedyList = defineAsyncComponent(() => import('./RemedyList.vue'))
const props = defineProps<{ finding: Finding }>()
const desk = useDesk()
const missing = computed(() =>
  props.finding.because.flatMap(b => (b.basis === 'missing' ? [b.fact] : [])).join(', '),
)
const asking = ref(false)
const looking = ref(false)
const canAccept = (): boolean => props.finding.verdict !== 'clear' && props.finding.demand === null

async function giveReason(reason: string): Promise<void> {
  const { id, demand, sentence } = props.finding
  const ask: Command =
    demand === null
      ? { do: 'accept', id, title: sentence, reason }
      : { do: 'leaveOpen', id: demand, title: sentence, reason }
  if (await desk.run(ask)) asking.value = false
}
const askAgain = (): Promise<boolean> =>
  desk.run(
    props.finding.demand === null
      ? { do: 'unaccept', id: props.finding.id, title: props.finding.sentence }
      : { do: 'askAgain', id: props.finding.demand, title: props.finding.sentence },
  )
const leftOpen = (): boolean =>
  props.finding.demand !== null &&
  props.finding.demand in (desk.state.build?.choices.leftOpen ?? {})
</script>

<template>
  <div class="reasons">
    <p v-if="finding.need !== null && finding.have !== null" class="sum figure">
      need {{ quantity(finding.need, finding.unit) }} · have
      {{ quantity(finding.have, finding.unit) }}
      <template v-if="finding.unit !== 'pcs'"
        >· margin {{ margin(finding.margin ?? 0, finding.unit) }} · tolerance
        {{ tolerance(finding.tol, finding.unit) }}</template
      >
    </p>
    <p v-else-if="finding.atLeast !== null" class="sum figure">
      need at least {{ quantity(finding.atLeast, finding.unit) }}; not known:
      {{ missing }}
    </p>
    <AskedLines v-if="finding.asks.length" :asks="finding.asks" />
    <table v-if="finding.because.length > 0" aria-label="Reasons">
      <tbody>
        <tr v-for="b in finding.because" :key="b.fact">
          <td>{{ b.fact }}</td>
          <td class="figure">{{ b.value }}</td>
          <td class="quiet">{{ b.basis }}</td>
          <td class="quiet">{{ b.source }}</td>
        </tr>
      </tbody>
    </table>
    <div v-if="finding.settles.length > 0" class="settles">
      <p class="quiet">What would settle it:</p>
      <MeasureField
        v-for="(s, i) in finding.settles"
        :key="s.item + s.path"
        :settles="s"
        :first="i === 0"
      />
      <p><TriedButton :finding="finding" /></p>
    </div>
    <MendLinks :items="finding.parts" />
    <RemedyList v-if="looking" :finding="finding.id" />
    <div v-if="finding.accepted || leftOpen()" class="acts">
      <ElButton size="small" @click="askAgain">{{
        finding.accepted ? 'No longer accept' : 'Ask for it again'
      }}</ElButton>
    </div>
    <div v-else-if="canAccept() || finding.demand" class="acts">
      <ReasonField
        v-if="asking"
        :label="finding.demand ? 'Why it stays open' : 'Why you accept it'"
        @reason="giveReason"
        @cancel="asking = false"
      />
      <template v-else>
        <ElButton v-if="!looking" type="primary" size="small" @click="looking = true"
          >Find fixes</ElButton
        >
        <ElButton size="small" @click="asking = true">{{
          finding.demand ? 'Leave open…' : 'Accept (say why)…'
        }}</ElButton>
      </template>
    </div>
  </div>
</template>

<style scoped>
.reasons {
  padding: 6px 14px 12px 42px;
  display: grid;
  gap: 10px;
}
.sum {
  white-space: normal;
}
td {
  padding: 3px 10px 3px 0;
  vertical-align: top;
  border-top: 1px solid var(--line);
}
td.figure {
  white-space: normal;
}
.settles {
  display: grid;
  gap: 8px;
}
</style>
