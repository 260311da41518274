<script setup lang="ts">
// Parts leave the shelf as a table or as a file in the open format: those that are shown. Many take
// a moment, and can be left off.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import { counted } from '../../core/figures/format'
import { download } from '../ui/download'
import { ask } from '../desk/remote'

const props = defineProps<{ ids: readonly string[] }>()
/** How much is written, as a share; null while nothing is. */
const share = ref<number | null>(null)
const tell = (n: number, of: number): void => {
  share.value = n / of
}
async function save(what: 'partsCsv' | 'partsFile', name: string, type: string): Promise<void> {
  share.value = 0
  try {
    const text = await ask(what, [...props.ids], tell)
    if (text !== null) download(name, text, type)
  } finally {
    share.value = null
  }
}
</script>

<template>
  <span class="out" role="group" :aria-label="`Save ${counted(ids.length, 'part')}`">
    <template v-if="share !== null"
      ><progress :value="share" aria-label="Writing"></progress
      ><ElButton size="small" @click="ask('cancelParts')">Leave off</ElButton></template
    >
    <template v-else>
      <ElButton
        size="small"
        :disabled="ids.length === 0"
        @click="save('partsCsv', 'parts.csv', 'text/csv')"
        >Save as CSV</ElButton
      >
      <ElButton
        size="small"
        :disabled="ids.length === 0"
        @click="save('partsFile', 'parts.juntura.json', 'application/json')"
        >Save as JSON</ElButton
      >
    </template>
  </span>
</template>

<style scoped>
.out {
  display: flex;
  gap: 6px;
  align-items: center;
}
.out .el-button {
  margin: 0;
}
progress {
  accent-color: var(--mat);
}
</style>
