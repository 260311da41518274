// What a part draws where its sheet says nothing. Every value here is assumed until a real one is entered. Watts, amps.
import { SOURCE } from './sources'

export const DRAW = {
  /** Share of the 12 V power that reaches the processor through its converters. */
  converter: { share: 0.88, source: SOURCE.assumed },
  board: { W12: 10, W5: 8, W3: 7, rest: 12, source: SOURCE.assumed },
  memory: { DDR3: 4, DDR4: 3, DDR5: 5, source: SOURCE.assumed },
  nvme: { rest: 3, busy: 8, source: SOURCE.assumed },
  sataSsd: { rest: 0.5, busy: 3, source: SOURCE.assumed },
  disk35: { rest: 5, busy: 8, share12: 0.7, source: SOURCE.assumed },
  disk25: { rest: 1, busy: 2.5, source: SOURCE.assumed },
  fan120: { W: 2.5, source: SOURCE.assumed },
  usbPort: { W: 2.5, source: SOURCE.assumed },
  usbFastPort: { W: 4.5, source: SOURCE.assumed },
} as const

/** Named choice: where a processor's sheet gives only the sustained limit, rest and work are taken as these shares of it. */
export const PROCESSOR_SHARE = { rest: 0.15, work: 0.6, source: SOURCE.assumed } as const
/** Named choice: memory at rest draws this share of its full draw. */
export const MEMORY_REST_SHARE = 0.5

/** What one header may give a fan unless the board says more, A; and the fan's voltage. */
export const FAN_HEADER = { A: 1, V: 12, source: SOURCE.fan } as const
