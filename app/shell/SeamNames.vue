<script setup lang="ts">
// What a mark of the seam stands for, while it is pointed at.
import { counted, minutes, PROGRESS_WORD } from '../../core/figures/format'
import { VERDICT_WORD } from '../ui/findings'
import type { Mark } from './seam-marks'

defineProps<{ mark: Mark }>()
</script>

<template>
  <div class="names sheet">
    <strong>{{ mark.step.title }}</strong>
    <span v-if="mark.count > 1" class="quiet"
      >and {{ counted(mark.count - 1, 'more step') }} that
      {{ mark.count === 2 ? 'is' : 'are' }} clear</span
    >
    <template v-else>
      <span class="quiet"
        >{{ VERDICT_WORD[mark.step.verdict] }}, {{ PROGRESS_WORD[mark.step.progress] }},
        {{ minutes(mark.step.minutes)
        }}<template v-if="mark.step.places.length > 1"
          >; {{ counted(mark.step.places.length, 'connection') }}:</template
        ></span
      >
      <span
        v-for="p in mark.step.places.length > 1 ? mark.step.places : []"
        :key="p.joint"
        class="quiet"
        >{{ p.title }}</span
      >
    </template>
  </div>
</template>

<style scoped>
.names {
  position: absolute;
  top: calc(100% - 8px);
  z-index: 20;
  width: 250px;
  padding: 8px 10px;
  display: grid;
  gap: 2px;
  pointer-events: none;
}
</style>
