<script setup lang="ts">
// A part that is declared to run beyond its rating: at what, or back to it.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref, watch } from 'vue'
import { quantity } from '../../../core/figures/format'
import type { PartRow } from '../../../core/stages/parts'
import { useDesk } from '../../state/desk'

const props = defineProps<{ row: PartRow }>()
const desk = useDesk()
const value = ref('')
watch(
  () => props.row.beyond?.runs,
  runs => {
    value.value = typeof runs === 'number' ? String(runs) : ''
  },
  { immediate: true },
)
const declare = (): void => {
  const number = Number(value.value.replace(',', '.'))
  if (!(number > 0)) return
  void desk.run({ do: 'runBeyond', id: props.row.id, figure: number })
}
const back = (): void => void desk.run({ do: 'runBeyond', id: props.row.id, figure: null })
</script>

<template>
  <form v-if="row.beyond" class="beyond" @submit.prevent="declare">
    <label
      >Runs beyond its rating{{ row.beyond.unit === 'MTs' ? ' (a profile), at' : ', at' }}
      <input
        v-model="value"
        class="smallfield"
        inputmode="decimal"
        :aria-label="`Declared ${row.beyond.label}`"
      />
      {{ row.beyond.unit === 'MTs' ? 'MT/s' : row.beyond.unit }}</label
    >
    <span class="quiet"
      >rated
      {{ row.beyond.rated === null ? '?' : quantity(row.beyond.rated, row.beyond.unit) }}</span
    >
    <ElButton size="small" native-type="submit" :disabled="value === ''">Declare</ElButton>
    <ElButton v-if="row.beyond.runs !== null" size="small" @click="back"
      >Back to its rating</ElButton
    >
  </form>
</template>

<style scoped>
.beyond {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
}
.beyond .el-button {
  margin: 0;
}
input {
  width: 72px;
}
</style>
