<script setup lang="ts">
// One pair of steps put by hand: whether the order keeps it, and how to take it back.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import type { PinnedPair } from '../../../core/order/pinned'
import { number } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'

const props = defineProps<{ pin: PinnedPair }>()
const desk = useDesk()
const SAYS = { kept: 'By hand:', refused: 'Not as you put it:', idle: 'Waits:' } as const
/** What it costs, or what is against it. */
const more = computed(() => {
  const { state, costs, against } = props.pin
  if (state === 'refused') return `facts are against it. ${against.join('; ')}`
  if (state === 'kept' && costs > 0) return `costs ${number(costs, 1)} weighed minutes`
  return state === 'kept' ? 'costs nothing' : ''
})
const takeBack = (): Promise<boolean> =>
  desk.run({
    do: 'pinOrder',
    before: props.pin.before,
    after: props.pin.after,
    off: true,
    title: props.pin.line,
  })
</script>

<template>
  <p class="pinned">
    <span
      ><b :class="{ watch: pin.state !== 'kept' }">{{ SAYS[pin.state] }}</b> {{ pin.line
      }}<template v-if="more">; {{ more }}</template
      >.</span
    >
    <ElButton size="small" @click="takeBack">Take back</ElButton>
  </p>
</template>

<style scoped>
.pinned {
  display: flex;
  gap: 10px;
  justify-content: space-between;
  align-items: center;
}
</style>
