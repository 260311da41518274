<script setup lang="ts">
// Test: what is doubted, then the first power-on as a list; each point proves the joints behind it.
import { ElCheckbox } from 'element-plus/es/components/checkbox/index'
import 'element-plus/es/components/checkbox/style/css'
import { computed } from 'vue'
import type { Check } from '../../../core/proof/first-power'
import { useDesk } from '../../state/desk'
import { useFindings } from '../../ui/findings'
import EmptyStage from '../../ui/EmptyStage.vue'
import StageLayout from '../../ui/StageLayout.vue'
import ProofTree from './ProofTree.vue'
import FindingLedger from '../../ui/findings/FindingLedger.vue'

const desk = useDesk()
const checks = computed(() => desk.analysis?.proof ?? [])
/** What is not known to work is tried before the first power-on of the whole. */
const { findings } = useFindings('proof')
const doubts = computed(() => findings.value.filter(f => f.verdict !== 'clear'))
const summary = computed(() =>
  checks.value.length > 0
    ? `${seen.value} of ${checks.value.length} seen. Side open, least parts, from top to bottom.`
    : '',
)
const seen = computed(() => checks.value.filter(c => c.progress !== 'planned').length)

const NOTHING =
  'Here stands what to do and what to see when the machine gets power for the first time. It takes ' +
  'a motherboard and a power supply (PSU).'

function tick(check: Check, yes: boolean): void {
  void desk.run({
    do: yes ? 'prove' : 'unprove',
    ids: [check.id, ...check.joints],
    title: check.do,
  })
}
</script>

<template>
  <StageLayout title="Test: the first power-on" stage="proof" :summary="summary">
    <EmptyStage v-if="checks.length === 0" :says="NOTHING" />
    <FindingLedger v-if="doubts.length" stage="proof" :findings="doubts" />
    <ol v-if="checks.length" class="sheet">
      <li v-for="c in checks" :key="c.id">
        <ElCheckbox
          :model-value="c.progress !== 'planned'"
          :aria-label="c.do"
          @change="(v: unknown) => tick(c, v === true)"
        />
        <div>
          <p>
            <b>{{ c.do }}</b>
          </p>
          <p>{{ c.expect }}</p>
          <p v-if="c.caution" class="care">{{ c.caution }}</p>
          <details v-if="c.ifNot.length">
            <summary>If not, look in this order</summary>
            <ol class="look">
              <li v-for="n in c.ifNot" :key="n">{{ n }}</li>
            </ol>
          </details>
        </div>
        <span class="quiet">{{ c.progress === 'planned' ? '' : 'seen' }}</span>
      </li>
    </ol>
    <template #where><ProofTree :checks="checks" /></template>
  </StageLayout>
</template>

<style scoped>
.sheet {
  margin-top: 10px;
}
.sheet > li {
  display: grid;
  grid-template-columns: 26px 1fr auto;
  gap: 10px;
  padding: 9px 14px;
  border-top: 1px solid var(--line);
}
.sheet > li:first-child {
  border-top: 0;
}
.care {
  border-left: 3px solid var(--copper);
  padding-left: 10px;
}
summary {
  cursor: pointer;
  color: var(--ink-2);
  font-size: var(--small);
}
.look {
  list-style: decimal;
  padding-left: 1.6em;
}
.el-checkbox {
  height: 22px;
}
</style>
