<script setup lang="ts">
// What of a part was taken as usual because nobody stated it; each line is taken for true by a
// press, once somebody has looked.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { counted } from '../../core/figures/format'

defineProps<{ lines: readonly { readonly id: string; readonly says: string }[]; name: string }>()
const emit = defineEmits<{ confirm: [line: { readonly id: string; readonly says: string }] }>()
</script>

<template>
  <details v-if="lines.length" class="not-stated">
    <summary>
      Not stated, taken as usual: {{ counted(lines.length, 'thing') }}
      <span class="quiet">the checks say “measure” until you have looked</span>
    </summary>
    <ul>
      <li v-for="line in lines" :key="line.id">
        <span>{{ line.says }}</span>
        <ElButton
          size="small"
          :aria-label="`It is so: ${line.says}, ${name}`"
          @click="emit('confirm', line)"
          >It is so</ElButton
        >
      </li>
    </ul>
  </details>
</template>

<style scoped>
.not-stated {
  border-top: 1px solid var(--line);
  padding: 6px 0;
}
summary {
  cursor: pointer;
  font-weight: 500;
}
summary .quiet {
  font-weight: 400;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  align-items: center;
  padding: 4px 0 4px 14px;
  border-top: 1px solid var(--line);
}
</style>
