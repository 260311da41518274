<script setup lang="ts">
// One that came in: what it is taken for, its name, how many, how well it was read, what keeps it out.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import { counted } from '../../core/figures/format'
import type { PartKind } from '../../core/parts'
import type { ArrivalChange, ArrivalLine } from '../desk/acts'
import VerdictMark from '../ui/VerdictMark.vue'

const props = defineProps<{
  line: ArrivalLine
  kinds: readonly { readonly kind: PartKind; readonly title: string }[]
}>()
const emit = defineEmits<{ change: [change: ArrivalChange]; drop: [] }>()
const name = computed(() => props.line.name || 'without a name yet')
const readWell = computed(() => {
  const { read } = props.line
  if (!read)
    return props.line.asListed
      ? `as its list says: ${props.line.asListed}`
      : 'as it stands in its table or file'
  const { values, doubtful, unread } = read
  return [
    counted(values, 'value'),
    ...(doubtful > 0 ? [`${doubtful} doubtful`] : []),
    ...(unread > 0 ? [`${counted(unread, 'phrase')} not read`] : []),
  ].join(' · ')
})
const asks = computed(() => {
  const { open } = props.line
  return open > 0 ? `${counted(open, 'thing')} that it joins by not known` : ''
})
const verdict = computed(() => {
  if (props.line.problem !== null) return 'stop'
  if (props.line.read?.doubtful) return 'watch'
  return props.line.open > 0 ? 'measure' : 'clear'
})
</script>

<template>
  <li class="arrival">
    <VerdictMark :verdict="verdict" />
    <div class="what">
      <RouterLink :to="{ name: 'entry', query: { from: 'arrival', part: line.id } }">{{
        name
      }}</RouterLink>
      <span class="quiet">{{ readWell }}</span>
      <span v-if="line.problem" class="stop">{{ line.problem }}</span>
      <span v-else-if="asks" class="open">{{ asks }}</span>
      <label v-if="line.comesWith.length" class="comes"
        ><input
          type="checkbox"
          :checked="!line.bare"
          @change="emit('change', { bare: !($event.target as HTMLInputElement).checked })"
        />
        with {{ line.comesWith.join(', ') }}</label
      >
    </div>
    <span v-if="line.read === null" class="quiet">{{ line.title }}</span>
    <label v-else
      ><span class="visually-hidden">Kind of {{ name }}</span>
      <select
        :value="line.kind ?? ''"
        @change="emit('change', { forced: ($event.target as HTMLSelectElement).value as PartKind })"
      >
        <option value="" disabled>choose…</option>
        <option v-for="k in kinds" :key="k.kind" :value="k.kind">{{ k.title }}</option>
      </select></label
    >
    <label
      >×
      <input
        type="number"
        min="1"
        max="99"
        :value="line.count"
        :aria-label="`How many of ${name}`"
        @change="emit('change', { count: Number(($event.target as HTMLInputElement).value) })"
    /></label>
    <ElButton size="small" :aria-label="`Leave out ${name}`" @click="emit('drop')"
      >Leave out</ElButton
    >
  </li>
</template>

<style scoped>
.arrival {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto auto auto;
  gap: 4px 12px;
  align-items: center;
  padding: 8px 12px;
  border-bottom: 1px solid var(--line);
}
.arrival:last-child {
  border-bottom: 0;
}
.what {
  display: grid;
}
.what a {
  justify-self: start;
  padding: 2px 0;
  font-weight: 600;
}
.comes {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 26px;
}
.open {
  color: var(--measure);
}
select,
input[type='number'] {
  padding: 3px 6px;
  min-height: 28px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
}
select {
  max-width: 180px;
}
input[type='number'] {
  width: 56px;
}
@media (max-width: 640px) {
  .arrival {
    grid-template-columns: auto minmax(0, 1fr) auto;
  }
}
</style>
