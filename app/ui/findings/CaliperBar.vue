<script setup lang="ts">
// The caliper: one jaw at need, one at have, the tolerance hatched around have; dotted where it is
// to be measured.
import { computed, useId } from 'vue'
import type { Finding } from '../../../core/rules/finding'
import { jaws } from './caliper'

const props = defineProps<{ finding: Pick<Finding, 'need' | 'have' | 'tol' | 'verdict'> }>()
const WIDTH = 112
const at = computed(() =>
  props.finding.need === null || props.finding.have === null
    ? null
    : jaws(props.finding.need, props.finding.have, props.finding.tol),
)
const hatch = useId()
</script>

<template>
  <svg
    v-if="at"
    class="caliper"
    :class="finding.verdict"
    :width="WIDTH"
    height="26"
    :viewBox="`0 0 ${WIDTH} 26`"
    aria-hidden="true"
  >
    <defs>
      <pattern
        :id="hatch"
        width="4"
        height="4"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d="M0 0 V4" stroke="currentcolor" stroke-width="1.6" />
      </pattern>
    </defs>
    <rect
      :x="at.hatch[0] * WIDTH"
      y="5"
      :width="Math.max(1.5, (at.hatch[1] - at.hatch[0]) * WIDTH)"
      height="16"
      :fill="`url(#${hatch})`"
      opacity=".55"
    />
    <path v-if="at.fromZero" d="M0.5 8 V18" class="end" />
    <path v-else d="M3 9 L0.5 13 L3 17" class="end" />
    <path :d="`M1 13 H${at.need * WIDTH}`" class="beam" />
    <path
      :d="`M${at.need * WIDTH} 13 H${at.have * WIDTH}`"
      class="beam"
      :class="{ dotted: finding.verdict === 'measure' }"
    />
    <path :d="`M${at.need * WIDTH} 21 V8 l-3 -4`" class="jaw" />
    <path :d="`M${at.have * WIDTH} 5 V18 l3 4`" class="jaw have" />
  </svg>
</template>

<style scoped>
.caliper {
  display: block;
  overflow: visible;
}
.end,
.beam {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.3;
}
.dotted {
  stroke-dasharray: 2 3;
}
.jaw {
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
}
.have {
  stroke: var(--ink);
}
</style>
