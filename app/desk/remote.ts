// The desk's worker as the page sees it: one for the whole page, with its two doors.
import { proxy, wrap } from 'comlink'
import type { Act, Answer, DeskState } from './acts'
import type { Doors } from './desk.worker'
import type { Questions } from './questions'
import type { Progress } from './shelf'

const worker = wrap<Doors>(
  new Worker(new URL('./desk.worker.ts', import.meta.url), { type: 'module' }),
)

export const openBuild = (id: string | null): Promise<Answer> => worker.open(id)

/** Does one act; `progress` hears how far a long one is. */
export const send = (act: Act, progress?: Progress): Promise<Answer> =>
  progress ? worker.send(act, proxy(progress)) : worker.send(act)

/** Asks one question. A function among what is given hears how far a long answer is. */
export const ask = <Q extends keyof Questions>(
  what: Q,
  ...given: Parameters<Questions[Q]>
): Promise<Awaited<ReturnType<Questions[Q]>>> =>
  worker.ask(what, ...given.map(one => (typeof one === 'function' ? proxy(one) : one))) as Promise<
    Awaited<ReturnType<Questions[Q]>>
  >

/** Hears when another window changed something. */
export const watchDesk = (listener: (state: DeskState) => void): Promise<void> =>
  worker.watch(proxy(listener))
