<script setup lang="ts">
// One thing that lies ready: ticked once it was looked at, or put on the buying list.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElCheckbox } from 'element-plus/es/components/checkbox/index'
import 'element-plus/es/components/checkbox/style/css'
import { computed } from 'vue'
import type { HandRow } from '../../../core/to-hand/row'

const props = defineProps<{ row: HandRow }>()
const emit = defineEmits<{ tick: [there: boolean]; buy: [] }>()
const WORD = { have: 'there', look: 'look', coming: 'not here yet', missing: 'missing' } as const
/** What is known from the build is no question; what was ticked can be taken back. */
const isAsked = computed(() => props.row.ready === 'look' || props.row.ready === 'missing')
const isTicked = computed(() => props.row.ready === 'have')
const isOwn = computed(() => props.row.from === 'you looked')
</script>

<template>
  <li>
    <ElCheckbox
      :model-value="isTicked"
      :disabled="!isAsked && !isOwn"
      :aria-label="`${row.what}: it is there`"
      @change="emit('tick', !isTicked)"
    />
    <div>
      <b>{{ row.what }}</b>
      <span v-if="row.need" class="need"> {{ row.need }}</span>
      <div v-if="row.from" class="quiet from">{{ row.from }}</div>
    </div>
    <span class="word" :class="{ stop: row.ready === 'missing', quiet: row.ready === 'have' }">{{
      WORD[row.ready]
    }}</span>
    <ElButton v-if="row.buy" class="screen" size="small" @click="emit('buy')"
      >Put it on the buying list</ElButton
    >
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) 96px 190px;
  gap: 4px 12px;
  align-items: center;
  padding: 6px 12px;
  border-top: 1px solid var(--line);
}
li:first-child {
  border-top: 0;
}
.from {
  font-size: var(--small);
}
.word {
  white-space: nowrap;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 28px minmax(0, 1fr) auto;
  }
  .el-button {
    grid-column: 2 / -1;
    justify-self: start;
  }
}
@media print {
  .screen {
    display: none;
  }
  li {
    padding: 3px 0;
    break-inside: avoid;
  }
}
.el-checkbox {
  min-width: 24px;
}
</style>
