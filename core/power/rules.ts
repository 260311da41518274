// What is asked of the supply: its label by the chosen school, each rail, both small rails together, each plug.
import { measured } from '../finding'
import type { EndOf, Joint } from '../joints/joint'
import type { ItemOf } from '../parts/kind'
import { supply as supplyKind, type Supply } from '../parts/supply'
import { of } from '../quantity'
import { rule } from '../rule'
import { every, type Situation } from '../situation'
import { SOURCE } from '../standards/sources'
import { SCHOOL, type School } from '../standards/supplies'
import type { Load } from './loads'
import { sizing, total } from './sizing'

interface Fed { readonly supply: ItemOf<Supply>; readonly loads: readonly Load[] }
/** Each supply with the loads that reach it. With one supply, what is not yet joined will hang on it too. */
export const fed = (s: Pick<Situation, 'items' | 'loads'>): readonly Fed[] => {
  const supplies = every(s, 'supply')
  return supplies.map(supply => ({ supply, loads: s.loads.filter(l => l.feed?.supply === supply.id || (supplies.length === 1 && !l.feed)) }))
}

export const supplySize = rule<Fed & { readonly school: School }>({
  id: 'power/supply-size', stage: 'power', asks: 'Is the supply large enough for the chosen school?', source: SOURCE.practice,
  needs: s => fed(s).map(f => ({ ...f, school: s.choices.school })),
  judge({ supply, loads, school }) {
    if (loads.length === 0) return []
    const { need, have } = sizing(school, supply, loads)
    const failing = SCHOOL[school].band ? 'watch' : 'stop'
    return [measured({
      rule: 'power/supply-size', stage: 'power', about: [supply.id], part: school, failing, source: SOURCE.practice,
      sentence: `${supply.name} by the ${SCHOOL[school].label.toLowerCase()} school (${SCHOOL[school].says})`, wayOut: 'Another supply, or another school.', need, have,
    })]
  },
})

const RAIL_LIMITS = [
  { rail: '12', path: 'rails.W12' }, { rail: '5', path: 'rails.W5' }, { rail: '3.3', path: 'rails.W3' },
] as const

export const railLimit = rule<Fed>({
  id: 'power/rail', stage: 'power', asks: 'Does each rail, and 5 V with 3.3 V together, stay within the supply’s limits?', source: SOURCE.atx12v,
  needs: fed,
  judge({ supply, loads }) {
    const asked = [
      ...RAIL_LIMITS.map(({ rail, path }) => ({ part: rail, path, says: `${rail} V`, on: loads.filter(l => l.rail === rail) })),
      { part: 'combined', path: 'rails.combined', says: '5 V and 3.3 V together', on: loads.filter(l => l.rail !== '12') },
    ]
    return asked.filter(a => a.on.length > 0).map(({ part, path, says, on }) => measured({
      rule: 'power/rail', stage: 'power', about: [supply.id], part, source: SOURCE.atx12v,
      sentence: `Worst draw on ${says} of the ${supply.name}`, wayOut: 'A supply with more on that rail.', need: total(on, 'worst'), have: of(supplyKind.leaf(supply, path)),
    }))
  },
})

export const plugLimit = rule<{ readonly joint: Joint; readonly plug: EndOf; readonly socket: EndOf; readonly loads: readonly Load[]; readonly name: string }>({
  id: 'power/plug', stage: 'power', asks: 'Does each power plug carry no more 12 V than its contacts stand?', source: SOURCE.atx12v,
  reads: ['plugs', 'ends', 'loads', 'names'],
  needs: s => s.plugs.flatMap(joint => {
    const plug = s.ends.get(joint.a)
    const socket = s.ends.get(joint.b)
    const loads = s.loads.filter(l => l.rail === '12' && l.feed?.joint === joint.id)
    return plug?.end.gives['W12'] && socket && loads.length > 0 ? [{ joint, plug, socket, loads, name: s.names.get(joint.items[1]) ?? '' }] : []
  }),
  judge({ joint, plug, socket, loads, name }) {
    const have = plug.end.gives['W12']
    if (!have) return []
    return [measured({
      rule: 'power/plug', stage: 'power', about: joint.items, part: joint.id, joints: [joint.id], failing: 'harm', source: SOURCE.atx12v,
      sentence: `12 V through ${plug.end.label} at ${socket.end.label} of the ${name}`, wayOut: 'Use the whole plug, or spread the load over a second one.', need: total(loads, 'worst'), have,
    })]
  },
})
