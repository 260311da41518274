<script setup lang="ts">
// What sits in the machine, from the farthest to the nearest, and again in dashes what is hidden. Where
// it can be chosen, arrow keys go from one thing to the next, and each is named.
import { computed } from 'vue'
import type { Drawing, Shape } from '../../core/drawing/drawing'
import type { Rect } from '../../core/drawing/rect'
import { usePointer } from '../state/pointer'
import { useWalk } from './walk'

type Drawn = Pick<Shape, 'id' | 'item' | 'kind' | 'name' | 'note' | 'rect'>
const props = defineProps<{
  shapes: readonly Shape[]
  hidden: Drawing['hidden']
  /** Whether things can be walked to and chosen, not only seen. */
  isLive?: boolean
}>()
const emit = defineEmits<{ walked: [rect: Rect] }>()
const pointer = usePointer()
const { stop, tabOf, walk } = useWalk()

interface Thing {
  readonly key: string
  readonly of: Drawn
  /** Its strokes; of what is hidden its outline stands for them. */
  readonly inks: Shape['inks'] | null
  readonly hint: string
}
const hintOf = ({ name, note }: Drawn): string => (note === '' ? name : `${name}: ${note}`)
const things = computed((): readonly Thing[] => [
  ...props.shapes.map(of => ({ key: of.id, of, inks: of.inks, hint: hintOf(of) })),
  ...props.hidden.map(of => ({
    ...{ key: `${of.id} behind`, of, inks: null },
    hint: `${hintOf(of)}, behind`,
  })),
])
/** What is pointed at by itself: not the case, nor the holes and the air of it. */
const APART: readonly string[] = ['case', 'vents', 'opening', 'channel', 'air', 'zone']
const isApart = ({ kind, item }: Drawn): boolean => !APART.includes(kind) && item !== null
/** What is of another thing, the board or the case, and lights by itself only. */
const isOf = ({ kind }: Drawn): boolean => kind === 'socket' || kind === 'piece'
/** By what a thing is chosen: by its part, or by itself where it is only of one. */
const idOf = (one: Drawn): string | null => (isOf(one) ? one.id : one.item)
const isLit = (one: Drawn): boolean => {
  if (!isApart(one)) return false
  if (pointer.thing !== null) return pointer.thing === one.id
  return pointer.lights(idOf(one))
}
/** While something chosen is seen here, the rest recedes. */
const recedes = computed(
  () =>
    pointer.chosen !== null &&
    pointer.items.length === 0 &&
    things.value.some(({ of }) => isLit(of)),
)
/** Where the arrows stop: at each thing once, where it is seen before where it is hidden. */
const stops = computed(() => {
  const first = new Map<string, string>()
  for (const { of, key } of props.isLive ? things.value : []) {
    const known = `${idOf(of) ?? ''} ${hintOf(of)}`
    if (isApart(of) && !first.has(known)) first.set(known, key)
  }
  return new Set(first.values())
})
const point = (one: Drawn): void => {
  if (isApart(one) && one.item) pointer.point([one.item], null, isOf(one) ? one.id : null)
}
function focus({ key, of }: Thing, event: FocusEvent): void {
  stop.value = key
  point(of)
  // By keys one goes also to what is not in sight.
  if (event.target instanceof Element && event.target.matches(':focus-visible'))
    emit('walked', of.rect)
}
/** How a thing that can be chosen stands in the page; the rest only is seen. */
function live({ key, of, hint }: Thing): Record<string, unknown> {
  if (!stops.value.has(key)) return {}
  return {
    ...{ role: 'button', 'data-stop': '', tabindex: tabOf(key, [...stops.value][0]) },
    ...{ 'aria-label': hint, 'aria-pressed': pointer.chosen === idOf(of) },
  }
}
const choose = (one: Drawn): void => {
  if (props.isLive && isApart(one)) pointer.choose(idOf(one))
}
</script>

<template>
  <g class="bodies" :class="{ recedes }">
    <g
      v-for="t in things"
      :key="t.key"
      :class="['shape', t.inks ? t.of.kind : 'behind', { lit: isLit(t.of) }]"
      v-bind="live(t)"
      @mouseenter="point(t.of)"
      @mouseleave="pointer.leave"
      @focus="focus(t, $event)"
      @blur="pointer.leave"
      @click="choose(t.of)"
      @keydown="walk"
      @keydown.enter.prevent="choose(t.of)"
      @keydown.space.prevent="choose(t.of)"
    >
      <title v-if="!isLive || isApart(t.of)">{{ t.hint }}</title>
      <template v-if="t.inks">
        <path v-for="(ink, i) in t.inks" :key="i" :class="ink.tone" :d="ink.d" />
      </template>
      <rect v-else :x="t.of.rect.x" :y="t.of.rect.y" :width="t.of.rect.w" :height="t.of.rect.h" />
    </g>
  </g>
</template>

<style scoped>
/* The ink of what a stroke stands for. */
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.7;
  vector-effect: non-scaling-stroke;
}
.body {
  fill: var(--sheet);
  stroke-width: 1.3;
}
path.board {
  fill: var(--mat-soft);
  stroke: var(--mat);
  stroke-width: 1.3;
}
path.case {
  stroke-width: 1.6;
}
.part {
  stroke: var(--ink-2);
}
.dark {
  fill: var(--ink-2);
  stroke: none;
}
path.socket {
  fill: var(--sheet);
}
.contact {
  fill: var(--copper);
  stroke: none;
}
.place {
  stroke: var(--ink-2);
  stroke-dasharray: 4 3;
}
path.opening {
  fill: var(--paper);
  stroke: var(--ink-2);
}
.vent {
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-dasharray: 5 4;
}
path.air {
  stroke: var(--mat);
  stroke-width: 1.3;
}
.behind rect {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 3 3;
  vector-effect: non-scaling-stroke;
  pointer-events: none;
}
.shape:focus-visible {
  outline: none;
}
.shape:focus-visible path,
.shape:focus-visible rect,
.lit .body,
.lit .place,
.lit path.board,
.lit path.socket,
.lit rect {
  stroke: var(--mat);
  stroke-width: 2.6;
}
.recedes .shape:not(.lit, .case, .vents, .board) {
  opacity: 0.38;
}
</style>
