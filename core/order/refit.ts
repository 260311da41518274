// Cards and coolers that lie over what is done later come off and go on again: real steps, put where
// the sequence needs them.
import type { PlannedStep } from './step'

/** Kinds of what may lie over something else. */
const COVERING: readonly PlannedStep['kind'][] = ['card', 'cooler']
/** Kinds before which everything has to be in its place. */
const WHOLE: ReadonlySet<PlannedStep['kind']> = new Set([
  'bench-start',
  'milestone',
  'first-power',
  'dress',
  'panels-on',
  'record',
])

/**
 * The sequence with each card and cooler that sits taken off before the first step beneath it, and
 * put back before it is needed again. `worded` finds the words of a new step.
 */
export function withRefits<S extends PlannedStep>(
  order: readonly S[],
  worded: (step: PlannedStep) => S,
): readonly S[] {
  const seated = new Map<string, S>()
  const out = new Map<string, S>()
  const times = new Map<string, number>()
  const list: S[] = []
  let isInCase = false
  const again = (card: S, kind: 'take-out' | 'refit'): S => {
    const id = `${kind}:${times.get(card.id) ?? 1}:${card.id}`
    return worded({
      ...card,
      id,
      kind,
      joints: [],
      marks: [id],
      under: [],
      face: null,
      details: [],
      pose: isInCase ? 'lying' : card.pose,
    })
  }
  const refit = (card: S): void => {
    list.push(again(card, 'refit'))
    out.delete(card.id)
    times.set(card.id, (times.get(card.id) ?? 1) + 1)
  }
  for (const step of order) {
    for (const card of [...out.values()])
      if (WHOLE.has(step.kind) || card.items.slice(0, 1).some(item => step.items.includes(item)))
        refit(card)
    for (const id of step.under) {
      const card = seated.get(id)
      if (!card || out.has(id)) continue
      list.push(again(card, 'take-out'))
      out.set(id, card)
    }
    list.push(step)
    if (COVERING.includes(step.kind)) seated.set(step.id, step)
    if (step.kind === 'board-in') isInCase = true
  }
  for (const card of [...out.values()]) refit(card)
  return list
}
