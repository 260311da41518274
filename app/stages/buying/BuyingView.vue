<script setup lang="ts">
// Buying: what next, what is on its way, what to look at when it arrives, what may still go back,
// what is left to pay.
import { computed } from 'vue'
import { counted, money } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import BuyingLine from './BuyingLine.vue'

const desk = useDesk()
const currency = computed(() => desk.state.build?.currency ?? '')
const buying = computed(() => desk.state.analysis?.horizons.then.buying ?? null)
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
        },
        {
          title: 'On its way',
          rows: b.coming,
          fields: ['shop', 'arrives', 'returnBy'] as const,
          empty: 'Nothing is ordered.',
          checks: false,
        },
        {
          title: 'Arrived: look at it',
          rows: b.arrived,
          fields: ['returnBy'] as const,
          empty: 'Nothing that came by a day of arrival waits to be looked at.',
          checks: true,
        },
        {
          title: 'May still go back',
          rows: b.returns,
          fields: ['returnBy'] as const,
          empty: 'No last day to return is noted.',
          checks: false,
        },
        {
          title: 'Later',
          rows: b.later,
          fields: ['shop', 'from'] as const,
          empty: 'Nothing is put off.',
          checks: false,
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
      }}. In the order in which the work needs the parts.
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
</style>
