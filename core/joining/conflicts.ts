// What a choice of joints breaks once it is known where everything sits: lines that end short.
import { keyOf, endRef, jointId } from '../ids/ids'
import type { Vec3 } from '../geometry/space'
import type { Layout } from '../case/layout'
import type { Sum } from '../figures/quantity'
import { endsShort, extentOf, needOf } from '../case/reach'
import { type EndOf } from './joint'
import type { Line, Pair } from './lines'
import { pairId } from '../matching/candidate'

/**
 * Sets of pairs of which one at least has to go: lines that are definitely too short where
 * everything sits. What holds for one lead holds for every lead that is no longer: all of them are
 * told at once.
 */
export function conflicts(
  ends: ReadonlyMap<string, EndOf>,
  all: readonly Line[],
  layout: Layout,
  given: (pair: Pair) => boolean,
): readonly (readonly string[])[] {
  const tooShort = (from: Vec3, to: Vec3, length: Sum): boolean => {
    const need = needOf(layout, from, to)
    return !need || endsShort(need, extentOf(length))
  }

  const lines = all
    .filter(l => !l.pairs.some(given) && tooShort(l.from, l.to, l.length))
    .flatMap(line => {
      const [far] = line.pairs
      if (line.first.end.among?.how !== 'both' || !far) return [line.pairs.map(pairId)]
      const kin = [...ends.values()].filter(
        e =>
          e.end.among?.how === 'both' &&
          e.end.face === line.first.end.face &&
          e.end.key === line.first.end.key &&
          e.end.lead &&
          tooShort(line.from, line.to, e.end.lead.length),
      )
      return kin.map(e => [
        jointId(endRef(e.item, keyOf(far.plug)), far.socket),
        jointId(e.ref, line.goal.ref),
      ])
    })

  return lines.map(clause => [...new Set(clause)])
}
