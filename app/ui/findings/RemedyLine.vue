<script setup lang="ts">
// One fix: what is done, what it costs, what it settles and brings, what it uses up, and the
// button that does it.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { counted } from '../../../core/figures/format'
import type { Remedy } from '../../../core/remedies/remedy'
import { VERDICT_WORD } from '../findings'

const props = defineProps<{ remedy: Remedy; cost: string }>()
const emit = defineEmits<{ carryOut: [] }>()
const promise = computed(() => props.remedy.promise)
const brought = computed(() => [
  ...promise.value.findings.come,
  ...promise.value.findings.turned.map(t => t.finding),
])
const tells = computed(() =>
  [
    `${props.cost}`,
    promise.value.findings.gone.length > 0
      ? `settles ${counted(promise.value.findings.gone.length, 'matter')}`
      : '',
    props.remedy.kind === 'cut' ? 'chips near blades, warranty gone' : '',
    promise.value.uses.length > 0 ? `takes ${promise.value.uses.join(', ')}` : '',
  ]
    .filter(Boolean)
    .join(' · '),
)
</script>

<template>
  <li>
    <span class="kind quiet">{{ remedy.kind }}</span>
    <span class="what">
      <b>{{ remedy.title }}</b><span class="quiet tells">{{ tells }}</span>
      <span v-for="f in brought" :key="f.id" class="tells"
        ><strong :class="f.verdict">{{ VERDICT_WORD[f.verdict] }}</strong> {{ f.sentence }}</span
      >
    </span>
    <ElButton size="small" :aria-label="`Apply: ${remedy.title}`" @click="emit('carryOut')"
      >Apply</ElButton
    >
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 78px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: start;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.what {
  display: grid;
}
.tells {
  font-size: var(--small);
  text-wrap: pretty;
}
</style>
