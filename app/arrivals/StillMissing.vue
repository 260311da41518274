<script setup lang="ts">
// What the machine still lacks, in the order of building, each with the ways to bring it in.
import { computed, ref } from 'vue'
import ShelfDialog from '../shelf/ShelfDialog.vue'
import type { State } from '../../core/parts/kind'
import type { PartKind } from '../../core/parts'
import { useDesk } from '../state/desk'

defineProps<{ state: State }>()
const desk = useDesk()
const lines = computed(() => desk.analysis?.stillMissing ?? [])
/** What came in and is not added yet is on its way. */
const isHere = (kind: PartKind): boolean => desk.state.arrivals.some(a => a.kind === kind)
const BY_NUMBERS: readonly PartKind[] = ['case', 'board']
const adding = ref<PartKind | null>(null)
</script>

<template>
  <section v-if="lines.length" aria-label="Still missing">
    <h2>Still missing for a machine</h2>
    <ol>
      <li v-for="m in lines" :key="m.kind">
        <span class="what"
          ><b>{{ m.title }}</b> <span class="quiet">{{ m.why }}</span></span
        >
        <span v-if="isHere(m.kind)" class="quiet">among what came in</span>
        <span v-else class="ways">
          <button
            type="button"
            class="plainbutton"
            :aria-label="`From the shelf: ${m.title}`"
            @click="adding = m.kind"
          >
            From the shelf
          </button>
          <RouterLink
            v-if="BY_NUMBERS.includes(m.kind)"
            :to="{ name: 'entry', query: { from: 'numbers', kind: m.kind } }"
            :aria-label="`A few numbers: ${m.title}`"
            >A few numbers</RouterLink
          >
          <RouterLink
            :to="{ name: 'entry', query: { from: 'hand', kind: m.kind } }"
            :aria-label="`By hand: ${m.title}`"
            >By hand</RouterLink
          >
        </span>
      </li>
    </ol>
    <ShelfDialog v-if="adding" :state="state" :kind="adding" @close="adding = null" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 6px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 14px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
.what {
  display: grid;
}
.ways {
  display: flex;
  gap: 14px;
}
.ways button,
.ways a {
  color: var(--mat);
  text-decoration: underline;
  min-height: 24px;
}
@media (max-width: 640px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
