<script setup lang="ts">
// What lies beyond one edge of the seam, counted with its worst; a press goes there.
import { computed } from 'vue'
import { counted } from '../../core/figures/format'
import { VERDICT_WORD } from '../ui/findings'
import VerdictMark from '../ui/VerdictMark.vue'
import type { Beyond } from './seam-edges'

const props = defineProps<{ beyond: Beyond; side: 'before' | 'after' }>()
const says = computed(
  () =>
    `${props.side === 'before' ? 'Before' : 'After'}: ${counted(props.beyond.count, 'more step')}, ` +
    `the worst: ${VERDICT_WORD[props.beyond.worst].toLowerCase()}`,
)
</script>

<template>
  <button type="button" class="plainbutton edge" :class="side" :aria-label="says" :title="says">
    <template v-if="side === 'before'">‹</template>
    <VerdictMark v-if="beyond.worst !== 'clear'" :verdict="beyond.worst" :size="11" />
    <span class="figure">{{ beyond.count }}</span>
    <template v-if="side === 'after'">›</template>
  </button>
</template>

<style scoped>
.edge {
  position: absolute;
  bottom: 0;
  left: 0;
  z-index: 2;
  display: flex;
  gap: 3px;
  align-items: center;
  min-width: 24px;
  height: 30px;
  padding: 0 5px;
  background: var(--paper);
  border: 1px solid var(--line);
  font-size: var(--tiny);
}
.after {
  left: auto;
  right: 0;
}
</style>
