// Reasons inside the case: what lies under or behind what, and the habits of supply and card.
import { endsOfJoint } from '../../ids/ids'
import type { PartKind } from '../../parts'
import type { PlannedStep } from '../step'
import { MAKES, PLUGS, SEATS, isOnTable, share, sameFirst, sameItem, type Reason } from './reason'

export const IN_THE_CASE: readonly Reason[] = [
  {
    rule: 'piece-out-of-the-way',
    basis: 'fact',
    before: ['piece-off'],
    after: MAKES,
    reason: b => `the ${b.what} stands in its way`,
    when: isMadeWithout,
  },
  {
    rule: 'old-out-first',
    basis: 'fact',
    before: ['old-out'],
    after: MAKES,
    reason: b => `the ${isMoved(b) ? '' : 'old '}${b.what} comes out first`,
    when: isWhereItWas,
  },
  {
    rule: 'came-out-first',
    basis: 'fact',
    before: ['came-out'],
    after: SEATS,
    reason: b => `the ${b.what} that came there comes out first`,
    when: (b, a) => b.manner?.of === 'came' && b.manner.seats.some(j => a.joints.includes(j)),
  },
  {
    rule: 'piece-off-before-what-came',
    basis: 'fact',
    before: ['piece-off'],
    after: ['came-out'],
    reason: (b, a) => `the ${a.what} sits behind the ${b.what}`,
    when: (b, a) => a.manner?.of === 'came' && a.manner.seats.some(j => b.opens.includes(j)),
  },
  {
    rule: 'old-board-before-standoffs',
    basis: 'fact',
    before: ['old-out'],
    after: ['standoffs', 'shield', 'covers', 'piece-off'],
    reason: b => `the old ${b.what} is over them`,
    when: old => !isMoved(old) && isOldOf(old, ['board', 'case']),
  },
  {
    rule: 'piece-back-after',
    basis: 'fact',
    before: MAKES,
    after: ['piece-on'],
    reason: (b, a) => `the ${a.what} would be in the way of the ${b.what}`,
    when: (b, a) => isMadeWithout(a, b),
  },
  {
    rule: 'piece-off-then-on',
    basis: 'fact',
    before: ['piece-off'],
    after: ['piece-on'],
    reason: () => 'it comes off first',
    when: (b, a) => b.label === a.label && sameFirst(b, a),
  },
  {
    rule: 'standoffs-under-board',
    basis: 'fact',
    before: ['standoffs'],
    after: ['board-in'],
    reason: () => 'the board lies on the standoffs',
  },
  {
    rule: 'shield-before-board',
    basis: 'fact',
    before: ['shield'],
    after: ['board-in'],
    reason: () => 'the shield goes in from inside, behind the board’s sockets',
  },
  {
    rule: 'walls-before-board',
    basis: 'reach',
    before: ['fan', 'drive'],
    after: ['board-in'],
    reason: () => 'screws at the walls are in reach while the case is empty',
  },
  {
    rule: 'cables-before-supply',
    basis: 'reach',
    before: ['supply-cables'],
    after: ['supply-in'],
    reason: () => 'no hand fits behind the supply later',
  },
  {
    rule: 'lead-behind-board',
    basis: 'reach',
    before: ['lay-lead'],
    after: ['board-in'],
    reason: () => 'the gap above the board closes',
  },
  {
    rule: 'supply-before-lead',
    basis: 'fact',
    before: ['supply-in'],
    after: ['lay-lead'],
    reason: () => 'the lead hangs from the supply',
    when: sameFirst,
  },
  {
    rule: 'lead-before-its-plug',
    basis: 'fact',
    before: ['lay-lead'],
    after: ['power-plug'],
    reason: () => 'the lead is laid before it is plugged',
    when: (b, a) => a.items.includes(b.items[0] ?? '') && a.label === b.label,
  },
  {
    rule: 'supply-after-board',
    basis: 'habit',
    of: s => s.supply === 'after board',
    before: ['board-in'],
    after: ['supply-in'],
    reason: () => 'without the supply there is room for hands around the board',
  },
  {
    rule: 'supply-before-board',
    basis: 'habit',
    of: s => s.supply === 'first',
    before: ['supply-in'],
    after: ['standoffs', 'shield', 'drive', 'board-in', 'card'],
    reason: () => 'everything needs the supply, and its cables lie under everything',
  },
  {
    rule: 'supply-last',
    basis: 'habit',
    of: s => s.supply === 'last',
    before: [
      'board-in',
      'fan',
      'drive',
      'hub',
      'strip',
      'small-plug',
      'panel',
      'fan-plug',
      'data-plug',
    ],
    after: ['supply-in'],
    reason: () => 'its cables hang over nothing while the small leads go in',
  },
  {
    rule: 'retainer-before-card',
    basis: 'reach',
    before: ['retainer'],
    after: ['card'],
    reason: () => 'it goes on while the slot is free',
    when: sameItem,
  },
  {
    rule: 'supply-before-its-switch',
    basis: 'fact',
    before: ['supply-in'],
    after: ['mains-switch'],
    reason: () => 'the switch hangs from the supply',
    when: sameFirst,
  },
  {
    rule: 'covers-before-card',
    basis: 'fact',
    before: ['covers'],
    after: ['card'],
    reason: () => 'the bracket goes where the cover was',
    when: sameItem,
  },
  {
    rule: 'board-before-covers',
    basis: 'fact',
    before: ['board-in'],
    after: ['covers'],
    reason: () => 'held over its slot the card shows which covers they are',
  },
  {
    rule: 'short-card-first',
    basis: 'reach',
    before: ['card'],
    after: ['card'],
    reason: b => `beside it no hand gets at the shorter ${b.what}`,
    when: isShortBeside,
  },
  {
    rule: 'board-before-card',
    basis: 'fact',
    before: ['board-in'],
    after: ['card'],
    reason: () => 'the slot is on the board',
    when: share,
  },
  {
    rule: 'card-late',
    basis: 'habit',
    of: s => s.card === 'late',
    before: PLUGS,
    after: ['card'],
    reason: () => 'a card is in the way of hands',
    when: (b, a) => !share(a, b),
  },
  {
    rule: 'card-early',
    basis: 'habit',
    of: s => s.card === 'early',
    before: ['card'],
    after: PLUGS,
    reason: () => 'the card’s lead must pass before the others',
    when: (_, a) => !isOnTable(a),
  },
]

