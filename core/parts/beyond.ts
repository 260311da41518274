// What of a part can be run beyond its rating, and what of one can be cut off, for good.
import { isOldSlot } from '../standards/cards'
import { patternOf } from './kind'
import { at } from './paths'
import type { Part, PartKind } from '.'

/** The figure that is declared when a part of the kind runs beyond its rating. */
export const BEYOND: Partial<Record<PartKind, string>> = {
  processor: 'power.sustained',
  card: 'watts',
  memory: 'speed',
}

export interface Cut {
  readonly path: string
  readonly says: string
}

/** What a place holds once it is cut, by its pattern. */
const CUT_TO: Readonly<Record<string, unknown>> = { pin: false, 'slots.*.open': true }
/** What a place holds that was cut; undefined where nothing can be cut. */
export const cutTo = (path: string): unknown => CUT_TO[patternOf(path)]

/** Every place of a part that a file or a knife could change, whether or not it has been. */
function cuttable(part: Part): readonly Cut[] {
  if (part.kind === 'rail') return [{ path: 'pin', says: 'cut the locating pin off' }]
  if (part.kind !== 'board') return []
  return (part.slots ?? []).flatMap(({ label, size }, i) =>
    isOldSlot(size) || size === 'x16'
      ? []
      : [{ path: `slots.${i}.open`, says: `file the end of ${label} open` }],
  )
}

/** Everything of a part that could still be cut. */
export const cutsOf = (part: Part): readonly Cut[] =>
  cuttable(part).filter(({ path }) => at(part, path) !== cutTo(path))

/** What was done to a part for good, in words. */
export const cutWords = (part: Part, path: string): string =>
  cuttable(part).find(cut => cut.path === path)?.says ?? path
