<script setup lang="ts">
// Storage: what is kept in this browser, whether the browser promises to keep it, everything out
// and in, what cannot be read.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { bytes } from '../../core/figures/format'
import { ask } from '../desk/remote'
import type { AsideLine, Used } from '../desk/storage'
import { useDesk } from '../state/desk'
import BinList from './BinList.vue'
import BrandMark from '../ui/BrandMark.vue'
import { download, fileName } from '../ui/download'

const desk = useDesk()
const used = shallowRef<Used | null>(null)
const browser = ref<{ readonly usage: number; readonly quota: number } | null>(null)
const lasting = ref<boolean | null>(null)
const picker = ref<HTMLInputElement>()
const sum = computed(() => (used.value?.lines ?? []).reduce((n, l) => n + l.bytes, 0))

async function look(): Promise<void> {
  used.value = await ask('used')
  const { usage = 0, quota = 0 } = (await navigator.storage?.estimate?.()) ?? {}
  browser.value = quota > 0 ? { usage, quota } : null
  lasting.value = (await navigator.storage?.persisted?.()) ?? null
}
onMounted(async () => {
  await desk.open(null)
  await look()
})
watch(() => desk.state, look)

async function promise(): Promise<void> {
  lasting.value = (await navigator.storage?.persist?.()) ?? false
}
async function saveAll(): Promise<void> {
  const day = new Date().toISOString().slice(0, 10)
  download(`juntura-everything-${day}.juntura.json`, await ask('everything'), 'application/json')
}
async function takeIn(): Promise<void> {
  const file = picker.value?.files?.[0]
  if (!file || !picker.value) return
  picker.value.value = ''
  await desk.importFile(file)
}
async function saveAside({ of, id, name }: AsideLine): Promise<void> {
  download(fileName(name, '.juntura.json'), await ask('asideFile', of, id), 'application/json')
}
</script>

<template>
  <main id="content" class="storage">
    <p>
      <RouterLink to="/" class="home" aria-label="Juntura: all builds"><BrandMark /></RouterLink>
    </p>
    <h1 tabindex="-1">Storage</h1>
    <p>
      All of it lies in this browser, on this device, twice where the browser has room for that.
      Nothing is sent anywhere.
    </p>
    <p v-if="used === null" role="status" class="quiet">Counting…</p>
    <table v-else class="sheet" aria-label="What is kept">
      <tbody>
        <tr v-for="l in used.lines" :key="l.what">
          <th scope="row">
            {{ l.what }} <span v-if="l.limit" class="quiet">{{ l.limit }}</span>
          </th>
          <td class="figure">{{ l.count }}</td>
          <td class="figure">{{ bytes(l.bytes) }}</td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">in all</th>
          <td />
          <td class="figure">{{ bytes(sum) }}</td>
        </tr>
      </tfoot>
    </table>
    <p v-if="browser">
      The browser counts {{ bytes(browser.usage) }} and allows {{ bytes(browser.quota) }}.
    </p>
    <p v-if="lasting === true">The browser has promised to keep it when space runs short.</p>
    <p v-else-if="lasting === false" class="row">
      <span>When space runs short, the browser may clear it.</span>
      <ElButton size="small" @click="promise">Ask the browser to keep it</ElButton>
    </p>
    <section aria-labelledby="file">
      <h2 id="file">Everything in one file</h2>
      <p>
        All builds with their logs, those in the bin too, the parts of my shelf and all pictures.
        What undo knows stays here. Taken in again, a build that is here with the same content is
        left as it is; one that was changed gets the file's beside it.
      </p>
      <p class="row">
        <ElButton type="primary" @click="saveAll">Save everything as a file</ElButton>
        <ElButton @click="picker?.click()">Take a file in…</ElButton>
        <input
          ref="picker"
          type="file"
          accept=".json,application/json"
          class="visually-hidden"
          aria-label="File with everything"
          tabindex="-1"
          @change="takeIn"
        />
      </p>
    </section>
    <section v-if="used?.aside.length" aria-labelledby="aside">
      <h2 id="aside">Set aside</h2>
      <p>This version cannot read these. They are kept as they are.</p>
      <ul class="sheet">
        <li v-for="a in used.aside" :key="a.id">
          <span
            ><b>{{ a.name }}</b> <span class="quiet">{{ a.why }}</span></span
          >
          <ElButton
            size="small"
            :aria-label="`Save ${a.name} as the file that it is`"
            @click="saveAside(a)"
            >Save as the file that it is</ElButton
          >
        </li>
      </ul>
    </section>
    <BinList />
  </main>
</template>

<style scoped>
.storage {
  max-width: 720px;
  margin: 0 auto;
  padding: 5vh 20px 40px;
  display: grid;
  gap: 16px;
}
.home {
  color: inherit;
  text-decoration: none;
}
section {
  display: grid;
  gap: 8px;
}
th {
  text-align: left;
  font-weight: normal;
  padding: 6px 14px;
}
td {
  text-align: right;
  padding: 6px 14px;
}
tr + tr,
tfoot tr {
  border-top: 1px solid var(--line);
}
tfoot th {
  font-weight: bold;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.row .el-button {
  margin: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  justify-content: space-between;
  padding: 8px 14px;
}
</style>
