// The log: what was done to a build, command by command. It only grows; its lines are written when
// they are shown.
import { z } from 'zod'
import { SPECS } from './commands'
import { readCommand, type Args, type Command } from './command-schema'
import type { Spec } from './command'

/** An entry as version 1 kept it: the line that was written then. */
const lineOnly = z.looseObject({ at: z.string(), line: z.string() })
/** A command as it was sent, with the names its line needs; done, taken back or done again. */
const withCommand = z.looseObject({
  at: z.string(),
  command: z.looseObject({ do: z.string() }),
  about: z.record(z.string(), z.string()).default({}),
  way: z.enum(['undo', 'redo']).optional(),
})
export const logEntrySchema = z.union([withCommand, lineOnly])
export type LogEntry = z.infer<typeof logEntrySchema>

/** The line of a command. */
export const lineOf = (command: Args, about: Readonly<Record<string, string>>): string =>
  (SPECS[command.do] as Spec<Command['do']>).line(command, about)

const WAYS = { undo: 'Took back: ', redo: 'Did again: ' } as const

/** The line of an entry. A command that this version does not know is told as such. */
export function entryLine(entry: LogEntry): string {
  if (!('command' in entry)) return String(entry.line)
  const { command, about, way } = entry as z.infer<typeof withCommand>
  const read = readCommand(command)
  const line =
    'problem' in read ? `A change of another version (${command.do})` : lineOf(read, about)
  return `${way ? WAYS[way] : ''}${line}`
}
