<script setup lang="ts">
// What the signs of a drawing mean: only of those that are on it.
import { computed } from 'vue'
import type { Mark } from '../../core/drawing/drawing'
import type { Path } from '../../core/drawing/paths'

const props = defineProps<{ marks: readonly Mark[]; paths: readonly Path[] }>()
const count = (what: Mark['what']): number => props.marks.filter(m => m.what === what).length
const hasHidden = computed(() => props.paths.some(p => p.strokes.some(s => s.isHidden)))
const hasGap = computed(() => props.paths.some(p => p.gap))
</script>

<template>
  <figcaption class="quiet legend">
    <span>To scale, mm</span>
    <template v-if="marks.some(m => m.name)"
      ><span>Standoffs:</span><span><i class="ring" /> keep {{ count('keep') }}</span
      ><span><i class="disc" /> fit {{ count('fit') }}</span
      ><span><i class="cross" /> take out {{ count('take out') }}</span
      ><span v-if="count('post')"><i class="post" /> plastic post {{ count('post') }}</span>
    </template>
    <span><i class="lead hidden" /> behind or a place</span>
    <template v-if="paths.length">
      <span><i class="lead" /> lead, as thick as its bundle</span>
      <span v-if="hasHidden"><i class="lead behind" /> behind the tray</span>
      <span v-if="hasGap"><i class="lead gap" /> missing</span>
    </template>
  </figcaption>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
i {
  display: inline-block;
  width: 9px;
  height: 9px;
  border: 2px solid var(--mat);
  border-radius: 50%;
}
.disc {
  background: var(--mat);
}
.cross {
  border: 2px dashed var(--harm);
}
.post {
  width: 7px;
  height: 7px;
  border-radius: 0;
  transform: rotate(45deg);
}
.lead {
  width: 22px;
  height: 0;
  border: 0;
  border-top: 2px solid var(--copper);
  border-radius: 0;
  vertical-align: middle;
}
.hidden {
  border-top: 1px dashed var(--ink-2);
}
.behind {
  border-top-style: dashed;
}
.gap {
  border-top: 2px dotted var(--harm);
}
</style>
