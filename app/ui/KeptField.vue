<script setup lang="ts">
// A field that keeps what was typed as soon as it is left: the store's value until then.
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { ref, watch } from 'vue'

const props = defineProps<{ value: string; type?: 'text' | 'date'; decimal?: boolean }>()
const emit = defineEmits<{ keep: [text: string] }>()
const text = ref('')
// What is being typed stays when the kept value changes meanwhile.
watch(
  () => props.value,
  (kept, before) => {
    if (text.value === (before ?? '')) text.value = kept
  },
  { immediate: true },
)
</script>

<template>
  <ElInput
    v-model="text"
    size="small"
    :type="type ?? 'text'"
    :inputmode="decimal ? 'decimal' : undefined"
    @change="emit('keep', text.trim())"
  />
</template>
