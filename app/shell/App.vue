<script setup lang="ts">
// The frame around every view: keys, dropping a file anywhere, the title.
import { useDropZone, useTitle } from '@vueuse/core'
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useDesk } from '../state/desk'
import { useShelf } from '../shelf/shelf'
import { listenForKeys, listenForUndo, onKey } from '../ui/keys'
import { LARGEST_FILE } from '../desk/limits'
import TroubleBar from './TroubleBar.vue'
import { useOpening } from '../shelf/opening'
import '../ui/theme'
import { useUndo } from './undo'
import { wordsAreShown } from './words'

const KeysDialog = defineAsyncComponent(() => import('./KeysDialog.vue'))
const WordsDialog = defineAsyncComponent(() => import('./WordsDialog.vue'))
const ImportDialog = defineAsyncComponent(() => import('../shelf/ImportDialog.vue'))
const desk = useDesk()
const shelf = useShelf()
const route = useRoute()
const router = useRouter()
const { turn } = useUndo()
const showKeys = ref(false)
useTitle(
  computed(() =>
    [desk.state.build?.name, route.meta['title'], 'Juntura']
      .filter((t, i, all) => t && all.indexOf(t) === i)
      .join(' · '),
  ),
)

const opening = useOpening()
/** What was dropped anywhere: builds and tables are opened, sheets come in for the open build. */
async function dropped(files: readonly File[]): Promise<void> {
  const build = desk.state.build?.id
  const isSheet = ({ name, size }: File): boolean =>
    /\.(?:txt|md|html?)$/i.test(name) && size <= LARGEST_FILE
  for (const file of files) {
    if (!build || !isSheet(file)) await opening(file)
    else if (await desk.did({ act: 'bringIn', build, text: await file.text(), name: file.name }))
      await router.push({ name: 'arrivals', params: { build } })
  }
}
const { isOverDropZone } = useDropZone(document.body, {
  onDrop: files => void dropped(files ?? []),
  multiple: true,
})

listenForKeys()
listenForUndo(way => void turn(way))
onKey('keys', () => {
  showKeys.value = true
})
onKey('words', () => {
  wordsAreShown.value = true
})
onKey('undo', () => {
  void turn('undo')
})
onKey('redo', () => {
  void turn('redo')
})

/** Past what every view has on top: where a change of view sets the focus as well. */
const toContent = (): void => document.querySelector<HTMLElement>('h1, main')?.focus()
watch(
  () => route.path,
  async () => {
    // What was said of the view before says nothing of the next.
    showKeys.value = false
    wordsAreShown.value = false
    await nextTick()
    if (document.activeElement?.closest('[role="toolbar"], input')) return
    document.querySelector<HTMLElement>('h1')?.focus({ preventScroll: true })
  },
)
</script>

<template>
  <a href="#content" class="skip" @click.prevent="toContent">Skip to the content</a>
  <TroubleBar />
  <RouterView />
  <p v-if="desk.isLong" class="working" role="status">
    The plan is being worked out. You can go on reading; what you asked for comes by itself.
  </p>
  <!-- Within a section the heads of dialogs are no further heads of the page. -->
  <section>
    <KeysDialog v-if="showKeys" @close="showKeys = false" />
    <WordsDialog v-if="wordsAreShown" @close="wordsAreShown = false" />
    <ImportDialog v-if="shelf.opened" :file="shelf.opened" @close="shelf.opened = null" />
  </section>
  <div v-if="isOverDropZone" class="drop" role="status">
    <p>Drop it: a build opens beside what is here, parts and tables are looked at first.</p>
  </div>
</template>

<style scoped>
.skip {
  position: fixed;
  top: 4px;
  left: 8px;
  z-index: 2200;
  padding: 6px 12px;
  background: var(--sheet);
  border: 1px solid var(--mat);
  border-radius: var(--radius);
}
.skip:not(:focus) {
  clip-path: inset(50%);
}
.working {
  position: fixed;
  inset: auto 8px 8px;
  z-index: 2050;
  max-width: 640px;
  margin: 0 auto;
  padding: 8px 14px;
  background: var(--sheet);
  border: 1px solid var(--mat);
  border-radius: var(--radius);
  text-align: center;
  pointer-events: none;
}
.drop {
  position: fixed;
  inset: 12px;
  z-index: 90;
  display: grid;
  place-items: center;
  border: 2px dashed var(--mat);
  background: var(--sheet);
  opacity: 0.94;
  font-size: var(--big);
  pointer-events: none;
}
</style>
