<script setup lang="ts">
// One pair of steps put by hand: whether the order keeps it, and how to take it back.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed } from 'vue'
import type { PinnedPair } from '../../../core/order/plan'
import { useDesk } from '../../state/desk'

const props = defineProps<{ pin: PinnedPair }>()
const desk = useDesk()
const SAYS = {
  kept: ['By hand:', ''],
  refused: ['Not as you put it:', 'the facts are against it'],
  idle: ['Waits:', ''],
} as const
const says = computed(() => SAYS[props.pin.state])
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
      ><b :class="{ watch: pin.state !== 'kept' }">{{ says[0] }}</b> {{ pin.line
      }}<template v-if="says[1]">; {{ says[1] }}</template
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
