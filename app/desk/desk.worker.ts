// The worker: the desk behind Comlink, with the shipped shelf and demos. Two doors: `send` changes, `ask` does not.
import { expose } from 'comlink'
import type { Act } from './acts'
import { JunturaDb } from './db'
import { Desk } from './desk'
import { giveSigns } from './link'
import { questionsOf } from './questions'
import type { Progress } from './shelf'
import { demos, shelf } from './shipped'

const changing = giveSigns(globalThis as unknown as DedicatedWorkerGlobalScope)
const desk = new Desk({
  db: new JunturaDb(),
  now: () => new Date().toISOString(),
  newId: () => crypto.randomUUID(),
  demos,
  shelf,
  changing,
})
const questions = questionsOf(desk)

const doors = {
  open: (id: string | null) => desk.open(id),
  send: (act: Act, progress?: Progress) => desk.send(act, progress),
  ask: (what: keyof typeof questions, ...args: readonly unknown[]) =>
    (questions[what] as (...given: readonly unknown[]) => unknown)(...args),
  watch: (listener: Parameters<Desk['watch']>[0]) => desk.watch(listener),
}
export type Doors = typeof doors

expose(doors)
