<script setup lang="ts">
// Rows of a list that are pasted as a small table from a manual or a sheet.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import { counted } from '../../../core/figures/format'
import type { PartKind } from '../../../core/parts'
import { ask } from '../../desk/remote'

const props = defineProps<{ kind: PartKind; path: string; label: string }>()
const emit = defineEmits<{ rows: [rows: readonly object[]] }>()
const open = ref(false)
const text = ref('')
const said = ref('')
async function take(): Promise<void> {
  const { members, unread } = await ask('membersIn', props.kind, props.path, text.value)
  const left = unread.length ? ` Not read: ${unread.slice(0, 3).join('; ')}.` : ''
  said.value = members.length
    ? `${counted(members.length, 'row')} taken.${left}`
    : `Nothing was read. A row says what it is and how many: “EPS 4+4 | 2 | 700 mm”.`
  if (members.length === 0) return
  emit('rows', members)
  text.value = ''
}
</script>

<template>
  <ElButton v-if="!open" size="small" :aria-label="`Paste a table: ${label}`" @click="open = true"
    >Paste a table</ElButton
  >
  <div v-else class="rows">
    <label
      >A table for {{ label }}, a row each: what it is, how many, how long
      <textarea v-model="text" class="written" rows="4" spellcheck="false"></textarea>
    </label>
    <ElButton type="primary" size="small" :disabled="text.trim() === ''" @click="take"
      >Take these rows</ElButton
    ><ElButton size="small" @click="open = false">Close</ElButton>
  </div>
  <p v-if="said" class="quiet" role="status">{{ said }}</p>
</template>

<style scoped>
.rows label {
  display: grid;
  gap: 4px;
  font-size: var(--small);
}
</style>
