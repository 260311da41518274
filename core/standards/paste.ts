// How much paste goes between a processor's lid and its cooler.
import { SOURCE } from './sources'

/** How thick the layer is that stays under a pressed cooler: practice. */
export const PASTE_LAYER = { mm: 0.06, source: SOURCE.practice } as const

/** How wide a drop covers a square lid so wide, mm: half a ball of as much as the layer holds. */
export const dropAcross = (lid: number): number =>
  Math.cbrt((12 * PASTE_LAYER.mm * lid * lid) / Math.PI)
