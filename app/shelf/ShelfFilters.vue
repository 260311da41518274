<script setup lang="ts">
// What the shelf is narrowed by: words, a group, and, once there is one, its figures and words that
// matter.
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { nextTick, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { capital, quantity } from '../../core/figures/format'
import { readTyped } from '../../core/reader/typed'
import type { FacetRange } from '../../core/shelf/find'
import { onKey } from '../ui/keys'
import type { ShelfQuery } from './search'

const props = defineProps<{ query: ShelfQuery }>()
const emit = defineEmits<{ /** On into what was found. */ into: [] }>()
const route = useRoute()
const field = ref<InstanceType<typeof ElInput>>()
onKey('find', () => field.value?.focus())
onMounted(async () => {
  if (route.query['find'] === undefined) return
  await nextTick()
  field.value?.focus()
})
const picked = (path: string): readonly string[] => props.query.bounds.value[path]?.words ?? []
const pick = (path: string, word: string): void =>
  props.query.bound(path, {
    words: picked(path).includes(word)
      ? picked(path).filter(w => w !== word)
      : [...picked(path), word],
  })
const complaint = ref('')
function set(r: FacetRange, side: 'least' | 'most', text: string): void {
  const typed = text.trim() === '' ? null : readTyped(text, r.facet.unit ?? 'pcs')
  complaint.value = typed && 'problem' in typed ? `${capital(r.facet.label)}: ${typed.problem}` : ''
  props.query.bound(r.facet.path, { [side]: typed && 'value' in typed ? typed.value : null })
}
</script>

<template>
  <div class="filters">
    <ElInput
      ref="field"
      :model-value="query.text.value"
      placeholder="Words: kind, maker, model, socket, size…"
      aria-label="Find a part"
      clearable
      @update:model-value="query.say"
      @keydown.down.prevent="emit('into')"
    />
    <div
      v-memo="[query.group.value, query.groups.value]"
      class="groups"
      role="group"
      aria-label="Kind of part"
    >
      <button
        type="button"
        class="plainbutton"
        :aria-pressed="query.group.value === null"
        @click="query.pick(null)"
      >
        All
      </button>
      <button
        v-for="g in query.groups.value"
        :key="g.id"
        type="button"
        class="plainbutton"
        :aria-pressed="query.group.value === g.id"
        @click="query.pick(g.id)"
      >
        {{ g.title }} <span class="figure">{{ g.count }}</span>
      </button>
    </div>
    <div
      v-if="query.ranges.value.length"
      v-memo="[query.ranges.value, query.bounds.value]"
      class="facets"
    >
      <fieldset v-for="r in query.ranges.value" :key="r.facet.path">
        <legend>{{ r.facet.label }}</legend>
        <template v-if="r.facet.takes === 'words'">
          <button
            v-for="w in r.words"
            :key="w"
            type="button"
            class="plainbutton word"
            :aria-pressed="picked(r.facet.path).includes(w)"
            @click="pick(r.facet.path, w)"
          >
            {{ w }}
          </button>
        </template>
        <template v-else-if="r.least !== null && r.most !== null">
          <input
            type="text"
            inputmode="decimal"
            :aria-label="`${r.facet.label} at least`"
            :placeholder="quantity(r.least, r.facet.unit ?? 'pcs')"
            @change="set(r, 'least', ($event.target as HTMLInputElement).value)"
          />
          <span>to</span>
          <input
            type="text"
            inputmode="decimal"
            :aria-label="`${r.facet.label} at most`"
            :placeholder="quantity(r.most, r.facet.unit ?? 'pcs')"
            @change="set(r, 'most', ($event.target as HTMLInputElement).value)"
          />
        </template>
        <span v-else class="quiet">none states it</span>
      </fieldset>
    </div>
    <p v-if="complaint" class="stop" role="status">{{ complaint }}</p>
  </div>
</template>

<style scoped>
.filters {
  display: grid;
  gap: 8px;
}
.groups {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
}
.groups button,
.word {
  min-height: 24px;
  padding: 2px 7px;
  border: 1px solid transparent;
  border-radius: var(--radius);
  font-size: var(--small);
}
.groups button:hover,
.word:hover {
  border-color: var(--line);
}
[aria-pressed='true'] {
  background: var(--mat);
  color: var(--sheet);
}
.groups .figure {
  opacity: 0.8;
}
.facets {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  align-items: center;
}
legend {
  float: left;
  padding: 0 6px 0 0;
  color: var(--ink-2);
  font-size: var(--small);
  line-height: 26px;
}
input {
  width: 92px;
  min-height: 24px;
  padding: 2px 6px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
  font-family: var(--figure);
  font-size: 12.5px;
}
input::placeholder {
  color: var(--ink-2);
}
</style>
