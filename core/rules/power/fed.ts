// Which loads a supply feeds.
import type { ItemOf } from '../../parts/kind'
import type { Supply } from '../../parts/supply-schema'
import { type Situation, every } from '../../plan/situation'
import { isFed, type Load } from '../../power/loads'

interface Fed {
  readonly supply: ItemOf<Supply>
  readonly loads: readonly Load[]
}

/**
 * Each supply with the loads that reach it. With one supply, what is not yet joined will hang on it
 * too.
 */
export const fed = (s: Pick<Situation, 'items' | 'loads'>): readonly Fed[] => {
  const supplies = every(s, 'supply')
  return supplies.map(supply => ({
    supply,
    loads: s.loads.filter(
      l => l.feeds.some(f => f.supply === supply.id) || (supplies.length === 1 && !isFed(l)),
    ),
  }))
}
