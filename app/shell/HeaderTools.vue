<script setup lang="ts">
// At the end of the header: which plan is looked at, undo and redo, words, files, the light.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { onClickOutside } from '@vueuse/core'
import { computed, ref } from 'vue'
import { ask } from '../desk/remote'
import { useDesk } from '../state/desk'
import { download, fileName } from '../ui/download'
import { theme, turnTheme } from '../ui/theme'
import HorizonSwitch from './HorizonSwitch.vue'
import { useUndo } from './undo'
import { wordsAreShown } from './words'

const desk = useDesk()
const { undo, redo, turn } = useUndo()
const menu = ref<HTMLDetailsElement>()
const opener = ref<HTMLElement>()
/** By Escape, with the focus back where it opened, or by a press elsewhere. */
function closeMenu(): void {
  if (!menu.value?.open) return
  menu.value.open = false
  opener.value?.focus()
}
onClickOutside(menu, () => {
  if (menu.value) menu.value.open = false
})
const name = computed(() => desk.state.build?.name ?? 'build')
const id = computed(() => desk.state.build?.id ?? '')
async function saveFile(): Promise<void> {
  download(fileName(name.value, '.juntura.json'), await ask('file', [id.value]), 'application/json')
}
async function saveCsv(): Promise<void> {
  download(fileName(name.value, '-parts.csv'), await ask('csv', id.value), 'text/csv')
}
async function saveSheet(): Promise<void> {
  download(
    fileName(name.value, '-sheet.md'),
    await ask('sheet', id.value, desk.horizon),
    'text/markdown',
  )
}
async function saveHarness(): Promise<void> {
  const text = await ask('harness', id.value, desk.horizon)
  download(fileName(name.value, '-harness.yaml'), text, 'application/yaml')
}
async function saveDrawing(): Promise<void> {
  const svg = await ask('drawing', id.value, desk.horizon, 'near')
  if (svg !== null) download(fileName(name.value, '-near.svg'), svg, 'image/svg+xml')
}
</script>

<template>
  <div class="tools">
    <HorizonSwitch v-if="desk.horizonsDiffer" />
    <ElButton
      size="small"
      :disabled="undo === null"
      :title="undo === null ? 'Nothing to undo' : `Undo: ${undo}`"
      aria-label="Undo"
      @click="turn('undo')"
      >↶</ElButton
    >
    <ElButton
      size="small"
      :disabled="redo === null"
      :title="redo === null ? 'Nothing to redo' : `Redo: ${redo}`"
      aria-label="Redo"
      @click="turn('redo')"
      >↷</ElButton
    >
    <button
      type="button"
      class="plainbutton words"
      title="What the words on this screen mean"
      @click="wordsAreShown = true"
    >
      Words
    </button>
    <details ref="menu" class="menu" @keydown.esc="closeMenu">
      <summary ref="opener">Files</summary>
      <div class="sheet list">
        <button type="button" class="plainbutton" @click="saveFile">
          Save the build as a file
        </button>
        <button type="button" class="plainbutton" @click="saveCsv">
          Save the parts list as CSV
        </button>
        <button type="button" class="plainbutton" @click="saveSheet">
          Save the build sheet as Markdown
        </button>
        <button
          v-if="desk.analysis?.drawings.length"
          type="button"
          class="plainbutton"
          @click="saveDrawing"
        >
          Save the drawing as SVG, in mm
        </button>
        <button
          v-if="desk.analysis?.routes.length"
          type="button"
          class="plainbutton"
          @click="saveHarness"
        >
          Save the cables as YAML
        </button>
        <RouterLink :to="{ name: 'sheet', params: { build: id } }"
          >Build sheet for paper</RouterLink
        >
        <button type="button" class="plainbutton narrow" @click="wordsAreShown = true">
          Words on this screen
        </button>
        <RouterLink to="/">All builds, open a file</RouterLink>
      </div>
    </details>
    <button
      type="button"
      class="plainbutton light"
      :aria-label="theme === 'day' ? 'Evening light' : 'Day light'"
      :title="theme === 'day' ? 'Evening light' : 'Day light'"
      @click="turnTheme"
    >
      {{ theme === 'day' ? '☾' : '☀' }}
    </button>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 8px;
  align-items: center;
}
.tools .el-button {
  margin: 0;
  font-size: 17px;
  padding: 0 8px;
}
.words {
  padding: 4px 6px;
  font-size: var(--small);
}
.menu {
  position: relative;
}
.menu summary {
  white-space: nowrap;
  cursor: pointer;
  list-style: none;
  padding: 4px 6px;
  font-size: var(--small);
}
.menu summary::after {
  content: ' ▾';
  color: var(--ink-2);
}
.list {
  position: absolute;
  right: 0;
  top: 100%;
  z-index: 30;
  width: 250px;
  display: grid;
}
.list > * {
  padding: 8px 12px;
  color: var(--ink);
  text-decoration: none;
}
.list > *:hover {
  background: var(--mat-soft);
}
.light {
  font-size: 18px;
  padding: 2px 6px;
}
.list > .narrow {
  display: none;
}
@media (max-width: 800px) {
  .words {
    display: none;
  }
  .list > .narrow {
    display: block;
  }
}
</style>
