// For tests: a desk over a store in memory, with short ways to act and to ask.
import { isProblem } from '../../../core/document/command'
import { plover, shelf, type Sent } from '../../../core/test-helpers/demos'
import type { Act, Answer, DeskState } from '../acts'
import { JunturaDb } from '../db'
import { Desk, type DeskOptions } from '../desk'
import { questionsOf } from '../questions'
import type { Progress } from '../shelf/chunks'
import type { Takes } from '../shelf/beside'
import type { TablePlan } from '../shelf/incoming-parts'

/** The state of an answer; a problem is an error here. */
export const state = (answer: Answer): DeskState => {
  if (isProblem(answer)) throw new Error(answer.problem)
  return answer.state
}
export const problem = (answer: Answer): string => (isProblem(answer) ? answer.problem : '')

/** Acts as a person does them. */
export const handOf = (desk: Desk) => ({
  run: (build: string, command: Sent) => desk.send({ act: 'run', build, command } as Act),
  undo: (of: string | null = 'plover') => desk.send({ act: 'undo', of }),
  redo: (of: string | null = 'plover') => desk.send({ act: 'redo', of }),
  create: (name: string) => desk.send({ act: 'create', name }),
  copy: (build: string, name: string) => desk.send({ act: 'copy', build, name }),
  remove: (build: string) => desk.send({ act: 'delete', build }),
  bringBack: (build: string) => desk.send({ act: 'bringBack', build }),
  takeBack: (deed: number) => desk.send({ act: 'takeBack', deed }),
  forget: (...builds: readonly string[]) => desk.send({ act: 'forget', builds }),
  importText: (text: string, name: string) => desk.send({ act: 'openFile', text, name }),
  attach: (build: string, about: string, name: string, picture: string) =>
    desk.send({ act: 'attach', build, about, name, picture }),
  takeNewer: (build: string, items: readonly string[]) =>
    desk.send({ act: 'takeNewer', build, items }),
  measurePart: (build: string, item: string, path: string, figure: { mm: number }) =>
    desk.send({ act: 'measurePart', build, item, path, figure: { ...figure, basis: 'measured' } }),
  keepPart: (part: unknown) => desk.send({ act: 'keepPart', part }),
  dropParts: (parts: readonly string[]) => desk.send({ act: 'dropParts', parts }),
  addPage: (part: string, title: string, picture: string) =>
    desk.send({ act: 'addPage', part, title, picture }),
  removePage: (part: string, page: string) => desk.send({ act: 'removePage', part, page }),
  importParts: (plan: TablePlan | null, progress: Progress, takes?: Takes) =>
    desk.send({ act: 'importParts', plan, ...(takes && { takes }) }, progress),
})

let stores = 0
let windows = 0

/** One window over a store; windows over a store of the same name share what lies there. */
export function newDesk(name = `desk-${(stores += 1)}`, options: Partial<DeskOptions> = {}) {
  const own = (windows += 1)
  let id = 0
  let tick = 0
  const db = new JunturaDb(name)
  const desk = new Desk({
    db,
    now: () => new Date(Date.UTC(2031, 2, 2, 9, 0, (tick += 1))).toISOString(),
    newId: () => `w${own}-${(id += 1)}`,
    demos: [plover],
    shelf,
    ...options,
  })
  return { db, desk, hand: handOf(desk), asks: questionsOf(desk) }
}

/** A window with Plover open. */
export async function opened(name?: string) {
  const made = newDesk(name)
  await made.desk.open('plover')
  return made
}
