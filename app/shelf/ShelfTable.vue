<script setup lang="ts">
// The parts that match, as a table that draws only what is seen; each head sorts by its column. The
// lines are one stop of Tab, walked by the arrows.
import { useVirtualList } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useShelf } from './shelf'
import type { ShelfQuery } from './search'
import ShelfHead from './ShelfHead.vue'
import ShelfLine from './ShelfLine.vue'

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
/**
 * What is drawn: a line is known by its place in the order, so that scrolling keeps its focus and
 * typing changes only what it says.
 */
const lines = computed(() =>
  list.value.flatMap(({ data, index }) => {
    const row = shelf.rows[data]
    return row ? [{ row, index }] : []
  }),
)
const columns = computed(() => props.query.ranges.value.map(r => r.facet))
const template = computed(() => {
  const compared = props.compare ? ['26px'] : []
  const facets = columns.value.map(c =>
    c.takes === 'words' ? 'minmax(52px, 1fr)' : 'minmax(70px, .7fr)',
  )
  const middle = props.query.group.value === null ? ['minmax(90px, 1fr)'] : facets
  return [...compared, 'minmax(140px, 2fr)', ...middle, '66px', '62px'].join(' ')
})
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
    <div
      class="table"
      :class="{ comparing: compare }"
      role="table"
      :aria-rowcount="ids.length + 1"
      aria-label="Parts on the shelf"
    >
      <div role="rowgroup">
        <ShelfHead
          class="line"
          :query="query"
          :compare="compare"
          :style="{ gridTemplateColumns: template }"
        />
      </div>
      <div v-bind="containerProps" class="scroll" role="rowgroup" tabindex="-1">
        <div v-bind="wrapperProps">
          <ShelfLine
            v-for="{ row, index } in lines"
            :key="index"
            class="line"
            :aria-rowindex="index + 2"
            :style="{ gridTemplateColumns: template, height: `${LINE}px` }"
            :row="row"
            :kind="query.group.value === null"
            :columns="columns"
            :chosen="chosen === row.id"
            :act="act"
            :compare="compare"
            :stop="stop === index"
            @choose="emit('choose', row.id)"
            @take="emit('take', row.id)"
            @focusin="current = index"
            @keydown.down.prevent="walk(index + 1, controlOf($event))"
            @keydown.up.prevent="walk(index - 1, controlOf($event))"
          />
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
.none {
  padding: 14px 8px;
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr) 62px 62px !important;
  }
  .comparing .line {
    grid-template-columns: 26px minmax(0, 1fr) 62px 62px !important;
  }
}
</style>
