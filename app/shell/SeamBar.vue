<script setup lang="ts">
// The seam: one mark a step, in the order of the work. Map, progress and to-do list in one.
import { computed, nextTick, ref, watch } from 'vue'
import { counted, minutes } from '../../core/figures/format'
import type { Step } from '../../core/order/step'
import { useSeam } from '../ui/seam'
import { PROGRESS_WORD, VERDICT_WORD } from '../ui/findings'
import VerdictMark from '../ui/VerdictMark.vue'

const { steps, present, go, move } = useSeam()
const pointed = ref<string | null>(null)
const bar = ref<HTMLElement>()
const shown = computed<Step | null>(() => steps.value.find(s => s.id === pointed.value) ?? null)
const left = ref(0)
const GROUP: Readonly<Record<Step['group'], string>> = {
  ...{ table: 'table', case: 'case', cables: 'cables', cards: 'cards', test: 'test, close' },
}
/** What is clear is small, so that the whole build has room; where one is stands out. */
const isSmall = (s: Step): boolean => s.verdict === 'clear' && s.id !== present.value
/** The steps with which another part of the work begins, for long enough to be named. */
const begins = computed(() => {
  const all = steps.value
  const runs = all.filter((s, i) => s.group !== all[i - 1]?.group)
  const isLong = (s: Step): boolean => {
    const at = all.indexOf(s)
    return all.slice(at, at + LONG).every(other => other.group === s.group)
  }
  // A short run between two of one part of the work does not part them.
  const named = runs.filter(isLong)
  return new Set(named.filter((s, i) => s.group !== named[i - 1]?.group).map(s => s.id))
})
/** Named choice: a shorter run has no room for its word. */
const LONG = 3
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
  mark.offsetLeft >= within.scrollLeft &&
  mark.offsetLeft + mark.offsetWidth <= within.scrollLeft + within.clientWidth
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
        v-for="s in steps"
        :key="s.id"
        type="button"
        class="plainbutton mark"
        :class="{ here: s.id === present, small: isSmall(s), begins: begins.has(s.id) }"
        :data-group="begins.has(s.id) ? GROUP[s.group] : undefined"
        :aria-current="s.id === present ? 'step' : undefined"
        :tabindex="s.id === present ? 0 : -1"
        :aria-label="`${s.title}: ${VERDICT_WORD[s.verdict]}, ${PROGRESS_WORD[s.progress]}`"
        @click="press(s.id, $event)"
        @mouseenter="point(s.id, $event)"
        @focus="point(s.id, $event)"
        @blur="point(null)"
      >
        <VerdictMark :verdict="s.verdict" :progress="s.progress" :size="isSmall(s) ? 9 : 14" />
      </button>
    </div>
    <div v-if="shown" class="names sheet" :style="{ left: `${Math.max(0, left)}px` }">
      <strong>{{ shown.title }}</strong>
      <span class="quiet"
        >{{ VERDICT_WORD[shown.verdict] }}, {{ PROGRESS_WORD[shown.progress] }},
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
