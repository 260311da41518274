<script setup lang="ts">
// Before the first screw: what lies ready, what is missing, what goes on the buying list; for paper
// too, with the screws in their true size.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { counted } from '../../../core/figures/format'
import type { HandRow } from '../../../core/to-hand/row'
import { useDesk } from '../../state/desk'
import HandLine from './HandLine.vue'
import ScrewSheet from './ScrewSheet.vue'

const desk = useDesk()
const list = computed(() => desk.analysis?.toHand ?? null)
const print = (): void => window.print()
const tick = ({ id, what }: HandRow, isThere: boolean): Promise<boolean> =>
  isThere
    ? desk.run({ do: 'make', ids: [id], title: `${what}: looked, it is there` })
    : desk.run({ do: 'setProgress', entries: { [id]: null }, title: `${what}: not there` })
const buy = async ({ buy: part }: HandRow): Promise<void> => {
  if (part) await desk.run({ do: 'addItem', item: { part, state: 'wanted' } })
}
</script>

<template>
  <section v-if="list" class="ready">
    <header>
      <div>
        <h1 tabindex="-1">Before the first screw</h1>
        <p class="quiet" role="status">
          {{
            list.open === 0
              ? 'All of it lies ready.'
              : `${counted(list.open, 'thing')} to look for or to buy.`
          }}
          Counted from the steps of this plan.
        </p>
      </div>
      <ElButton class="screen" @click="print">Print</ElButton>
    </header>
    <p v-if="list.groups.length === 0" class="quiet">
      No part, no step, nothing to lay out. The list grows from the plan.
    </p>
    <template v-for="g in list.groups" :key="g.title">
      <h2>{{ g.title }}</h2>
      <ul class="sheet">
        <HandLine
          v-for="r in g.rows"
          :key="r.id"
          :row="r"
          @tick="(there: boolean) => tick(r, there)"
          @buy="buy(r)"
        />
      </ul>
    </template>
    <ScrewSheet v-if="list.groups.length > 0" :sheet="list.sheet" />
  </section>
</template>

<style scoped>
.ready {
  max-width: 940px;
  padding: 16px 20px 30px;
  display: grid;
  gap: 8px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: start;
}
h2 {
  margin-top: 8px;
}
@media print {
  .screen {
    display: none;
  }
}
</style>
