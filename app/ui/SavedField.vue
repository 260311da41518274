<script setup lang="ts">
// A field that keeps what was typed as soon as it is left: the store's value until then. What could
// not be kept stays, and says so.
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { ref, useId, watch } from 'vue'

defineOptions({ inheritAttrs: false })
const props = defineProps<{
  value: string
  /** Keeps it: true when that was done, a sentence when the text is none that can be kept. */
  keep: (text: string) => Promise<boolean | string>
  type?: 'text' | 'date'
  decimal?: boolean
}>()
const text = ref('')
const unkept = ref('')
const note = useId()
// What is being typed stays when the kept value changes meanwhile.
watch(
  () => props.value,
  (kept, before) => {
    if (text.value === (before ?? '')) text.value = kept
    if (text.value === kept) unkept.value = ''
  },
  { immediate: true },
)
async function change(): Promise<void> {
  const kept = await props.keep(text.value.trim())
  if (kept === true) unkept.value = ''
  else
    unkept.value =
      kept === false
        ? `Not kept: ${props.value ? `“${props.value}”` : 'nothing'} is stored here.`
        : kept
}
function back(): void {
  text.value = props.value
  unkept.value = ''
}
</script>

<template>
  <span class="kept" :class="{ unkept }">
    <ElInput
      v-bind="$attrs"
      v-model="text"
      size="small"
      :type="type ?? 'text'"
      :inputmode="decimal ? 'decimal' : undefined"
      :aria-invalid="unkept !== ''"
      :aria-describedby="unkept ? note : undefined"
      @change="change"
      @keydown.esc="back"
    />
    <span v-if="unkept" :id="note" class="stop says" role="alert">{{ unkept }}</span>
  </span>
</template>

<style scoped>
.kept {
  display: grid;
}
.unkept :deep(.el-input__wrapper) {
  box-shadow: 0 0 0 2px var(--stop) inset;
}
.says {
  font-size: var(--small);
}
</style>
