<script setup lang="ts">
// One place for everything that comes in: sheets pasted one or several at once, a page, a table, files.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import { EXAMPLE } from './example'

defineProps<{ label: string; isBusy?: boolean }>()
const emit = defineEmits<{ came: [text: string, name: string] }>()
const text = ref('')
const picker = ref<HTMLInputElement>()

/** What is pasted comes in at once; what is typed waits for the button. */
function pasted(event: ClipboardEvent): void {
  const pastedText = event.clipboardData?.getData('text') ?? ''
  if (text.value.trim() !== '' || pastedText.trim() === '') return
  event.preventDefault()
  emit('came', pastedText, 'The paste')
}
function send(): void {
  emit('came', text.value, 'The paste')
  text.value = ''
}
async function files(list: FileList | null | undefined): Promise<void> {
  for (const file of list ?? []) emit('came', await file.text(), file.name)
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <div class="paste" @dragover.prevent @drop.prevent.stop="files($event.dataTransfer?.files)">
    <label
      >{{ label }}
      <textarea
        v-model="text"
        rows="6"
        spellcheck="false"
        placeholder="One sheet or several at once, a shop’s page, a table of parts"
        @paste="pasted"
      ></textarea>
    </label>
    <div class="acts">
      <ElButton type="primary" :disabled="text.trim() === '' || isBusy" @click="send"
        >Bring in</ElButton
      >
      <ElButton :disabled="isBusy" @click="picker?.click()">Files…</ElButton>
      <ElButton text :disabled="isBusy" @click="emit('came', EXAMPLE, 'The example')"
        >Try an example</ElButton
      >
      <input
        ref="picker"
        type="file"
        multiple
        accept=".txt,.csv,.tsv,.md,.json,text/*,application/json"
        class="visually-hidden"
        aria-label="Files of sheets or parts"
        tabindex="-1"
        @change="files(picker?.files)"
      />
    </div>
  </div>
</template>

<style scoped>
.paste {
  display: grid;
  gap: 8px;
}
label {
  display: grid;
  gap: 4px;
}
textarea {
  width: 100%;
  padding: 8px 10px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
  resize: vertical;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.acts .el-button {
  margin: 0;
}
</style>
