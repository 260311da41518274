<script setup lang="ts">
// The desk: what this is in a few words, the builds that are here, a new one, a file.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { counted } from '../../core/figures/format'
import { useDesk } from '../state/desk'
import BrandMark from '../ui/BrandMark.vue'
import BinList from './BinList.vue'
import ExamplesOffered from './ExamplesOffered.vue'
import BuildCard from './BuildCard.vue'
import StoreClosed from '../ui/StoreClosed.vue'
import PasteField from '../arrivals/PasteField.vue'
import RecentlyMade from './RecentlyMade.vue'
import { useOpening } from '../shelf/opening'

const desk = useDesk()
const router = useRouter()
const version = __VERSION__
const picker = ref<HTMLInputElement>()
onMounted(() => desk.open(null))

type Begin = 'new' | 'standing' | 'panel'
async function made(): Promise<string | null> {
  const names = new Set(desk.state.builds.map(b => b.name))
  let n = 1
  while (names.has(n === 1 ? 'New build' : `New build ${n}`)) n += 1
  return desk.made({ act: 'create', name: n === 1 ? 'New build' : `New build ${n}` })
}
/** Three ways to begin: parts to be bought, parts that are there, or only the small leads. */
async function create(begin: Begin): Promise<void> {
  const id = await made()
  const name = begin === 'panel' ? 'panel' : 'arrivals'
  if (id) void router.push({ name, params: { build: id }, query: { begin } })
}
/** Sheets that are pasted here begin a build of their own; of several files one. */
let begun: string | null = null
async function bring(text: string, name: string): Promise<boolean> {
  begun ??= await made()
  const id = begun
  if (!id) return false
  const came = await desk.did({ act: 'bringIn', build: id, text, name })
  await router.push({ name: 'arrivals', params: { build: id } })
  return came
}
const opening = useOpening()
function open(): void {
  void opening(picker.value?.files?.[0])
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <main id="content" class="start">
    <BrandMark class="brand" />
    <h1 tabindex="-1">Where parts meet, measured.</h1>
    <p class="what">
      Plan a computer from retail parts and put it together. Juntura measures every place where two
      things meet: board and case, plug and socket, lead and length. It says what goes, what does
      not, and what to measure; then leads your hands step by step. All of it stays in this browser.
    </p>
    <h2>What do you have?</h2>
    <div class="acts">
      <ElButton type="primary" :disabled="!desk.ready" @click="create('new')"
        >A new machine</ElButton
      >
      <ElButton :disabled="!desk.ready" @click="create('standing')">A machine that stands</ElButton>
      <ElButton :disabled="!desk.ready" @click="create('panel')">Only a front panel</ElButton>
      <ElButton @click="picker?.click()">Open a file…</ElButton>
      <input
        ref="picker"
        type="file"
        accept=".json,.csv,.tsv,.txt,application/json,text/csv"
        class="visually-hidden"
        aria-label="Build file"
        tabindex="-1"
        @change="open"
      />
    </div>
    <PasteField
      label="Or paste what you have: a new build begins with it"
      :is-busy="!desk.ready"
      :bring="bring"
    />
    <StoreClosed v-if="desk.closed !== null" :build="null" />
    <p v-else-if="!desk.ready" class="quiet" role="status">Looking what is here…</p>
    <h2 v-else>{{ counted(desk.state.builds.length, 'build') }}</h2>
    <p v-if="desk.ready && desk.state.builds.length === 0" class="quiet">
      None is here. Begin a new one, or drop a .juntura.json file on this window.
    </p>
    <ul v-if="desk.state.builds.length" class="sheet">
      <BuildCard v-for="b in desk.state.builds" :key="b.id" :build="b" />
    </ul>
    <ExamplesOffered />
    <RecentlyMade />
    <BinList />
    <p>
      <RouterLink :to="{ name: 'storage' }"
        >Storage: what is kept here, everything in one file</RouterLink
      >
    </p>
    <p class="quiet">Juntura {{ version }}</p>
  </main>
</template>

<style scoped>
.start {
  max-width: 720px;
  margin: 0 auto;
  padding: 7vh 20px 40px;
  display: grid;
  gap: 16px;
}
.brand {
  font-size: 20px;
}
h1 {
  font-size: 30px;
}
.what {
  font-size: 17px;
  max-width: 62ch;
  text-wrap: pretty;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.acts .el-button {
  margin: 0;
}
h2 {
  margin-top: 12px;
}
</style>
