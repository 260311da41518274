<script setup lang="ts">
// Pictures of a step or a part, and the button that takes one more; they are made small and stay in
// this browser.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import { useDesk } from '../state/desk'
import { smallPicture, usePhotos } from './photos'
import { dayOf } from './when'

const props = defineProps<{ about: readonly string[]; name: string; large?: boolean }>()
const desk = useDesk()
const { shown } = usePhotos(() => props.about)
const picker = ref<HTMLInputElement>()
const complaint = ref('')

async function take(): Promise<void> {
  const file = picker.value?.files?.[0]
  if (!file || !picker.value) return
  const picture = await smallPicture(file)
  picker.value.value = ''
  complaint.value =
    picture === null
      ? `${file.name} is no picture that this browser can read. Choose a JPEG or a PNG.`
      : ''
  if (picture !== null) await desk.attach(props.about[0] ?? '', props.name, picture)
}
</script>

<template>
  <div class="strip">
    <ul v-if="shown.length">
      <li v-for="p in shown" :key="p.id">
        <a v-if="p.url" :href="p.url" download
          ><img :src="p.url" :alt="`Picture of ${p.name}, ${dayOf(p.at)}`" /></a
        ><span v-else class="quiet">picture not here</span>
        <button
          type="button"
          class="plainbutton"
          :aria-label="`Remove the picture of ${p.name}`"
          @click="desk.run({ do: 'detach', id: p.id })"
        >
          ×
        </button>
      </li>
    </ul>
    <ElButton :size="large ? 'large' : 'small'" @click="picker?.click()">Add a picture</ElButton>
    <input
      ref="picker"
      type="file"
      accept="image/*"
      capture="environment"
      class="visually-hidden"
      tabindex="-1"
      :aria-label="`Picture of ${name}`"
      @change="take"
    />
    <span class="complaint" role="status">{{ complaint }}</span>
  </div>
</template>

<style scoped>
.strip,
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
li {
  position: relative;
}
img {
  height: 76px;
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
}
.complaint:empty {
  display: none;
}
</style>
