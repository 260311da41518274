// Reasons of habit: which plugs come first in the case, as a person chose it.
import type { Habits } from '../habits'
import type { PlannedStep } from '../step'
import { isAtCard, isAtDevice, isForProcessor, seatOf } from './plug-kinds'
import { isOnTable, PLUGS, SEATS, type Reason } from './reason'

/** Who starts by stages plugs main power early, and lives with its lead. */
const isInOneGo = (s: Habits): boolean => s.proof !== 'in the case'

/** Whether a part is put in after the one that is plugged, as parts usually follow each other. */
function isBeforeNextPart(plug: PlannedStep, seat: PlannedStep): boolean {
  const own = seatOf(plug)
  return own !== null && SEATS.indexOf(seat.kind) > SEATS.indexOf(own)
}

/** Each plug with its part. */
const WITH_ITS_PART: Omit<Reason, 'rule' | 'after'> = {
  basis: 'habit',
  isFirm: true,
  by: ({ plugs }) => plugs === 'part',
  before: ['fan-plug', 'data-plug', 'power-plug'],
  reason: b => `the ${b.what} is plugged while the hand is there`,
  when: isBeforeNextPart,
}
/** All plugs at the end. */
const AT_THE_END: Omit<Reason, 'rule' | 'before'> = {
  basis: 'habit',
  of: isInOneGo,
  by: ({ plugs }) => plugs === 'end',
  after: PLUGS,
  reason: b => `no lead is in the way of the ${b.what}`,
  when: (_, a) => !isOnTable(a),
}

export const PLUG_HABITS: readonly Reason[] = [
  {
    rule: 'small-before-stiff',
    basis: 'reach',
    of: isInOneGo,
    by: ({ plugs }) => plugs !== 'part',
    before: ['small-plug', 'panel', 'fan-plug', 'data-plug'],
    after: ['power-plug'],
    reason: () => 'stiff power leads cover the small headers',
    when: (_, a) => !isForProcessor(a) && !isAtDevice(a),
  },
  {
    ...WITH_ITS_PART,
    rule: 'plug-with-its-part',
    of: isInOneGo,
    after: SEATS.filter(kind => kind !== 'card'),
  },
  {
    ...WITH_ITS_PART,
    rule: 'plug-with-its-part-before-cards',
    of: s => isInOneGo(s) && s.card !== 'early',
    after: ['card'],
  },
  {
    rule: 'card-power-with-its-card',
    basis: 'habit',
    isFirm: true,
    of: s => isInOneGo(s) && s.card !== 'early',
    by: ({ plugs }) => plugs === 'part',
    before: ['small-plug', 'panel', 'fan-plug', 'data-plug', 'card'],
    after: ['power-plug'],
    reason: () => 'the card’s leads come with the card',
    when: (_, a) => isAtCard(a),
  },
  {
    ...AT_THE_END,
    rule: 'seats-before-plugs',
    isFirm: true,
    before: SEATS.filter(kind => kind !== 'card'),
  },
  // A card may hide what has to be plugged: it waits where it would come out again.
  { ...AT_THE_END, rule: 'cards-before-plugs', before: ['card'] },
  {
    rule: 'device-ends-last',
    basis: 'habit',
    by: ({ ends, plugs }) => ends !== 'going' && plugs !== 'part',
    before: ['small-plug', 'panel', 'fan-plug', 'data-plug', 'power-plug'],
    after: ['power-plug'],
    reason: () => 'the device ends of power leads come last: no stiff lead is in the way before',
    when: (b, a) => isAtDevice(a) && !isAtDevice(b) && !isAtCard(b),
  },
  {
    rule: 'device-ends-as-one-goes',
    basis: 'habit',
    by: ({ ends }) => ends === 'going',
    before: ['power-plug'],
    after: ['small-plug', 'panel', 'fan-plug', 'power-plug'],
    reason: b => `the ${b.to} is done while the hand is there`,
    when: (b, a) => isAtDevice(b) && !isAtDevice(a) && !isAtCard(a) && !isOnTable(a),
  },
]
