// Air, as far as practice knows it: what fans move by their size, what room they want, what warms it.
import { SOURCE } from './sources'
import type { FAN_FRAMES } from './modules'

/**
 * What a fan of each frame moves where its sheet does not say, in free air, m³/h, and how much less or
 * more such fans move.
 */
export const USUAL_FLOW: Record<(typeof FAN_FRAMES)[number], number> = {
  '40': 12,
  '60': 30,
  '80': 50,
  '92': 65,
  '120': 90,
  '140': 120,
  '200': 180,
}
export const FLOW_DIFFERS = 0.4

/** A fan closer than this to what it faces is heard, and moves less, mm. */
export const AIR_GAP = { mm: 10, source: SOURCE.practice } as const
/** From so much on a card warms the case's air enough to matter to a radiator, W. */
export const WARMS = { W: 120, source: SOURCE.practice } as const
