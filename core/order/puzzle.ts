// Steps as numbers, for the search of the best sequence: what must come before each, what would
// better come before each, and what everything costs in minutes.

export interface Puzzle {
  readonly minutes: readonly number[]
  /** How the work lies, and the tool that a step takes in hand; null for none. */
  readonly poses: readonly string[]
  readonly tools: readonly (string | null)[]
  /** Steps that start the machine for a trial. */
  readonly proofs: readonly boolean[]
  /** Steps that join something: a start has to prove them. */
  readonly joins: readonly boolean[]
  /** What must be done before each, every one named once. */
  readonly musts: readonly (readonly number[])[]
  /** What would better be done before each, and what it costs otherwise. */
  readonly wishes: readonly (readonly Wish[])[]
  readonly turn: number
  readonly tool: number
  /** What a minute costs before the first trial. */
  readonly proof: number
  /** What one step untried costs at the next start; so many of them cost their square. */
  readonly loss: number
  readonly start: Pick<Standing, 'pose' | 'tool' | 'untried'>
  /** Whether something was tried before. */
  readonly isProved: boolean
}
export interface Wish {
  readonly before: number
  readonly price: number
}

/** How things stand amid a sequence. */
export interface Standing {
  /** How many steps were joined since the last start. */
  readonly untried: number
  /** 1 for each step that is done. */
  readonly done: Uint8Array
  /** Null before the first. */
  readonly pose: string | null
  readonly tool: string | null
  readonly isProved: boolean
}
