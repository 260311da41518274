// The power stage as people see it: who draws what, each rail against its limit, the three schools,
// the plugs.
import { kindOf } from '../parts'
import { RAILS, type Rail } from '../standards/rails'
import { lacksOf, supply as supplyKind } from '../parts/supply'
import { basisOf, knownValue, of, valueOf } from '../figures/quantity'
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
import { isFed } from '../power/loads'
import { sizings, total } from '../power/sizing'

interface ThreeLoads {
  readonly rest: number
  readonly work: number
  readonly worst: number
}

export interface SupplyPower extends ThreeLoads {
  readonly supply: string
  readonly name: string
  readonly label: number | null
  readonly rails: readonly (ThreeLoads & {
    readonly rail: Rail
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

function powerOf(s: Powered): readonly SupplyPower[] {
  return fed({ items: s.supplies, loads: s.loads }).map(({ supply, loads }) => {
    const together = (some: typeof loads, when: keyof ThreeLoads): number =>
      some.reduce((sum, l) => sum + knownValue(l[when]), 0)
    const three = (some: typeof loads): ThreeLoads => ({
      rest: together(some, 'rest'),
      work: together(some, 'work'),
      worst: together(some, 'worst'),
    })
    const label = valueOf(of(supplyKind.leaf(supply, 'watts')))
    const all = three(loads)
    const lacks = lacksOf(supply.part)
    const isLacking = (rail: Rail): boolean => lacks.some(l => l === `${rail} V`)
    const limit = { '12': 'rails.W12', '5': 'rails.W5', '3.3': 'rails.W3' } as const
    return {
      supply: supply.id,
      name: supply.name,
      label,
      ...all,
      rails: RAILS.map(rail => ({
        rail,
        ...three(loads.filter(l => l.rail === rail)),
        limit: isLacking(rail) ? null : valueOf(of(supplyKind.leaf(supply, limit[rail]))),
        isLacking: isLacking(rail),
      })),
      loads: s.plainItems.flatMap(item => {
        const own = loads.filter(l => l.item === item.id)
        return own.length === 0
          ? []
          : [
              {
                item: item.id,
                name: item.name,
                kind: kindOf(item).title,
                ...three(own),
                basis: basisOf(total(own, 'worst')),
                fed: own.every(isFed),
              },
            ]
      }),
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
