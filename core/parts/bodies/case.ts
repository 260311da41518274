// The solids of a case: its walls, the tray, and the pieces inside.
import { minus, type Sum } from '../../figures/quantity'
import { layoutOf, type Inner } from '../../case/layout'
import { NOTHING, type Axis, type Face } from '../../geometry/solid'
import type { Case } from '../case-schema'
import type { ItemOf } from '../kind'
import { inner, placeOf, type Side } from './case-inside'
import { customary, solid, type Measure, type PartSolid } from './solid'

type Piece = NonNullable<Case['pieces']>[number]
/** Open benches have no walls. */
const isOpen = ({ archetype }: Case): boolean => archetype === 'bench'

/** All solids of a case. */
export function caseSolids(item: ItemOf<Case>, of: Measure): readonly PartSolid[] {
  return [...(isOpen(item.part) ? [] : walls(item.part, of)), ...pieces(item, of)]
}

const ENDLESS = [null, null] as const

/** The walls, each without end but for its inner face; the tray is a plane. */
function walls(part: Case, of: Measure): readonly PartSolid[] {
  const long = (side: keyof Inner): Sum => inner(part, of, side)
  // A drive in a front bay shows its face through the front.
  const through = (part.bays ?? []).filter(b => b.front).map(b => b.key)
  const wall = (key: string, what: string, axis: Axis, span: readonly [Face, Face]): PartSolid =>
    solid(
      { key, what, holds: key === 'front' ? through : [] },
      axis === 0 ? span : ENDLESS,
      axis === 1 ? span : ENDLESS,
      axis === 2 ? span : ENDLESS,
    )
  return [
    wall('rear', 'rear wall', 0, [null, NOTHING]),
    wall('front', 'front wall', 0, [long('x'), null]),
    wall('floor', 'floor', 1, [null, NOTHING]),
    wall('top', 'top panel', 1, [long('y'), null]),
    wall('tray', 'tray', 2, [NOTHING, NOTHING]),
    wall('near', 'near panel', 2, [long('z'), null]),
    wall('far', 'far panel', 2, [null, minus(NOTHING, long('behind'))]),
  ]
}

/** The pieces inside: as stated, and a shroud where the layout has one. */
function pieces({ part, id }: ItemOf<Case>, of: Measure): readonly PartSolid[] {
  const stated = (part.pieces ?? []).flatMap((piece, i) => pieceSolid(part, of, piece, i))
  const hasShroud = stated.some(s => s.key.startsWith('shroud'))
  const layout = layoutOf(part)
  // Its room is the low one beneath the board.
  const room = layout.rooms.find(r => r.min[1] === 0 && r.max[1] < layout.inner.y / 2)
  if (hasShroud || part.archetype !== 'tower-shroud' || !room) return stated
  const isStated = part.rooms !== undefined && !layout.assumed
  const top = placeOf(
    `${id}:shroud`,
    'top of the shroud',
    room.max[1],
    isStated ? 'spec' : 'assumed',
  )
  const end = minus(
    inner(part, of, 'x'),
    customary('from the shroud to the front', SHROUD.front, SHROUD.tol),
  )
  return [
    ...stated,
    solid(
      { key: 'shroud', what: 'shroud' },
      [NOTHING, end],
      [minus(top, customary('sheet of the shroud', SHROUD.sheet, 0.5)), top],
      [NOTHING, inner(part, of, 'z')],
    ),
  ]
}
/** Named choices: how far a shroud keeps from the front, where nobody says, and its sheet, mm. */
const SHROUD = { front: 75, tol: 60, sheet: 1 }

/** One piece, where it is known where it lies. */
function pieceSolid(part: Case, of: Measure, piece: Piece, i: number): readonly PartSolid[] {
  const { begins, ends, label } = piece
  const bays = (part.bays ?? []).filter(b => b.cage === piece.key)
  if (!begins && !ends) return []
  const face = (side: Side, end: 'begins' | 'ends'): Face =>
    piece[end]?.[side] === undefined
      ? wallAt(part, of, side, end)
      : of(`pieces.${i}.${end}.${side}`)
  return [
    solid(
      {
        key: `${piece.piece}-${piece.key}`,
        what: label,
        piece: piece.fixed === true ? null : piece.key,
        holds: bays.map(b => b.key),
      },
      [face('x', 'begins'), face('x', 'ends')],
      [face('y', 'begins'), face('y', 'ends')],
      [face('z', 'begins'), face('z', 'ends')],
    ),
  ]
}

/** Where a piece ends that reaches the wall. */
function wallAt(part: Case, of: Measure, side: Side, end: 'begins' | 'ends'): Sum {
  return end === 'begins' ? NOTHING : inner(part, of, side)
}
