// Reasons of plugs, power and the end: what is joined before power, what is closed last.
import { feeds } from '../../connectors/connectors'
import { OUTSIDE, type PlannedStep } from '../step'
import { COMES_OUT, PLUGS, SEATS, MAKES, isOnTable, share, sameFirst, type Reason } from './reason'

const isForProcessor = ({ kind, face }: PlannedStep): boolean =>
  kind === 'power-plug' && face !== null && feeds(face) === 'processor'
/** The end of a power lead at a drive, a hub, a fan: not at the board, and not at a card. */
const isAtDevice = ({ kind, face }: PlannedStep): boolean =>
  kind === 'power-plug' && !ON_BOARDS.includes(face === null ? '' : (feeds(face) ?? ''))
/** What feeds the board and its processor. */
const isAtBoard = ({ face }: PlannedStep): boolean =>
  face !== null && ['board', 'processor'].includes(feeds(face) ?? '')
/** The plug of a card goes in once the card is there. */
const isAtCard = ({ kind, face }: PlannedStep): boolean =>
  kind === 'power-plug' && face !== null && feeds(face) === 'card'
const ON_BOARDS: readonly string[] = ['board', 'processor', 'card']
const isLiquid = ({ manner }: PlannedStep): boolean => manner?.of === 'cooler' && manner.isLiquid

