<script setup lang="ts">
// The block of one board typed where it is: pasted from its manual, or pin by pin, with the photo beside.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import type { PinCell } from '../../../core/panel/block'
import type { PinJob } from '../../../core/standards/panel'
import { ask } from '../../desk/remote'
import { useDesk } from '../../state/desk'
import { useReference } from '../../state/reference'
import ItemPages from '../../ui/ItemPages.vue'
import PhotoStrip from '../../ui/PhotoStrip.vue'
import { MOST, SIZES, usePinMap } from './pin-map'

const props = defineProps<{ board: string; name: string; cells: readonly PinCell[] }>()
const emit = defineEmits<{ close: [] }>()
const desk = useDesk()
const reference = useReference()
const { typed, rows, cols, numbering, pins, set, size, take } = usePinMap(props.cells)
const { rows: typedRows, cols: typedCols } = typed
const pasted = ref('')
const says = ref('')

async function read(): Promise<void> {
  const { pins: found, unread, unnamed } = await ask('readPins', pasted.value)
  if (found.length > 0) take(found)
  const left = unread.length > 0 ? ` Not understood, and left free: ${unread.join('; ')}.` : ''
  const gone = unnamed.length > 0 ? ` Not named, taken for missing: ${unnamed.join(', ')}.` : ''
  says.value =
    found.length > 0
      ? `${found.length} places read.${left}${gone} Hold it against your manual.`
      : 'No pin is named there. Paste lines such as “1 HDD LED+”, or the block as it lies.'
}
async function keep(): Promise<void> {
  if (await desk.run({ do: 'mapPanel', id: props.board, pins: pins.value })) emit('close')
}
const jobOf = (event: Event): PinJob => (event.target as HTMLSelectElement).value as PinJob
</script>

<template>
  <form class="editor" :aria-label="`Pins of the ${name}`" @submit.prevent="keep">
    <label>
      Paste the table of the manual
      <textarea
        v-model="pasted"
        rows="3"
        placeholder="1 HDD LED+   2 PWR LED+"
        @change="read"
      ></textarea>
    </label>
    <p class="quiet" role="status">{{ says }}</p>
    <div class="sizes" role="group" aria-label="How many pins">
      Pins:
      <button
        v-for="s in SIZES"
        :key="s.says"
        type="button"
        class="smallbutton"
        :aria-pressed="s.rows === rows && s.cols === cols"
        @click="size(s)"
      >
        {{ s.says }}
      </button>
      <label
        >rows <input v-model.number="typedRows" type="number" min="1" :max="MOST.rows" required
      /></label>
      <label
        >columns <input v-model.number="typedCols" type="number" min="1" :max="MOST.cols" required
      /></label>
      <label
        >counted
        <select v-model="numbering">
          <option v-if="numbering === 'own'" value="own">as they are now</option>
          <option value="columns">down each column: 1 and 2 first</option>
          <option value="rows">along the rows</option>
        </select></label
      >
    </div>
    <div class="scroll" role="region" aria-label="The pins as they lie" tabindex="0">
      <div class="grid" :style="{ gridTemplateColumns: `repeat(${cols}, minmax(108px, 1fr))` }">
        <label
          v-for="p in pins"
          :key="p.pin"
          :class="{ none: p.does === 'none' }"
          :style="{ gridArea: `${p.row + 1} / ${p.col + 1}` }"
        >
          <span class="figure">{{ p.pin }}</span>
          <select :value="p.does" @change="set(p.pin, jobOf($event))">
            <option v-for="j in reference?.pinJobs" :key="j.job" :value="j.job">
              {{ j.says }}
            </option>
          </select>
        </label>
      </div>
    </div>
    <ItemPages :items="[board]" />
    <PhotoStrip :about="[board]" :name="name" />
    <div class="acts">
      <ElButton type="primary" native-type="submit">Keep these pins</ElButton>
      <ElButton @click="emit('close')">Leave it as it was</ElButton>
    </div>
  </form>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 8px;
  margin-top: 12px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
.editor > label {
  display: grid;
  gap: 3px;
}
textarea,
input,
select {
  padding: 3px 6px;
  min-height: 26px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
}
textarea {
  font-family: var(--figure);
}
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
}
.sizes input {
  width: 56px;
}
.scroll {
  overflow-x: auto;
  padding-bottom: 4px;
}
.grid {
  display: grid;
  gap: 4px;
}
.grid label {
  display: grid;
  gap: 2px;
  padding: 4px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.grid .none {
  border-style: dashed;
}
/* The sign at the end of a name has to be seen. */
.grid select {
  width: 100%;
  padding: 2px 0;
  font-size: var(--small);
}
.acts {
  display: flex;
  gap: 8px;
}
.acts .el-button {
  margin: 0;
}
</style>
