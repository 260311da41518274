<script setup lang="ts">
// The build sheet: what lies beside the case on paper. Printed by the browser.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import { minutes, money, quantity } from '../../../core/figures/format'
import CaseDrawing from '../../drawing/CaseDrawing.vue'
import PanelPrint from '../../drawing/PanelPrint.vue'
import { useDesk } from '../../state/desk'
import { VERDICT_WORD } from '../../ui/findings'
import { useRunningHead } from '../../ui/running-head'
import SheetFaces from './SheetFaces.vue'
import SheetSteps from './SheetSteps.vue'

const desk = useDesk()
const route = useRoute()
watch(
  () => route.params['build'],
  id => desk.open(String(id)),
  { immediate: true },
)
const h = computed(() => desk.analysis)
const open = computed(() => h.value?.findings.filter(f => f.verdict !== 'clear') ?? [])
useRunningHead(() => `${desk.state.build?.name ?? ''}: build sheet`)
const print = (): void => window.print()
</script>

<template>
  <main v-if="desk.state.build && h" id="content" class="paper">
    <div class="screen">
      <ElButton type="primary" @click="print">Print</ElButton>
      <RouterLink :to="{ name: 'parts', params: { build: desk.state.build.id } }"
        >Back to the build</RouterLink
      >
    </div>
    <h1 tabindex="-1">{{ desk.state.build.name }}: build sheet</h1>
    <p>{{ desk.state.build.note }}</p>
    <div class="pictures">
      <CaseDrawing class="first" :drawings="h.drawings" view="near" /><CaseDrawing
        :drawings="h.drawings"
        view="above"
      /><PanelPrint v-for="b in h.panel" :key="b.board" :block="b" />
    </div>
    <h2>Open matters</h2>
    <p v-if="open.length === 0">None.</p>
    <ul>
      <li v-for="f in open" :key="f.id">
        <b>{{ VERDICT_WORD[f.verdict] }}</b> {{ f.sentence }}.
        <i>{{ f.accepted ? `Accepted: ${f.accepted.reason}` : f.wayOut }}</i>
      </li>
    </ul>
    <h2>Parts</h2>
    <table>
      <tbody>
        <tr v-for="r in h.parts.rows" :key="r.id">
          <td>□</td>
          <td>{{ r.title }}</td>
          <td>
            <b>{{ r.name }}</b> {{ r.maker }}
          </td>
          <td>{{ r.state }}</td>
          <td class="figure">
            {{ r.price === null ? '' : money(r.paid ?? r.price, desk.state.build.currency) }}
          </td>
        </tr>
      </tbody>
    </table>
    <h2 class="next">Steps, {{ minutes(h.order.minutes) }}</h2>
    <SheetSteps :steps="h.order.steps" />
    <h2>Leads</h2>
    <table>
      <tbody>
        <tr v-for="r in h.routes" :key="r.id">
          <td>□</td>
          <td>{{ r.label }}</td>
          <td>{{ r.to }}</td>
          <td class="figure">{{ r.have === null ? '?' : quantity(r.have, 'mm') }}</td>
          <td>{{ r.through.join(', ') }}</td>
        </tr>
      </tbody>
    </table>
    <SheetFaces />
    <h2>First power-on</h2>
    <ol>
      <li v-for="c in h.proof" :key="c.id">
        <span>□</span>
        <span
          >{{ c.do }} <i>{{ c.expect }}</i> <b v-if="c.caution">{{ c.caution }}</b></span
        >
      </li>
    </ol>
  </main>
  <main v-else id="content" class="paper">
    <p role="status">{{ desk.ready ? 'This build is not here.' : 'Laying out the sheet…' }}</p>
  </main>
</template>

<style scoped>
.paper {
  max-width: 860px;
  margin: 0 auto;
  padding: 20px 24px;
  display: grid;
  gap: 8px;
}
.screen {
  display: flex;
  gap: 14px;
  align-items: center;
}
.screen a {
  padding: 2px 0;
}
h2 {
  margin-top: 10px;
  border-bottom: 1px solid var(--ink);
}
td {
  padding: 2px 10px 2px 0;
  vertical-align: top;
}
ol li {
  display: grid;
  grid-template-columns: 44px 1fr;
  padding: 2px 0;
}
.pictures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 20px;
}
/* The machine first and large: it lies beside the case. */
.pictures .first {
  grid-column: 1 / -1;
}
.pictures > * {
  break-inside: avoid;
}
@media print {
  :global(html),
  :global(body),
  :global(#app) {
    background: #fff;
  }
  @page {
    margin: 18mm 14mm;
  }
  .screen,
  .paper :deep(.views),
  .paper :deep(figcaption button) {
    display: none;
  }
  .paper {
    padding: 0;
    font-size: 10.5pt;
    max-width: none;
  }
  li,
  tr {
    break-inside: avoid;
  }
  h2,
  h3 {
    break-after: avoid;
  }
  .next {
    break-before: page;
  }
  .first :deep(svg) {
    max-height: 120mm;
  }
}
</style>
