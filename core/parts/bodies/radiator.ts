// A radiator at its place, with its fans on either side: the place's frame lies in the wall, at the
// middle of the place, z into the case.
import { fact, of as ofLeaf, plus, valueOf, type Sum } from '../../figures/quantity'
import { assume } from '../../figures/units'
import { NOTHING } from '../../geometry/solid'
import { RADIATOR_FAN, RADIATOR_SIZE, RADIATOR_THICKNESS } from '../../standards/modules'
import type { Cooler } from '../cooler-schema'
import { around, given, onwards, solid, upTo, type Measure, type PartSolid } from './solid'

type Liquid = NonNullable<Cooler['liquid']>

/** How a radiator's fans stand: on the side away from the wall, the rest between it and the wall. */
export function radiatorSolids(wet: Liquid, of: Measure): readonly PartSolid[] {
  const { radiator: kind } = wet
  const size = kind ? RADIATOR_SIZE[kind] : null
  if (!size) return []
  const length = of('liquid.length', assume(size.length, 'mm'))
  const width = of('liquid.width', assume(size.width, 'mm'))
  const { inside, outside } = fansOf(wet, of)
  const [thick, fans] = [
    thicknessOf(of),
    around(given('fans side by side', size.fans * Number(wet.fans[0]?.size ?? size.fan))),
  ]
  const start = outside ?? NOTHING
  return [
    solid(
      { key: 'radiator', what: 'radiator', by: 'radiator' },
      around(length),
      around(width),
      onwards(start, thick),
    ),
    ...(inside
      ? [
          solid(
            { key: 'fans', what: 'radiator fans', by: 'radiator' },
            fans,
            around(width),
            onwards(plus(start, thick), inside),
          ),
        ]
      : []),
    ...(outside
      ? [
          solid(
            { key: 'outer-fans', what: 'outer radiator fans', by: 'radiator' },
            fans,
            around(width),
            upTo(outside),
          ),
        ]
      : []),
  ]
}

const UNSTATED = assume(
  RADIATOR_THICKNESS.mm,
  'mm',
  RADIATOR_THICKNESS.most - RADIATOR_THICKNESS.mm,
)
const thicknessOf = (of: Measure): Sum => of('liquid.thickness', UNSTATED)

/**
 * How thick the fans on each side are, mm: the thickest of that side; null where there are none.
 * Where nobody says, as many as go along it stand inside, the rest outside; those beyond the wall
 * take no room in the case.
 */
function fansOf(wet: Liquid, of: Measure): Sides {
  const fan = assume(RADIATOR_FAN.mm, 'mm')
  // No fan listed: such a radiator has them, of the usual thickness.
  if (wet.fans.length === 0)
    return {
      inside: ofLeaf(fact('radiator-fan', 'a fan of usual thickness', 'mm', fan)),
      outside: null,
    }
  const along = wet.radiator ? RADIATOR_SIZE[wet.radiator].fans : wet.fans.length
  const all = wet.fans.map((own, i) => ({
    side: own.side ?? (i < along ? 'inside' : 'outside'),
    thick: of(`liquid.fans.${i}.thickness`, fan),
  }))
  const on = (side: string): Sum | null =>
    thickest(all.filter(f => f.side === side).map(f => f.thick))
  return { inside: on('inside'), outside: on('outside') }
}
interface Sides {
  readonly inside: Sum | null
  readonly outside: Sum | null
}

const worth = (s: Sum): number => valueOf(s) ?? 0
const thickest = (fans: readonly Sum[]): Sum | null =>
  fans.reduce<Sum | null>((a, b) => (a && worth(a) >= worth(b) ? a : b), null)

/** Radiator and fans together, from the wall inward, mm. */
export function stackOf(wet: Liquid, of: Measure): Sum {
  const { inside, outside } = fansOf(wet, of)
  return plus(thicknessOf(of), ...[inside, outside].flatMap(s => s ?? []))
}
