// The second worker: questions that take seconds, so that no command ever waits for them. Remedies
// and schools of order.
import { expose } from 'comlink'
import { orderSchools, placesFor } from '../../core/analysis/analyse'
import type { Build } from '../../core/document/build'
import type { Horizon } from '../../core/document/resolve'
import type { SchoolRow } from '../../core/order/compared'
import { searchRemedies, type Search } from '../../core/remedies/remedies'
import { Memory } from '../../core/pipeline/memory'
import type { Alternative } from '../../core/stages/alternatives'
import { JunturaDb } from './db'
import { giveSigns } from './link'
import { Shelf } from './shelf/shelf'
import { shelf } from './shipped'

const parts = new Shelf(new JunturaDb(), shelf)
const running = new Set<number>()
const memo = new Memory()
const rest = (): Promise<void> =>
  new Promise(done => {
    setTimeout(done)
  })

/** The finding that ways out are sought for. */
export interface Sought {
  readonly build: Build
  readonly horizon: Horizon
  readonly finding: string
}

const api = {
  /**
   * Searches until all candidates are tried or the search is stopped by its number; tells after
   * each what is found so far.
   */
  async remedies(
    search: number,
    { build, horizon, finding }: Sought,
    tell: (found: Search) => void,
  ): Promise<void> {
    running.add(search)
    await parts.load()
    for (const found of searchRemedies(build, horizon, finding, parts.all())) {
      if (!running.has(search)) return
      tell(found)
      await rest()
    }
    running.delete(search)
  },
  stop(search: number): void {
    running.delete(search)
  },
  /** Every socket a plug goes into, with what it would mean. */
  places: (build: Build, horizon: Horizon, plug: string): readonly Alternative[] =>
    placesFor(build, horizon, plug, memo),
  schools: (build: Build, horizon: Horizon): readonly SchoolRow[] =>
    orderSchools(build, horizon, memo),
}
export type WaysApi = typeof api

giveSigns(globalThis as unknown as DedicatedWorkerGlobalScope)
expose(api)
