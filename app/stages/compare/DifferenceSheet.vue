<script setup lang="ts">
// What differs between two plans: figures in a table, parts, matters, joints.
import { computed } from 'vue'
import { minutes, money, quantity } from '../../../core/figures/format'
import type { Difference, FindingLine, PartLine, Shift } from '../../../core/analysis/compare'
import { VERDICT_WORD } from '../../ui/findings'
import VerdictMark from '../../ui/VerdictMark.vue'

const props = defineProps<{
  names: readonly [string, string]
  difference: Difference
  currency: string
}>()
const paid = (v: number): string => money(v, props.currency)
const count = (v: number): string => String(v)
const figures = computed(() => {
  const d = props.difference
  const row = (title: string, shift: Shift, say: (v: number) => string) => ({
    title,
    ...shift,
    say,
    moved: shift.after - shift.before,
  })
  return [
    row('Price', d.price, paid),
    row('Left to pay', d.left, paid),
    row('Worst draw', d.watts, v => quantity(v, 'W')),
    row('Work', d.minutes, minutes),
    row('Steps', d.steps, count),
  ]
})
const change = (r: { moved: number; say: (v: number) => string }): string =>
  r.moved === 0
    ? 'the same'
    : `${r.moved > 0 ? '+' : '−'}${r.say(Math.abs(r.moved)).replace(/^[+−]/, '')}`
const priced = (p: PartLine): string => (p.price === null ? '' : ` (${paid(p.price)})`)
const partLines = computed(() => {
  const { gone, come, swapped } = props.difference.parts
  return [
    ...swapped.map(s => ({
      title: s.from.title,
      a: s.from.name + priced(s.from),
      b: s.to.name + priced(s.to),
    })),
    ...gone.map(p => ({ title: p.title, a: p.name + priced(p), b: '–' })),
    ...come.map(p => ({ title: p.title, a: '–', b: p.name + priced(p) })),
  ]
})
const matters = computed<readonly { title: string; list: readonly FindingLine[] }[]>(() => {
  const { gone, come, turned } = props.difference.findings
  return [
    { title: `Open only in ${props.names[0]}`, list: gone },
    { title: `Open only in ${props.names[1]}`, list: come },
    {
      title: 'Open in both, judged otherwise',
      list: turned.map(t => ({
        ...t.finding,
        sentence: `${t.finding.sentence} (was ${VERDICT_WORD[t.was].toLowerCase()})`,
      })),
    },
  ].filter(m => m.list.length > 0)
})
</script>

<template>
  <table class="sheet">
    <thead>
      <tr>
        <th><span class="visually-hidden">What</span></th>
        <th>{{ names[0] }}</th>
        <th>{{ names[1] }}</th>
        <th>difference</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in figures" :key="r.title">
        <td>{{ r.title }}</td>
        <td class="figure">{{ r.say(r.before) }}</td>
        <td class="figure">{{ r.say(r.after) }}</td>
        <td class="figure">{{ change(r) }}</td>
      </tr>
    </tbody>
  </table>
  <h2>Parts</h2>
  <p v-if="partLines.length === 0" class="quiet">The same parts.</p>
  <table v-else class="sheet">
    <tbody>
      <tr v-for="(l, i) in partLines" :key="i">
        <td class="quiet">{{ l.title }}</td>
        <td>{{ l.a }}</td>
        <td>{{ l.b }}</td>
      </tr>
    </tbody>
  </table>
  <template v-for="m in matters" :key="m.title">
    <h2>{{ m.title }}</h2>
    <ul class="sheet">
      <li v-for="f in m.list" :key="f.id">
        <VerdictMark :verdict="f.verdict" /><span
          ><strong :class="f.verdict">{{ VERDICT_WORD[f.verdict] }}</strong> {{ f.sentence }}</span
        >
      </li>
    </ul>
  </template>
  <p v-if="matters.length === 0" class="quiet">The same open matters.</p>
</template>

<style scoped>
td,
th {
  padding: 6px 12px;
  border-top: 1px solid var(--line);
}
th {
  border-top: 0;
}
li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 10px;
  padding: 6px 12px;
  border-top: 1px solid var(--line);
}
li:first-child {
  border-top: 0;
}
h2 {
  margin-top: 8px;
}
@media (max-width: 600px) {
  td,
  th {
    padding: 6px;
  }
  .figure {
    white-space: normal;
  }
}
</style>
