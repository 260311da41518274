// The bench: the present step, its clock, and what a person says of it. The clock survives a
// reload.
import { useIntervalFn, useStorage, useWakeLock } from '@vueuse/core'
import { computed, onMounted, onUnmounted, ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Difference } from '../../../core/analysis/compare'
import { clock } from '../../../core/figures/format'
import type { EdgeBasis } from '../../../core/order/step'
import { useDesk } from '../../state/desk'
import { useSeam } from '../../ui/seam'
import { isDone, isHeld, nextOf, skipAsk } from '../../ui/steps'

/** Named choice, seconds: no step takes longer in one go. */
const LONGEST_STEP = 8 * 60 * 60
/** Seconds by which the clock that is shown may lag behind. */
const TICK = 2

interface Clock {
  readonly build: string
  readonly step: string
  readonly since: number
}

export function useBench() {
  const seam = useSeam()
  const { steps, step } = seam
  const clock = useStepClock(seam)
  const told = useTold(seam)
  const done = computed(() => step.value !== null && isDone(step.value))
  const finished = computed(() => steps.value.length > 0 && steps.value.every(isDone))
  /** Steps that hands would rather do first, and that are not done; what must be first holds. */
  const waitsFor = computed(() =>
    (step.value?.after ?? []).filter(
      a => EASIER.includes(a.basis) && !steps.value.some(s => s.id === a.step && isDone(s)),
    ),
  )
  useHorizon()
  useWakeScreen()
  const { time } = clock
  return { ...seam, ...told, ...useMaking(seam, clock, told), time, done, finished, waitsFor }
}
/** What may be done later, with more trouble. */
const EASIER: readonly EdgeBasis[] = ['reach', 'cover', 'pin']

/**
 * At the bench one sees what is bought so far, unless the step that is asked for is of the whole
 * plan; whoever leaves it looks at what he looked at before.
 */
function useHorizon(): void {
  const desk = useDesk()
  const route = useRoute()
  const before = desk.horizon
  const asked = route.query['step']
  const now = desk.state.analysis?.horizons.now.order.steps ?? []
  const isBought = asked === undefined || now.some(s => s.id === asked)
  if (desk.horizonsDiffer && isBought) desk.horizon = 'now'
  onUnmounted(() => {
    desk.horizon = before
  })
}
type Seam = ReturnType<typeof useSeam>

/** The screen stays lit while somebody stands at the bench. */
function useWakeScreen(): void {
  const screen = useWakeLock()
  onMounted(() => {
    if (screen.isSupported.value) void screen.request('screen').catch(() => undefined)
  })
  onUnmounted(() => void screen.release().catch(() => undefined))
}

/** How long the present step takes; it runs on over a reload. */
function useStepClock({ step }: Seam) {
  const desk = useDesk()
  const running = useStorage<Clock>('juntura-bench', { build: '', step: '', since: 0 })
  const now = ref(Date.now())
  useIntervalFn(() => {
    now.value = Date.now()
  }, 1000)
  watch(
    [() => desk.state.build?.id, () => step.value?.id],
    ([build, id]) => {
      if (build && id && (running.value.build !== build || running.value.step !== id))
        running.value = { build, step: id, since: Date.now() }
    },
    { immediate: true },
  )
  const elapsed = computed(() => (now.value - running.value.since) / 1000)
  const seconds = computed(() => Math.max(0, elapsed.value))
  /** A clock that jumped, or a step that waited over night, tells nothing of the work. */
  const timed = computed(() => elapsed.value > -TICK && elapsed.value <= LONGEST_STEP)
  const time = computed(() => (timed.value ? clock(seconds.value) : 'time not counted'))
  return { seconds, timed, time }
}

/** What is said of the present step: that it is skipped, or was done otherwise than planned. */
function useTold({ step }: Seam) {
  const desk = useDesk()
  const skipping = ref(false)
  /** Whether the latest step was not kept when it was made. */
  const unkept = ref(false)
  /** Whether the present step is being told otherwise than planned. */
  const otherwise = ref(false)
  /**
   * What a deviation changed of the rest: in sight until it is seen or the next step is made. The
   * step it was told at may be gone by then.
   */
  const changed = shallowRef<Difference | null>(null)
  watch(
    () => desk.changed,
    difference => {
      if (!otherwise.value) return
      otherwise.value = false
      changed.value = difference
    },
  )
  watch([() => desk.state.build?.id, () => step.value?.id], () => {
    skipping.value = false
    otherwise.value = false
    unkept.value = false
  })
  return { skipping, unkept, otherwise, changed }
}

/** Making and skipping the present step; then on to the next that is not done. */
function useMaking(
  { steps, step, at, go, move }: Seam,
  { timed, seconds }: ReturnType<typeof useStepClock>,
  { skipping, unkept, changed }: ReturnType<typeof useTold>,
) {
  const desk = useDesk()
  /** To the next step that is not done, counted from where one stood when it was. */
  function onward(from: number): void {
    void go(nextOf(steps.value, from + 1)?.id ?? null)
  }
  let keeping = false
  async function make(): Promise<void> {
    const s = step.value
    if (!s || s.demand !== null || isHeld(s)) return
    changed.value = null
    if (isDone(s)) {
      void move(1)
      return
    }
    // A second press while the first is being kept is the same press.
    if (keeping) return
    keeping = true
    const from = at.value
    const took = timed.value ? { took: Math.round(seconds.value) } : {}
    try {
      unkept.value = !(await desk.run({ do: 'make', ids: s.marks, title: s.title, ...took }))
      if (!unkept.value) onward(from)
    } finally {
      keeping = false
    }
  }
  async function skip(reason: string): Promise<void> {
    const s = step.value
    if (!s) return
    const from = at.value
    if (await desk.run(skipAsk(s, reason))) {
      skipping.value = false
      onward(from)
    }
  }
  return { make, skip }
}
