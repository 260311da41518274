<script setup lang="ts">
// Places of this copy that are broken or kept free: what is marked, and one more to mark.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, ref } from 'vue'
import type { MarkedAs } from '../../../core/parts/mark'
import type { PartRow } from '../../../core/stages/parts'
import { useDesk } from '../../state/desk'

const props = defineProps<{ row: PartRow }>()
const desk = useDesk()
const end = ref('')
const as = ref<MarkedAs>('broken')
const why = ref('')
/** As it is found: it does not shut under the hand that takes the last mark off. */
const opened = props.row.marked.length > 0
const free = computed(() =>
  props.row.places.filter(p => !props.row.marked.some(m => m.key === p.key)),
)
const title = (key: string): string => props.row.places.find(p => p.key === key)?.label ?? key
const unmark = (key: string): void =>
  void desk.run({ do: 'markEnd', id: props.row.id, end: key, mark: null, title: title(key) })

async function mark(): Promise<void> {
  const text = why.value.trim()
  await desk.run({
    do: 'markEnd',
    id: props.row.id,
    end: end.value,
    mark: { as: as.value, ...(text === '' ? {} : { why: text }) },
    title: title(end.value),
  })
  end.value = ''
  why.value = ''
}
</script>

<template>
  <details v-if="row.places.length" class="marks" :open="opened">
    <summary>
      Broken or kept free<template v-if="row.marked.length"> ({{ row.marked.length }})</template>
    </summary>
    <p class="quiet">Nothing is planned at a place that is marked; it stays in the record.</p>
    <ul v-if="row.marked.length">
      <li v-for="m in row.marked" :key="m.key">
        <span
          ><b>{{ m.label }}</b> {{ m.as
          }}<span v-if="m.why" class="quiet">, {{ m.why }}</span></span
        >
        <ElButton
          size="small"
          :aria-label="`Take off the mark of ${m.label}`"
          @click="unmark(m.key)"
          >Take off</ElButton
        >
      </li>
    </ul>
    <form @submit.prevent="mark">
      <label
        >Place
        <select v-model="end" class="smallfield" required>
          <option value="" disabled>Choose…</option>
          <option v-for="p in free" :key="p.key" :value="p.key">{{ p.label }}</option>
        </select></label
      >
      <div role="radiogroup" aria-label="What it is" class="as">
        <label><input v-model="as" type="radio" name="mark-as" value="broken" /> broken</label>
        <label><input v-model="as" type="radio" name="mark-as" value="reserved" /> reserved</label>
      </div>
      <label
        >Why <input v-model="why" type="text" class="smallfield" placeholder="bent pin; for spring"
      /></label>
      <ElButton size="small" native-type="submit" :disabled="end === ''">Mark</ElButton>
    </form>
  </details>
</template>

<style scoped>
.marks {
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
summary {
  cursor: pointer;
  font-weight: 600;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  padding: 3px 0;
}
form {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  padding-top: 6px;
}
.as {
  display: flex;
  gap: 10px;
  align-items: center;
}
select {
  max-width: 180px;
}
</style>
