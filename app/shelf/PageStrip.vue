<script setup lang="ts">
// Pages of a part's manual and photos of it: kept with the part, shown at its joints and at the
// bench.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref, shallowRef, watch } from 'vue'
import type { Part } from '../../core/parts'
import { useDesk } from '../state/desk'
import { isManual, openManual, type Manual } from './manual'
import { smallPicture } from '../ui/photos'
import { ask } from '../desk/remote'
import ManualPages from './ManualPages.vue'

const props = defineProps<{ part: Part }>()
const desk = useDesk()
const pictures = shallowRef<Readonly<Record<string, string>>>({})
const picker = ref<HTMLInputElement>()
const complaint = ref('')
const manual = shallowRef<{ readonly name: string; readonly open: Manual } | null>(null)
watch(
  () => props.part,
  async p => {
    pictures.value = await ask('pagesOf', p.id)
  },
  { immediate: true },
)

const titleOf = (file: File): string => file.name.replace(/\.[^.]+$/, '')
async function take(): Promise<void> {
  const file = picker.value?.files?.[0]
  if (!file || !picker.value) return
  picker.value.value = ''
  complaint.value = ''
  manual.value = null
  if (isManual(file)) await leaf(file)
  else {
    const picture = await smallPicture(file)
    if (picture === null)
      complaint.value =
        `${file.name} is no picture that this browser can read. Take a photo or a screenshot ` +
        'of the page.'
    else await addPage(titleOf(file), picture)
  }
}
async function leaf(file: File): Promise<void> {
  const opened = await openManual(file)
  if ('problem' in opened) complaint.value = opened.problem
  else manual.value = { name: titleOf(file), open: opened }
}
const addPage = (title: string, picture: string): Promise<boolean> =>
  desk.did({ act: 'addPage', part: props.part.id, title, picture })
const removePage = (page: string): Promise<boolean> =>
  desk.did({ act: 'removePage', part: props.part.id, page })
const keep = (picture: string, page: number): Promise<boolean> =>
  addPage(`${manual.value?.name ?? ''}, page ${page}`, picture)
</script>

<template>
  <div class="pages">
    <ul v-if="part.pages?.length">
      <li v-for="p in part.pages" :key="p.id">
        <a v-if="pictures[p.id]" :href="pictures[p.id]" download
          ><img :src="pictures[p.id]" :alt="`Page: ${p.title || part.model}`" /></a
        ><span v-else class="quiet">page not here</span>
        <span class="quiet">{{ p.title }}</span>
        <button
          type="button"
          class="plainbutton"
          :aria-label="`Remove the page ${p.title}`"
          @click="removePage(p.id)"
        >
          ×
        </button>
      </li>
    </ul>
    <ElButton size="small" @click="picker?.click()">Add a photo or a manual’s page</ElButton>
    <input
      ref="picker"
      type="file"
      accept="image/*,application/pdf"
      class="visually-hidden"
      tabindex="-1"
      :aria-label="`Page of the manual of the ${part.model}`"
      @change="take"
    />
    <span class="complaint" role="status">{{ complaint }}</span>
    <ManualPages
      v-if="manual"
      :key="manual.name"
      :name="manual.name"
      :manual="manual.open"
      @keep="keep"
      @close="manual = null"
    />
  </div>
</template>

<style scoped>
.pages,
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
li {
  position: relative;
  display: grid;
  gap: 2px;
}
img {
  height: 96px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  display: block;
}
li button {
  position: absolute;
  top: 0;
  right: 0;
  width: 22px;
  height: 22px;
  text-align: center;
  background: var(--sheet);
}
.complaint {
  color: var(--stop);
  font-size: var(--small);
}
.complaint:empty {
  display: none;
}
</style>
