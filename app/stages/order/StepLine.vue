<script setup lang="ts">
// One step in the list of all.
import { computed } from 'vue'
import { minutes, PROGRESS_WORD } from '../../../core/figures/format'
import type { Step } from '../../../core/order/step'
import { usePointer } from '../../state/pointer'
import { VERDICT_WORD } from '../../ui/findings'
import VerdictMark from '../../ui/VerdictMark.vue'

const props = defineProps<{ step: Step; number: number; here: boolean; over: boolean }>()
const emit = defineEmits<{ choose: []; move: [by: -1 | 1]; drag: []; hover: []; drop: [] }>()
const pointer = usePointer()
/** What the mark says, in words. */
const state = computed(
  () => `${VERDICT_WORD[props.step.verdict]}, ${PROGRESS_WORD[props.step.progress]}`,
)
</script>

<template>
  <li
    :class="{ here, over }"
    draggable="true"
    @mouseenter="pointer.point(step.items)"
    @mouseleave="pointer.leave"
    @dragstart="emit('drag')"
    @dragover.prevent="emit('hover')"
    @drop.prevent="emit('drop')"
  >
    <button
      type="button"
      class="plainbutton"
      :aria-current="here ? 'step' : undefined"
      aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
      @click="emit('choose')"
      @keydown.alt.up.prevent="emit('move', -1)"
      @keydown.alt.down.prevent="emit('move', 1)"
    >
      <span class="figure quiet n">{{ number }}</span>
      <VerdictMark :verdict="step.verdict" :progress="step.progress" :title="state" />
      <span
        >{{ step.title }}
        <strong v-if="step.verdict !== 'clear'" :class="step.verdict">{{
          VERDICT_WORD[step.verdict]
        }}</strong><span class="visually-hidden">, {{ state }}</span></span
      >
      <span class="figure quiet">{{ step.minutes ? minutes(step.minutes) : '' }}</span>
    </button>
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
.here {
  background: var(--mat-soft);
}
button {
  display: grid;
  grid-template-columns: 24px 18px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  width: 100%;
  padding: 6px 12px;
}
.over {
  box-shadow: inset 0 2px 0 var(--mat);
}
.n {
  text-align: right;
}
</style>
