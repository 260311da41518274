// Several commands as one: done and taken back in one go, one line in the log. All of it is done, or nothing.
import { z } from 'zod'
import type { Build } from './build'
import { defineCommand, isProblem, type AnyCommand, type Command } from './command'

/** The command that runs others of `single` one after the other; its inverse runs their inverses the other way round. */
export const togetherOf = (single: ReadonlyMap<string, AnyCommand>): AnyCommand =>
  defineCommand({
    name: 'together',
    args: z.looseObject({
      commands: z.array(z.looseObject({ do: z.string() })).min(1),
      title: z.string().min(1),
      at: z.string(),
    }),
    run(build, { commands, title }, at) {
      let done: Build = build
      const inverses: Command[] = []
      for (const command of commands) {
        const next = single.get(command.do)?.apply(done, { ...command, at }) ?? {
          problem: `This version knows no command "${command.do}". Update Juntura, or leave the step out.`,
        }
        if (isProblem(next)) return { problem: `${title}: ${next.problem} Nothing was changed.` }
        done = next.build
        inverses.unshift(next.inverse)
      }
      return { build: done, inverse: { do: 'together', commands: inverses, title }, line: title }
    },
  })
