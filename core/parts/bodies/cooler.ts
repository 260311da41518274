// The body of a cooler: fins and fans over the processor, or a block there and a radiator elsewhere.
import { minus, plus, type Sum } from '../../figures/quantity'
import { assume, type Figure } from '../../figures/units'
import { turnedBox } from '../../geometry/turn'
import { LID, USUAL_COOLER } from '../../standards/coolers'
import { FAN_THICKNESS } from '../../standards/modules'
import type { Cooler } from '../cooler-schema'
import type { ItemOf } from '../kind'
import { radiatorSolids } from './radiator'
import { around, customary, solid, type Measure, type PartSolid } from './solid'

/** How high the processor's lid stands over the board, mm: what a cooler's height is counted from. */
export const lid = customary('lid over the board', LID.mm, LID.tol)
const asUsual = ({ mm, tol }: { readonly mm: number; readonly tol: number }): Figure =>
  assume(mm, 'mm', tol)

/** The solids of a cooler: in the frame of the processor's socket, and of the radiator's place. */
export const coolerSolids = (item: ItemOf<Cooler>, of: Measure): readonly PartSolid[] =>
  item.part.liquid
    ? [block(of), ...radiatorSolids(item.part.liquid, of)]
    : tower(item, of).map(s => ({
        ...turnedBox(s, item.turned),
        turned: item.turned !== undefined,
      }))

const sizes = (of: Measure) => ({
  width: of('width', asUsual(USUAL_COOLER.width)),
  depth: of('depth', asUsual(USUAL_COOLER.depth)),
  top: plus(lid, of('height', asUsual(USUAL_COOLER.height))),
})

/** The block of a liquid cooler, with the pump that most of them have in it. */
function block(of: Measure): PartSolid {
  const { width, depth, top } = sizes(of)
  return solid({ key: 'block', what: 'block', by: 'mount' }, around(depth), around(width), [
    lid,
    top,
  ])
}

/** Fins, and the fan that reaches over the memory as far as the cooler reaches at all. */
function tower({ part }: ItemOf<Cooler>, of: Measure): readonly PartSolid[] {
  const { width, depth, top } = sizes(of)
  const isOffset = (part.over ?? null) !== null
  const front: Sum = isOffset ? of('over') : (around(depth)[1] ?? depth)
  const rear = minus(front, depth)
  const under = plus(lid, of('under', asUsual(USUAL_COOLER.under)))
  if (!part.fan || !isOffset)
    return [
      solid({ key: 'fins', what: 'fins', by: 'mount' }, [rear, front], around(width), [under, top]),
    ]
  const behind = minus(front, customary('fan on the fins', FAN_THICKNESS.mm, 1))
  // Where nobody says how high it hangs, it ends with the fins.
  const low = (part.memoryRoom ?? null) === null ? under : of('memoryRoom')
  return [
    solid({ key: 'fins', what: 'fins', by: 'mount' }, [rear, behind], around(width), [under, top]),
    solid({ key: 'fan', what: 'fan', by: 'mount' }, [behind, front], around(width), [low, top]),
  ]
}
