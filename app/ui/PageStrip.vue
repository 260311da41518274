<script setup lang="ts">
// Pages of a part's manual and photos of it: kept with the part, shown at its joints and at the bench.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref, shallowRef, watch } from 'vue'
import type { Part } from '../../core/parts'
import { useDesk } from '../stores/desk'
import { smallPicture } from '../use/photos'
import { worker } from '../worker/remote'

const props = defineProps<{ part: Part }>()
const desk = useDesk()
const pictures = shallowRef<Readonly<Record<string, string>>>({})
const picker = ref<HTMLInputElement>()
const complaint = ref('')
watch(() => props.part, async p => { pictures.value = await worker.pagesOf(p.id) }, { immediate: true })

async function take(): Promise<void> {
  const file = picker.value?.files?.[0]
  if (!file || !picker.value) return
  const picture = await smallPicture(file)
  picker.value.value = ''
  complaint.value = picture === null ? `${file.name} is no picture that this browser can read. Take a photo or a screenshot of the page.` : ''
  if (picture !== null) await desk.addPage(props.part.id, file.name.replace(/\.[^.]+$/, ''), picture)
}
</script>

<template>
  <div class="pages">
    <ul v-if="part.pages?.length"><li v-for="p in part.pages" :key="p.id">
      <a v-if="pictures[p.id]" :href="pictures[p.id]" download><img :src="pictures[p.id]" :alt="`Page: ${p.title || part.model}`" /></a><span v-else class="quiet">page not here</span>
      <span class="quiet">{{ p.title }}</span>
      <button type="button" class="plainbutton" :aria-label="`Remove the page ${p.title}`" @click="desk.removePage(part.id, p.id)">×</button>
    </li></ul>
    <ElButton size="small" @click="picker?.click()">Add a page or photo</ElButton>
    <input ref="picker" type="file" accept="image/*" class="visually-hidden" tabindex="-1" :aria-label="`Page of the manual of the ${part.model}`" @change="take" />
    <span class="complaint" role="status">{{ complaint }}</span>
  </div>
</template>

<style scoped>
.pages, ul { display: flex; flex-wrap: wrap; gap: 8px; align-items: center; }
li { position: relative; display: grid; gap: 2px; }
img { height: 96px; border: 1px solid var(--line); border-radius: var(--radius); display: block; }
li button { position: absolute; top: 0; right: 0; width: 22px; height: 22px; text-align: center; background: var(--sheet); }
.complaint { color: var(--stop); font-size: var(--small); }
.complaint:empty { display: none; }
</style>
