<script setup lang="ts">
// The serial of one copy, kept as soon as the field is left.
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { useId } from 'vue'
import { useDesk } from '../stores/desk'

defineProps<{ id: string; name: string; serial: string }>()
const desk = useDesk()
const field = useId()
</script>

<template>
  <div class="serial">
    <label :for="field" class="quiet">Serial <span class="visually-hidden">of </span><span class="name">{{ name }}</span></label>
    <ElInput :id="field" :model-value="serial" size="small" @change="(text: string) => desk.run({ do: 'setSerial', id, serial: text })" />
  </div>
</template>

<style scoped>
.serial { display: grid; grid-template-columns: minmax(90px, auto) minmax(110px, 1fr); gap: 8px; align-items: center; max-width: 380px; }
.name { overflow: hidden; text-overflow: ellipsis; }
</style>
