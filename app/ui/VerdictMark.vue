<script setup lang="ts">
// One mark of the seam: the ring says the worst verdict, the filling says the progress. Shape
// first, colour second.
import type { StepProgress } from '../../core/order/step'
import type { Verdict } from '../../core/figures/verdict'

defineProps<{
  verdict: Verdict
  progress?: StepProgress
  size?: number
  /** What it says, for a pointer that rests on it; whoever reads hears it beside the mark. */
  title?: string
}>()
</script>

<template>
  <svg
    :width="size ?? 14"
    :height="size ?? 14"
    viewBox="-8 -8 16 16"
    :class="['mark', verdict]"
    aria-hidden="true"
  >
    <title v-if="title">{{ title }}</title>
    <circle
      v-if="verdict === 'stop'"
      r="5.2"
      class="ring"
      stroke-dasharray="22 10.7"
      transform="rotate(35)"
    />
    <circle v-else-if="verdict === 'measure'" r="5.2" class="ring" stroke-dasharray="1.9 2.18" />
    <path v-else-if="verdict === 'watch'" d="M0 -6.6 L6.4 4.8 H-6.4 Z" class="ring" />
    <circle v-else r="5.2" class="ring" />
    <circle v-if="verdict === 'tight'" r="7.2" class="ring thin" />
    <path v-if="progress === 'ready'" d="M0 -3.4 A3.4 3.4 0 0 0 0 3.4 Z" class="fill" />
    <circle v-if="progress === 'made' || progress === 'proved'" r="3.6" class="fill" />
    <path v-if="progress === 'proved'" d="M0 0 L2.6 -4.4 L-2.6 -4.4 Z" class="notch" />
    <path v-if="progress === 'crossed'" d="M-5 5 L5 -5" class="ring" />
    <path v-if="verdict === 'harm'" d="M-7.6 0 H7.6" class="ring" />
  </svg>
</template>

<style scoped>
.mark {
  display: block;
  flex: none;
  overflow: visible;
  color: var(--ink);
}
.mark.harm {
  color: var(--harm);
}
.mark.stop {
  color: var(--stop);
}
.mark.measure {
  color: var(--measure);
}
.mark.watch,
.mark.tight {
  color: var(--watch);
}
.ring {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.7;
}
.thin {
  stroke-width: 1.1;
}
.fill {
  fill: var(--ink);
}
.notch {
  fill: var(--paper);
}
</style>
