<script setup lang="ts">
// One joint: from, to, how far it is; opened, where else its plug could go.
import { computed, ref } from 'vue'
import { PROGRESS_WORD } from '../../../core/figures/format'
import type { JointRow } from '../../../core/stages/joints'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import JointFaces from '../../ui/JointFaces.vue'
import JointMove from '../../ui/JointMove.vue'
import ItemPages from '../../ui/ItemPages.vue'

const props = defineProps<{ joint: JointRow }>()
const desk = useDesk()
const pointer = usePointer()
const open = ref(false)
/** By its own row, by its socket on the drawing, or by one of its parts there. */
const isLit = computed(() => {
  const { plug, socketShape, items } = props.joint
  if (pointer.row !== null) return pointer.row === plug
  if (pointer.thing !== null) return pointer.thing === socketShape
  if (pointer.items.length > 0) return pointer.items.some(item => items.includes(item))
  return pointer.chosen === socketShape
})
const state = (): string => {
  const made = desk.state.build?.progress[props.joint.id]
  if (made) return PROGRESS_WORD[made.state]
  return desk.state.build?.choices.pins[props.joint.plug] === undefined ? '' : 'by hand'
}
</script>

<template>
  <li
    :class="{ lit: isLit, open }"
    @mouseenter="pointer.point(joint.items, joint.plug, joint.socketShape)"
    @mouseleave="pointer.leave"
  >
    <button
      type="button"
      class="plainbutton face"
      :aria-expanded="open"
      @click="open = !open"
      @focus="pointer.point(joint.items, joint.plug, joint.socketShape)"
      @blur="pointer.leave"
    >
      <span>{{ joint.from }}</span><span class="meets" aria-label="in">⟷</span
      ><span
        >{{ joint.to }}<span v-if="joint.count > 1" class="figure"> × {{ joint.count }}</span></span
      >
      <span class="quiet">{{ state() }}</span><span class="chevron" aria-hidden="true">{{
        open ? '−' : '+'
      }}</span>
    </button>
    <JointFaces v-if="open" class="inner" :plug="joint.face" :socket="joint.socketFace" />
    <ItemPages v-if="open" class="inner" :items="joint.items" />
    <JointMove v-if="open" class="inner" :plug="joint.plug" :label="joint.from" />
  </li>
</template>

<style scoped>
li {
  border-top: 1px solid var(--line);
}
li:first-child {
  border-top: 0;
}
li:hover,
.lit,
.open {
  background: var(--mat-soft);
}
.face {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 22px minmax(0, 1fr) 56px 12px;
  gap: 8px;
  padding: 6px 12px;
  width: 100%;
}
.meets {
  color: var(--copper);
}
.chevron {
  color: var(--ink-2);
  font-family: var(--figure);
}
.inner {
  padding: 2px 12px 10px;
}
</style>
