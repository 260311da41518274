// What a command is: a name, its arguments, what it does, and the command that takes it back.
import { z } from 'zod'
import type { Build } from './build'

/** A command as it is sent, stored and repeated. `at` is when; the core reads no clock. */
export interface Command {
  readonly do: string
  readonly at: string
  readonly [argument: string]: unknown
}

export interface Done {
  readonly build: Build
  readonly inverse: Command
  readonly line: string
}
export interface Problem {
  readonly problem: string
}

export interface CommandSpec<A> {
  readonly name: string
  readonly args: z.ZodType<A>
  /** The changed build, the inverse without its time, and the line of the log; or a sentence why not. */
  run(
    build: Build,
    args: A,
    at: string,
  ):
    | {
        readonly build: Build
        readonly inverse: Omit<Command, 'at'> & { readonly do: string }
        readonly line: string
      }
    | Problem
}

/** A command with its type of arguments hidden, for the list of all commands. */
export interface AnyCommand {
  readonly name: string
  apply(build: Build, command: Command): Done | Problem
}

export const isProblem = (result: unknown): result is Problem =>
  typeof result === 'object' && result !== null && 'problem' in result

export function defineCommand<S extends z.ZodType>(
  spec: Omit<CommandSpec<z.infer<S>>, 'args'> & { readonly args: S },
): AnyCommand {
  return {
    name: spec.name,
    apply(build, command) {
      const args = spec.args.safeParse(command)
      if (!args.success)
        return {
          problem: `"${spec.name}" cannot be done: ${z.prettifyError(args.error).replace(/\s+/g, ' ')}`,
        }
      const done = spec.run(build, args.data, command.at)
      if (isProblem(done)) return done
      return { ...done, inverse: { ...done.inverse, at: command.at } as Command }
    },
  }
}
