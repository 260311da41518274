// The one way a build changes: a named command in, the changed build and its inverse out.
import type { Build } from './build'
import { isProblem, type AnyCommand, type Command, type Done, type Problem } from './command'
import * as items from './item-commands'
import * as keeping from './keeping-commands'
import { togetherOf } from './together'
import * as work from './work-commands'

const SINGLE: ReadonlyMap<string, AnyCommand> = new Map(
  [
    items.addItem,
    items.removeItem,
    items.swapPart,
    items.setState,
    items.setCondition,
    items.setPaid,
    items.setFigure,
    items.setParts,
    items.setPartFigure,
    keeping.setSerial,
    keeping.setPurchase,
    keeping.checkArrival,
    keeping.attach,
    keeping.detach,
    work.make,
    work.prove,
    work.unprove,
    work.crossOff,
    work.setProgress,
    ...work.reasons,
    work.note,
    work.rename,
    work.chooseSchool,
    work.pin,
    work.setJoining,
    work.chooseOrder,
    work.pinOrder,
  ].map(c => [c.name, c]),
)
const together = togetherOf(SINGLE)
export const COMMANDS: ReadonlyMap<string, AnyCommand> = new Map([
  ...SINGLE,
  [together.name, together],
])

/**
 * Applies a command to a build. The build given stays as it is; the new one carries the command's line in its log.
 * A command that cannot be done comes back as a problem: one sentence with the remedy.
 */
export function apply(build: Build, command: Command): Done | Problem {
  const known = COMMANDS.get(command.do)
  if (!known)
    return {
      problem: `This version knows no command "${command.do}". Update Juntura, or leave the step out.`,
    }
  const done = known.apply(build, command)
  return isProblem(done) ? done : { ...done, build: logged(done.build, command.at, done.line) }
}

/** Takes a command back by its inverse; the log says so. */
export function takeBack(build: Build, inverse: Command, line: string): Done | Problem {
  const known = COMMANDS.get(inverse.do)
  if (!known) return { problem: `This version knows no command "${inverse.do}".` }
  const done = known.apply(build, inverse)
  return isProblem(done)
    ? done
    : { ...done, build: logged(done.build, inverse.at, `Took back: ${line}`), line }
}

const logged = (build: Build, at: string, line: string): Build => ({
  ...build,
  log: [...build.log, { at, line }],
})
