// Cards that lie over what is plugged later come out and go in again: real steps, put where the
// sequence needs them.
import type { PlannedStep } from './step'

/** Kinds before which everything has to be in its place. */
const WHOLE: ReadonlySet<PlannedStep['kind']> = new Set([
  'first-power',
  'dress',
  'panels-on',
  'record',
])

/**
 * The sequence with each seated card taken out before the first step beneath it and refitted before
 * it is needed again. `worded` finds the words of a new step.
 */
export function withRefits<S extends PlannedStep>(
  order: readonly S[],
  worded: (step: PlannedStep) => S,
): readonly S[] {
  const seated = new Map<string, S>()
  const out = new Map<string, S>()
  const times = new Map<string, number>()
  const list: S[] = []
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
    if (step.kind === 'card') seated.set(step.id, step)
  }
  for (const card of [...out.values()]) refit(card)
  return list
}
