<script setup lang="ts">
// The measuring round: every figure that could settle something, the most decisive first; entered
// here or written on paper.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { counted, passing, quantity } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import AskedLines from '../../ui/findings/AskedLines.vue'
import MeasureField from '../../ui/MeasureField.vue'
import DistanceSketch from '../../drawing/DistanceSketch.vue'
import { useRunningHead } from '../../ui/running-head'
import VerdictMark from '../../ui/VerdictMark.vue'
import { VERDICT_WORD } from '../../ui/findings'

const desk = useDesk()
const rows = computed(() => desk.analysis?.measuring ?? [])
const asks = computed(() => desk.analysis?.asking ?? [])
const asked = (r: (typeof rows.value)[number]) => ({ ...r, passes: null })
useRunningHead(() => `${desk.state.build?.name ?? ''}: measuring round`)
const print = (): void => window.print()
</script>

<template>
  <section class="round">
    <div class="head">
      <h1 tabindex="-1">Measuring round</h1>
      <ElButton class="screen" size="small" :disabled="rows.length === 0" @click="print"
        >Print the sheet</ElButton
      >
    </div>
    <p class="quiet">
      <template v-if="rows.length"
        >{{ counted(rows.length, 'figure') }} to take, the most decisive first. A steel rule or a
        caliper, and a torch.</template
      >
      <template v-else>No open matter waits for a figure.</template>
    </p>
    <template v-if="asks.length">
      <h2>To be known first</h2>
      <AskedLines class="sheet asks" :asks="asks" />
    </template>
    <ol v-if="rows.length" class="sheet">
      <li v-for="(r, i) in rows" :key="r.item + r.path">
        <span class="figure quiet n">{{ i + 1 }}</span>
        <div>
          <MeasureField class="screen" :settles="asked(r)" :first="i === 0" />
          <p class="paper">
            <b>{{ r.label }}</b> {{ r.take }}
            <span v-if="r.now !== null">Now {{ quantity(r.now, r.unit) }}.</span>
            <span class="blank">{{ r.unit }}</span>
          </p>
          <p v-for="d in r.decides" :key="d.finding" class="decides">
            <VerdictMark :verdict="d.verdict" /><span
              ><strong :class="d.verdict">{{ VERDICT_WORD[d.verdict] }}</strong> {{ d.sentence
              }}<template v-if="d.passes"
                >: <span class="figure">{{ passing(d.passes, r.unit) }}</span></template
              ></span
            >
          </p>
        </div>
        <DistanceSketch
          v-if="r.decides[0]"
          class="sketched"
          :drawings="desk.analysis?.drawings ?? []"
          :finding="r.decides[0].finding"
        />
      </li>
    </ol>
  </section>
</template>

<style scoped>
.round {
  max-width: 860px;
  padding: 16px 20px 30px;
  display: grid;
  gap: 10px;
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}
li {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto;
  gap: 10px;
  padding: 10px 14px;
  border-top: 1px solid var(--line);
}
li:first-child {
  border-top: 0;
}
.asks {
  padding: 8px 14px;
}
.n {
  padding-top: 8px;
}
.decides {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 8px;
  align-items: center;
  font-size: var(--small);
  padding-top: 4px;
}
.paper {
  display: none;
}
@media print {
  .screen {
    display: none;
  }
  .paper {
    display: block;
  }
  .blank {
    display: inline-block;
    min-width: 34mm;
    border-bottom: 0.3mm solid;
    text-align: right;
  }
  li {
    break-inside: avoid;
  }
}
</style>
