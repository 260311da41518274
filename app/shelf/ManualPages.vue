<script setup lang="ts">
// A manual in a PDF file, leafed through: the page that matters is kept as a picture.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { onUnmounted, ref, shallowRef, watch } from 'vue'
import type { Manual } from './manual'
import { smallOf } from '../ui/photos'

const props = defineProps<{ name: string; manual: Manual }>()
const emit = defineEmits<{ keep: [picture: string, page: number]; close: [] }>()
const page = ref(1)
const shown = shallowRef<{ readonly page: number; readonly picture: string } | null>(null)
const problem = ref('')
const kept = ref<readonly number[]>([])
function keep(): void {
  if (shown.value?.page !== page.value) return
  kept.value = [...kept.value, page.value]
  emit('keep', shown.value.picture, shown.value.page)
}

watch(
  page,
  async number => {
    if (!Number.isInteger(number) || number < 1 || number > props.manual.pages) {
      problem.value = `Pages 1 to ${props.manual.pages}.`
      return
    }
    problem.value = ''
    const drawn = await props.manual.draw(number).then(smallOf, () => null)
    if (number !== page.value) return
    if (drawn === null) problem.value = `Page ${number} cannot be drawn. Add a screenshot of it.`
    else shown.value = { page: number, picture: drawn }
  },
  { immediate: true },
)
onUnmounted(() => props.manual.close())
</script>

<template>
  <section class="manual" :aria-label="`Pages of ${name}`">
    <div class="bar">
      <ElButton size="small" :disabled="page <= 1" aria-label="Page before" @click="page -= 1"
        >‹</ElButton
      >
      <label
        >Page <input v-model.number="page" type="number" min="1" :max="manual.pages" /> of
        {{ manual.pages }}</label
      >
      <ElButton
        size="small"
        :disabled="page >= manual.pages"
        aria-label="Next page"
        @click="page += 1"
        >›</ElButton
      >
      <ElButton
        size="small"
        type="primary"
        :disabled="shown?.page !== page || kept.includes(page)"
        @click="keep"
        >{{ kept.includes(page) ? `Page ${page} is kept` : `Keep page ${page}` }}</ElButton
      >
      <ElButton size="small" @click="emit('close')">Close</ElButton>
    </div>
    <p v-if="problem" class="stop" role="status">{{ problem }}</p>
    <img v-if="shown" :src="shown.picture" :alt="`Page ${shown.page} of ${name}`" />
    <p v-else-if="!problem" class="quiet" role="status">Drawing page {{ page }}…</p>
  </section>
</template>

<style scoped>
.manual {
  flex-basis: 100%;
  display: grid;
  gap: 8px;
  padding: 8px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.bar :deep(.el-button) {
  margin: 0;
}
input {
  width: 64px;
  padding: 2px 6px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
}
img {
  max-width: 100%;
  max-height: 420px;
  border: 1px solid var(--line);
}
</style>
