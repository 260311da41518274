<script setup lang="ts">
// The head of the shelf's table: each column sorts; the narrow table keeps the first and the price.
import { computed } from 'vue'
import type { ShelfQuery } from './search'

const props = defineProps<{ query: ShelfQuery; compare?: boolean }>()
const FIXED = ['name', 'price']
const heads = computed(() => [
  { path: 'name', label: 'part' },
  ...(props.query.group.value === null
    ? [{ path: 'group', label: 'kind' }]
    : props.query.ranges.value.map(({ facet }) => ({ path: facet.path, label: facet.label }))),
  { path: 'price', label: 'price' },
])
function sorted(path: string): 'ascending' | 'descending' | 'none' {
  if (props.query.sort.value !== path) return 'none'
  return props.query.down.value ? 'descending' : 'ascending'
}
const ARROWS = { ascending: ' ↑', descending: ' ↓', none: '' }
</script>

<template>
  <div class="line head" role="row">
    <span v-if="compare" role="columnheader"><span class="visually-hidden">compare</span></span>
    <span
      v-for="h in heads"
      :key="h.path"
      role="columnheader"
      :class="{ price: h.path === 'price', wide: !FIXED.includes(h.path) }"
      :aria-sort="sorted(h.path)"
    >
      <button type="button" class="plainbutton" @click="query.sortBy(h.path)">
        {{ h.label }}{{ ARROWS[sorted(h.path)] }}
      </button>
    </span>
    <span role="columnheader"><span class="visually-hidden">act</span></span>
  </div>
</template>

<style scoped>
/* Over what every line has. */
.head.line {
  border-top: 0;
  border-bottom: 1px solid var(--line);
  color: var(--ink-2);
  font-size: var(--small);
  height: 30px;
  overflow-y: hidden;
  scrollbar-gutter: stable;
}
.head > *,
button {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button {
  width: 100%;
  height: 30px;
}
.price button {
  text-align: right;
}
@media (max-width: 700px) {
  .wide {
    display: none;
  }
}
</style>
