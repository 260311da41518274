<script setup lang="ts">
// At the end of the header: which plan is looked at, undo and redo, words, files, the light.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { onClickOutside } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useDesk } from '../state/desk'
import { theme, turnTheme } from '../ui/theme'
import HorizonSwitch from './HorizonSwitch.vue'
import { useSaves } from './saves'
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
const id = computed(() => desk.state.build?.id ?? '')
const saves = useSaves()
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
        <button
          v-for="one in saves"
          :key="one.says"
          type="button"
          class="plainbutton"
          @click="one.save"
        >
          {{ one.says }}
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
