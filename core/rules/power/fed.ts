// Which loads a supply feeds, and what of them flows through a joint.
import type { ItemOf } from '../../parts/kind'
import type { Supply } from '../../parts/supply'
import { plus, times, type Sum } from '../../figures/quantity'
import { type Situation, every } from '../../plan/situation'
import type { Load } from '../../power/loads'
import { NOTHING } from '../../power/sizing'

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
      l =>
        l.feeds.some(f => f.supply === supply.id) ||
        (supplies.length === 1 && l.feeds.length === 0),
    ),
  }))
}

/** What flows through a joint: each load with the share of it that comes this way. */
export const through = (loads: readonly Load[], joint: string, when: 'worst' | 'start'): Sum =>
  plus(
    NOTHING,
    ...loads.flatMap(l =>
      l.feeds.filter(f => f.joints.includes(joint)).map(f => times(l[when], f.share)),
    ),
  )
