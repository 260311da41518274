<script setup lang="ts">
// The serial of one copy, kept as soon as the field is left.
import { useId } from 'vue'
import { useDesk } from '../stores/desk'
import KeptField from './KeptField.vue'

defineProps<{ id: string; name: string; serial: string }>()
const desk = useDesk()
const field = useId()
</script>

<template>
  <div class="serial">
    <label :for="field" class="quiet">Serial <span class="visually-hidden">of </span><span class="name">{{ name }}</span></label>
    <KeptField :id="field" :value="serial" @keep="(text: string) => desk.run({ do: 'setSerial', id, serial: text })" />
  </div>
</template>

<style scoped>
.serial { display: grid; grid-template-columns: minmax(90px, auto) minmax(110px, 1fr); gap: 8px; align-items: center; max-width: 380px; }
.name { overflow: hidden; text-overflow: ellipsis; }
</style>
