<script setup lang="ts">
// All single keys: what they do, change one, switch them off.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElCheckbox } from 'element-plus/es/components/checkbox/index'
import 'element-plus/es/components/checkbox/style/css'
import { ElDialog } from 'element-plus/es/components/dialog/index'
import 'element-plus/es/components/dialog/style/css'
import { ref } from 'vue'
import { changeKey, clash, keyRows, keysOn } from '../ui/keys'

const emit = defineEmits<{ close: [] }>()
const taking = ref<string | null>(null)
const complaint = ref('')

function ask(id: string): void {
  taking.value = id
  complaint.value = ''
}
function take(id: string, event: KeyboardEvent): void {
  if (taking.value !== id || event.key === 'Tab') return
  event.preventDefault()
  event.stopPropagation()
  if (event.key === 'Escape') {
    taking.value = null
    return
  }
  if (event.key.length !== 1) return
  const other = clash(id, event.key)
  complaint.value = other ? `“${event.key}” already does: ${other}. Take another key.` : ''
  if (other) return
  changeKey(id, event.key)
  taking.value = null
}
</script>

<template>
  <ElDialog model-value title="Keys" width="min(460px, 94vw)" align-center @close="emit('close')">
    <ElCheckbox v-model="keysOn"
      >Single keys act while no field or control has the focus</ElCheckbox
    >
    <p class="quiet">
      At the bench, Space or Enter makes the step. Along the seam, the arrows walk.
    </p>
    <table>
      <tbody>
        <tr v-for="k in keyRows" :key="k.id">
          <td>
            <kbd class="figure">{{ k.key }}</kbd>
          </td>
          <td>{{ k.says }}</td>
          <td class="act">
            <ElButton
              size="small"
              :aria-label="`Change the key for ${k.says}`"
              @click="ask(k.id)"
              @keydown="take(k.id, $event)"
              @blur="taking = null"
              >{{ taking === k.id ? 'Press a key' : 'Change' }}</ElButton
            >
            <ElButton v-if="k.changed" size="small" @click="changeKey(k.id, null)">Reset</ElButton>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="stop" role="status">{{ complaint }}</p>
  </ElDialog>
</template>

<style scoped>
td {
  padding: 3px 8px 3px 0;
  border-top: 1px solid var(--line);
}
kbd {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 1px 7px;
  background: var(--paper);
}
.act {
  text-align: right;
  white-space: nowrap;
}
</style>
