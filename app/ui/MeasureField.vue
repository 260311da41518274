<script setup lang="ts">
// Takes one measurement in place: from where to where, with what, how finely it matters, from which
// value on the verdict turns; for this copy or for every one.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ElInput } from 'element-plus/es/components/input/index'
import 'element-plus/es/components/input/style/css'
import { computed, onMounted, ref, useId } from 'vue'
import type { SettledBy } from '../../core/rules/finding'
import { passing, quantity } from '../../core/figures/format'
import { question, readTyped } from '../../core/reader/typed'
import { useDesk } from '../state/desk'
import { usePointer } from '../state/pointer'
import { onKey } from './keys'

const props = defineProps<{
  settles: SettledBy
  likely?: readonly [number, number]
  first?: boolean
}>()
const emit = defineEmits<{ done: [] }>()
const desk = useDesk()
const pointer = usePointer()
const text = ref('')
const every = ref(false)
const unkept = ref(false)
const field = ref<InstanceType<typeof ElInput>>()
const id = useId()
const typed = computed(() =>
  text.value.trim() === '' ? null : readTyped(text.value, props.settles.unit),
)
const value = computed(() => (typed.value && 'value' in typed.value ? typed.value.value : null))
const complaint = computed(() => {
  if (typed.value && 'problem' in typed.value) return typed.value.problem
  if (value.value === null) return ''
  const { unit, label } = props.settles
  const asked = props.likely ? question(value.value, { unit, label, likely: props.likely }) : null
  if (asked !== null) return asked
  const converted = typed.value && 'converted' in typed.value && typed.value.converted
  return converted ? `= ${quantity(value.value, unit)}` : ''
})
const model = computed(
  () => desk.state.build?.items.find(i => i.id === props.settles.item)?.part.model ?? '',
)

async function enter(): Promise<void> {
  if (value.value === null) {
    field.value?.focus()
    return
  }
  const { item, path, unit } = props.settles
  const figure = {
    [unit]: value.value,
    basis: 'measured' as const,
    on: new Date().toISOString().slice(0, 10),
  }
  const done = every.value
    ? await desk.did({ act: 'measurePart', build: desk.state.build?.id ?? '', item, path, figure })
    : await desk.run({ do: 'setFigure', id: item, path, figure })
  unkept.value = !done
  if (done) {
    text.value = ''
    emit('done')
  }
}
if (props.first) onKey('measure', () => field.value?.focus())
onMounted(() => {
  if (!props.first || !pointer.wantsField) return
  pointer.wantsField = false
  field.value?.focus()
})
</script>

<template>
  <form class="measure-field" @submit.prevent="enter">
    <label :for="id"
      >{{ settles.label }}
      <span class="quiet"
        >{{ settles.take }} Take it with {{ settles.tool
        }}<template v-if="settles.within !== null && settles.unit !== 'pcs'"
          >, to {{ quantity(settles.within, settles.unit) }}</template
        >.<template v-if="settles.now !== null">
          Now {{ quantity(settles.now, settles.unit) }}.</template
        >
        <template v-if="settles.passes">
          That <span class="figure">{{ passing(settles.passes, settles.unit) }}</span>.</template
        ></span
      >
    </label>
    <ElInput
      :id="id"
      ref="field"
      v-model="text"
      size="small"
      inputmode="decimal"
      class="value"
      :aria-describedby="`${id}-c`"
      ><template #suffix>{{ settles.unit === 'pcs' ? '' : settles.unit }}</template></ElInput
    >
    <ElButton size="small" native-type="submit">Enter</ElButton>
    <label class="every quiet"
      ><input v-model="every" type="checkbox" /> holds for every {{ model }}: keep it with the
      part</label
    >
    <span :id="`${id}-c`" class="complaint" role="status">{{ complaint }}</span>
    <span v-if="unkept" class="complaint" role="alert"
      >Not kept: the figure is not in the build yet. Press Enter again.</span
    >
  </form>
</template>

<style scoped>
.measure-field {
  display: grid;
  grid-template-columns: 1fr 118px auto;
  gap: 2px 8px;
  align-items: center;
}
@media (max-width: 600px) {
  .measure-field {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .measure-field > label:first-child {
    grid-column: 1 / -1;
  }
}
label > .quiet {
  display: block;
}
.every {
  grid-column: 1 / -1;
  display: flex;
  gap: 6px;
  align-items: center;
}
.every input {
  accent-color: var(--mat);
}
.complaint {
  grid-column: 1 / -1;
  color: var(--stop);
  font-size: var(--small);
}
.complaint:empty {
  display: none;
}
</style>
