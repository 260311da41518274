<script setup lang="ts">
// The field's words and the connectors that stand on the screen, each in a sentence, with its face.
import { ElDialog } from 'element-plus/es/components/dialog/index'
import 'element-plus/es/components/dialog/style/css'
import { onMounted, shallowRef } from 'vue'
import type { Explained } from '../../core/words/glossary'
import { ask } from '../desk/remote'
import FaceDrawing from '../drawing/FaceDrawing.vue'
import MarkLegend from './MarkLegend.vue'

const emit = defineEmits<{ close: [] }>()
const words = shallowRef<readonly Explained[] | null>(null)
onMounted(async () => {
  const screen = document.querySelector<HTMLElement>('main') ?? document.body
  words.value = await ask('wordsIn', screen.innerText)
})
</script>

<template>
  <ElDialog
    model-value
    title="Marks and words on this screen"
    width="min(640px, 94vw)"
    align-center
    @close="emit('close')"
  >
    <MarkLegend />
    <p v-if="words === null" class="quiet" role="status">The words are looked up.</p>
    <p v-else-if="words.length === 0" class="quiet">
      None of the field’s words stands here. All of them are under Practice.
    </p>
    <dl v-else tabindex="0" aria-label="Words">
      <div v-for="w in words" :key="w.word">
        <dt>{{ w.word }}</dt>
        <dd>
          {{ w.says }}
          <FaceDrawing
            v-if="w.shows"
            :look="w.shows.look"
            :name="w.shows.name"
            :scale="4"
            :most="150"
          />
        </dd>
      </div>
    </dl>
  </ElDialog>
</template>

<style scoped>
dl {
  max-height: 48vh;
  overflow: auto;
}
dl > div {
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr);
  gap: 10px;
  padding: 7px 2px;
  border-top: 1px solid var(--line);
}
dt {
  font-weight: 600;
}
dd {
  display: grid;
  gap: 4px;
}
@media (max-width: 600px) {
  dl > div {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
}
</style>
