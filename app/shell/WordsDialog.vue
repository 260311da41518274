<script setup lang="ts">
// The field's words and the connectors that stand on the screen, each in a sentence, with its face.
import { ElDialog } from 'element-plus/es/components/dialog/index'
import 'element-plus/es/components/dialog/style/css'
import { onMounted, shallowRef } from 'vue'
import type { Explained } from '../../core/words/glossary'
import { ask } from '../desk/remote'
import WordList from '../practice/WordList.vue'
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
    <div v-else class="words" tabindex="0" role="region" aria-label="Words">
      <WordList :words="words" />
    </div>
  </ElDialog>
</template>

<style scoped>
.words {
  max-height: 48vh;
  overflow: auto;
  border-top: 1px solid var(--line);
}
</style>
