// What a choice of joints breaks once it is known where everything sits: lines that end short.
import { keyOf, endRef, jointId } from '../ids/ids'
import type { Field } from '../ways/field'
import { passageOf } from '../ways/heads'
import type { Sum } from '../figures/quantity'
import { endsShort, extentOf, needOf } from '../ways/reach'
import { type EndOf } from './joint'
import type { Line, Pair } from './lines'
import { pairId } from '../matching/candidate'

/**
 * Sets of pairs of which one at least has to go: lines that are definitely too short where
 * everything sits. What holds for one lead holds for every lead that is no longer: all of them are
 * told at once. How far it is from plug to plug of a cable is the matter of `chains`.
 */
export function conflicts(
  ends: ReadonlyMap<string, EndOf>,
  all: readonly Line[],
  field: Field,
  given: (pair: Pair) => boolean,
): readonly (readonly string[])[] {
  const tooShort = ({ from, to, first }: Line, length: Sum): boolean => {
    const need = needOf(field, from, to, passageOf(field.layout, first.end))
    return !need || endsShort(need, extentOf(length))
  }

  const lines = all
    .filter(l => l.after === null && !l.pairs.some(given) && tooShort(l, l.length))
    .flatMap(line => {
      const [far] = line.pairs
      if (line.first.end.among?.how !== 'both' || !far) return [line.pairs.map(pairId)]
      const kin = [...ends.values()].filter(
        e =>
          e.end.among?.how === 'both' &&
          e.end.face === line.first.end.face &&
          e.end.key === line.first.end.key &&
          e.end.lead &&
          tooShort(line, e.end.lead.length),
      )
      return kin.map(e => [
        jointId(endRef(e.item, keyOf(far.plug)), far.socket),
        jointId(e.ref, line.goal.ref),
      ])
    })

  return lines.map(clause => [...new Set(clause)])
}
