<script setup lang="ts">
// How one jumper of a copy stands, chosen where it is asked for.
import { computed } from 'vue'
import { useDesk } from '../state/desk'

const props = defineProps<{ item: string; jumper: string; label: string }>()
const desk = useDesk()
const known = computed(() =>
  desk.analysis?.parts.rows
    .find(r => r.id === props.item)
    ?.jumpers.find(j => j.key === props.jumper),
)
const set = (stands: string): void =>
  void desk.run({
    do: 'setJumper',
    id: props.item,
    jumper: props.jumper,
    stands: stands || null,
  })
</script>

<template>
  <select
    v-if="known"
    class="smallfield"
    :aria-label="label"
    :value="known.stands ?? ''"
    @change="set(($event.target as HTMLSelectElement).value)"
  >
    <option value="">not looked at</option>
    <option v-for="p in known.positions" :key="p.key" :value="p.key">{{ p.says }}</option>
  </select>
</template>

<style scoped>
select {
  width: 220px;
  max-width: 100%;
}
</style>
