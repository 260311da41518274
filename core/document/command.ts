// What a command is: what it does to a build, what takes it back, and the line that tells it.
import type { Args, Command } from './command-schema'
import type { Build } from './build'

export interface Problem {
  readonly problem: string
}
export const isProblem = (result: unknown): result is Problem =>
  typeof result === 'object' && result !== null && 'problem' in result

/**
 * Names and values that a line needs and the command itself does not hold, as they were when it was
 * done.
 */
export type About = Readonly<Record<string, string>>

/** The changed build, the command that takes the change back, and what its line needs to know. */
export interface Change {
  readonly build: Build
  readonly back: Command
  readonly about?: About
}

/** One command. `at` is when it was sent: the core reads no clock. */
export interface Spec<N extends Command['do']> {
  run(build: Build, args: Args<N>, at: string): Change | Problem
  /** One line that a person can read. */
  line(args: Args<N>, about: About): string
}
export type Specs<N extends Command['do']> = { readonly [K in N]: Spec<K> }
