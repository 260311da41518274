<script setup lang="ts">
// One part in the list: its role, its name, its state, its price.
import { computed } from 'vue'
import { money } from '../../../core/figures/format'
import type { State } from '../../../core/parts/kind'
import type { PartRow } from '../../../core/stages/parts'
import { useDesk } from '../../state/desk'
import { usePointer } from '../../state/pointer'
import { VERDICT_WORD } from '../../ui/findings'
import VerdictMark from '../../ui/VerdictMark.vue'

const props = defineProps<{
  row: PartRow
  currency: string
  /** Whether it is ticked to be changed with others; null where nothing is ticked. */
  picked: boolean | null
}>()
defineEmits<{ pick: [] }>()
const costs = computed(() => props.row.costs)
const desk = useDesk()
const pointer = usePointer()
/**
 * A select of the browser's own: thirty of a library's take longer to begin than the whole view.
 */
async function stand(event: Event): Promise<void> {
  const select = event.target as HTMLSelectElement
  const kept = await desk.run({ do: 'setState', id: props.row.id, state: select.value as State })
  // What was not kept is not shown as if it were.
  if (!kept) select.value = props.row.state
}
/** What is lent costs nothing. */
const PRICE: Partial<Record<State, string>> = { lent: 'lent' }
const priceSays = computed(() => {
  if (props.row.paid !== null) return 'paid'
  return props.row.pack === null ? 'list price' : `its share of a pack of ${props.row.pack}`
})
/** What stands for a verdict where no rule asks anything of a part. */
const NO_CHECK = 'No check'
const STATES: readonly State[] = ['have', 'ordered', 'wanted', 'later', 'spare', 'lent']
</script>

<template>
  <li
    class="line"
    :class="{ open: pointer.chosen === row.id, ticked: picked !== null }"
    @mouseenter="pointer.point([row.id])"
    @mouseleave="pointer.leave"
  >
    <button
      type="button"
      class="plainbutton face"
      :aria-pressed="pointer.chosen === row.id"
      @click="pointer.choose(row.id)"
    >
      <VerdictMark
        v-if="row.verdict"
        :verdict="row.verdict"
        :title="VERDICT_WORD[row.verdict]"
      /><span v-else class="dash" :title="NO_CHECK">·</span>
      <span class="role quiet">{{ row.title }}</span>
      <span class="name"
        ><b>{{ row.name }}</b>
        <span class="quiet">{{
          [row.maker, row.condition === 'new' ? '' : row.condition].filter(Boolean).join(', ')
        }}</span>
        <strong v-if="row.verdict && row.verdict !== 'clear'" :class="row.verdict">{{
          VERDICT_WORD[row.verdict]
        }}</strong><span v-else class="visually-hidden">{{
          row.verdict ? VERDICT_WORD.clear : NO_CHECK
        }}</span></span
      >
    </button>
    <label v-if="picked !== null" class="pick"
      ><input type="checkbox" :checked="picked" @change="$emit('pick')" /><span
        class="visually-hidden"
        >Take {{ row.name }} too</span
      ></label
    >
    <select
      class="smallfield"
      :value="row.state"
      :aria-label="`State of ${row.name}`"
      @change="stand"
    >
      <option v-for="s in STATES" :key="s" :value="s">{{ s }}</option>
    </select>
    <span class="figure price" :title="PRICE[row.state] ?? priceSays">{{
      costs === null ? '–' : money(costs, currency)
    }}</span>
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 96px 92px;
  gap: 12px;
  align-items: center;
  padding-right: 12px;
  border-top: 1px solid var(--line);
}
.line:first-child {
  border-top: 0;
}
.ticked {
  grid-template-columns: minmax(0, 1fr) 28px 96px 92px;
}
.ticked .face {
  grid-template-columns: 16px minmax(0, 1fr);
}
.ticked .role {
  display: none;
}
.pick {
  display: grid;
  place-items: center;
  min-height: 28px;
}
.pick input {
  width: 18px;
  height: 18px;
  accent-color: var(--mat);
}
.line:hover,
.open {
  background: var(--mat-soft);
}
.face {
  display: grid;
  grid-template-columns: 16px 92px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  padding: 9px 0 9px 12px;
}
.name {
  overflow: hidden;
  text-overflow: ellipsis;
}
.price {
  text-align: right;
}
.dash {
  text-align: center;
  color: var(--ink-2);
}
@media (max-width: 600px) {
  .line {
    grid-template-columns: minmax(0, 1fr) 88px;
  }
  .ticked {
    grid-template-columns: minmax(0, 1fr) 28px 88px;
  }
  .price {
    display: none;
  }
  .face {
    grid-template-columns: 16px minmax(0, 1fr);
  }
  .role {
    display: none;
  }
}
</style>
