<script setup lang="ts">
// Nothing forgotten: what was planned before this step and is neither done nor skipped. The
// step waits for it.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { ref } from 'vue'
import { counted } from '../../core/figures/format'
import type { Step } from '../../core/order/step'
import { useDesk } from '../state/desk'
import { useSeam } from './seam'
import { skipAsk } from './steps'
import ReasonField from './ReasonField.vue'

const props = defineProps<{ step: Step; large?: boolean }>()
const desk = useDesk()
const { steps, go } = useSeam()
const crossing = ref<string | null>(null)

async function cross(id: string, reason: string): Promise<void> {
  const open = steps.value.find(s => s.id === id)
  if (!open) return
  if (await desk.run(skipAsk(open, reason))) crossing.value = null
}
</script>

<template>
  <section class="gate" aria-label="Not forgotten">
    <p>
      <b
        >Wait: {{ counted(props.step.gate.length, 'thing') }} planned before this
        {{ props.step.gate.length === 1 ? 'is' : 'are' }} neither done nor skipped.</b
      >
    </p>
    <ul>
      <li v-for="g in props.step.gate" :key="g.step">
        <span>{{ g.title }}</span>
        <template v-if="crossing !== g.step"
          ><ElButton :size="large ? 'default' : 'small'" @click="go(g.step)">Go there</ElButton
          ><ElButton :size="large ? 'default' : 'small'" @click="crossing = g.step"
            >Skip…</ElButton
          ></template
        >
        <ReasonField
          v-else
          class="reason"
          label="Why it is not done"
          @reason="(r: string) => cross(g.step, r)"
          @cancel="crossing = null"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.gate {
  border: 2px solid var(--ink);
  border-radius: var(--radius);
  padding: 8px 12px;
  display: grid;
  gap: 6px;
}
ul {
  max-height: 40vh;
  overflow: auto;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
li > span {
  flex: 1 1 200px;
}
li .el-button {
  margin: 0;
}
.reason {
  flex-basis: 100%;
}
</style>
