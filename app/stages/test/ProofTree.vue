<script setup lang="ts">
// The first power-on as a tree: what was seen down the trunk, where one stands, and the branch of places
// to look where it is not so.
import { computed } from 'vue'
import { counted } from '../../../core/figures/format'
import type { Check } from '../../../core/proof/first-power'

const props = defineProps<{ checks: readonly Check[] }>()
const isSeen = (c: Check): boolean => c.progress !== 'planned'
/** The first that was not seen yet. */
const here = computed(() => props.checks.find(c => !isSeen(c)))
function stateOf(c: Check): string {
  if (isSeen(c)) return 'Seen'
  return c === here.value ? 'Look for this now' : 'Not yet'
}
</script>

<template>
  <section v-if="checks.length" aria-labelledby="tree" tabindex="0">
    <h2 id="tree">What was seen</h2>
    <ol class="trunk">
      <li v-for="c in checks" :key="c.id" :class="{ seen: isSeen(c), here: c === here }">
        <i aria-hidden="true" />
        <span>
          {{ c.do }}
          <span class="quiet"
            >{{ c.expect }} <b>{{ stateOf(c) }}</b><template v-if="c.joints.length"
              >, tests {{ counted(c.joints.length, 'connection') }}</template
            ></span
          >
        </span>
        <ol
          v-if="c === here && c.ifNot.length"
          class="branch"
          aria-label="If not, look in this order"
        >
          <li v-for="n in c.ifNot" :key="n">{{ n }}</li>
        </ol>
      </li>
    </ol>
    <p v-if="!here">All of it was seen.</p>
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 8px;
}
.trunk > li {
  position: relative;
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 4px 10px;
  padding: 0 0 14px;
}
/* The trunk from one point to the next. */
.trunk > li:not(:last-child)::before {
  content: '';
  position: absolute;
  left: 6px;
  top: 16px;
  bottom: -2px;
  border-left: 2px solid var(--edge);
}
.seen:not(:last-child)::before {
  border-color: var(--mat);
}
i {
  width: 14px;
  height: 14px;
  margin-top: 3px;
  border: 2px solid var(--edge);
  border-radius: 50%;
  background: var(--sheet);
}
.seen i {
  border-color: var(--mat);
  background: var(--mat);
}
.here i {
  border-color: var(--ink);
  border-width: 4px;
}
.here > span {
  font-weight: 600;
}
.quiet {
  display: block;
  font-weight: 400;
}
.branch {
  grid-column: 2;
  margin-left: 8px;
  padding-left: 14px;
  border-left: 2px dashed var(--watch);
  list-style: decimal inside;
}
.branch::before {
  content: 'if not, look here:';
  color: var(--ink-2);
  font-size: var(--small);
}
</style>
