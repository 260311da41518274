<script setup lang="ts">
// Bench: one step fills the screen. Space or Enter makes it; letters are read at arm's length.
import { useEventListener } from '@vueuse/core'
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { minutes } from '../../../core/figures/format'
import { useDesk } from '../../state/desk'
import ChangedNote from './ChangedNote.vue'
import PhotoStrip from '../../ui/PhotoStrip.vue'
import ReasonField from '../../ui/ReasonField.vue'
import StepGate from '../../ui/StepGate.vue'
import DoneDifferently from './DoneDifferently.vue'
import StepHolds from '../../ui/StepHolds.vue'
import StepWords from '../../ui/StepWords.vue'
import { useBench } from './bench'
import { isBusy } from '../../ui/keys'
import { isHeld } from '../../ui/seam'

const desk = useDesk()
const {
  steps,
  step,
  at,
  time,
  done,
  finished,
  waitsFor,
  skipping,
  otherwise,
  changed,
  make,
  skip,
  prove,
  move,
  look,
  unkept,
} = useBench()

useEventListener('keydown', (event: KeyboardEvent) => {
  if (isBusy(event.target) || (event.key !== ' ' && event.key !== 'Enter')) return
  event.preventDefault()
  void make()
})
</script>

<template>
  <section v-if="step" class="bench">
    <div class="top">
      <span
        >Step {{ at + 1 }} of {{ steps.length
        }}<template v-if="desk.horizonsDiffer"
          >, {{ desk.horizon === 'now' ? 'bought so far' : 'whole plan' }}
          <ElButton class="other" @click="look(desk.horizon === 'now' ? 'then' : 'now')">{{
            desk.horizon === 'now' ? 'Whole plan' : 'Bought so far'
          }}</ElButton></template
        ></span
      ><span class="figure" role="timer">{{ time }} of {{ minutes(step.minutes) }}</span>
      <RouterLink
        :to="{ name: 'order', params: { build: desk.state.build?.id }, query: { step: step.id } }"
        >Leave the bench</RouterLink
      >
    </div>
    <div class="words">
      <p v-if="unkept" class="told stop" role="alert">
        Not kept: this step is not made yet. What was kept before is safe. Press “Made” again.
      </p>
      <p v-if="finished" class="told">
        {{
          desk.horizonsDiffer && desk.horizon === 'now'
            ? 'All that can be done with what is bought is done.'
            : 'All steps are done.'
        }}
        The record has it.
      </p>
      <p v-if="waitsFor.length && !done && step.gate.length === 0" class="told">
        Easier before this:
        {{
          waitsFor
            .map(w => w.title)
            .slice(0, 2)
            .join('; ')
        }}{{ waitsFor.length > 2 ? ` and ${waitsFor.length - 2} more` : '' }}.
      </p>
      <h1 tabindex="-1">{{ step.title }}</h1>
      <StepHolds :key="step.id" :step="step" large />
      <StepGate v-if="step.gate.length" :step="step" large />
      <StepWords :step="step" large />
      <p v-if="done" class="told">
        {{
          step.progress === 'crossed'
            ? 'Crossed off.'
            : step.progress === 'proved'
              ? 'Made and proved.'
              : 'Made.'
        }}
      </p>
      <PhotoStrip :key="step.id" :about="step.marks" :name="step.title" large />
    </div>
    <ChangedNote v-if="changed" :difference="changed" @close="changed = null" />
    <DoneDifferently v-if="otherwise" :step="step" />
    <ReasonField
      v-if="skipping"
      large
      :label="step.demand ? 'Why it stays open' : 'Why it is skipped'"
      @reason="skip"
      @cancel="skipping = false"
    />
    <div v-else class="acts">
      <ElButton :disabled="at <= 0" @click="move(-1)">Back</ElButton>
      <ElButton v-if="step.joints.length" :aria-pressed="otherwise" @click="otherwise = !otherwise"
        >Otherwise…</ElButton
      >
      <ElButton v-if="!done" @click="skipping = true">{{
        step.demand ? 'Leave open…' : 'Skip…'
      }}</ElButton>
      <ElButton v-else-if="step.progress === 'made' && step.joints.length" @click="prove"
        >Proved</ElButton
      >
      <ElButton v-else @click="move(1)">Next</ElButton>
      <ElButton
        v-if="step.demand === null"
        type="primary"
        class="make"
        :disabled="isHeld(step)"
        @click="make"
        >{{ done ? 'Next' : isHeld(step) ? 'Not yet' : 'Made' }}</ElButton
      >
    </div>
  </section>
  <section v-else class="bench">
    <h1 tabindex="-1">Nothing to do yet</h1>
    <p>
      Add parts first: the steps grow from their joints.
      <RouterLink :to="{ name: 'parts', params: { build: desk.state.build?.id } }"
        >To the parts</RouterLink
      >
    </p>
  </section>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  height: 100%;
  max-width: 980px;
  margin: 0 auto;
  padding: 10px 24px 20px;
  gap: 12px;
  color: var(--ink);
}
.top {
  display: flex;
  gap: 20px;
  justify-content: space-between;
  align-items: center;
  font-size: 18px;
}
.top a {
  color: var(--ink);
  padding: 8px 0;
}
.words {
  overflow: auto;
  font-size: 23px;
  line-height: 1.35;
  display: grid;
  gap: 14px;
  align-content: start;
}
h1 {
  font-size: clamp(28px, 4vw, 40px);
  text-wrap: balance;
}
.told {
  border: 2px solid var(--ink);
  border-radius: var(--radius);
  padding: 6px 12px;
  font-size: 19px;
}
.acts {
  display: grid;
  grid-template-columns: repeat(3, 1fr) 2fr;
  gap: 12px;
}
.acts :deep(.make.is-disabled),
.acts :deep(.make.is-disabled:hover) {
  opacity: 1;
  background: var(--line);
  color: var(--ink);
  border-style: dashed;
}
.acts .make {
  grid-column: 4;
}
.acts :deep(.el-button) {
  height: 84px;
  font-size: 24px;
  margin: 0;
  border-width: 2px;
  border-color: var(--ink);
}
.acts .make {
  font-size: 30px;
}
@media (max-width: 600px) {
  .bench {
    padding: 8px 14px 14px;
  }
  .words {
    font-size: 20px;
  }
  .top {
    font-size: 16px;
    gap: 10px;
  }
  /* The header has the same choice. */
  .other {
    display: none;
  }
  .acts {
    grid-template-columns: repeat(3, 1fr);
    gap: 8px;
  }
  .acts .make {
    grid-column: 1 / -1;
    grid-row: 1;
    height: 96px;
  }
  .acts :deep(.el-button) {
    font-size: 17px;
    height: 68px;
    padding: 0 6px;
  }
  .acts :deep(.make) {
    font-size: 26px;
    height: 96px;
  }
}
</style>
