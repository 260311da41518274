<script setup lang="ts">
// What a stage comes to, before it is read: each verdict with its count and what it means, then the
// worst of all in its own sentence, which leads to where it is said.
import { computed, nextTick } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Stage } from '../../core/rules/finding'
import { useDesk } from '../state/desk'
import { usePointer } from '../state/pointer'
import { VERDICT_MEANS, VERDICT_WORD } from './findings'
import VerdictMark from './VerdictMark.vue'

const props = defineProps<{ stage: Stage }>()
const desk = useDesk()
const pointer = usePointer()
const route = useRoute()
const router = useRouter()
const strip = computed(() => desk.analysis?.strips[props.stage])

async function lead(): Promise<void> {
  const worst = strip.value?.worst
  if (!worst) return
  const query = worst.step === null ? {} : { step: worst.step }
  if (worst.stage !== props.stage || worst.step !== null)
    await router.push({ name: worst.stage, params: route.params, query })
  await nextTick()
  if (worst.finding) pointer.chosen = worst.finding
}
</script>

<template>
  <div
    v-if="strip?.counts.length"
    class="strip"
    role="group"
    :aria-label="stage === 'parts' ? 'In the whole build' : 'At this stage'"
  >
    <ul class="counts">
      <li v-for="c in strip.counts" :key="c.verdict">
        <VerdictMark :verdict="c.verdict" />
        <span
          ><b :class="c.verdict">{{ c.count }} {{ VERDICT_WORD[c.verdict].toLowerCase() }}</b>
          <span class="quiet"> {{ VERDICT_MEANS[c.verdict] }}</span></span
        >
      </li>
      <li v-if="strip.accepted" class="quiet">{{ strip.accepted }} of them accepted</li>
    </ul>
    <button v-if="strip.worst" type="button" class="plainbutton worst" @click="lead">
      <strong :class="strip.worst.verdict">{{ VERDICT_WORD[strip.worst.verdict] }}</strong>
      {{ strip.worst.sentence }} <span class="more" aria-hidden="true">→</span>
    </button>
  </div>
</template>

<style scoped>
.strip {
  display: grid;
  gap: 6px;
  margin: 8px 0 14px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-left: 3px solid var(--ink);
  border-radius: var(--radius);
  background: var(--sheet);
}
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.counts li {
  display: flex;
  gap: 7px;
  align-items: center;
}
.worst {
  padding: 3px 0;
  text-wrap: pretty;
}
.worst:hover .more {
  text-decoration: underline;
}
.more {
  color: var(--mat);
  font-weight: 600;
}
@media print {
  .more {
    display: none;
  }
}
</style>
