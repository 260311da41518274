<script setup lang="ts">
// A part comes in: from a pasted sheet, from a few numbers, by hand, or as a copy; the form at the
// right is what will stand on the shelf.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, onMounted, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import EntryNumbers from './EntryNumbers.vue'
import EntrySheet from './EntrySheet.vue'
import MendActs from './MendActs.vue'
import { showField } from './show-field'
import NotStated from '../../ui/NotStated.vue'
import PartForm from './PartForm.vue'
import ReadWhere from './ReadWhere.vue'
import { useDesk } from '../../state/desk'
import { useShelf } from '../shelf'
import { useEntry } from './entry'

const desk = useDesk()
const shelf = useShelf()
const route = useRoute()
const router = useRouter()
const entry = useEntry()
const FROM = [
  { id: 'sheet', title: 'Paste a spec sheet' },
  { id: 'numbers', title: 'A few numbers' },
  { id: 'hand', title: 'By hand' },
] as const
const from = computed(() => String(route.query['from'] ?? 'sheet'))
const go = (id: string): void => void router.replace({ query: { from: id } })
const editing = computed(() => from.value === 'edit')
const isArrival = computed(() => from.value === 'arrival')
/** Whether what came in has a sheet: it may be emptied for another. */
const hasSheet = ref(false)
/** What stands at the left: of what came in its sheet, where it has one. */
const pane = computed(() => {
  if (isArrival.value) return hasSheet.value ? 'sheet' : null
  return FROM.some(f => f.id === from.value) ? from.value : null
})
const SAYS: Readonly<Record<string, string>> = {
  sheet:
    'Paste a sheet at the left: what it says fills the form here, each value with the words it came from.',
  numbers: 'Enter what you know at the left.',
  hand: 'Choose a kind at the left.',
}
const TITLES: Readonly<Record<string, string>> = {
  ...{ edit: 'Change a part', vary: 'A part like another', arrival: 'A part that came in' },
  mend: 'Change the data of',
}
/** The item of the build whose part is put right. */
const mended = computed(() => {
  const { item } = route.query
  return from.value === 'mend' && typeof item === 'string' ? item : null
})
async function begin(): Promise<void> {
  const { part, kind, path } = route.query
  const id = mended.value ?? (typeof part === 'string' ? part : null)
  await entry.begin(from.value, id)
  if (typeof path === 'string') await showField(form.value, path)
  hasSheet.value = entry.sheet !== ''
  if (typeof kind === 'string') await entry.beginKind(from.value, kind)
}
watch(() => [from.value, route.query['part'], mended.value], begin)
onMounted(begin)
const form = ref<HTMLElement>()

const title = ref<HTMLElement>()
/** The button goes with what it cleared: the focus goes to the top. */
async function anew(): Promise<void> {
  await entry.clear()
  await begin()
  title.value?.focus()
}
/** What came in lies in the store again, whichever way one leaves. */
onBeforeRouteLeave(async () => {
  if (isArrival.value) await entry.rest()
})
async function mend(where: 'copy' | 'build' | 'shelf'): Promise<void> {
  if (mended.value === null || !(await entry.mend(mended.value, where))) return
  if (window.history.state?.back) router.back()
  else await router.push({ name: 'parts', params: route.params })
}
async function keep(add: boolean): Promise<void> {
  const id = await entry.keep()
  if (id === null) return
  if (add) await shelf.add(id)
  await router.push(
    add
      ? { name: 'parts', params: route.params }
      : { name: 'shelf', params: route.params, query: { part: id } },
  )
}
</script>

