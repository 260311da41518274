<script setup lang="ts">
// The serial of one copy, kept as soon as the field is left.
import { useId } from 'vue'
import { useDesk } from '../state/desk'
import SavedField from './SavedField.vue'

defineProps<{ id: string; name: string; serial: string; label?: string }>()
const desk = useDesk()
const field = useId()
</script>

<template>
  <div class="serial">
    <label :for="field" class="quiet">{{ label ?? name }}</label>
    <SavedField
      :id="field"
      :aria-label="`Serial of ${name}`"
      :value="serial"
      :keep="(text: string) => desk.run({ do: 'setSerial', id, serial: text })"
    />
  </div>
</template>

<style scoped>
.serial {
  display: grid;
  grid-template-columns: 112px minmax(110px, 1fr);
  gap: 8px;
  align-items: center;
  max-width: 380px;
}
</style>
