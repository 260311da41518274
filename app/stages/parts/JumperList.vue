<script setup lang="ts">
// The jumpers of a copy: how each stands, as somebody saw it.
import type { PartRow } from '../../../core/stages/parts'
import { useDesk } from '../../state/desk'

const props = defineProps<{ row: PartRow }>()
const desk = useDesk()
const set = (jumper: string, stands: string): void =>
  void desk.run({ do: 'setJumper', id: props.row.id, jumper, stands: stands || null })
</script>

<template>
  <fieldset v-if="row.jumpers.length" class="jumpers">
    <legend>Jumpers of this copy</legend>
    <label v-for="j in row.jumpers" :key="j.key"
      ><span
        ><b v-if="j.key !== 'place'">{{ j.key }}</b> {{ j.sets }}</span
      >
      <select
        class="smallfield"
        :value="j.stands ?? ''"
        @change="set(j.key, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">not looked at</option>
        <option v-for="p in j.positions" :key="p.key" :value="p.key">{{ p.says }}</option>
      </select></label
    >
  </fieldset>
</template>

<style scoped>
.jumpers {
  border: 0;
  border-top: 1px solid var(--line);
  padding: 8px 0 0;
  margin: 0;
  display: grid;
  gap: 6px;
}
legend {
  font-weight: 600;
  padding: 0;
  float: left;
}
legend + label {
  clear: both;
}
label {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 4px 12px;
}
select {
  width: 220px;
  max-width: 100%;
}
</style>
