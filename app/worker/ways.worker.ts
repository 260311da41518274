// The second worker: questions that take seconds, so that no command ever waits for them. Remedies and schools of order.
import { expose } from 'comlink'
import { orderSchools } from '../../core/analyse'
import type { Build } from '../../core/build/build'
import type { Horizon } from '../../core/build/resolve'
import type { SchoolRow } from '../../core/order/section'
import { searchRemedies, type Search } from '../../core/remedies/remedies'
import { shelf } from './shipped'

let latest = 0
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
  schools: (build: Build, horizon: Horizon): readonly SchoolRow[] => orderSchools(build, horizon),
}
export type WaysApi = typeof api

expose(api)
