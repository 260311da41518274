// The power stage as people see it: who draws what, each rail against its limit, the three schools,
// the plugs.
import { kindOf, type Item } from '../parts'
import type { ItemOf } from '../parts/kind'
import type { Supply } from '../parts/supply-schema'
import { RAILS, type Rail } from '../standards/rails'
import { lacksOf, supply as supplyKind } from '../parts/supply'
import { basisOf, knownValue, of, toleranceOf, valueOf } from '../figures/quantity'
import { rounded } from '../figures/rounded'
import { school } from '../plan/given'
import { plainItems, supplies } from '../plan/items'
import { loads, plugs } from '../plan/joints'
import { stage, type ValuesOf } from '../pipeline/stage'
import { CONNECTORS, type PlugFace } from '../connectors/connectors'
import { SCHOOL, type School } from '../standards/supplies'
import type { Basis } from '../figures/units'
import type { Verdict } from '../figures/verdict'
import { fed } from '../rules/power/fed'
import { isFed, type Load } from '../power/loads'
import { sizings, total } from '../power/sizing'
import { surgesOf } from '../power/surge'

interface ThreeLoads {
  readonly rest: number
  readonly work: number
  readonly worst: number
}

export interface SupplyPower extends ThreeLoads {
  readonly supply: string
  readonly name: string
  readonly label: number | null
  /** From the first second on: what is drawn in each moment, and what the supply gives in it, W. */
  readonly moments: readonly {
    readonly label: string
    readonly watts: number
    readonly limit: number | null
  }[]
  readonly rails: readonly (ThreeLoads & {
    readonly rail: Rail
    /** How far the worst may be off either way, W. */
    readonly tol: number
    /** Null where nobody stated it, or where the supply has no such rail. */
    readonly limit: number | null
    readonly isLacking: boolean
  })[]
  readonly loads: readonly (ThreeLoads & {
    readonly item: string
    readonly name: string
    readonly kind: string
    readonly basis: Basis
    readonly fed: boolean
  })[]
  readonly schools: readonly {
    readonly school: School
    readonly label: string
    readonly says: string
    readonly verdict: Verdict
    readonly need: number | null
    readonly have: number | null
    readonly margin: number | null
    readonly chosen: boolean
    /** For the quiet school: typical work and the band it should lie in. */
    readonly band: {
      readonly work: number
      readonly low: number
      readonly high: number
    } | null
  }[]
  readonly plugs: readonly {
    readonly face: PlugFace
    readonly name: string
    readonly used: number
    readonly there: number
  }[]
}

const NEEDS = { loads, plugs, plainItems, supplies, school } as const
type Powered = ValuesOf<typeof NEEDS>

/** What each supply has to give, and how full it is. */
export const power = stage('power', NEEDS, values => rounded(powerOf(values)))

const together = (some: readonly Load[], when: keyof ThreeLoads): number =>
  some.reduce((sum, l) => sum + knownValue(l[when]), 0)
const three = (some: readonly Load[]): ThreeLoads => ({
  rest: together(some, 'rest'),
  work: together(some, 'work'),
  worst: together(some, 'worst'),
})

function powerOf(s: Powered): readonly SupplyPower[] {
  return fed({ items: s.supplies, loads: s.loads }).map(fedBy => {
    const { supply, loads } = fedBy
    const label = valueOf(of(supplyKind.leaf(supply, 'watts')))
    const all = three(loads)
    return {
      supply: supply.id,
      name: supply.name,
      label,
      ...all,
      moments: momentsOf(s.school, fedBy, label),
      rails: RAILS.map(rail => railOf(rail, fedBy)),
      loads: s.plainItems.flatMap(item => loadOf(item, loads)),
      schools: sizings(supply, loads).map(z => ({
        school: z.school,
        label: SCHOOL[z.school].label,
        says: SCHOOL[z.school].says,
        verdict: z.verdict,
        need: z.judgement.need,
        have: z.judgement.have,
        margin: z.judgement.margin,
        chosen: z.school === s.school,
        band: bandOf(z.school, all.work, label),
      })),
      plugs: plugCounts(s, supply.id),
    }
  })
}

interface FedBy {
  readonly supply: ItemOf<Supply>
  readonly loads: readonly Load[]
}
const LIMIT_AT = { '12': 'rails.W12', '5': 'rails.W5', '3.3': 'rails.W3' } as const

function railOf(rail: Rail, { supply, loads }: FedBy): SupplyPower['rails'][number] {
  const own = loads.filter(l => l.rail === rail)
  const isLacking = lacksOf(supply.part).some(l => l === `${rail} V`)
  return {
    rail,
    ...three(own),
    tol: toleranceOf(total(own, 'worst')),
    limit: isLacking ? null : valueOf(of(supplyKind.leaf(supply, LIMIT_AT[rail]))),
    isLacking,
  }
}

/** What an item draws; nothing of what draws nothing. */
function loadOf(item: Item, loads: readonly Load[]): SupplyPower['loads'] {
  const own = loads.filter(l => l.item === item.id)
  if (own.length === 0) return []
  return [
    {
      item: item.id,
      name: item.name,
      kind: kindOf(item).title,
      ...three(own),
      basis: basisOf(total(own, 'worst')),
      fed: own.every(isFed),
    },
  ]
}

/** Long moments against the rating, short ones against what the supply rides through. */
function momentsOf(
  school: School,
  { supply, loads }: FedBy,
  rating: number | null,
): SupplyPower['moments'] {
  const long = [
    { label: 'first seconds, disks spin up', watts: knownValue(total(loads, 'start')) },
    { label: 'at rest', watts: together(loads, 'rest') },
    { label: 'working', watts: together(loads, 'work') },
    { label: 'worst for long', watts: together(loads, 'worst') },
  ]
  const short = surgesOf(school, supply, loads).map(m => ({
    label: `for ${m.label}`,
    watts: knownValue(m.need),
    limit: valueOf(m.have),
  }))
  return [...long.map(m => ({ ...m, limit: rating })), ...short.reverse()]
}

function bandOf(
  school: School,
  work: number,
  label: number | null,
): SupplyPower['schools'][number]['band'] {
  const { band } = SCHOOL[school]
  return band && label !== null ? { work, low: band[0] * label, high: band[1] * label } : null
}

/**
 * Of each kind of plug, how many the supply has and how many are used; halves count with their
 * whole.
 */
function plugCounts(
  s: Pick<Powered, 'supplies' | 'plugs'>,
  supplyId: string,
): SupplyPower['plugs'] {
  const item = s.supplies.find(i => i.id === supplyId)
  const faces = [...new Set(item?.part.cables?.flatMap(c => c.plugs.map(p => p.face)) ?? [])]
  return faces.map(face => {
    const keys =
      item?.part.cables?.flatMap(c =>
        c.plugs.flatMap((p, n) => (p.face === face ? [`${supplyId}/${c.key}.${n + 1}`] : [])),
      ) ?? []
    const used = keys.filter(key =>
      s.plugs.some(j => j.a === key || j.a === `${key}a` || j.a === `${key}b`),
    )
    return { face, name: CONNECTORS[face].name, used: used.length, there: keys.length }
  })
}
