<script setup lang="ts">
// What is wrong with the program itself: said at the top of every view until it is well again or
// put aside.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { useTrouble } from '../state/trouble'

const trouble = useTrouble()
const reload = (): void => location.reload()
</script>

<template>
  <div v-if="trouble.sentences.length" class="trouble" role="alert">
    <p v-for="s in trouble.sentences" :key="s">{{ s }}</p>
    <ElButton size="small" @click="reload">Reload the page</ElButton>
    <ElButton size="small" @click="trouble.dismiss()">Put aside</ElButton>
  </div>
  <div v-else-if="trouble.newer" class="trouble newer" role="status">
    <p>
      A newer Juntura is ready. This window goes on with the one it began with, and all you do is
      kept; reload when it suits you.
    </p>
    <ElButton size="small" @click="trouble.newer()">Reload and take it</ElButton>
    <ElButton size="small" @click="trouble.dismiss()">Later</ElButton>
  </div>
</template>

<style scoped>
.trouble {
  position: fixed;
  inset: 8px 8px auto;
  z-index: 2100;
  max-width: 900px;
  margin: 0 auto;
  padding: 10px 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  background: var(--sheet);
  border: 2px solid var(--stop);
  border-radius: var(--radius);
}
.newer {
  border-color: var(--mat);
}
p {
  flex: 1 1 420px;
  text-wrap: pretty;
}
.el-button {
  margin: 0;
}
</style>
