// The one way a build changes: a named command in, the changed build, what takes it back and its
// entry for the log out.
import { readCommand, type Command } from './command-schema'
import type { Build } from './build'
import { isProblem, type About, type Problem, type Spec } from './command'
import { SPECS } from './commands'
import type { LogEntry } from './log'

export interface Done {
  readonly build: Build
  readonly back: Command
  readonly about: About
  readonly entry: LogEntry
}

/**
 * Applies a command to a build. The build given stays as it is. `at` is when it was asked, as an
 * ISO time. A command that cannot be done comes back as a problem: one sentence with the remedy.
 */
export function apply(build: Build, command: Command, at: string): Done | Problem {
  const args = readCommand(command)
  if (isProblem(args)) return args
  const done = (SPECS[args.do] as Spec<Command['do']>).run(build, args, at)
  if (isProblem(done)) return done
  const { about = {}, back } = done
  return { build: done.build, back, about, entry: { at, command: { ...args }, about } }
}
