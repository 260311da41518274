// The desk's worker as the page sees it: one for the whole page, with its two doors.
import { proxy } from 'comlink'
import type { Act, Answer, DeskState } from './acts'
import type { Doors, PostedAnswer } from './desk.worker'
import { Link, Stopped } from './link'
import { Receiver, type Posted } from './patch'
import type { Questions } from './questions'
import type { Progress } from './shelf/chunks'

/** What the page hears beside answers. */
export interface Ears {
  /** What is wrong with the worker; null when it is well again. */
  readonly trouble: (sentence: string | null) => void
  /** Another window changed something. */
  readonly changed: (state: DeskState) => void
  /**
   * Another worker took the place of one that did not answer: what is open is to be opened again.
   */
  readonly revived: () => void
}
let ears: Ears | null = null

const link = new Link<Doors>({
  make: name => new Worker(new URL('./desk.worker.ts', import.meta.url), { type: 'module', name }),
  tell: sentence => ears?.trouble(sentence),
  revived: () => {
    receiver = new Receiver()
    watch()
    ears?.revived()
  },
})

let receiver = new Receiver<DeskState>()

/** The state that was posted, whole: where a part of it went missing, all of it is asked for. */
async function received(posted: Posted): Promise<DeskState> {
  const state = receiver.receive(posted)
  if (state !== null) return state
  const whole = receiver.receive(await link.call(worker => worker.whole()))
  if (whole === null) throw new Error('the whole state was no whole')
  return whole
}

function watch(): void {
  const hears = proxy((posted: Posted) => {
    void received(posted).then(state => ears?.changed(state))
  })
  link.call(worker => worker.watch(hears)).catch(() => undefined)
}

/** Whoever holds the page's picture of the desk listens here, once. */
export function listen(own: Ears): void {
  ears = own
  watch()
}

/** An answer in any case: what stopped on the way is a sentence as well. */
async function answered(asked: Promise<PostedAnswer>): Promise<Answer> {
  try {
    const answer = await asked
    if ('problem' in answer) return answer
    return { ...answer, state: await received(answer.state) }
  } catch (error) {
    if (error instanceof Stopped) return { problem: error.message, shown: true }
    return { problem: unforeseen(error) }
  }
}
const unforeseen = (error: unknown): string =>
  `This could not be done (${error instanceof Error ? error.name : 'unknown error'}). ` +
  'What was kept before is safe; reload the page and try it again.'

/** A function for the worker to call; each call is a sign of life. */
const heard = <A extends unknown[]>(hears: (...told: A) => void) =>
  proxy((...given: A) => {
    link.progressed()
    hears(...given)
  })

export const openBuild = (id: string | null): Promise<Answer> =>
  answered(link.call<PostedAnswer>(worker => worker.open(id)))

/** Does one act; `progress` hears how far a long one is. */
export const send = (act: Act, progress?: Progress): Promise<Answer> =>
  answered(
    link.call<PostedAnswer>(worker =>
      progress ? worker.send(act, heard(progress)) : worker.send(act),
    ),
  )

/** Asks one question. A function among what is given hears how far a long answer is. */
export const ask = <Q extends keyof Questions>(
  what: Q,
  ...given: Parameters<Questions[Q]>
): Promise<Awaited<ReturnType<Questions[Q]>>> =>
  link.call(
    worker =>
      worker.ask(
        what,
        ...given.map(one =>
          typeof one === 'function' ? heard(one as (...told: unknown[]) => void) : one,
        ),
      ) as Promise<Awaited<ReturnType<Questions[Q]>>>,
  )
