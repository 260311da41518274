// A liquid cooler where it sits: the block on the processor, the radiator at its place.
import type { Solid } from '../../joining/solids'
import { cooler } from '../../parts/cooler'
import type { ItemOf } from '../../parts/kind'
import type { Cooler } from '../../parts/cooler-schema'
import { every, type Situation } from '../../plan/situation'

export interface Loop {
  readonly wet: ItemOf<Cooler>
  readonly block: Solid
  readonly radiator: Solid
}

/** Every liquid cooler of which it is known where both of its ends sit. */
export const loopsIn = (
  s: Pick<Situation, 'items'> & { readonly solids: readonly Solid[] },
): readonly Loop[] =>
  every(s, cooler.kind).flatMap(wet => {
    const own = s.solids.filter(solid => solid.item === wet.id)
    const [block, radiator] = ['block', 'radiator'].map(key => own.find(o => o.key === key))
    return block && radiator ? [{ wet, block, radiator }] : []
  })
