<script setup lang="ts">
// The parts that match, as a table that draws only what is seen; each head sorts by its column. The lines are one stop of Tab, walked by the arrows.
import { useVirtualList } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { number } from '../../core/format'
import { useShelf } from '../stores/shelf'
import type { ShelfQuery } from '../use/shelf'

const props = defineProps<{
  query: ShelfQuery
  chosen?: string | null
  act: string
  compare?: boolean
}>()
const emit = defineEmits<{ choose: [id: string]; take: [id: string] }>()
const shelf = useShelf()
/** The height of a line: the list draws as many as fit. */
const LINE = 36
const ids = computed(() => [...props.query.order.value])
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(ids, {
  itemHeight: LINE,
  overscan: 3,
})
/** What is drawn: a line is known by its place in the order, so that scrolling keeps its focus and typing changes only what it says. */
const lines = computed(() =>
  list.value.flatMap(({ data, index }) => {
    const row = shelf.rows[data]
    return row ? [{ row, index }] : []
  }),
)
const columns = computed(() => props.query.ranges.value.map(r => r.facet))
const template = computed(
  () =>
    `${props.compare ? '26px ' : ''}minmax(140px, 2fr) ${props.query.group.value === null ? 'minmax(90px, 1fr)' : columns.value.map(c => (c.words ? 'minmax(52px, 1fr)' : 'minmax(70px, .7fr)')).join(' ')} 66px 62px`,
)
const sorted = (path: string): 'ascending' | 'descending' | 'none' =>
  props.query.sort.value !== path ? 'none' : props.query.down.value ? 'descending' : 'ascending'
const arrow = (path: string): string =>
  ({ ascending: ' ↑', descending: ' ↓', none: '' })[sorted(path)]
/** The heads that sort, in order; the narrow table keeps the fixed ones. */
const FIXED = ['name', 'price']
const heads = computed(() => [
  { path: 'name', label: 'part' },
  ...(props.query.group.value === null
    ? [{ path: 'group', label: 'kind' }]
    : columns.value.map(({ path, label }) => ({ path, label }))),
  { path: 'price', label: 'price' },
])
/** The line that Tab stops at; where it is not drawn, the first that is. */
const current = ref(0)
// Another list begins at its top: far down in a longer one, nothing of a short one would be drawn.
watch(
  ids,
  (now, before) => {
    if (now.length === before.length && now.every((id, i) => id === before[i])) return
    current.value = 0
    scrollTo(0)
  },
  { flush: 'post' },
)
const stop = computed(() =>
  lines.value.some(l => l.index === current.value) ? current.value : (lines.value[0]?.index ?? 0),
)
/** The controls of a line, in order. */
const CONTROLS = ['input', '.name', '.act'] as const
/** To a line: what is not drawn yet is scrolled to first. */
async function walk(index: number, control: (typeof CONTROLS)[number] = '.name'): Promise<void> {
  const to = Math.max(0, Math.min(ids.value.length - 1, index))
  const target = (): HTMLElement | null | undefined =>
    containerProps.ref.value?.querySelector<HTMLElement>(`[aria-rowindex="${to + 2}"] ${control}`)
  if (!target()) {
    scrollTo(to)
    await nextTick()
    await new Promise(drawn => requestAnimationFrame(drawn))
  }
  target()?.focus()
}
const controlOf = (event: KeyboardEvent): (typeof CONTROLS)[number] =>
  CONTROLS.find(c => (event.target as Element).matches(c)) ?? '.name'
defineExpose({
  /** From the words into the lines. */
  enter: (): Promise<void> => walk(current.value),
  /** Back to the line of a part that was opened. */
  back: async (id: string): Promise<void> => {
    const at = ids.value.findIndex(i => shelf.rows[i]?.id === id)
    if (at >= 0) await walk(at)
  },
})
</script>

