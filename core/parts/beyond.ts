// What of a part can be run beyond its rating, and what of one can be cut off, for good.
import { SLOT_SIZES } from '../standards/cards'
import { patternOf } from './kind'
import type { Part, PartKind } from '.'

/** The figure that is declared when a part of the kind runs beyond its rating. */
export const BEYOND: Partial<Record<PartKind, string>> = {
  processor: 'power.sustained',
  card: 'watts',
  memory: 'speed',
}

export interface Cut {
  readonly path: string
  /** What the place holds once it is cut. */
  readonly to: unknown
  readonly says: string
}

/** Everything of a part that a file or a knife could change, while it is not cut. */
export function cutsOf(part: Part): readonly Cut[] {
  if (part.kind === 'rail' && part.pin)
    return [{ path: 'pin', to: false, says: 'cut the locating pin off' }]
  if (part.kind !== 'board') return []
  return (part.slots ?? []).flatMap((slot, i) =>
    slot.open || !SLOT_SIZES.some(size => size === slot.size && size !== 'x16')
      ? []
      : [{ path: `slots.${i}.open`, to: true, says: `file the end of ${slot.label} open` }],
  )
}

const CUT_TO: Readonly<Record<string, unknown>> = { pin: false, 'slots.*.open': true }
/** What a place holds that was cut; undefined where nothing can be cut. */
export const cutTo = (path: string): unknown => CUT_TO[patternOf(path)]
