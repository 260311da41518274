// What happens in moments: cards that exceed their sustained power for up to a tenth of a second,
// and what a supply rides through.
import type { ItemOf, Surges } from '../parts/kind'
import { supply as supplyKind } from '../parts/supply'
import type { Supply } from '../parts/supply-schema'
import { fact, knownValue, of, plus, times, valueOf, type Sum } from '../figures/quantity'
import { RIDES, SMALL_SUPPLY, SURGES, type Guide, type School } from '../standards/supplies'
import { usual } from '../figures/units'
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
  if (supply.part.guide !== 'newer') return 'older'
  const label = valueOf(of(supplyKind.leaf(supply, 'watts')))
  const sixteen = (supply.part.cables ?? []).some(c => c.plugs.some(p => p.face === 'card-16'))
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
  const [first, ...others] = surgesOf(school, supply, loads)
  if (!first) return null
  return others.reduce(
    (least, m) => ((m.judgement.margin ?? 0) < (least.judgement.margin ?? 0) ? m : least),
    first,
  )
}

/** Every moment in which cards exceed what they draw for long, the shortest first; none where nothing does. */
export function surgesOf(
  school: School,
  supply: ItemOf<Supply>,
  loads: readonly Load[],
): readonly Surge[] {
  const largestFirst = surging(loads)
  const counted = school === 'lean' ? largestFirst.slice(0, 1) : largestFirst
  if (largestFirst.length === 0) return []
  const guide = guideOf(supply)
  return SURGES.map(({ label, times: factor }, i): Surge => {
    const need = plus(total(loads, 'worst'), ...counted.map(c => beyond(c, factor)))
    const have = rides(supply, guide, i)
    return { label, need, have, judgement: judge(need, have), guide }
  })
}

/** A card that exceeds its sustained draw: that draw, and whether a standard says how far. */
interface Surging {
  readonly item: string
  readonly name: string
  readonly draw: Sum
  readonly how: Surges
}

/** What surges, the hungriest first. */
function surging(loads: readonly Load[]): readonly Surging[] {
  const cards = new Map<string, Surging>()
  for (const { item, name, surges, worst } of loads) {
    if (surges === null) continue
    const known = cards.get(item)?.draw ?? NOTHING
    cards.set(item, { item, name, draw: plus(known, worst), how: surges })
  }
  return [...cards.values()].sort((a, b) => knownValue(b.draw) - knownValue(a.draw))
}

/** What a card takes beyond its sustained draw; no more than usual where no standard says it. */
function beyond({ item, name, draw, how }: Surging, factor: number): Sum {
  const extra = times(draw, factor - 1)
  if (how === 'by standard') return extra
  const watts = usual(knownValue(extra), 'W')
  return of(fact(`surge:${item}:${factor}`, `what the ${name} takes beyond its draw`, 'W', watts))
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
      usual(label.figure.value * share, 'W'),
    ),
  )
}
