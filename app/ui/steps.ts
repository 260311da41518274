// What a step's state means for who works: done, held, next, gone past.
import type { Command } from '../../core/document/command-schema'
import type { Step } from '../../core/order/step'

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
