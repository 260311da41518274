// What a part draws where its sheet says nothing. Every value here is assumed until a real one is
// entered. Watts, amps.
import { SOURCE } from './sources'

export const DRAW = {
  /**
   * Share of the 12 V power that reaches the processor through its converters, and how far off what
   * they keep may be.
   */
  converter: { share: 0.88, unsure: 0.25, source: SOURCE.assumed },
  board: { W12: 10, W5: 8, W3: 7, rest: 12, source: SOURCE.assumed },
  memory: {
    chips: 1.5,
    'SIMM-30': 1,
    'SIMM-72': 2,
    SDRAM: 3,
    DDR: 4,
    DDR2: 4,
    DDR3: 4,
    DDR4: 3,
    DDR5: 5,
    source: SOURCE.assumed,
  },
  nvme: { rest: 3, busy: 8, source: SOURCE.assumed },
  sataSsd: { rest: 0.5, busy: 3, source: SOURCE.assumed },
  disk35: { rest: 5, busy: 8, share12: 0.7, start: { A12: 2, A5: 0.7 }, source: SOURCE.assumed },
  disk25: { rest: 1, busy: 2.5, start: { A12: 0, A5: 1 }, source: SOURCE.assumed },
  optical: { rest: 2, busy: 20, share12: 0.7, source: SOURCE.assumed },
  floppy: { rest: 0.5, busy: 5, source: SOURCE.assumed },
  pump: { W: 12, source: SOURCE.assumed },
  reader: { rest: 0.5, busy: 2.5, source: SOURCE.assumed },
  led: { W: 0.3, source: SOURCE.assumed },
  card: { W: 10, source: SOURCE.assumed },
  /** What a board and a port that may wake it draw while the machine is off. */
  standby: { boardA: 1, source: SOURCE.assumed },
  fan120: { W: 2.5, source: SOURCE.assumed },
  usbPort: { W: 2.5, source: SOURCE.assumed },
  usbFastPort: { W: 4.5, source: SOURCE.assumed },
} as const

/**
 * Named choice: where a processor's sheet gives only the sustained limit, rest and work are taken
 * as these shares of it.
 */
export const PROCESSOR_SHARE = { rest: 0.15, work: 0.6, source: SOURCE.assumed } as const
/** Named choice: memory at rest draws this share of its full draw. */
export const MEMORY_REST_SHARE = 0.5

/** The voltage of a fan. */
export const FAN_VOLTS = 12

/**
 * Named choice: lights at rest burn as at work; a card at rest draws this share of its limit, and
 * at typical work that.
 */
export const CARD_SHARE = { rest: 0.1, work: 0.6, source: SOURCE.assumed } as const

/**
 * What a slot gives at most, W, and over its 12 V contacts; a card with plugs of its own takes no
 * more than this from the slot.
 */
export const SLOT_POWER = {
  /** A graphics card in a long slot; any other card there, and a low one, has less. */
  graphics: 75,
  x16: 25,
  x8: 25,
  x4: 25,
  x1: 25,
  /** A low card in the shortest slot never gets more than what a slot gives before it is set up. */
  lowX1: 10,
  W12: 66,
  /** Over the 3.3 V contacts: what a card without much to do is fed by. */
  W3: 9.9,
  source: SOURCE.pcie,
} as const
/** Cards beyond so many watts exceed them for moments. */
export const SURGES_FROM = { W: 75, source: SOURCE.assumed } as const
