<script setup lang="ts">
// Parts come in: paste everything here, look at what was read, add it in one go.
import { ElButton } from 'element-plus/es/components/button/index'
import 'element-plus/es/components/button/style/css'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { counted } from '../../core/figures/format'
import type { State } from '../../core/parts/kind'
import type { Purpose } from '../../core/standards/purposes'
import type { ArrivalChange, ArrivalLine } from '../desk/acts'
import type { Questions } from '../desk/questions'
import { ask } from '../desk/remote'
import { useDesk } from '../state/desk'
import ArrivalRow from './ArrivalRow.vue'
import PasteField from './PasteField.vue'
import StillMissing from './StillMissing.vue'
import WhatFor from './WhatFor.vue'

const desk = useDesk()
const route = useRoute()
const router = useRouter()
const choices = shallowRef<ReturnType<Questions['entryChoices']> | null>(null)
onMounted(async () => {
  choices.value = await ask('entryChoices')
})
const build = computed(() => desk.state.build?.id ?? '')
const lines = computed(() => desk.state.arrivals)
const whole = computed(() => lines.value.filter(l => l.problem === null))
const parts = computed(() => whole.value.reduce((sum, l) => sum + l.parts, 0))
const STATES = [
  { state: 'wanted', says: 'to be bought' },
  { state: 'ordered', says: 'ordered' },
  { state: 'have', says: 'all of these are here' },
] as const
const state = ref<State>(route.query['begin'] === 'standing' ? 'have' : 'wanted')
const isBusy = ref(false)

/** What was done last, for who does not see the list. */
const said = ref('')
const head = ref<HTMLElement>()

async function bring(text: string, name: string): Promise<boolean> {
  isBusy.value = true
  try {
    return await desk.did({ act: 'bringIn', build: build.value, text, name })
  } finally {
    isBusy.value = false
  }
}
const change = (arrival: string, by: ArrivalChange): Promise<boolean> =>
  desk.did({ act: 'changeArrival', build: build.value, arrival, change: by })
/** A whole machine to begin with: its parts are looked at, and exchanged. */
async function beginWith(purpose: Purpose): Promise<void> {
  if (await desk.did({ act: 'beginWith', build: build.value, purpose }))
    await router.push({ name: 'parts', params: route.params })
}
/** The button goes with its row: the focus goes to the head of the list. */
async function drop(line: ArrivalLine): Promise<void> {
  const act = { act: 'dropArrivals', build: build.value, arrivals: [line.id] } as const
  if (!(await desk.did(act))) return
  said.value = `${line.name || 'A part'} left out.`
  head.value?.focus()
}
async function take(): Promise<void> {
  const [arrivals, count] = [whole.value.map(l => l.id), parts.value]
  const act = { act: 'takeArrivals', build: build.value, arrivals, state: state.value } as const
  if (!(await desk.did(act))) return
  said.value = `${counted(count, 'part')} added.`
  if (lines.value.length === 0) await router.push({ name: 'parts', params: route.params })
  else head.value?.focus()
}
</script>

<template>
  <section class="arrivals">
    <h1 tabindex="-1">Parts come in</h1>
    <div class="sides">
      <div class="from">
        <PasteField label="Paste or drop what you have" :is-busy="isBusy" :bring="bring" />
        <p class="quiet">
          Sheets are told apart and laid out at the right, each value with the words it came from.
          Nothing is lost with this page: they wait there until they are added.
        </p>
        <WhatFor v-if="desk.state.build?.items.length === 0" @begin="beginWith" />
        <StillMissing :state="state" />
      </div>
      <div class="came">
        <h2 ref="head" tabindex="-1">
          {{ lines.length ? `${counted(lines.length, 'part')} came in` : 'Nothing came in yet' }}
        </h2>
        <p v-if="said" class="quiet" role="status">{{ said }}</p>
        <p v-if="lines.length === 0" class="quiet">
          Paste a maker’s sheet, a shop’s page or a list of parts at the left; or take parts from
          the shelf below it.
        </p>
        <template v-else>
          <ul class="sheet" aria-label="What came in">
            <ArrivalRow
              v-for="l in lines"
              :key="l.id"
              :line="l"
              :kinds="choices?.kinds ?? []"
              @change="by => change(l.id, by)"
              @drop="drop(l)"
            />
          </ul>
          <div class="acts">
            <label
              >They are
              <select v-model="state">
                <option v-for="s in STATES" :key="s.state" :value="s.state">{{ s.says }}</option>
              </select></label
            >
            <ElButton type="primary" :disabled="parts === 0" @click="take"
              >Add {{ counted(parts, 'part') }} to {{ desk.state.build?.name }}</ElButton
            >
            <span v-if="whole.length < lines.length" class="quiet">{{
              `${counted(lines.length - whole.length, 'part')} not whole yet: stays here`
            }}</span>
          </div>
        </template>
      </div>
    </div>
  </section>
</template>

<style scoped>
.arrivals {
  padding: 12px 18px 40px;
  display: grid;
  gap: 10px;
  align-content: start;
}
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 28px;
}
.from,
.came {
  display: grid;
  gap: 12px;
  align-content: start;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
}
select {
  padding: 4px 8px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
}
@media (max-width: 800px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
