// A supply as the watts see it.
import type { ItemOf } from '../parts/kind'
import type { Supply } from '../parts/supply-schema'

/**
 * A supply without the lengths of its cables: watts do not depend on them, and are not asked again
 * when one is measured.
 */
export const rated = (supply: ItemOf<Supply>): ItemOf<Supply> => ({
  ...supply,
  part: {
    ...supply.part,
    cables: supply.part.cables?.map(c => ({
      ...c,
      length: null,
      plugs: c.plugs.map(p => ({ ...p, after: null })),
    })),
  },
})
