<script setup lang="ts">
// What came with a case in its place is not put in; said here, and taken back.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import type { StoredItem } from '../../../core/document/build'
import { useDesk } from '../../state/desk'

defineProps<{ item: StoredItem }>()
const desk = useDesk()
/** What cases come with. */
const KINDS: readonly string[] = ['fan', 'hub', 'light']
</script>

<template>
  <p v-if="item.fitted || KINDS.includes(item.part.kind)" class="came">
    <span>{{
      item.fitted ? 'It came with its case, in its place.' : 'It is put in by hand.'
    }}</span>
    <ElButton
      size="small"
      @click="desk.run({ do: 'comeFitted', id: item.id, fitted: item.fitted !== true })"
      >{{ item.fitted ? 'It is put in by hand' : 'It came in its place' }}</ElButton
    >
  </p>
</template>

<style scoped>
.came {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
</style>
