<script setup lang="ts">
// Where a step is done: close, the place ringed, with the way a hand pushes and the letters of screws;
// where that is in the whole machine; and the face of the socket that the hand is to find.
import { computed } from 'vue'
import type { View } from '../../core/drawing/views'
import type { Step } from '../../core/order/step'
import CaseView from '../drawing/CaseView.vue'
import FaceDrawing from '../drawing/FaceDrawing.vue'
import PanelLeads from '../drawing/PanelLeads.vue'
import PlugSide from '../drawing/PlugSide.vue'
import { useDesk } from '../state/desk'
import { useReference } from '../state/reference'

const props = defineProps<{ step: Step }>()
const desk = useDesk()
const reference = useReference()
const places = computed(() => desk.analysis?.stepPlaces)
const place = computed(() => places.value?.places.find(p => p.step === props.step.id))
const drawing = computed(() => desk.analysis?.drawings.find(d => d.view === place.value?.view))
const face = computed(() => reference.value?.connectors.find(c => c.face === props.step.face))
/** The steps whose screws have letters: at the holes of the tray. */
const AT_HOLES: readonly Step['kind'][] = ['standoffs', 'board-in']
const hasHoles = computed(() => AT_HOLES.includes(props.step.kind))
/** The front-panel block, where the step wires it. */
const blocks = computed(() =>
  props.step.kind === 'panel'
    ? (desk.analysis?.panel ?? []).filter(b => props.step.items.includes(b.board))
    : [],
)
/** The plug side of a supply, where the step puts its cables in. */
const plugSides = computed(() =>
  props.step.kind === 'supply-cables'
    ? (desk.analysis?.supplyPlugs ?? []).filter(s => props.step.items.includes(s.supply))
    : [],
)
/** What is said of the letters: the screws that are seen, and those that are not. */
const screws = computed(() => {
  const letters = place.value?.holes.map(h => h.letter) ?? []
  const [first, last] = [letters[0], letters.at(-1)]
  if (!first || !last) return null
  if (props.step.kind === 'drive') return `● screws ${first} and ${last}; the others opposite`
  return `● screws ${first} to ${last} in this order: all by a few turns, then all snug`
})
const SEEN_FROM: Readonly<Partial<Record<View, string>>> = {
  ...{ front: 'Seen from the front.', rear: 'Seen from the rear.', above: 'Seen from the top.' },
}
const HOW: Readonly<Record<Step['pose'], string>> = {
  table: 'The board on the table.',
  lying: 'The case lies on its far side, seen from above.',
  behind: 'Seen from behind the tray.',
  standing: 'The machine stands.',
}
const isPushedAway = computed(() => place.value?.enters.some(e => e.along === null))
const isPushedAlong = computed(() => place.value?.enters.some(e => e.along !== null))
</script>

<template>
  <div v-if="place || face || plugSides.length" class="pictures">
    <PlugSide v-for="s in plugSides" :key="s.supply" class="across" :of="s" large />
    <PanelLeads v-for="b in blocks" :key="b.board" class="of-face" :block="b" />
    <template v-if="place && drawing">
      <figure class="close">
        <CaseView :drawing="drawing" :place="place" :made-at="places?.madeAt" :marked="hasHoles" />
        <figcaption>
          <span>{{ SEEN_FROM[drawing.view] ?? HOW[step.pose] }}</span>
          <span v-if="isPushedAway" class="sign">⊗ straight in, away from you</span>
          <span v-if="isPushedAlong" class="sign">→ this way in</span>
          <span v-if="screws" class="sign">{{ screws }}</span>
          <span v-if="hasHoles" class="sign">● standoff to fit · ○ stays · dashed: take out</span>
        </figcaption>
      </figure>
      <figure class="whole" aria-hidden="true">
        <CaseView :drawing="drawing" :place="place" whole />
        <figcaption>Where in the machine</figcaption>
      </figure>
    </template>
    <figure v-if="face && blocks.length === 0" class="of-face">
      <FaceDrawing :look="face.look" :name="face.name" :scale="9" :most="380" />
      <figcaption>
        <b>{{ face.name }}</b> <span class="more">{{ face.shape }}.</span> Key: {{ face.key }}.
        <template v-if="face.look.rows"
          >Row at the latch: {{ face.look.rows[0] }}; the other: {{ face.look.rows[1] }}.</template
        >
        <span v-if="face.lookAlike" class="alike more"
          >Not to be taken for: {{ face.lookAlike }}</span
        >
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
.pictures {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 12px;
  align-content: start;
}
figure {
  display: grid;
  gap: 4px;
  align-content: start;
  min-width: 0;
}
.close,
.whole {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 6px;
}
.close :deep(svg),
.whole :deep(svg) {
  max-height: 38dvh;
}
.of-face,
.across {
  grid-column: 1 / -1;
}
figcaption {
  font-size: 16px;
  line-height: 1.35;
  color: var(--ink);
}
.sign,
.alike {
  display: block;
}
.sign {
  font-weight: 600;
}
/** Beside the words of a phone only what the eye needs to find it. */
@media (max-width: 900px) {
  .close :deep(svg),
  .whole :deep(svg) {
    max-height: 30dvh;
  }
  .close figcaption span:not(.sign),
  .whole figcaption,
  .more {
    display: none;
  }
  .of-face {
    grid-template-columns: auto minmax(0, 1fr);
    align-items: center;
    gap: 10px;
  }
  .of-face :deep(.face) {
    max-width: 46vw;
  }
}
</style>
