// The present place on the seam: the step in the address, else the first that is not done.
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Command } from '../../core/document/command-schema'
import type { Step } from '../../core/order/step'
import { useDesk } from '../state/desk'

const DONE: readonly Step['progress'][] = ['made', 'proved', 'crossed']
export const isDone = (step: Pick<Step, 'progress'>): boolean => DONE.includes(step.progress)

/** Whether something has to be settled before it can be made. */
export const isHeld = (step: Pick<Step, 'gate' | 'holds'>): boolean =>
  step.gate.length + step.holds.length > 0

/**
 * The step that is next, counted from a place on: the first that is open and waits for nothing, so
 * that what can be done meanwhile goes first; where all wait, the first of all.
 */
export function nextOf<S extends Pick<Step, 'progress' | 'gate' | 'holds'>>(
  steps: readonly S[],
  from = 0,
): S | undefined {
  const open = steps.filter(s => !isDone(s))
  const free = open.filter(s => !isHeld(s))
  return free.find(s => steps.indexOf(s) >= from) ?? free[0] ?? open[0]
}

/**
 * What it takes to go past a step: its joints are crossed off, or what it asks for is left open.
 */
export const skipAsk = ({ demand, marks, title }: Step, reason: string): Command =>
  demand === null
    ? { do: 'crossOff', ids: marks, title, how: reason }
    : { do: 'leaveOpen', id: demand, title, reason }

export function useSeam() {
  const desk = useDesk()
  const route = useRoute()
  const router = useRouter()
  const steps = computed<readonly Step[]>(() => desk.analysis?.order.steps ?? [])
  const next = computed(() => nextOf(steps.value)?.id ?? steps.value.at(-1)?.id ?? null)
  const present = computed(() => {
    const asked = route.query['step']
    return steps.value.some(s => s.id === asked) ? String(asked) : next.value
  })
  const at = computed(() => steps.value.findIndex(s => s.id === present.value))
  const step = computed<Step | null>(() => steps.value[at.value] ?? null)

  /** At the bench one stays at the bench; from anywhere else one goes to the order. */
  async function go(id: string | null): Promise<void> {
    const name = route.name === 'bench' ? 'bench' : 'order'
    await router.push({ name, params: route.params, query: id === null ? {} : { step: id } })
  }
  const move = (by: number): Promise<void> =>
    go(steps.value[Math.max(0, Math.min(steps.value.length - 1, at.value + by))]?.id ?? null)

  /** The present step is proved, when it is made. */
  async function prove(): Promise<void> {
    const s = step.value
    if (s && s.progress === 'made')
      await desk.run({ do: 'prove', ids: s.marks, title: s.title, asMade: true })
  }

  return { steps, present, step, at, next, go, move, prove }
}
