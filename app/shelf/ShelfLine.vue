<script setup lang="ts">
// One line of the shelf's table: a part, its figures, its price, and what one does with it.
import { number } from '../../core/figures/format'
import type { ShelfRow } from '../desk/shelf/looking'
import { useShelf } from './shelf'
import type { ShelfQuery } from './search'

defineProps<{
  row: ShelfRow
  /** Whether its kind is a column. */
  kind: boolean
  columns: readonly ShelfQuery['ranges']['value'][number]['facet'][]
  chosen: boolean
  act: string
  compare?: boolean
  /** Whether Tab stops here. */
  stop: boolean
}>()
const emit = defineEmits<{ choose: []; take: [] }>()
const shelf = useShelf()
</script>

<template>
  <div class="line" role="row" :class="{ open: chosen }">
    <span v-if="compare" role="cell" class="part"
      ><label class="mark"
        ><input
          type="checkbox"
          :tabindex="stop ? 0 : -1"
          :aria-label="`Compare ${row.model}`"
          :checked="shelf.compared.includes(row.id)"
          @change="shelf.mark(row.id)" /></label
    ></span>
    <span role="cell" class="part"
      ><button
        type="button"
        class="plainbutton name"
        :aria-pressed="chosen"
        :tabindex="stop ? 0 : -1"
        @click="emit('choose')"
      >
        <b>{{ row.model }}</b>
        <span class="quiet">{{ row.maker }}<template v-if="row.own">, yours</template></span>
      </button></span
    >
    <span v-if="kind" role="cell" class="quiet wide">{{ row.title }}</span>
    <span
      v-for="c in columns"
      :key="c.path"
      role="cell"
      class="wide"
      :class="{ figure: c.takes === 'amount' }"
      :title="row.cells[c.path]"
      >{{ row.cells[c.path] || '–' }}</span
    >
    <span role="cell" class="figure price">{{
      typeof row.price === 'number' ? number(row.price, 2) : '–'
    }}</span>
    <span role="cell"
      ><button
        type="button"
        class="act"
        :tabindex="stop ? 0 : -1"
        :aria-label="`${act} ${row.model}`"
        @click="emit('take')"
      >
        {{ act }}
      </button></span
    >
  </div>
</template>

<style scoped>
.line:hover,
.open {
  background: var(--mat-soft);
}
.part {
  min-width: 0;
  height: 100%;
}
.name {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  width: 100%;
  height: 100%;
}
.mark {
  display: grid;
  place-items: center;
  height: 100%;
}
.wide {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: var(--small);
}
.price {
  text-align: right;
}
.act {
  border: 1px solid var(--line);
  background: var(--sheet);
  border-radius: var(--radius);
  padding: 3px 8px;
  cursor: pointer;
  font-size: var(--small);
  width: 100%;
}
.act:hover {
  border-color: var(--mat);
}
input[type='checkbox'] {
  width: 16px;
  height: 16px;
  accent-color: var(--mat);
}
@media (max-width: 700px) {
  .wide {
    display: none;
  }
}
</style>
