<script setup lang="ts">
// A part that can be put in turned about: which way it goes in.
import type { PartRow } from '../../core/stages/parts'
import { useDesk } from '../state/desk'

defineProps<{ row: PartRow }>()
const desk = useDesk()

function turn(row: PartRow, event: Event): void {
  const { value } = event.target as HTMLSelectElement
  const turned = row.turns.find(t => String(t.turn) === value)?.turn ?? null
  void desk.run({ do: 'turnPart', id: row.id, turned })
}

function stand(id: string, event: Event): void {
  const { checked } = event.target as HTMLInputElement
  void desk.run({ do: 'standCard', id, upright: checked })
}
</script>

<template>
  <label v-if="row.turns.length" class="turn">
    <span>How the {{ row.name }} goes in</span>
    <select
      class="smallfield"
      :value="row.turned === null ? '' : String(row.turned)"
      @change="turn(row, $event)"
    >
      <option value="">as its sheet has it</option>
      <option v-for="t in row.turns" :key="t.turn" :value="String(t.turn)">{{ t.label }}</option>
    </select>
  </label>
  <label v-if="row.upright !== null" class="stand">
    <input type="checkbox" :checked="row.upright" @change="stand(row.id, $event)" />
    The {{ row.name }} stands upright, on a riser
  </label>
</template>

<style scoped>
.turn {
  display: grid;
  gap: 4px;
}
.stand {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 32px;
}
select {
  max-width: 100%;
}
</style>
