<script setup lang="ts">
// The store does not open: why, what is safe, and trying again; said where the builds would be.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import { useDesk } from '../state/desk'

const props = defineProps<{ build: string | null }>()
const desk = useDesk()
const trying = ref(false)
async function again(): Promise<void> {
  trying.value = true
  await desk.open(props.build)
  trying.value = false
}
</script>

<template>
  <div class="closed" role="alert">
    <p>{{ desk.closed }}</p>
    <ElButton type="primary" :disabled="trying" @click="again">{{
      trying ? 'Trying…' : 'Try again'
    }}</ElButton>
  </div>
</template>

<style scoped>
.closed {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding: 14px;
  background: var(--sheet);
  border: 2px solid var(--stop);
  border-radius: var(--radius);
}
</style>
