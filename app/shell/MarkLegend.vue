<script setup lang="ts">
// What the marks of steps and findings say: the outline the verdict, the filling how far a step is.
import { PROGRESS_WORD } from '../../core/figures/format'
import { GRAVEST_FIRST, VERDICT_MEANS, VERDICT_WORD } from '../ui/findings'
import VerdictMark from '../ui/VerdictMark.vue'

const FILLINGS = ['planned', 'ready', 'made', 'proved', 'crossed'] as const
</script>

<template>
  <section class="marks" aria-label="Marks">
    <ul>
      <li v-for="v in GRAVEST_FIRST" :key="v">
        <VerdictMark :verdict="v" />
        <span
          ><b>{{ VERDICT_WORD[v] }}</b> {{ VERDICT_MEANS[v] }}</span
        >
      </li>
    </ul>
    <ul>
      <li v-for="p in FILLINGS" :key="p">
        <VerdictMark verdict="clear" :progress="p" />
        <b>{{ PROGRESS_WORD[p] }}</b>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.marks {
  display: grid;
  grid-template-columns: 1fr 150px;
  gap: 4px 20px;
  padding-bottom: 10px;
}
li {
  display: grid;
  grid-template-columns: 16px 1fr;
  gap: 8px;
  align-items: center;
  padding: 2px 0;
}
</style>
