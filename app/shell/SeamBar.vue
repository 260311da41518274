<script setup lang="ts">
// The seam: one mark a step, in the order of the work. Map, progress and to-do list in one.
import { computed, nextTick, ref, watch } from 'vue'
import { counted, PROGRESS_WORD } from '../../core/figures/format'
import type { Step } from '../../core/order/step'
import { GROUP_WORD } from '../ui/groups'
import { useSeam } from '../ui/seam'
import { VERDICT_WORD } from '../ui/findings'
import VerdictMark from '../ui/VerdictMark.vue'
import { useEdges } from './seam-edges'
import { beginningsIn, marksOf, type Mark } from './seam-marks'
import SeamEdge from './SeamEdge.vue'
import SeamNames from './SeamNames.vue'

const { steps, present, go, move } = useSeam()
const pointed = ref<string | null>(null)
const bar = ref<HTMLElement>()
const marks = computed(() => marksOf(steps.value, present.value))
const edges = useEdges(bar, () => marks.value)
const shown = computed(() => marks.value.find(m => m.step.id === pointed.value) ?? null)
const left = ref(0)
/** What is clear is small, so that the whole build has room; where one is stands out. */
const isSmall = (s: Step): boolean => s.verdict === 'clear' && s.id !== present.value
const labelOf = ({ step: s, count }: Mark): string =>
  count === 1
    ? `${s.title}: ${VERDICT_WORD[s.verdict]}, ${PROGRESS_WORD[s.progress]}`
    : `${counted(count, 'clear step')} from: ${s.title}`
/** As far on as is seen at once. */
const scroll = (way: 1 | -1): void =>
  bar.value?.scrollBy({ left: way * bar.value.clientWidth * 0.8 })
const begins = computed(() => beginningsIn(steps.value))
/**
 * Where the pointer was when it pressed: marks that slide under it while it stays there are not
 * pointed at.
 */
let pressed: { readonly x: number; readonly y: number } | null = null
const stays = (event: MouseEvent): boolean =>
  pressed !== null && event.screenX === pressed.x && event.screenY === pressed.y

function point(id: string | null, event?: Event): void {
  if (event instanceof MouseEvent) {
    if (stays(event)) return
    pressed = null
  }
  pointed.value = id
  const mark = event?.currentTarget
  if (mark instanceof HTMLElement && bar.value)
    left.value = Math.min(mark.offsetLeft - bar.value.scrollLeft, bar.value.clientWidth - 250)
}
async function press(id: string, event: MouseEvent): Promise<void> {
  // Enter on a mark presses nowhere.
  pressed = event.detail === 0 ? null : { x: event.screenX, y: event.screenY }
  if (pressed) pointed.value = null
  await go(id)
}
async function walk(by: number): Promise<void> {
  await move(by)
  await nextTick()
  bar.value?.querySelector<HTMLElement>('[aria-current]')?.focus()
}
const inSight = (mark: HTMLElement, within: HTMLElement): boolean =>
  mark.offsetLeft >= within.scrollLeft + EDGE &&
  mark.offsetLeft + mark.offsetWidth <= within.scrollLeft + within.clientWidth - EDGE
/** How much of either end what lies beyond it covers, px. */
const EDGE = 44
watch(
  present,
  async () => {
    await nextTick()
    const mark = bar.value?.querySelector<HTMLElement>('[aria-current]')
    if (!mark || !bar.value || inSight(mark, bar.value)) return
    bar.value.scrollTo({ left: mark.offsetLeft - bar.value.clientWidth / 2 })
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
        v-for="{ step: s, count } in marks"
        :key="s.id"
        type="button"
        class="plainbutton mark"
        :class="{ here: s.id === present, small: isSmall(s), begins: begins.has(s.id) }"
        :data-group="begins.has(s.id) ? GROUP_WORD[s.group] : undefined"
        :aria-current="s.id === present ? 'step' : undefined"
        :tabindex="s.id === present ? 0 : -1"
        :aria-label="labelOf({ step: s, count })"
        @click="press(s.id, $event)"
        @mouseenter="point(s.id, $event)"
        @focus="point(s.id, $event)"
        @blur="point(null)"
      >
        <VerdictMark :verdict="s.verdict" :progress="s.progress" :size="isSmall(s) ? 9 : 14" />
        <span v-if="count > 1" class="run figure" aria-hidden="true">{{ count }}</span>
      </button>
    </div>
    <SeamEdge v-if="edges.before" :beyond="edges.before" side="before" @click="scroll(-1)" />
    <SeamEdge v-if="edges.after" :beyond="edges.after" side="after" @click="scroll(1)" />
    <SeamNames v-if="shown" :mark="shown" :style="{ left: `${Math.max(0, left)}px` }" />
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
  scroll-padding-inline: 44px;
  scrollbar-width: none;
  align-items: stretch;
}
.bar > .mark {
  flex: 1 0 19px;
  max-width: 34px;
  padding-top: 10px;
  display: grid;
  place-items: center;
  position: relative;
}
.bar > .mark.small {
  flex-basis: 12px;
}
.run {
  position: absolute;
  bottom: 3px;
  font-size: 10px;
  line-height: 1;
  color: var(--ink-2);
}
.begins {
  border-left: 1px solid var(--line);
}
.begins::before {
  content: attr(data-group);
  position: absolute;
  top: 1px;
  left: 4px;
  z-index: 1;
  font-size: 11px;
  line-height: 1;
  white-space: nowrap;
  color: var(--ink-2);
}
/* At the bench a mark is pressed by a thumb. */
.wide .bar > .mark,
.wide .bar > .mark.small {
  flex-basis: 24px;
}
.bar > .mark:focus-visible {
  outline-offset: -3px;
}
.here::after {
  content: '';
  position: absolute;
  bottom: 2px;
  border: 5px solid transparent;
  border-bottom-color: var(--ink);
  border-top: 0;
}
.none {
  position: absolute;
  inset: 0;
  display: grid;
  align-items: center;
}
</style>
