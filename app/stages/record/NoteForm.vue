<script setup lang="ts">
// The note of a build, kept when the button says so.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { ref, watch } from 'vue'
import { useDesk } from '../../state/desk'

const desk = useDesk()
const note = ref('')
const unkept = ref(false)
async function keep(): Promise<void> {
  unkept.value = !(await desk.run({ do: 'note', note: note.value }))
}
// What is being typed stays when the kept note changes meanwhile.
watch(
  () => desk.state.build?.note ?? '',
  (kept, before) => {
    if (note.value === (before ?? '')) note.value = kept
  },
  { immediate: true },
)
</script>

<template>
  <form class="note" @submit.prevent="keep">
    <label for="note">Note</label>
    <ElInput id="note" v-model="note" type="textarea" :autosize="{ minRows: 2, maxRows: 8 }" />
    <ElButton native-type="submit" size="small" :disabled="note === desk.state.build?.note"
      >Keep the note</ElButton
    >
    <p v-if="unkept" class="stop" role="alert">
      Not kept: what is written here is not in the build yet. Press “Keep the note” again.
    </p>
  </form>
</template>

<style scoped>
.note {
  display: grid;
  gap: 6px;
  justify-items: start;
}
</style>