<template>
  <div class="whole">
    <div class="table" role="table" :aria-rowcount="ids.length + 1" aria-label="Parts on the shelf">
      <div role="rowgroup">
        <div class="line head" role="row" :style="{ gridTemplateColumns: template }">
          <span v-if="compare" role="columnheader"
            ><span class="visually-hidden">compare</span></span
          >
          <span
            v-for="h in heads"
            :key="h.path"
            role="columnheader"
            :class="{ price: h.path === 'price', fixed: FIXED.includes(h.path) }"
            :aria-sort="sorted(h.path)"
          >
            <button type="button" class="plainbutton" @click="query.sortBy(h.path)">
              {{ h.label }}{{ arrow(h.path) }}
            </button>
          </span>
          <span role="columnheader"><span class="visually-hidden">act</span></span>
        </div>
      </div>
      <div v-bind="containerProps" class="scroll" role="rowgroup" tabindex="-1">
        <div v-bind="wrapperProps">
          <template v-for="{ row, index } in lines" :key="index">
            <div
              class="line"
              role="row"
              :aria-rowindex="index + 2"
              :class="{ open: chosen === row.id }"
              :style="{ gridTemplateColumns: template, height: `${LINE}px` }"
              @focusin="current = index"
              @keydown.down.prevent="walk(index + 1, controlOf($event))"
              @keydown.up.prevent="walk(index - 1, controlOf($event))"
            >
              <span v-if="compare" role="cell" class="part"
                ><label class="mark"
                  ><input
                    type="checkbox"
                    :tabindex="stop === index ? 0 : -1"
                    :aria-label="`Compare ${row.model}`"
                    :checked="shelf.compared.includes(row.id)"
                    @change="shelf.mark(row.id)" /></label
              ></span>
              <span role="cell" class="part"
                ><button
                  type="button"
                  class="plainbutton name"
                  :aria-pressed="chosen === row.id"
                  :tabindex="stop === index ? 0 : -1"
                  @click="emit('choose', row.id)"
                >
                  <b>{{ row.model }}</b>
                  <span class="quiet"
                    >{{ row.maker }}<template v-if="row.own">, yours</template></span
                  >
                </button></span
              >
              <span v-if="query.group.value === null" role="cell" class="quiet">{{
                row.title
              }}</span>
              <template v-else
                ><span
                  v-for="c in columns"
                  :key="c.path"
                  role="cell"
                  :class="c.words ? 'cell' : 'cell figure'"
                  :title="row.cells[c.path]"
                  >{{ row.cells[c.path] || '–' }}</span
                ></template
              >
              <span role="cell" class="figure price">{{
                typeof row.price === 'number' ? number(row.price, 2) : '–'
              }}</span>
              <span role="cell"
                ><button
                  type="button"
                  class="act"
                  :tabindex="stop === index ? 0 : -1"
                  :aria-label="`${act} ${row.model}`"
                  @click="emit('take', row.id)"
                >
                  {{ act }}
                </button></span
              >
            </div>
          </template>
        </div>
      </div>
    </div>
    <p v-if="shelf.rows.length > 0 && ids.length === 0" class="quiet none" role="status">
      Nothing on the shelf is like that. Take a word or a bound away, or bring the part in.
    </p>
  </div>
</template>

<style scoped>
.whole {
  min-height: 0;
  min-width: 0;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
}
.table {
  min-height: 0;
  min-width: 0;
  overflow-x: auto;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
}
.scroll {
  overflow-y: auto;
  scrollbar-gutter: stable;
}
.line {
  display: grid;
  gap: 10px;
  align-items: center;
  padding: 0 8px;
  border-top: 1px solid var(--line);
}
.head > *,
.head button {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.head button {
  width: 100%;
  height: 30px;
}
.head {
  border-top: 0;
  border-bottom: 1px solid var(--line);
  color: var(--ink-2);
  font-size: var(--small);
  height: 30px;
  overflow-y: hidden;
  scrollbar-gutter: stable;
}
.line:not(.head):hover,
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
.cell {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: var(--small);
}
.price,
.price button {
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
.none {
  padding: 14px 8px;
}
input[type='checkbox'] {
  width: 16px;
  height: 16px;
  accent-color: var(--mat);
}
@media (max-width: 700px) {
  .cell {
    display: none;
  }
  .line {
    grid-template-columns: 26px minmax(0, 1fr) 62px 62px !important;
  }
  .line > span.quiet,
  .head > :not(.fixed, :first-child, :last-child) {
    display: none;
  }
}
</style>
