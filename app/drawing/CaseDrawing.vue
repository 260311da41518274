<script setup lang="ts">
// The machine to scale: one view at a time, from the side that is chosen, its names laid out for the
// width at which it is shown; moved, looked at closer, and turned to where what is chosen can be seen.
import { useElementSize } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, useTemplateRef, watch } from 'vue'
import type { Drawing, Layout } from '../../core/drawing/drawing'
import type { Path } from '../../core/drawing/paths'
import { usePointer } from '../state/pointer'
import { chosenIn, viewOfDistance } from './chosen'
import CaseView from './CaseView.vue'
import DrawingLegend from './DrawingLegend.vue'
import DrawingTools from './DrawingTools.vue'
import MendLinks from '../ui/MendLinks.vue'
import { hiddenLayers, LAYERS } from './layers'
import { useZoom } from './zoom'

const AngleView = defineAsyncComponent(() => import('./AngleView.vue'))
const props = defineProps<{
  drawings: readonly Drawing[]
  paths?: readonly Path[]
  bare?: boolean
  /** What is named: the parts, or the sockets in use. */
  names?: 'parts' | 'sockets'
  /** The one view that is shown, on paper: nothing is chosen there. */
  view?: Drawing['view']
}>()
const pointer = usePointer()
const isPaper = computed(() => props.view !== undefined)
const isAngled = ref(false)
const seen = computed(() => props.view ?? pointer.view)
const shown = computed(() => props.drawings.find(d => d.view === seen.value) ?? null)
const figure = useTemplateRef('figure')
const { width } = useElementSize(figure)
/** The layout made for the width nearest to what there is. */
const layout = computed((): Layout | null => {
  const off = (l: Layout): number => Math.abs(Math.log(l.forWidth / Math.max(1, width.value)))
  const [first, ...others] = shown.value?.layouts ?? []
  return first ? others.reduce((best, l) => (off(l) < off(best) ? l : best), first) : null
})
/** Ways of leads, as they are seen from here; from other sides there are none. */
const pathsHere = computed(() => {
  const here = props.paths?.filter(p => p.view === seen.value) ?? []
  return here.length > 0 ? here : undefined
})
const layers = computed(() => {
  const missing = props.paths ? 'distances' : 'cables'
  return LAYERS.filter(l => l !== missing)
})

const caseView = useTemplateRef('caseView')
const svg = computed(() => caseView.value?.svg ?? null)
const NOTHING = { x: 0, y: 0, w: 1, h: 1 }
const { transform, scale, isDragged, closer, farther, whole, reveal, fit } = useZoom(
  svg,
  () => layout.value?.paper ?? NOTHING,
)
const zoom = computed(() =>
  isPaper.value
    ? undefined
    : {
        transform: transform.value,
        scale: scale.value,
        isDragged: isDragged.value,
      },
)
const chosenAt = computed(() =>
  shown.value && pointer.chosen !== null
    ? chosenIn(shown.value, { finding: pointer.chosen, items: pointer.chosenItems })
    : [],
)
/** A part that is chosen in the drawing. */
const chosenItem = computed(() => {
  const [id, ...others] = pointer.chosenItems
  return id === pointer.chosen && others.length === 0 ? id : null
})
function look(view: Drawing['view']): void {
  isAngled.value = false
  pointer.view = view
}
/** A distance that is chosen is looked at from where it can be seen. */
watch(
  () => pointer.chosen,
  chosen => {
    const from = chosen === null ? null : viewOfDistance(props.drawings, chosen, seen.value)
    if (from !== null && !isPaper.value) look(from)
  },
)
watch(seen, () => whole())
</script>

<template>
  <figure v-if="shown && layout" ref="figure" class="drawing">
    <p v-if="isPaper" class="quiet">{{ shown.title }}</p>
    <div v-else class="head">
      <div class="views" role="group" aria-label="Seen from">
        <button
          v-for="d in drawings"
          :key="d.view"
          type="button"
          class="plainbutton"
          :aria-pressed="!isAngled && d.view === seen"
          @click="look(d.view)"
        >
          {{ d.title }}
        </button>
        <button type="button" class="plainbutton" :aria-pressed="isAngled" @click="isAngled = true">
          Angle
        </button>
      </div>
      <DrawingTools
        v-if="!isAngled"
        :view="shown.view"
        :layers="layers"
        :has-chosen="chosenAt.length > 0"
        @closer="closer"
        @farther="farther"
        @whole="whole"
        @fit="fit(chosenAt)"
      />
    </div>
    <AngleView v-if="isAngled" />
    <template v-else>
      <CaseView
        ref="caseView"
        :drawing="shown"
        :layout="layout"
        :paths="pathsHere"
        :bare="bare"
        :names="names"
        :zoom="zoom"
        :without="isPaper ? [] : hiddenLayers"
        @walked="reveal"
      />
      <MendLinks v-if="!isPaper && chosenItem" :items="[chosenItem]" />
      <DrawingLegend :marks="bare ? [] : shown.marks" :paths="pathsHere ?? []" />
    </template>
  </figure>
  <p v-else class="quiet">The drawing appears once there is a case.</p>
</template>

<style scoped>
.drawing {
  display: grid;
  gap: 8px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  justify-content: space-between;
}
.views {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}
.views button {
  padding: 2px 0;
  min-height: 28px;
  border-bottom: 2px solid transparent;
}
.views [aria-pressed='true'] {
  border-color: var(--mat);
  font-weight: 600;
}
</style>
