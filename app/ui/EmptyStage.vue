<script setup lang="ts">
// A stage that has nothing to show yet: what it will show, what is missing, and the button that begins.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { useRoute, useRouter } from 'vue-router'

const props = defineProps<{ says: string; act?: string }>()
const route = useRoute()
const router = useRouter()
const go = (): void =>
  void router.push({ name: 'parts', params: route.params, query: { add: '', ...keeping() } })
/** How one began goes along. */
const keeping = (): Record<string, string> =>
  typeof route.query['begin'] === 'string' ? { begin: route.query['begin'] } : {}
</script>

<template>
  <div class="empty">
    <p>{{ props.says }}</p>
    <ElButton type="primary" @click="go">{{ act ?? 'Add parts' }}</ElButton>
  </div>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding: 12px 0;
  max-width: 60ch;
}
</style>