/** Whether something comes to a place that the old part held. */
const isOldOf = ({ manner }: PlannedStep, kinds: readonly PartKind[]): boolean =>
  manner?.of === 'old' && kinds.includes(manner.kind)
const isMoved = ({ manner }: PlannedStep): boolean => manner?.of === 'old' && manner.moves !== null

/** Whether something comes to where the old one was, or is the old one in its new place. */
function isWhereItWas({ manner }: PlannedStep, { joints }: PlannedStep): boolean {
  if (manner?.of !== 'old') return false
  const { at, moves } = manner
  const ends = moves ? [...at, moves.end] : at
  return joints.some(joint => endsOfJoint(joint)?.some(end => ends.includes(end)))
}

/** Whether a part is put in while a piece of the case is off. */
function isMadeWithout(piece: PlannedStep, step: PlannedStep): boolean {
  return step.joints.some(joint => piece.opens.includes(joint))
}

/** Named choice: a longer card so few slots away leaves a hand no room at a shorter one. */
const BESIDE = 1

/** Whether one card is the shorter of two that stand side by side. */
function isShortBeside({ manner: short }: PlannedStep, { manner: long }: PlannedStep): boolean {
  if (short?.of !== 'card' || long?.of !== 'card') return false
  const isShorter = short.length !== null && long.length !== null && short.length < long.length
  const apart = short.rows.flatMap(a => long.rows.map(b => Math.abs(a - b)))
  return isShorter && apart.some(slots => slots <= BESIDE)
}
