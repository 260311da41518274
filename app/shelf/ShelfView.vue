<script setup lang="ts">
// The shelf: every part that is known, found at once; one opened at the right; ways in and out on
// top.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, nextTick, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { counted } from '../../core/figures/format'
import { useDesk } from '../state/desk'
import { useShelf } from './shelf'
import ShelfFilters from './ShelfFilters.vue'
import ShelfExport from './ShelfExport.vue'
import ShelfPart from './ShelfPart.vue'
import ShelfTable from './ShelfTable.vue'
import { useOpening } from './opening'
import { useShelfQuery } from './search'

const desk = useDesk()
const shelf = useShelf()
const router = useRouter()
const route = useRoute()
const query = useShelfQuery()
const picker = ref<HTMLInputElement>()
const table = ref<InstanceType<typeof ShelfTable>>()
const chosen = computed({
  get: () => (typeof route.query['part'] === 'string' ? route.query['part'] : null),
  set: id => void router.replace({ query: id === null ? {} : { part: id } }),
})
const own = computed(() => shelf.rows.filter(r => r.own).length)
const shown = computed(() => query.order.value.flatMap(i => shelf.rows[i]?.id ?? []))
const entry = (from: string): void =>
  void router.push({ name: 'entry', params: route.params, query: { from } })
const compare = (): void =>
  void router.push({
    name: 'parts-compare',
    params: route.params,
    query: { parts: shelf.compared.join(',') },
  })
/** The part gives way to its line. */
async function shut(): Promise<void> {
  const line = chosen.value
  chosen.value = null
  await nextTick()
  if (line !== null) await table.value?.back(line)
}
const opening = useOpening()
function open(): void {
  void opening(picker.value?.files?.[0])
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <section class="shelf" :class="{ opened: chosen }">
    <div class="find">
      <div class="head">
        <div>
          <h1 tabindex="-1">Shelf</h1>
          <p class="quiet">
            {{ counted(shown.length, 'part') }} of {{ shelf.rows.length }}, {{ own }} yours; the
            others came with the program and are made up to try things with.
          </p>
        </div>
        <div class="ways" role="group" aria-label="Bring a part in">
          <ElButton type="primary" @click="entry('sheet')">Paste a spec sheet</ElButton>
          <ElButton @click="entry('numbers')">A few numbers</ElButton>
          <ElButton @click="entry('hand')">By hand</ElButton>
          <ElButton @click="picker?.click()">Open a table or file…</ElButton>
          <input
            ref="picker"
            type="file"
            accept=".json,.csv,.tsv,.txt,application/json,text/csv"
            class="visually-hidden"
            aria-label="Table or file of parts"
            tabindex="-1"
            @change="open"
          />
        </div>
      </div>
      <ShelfFilters :query="query" @into="table?.enter()" />
      <ShelfTable
        ref="table"
        class="sheet"
        :query="query"
        act="Add"
        compare
        :chosen="chosen"
        @choose="id => (chosen = chosen === id ? null : id)"
        @take="shelf.add"
      />
      <div class="foot">
        <ElButton size="small" :disabled="shelf.compared.length < 2" @click="compare"
          >Compare
          {{
            shelf.compared.length < 2 ? 'two to four' : counted(shelf.compared.length, 'part')
          }}</ElButton
        >
        <ElButton v-if="shelf.compared.length" size="small" @click="shelf.compared = []"
          >Unmark</ElButton
        >
        <span class="quiet">“Add” puts a part into {{ desk.state.build?.name }} as wanted.</span>
        <ShelfExport :ids="shown" />
      </div>
    </div>
    <ShelfPart
      v-if="chosen"
      :id="chosen"
      :key="chosen"
      class="one"
      @close="shut"
      @keydown.esc="shut"
    />
  </section>
</template>

<style scoped>
.shelf {
  height: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
}
.opened {
  grid-template-columns: minmax(0, 1fr) minmax(290px, 340px);
}
.find {
  padding: 14px 18px 10px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  min-width: 0;
  grid-template-rows: auto auto minmax(200px, 1fr) auto;
  gap: 8px;
  min-height: 0;
  max-height: calc(100dvh - 62px);
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  justify-content: space-between;
  align-items: start;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.ways .el-button,
.foot .el-button {
  margin: 0;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.foot .quiet {
  flex: 1;
}
.one {
  border-left: 1px solid var(--line);
  max-height: calc(100dvh - 62px);
  overflow-y: auto;
}
/* On a narrow screen the opened part lies over the list, which stays where it was. */
@media (max-width: 900px) {
  .shelf {
    height: auto;
  }
  .opened {
    grid-template-columns: minmax(0, 1fr);
  }
  .find {
    max-height: none;
    grid-template-rows: auto auto 60vh auto;
  }
  .one {
    position: fixed;
    inset: 0;
    z-index: 30;
    border-left: 0;
    max-height: none;
    background: var(--paper);
  }
}
</style>
