<script setup lang="ts">
// What sits in the machine, from the farthest to the nearest, and again in dashes what is hidden. Where
// it can be chosen, arrow keys go from one thing to the next, and each is named.
import { computed } from 'vue'
import type { Drawing, Shape } from '../../core/drawing/drawing'
import type { Rect } from '../../core/drawing/rect'
import { usePointer } from '../state/pointer'
import { useWalk } from './walk'

type Hidden = Drawing['hidden'][number]
const props = defineProps<{
  shapes: readonly Shape[]
  hidden: readonly Hidden[]
  /** Whether things can be walked to and chosen, not only seen. */
  isLive?: boolean
}>()
const emit = defineEmits<{ walked: [rect: Rect] }>()
const pointer = usePointer()
const { stop, tabOf, walk } = useWalk()
/** What is pointed at by itself: not the case, nor the holes and the air of it. */
const APART: readonly string[] = ['case', 'vents', 'opening', 'air', 'zone']
const isApart = ({ kind, item }: Shape | Hidden): boolean => !APART.includes(kind) && item !== null
/** What is of another thing, the board or the case, and lights by itself only. */
const isOf = ({ kind }: Shape | Hidden): boolean => kind === 'socket' || kind === 'piece'
const isLit = (one: Shape | Hidden): boolean => {
  if (!isApart(one)) return false
  if (pointer.thing !== null) return pointer.thing === one.id
  return !isOf(one) && pointer.lights(one.item)
}
/** While something chosen is seen here, the rest recedes. */
const recedes = computed(
  () =>
    pointer.chosen !== null &&
    pointer.items.length === 0 &&
    [...props.shapes, ...props.hidden].some(isLit),
)
const first = computed(() => [...props.shapes, ...props.hidden].find(isApart)?.id)
const hintOf = ({ name, note }: Shape | Hidden): string => (note === '' ? name : `${name}: ${note}`)
const point = (one: Shape | Hidden): void => {
  if (isApart(one) && one.item) pointer.point([one.item], null, isOf(one) ? one.id : null)
}
function focus(one: Shape | Hidden, event: FocusEvent): void {
  stop.value = one.id
  point(one)
  // By keys one goes also to what is not in sight.
  if (event.target instanceof Element && event.target.matches(':focus-visible'))
    emit('walked', one.rect)
}
/** How a thing that can be chosen stands in the page; the rest only is seen. */
function live(one: Shape | Hidden, suffix = ''): Record<string, unknown> {
  if (!props.isLive || !isApart(one)) return {}
  return {
    ...{ role: 'button', 'data-stop': '', tabindex: tabOf(one.id, first.value) },
    'aria-label': hintOf(one) + suffix,
    'aria-pressed': pointer.chosen === one.item,
  }
}
const choose = (one: Shape | Hidden): void => {
  if (props.isLive && isApart(one)) pointer.choose(one.item)
}
</script>

<template>
  <g class="bodies" :class="{ recedes }">
    <g
      v-for="s in shapes"
      :key="s.id"
      :class="['shape', s.kind, { lit: isLit(s) }]"
      v-bind="live(s)"
      @mouseenter="point(s)"
      @mouseleave="pointer.leave"
      @focus="focus(s, $event)"
      @blur="pointer.leave"
      @click="choose(s)"
      @keydown="walk"
      @keydown.enter.prevent="choose(s)"
      @keydown.space.prevent="choose(s)"
    >
      <title v-if="!isLive || isApart(s)">{{ hintOf(s) }}</title>
      <path v-for="(ink, i) in s.inks" :key="i" :class="ink.tone" :d="ink.d" />
    </g>
    <g
      v-for="h in hidden"
      :key="h.id"
      :class="['shape', 'behind', { lit: isLit(h) }]"
      v-bind="live(h, ', behind')"
      @focus="focus(h, $event)"
      @blur="pointer.leave"
      @click="choose(h)"
      @keydown="walk"
      @keydown.enter.prevent="choose(h)"
      @keydown.space.prevent="choose(h)"
    >
      <title>{{ hintOf(h) }}, behind</title>
      <rect :x="h.rect.x" :y="h.rect.y" :width="h.rect.w" :height="h.rect.h" />
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