<template>
  <section class="entry">
    <div class="head">
      <h1 ref="title" tabindex="-1">
        {{ TITLES[from] ?? 'A new part' }} {{ mended ? entry.part?.['model'] : '' }}
      </h1>
      <div v-if="!(from in TITLES)" class="from" role="group" aria-label="How it comes in">
        <button
          v-for="f in FROM"
          :key="f.id"
          type="button"
          class="plainbutton"
          :aria-pressed="from === f.id"
          @click="go(f.id)"
        >
          {{ f.title }}
        </button>
      </div>
      <div class="acts">
        <span class="quiet" role="status">{{ entry.says }}</span>
        <ElButton
          v-if="isArrival"
          type="primary"
          @click="router.push({ name: 'arrivals', params: route.params })"
          >Back to what came in</ElButton
        >
        <ElButton v-if="entry.touched && !isArrival" @click="anew">Begin anew</ElButton>
        <MendActs v-if="mended" :item="mended" :is-whole="entry.whole" @mend="mend" />
        <template v-else-if="!isArrival"
          ><ElButton type="primary" :disabled="!entry.whole" @click="keep(false)">{{
            editing ? 'Keep the change' : 'Put on the shelf'
          }}</ElButton>
          <ElButton v-if="!editing" :disabled="!entry.whole" @click="keep(true)"
            >…and add to {{ desk.state.build?.name }}</ElButton
          ></template
        >
      </div>
    </div>
    <div class="sides" :class="{ alone: pane === null }">
      <div v-if="pane" class="source">
        <EntrySheet v-if="pane === 'sheet'" />
        <EntryNumbers v-else-if="pane === 'numbers'" />
        <label v-else class="kind"
          >What kind of part is it?
          <select
            :value="entry.kind ?? ''"
            @change="entry.blank(($event.target as HTMLSelectElement).value)"
          >
            <option value="" disabled>choose…</option>
            <option v-for="k in entry.choices?.kinds ?? []" :key="k.kind" :value="k.kind">
              {{ k.title }}
            </option>
          </select>
          <span class="quiet"
            >The form asks what that kind can state. Leave out what you do not know: the checks then
            say “measure”, not “yes”.</span
          >
        </label>
      </div>
      <div ref="form" class="fields">
        <template v-if="entry.part">
          <ul v-if="entry.check?.questions.length" class="questions" aria-label="Unlikely values">
            <li v-for="q in entry.check.questions" :key="q.path">{{ q.sentence }}</li>
          </ul>
          <NotStated
            :lines="entry.check?.notStated ?? []"
            :name="String(entry.part['model'] ?? '')"
            @confirm="line => entry.confirm(line.id)"
          />
          <ReadWhere />
          <PartForm
            :fields="entry.fields"
            :value="entry.part"
            :marks="entry.marks"
            :problems="entry.problems"
            @change="entry.set"
          />
        </template>
        <p v-else class="quiet">
          {{ SAYS[pane ?? ''] ?? 'This part is not here any more.' }}
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.entry {
  height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  padding: 12px 18px;
  border-bottom: 1px solid var(--line);
}
.from {
  display: flex;
  gap: 4px;
}
.from button {
  padding: 3px 9px;
  border-radius: var(--radius);
}
.from [aria-pressed='true'] {
  background: var(--mat);
  color: var(--sheet);
}
.acts {
  margin-left: auto;
  display: flex;
  gap: 8px;
  align-items: center;
}
.acts .el-button {
  margin: 0;
}
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  min-height: 0;
  max-height: calc(100dvh - 122px);
}
.alone {
  grid-template-columns: minmax(0, 760px);
}
.source,
.fields {
  overflow-y: auto;
  padding: 14px 18px 40px;
}
.source {
  border-right: 1px solid var(--line);
}
.kind {
  display: grid;
  gap: 6px;
  max-width: 360px;
}
select {
  padding: 4px 8px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
}
.questions {
  color: var(--watch);
  padding-bottom: 8px;
}
@media (max-width: 800px) {
  .sides {
    grid-template-columns: 1fr;
    max-height: none;
  }
  .source {
    border-right: 0;
  }
  .acts {
    margin-left: 0;
    flex-wrap: wrap;
  }
}
</style>
