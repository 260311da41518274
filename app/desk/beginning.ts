// How a visit begins: the store opens, what an older version left is carried over, the demos are
// laid out at the first, what went out of its time is tidied away.
import { isProblem, type Problem } from '../../core/document/command'
import { outcome, type Outcome, type Refusal } from './acts'
import type { Examples } from './examples'
import type { History } from './history'
import { closed } from './refusals'
import type { SecondCopy } from './second-copy'
import { settle } from './settle'
import type { Shelf } from './shelf/shelf'
import type { Storage } from './storage'
import type { Store } from './store'

const CAME_BACK =
  'The browser found its store damaged and emptied it. All that was kept here came back from its second copy.'

/** Named choice, ms: how long the store may take to open before that is told. */
const PATIENCE = 5000

export interface BeginsWith {
  readonly store: Store
  readonly history: History
  readonly shelf: Shelf
  readonly storage: Storage
  readonly examples: Examples
  readonly copy: SecondCopy | null
  readonly patience?: number
  /** Keeps what is done: all of it or nothing. */
  readonly saving: (work: () => Promise<Outcome | Problem>) => Promise<Outcome | Refusal>
}

export class Beginning {
  private hasBegun = false
  /** What is to be told once of how the visit began. */
  private notice: string | null = null

  constructor(private readonly on: BeginsWith) {}

  /** Once in a window's life; again where it did not come to its end. */
  async begin(): Promise<true | Refusal> {
    if (this.hasBegun) return true
    if (!(await this.opens())) return closed(null)
    if (await this.on.copy?.begin()) this.notice = CAME_BACK
    const begun = await this.on.saving(async () => {
      await settle(this.on.store, this.on.history)
      await this.on.examples.layOut()
      await this.on.shelf.load()
      await this.on.storage.tidy()
      return outcome(null)
    })
    if (isProblem(begun)) return begun
    this.hasBegun = true
    return true
  }

  /** What is to be told of it, once. */
  told(): string | null {
    const { notice } = this
    this.notice = null
    return notice
  }

  /** Whether the store opens within the time it is given; it goes on trying meanwhile. */
  private async opens(): Promise<boolean> {
    let timer: ReturnType<typeof setTimeout> | undefined
    const late = new Promise<false>(done => {
      timer = setTimeout(() => done(false), this.on.patience ?? PATIENCE)
    })
    try {
      return await Promise.race([this.on.store.db.open().then(() => true), late])
    } finally {
      clearTimeout(timer)
    }
  }
}
