<script setup lang="ts">
// The seam: one mark a step, in the order of the work. Map, progress and to-do list in one.
import { computed, nextTick, ref, watch } from 'vue'
import { counted, minutes } from '../../core/format'
import type { Step } from '../../core/order/step'
import { useSeam } from '../use/seam'
import { VERDICT_WORD } from '../use/findings'
import StepMark from './StepMark.vue'

const { steps, present, go, move } = useSeam()
const pointed = ref<string | null>(null)
const bar = ref<HTMLElement>()
const shown = computed<Step | null>(() => steps.value.find(s => s.id === pointed.value) ?? null)
const left = ref(0)
const PROGRESS = {
  planned: 'planned',
  ready: 'ready',
  made: 'made',
  proved: 'proved',
  crossed: 'crossed off',
} as const

function point(id: string | null, event?: Event): void {
  pointed.value = id
  const mark = event?.currentTarget
  if (mark instanceof HTMLElement && bar.value)
    left.value = Math.min(mark.offsetLeft - bar.value.scrollLeft, bar.value.clientWidth - 250)
}
async function walk(by: number): Promise<void> {
  await move(by)
  await nextTick()
  bar.value?.querySelector<HTMLElement>('[aria-current]')?.focus()
}
watch(
  present,
  async () => {
    await nextTick()
    const mark = bar.value?.querySelector<HTMLElement>('[aria-current]')
    if (mark && bar.value) bar.value.scrollTo({ left: mark.offsetLeft - bar.value.clientWidth / 2 })
  },
  { immediate: true },
)
</script>

<template>
  <div class="seam" role="toolbar" aria-label="Steps of this build" @mouseleave="point(null)">
    <div
      ref="bar"
      class="bar"
      @keydown.left.prevent="walk(-1)"
      @keydown.right.prevent="walk(1)"
      @keydown.esc="point(null)"
    >
      <button
        v-for="s in steps"
        :key="s.id"
        type="button"
        class="plainbutton mark"
        :class="{ here: s.id === present }"
        :aria-current="s.id === present ? 'step' : undefined"
        :tabindex="s.id === present ? 0 : -1"
        :aria-label="`${s.title}: ${VERDICT_WORD[s.verdict]}, ${PROGRESS[s.progress]}`"
        @click="go(s.id)"
        @mouseenter="point(s.id, $event)"
        @focus="point(s.id, $event)"
        @blur="point(null)"
      >
        <StepMark :verdict="s.verdict" :progress="s.progress" />
      </button>
    </div>
    <div v-if="shown" class="names sheet" :style="{ left: `${Math.max(0, left)}px` }">
      <strong>{{ shown.title }}</strong>
      <span class="quiet"
        >{{ VERDICT_WORD[shown.verdict] }}, {{ PROGRESS[shown.progress] }},
        {{ minutes(shown.minutes)
        }}<template v-if="shown.places.length > 1"
          >; {{ counted(shown.places.length, 'joint') }}:</template
        ></span
      >
      <span v-for="p in shown.places.length > 1 ? shown.places : []" :key="p.joint" class="quiet">{{
        p.title
      }}</span>
    </div>
    <p v-if="steps.length === 0" class="quiet none">
      The seam is empty: it grows as parts come in.
    </p>
  </div>
</template>

<style scoped>
.seam {
  position: relative;
  min-width: 0;
  height: 100%;
}
.bar {
  position: relative;
  display: flex;
  height: 100%;
  overflow-x: auto;
  scrollbar-width: none;
  align-items: stretch;
}
.mark {
  flex: 1 0 20px;
  max-width: 30px;
  display: grid;
  place-items: center;
  position: relative;
}
.mark:focus-visible {
  outline-offset: -3px;
}
.here::after {
  content: '';
  position: absolute;
  bottom: 8px;
  border: 5px solid transparent;
  border-bottom-color: var(--ink);
  border-top: 0;
}
.names {
  position: absolute;
  top: calc(100% - 8px);
  z-index: 20;
  width: 250px;
  padding: 8px 10px;
  display: grid;
  gap: 2px;
  pointer-events: none;
}
.none {
  position: absolute;
  inset: 0;
  display: grid;
  align-items: center;
}
</style>
