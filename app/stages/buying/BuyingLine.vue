<script setup lang="ts">
// One part of the buying: what it costs, when the work needs it, where from, by when; on arrival,
// what to look at.
import { ElCheckbox } from 'element-plus/es/components/checkbox/index'
import 'element-plus/es/components/checkbox/style/css'
import { money } from '../../../core/figures/format'
import type { BuyingRow } from '../../../core/stages/buying'
import { useDesk } from '../../state/desk'
import SavedField from '../../ui/SavedField.vue'

const props = defineProps<{
  row: BuyingRow
  fields: readonly ('shop' | 'from' | 'arrives' | 'returnBy')[]
  checks?: boolean
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
  const price = Number(value.replace(',', '.'))
  if (field === 'from' && value !== '' && !Number.isFinite(price))
    return 'Not kept: this is no number.'
  const entered = field === 'from' ? price : value
  return desk.run({
    do: 'setPurchase',
    id: props.row.id,
    [field]: value === '' ? null : entered,
  })
}
</script>

<template>
  <li>
    <div class="what">
      <b>{{ row.name }}</b> <span class="quiet">{{ row.title }}</span>
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
    <span class="figure price">{{ row.price === null ? '–' : money(row.price, currency) }}</span>
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
.needed {
  display: block;
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
