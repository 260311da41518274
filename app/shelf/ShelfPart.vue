<script setup lang="ts">
// One part of the shelf opened: all it states, its manual's pages, and what one does with it.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { money } from '../../core/figures/format'
import type { Part } from '../../core/parts'
import type { SideRow } from '../../core/shelf/side-by-side'
import { useDesk } from '../state/desk'
import { useShelf } from './shelf'
import { ask } from '../desk/remote'
import PageStrip from './PageStrip.vue'

const props = defineProps<{ id: string }>()
const emit = defineEmits<{ close: [] }>()
const desk = useDesk()
const shelf = useShelf()
const router = useRouter()
const route = useRoute()
const part = shallowRef<Part | null>(null)
const rows = shallowRef<readonly SideRow[]>([])
const heading = ref<HTMLElement>()
const line = computed(() => shelf.rows.find(r => r.id === props.id) ?? null)
// What changes on the shelf is shown in place: an open manual stays open.
watch(
  () => desk.state.shelf,
  async () => {
    const [now, said] = await Promise.all([ask('part', props.id), ask('sideBySide', [props.id])])
    const first = part.value === null
    part.value = now
    rows.value = said.filter(x => !['maker', 'model', 'price'].includes(x.path))
    // What one does with a part is next to the key that opened it.
    if (!first) return
    await nextTick()
    heading.value?.focus()
  },
  { immediate: true },
)
const go = (query: Readonly<Record<string, string>>): void =>
  void router.push({ name: 'entry', params: route.params, query })
async function drop(): Promise<void> {
  if (await desk.did({ act: 'dropParts', parts: [props.id] })) emit('close')
}
</script>

<template>
  <aside v-if="part && line" class="part" :aria-label="part.model">
    <div class="head">
      <div>
        <h2 ref="heading" tabindex="-1">{{ part.model }}</h2>
        <p class="quiet">
          {{ line.title }} by {{ part.maker || 'a maker not stated'
          }}<template v-if="typeof part.price === 'number'"
            >, {{ money(part.price, desk.state.build?.currency ?? '') }}</template
          >{{ line.own ? ', yours' : ', came with the program' }}
        </p>
      </div>
      <ElButton size="small" aria-label="Close the part" @click="emit('close')">×</ElButton>
    </div>
    <div class="acts">
      <ElButton type="primary" size="small" @click="shelf.add(id)"
        >Add to {{ desk.state.build?.name }}</ElButton
      >
      <ElButton size="small" @click="go({ from: 'edit', part: id })">Change</ElButton>
      <ElButton size="small" @click="go({ from: 'vary', part: id })">Copy and vary</ElButton>
      <ElButton size="small" :aria-pressed="shelf.compared.includes(id)" @click="shelf.mark(id)">{{
        shelf.compared.includes(id) ? 'Marked to compare' : 'Mark to compare'
      }}</ElButton>
      <ElButton v-if="line.own" size="small" @click="drop">Take off the shelf</ElButton>
    </div>
    <p v-if="part.note">{{ part.note }}</p>
    <PageStrip :part="part" />
    <table :aria-label="`What is stated of the ${part.model}`">
      <tbody>
        <tr v-for="r in rows" :key="r.path">
          <td>{{ r.label }}</td>
          <td :class="{ quiet: r.cells[0] === 'not stated' }">{{ r.cells[0] }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="part.assumed?.length || part.partly?.length" class="quiet">
      Some of this nobody stated: it is taken as usual, and the checks say “measure” of it.
    </p>
  </aside>
</template>

<style scoped>
.part {
  padding: 14px 16px 30px;
  display: grid;
  gap: 10px;
  align-content: start;
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  align-items: start;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.acts .el-button {
  margin: 0;
}
td {
  padding: 4px 8px 4px 0;
  border-top: 1px solid var(--line);
  vertical-align: top;
}
td:first-child {
  color: var(--ink-2);
  width: 42%;
}
</style>
