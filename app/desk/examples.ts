// The example builds that ship: laid out at the first visit; one that comes later is offered.
import type { Build } from '../../core/document/build'
import type { Problem } from '../../core/document/command'
import { outcome, type ExampleLine, type Outcome } from './acts'
import { LAID_OUT } from './db'
import type { Store } from './store'

/** The ids of the examples that were laid out, taken or declined here. */
const MET = 'examples-met'
/** What was laid out before the ids were kept. */
const FIRST: readonly string[] = ['avocet', 'plover']

const NONE: Problem = { problem: 'This example is no longer offered. Reload the list of builds.' }

export class Examples {
  constructor(
    private readonly store: Store,
    private readonly shipped: readonly Build[],
  ) {}

  /** All of them, at the first visit. */
  async layOut(): Promise<void> {
    const { settings, heads } = this.store.db
    if (await settings.get(LAID_OUT)) return
    for (const demo of this.shipped)
      if (!(await heads.get(demo.id))) await this.store.put(demo, true)
    await settings.put({ key: LAID_OUT, value: true })
    await this.meet(this.shipped.map(d => d.id))
  }

  /** Those that came after the first visit and were neither taken nor declined. */
  async offered(): Promise<readonly ExampleLine[]> {
    const { settings, heads } = this.store.db
    if (!(await settings.get(LAID_OUT))) return []
    const met = await this.met()
    const here = await heads.bulkGet(this.shipped.map(d => d.id))
    return this.shipped
      .filter((demo, i) => !met.includes(demo.id) && here[i] === undefined)
      .map(({ id, name, note }) => ({ id, name, note }))
  }

  async take(id: string): Promise<Outcome | Problem> {
    const demo = await this.find(id)
    if (!demo) return NONE
    await this.store.put(demo, true)
    await this.meet([id])
    return outcome(null)
  }

  async decline(id: string): Promise<Outcome | Problem> {
    if (!(await this.find(id))) return NONE
    await this.meet([id])
    return outcome(null)
  }

  private async find(id: string): Promise<Build | undefined> {
    const offered = await this.offered()
    return offered.some(o => o.id === id) ? this.shipped.find(d => d.id === id) : undefined
  }

  private async met(): Promise<readonly string[]> {
    const kept = await this.store.db.settings.get(MET)
    return Array.isArray(kept?.value) ? kept.value.map(String) : FIRST
  }

  private async meet(ids: readonly string[]): Promise<void> {
    const all = [...new Set([...(await this.met()), ...ids])]
    await this.store.db.settings.put({ key: MET, value: all })
  }
}
