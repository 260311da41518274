// The body of a board: its plate, the sockets at its rear edge, and what stands high on it.
import { assume, type Figure } from '../../figures/units'
import {
  BOARD_THICKNESS,
  FORM,
  FORM_TOLERANCE,
  REAR_SOCKETS,
  STANDOFF_HEIGHT,
  type BoardForm,
} from '../../standards/boards'
import type { Board } from '../board-schema'
import { basisAt, type ItemOf } from '../kind'
import { PLACES } from '../../case/layout'
import { fact, of, plus, type Sum } from '../../figures/quantity'
import { NOTHING, type Spot } from '../../geometry/solid'
import { SLOT_PITCH } from '../../standards/cards'
import type { End } from '../end'
import {
  customary,
  drawn,
  given,
  negative,
  onwards,
  solid,
  upTo,
  type Measure,
  type PartSolid,
} from './solid'

/** A board's size by its form: of a form that is sold in several depths, between. */
export function sizeByForm(form: BoardForm, way: 'edge' | 'depth'): Figure {
  const { least, [way]: size } = FORM[form]
  return way === 'depth' && least !== undefined
    ? { value: (least + size) / 2, basis: 'assumed', tol: (size - least) / 2 }
    : { value: size, basis: 'standard', tol: FORM_TOLERANCE.mm }
}

/** Named choice: a board whose form nobody stated is taken for one of this form, within half of it. */
const UNKNOWN_AS = 'microATX'
const sizeOf = (form: Board['form'], way: 'edge' | 'depth'): Figure =>
  form ? sizeByForm(form, way) : assume(FORM[UNKNOWN_AS][way], 'mm', FORM[UNKNOWN_AS][way] / 2)

/** What lies between the tray and the board's surface. */
export const standoff = customary('standoff height', STANDOFF_HEIGHT.mm, 0.5)
export const thickness = given('board thickness', BOARD_THICKNESS.mm, 0.25)

/** The solids of a board, in its own frame. */
export function boardSolids({ part }: ItemOf<Board>, figure: Measure): readonly PartSolid[] {
  const size = (way: 'edge' | 'depth') => figure(way, sizeOf(part.form, way))
  return [
    solid({ key: 'plate', holds: 'whatever sits on it' }, upTo(size('depth')), upTo(size('edge')), [
      negative(thickness),
      NOTHING,
    ]),
    ...rearSockets(part),
    ...(part.tall ?? []).map(({ label, at, size: [dx, dy] }, i) =>
      solid(
        { key: `tall-${i + 1}`, what: label },
        onwards(drawn(`${label}, from the rear edge`, at[0]), drawn(`${label}, deep`, dx, 0)),
        onwards(drawn(`${label}, from the upper edge`, at[1]), drawn(`${label}, wide`, dy, 0)),
        upTo(figure(`tall.${i}.height`)),
      ),
    ),
  ]
}

/** What stands behind the shield, where the board has one. */
function rearSockets({ form, rear, shield }: Board): readonly PartSolid[] {
  const isThere = rear ? rear.length > 0 : shield !== 'none'
  if (!form || FORM[form].rear !== 'aperture' || !isThere) return []
  const { deep, wide, high } = REAR_SOCKETS
  return [
    solid(
      { key: 'rear', what: 'rear sockets' },
      upTo(customary('depth of the rear sockets', deep.mm, deep.tol)),
      upTo(given('opening for the rear sockets', wide.mm)),
      upTo(customary('height of the rear sockets', high.mm, high.tol)),
    ),
  ]
}

/**
 * Where the seat of one of its sockets lies: a slot without a place of its own by the standard's
 * line, all else as stated, or as its form has it.
 */
export function boardSeat({ part, id }: ItemOf<Board>, end: End): Spot['origin'] | null {
  const { seat, from } = end
  if (!seat) return null
  const slot = from?.list === 'slots' ? part.slots?.[from.index] : undefined
  const [x, y] = seat.origin
  if (slot && !slot.at) return [drawn(`${id} slot`, x), lineOf(slot.row, y), NOTHING]
  const tol = basisAt(part, PLACES) === 'assumed' ? MADE_UP : AS_DRAWN
  const along = (side: string, mm: number): Sum =>
    of(
      fact(`${id}/${end.key}:${side}`, `place of ${end.label}`, 'mm', {
        value: mm,
        tol,
        basis: tol === MADE_UP ? 'assumed' : 'spec',
      }),
    )
  return [along('x', x), along('y', y), isOnBack(part, end) ? negative(thickness) : NOTHING]
}
const isOnBack = ({ m2 }: Board, { from }: End): boolean =>
  from?.list === 'm2' && m2?.[from.index]?.back === true
/** Named choices: how far a place on a board may be off, by its form and by a drawing of it, mm. */
const MADE_UP = 20
const AS_DRAWN = 1

/** The line of a slot: from that of the first, so many pitches on. What cards share cancels. */
function lineOf(row: number, y: number): Sum {
  const first = of(
    fact(
      'first-slot',
      'line of the first slot',
      'mm',
      assume(y - (row - 1) * SLOT_PITCH.mm, 'mm', 2),
    ),
  )
  return row === 1 ? first : plus(first, given(`${row - 1} slots on`, (row - 1) * SLOT_PITCH.mm))
}
