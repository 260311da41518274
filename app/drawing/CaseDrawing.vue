<script setup lang="ts">
// The case to scale, as the model draws it; pointing at a part lights its rows and the other way round.
import { computed, ref } from 'vue'
import type { Drawing } from '../../core/drawing/drawing'
import { usePointer } from '../stores/pointer'

const props = defineProps<{ drawings: readonly Drawing[]; paths?: boolean; marks?: boolean }>()
const pointer = usePointer()
const view = ref<Drawing['view']>('near')
const drawing = computed(() => props.drawings.find(d => d.view === view.value) ?? props.drawings[0] ?? null)
const lit = (item: string | null): boolean => item !== null && pointer.items.includes(item)
const line = (points: readonly (readonly [number, number])[]): string => points.map(p => p.join(',')).join(' ')
</script>

<template>
  <figure v-if="drawing" class="drawing">
    <div class="views" role="group" aria-label="Seen from">
      <button v-for="d in drawings" :key="d.view" type="button" class="plainbutton" :aria-pressed="d.view === drawing.view" @click="view = d.view">{{ d.title }}</button>
      <span class="quiet">to scale, mm</span>
    </div>
    <svg :viewBox="`0 0 ${drawing.width} ${drawing.height}`" role="img" :aria-label="`The case, ${drawing.title.toLowerCase()}, to scale`" :style="{ '--letter': `${drawing.letter}px` }">
      <g v-for="s in drawing.shapes" :key="s.id" :class="['shape', s.kind, { lit: lit(s.item) }]" @mouseenter="s.kind !== 'case' && s.item && pointer.point([s.item])" @mouseleave="pointer.leave">
        <title>{{ s.title }}</title>
        <rect :x="s.rect.x" :y="s.rect.y" :width="s.rect.w" :height="s.rect.h" />
      </g>
      <template v-if="marks !== false">
        <g v-for="m in drawing.marks" :key="m.id" :class="['hole', m.what.replace(' ', '-')]">
          <title>{{ m.name ? `Standoff ${m.name}: ${m.what}` : 'cable opening' }}</title>
          <rect v-if="m.what === 'opening'" :x="m.at[0] - 3" :y="m.at[1] - 7" width="6" height="14" rx="2" /><circle v-else :cx="m.at[0]" :cy="m.at[1]" r="3.2" />
        </g>
      </template>
      <g v-if="paths">
        <g v-for="p in drawing.paths" :key="p.id" class="path" :class="{ lit: pointer.row === p.id || pointer.chosen === p.id }" @mouseenter="pointer.point([p.item], p.id)" @mouseleave="pointer.leave">
          <title>{{ p.title }}</title><polyline :points="line(p.points)" />
        </g>
      </g>
      <g v-for="d in paths ? [] : drawing.dimensions" :key="d.finding" :class="['dimension', d.verdict, { lit: pointer.row === d.finding }]">
        <line :x1="d.from[0]" :y1="d.from[1]" :x2="d.to[0]" :y2="d.to[1]" /><circle :cx="d.from[0]" :cy="d.from[1]" r="1.6" /><circle :cx="d.to[0]" :cy="d.to[1]" r="1.6" />
      </g>
      <text v-for="l in drawing.labels.filter(x => !paths || !drawing?.dimensions.some(d => d.finding === x.id))" :key="l.id" :x="l.x" :y="l.y + l.h * 0.78">{{ l.text }}</text>
    </svg>
    <figcaption v-if="marks !== false && drawing.marks.some(m => m.name)" class="quiet legend">
      <span><i class="ring" /> keep {{ drawing.marks.filter(m => m.what === 'keep').length }}</span><span><i class="disc" /> fit {{ drawing.marks.filter(m => m.what === 'fit').length }}</span><span><i class="cross" /> take out {{ drawing.marks.filter(m => m.what === 'take out').length }}</span>
    </figcaption>
  </figure>
  <p v-else class="quiet">The drawing appears once there is a case.</p>
</template>

<style scoped>
.drawing { display: grid; gap: 10px; }
.views { display: flex; gap: 16px; align-items: baseline; }
.views button { padding: 2px 0; border-bottom: 2px solid transparent; }
.views [aria-pressed='true'] { border-color: var(--mat); font-weight: 600; }
.views .quiet { margin-left: auto; }
svg { width: 100%; max-height: calc(100dvh - 210px); }
text { font: 500 var(--letter) / 1 var(--figure); fill: var(--ink); pointer-events: none; }
rect { fill: var(--sheet); stroke: var(--ink); stroke-width: 1; vector-effect: non-scaling-stroke; }
.case rect { fill: none; stroke-width: 1.6; }
.board rect { fill: var(--mat-soft); stroke: var(--mat); }
.memory rect, .fan rect { fill: var(--line); }
.lit rect { stroke: var(--mat); stroke-width: 3; }
.hole circle { fill: var(--sheet); stroke: var(--mat); stroke-width: 1.6; vector-effect: non-scaling-stroke; }
.hole.fit circle { fill: var(--mat); }
.hole.take-out circle { stroke: var(--harm); stroke-dasharray: 2 1.4; }
.hole.opening rect { fill: var(--paper); stroke: var(--ink-2); }
.dimension line { stroke: var(--ink); stroke-width: 1.4; vector-effect: non-scaling-stroke; }
.dimension circle { fill: var(--ink); }
.dimension.measure line { stroke-dasharray: 2 3; }
.dimension.lit line { stroke-width: 3; }
.path polyline { fill: none; stroke: var(--copper); stroke-width: 1.2; opacity: .55; vector-effect: non-scaling-stroke; }
.path.lit polyline { stroke-width: 3.2; opacity: 1; }
.legend { display: flex; gap: 16px; }
.legend i { display: inline-block; width: 9px; height: 9px; border: 2px solid var(--mat); border-radius: 50%; }
.legend .disc { background: var(--mat); }
.legend .cross { border: 2px dashed var(--harm); }
</style>
