<script setup lang="ts">
// One place for everything that comes in: sheets pasted one or several at once, a page, a table, files.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import { LARGEST_FILE, tooLarge } from '../desk/limits'
import { useDesk } from '../state/desk'
import { EXAMPLE } from './example'

const props = defineProps<{
  label: string
  isBusy?: boolean
  /** Takes what came in; whether it did. */
  bring: (text: string, name: string) => Promise<boolean>
}>()
const desk = useDesk()
const text = ref('')
const picker = ref<HTMLInputElement>()
const PASTED = 'What was pasted'

/** What is pasted comes in at once, and stays here where it does not; what is typed waits for the button. */
async function pasted(event: ClipboardEvent): Promise<void> {
  const came = event.clipboardData?.getData('text') ?? ''
  if (text.value.trim() !== '' || came.trim() === '') return
  event.preventDefault()
  if (!(await props.bring(came, PASTED))) text.value = came
}
async function send(): Promise<void> {
  if (await props.bring(text.value, PASTED)) text.value = ''
}
/** One after the other, in the order in which they were given. */
async function files(list: FileList | null | undefined): Promise<void> {
  for (const file of [...(list ?? [])]) {
    if (file.size > LARGEST_FILE) desk.say(tooLarge(file.name, file.size).problem)
    else await props.bring(await file.text(), file.name)
  }
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <div class="paste" @dragover.prevent @drop.prevent.stop="files($event.dataTransfer?.files)">
    <label
      >{{ label }}
      <textarea
        v-model="text"
        class="written"
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
      <ElButton text :disabled="isBusy" @click="bring(EXAMPLE, 'The example')"
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
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.acts .el-button {
  margin: 0;
}
</style>
