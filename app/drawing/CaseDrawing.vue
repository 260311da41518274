<script setup lang="ts">
// The case to scale: its views one under the other where they fit, else one at a time.
import { computed, ref } from 'vue'
import type { Drawing } from '../../core/drawing/drawing'
import type { Path } from '../../core/drawing/paths'
import CaseView from './CaseView.vue'

const props = defineProps<{
  drawings: readonly Drawing[]
  paths?: readonly Path[]
  bare?: boolean
}>()
/** Height over width up to which all views fit beside a ledger. */
const ROOM = 1.2
const chosen = ref<Drawing['view']>('near')
const together = computed(
  () => props.drawings.reduce((sum, d) => sum + d.height / d.width, 0) <= ROOM,
)
const shown = computed(() =>
  together.value ? props.drawings : props.drawings.filter(d => d.view === chosen.value),
)
const marks = computed(() => (props.bare ? [] : (props.drawings[0]?.marks ?? [])))
const count = (what: string): number => marks.value.filter(m => m.what === what).length
</script>

<template>
  <figure v-if="drawings.length" class="drawing">
    <div v-if="!together" class="views" role="group" aria-label="Seen from">
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
    <template v-for="d in shown" :key="d.view">
      <p v-if="together" class="quiet title">{{ d.title }}</p>
      <CaseView :drawing="d" :paths="paths && (d.view === 'near' ? paths : [])" :bare="bare" />
    </template>
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
      <span v-if="marks.some(m => m.what === 'opening')"><i class="slot" /> cable hole</span>
      <template v-if="paths?.length">
        <span><i class="lead" /> lead</span>
        <span v-if="paths.some(p => p.strokes.some(s => s.isHidden))"
          ><i class="lead behind" /> behind the tray</span
        >
        <span v-if="paths.some(p => p.gap)"><i class="lead gap" /> missing</span>
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
  gap: 16px;
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
.legend .slot {
  border: 1px solid var(--ink-2);
  border-radius: 2px;
  width: 6px;
  height: 11px;
}
.legend .lead {
  width: 22px;
  height: 0;
  border: 0;
  border-top: 2px solid var(--copper);
  border-radius: 0;
  vertical-align: middle;
}
.legend .behind {
  border-top-style: dashed;
}
.legend .gap {
  border-top: 2px dotted var(--harm);
}
</style>
