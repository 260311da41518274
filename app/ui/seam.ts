// The present place on the seam: the step in the address, else the first that is not done.
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Step } from '../../core/order/step'
import { useDesk } from '../state/desk'
import { nextOf } from './steps'

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
