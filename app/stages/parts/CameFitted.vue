<script setup lang="ts">
// What came with a case in its place is not put in: whether that is so, and at which wall, is said here.
import { computed } from 'vue'
import type { Wall } from '../../../core/case/air'
import type { StoredItem } from '../../../core/document/build'
import { useDesk } from '../../state/desk'

const props = defineProps<{ item: StoredItem }>()
const desk = useDesk()
/** What cases come with; of these only fans are told apart by their walls. */
const KINDS: readonly string[] = ['fan', 'hub', 'light']
const FAN_WALLS: readonly (readonly [Wall, string])[] = [
  ['front', 'came with its case, at the front'],
  ['rear', 'came with its case, at the rear'],
  ['top', 'came with its case, at the top'],
  ['floor', 'came with its case, at the floor'],
  ['near', 'came with its case, at the near side'],
  ['far', 'came with its case, at the far side'],
]
const walls = computed(() => (props.item.part.kind === 'fan' ? FAN_WALLS : []))
const now = computed(() => String(props.item.fitted ?? false))
function choose(value: string): void {
  const wall = walls.value.find(([w]) => w === value)?.[0]
  void desk.run({ do: 'comeFitted', id: props.item.id, fitted: wall ?? value === 'true' })
}
</script>

<template>
  <label v-if="item.fitted || KINDS.includes(item.part.kind)" class="came">
    How it gets in
    <select :value="now" @change="choose(($event.target as HTMLSelectElement).value)">
      <option value="false">put in by hand</option>
      <option value="true">came with its case, in its place</option>
      <option v-for="[wall, label] in walls" :key="wall" :value="wall">{{ label }}</option>
    </select>
  </label>
</template>

<style scoped>
.came {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}
</style>
