<script setup lang="ts">
// What has to be settled before this step: findings that stop or harm, parts that have not come,
// steps that come first. What is only to be measured or watched stands beside it and holds nothing.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, ref } from 'vue'
import type { Step } from '../../core/order/step'
import type { Finding } from '../../core/rules/finding'
import { useDesk } from '../state/desk'
import { VERDICT_WORD } from './findings'
import FindingRow from './findings/FindingRow.vue'
import MeasureField from './MeasureField.vue'
import ReasonField from './ReasonField.vue'
import { useSeam } from './seam'
import TriedButton from './TriedButton.vue'
import VerdictMark from './VerdictMark.vue'

const props = defineProps<{ step: Step; large?: boolean }>()
const desk = useDesk()
const { go } = useSeam()
const accepting = ref<string | null>(null)
const size = computed(() => (props.large ? 'large' : 'small'))
const held = computed(
  () => new Set(props.step.holds.flatMap(h => (h.of === 'finding' ? [h.finding] : []))),
)
const findings = computed(() =>
  (desk.analysis?.findings ?? []).filter(
    f =>
      held.value.has(f.id) ||
      (props.step.findings.includes(f.id) && f.verdict !== 'clear' && f.accepted === null),
  ),
)

const accept = async ({ id, sentence }: Finding, reason: string): Promise<void> => {
  if (await desk.run({ do: 'accept', id, title: sentence, reason })) accepting.value = null
}
const arrived = (item: string): Promise<boolean> =>
  desk.run({ do: 'setState', id: item, state: 'have' })
</script>

<template>
  <ul
    v-if="findings.length + step.holds.length"
    class="holds"
    :class="{ large }"
    aria-label="Before this step"
  >
    <template v-for="f in findings" :key="f.id">
      <FindingRow v-if="!large" :finding="f" />
      <li v-else class="line">
        <VerdictMark :verdict="f.verdict" :size="22" />
        <span class="says">
          <b :class="f.verdict">{{ VERDICT_WORD[f.verdict] }}</b> {{ f.sentence }}
          <span v-if="f.wayOut" class="out">{{ f.wayOut }}</span>
        </span>
        <MeasureField v-if="f.settles[0]" :settles="f.settles[0]" class="wide" />
        <TriedButton :finding="f" large />
        <template v-if="held.has(f.id)">
          <ReasonField
            v-if="accepting === f.id"
            class="wide"
            label="Why you accept it"
            large
            @reason="(r: string) => accept(f, r)"
            @cancel="accepting = null"
          />
          <ElButton v-else size="large" @click="accepting = f.id">Accept (say why)…</ElButton>
        </template>
      </li>
    </template>
    <template v-for="h in step.holds">
      <li v-if="h.of === 'part'" :key="h.item" class="line">
        <span class="says"><b>Not here yet:</b> {{ h.name }} ({{ h.state }}).</span>
        <ElButton :size="size" @click="arrived(h.item)">It is here</ElButton>
      </li>
      <li v-else-if="h.of === 'step'" :key="h.step" class="line">
        <span class="says"><b>First:</b> {{ h.title }}: {{ h.reason }}.</span>
        <ElButton :size="size" @click="go(h.step)">Go there</ElButton>
      </li>
    </template>
  </ul>
</template>

<style scoped>
.holds {
  border: 2px solid var(--ink);
  border-radius: var(--radius);
  padding: 2px 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  padding: 6px 0;
}
.line + .line {
  border-top: 1px solid var(--line);
}
.says {
  flex: 1 1 260px;
  text-wrap: pretty;
}
.wide {
  flex-basis: 100%;
}
.out {
  display: block;
  color: var(--ink-2);
  font-size: var(--small);
}
.large {
  font-size: 20px;
}
.large .out {
  font-size: 18px;
}
.large .el-button {
  min-height: 44px;
}
.line .el-button {
  margin: 0;
}
</style>
