<script setup lang="ts">
// What comes with parts and is not in the build: added in one go, or left out on purpose.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import type { MissingLine } from '../../../core/stages/parts'
import { useDesk } from '../../state/desk'

const props = defineProps<{ missing: readonly MissingLine[] }>()
const desk = useDesk()
const lines = computed(() => {
  const nameOf = (id: string): string =>
    desk.state.build?.items.find(i => i.id === id)?.part.model ?? id
  return [...new Set(props.missing.map(m => m.item))].map(item => ({
    item,
    name: nameOf(item),
    things: props.missing.filter(m => m.item === item).map(m => `${m.count} × ${m.name}`),
  }))
})
const add = (items: readonly string[]): Promise<boolean> =>
  desk.did({ act: 'addIncluded', build: desk.state.build?.id ?? '', items })
</script>

<template>
  <ul class="comes" aria-label="What comes with parts and is not in the build">
    <li v-for="l in lines" :key="l.item">
      <span
        >With <b>{{ l.name }}</b> comes {{ l.things.join(', ') }}.</span
      >
      <ElButton
        type="primary"
        size="small"
        :aria-label="`Add what comes with ${l.name}`"
        @click="add([l.item])"
        >Add</ElButton
      ><ElButton
        size="small"
        :aria-label="`Leave out what comes with ${l.name}`"
        @click="desk.run({ do: 'leaveIncluded', id: l.item, out: true })"
        >Leave out</ElButton
      >
    </li>
  </ul>
</template>

<style scoped>
.comes {
  border-left: 3px solid var(--mat);
  padding: 2px 10px;
  margin-bottom: 8px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  padding: 2px 0;
}
.el-button {
  margin: 0;
}
</style>
