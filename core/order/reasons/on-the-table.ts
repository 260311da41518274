// Reasons while the board lies on the table: what goes on it before it goes into the case.
import { PLUGS, ON_BOARD, IN_CASE, HERE, type Reason } from './reason'

export const ON_THE_TABLE: readonly Reason[] = [
  {
    rule: 'bench-first',
    basis: 'habit',
    before: ['bench'],
    after: ['panels-off', 'supply-cables', 'open', ...ON_BOARD, ...PLUGS],
    reason: () => 'parts are laid out on a clear bench',
  },
  {
    rule: 'open-first',
    basis: 'fact',
    before: ['panels-off'],
    after: IN_CASE,
    reason: () => 'the case must be open',
  },
  {
    rule: 'processor-under-cooler',
    basis: 'fact',
    before: ['processor'],
    after: ['cooler'],
    reason: () => 'the cooler lies on the processor',
  },
  {
    rule: 'memory-before-cooler',
    basis: 'reach',
    before: ['memory'],
    after: ['cooler'],
    reason: () => 'the cooler leans over the memory slots',
  },
  {
    rule: 'stick-before-cooler',
    basis: 'reach',
    before: ['m2'],
    after: ['cooler'],
    reason: () => 'the cooler may cover the stick’s screw',
  },
  {
    rule: 'cooler-then-plug',
    basis: 'fact',
    before: ['cooler'],
    after: ['cooler-plug'],
    reason: () => 'its lead hangs from the cooler',
  },
  {
    rule: 'least-before-start',
    basis: 'fact',
    before: ['processor', 'memory', 'cooler', 'cooler-plug', 'supply-cables'],
    after: ['bench-start'],
    reason: () => 'a start on the table needs processor, memory and a cooler that turns',
  },
  {
    rule: 'start-then-clear',
    basis: 'fact',
    before: ['bench-start'],
    after: ['bench-clear'],
    reason: () => 'what was lent for the start comes off again',
  },
  {
    rule: 'clear-before-board',
    basis: 'fact',
    before: HERE,
    after: ['board-in', 'supply-in', 'card', ...PLUGS],
    reason: () => 'the board goes into the case by itself',
  },
  {
    rule: 'jumpers-before-board',
    basis: 'reach',
    before: ['jumpers'],
    after: ['processor', 'board-in', 'bench-start'],
    reason: () => 'with the board on the table its jumpers are read and set',
  },
  {
    rule: 'outside-the-case',
    basis: 'habit',
    before: ON_BOARD,
    after: ['board-in'],
    reason: () => 'outside the case there is room and light',
  },
]
