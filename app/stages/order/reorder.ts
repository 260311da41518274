// Putting a step elsewhere by hand: dragged onto another, or by keys; each becomes a pair that the
// order keeps where no fact is against it.
import { ref } from 'vue'
import { pairLine } from '../../../core/figures/format'
import type { Step } from '../../../core/order/step'
import { useDesk } from '../../state/desk'

export function useReorder(steps: () => readonly Step[]) {
  const desk = useDesk()
  /** The step that is being dragged, and the one that it is over. */
  const dragged = ref<string | null>(null)
  const over = ref<string | null>(null)

  const put = (before: Step, after: Step): Promise<boolean> =>
    desk.run({
      do: 'pinOrder',
      before: before.id,
      after: after.id,
      title: pairLine(before.title, after.title),
    })

  /** One place earlier or later: before the one above it, or after the one below. */
  async function move(id: string, by: -1 | 1): Promise<void> {
    const at = steps().findIndex(s => s.id === id)
    const [step, other] = [steps()[at], steps()[at + by]]
    if (!step || !other) return
    await (by < 0 ? put(step, other) : put(other, step))
  }

  /** Upwards a step goes before the one it is dropped on, downwards after it. */
  async function drop(target: string): Promise<void> {
    const [from, to] = [dragged.value, target].map(id => steps().findIndex(s => s.id === id))
    const [step, other] = [steps()[from ?? -1], steps()[to ?? -1]]
    dragged.value = null
    over.value = null
    if (!step || !other || from === undefined || to === undefined || from === to) return
    await (from > to ? put(step, other) : put(other, step))
  }

  return { dragged, over, put, move, drop }
}
