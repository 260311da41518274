<script setup lang="ts">
// The jumpers of a copy: how each stands, as somebody saw it.
import type { PartRow } from '../../../core/stages/parts'
import JumperSelect from '../../ui/JumperSelect.vue'

defineProps<{ row: PartRow }>()
type Jumper = PartRow['jumpers'][number]
/** A drive has the one; on a board each has its name printed beside it. */
const isNamed = (j: Jumper): boolean => j.isPrinted
const titleOf = (j: Jumper): string => (isNamed(j) ? `${j.key} ${j.sets}` : j.sets)
</script>

<template>
  <fieldset v-if="row.jumpers.length" class="of-copy">
    <legend>Jumpers of this copy</legend>
    <label v-for="j in row.jumpers" :key="j.key"
      ><span
        ><b v-if="isNamed(j)">{{ j.key }}</b> {{ j.sets }}</span
      >
      <JumperSelect :item="row.id" :jumper="j.key" :label="titleOf(j)" />
    </label>
  </fieldset>
</template>

<style scoped>
label {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 4px 12px;
}
</style>
