// The bodies of what has one box: modules, fans, hubs, sleds.
import { assume, type Figure } from '../../figures/units'
import { DRIVE_SIZE, FAN_THICKNESS, sizeOfModule } from '../../standards/modules'
import { PLATE, SUPPLY_SIZE, type SupplyForm } from '../../standards/supplies'
import type { ItemOf } from '../kind'
import {
  around,
  customary,
  drawn,
  exceeds,
  given,
  solid,
  upTo,
  type Measure,
  type PartSolid,
} from './solid'

/** One module, or one row of chips, in its slot: along x, across y. */
export function memorySolids(
  { part: { type } }: ItemOf<{ readonly type?: string | null | undefined }>,
  of: Measure,
): readonly PartSolid[] {
  const { length, thickness, bareHeight } = sizeOfModule(type ?? null)
  const height: Figure = {
    value: (bareHeight + TALL) / 2,
    basis: 'assumed',
    tol: (TALL - bareHeight) / 2,
  }
  return [
    solid(
      { key: 'module' },
      around(given('length of a module', length, 0.5)),
      around(given('thickness of a module', thickness, 1)),
      upTo(of('height', type === 'chips' ? assume(bareHeight, 'mm', 1) : height)),
    ),
  ]
}
/** Named choice: how high modules with spreaders are, where nobody stated a height, mm. */
const TALL = 45

/** A fan on its wall: thickness along z, away from it. */
export function fanSolids(
  { part: { size } }: ItemOf<{ readonly size?: string | null | undefined }>,
  of: Measure,
): readonly PartSolid[] {
  if (!size) return []
  const frame = around(given(`frame of ${size}`, Number(size), 0.5))
  const thick = of('thickness', assume(FAN_THICKNESS.mm, 'mm', 13))
  const oversize = exceeds(thick, FAN_THICKNESS.mm)
  return [solid({ key: 'fan', oversize }, frame, frame, upTo(thick))]
}

/** A hub on its back. */
export function hubSolids({
  part: { size },
  id,
}: ItemOf<{ readonly size?: readonly number[] | undefined }>): readonly PartSolid[] {
  const [x, y, z] = size
    ? size.map((mm, i) => drawn(`${id}: ${HUB_SIDES[i] ?? ''} of the hub`, mm))
    : USUAL_HUB.map((mm, i) => customary(`${id}: ${HUB_SIDES[i] ?? ''} of such a hub`, mm, mm / 2))
  return x && y && z ? [solid({ key: 'hub' }, upTo(x), upTo(y), upTo(z))] : []
}
const HUB_SIDES = ['length', 'width', 'height']
/** Named choice: how large a hub is of which nobody stated it, mm. */
const USUAL_HUB = [80, 40, 15]

/** A plate as large as the back of the supply that it stands in for. */
function plateSolids(fits: SupplyForm): readonly PartSolid[] {
  const { width, height } = SUPPLY_SIZE[fits]
  return [
    solid(
      { key: 'plate', holds: 'whatever sits on it' },
      upTo(given('sheet of the plate', PLATE.mm)),
      upTo(given(`width of ${fits}`, width, 0.5)),
      upTo(given(`height of ${fits}`, height, 0.5)),
    ),
  ]
}

/** A sled as large as the drive that its bay is for. */
export function railSolids({
  part: { fits, plate },
}: ItemOf<{
  readonly fits?: keyof typeof DRIVE_SIZE | null | undefined
  readonly plate?: { readonly fits: SupplyForm } | undefined
}>): readonly PartSolid[] {
  if (plate) return plateSolids(plate.fits)
  if (!fits) return []
  const { length, width, height } = DRIVE_SIZE[fits]
  return [
    solid(
      { key: 'sled', holds: 'whatever sits on it' },
      upTo(given(`length of a ${fits}-inch bay`, length)),
      upTo(given(`width of a ${fits}-inch bay`, width)),
      upTo(given(`height of a ${fits}-inch bay`, height)),
    ),
  ]
}
