<script setup lang="ts">
// Asks for a reason, one line.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { onMounted, ref, useId } from 'vue'

defineProps<{ label: string; large?: boolean }>()
const emit = defineEmits<{ reason: [reason: string]; cancel: [] }>()
const text = ref('')
const empty = ref(false)
const field = ref<InstanceType<typeof ElInput>>()
const id = useId()
onMounted(() => field.value?.focus())
function give(): void {
  empty.value = text.value.trim() === ''
  if (!empty.value) emit('reason', text.value.trim())
}
</script>

<template>
  <form class="reason" @submit.prevent="give" @keydown.esc="emit('cancel')">
    <label :for="id">{{ label }}</label>
    <ElInput :id="id" ref="field" v-model="text" :size="large ? 'large' : 'small'" />
    <ElButton :size="large ? 'large' : 'small'" type="primary" native-type="submit">Enter</ElButton>
    <ElButton :size="large ? 'large' : 'small'" @click="emit('cancel')">Cancel</ElButton>
    <span v-if="empty" class="stop" role="status">Give a reason: one word is enough.</span>
  </form>
</template>

<style scoped>
.reason {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.reason .el-input {
  flex: 1 1 180px;
  width: auto;
}
.el-button + .el-button {
  margin-left: 0;
}
</style>
