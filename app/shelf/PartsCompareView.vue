<script setup lang="ts">
// Up to four parts side by side; what differs is marked.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { capital, counted } from '../../core/figures/format'
import type { SideRow } from '../../core/shelf/side-by-side'
import { useShelf } from './shelf'
import { ask } from '../desk/remote'

const shelf = useShelf()
const route = useRoute()
const rows = shallowRef<readonly SideRow[]>([])
const only = ref(false)
const ids = computed(() =>
  String(route.query['parts'] ?? '')
    .split(',')
    .filter(Boolean)
    .slice(0, shelf.MOST),
)
const heads = computed(() => ids.value.flatMap(id => shelf.rows.find(r => r.id === id) ?? []))
watch(
  [ids, () => shelf.rows],
  async () => {
    rows.value = await ask('sideBySide', ids.value)
  },
  { immediate: true },
)
const shown = computed(() =>
  rows.value.filter(r => r.path !== 'maker' && r.path !== 'model' && (!only.value || r.differs)),
)
const differing = computed(
  () => rows.value.filter(r => r.differs && r.path !== 'maker' && r.path !== 'model').length,
)
</script>

<template>
  <section class="compare">
    <div class="head">
      <h1 tabindex="-1">Parts side by side</h1>
      <RouterLink :to="{ name: 'shelf', params: route.params }">Back to the shelf</RouterLink>
    </div>
    <p v-if="heads.length < 2" class="quiet">
      Mark two to four parts on the shelf, then compare them.
    </p>
    <template v-else>
      <p>
        <label><input v-model="only" type="checkbox" /> Only what differs</label>
        <span class="quiet"
          >{{ counted(differing, 'line') }} of {{ rows.length }} differ; they are marked ≠.</span
        >
      </p>
      <table class="sheet">
        <thead>
          <tr>
            <th><span class="visually-hidden">Differs</span></th>
            <th><span class="visually-hidden">Figure</span></th>
            <th v-for="h in heads" :key="h.id" scope="col">
              <b>{{ h.model }}</b><span class="quiet">{{ h.title }} by {{ h.maker }}</span
              ><ElButton size="small" :aria-label="`Add ${h.model}`" @click="shelf.add(h.id)"
                >Add</ElButton
              >
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in shown" :key="r.path" :class="{ differs: r.differs }">
            <td class="mark"><span v-if="r.differs" aria-label="differs">≠</span></td>
            <th scope="row">{{ capital(r.label) }}</th>
            <td
              v-for="(c, i) in r.cells"
              :key="i"
              :class="{ quiet: c === '–' || c === 'not stated' }"
            >
              {{ c }}
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
.compare {
  padding: 16px 20px 30px;
  display: grid;
  gap: 10px;
}
.head {
  display: flex;
  gap: 16px;
  align-items: baseline;
}
/* As high as what is pressed has to be. */
.head a,
label {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 24px;
}
.compare table {
  table-layout: fixed;
}
th,
td {
  padding: 6px 10px;
  border-top: 1px solid var(--line);
  vertical-align: top;
  text-align: left;
  overflow-wrap: anywhere;
}
thead th {
  border-top: 0;
  color: var(--ink);
  font-size: var(--size);
  position: sticky;
  top: 0;
  background: var(--sheet);
}
thead th .quiet {
  display: block;
}
thead th:first-child,
.mark {
  width: 30px;
  color: var(--copper);
  font-weight: 600;
}
thead th:nth-child(2) {
  width: 22%;
}
.differs {
  background: var(--mat-soft);
}
@media (max-width: 600px) {
  th,
  td {
    padding: 6px 4px;
  }
  thead th:first-child,
  .mark {
    width: 22px;
  }
  thead th:nth-child(2) {
    width: 26%;
  }
}
input {
  accent-color: var(--mat);
}
</style>
