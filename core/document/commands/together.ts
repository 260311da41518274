// Several commands as one: done and taken back in one go, one line in the log. All of it is done,
// or nothing.
import type { Command, SingleCommand } from '../command-schema'
import type { Build } from '../build'
import { isProblem, type Spec, type Specs } from '../command'

/**
 * The command that runs others one after the other; what takes it back runs theirs the other way
 * round.
 */
export const togetherCommand = (single: Specs<SingleCommand['do']>): Spec<'together'> => ({
  run(build, { commands, title }, at) {
    let changed: Build = build
    const backs: SingleCommand[] = []
    for (const command of commands) {
      const spec = single[command.do] as Spec<SingleCommand['do']>
      const done = spec.run(changed, command, at)
      if (isProblem(done)) return { problem: `${title}: ${done.problem} Nothing was changed.` }
      changed = done.build
      backs.unshift(...singles(done.back))
    }
    return { build: changed, back: { do: 'together', commands: backs, title } }
  },
  line: ({ title }) => title,
})

const singles = (command: Command): readonly SingleCommand[] =>
  command.do === 'together' ? command.commands : [command]
