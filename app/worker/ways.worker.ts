// The second worker: questions that take seconds, so that no command ever waits for them. Remedies and schools of order.
import { expose } from 'comlink'
import { orderSchools, placesFor } from '../../core/analyse'
import type { Build } from '../../core/build/build'
import type { Horizon } from '../../core/build/resolve'
import type { SchoolRow } from '../../core/order/section'
import { searchRemedies, type Search } from '../../core/remedies/remedies'
import { Memo } from '../../core/memo'
import type { Alternative } from '../../core/joints/alternatives'
import { shelf } from './shipped'

let latest = 0
const memo = new Memo()
const rest = (): Promise<void> => new Promise(done => { setTimeout(done) })

const api = {
  /** Searches until all candidates are tried, another search begins, or `stop` is called; tells after each what is found so far. */
  async remedies(build: Build, horizon: Horizon, finding: string, tell: (search: Search) => void): Promise<void> {
    const mine = latest += 1
    for (const search of searchRemedies(build, horizon, finding, shelf)) {
      tell(search)
      await rest()
      if (latest !== mine) return
    }
  },
  stop(): void { latest += 1 },
  /** Every socket a plug goes into, with what it would mean. */
  places: (build: Build, horizon: Horizon, plug: string): readonly Alternative[] => placesFor(build, horizon, plug, memo),
  schools: (build: Build, horizon: Horizon): readonly SchoolRow[] => orderSchools(build, horizon, memo),
}
export type WaysApi = typeof api

expose(api)
