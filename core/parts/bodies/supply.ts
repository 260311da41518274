// The body of a supply from the wall that it is screwed to, and the plugs of a modular one.
import { assume, type Figure } from '../../figures/units'
import { MODULAR_PLUGS, SUPPLY_SIZE } from '../../standards/supplies'
import type { Supply } from '../supply-schema'
import type { ItemOf } from '../kind'
import { customary, given, onwards, solid, upTo, type Measure, type PartSolid } from './solid'

/** A supply's length by its form, mm; undefined where the form is sold in many. */
export const lengthByForm = (form: Supply['form']): Figure | undefined => {
  const length = form ? SUPPLY_SIZE[form].length : null
  return length === null ? undefined : { value: length, basis: 'standard', tol: 0.25 }
}
/** Named choice: between the shortest that is sold and a long one, mm. */
const UNSTATED_LENGTH = assume(160, 'mm', 35)

/** What the plugs of a modular supply need behind it, mm. */
export const modularPlugs = customary('plugs of a modular supply', MODULAR_PLUGS.mm, 10)

/** The solids of a supply; none where its form is not known. */
export function supplySolids(
  { part: { form, modular } }: ItemOf<Supply>,
  of: Measure,
): readonly PartSolid[] {
  if (!form) return []
  const { width, height } = SUPPLY_SIZE[form]
  const length = of('length', lengthByForm(form) ?? UNSTATED_LENGTH)
  const [across, up] = [
    upTo(given(`width of ${form}`, width, 0.5)),
    upTo(given(`height of ${form}`, height, 0.5)),
  ]
  return [
    solid({ key: 'supply' }, upTo(length), across, up),
    ...(modular === 'fixed'
      ? []
      : [
          solid(
            { key: 'plugs', what: 'plugs', nature: 'zone' },
            onwards(length, modularPlugs),
            across,
            up,
          ),
        ]),
  ]
}
