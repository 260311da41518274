<script setup lang="ts">
// A line of known length on paper: it says whether the printer kept the size.
const LINE = 50
const path = `M1 3h${LINE}M1 1v4M${1 + LINE} 1v4`
</script>

<template>
  <svg
    viewBox="0 0 66 6"
    :style="{ width: '66mm', height: '6mm' }"
    role="img"
    :aria-label="`A line of ${LINE} mm`"
  >
    <path class="ruler" :d="path" />
    <text :x="LINE + 4" y="4.2">{{ LINE }} mm</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}
.ruler {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.3;
}
text {
  font-size: 3.2px;
  fill: var(--ink);
}
</style>
