// A branch of the search: what it adds to the problem. Values; each step makes a new one.
import type { Candidate } from './candidate'

export interface Branch {
  /** Ends that stay free. */
  readonly free: ReadonlySet<string>
  /** Pairs that are not chosen, by name. */
  readonly forbidden: ReadonlySet<string>
  /** Ends that have to be joined. */
  readonly required: ReadonlySet<string>
  /** Demands that the plan goes without. */
  readonly waived: ReadonlySet<string>
  /** Sets that do not get along and are paid for, by name. */
  readonly paid: ReadonlySet<string>
  /** Ends whose pair is settled, each with its other end. */
  readonly fixed: ReadonlyMap<string, string>
}

export const ROOT: Branch = {
  free: new Set(),
  forbidden: new Set(),
  required: new Set(),
  waived: new Set(),
  paid: new Set(),
  fixed: new Map(),
}

export const leaveFree = (b: Branch, end: string): Branch => ({
  ...b,
  free: new Set(b.free).add(end),
})

export const forbid = (b: Branch, ...pairs: readonly string[]): Branch => ({
  ...b,
  forbidden: new Set([...b.forbidden, ...pairs]),
})

export const requireEnd = (b: Branch, end: string): Branch => ({
  ...b,
  required: new Set(b.required).add(end),
})

export const waive = (b: Branch, demand: string): Branch => ({
  ...b,
  waived: new Set(b.waived).add(demand),
})

export const pay = (b: Branch, strife: string): Branch => ({
  ...b,
  paid: new Set(b.paid).add(strife),
})

/** A pair that stays, with all it shuts. */
export const fixPair = (b: Branch, { plug, socket, shuts = [] }: Candidate): Branch => ({
  ...b,
  free: new Set([...b.free, ...shuts]),
  required: new Set(b.required).add(plug),
  fixed: new Map(b.fixed).set(plug, socket).set(socket, plug),
})
