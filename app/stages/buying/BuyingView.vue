<script setup lang="ts">
// Buying: what next, what is on its way, what to look at when it arrives, what may still go back,
// what is left to pay.
import { computed } from 'vue'
import { counted, money } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import { amountIn } from '../../ui/amount'
import { budgetWords } from '../../ui/budget'
import SavedField from '../../ui/SavedField.vue'
import BuyingLine from './BuyingLine.vue'

const desk = useDesk()
const currency = computed(() => desk.state.build?.currency ?? '')
const buying = computed(() => desk.state.analysis?.horizons.then.buying ?? null)
const reached = computed(() =>
  [...(buying.value?.next ?? []), ...(buying.value?.later ?? [])].filter(r => r.isReached),
)
async function setBudget(text: string): Promise<boolean | string> {
  const budget = amountIn(text)
  return typeof budget === 'string' ? budget : desk.run({ do: 'setBudget', budget })
}
const lists = computed(() => {
  const b = buying.value
  return b
    ? [
        {
          title: 'Next to buy',
          rows: b.next,
          fields: ['shop', 'from', 'returnBy'] as const,
          empty: 'Nothing is wanted.',
          checks: false,
          prices: true,
        },
        {
          title: 'On its way',
          rows: b.coming,
          fields: ['shop', 'arrives', 'returnBy'] as const,
          empty: 'Nothing is ordered.',
          checks: false,
          prices: false,
        },
        {
          title: 'Arrived: look at it',
          rows: b.arrived,
          fields: ['returnBy'] as const,
          empty: 'Nothing that came by a day of arrival waits to be looked at.',
          checks: true,
          prices: false,
        },
        {
          title: 'May still go back',
          rows: b.returns,
          fields: ['returnBy'] as const,
          empty: 'No last day to return is noted.',
          checks: false,
          prices: false,
        },
        {
          title: 'Later',
          rows: b.later,
          fields: ['shop', 'from'] as const,
          empty: 'Nothing is put off.',
          checks: false,
          prices: true,
        },
      ]
    : []
})
</script>

<template>
  <section class="buying">
    <h1 tabindex="-1">Buying</h1>
    <p v-if="buying" class="quiet">
      {{ money(buying.left, currency) }} left to pay{{
        buying.unpriced ? `, ${counted(buying.unpriced, 'price')} not known` : ''
      }}{{ buying.budget ? `, ${budgetWords(buying.budget.left, currency)}` : '' }}. In the order in
      which the work needs the parts.
    </p>
    <label class="budget"
      >Budget
      <SavedField
        :value="String(buying?.budget?.of ?? '')"
        decimal
        aria-label="Budget"
        :keep="setBudget"
      /><span class="quiet">{{ currency }}; empty where there is none</span></label
    >
    <p v-if="reached.length" class="reached" role="status">
      Price reached: {{ reached.map(r => r.name).join(', ') }}.
    </p>
    <template v-for="l in lists" :key="l.title">
      <h2>{{ l.title }}</h2>
      <p v-if="l.rows.length === 0" class="quiet">{{ l.empty }}</p>
      <ul v-else class="sheet">
        <BuyingLine
          v-for="r in l.rows"
          :key="r.id"
          :row="r"
          :fields="l.fields"
          :checks="l.checks"
          :prices="l.prices"
          :currency="currency"
        />
      </ul>
    </template>
  </section>
</template>

<style scoped>
.buying {
  max-width: 940px;
  padding: 16px 20px 30px;
  display: grid;
  gap: 8px;
}
h2 {
  margin-top: 8px;
}
.budget {
  display: flex;
  gap: 8px;
  align-items: center;
}
.reached {
  color: var(--clear);
  font-weight: 600;
}
</style>
