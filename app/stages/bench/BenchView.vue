<script setup lang="ts">
// Bench: one step fills the screen. Space or Enter makes it; letters are read at arm's length.
import { useEventListener } from '@vueuse/core'
import { minutes } from '../../../core/figures/format'
import type { Step } from '../../../core/order/step'
import { useDesk } from '../../state/desk'
import BenchActs from './BenchActs.vue'
import ChangedNote from './ChangedNote.vue'
import PhotoStrip from '../../ui/PhotoStrip.vue'
import ReasonField from '../../ui/ReasonField.vue'
import StepGate from '../../ui/StepGate.vue'
import DoneDifferently from './DoneDifferently.vue'
import StepHolds from '../../ui/StepHolds.vue'
import StepPicture from '../../ui/StepPicture.vue'
import StepWords from '../../ui/StepWords.vue'
import { useBench } from './bench'
import { isBusy } from '../../ui/keys'

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
  unkept,
} = useBench()

/** What is said of a step that is done with. */
const HOW_FAR: Partial<Record<Step['progress'], string>> = {
  ...{ crossed: 'Skipped.', proved: 'Done and tested.' },
}

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
          >, {{ desk.horizon === 'now' ? 'bought so far' : 'whole plan' }}</template
        ></span
      ><span class="figure" role="timer">{{ time }} of {{ minutes(step.minutes) }}</span>
      <RouterLink
        :to="{ name: 'order', params: { build: desk.state.build?.id }, query: { step: step.id } }"
        >Leave the bench</RouterLink
      >
    </div>
    <div class="step">
      <h1 tabindex="-1">{{ step.title }}</h1>
      <div class="words">
        <p v-if="unkept" class="told stop" role="alert">
          Not kept: this step does not count as done yet. What was kept before is safe. Press “Done”
          again.
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
        <StepHolds :key="step.id" :step="step" large />
        <StepGate v-if="step.gate.length" :step="step" large />
      </div>
      <div class="words">
        <StepWords :step="step" large />
        <p v-if="done" class="told">{{ HOW_FAR[step.progress] ?? 'Done.' }}</p>
        <PhotoStrip :key="step.id" :about="step.marks" :name="step.title" large />
      </div>
      <StepPicture :key="step.id" class="picture" :step="step" />
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
    <BenchActs
      v-else
      v-model:otherwise="otherwise"
      :step="step"
      :is-first="at <= 0"
      :is-done="done"
      @back="move(-1)"
      @next="move(1)"
      @skip="skipping = true"
      @prove="prove"
      @make="make"
    />
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
  max-width: 1400px;
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
/** The title, what is said first, then the words, beside all the picture; all is scrolled as one. */
.step {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  grid-template-rows: auto auto 1fr;
  gap: 14px 24px;
  min-height: 0;
  overflow: auto;
}
.step:not(:has(.picture)) {
  grid-template-columns: minmax(0, 900px);
  justify-content: center;
}
.picture {
  grid-column: 2;
  grid-row: 1 / 4;
}
.words {
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
/** On a narrow screen the picture stands under the title, above all words. */
@media (max-width: 900px) {
  .step,
  .step:not(:has(.picture)) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
    align-content: start;
  }
  .picture {
    grid-column: 1;
    grid-row: 2;
  }
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
}
</style>