export const PLUGS_AND_POWER: readonly Reason[] = [
  {
    rule: 'power-before-firmware',
    basis: 'fact',
    before: ['power-plug'],
    after: ['firmware'],
    reason: () => 'flashing needs the supply on the board',
    when: (b, a) => sameFirst(b, a) && !isOnTable(a),
  },
  {
    rule: 'flash-before-cards',
    basis: 'habit',
    of: s => s.card !== 'early',
    before: ['firmware'],
    after: ['card', 'covers'],
    reason: () =>
      'it needs main power and the processor’s plug only: what it finds, it finds early',
  },
  {
    rule: 'firmware-before-power',
    basis: 'fact',
    before: ['firmware'],
    after: ['milestone', 'first-power'],
    reason: () => 'the processor is not seen before',
  },
  {
    rule: 'seat-before-plug',
    basis: 'fact',
    before: SEATS,
    after: [...PLUGS, 'cooler-plug'],
    reason: b => `the ${b.what} must be in its place before it is plugged`,
    when: (b, a) => share(b, a) && !isOnTable(a),
  },
  {
    rule: 'board-before-plug',
    basis: 'fact',
    before: ['board-in'],
    after: PLUGS,
    reason: b => `the ${b.what} must be in the case`,
    when: (b, a) => a.onBoard && share(b, a),
  },
  {
    rule: 'small-before-stiff',
    basis: 'reach',
    // Who starts by stages plugs main power early, and lives with its lead.
    of: s => s.proof !== 'in the case',
    before: ['small-plug', 'panel', 'fan-plug', 'data-plug'],
    after: ['power-plug'],
    reason: () => 'stiff power leads cover the small headers',
    when: (_, a) => !isForProcessor(a) && !isAtDevice(a),
  },
  {
    rule: 'device-ends-last',
    basis: 'habit',
    by: ({ ends }) => ends !== 'going',
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
  {
    rule: 'processor-power-early',
    basis: 'habit',
    of: s => s.supply !== 'last',
    before: ['power-plug'],
    after: ['small-plug', 'panel', 'fan-plug', 'data-plug'],
    reason: () => 'its corner is the tightest of the board: first, while nothing hangs there',
    when: (b, a) => isForProcessor(b) && !isOnTable(a),
  },
  {
    rule: 'least-before-power',
    basis: 'fact',
    before: [
      ...['board-in', 'supply-in', 'processor', 'memory', 'cooler', 'cooler-plug'],
      ...['power-plug', 'bench-clear'],
    ] as const,
    after: ['first-power'],
    reason: () => 'without it nothing starts, or not for long',
    when: b => b.kind !== 'power-plug' || isAtBoard(b),
  },
  {
    rule: 'joints-before-power',
    basis: 'habit',
    isFirm: true,
    before: [...MAKES, 'open', ...COMES_OUT],
    after: ['first-power'],
    reason: () => 'the first power-on proves what is joined',
  },
  {
    rule: 'joined-before-trial',
    basis: 'fact',
    before: MAKES,
    after: ['milestone'],
    reason: (_, a) => `this start tries ${a.what}`,
    when: (b, a) => b.joints.some(joint => a.opens.includes(joint)),
  },
  {
    rule: 'trial-after-trial',
    basis: 'fact',
    before: ['milestone'],
    after: ['milestone', 'first-power'],
    reason: b => `what started with ${b.what} is known to be good`,
    when: (b, a) => a.kind === 'first-power' || b.opens.length < a.opens.length,
  },
  {
    rule: 'trial-before-the-rest',
    basis: 'habit',
    before: ['milestone'],
    after: [...MAKES, 'covers'],
    reason: b => `started with ${b.what} only, a fault has few places`,
    when: (b, a) => !isOnTable(a) && !a.joints.some(joint => b.opens.includes(joint)),
  },
  {
    rule: 'proof-before-dress',
    basis: 'cover',
    before: ['first-power'],
    after: ['dress'],
    reason: () => 'ties come after the proof, or they are cut again',
  },
  {
    rule: 'proof-before-giving-back',
    basis: 'fact',
    before: ['first-power'],
    after: ['give-back'],
    reason: () => 'it is there for the set-up',
  },
  {
    rule: 'give-back-before-closing',
    basis: 'fact',
    before: ['give-back'],
    after: ['dress', 'panels-on'],
    reason: () => 'what was lent comes out while the side is open',
    when: b => b.label !== OUTSIDE,
  },
  {
    rule: 'plugged-before-given-back',
    basis: 'fact',
    before: ['outer-plug'],
    after: ['give-back'],
    reason: b => `the ${b.what} is used first`,
    when: (b, a) => a.label === OUTSIDE && b.items.some(i => a.items.includes(i)),
  },
  {
    rule: 'give-back-before-record',
    basis: 'habit',
    before: ['give-back'],
    after: ['record'],
    reason: () => 'the record tells what stays',
  },
  {
    rule: 'joints-before-dress',
    basis: 'fact',
    before: MAKES,
    after: ['dress'],
    reason: () => 'a cable is laid once both its ends are made',
  },
  {
    rule: 'dress-before-close',
    basis: 'fact',
    before: ['dress', 'piece-on', ...COMES_OUT, ...MAKES, 'first-power'],
    after: ['panels-on'],
    reason: () => 'the panels cover the work',
  },
  {
    rule: 'board-before-radiator',
    basis: 'habit',
    before: ['board-in'],
    after: ['radiator'],
    reason: () => 'the block hangs on the radiator: the board has to be there for it',
  },
  {
    rule: 'board-before-block',
    basis: 'reach',
    before: ['board-in'],
    after: ['cooler'],
    reason: (_, a) =>
      isLiquid(a)
        ? 'nobody carries a board into the case with a radiator hanging from it'
        : 'what lies beneath it is plugged in the case first',
    when: (_, a) => !isOnTable(a),
  },
  {
    rule: 'radiator-before-block',
    basis: 'reach',
    before: ['radiator'],
    after: ['cooler'],
    reason: () => 'pasted once, the block must not be pulled at',
    when: sameFirst,
  },
  {
    rule: 'bracket-after-board',
    basis: 'reach',
    before: ['board-in'],
    after: ['bracket'],
    reason: () => 'the board’s edge passes where the bracket’s lead hangs',
  },
  {
    rule: 'close-before-outer',
    basis: 'habit',
    before: ['panels-on'],
    after: ['outer-plug'],
    reason: () => 'the case is closed and stands where it will stay',
  },
  {
    rule: 'power-before-outer',
    basis: 'habit',
    before: ['bench', 'first-power'],
    after: ['outer-plug'],
    reason: () => 'what stays outside is plugged once the machine runs by itself',
  },
  {
    rule: 'outer-before-record',
    basis: 'habit',
    before: ['outer-plug'],
    after: ['record'],
    reason: () => 'the record tells what is plugged where',
  },
  {
    rule: 'close-before-record',
    basis: 'fact',
    before: ['panels-on', 'first-power', 'open', ...COMES_OUT],
    after: ['record'],
    reason: () => 'the record tells what is inside',
  },
  {
    rule: 'bench-before-record',
    basis: 'fact',
    before: ['bench'],
    after: ['record'],
    reason: () => 'there is something to record',
  },
]
