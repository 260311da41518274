// What happens in moments: cards that exceed their sustained power for up to a tenth of a second,
// and what a supply rides through.
import type { ItemOf } from '../parts/kind'
import { supply as supplyKind, type Supply } from '../parts/supply'
import { fact, knownValue, of, plus, times, valueOf, type Sum } from '../figures/quantity'
import { RIDES, SMALL_SUPPLY, SURGES, type Guide, type School } from '../standards/supplies'
import { assume } from '../figures/units'
import { judge, type Judgement } from '../figures/verdict'
import type { Load } from './loads'
import { NOTHING, total } from './sizing'

export interface Surge {
  readonly label: string
  readonly need: Sum
  readonly have: Sum
  readonly judgement: Judgement
  readonly guide: Guide
}

/**
 * The guide that tells what a supply rides through: smaller ones and those without a 16-contact
 * plug less than others.
 */
export function guideOf(supply: ItemOf<Supply>): Guide {
  if (supply.part.guide === 'older') return 'older'
  const label = valueOf(of(supplyKind.leaf(supply, 'watts')))
  const sixteen = supply.part.cables.some(c => c.plugs.some(p => p.face === 'card-16'))
  return sixteen && (label === null || label >= SMALL_SUPPLY.W) ? 'newer' : 'newer-small'
}

/**
 * The moment with the least to spare. Lean counts the largest single surge on top of what the
 * others draw; roomy and quiet let all cards surge together. Null when nothing surges.
 */
export function surge(
  school: School,
  supply: ItemOf<Supply>,
  loads: readonly Load[],
): Surge | null {
  const cards = new Map<string, Sum>()
  for (const l of loads)
    if (l.surges) cards.set(l.item, plus(cards.get(l.item) ?? NOTHING, l.worst))
  const largestFirst = [...cards.values()].sort((a, b) => knownValue(b) - knownValue(a))
  const counted = plus(NOTHING, ...(school === 'lean' ? largestFirst.slice(0, 1) : largestFirst))
  if (largestFirst.length === 0) return null
  const guide = guideOf(supply)
  const moments = SURGES.map(({ label, times: factor }, i): Surge => {
    const need = plus(total(loads, 'worst'), times(counted, factor - 1))
    const have = rides(supply, guide, i)
    return { label, need, have, judgement: judge(need, have), guide }
  })
  return moments.reduce((least, m) =>
    (m.judgement.margin ?? 0) < (least.judgement.margin ?? 0) ? m : least,
  )
}

function rides(supply: ItemOf<Supply>, guide: Guide, moment: number): Sum {
  const label = supplyKind.leaf(supply, 'watts')
  const { shares, basis } = RIDES[guide]
  const share = shares[moment] ?? 1
  if (basis === 'standard' || !label.figure) return times(of(label), share)
  return of(
    fact(
      `rides:${supply.id}:${moment}`,
      `what the ${supply.name} rides through`,
      'W',
      assume(label.figure.value * share, 'W'),
    ),
  )
}
