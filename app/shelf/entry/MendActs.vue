<script setup lang="ts">
// What becomes of data that was put right: it holds for this copy, for all of the build, on the shelf as well.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { useDesk } from '../../state/desk'

const props = defineProps<{ item: string; isWhole: boolean }>()
const emit = defineEmits<{ mend: [where: 'copy' | 'build' | 'shelf'] }>()
const desk = useDesk()
const alike = computed(() => {
  const items = desk.state.build?.items ?? []
  const own = items.find(i => i.id === props.item)
  return items.filter(i => i.part.id === own?.part.id).length
})
</script>

<template>
  <ElButton v-if="alike > 1" :disabled="!isWhole" @click="emit('mend', 'copy')"
    >This copy only</ElButton
  >
  <ElButton type="primary" :disabled="!isWhole" @click="emit('mend', 'build')">{{
    alike > 1 ? `All ${alike} of this build` : 'In this build'
  }}</ElButton>
  <ElButton :disabled="!isWhole" @click="emit('mend', 'shelf')">…and on my shelf</ElButton>
</template>
