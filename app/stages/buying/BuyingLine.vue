<script setup lang="ts">
// One part of the buying: what it costs, when the work needs it, where from, by when; on arrival,
// what to look at.
import { ElCheckbox } from 'element-plus/es/components/checkbox/index'
import 'element-plus/es/components/checkbox/style/css'
import { counted, money } from '../../../core/figures/format'
import ReasonField from '../../ui/ReasonField.vue'
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import type { BuyingRow } from '../../../core/stages/buying'
import { useDesk } from '../../state/desk'
import { amountIn } from '../../ui/amount'
import SavedField from '../../ui/SavedField.vue'

const props = defineProps<{
  row: BuyingRow
  fields: readonly ('shop' | 'from' | 'arrives' | 'returnBy')[]
  checks?: boolean
  /** Whether its price is asked for: it is not bought yet. */
  prices?: boolean
  currency: string
}>()
const desk = useDesk()
const LABEL = {
  shop: 'Shop',
  from: 'Pay at most',
  arrives: 'Arrives',
  returnBy: 'Return by',
} as const
const TYPE = { shop: 'text', from: 'text', arrives: 'date', returnBy: 'date' } as const
async function enter(field: keyof typeof LABEL, value: string): Promise<boolean | string> {
  const entered = field === 'from' ? amountIn(value) : value || null
  if (field === 'from' && typeof entered === 'string') return entered
  return desk.run({ do: 'setPurchase', id: props.row.id, [field]: entered })
}
const returning = ref(false)
/** It goes back, and another one has to come. */
async function sendBack(why: string): Promise<void> {
  if (await desk.run({ do: 'sendBack', id: props.row.id, why })) returning.value = false
}
/** What it costs now, for all of its sort, on the shelf too. */
async function price(text: string): Promise<boolean | string> {
  const amount = amountIn(text)
  if (typeof amount === 'string') return amount
  const { build } = desk.state
  const part = build?.items.find(i => i.id === props.row.id)?.part
  if (!build || !part) return false
  return desk.did({
    ...{ act: 'mendPart', build: build.id, item: props.row.id, where: 'shelf' },
    part: { ...part, price: amount },
  })
}
</script>

<template>
  <li>
    <div class="what">
      <b>{{ row.name }}</b> <span class="quiet">{{ row.title }}</span>
      <b v-if="row.isReached" class="reached">Price reached: buy it now.</b>
      <span v-if="row.packs" class="quiet needed"
        >Sold in packs of {{ row.packs.of }}: {{ counted(row.packs.count, 'pack') }} for all of
        them</span
      >
      <span v-if="row.sentBack" class="quiet needed">One went back: {{ row.sentBack }}</span>
      <span v-if="row.neededAt" class="quiet needed"
        >first needed at step {{ row.neededAt.number }}: {{ row.neededAt.title }}</span
      >
    </div>
    <label v-for="f in fields" :key="f" class="quiet field"
      >{{ LABEL[f]
      }}<SavedField
        :value="String(row[f] ?? '')"
        :type="TYPE[f]"
        :decimal="f === 'from'"
        :aria-label="`${LABEL[f]}: ${row.name}`"
        :keep="(text: string) => enter(f, text)"
    /></label>
    <label v-if="prices" class="quiet field"
      >Price now<SavedField
        :value="String(row.price ?? '')"
        type="text"
        decimal
        :aria-label="`Price now: ${row.name}`"
        :keep="price"
    /></label>
    <span v-else class="figure price">{{
      row.price === null ? '–' : money(row.price, currency)
    }}</span>
    <div v-if="row.isHere" class="back">
      <ReasonField
        v-if="returning"
        label="What is wrong with it"
        @reason="sendBack"
        @cancel="returning = false"
      />
      <ElButton
        v-else
        size="small"
        :aria-label="`Goes back to the shop: ${row.name}`"
        @click="returning = true"
        >Goes back to the shop…</ElButton
      >
    </div>
    <div v-if="checks" class="checks">
      <ElCheckbox
        v-for="c in row.checks"
        :key="c.check"
        :model-value="c.seen !== null"
        @change="
          (yes: unknown) =>
            desk.run({ do: 'checkArrival', id: row.id, check: c.check, seen: yes === true })
        "
        ><b>{{ c.check }}</b> {{ c.question }}</ElCheckbox
      >
    </div>
  </li>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding: 8px 12px;
  border-top: 1px solid var(--line);
}
li:first-child {
  border-top: 0;
}
.what {
  flex: 1 1 260px;
}
.needed,
.reached {
  display: block;
}
.reached {
  color: var(--clear);
}
.back {
  flex-basis: 100%;
}
.field {
  display: grid;
  width: 132px;
}
.price {
  width: 92px;
  text-align: right;
}
.checks {
  flex-basis: 100%;
  display: grid;
  gap: 2px;
}
.checks .el-checkbox {
  height: auto;
  margin: 0;
  white-space: normal;
}
</style>
