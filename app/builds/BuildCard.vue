<script setup lang="ts">
// One build in the list: open, rename, copy, delete.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import { counted } from '../../core/figures/format'
import { useDesk } from '../state/desk'
import type { BuildLine } from '../desk/acts'
import BuildGlance from './BuildGlance.vue'
import ReasonField from '../ui/ReasonField.vue'

const props = defineProps<{ build: BuildLine }>()
const desk = useDesk()
const naming = ref<'rename' | 'copy' | null>(null)

/** Asked only where the store is full: what goes to the bin makes no room. */
const deleting = ref(false)
const toBin = (): Promise<boolean> => desk.did({ act: 'delete', build: props.build.id })
const forGood = (): Promise<boolean> => desk.did({ act: 'forget', builds: [props.build.id] })

async function name(text: string): Promise<void> {
  const copying = naming.value === 'copy'
  naming.value = null
  if (copying) await desk.did({ act: 'copy', build: props.build.id, name: text })
  else if (await desk.open(props.build.id)) await desk.run({ do: 'rename', name: text })
}
</script>

<template>
  <li>
    <RouterLink class="open" :to="{ name: 'parts', params: { build: build.id } }">
      <b>{{ build.name }}</b> <span class="quiet">{{ counted(build.items, 'part') }}</span>
      <span v-if="build.aside" class="note stop">{{ build.aside }}</span>
      <span v-else-if="build.note" class="quiet note">{{ build.note }}</span>
    </RouterLink>
    <BuildGlance v-if="!build.aside" class="glance" :build="build.id" />
    <ReasonField
      v-if="naming"
      :label="naming === 'copy' ? 'Name of the copy' : 'New name'"
      @reason="name"
      @cancel="naming = null"
    />
    <div v-else-if="deleting" class="acts" role="group" :aria-label="`Delete ${build.name}`">
      <span class="quiet">The store is full. The bin frees nothing; for good frees its room.</span>
      <ElButton size="small" type="danger" plain @click="forGood">Delete for good</ElButton>
      <ElButton size="small" @click="toBin">To the bin</ElButton>
      <ElButton size="small" @click="deleting = false">Keep it</ElButton>
    </div>
    <div v-else class="acts">
      <ElButton size="small" :aria-label="`Rename ${build.name}`" @click="naming = 'rename'"
        >Rename</ElButton
      >
      <ElButton size="small" :aria-label="`Copy ${build.name}`" @click="naming = 'copy'"
        >Copy</ElButton
      >
      <ElButton
        size="small"
        :aria-label="`Delete ${build.name}`"
        @click="desk.full ? (deleting = true) : toBin()"
        >Delete</ElButton
      >
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px 16px;
  align-items: center;
  padding: 10px 14px;
  border-top: 1px solid var(--line);
}
.glance {
  grid-column: 1 / -1;
  grid-row: 2;
}
li:first-child {
  border-top: 0;
}
li:hover {
  background: var(--mat-soft);
}
.open {
  color: var(--ink);
  text-decoration: none;
}
.open b {
  text-decoration: underline;
  text-decoration-color: var(--mat);
  text-underline-offset: 3px;
}
.note {
  display: block;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.acts .el-button {
  margin: 0;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
