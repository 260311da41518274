<script setup lang="ts">
// State and condition of several parts at once: those that are ticked in the list.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, ref } from 'vue'
import { counted } from '../../../core/figures/format'
import type { SingleCommand } from '../../../core/document/command-schema'
import type { Condition, State } from '../../../core/parts/kind'
import type { PartRow } from '../../../core/stages/parts'
import { useDesk } from '../../state/desk'

const props = defineProps<{ rows: readonly PartRow[]; picked: readonly string[] }>()
const emit = defineEmits<{ pick: [ids: readonly string[]]; close: [] }>()
const desk = useDesk()
const STATES: readonly State[] = ['have', 'ordered', 'wanted', 'later', 'spare', 'lent']
const CONDITIONS: readonly Condition[] = ['new', 'known good', 'unknown', 'suspect']
const state = ref<State | ''>('')
const condition = ref<Condition | ''>('')
/** Those that are bought and not here yet. */
const ordered = computed(() => props.rows.filter(r => r.state === 'ordered').map(r => r.id))
const said = ref('')
async function apply(): Promise<void> {
  const commands = props.picked.flatMap((id): SingleCommand[] => [
    ...(state.value ? [{ do: 'setState' as const, id, state: state.value }] : []),
    ...(condition.value ? [{ do: 'setCondition' as const, id, condition: condition.value }] : []),
  ])
  if (commands.length === 0) {
    said.value = 'Tick parts in the list, and choose a state or a condition.'
    return
  }
  const what = [state.value, condition.value].filter(Boolean).join(', ')
  const title = `${counted(props.picked.length, 'part')}: ${what}`
  if (!(await desk.run({ do: 'together', commands, title }))) return
  said.value = `${title}.`
  emit('pick', [])
}
</script>

<template>
  <div class="several" role="group" aria-label="Several at once">
    <span class="quiet">{{ counted(picked.length, 'part') }} ticked</span>
    <ElButton
      size="small"
      @click="
        emit(
          'pick',
          rows.map(r => r.id),
        )
      "
      >All</ElButton
    >
    <ElButton v-if="ordered.length" size="small" @click="emit('pick', ordered)"
      >The {{ ordered.length }} ordered</ElButton
    >
    <ElButton size="small" :disabled="picked.length === 0" @click="emit('pick', [])">None</ElButton>
    <label
      >State
      <select v-model="state" class="smallfield">
        <option value="">as it is</option>
        <option v-for="s in STATES" :key="s" :value="s">{{ s }}</option>
      </select></label
    >
    <label
      >Condition
      <select v-model="condition" class="smallfield">
        <option value="">as it is</option>
        <option v-for="c in CONDITIONS" :key="c" :value="c">{{ c }}</option>
      </select></label
    >
    <ElButton type="primary" size="small" @click="apply">Apply</ElButton>
    <ElButton size="small" @click="emit('close')">Close</ElButton>
    <span v-if="said" class="quiet" role="status">{{ said }}</span>
  </div>
</template>

<style scoped>
.several {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 8px 10px;
  margin-bottom: 8px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.el-button {
  margin: 0;
}
</style>
