<script setup lang="ts">
// The machine to scale: one view at a time, from the side that is chosen, its names laid out for the
// width at which it is shown.
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import type { Drawing, Layout } from '../../core/drawing/drawing'
import type { Path } from '../../core/drawing/paths'
import CaseView from './CaseView.vue'

const props = defineProps<{
  drawings: readonly Drawing[]
  paths?: readonly Path[]
  bare?: boolean
  /** What is named: the parts, or the sockets in use. */
  names?: 'parts' | 'sockets'
  /** The one view that is shown, on paper: nothing is chosen there. */
  view?: Drawing['view']
}>()
const chosen = ref<Drawing['view']>(props.view ?? 'near')
const shown = computed(() => props.drawings.find(d => d.view === chosen.value) ?? null)
const figure = useTemplateRef('figure')
const { width } = useElementSize(figure)
/** The layout made for the width nearest to what there is. */
const layout = computed((): Layout | null => {
  const off = (l: Layout): number => Math.abs(Math.log(l.forWidth / Math.max(1, width.value)))
  const [first, ...others] = shown.value?.layouts ?? []
  return first ? others.reduce((best, l) => (off(l) < off(best) ? l : best), first) : null
})
const marks = computed(() => (props.bare ? [] : (shown.value?.marks ?? [])))
const count = (what: string): number => marks.value.filter(m => m.what === what).length
/** Ways of leads, as they are seen from here; from other sides there are none. */
const pathsHere = computed(() => {
  const here = props.paths?.filter(p => p.view === chosen.value) ?? []
  return here.length > 0 ? here : undefined
})
</script>

<template>
  <figure v-if="shown && layout" ref="figure" class="drawing">
    <p v-if="view" class="quiet">{{ shown.title }}</p>
    <div v-else class="views" role="group" aria-label="Seen from">
      <button
        v-for="d in drawings"
        :key="d.view"
        type="button"
        class="plainbutton"
        :aria-pressed="d.view === chosen"
        @click="chosen = d.view"
      >
        {{ d.title }}
      </button>
    </div>
    <CaseView :drawing="shown" :layout="layout" :paths="pathsHere" :bare="bare" :names="names" />
    <figcaption class="quiet legend">
      <span>To scale, mm</span>
      <template v-if="marks.some(m => m.name)"
        ><span>Standoffs:</span><span><i class="ring" /> keep {{ count('keep') }}</span
        ><span><i class="disc" /> fit {{ count('fit') }}</span
        ><span><i class="cross" /> take out {{ count('take out') }}</span
        ><span v-if="count('post')"
          ><i class="post" /> plastic post {{ count('post') }}</span
        ></template
      >
      <span><i class="lead hidden" /> behind or a place</span>
      <template v-if="pathsHere?.length">
        <span><i class="lead" /> lead</span>
        <span v-if="pathsHere.some(p => p.strokes.some(s => s.isHidden))"
          ><i class="lead behind" /> behind the tray</span
        >
        <span v-if="pathsHere.some(p => p.gap)"><i class="lead gap" /> missing</span>
      </template>
    </figcaption>
  </figure>
  <p v-else class="quiet">The drawing appears once there is a case.</p>
</template>

<style scoped>
.drawing {
  display: grid;
  gap: 8px;
}
.views {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
}
.views button {
  padding: 2px 0;
  border-bottom: 2px solid transparent;
}
.views [aria-pressed='true'] {
  border-color: var(--mat);
  font-weight: 600;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.legend i {
  display: inline-block;
  width: 9px;
  height: 9px;
  border: 2px solid var(--mat);
  border-radius: 50%;
}
.legend .disc {
  background: var(--mat);
}
.legend .cross {
  border: 2px dashed var(--harm);
}
.legend .post {
  width: 7px;
  height: 7px;
  border-radius: 0;
  transform: rotate(45deg);
}
.legend .lead {
  width: 22px;
  height: 0;
  border: 0;
  border-top: 2px solid var(--copper);
  border-radius: 0;
  vertical-align: middle;
}
.legend .hidden {
  border-top: 1px dashed var(--ink-2);
}
.legend .behind {
  border-top-style: dashed;
}
.legend .gap {
  border-top: 2px dotted var(--harm);
}
</style>
