// The worker: the desk behind Comlink, with the shipped shelf and demos. Two doors: `send` changes,
// `ask` does not.
import { expose } from 'comlink'
import { isProblem } from '../../core/document/command'
import type { Act, Answer, DeskState, Refusal } from './acts'
import { JunturaDb } from './db'
import { Desk } from './desk'
import { giveSigns } from './link'
import { Poster, type Posted } from './patch'
import { questionsOf } from './questions'
import { besideIn } from './second-copy'
import type { Progress } from './shelf/chunks'
import { demos, shelf } from './shipped'

const changing = giveSigns(globalThis as unknown as DedicatedWorkerGlobalScope)
const desk = new Desk({
  db: new JunturaDb(),
  beside: besideIn(navigator),
  now: () => new Date().toISOString(),
  newId: () => crypto.randomUUID(),
  demos,
  shelf,
  changing,
})
const questions = questionsOf(desk)

const poster = new Poster<DeskState>()
const posted = (answer: Answer): PostedAnswer =>
  isProblem(answer) ? answer : { ...answer, state: poster.post(answer.state) }

const doors = {
  open: async (id: string | null) => posted(await desk.open(id)),
  send: async (act: Act, progress?: Progress) => posted(await desk.send(act, progress)),
  ask: (what: keyof typeof questions, ...args: readonly unknown[]) =>
    (questions[what] as (...given: readonly unknown[]) => unknown)(...args),
  watch: (listener: (state: Posted) => void) =>
    desk.watch(state => {
      listener(poster.post(state))
    }),
  /** The whole state, when a part of it went missing on the way. */
  whole: async () => {
    poster.forget()
    return poster.post(await desk.state())
  },
}
/** An answer as it crosses to the page. */
export type PostedAnswer =
  (Omit<Exclude<Answer, Refusal>, 'state'> & { readonly state: Posted }) | Refusal
export type Doors = typeof doors

expose(doors)
