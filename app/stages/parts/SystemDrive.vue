<script setup lang="ts">
// Marks the drive that the system starts from: it gets the first port of its kind.
import { computed } from 'vue'
import type { PartRow } from '../../../core/stages/parts'
import { useDesk } from '../../state/desk'

const props = defineProps<{ row: PartRow }>()
const desk = useDesk()
const isSystem = computed(() => desk.state.build?.choices.system === props.row.id)
const turn = (): void =>
  void desk.run({
    do: 'chooseSystem',
    id: isSystem.value ? null : props.row.id,
    title: props.row.name,
  })
</script>

<template>
  <label class="system">
    <input type="checkbox" :checked="isSystem" @change="turn" />
    System drive: the machine starts from it, so it gets the first port
  </label>
</template>

<style scoped>
.system {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
