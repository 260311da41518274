// What is asked of the supply: its label by the chosen school, each rail, both small rails
// together, each plug.
import { connector } from '../../connectors/connectors'
import { measured } from '../finding'
import { card as cardKind } from '../../parts/card'
import type { ItemOf } from '../../parts/kind'
import { counted } from '../../figures/format'
import { supply as supplyKind, type Supply } from '../../parts/supply'
import { fact, knownValue, of, plus, times, type Sum } from '../../figures/quantity'
import { rule } from '../rule'
import { school } from '../../plan/given'
import { ends, items, names, supplies } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { JOINED, type Situation, every, joinedBy, plugIn, socketIn } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { RIDES, SCHOOL, WIRE } from '../../standards/supplies'
import { isOldSlot, SLOT_SIZES } from '../../standards/cards'
import { SLOT_POWER } from '../../standards/draws'
import type { Load } from '../../power/loads'
import { NOTHING, sizing, total } from '../../power/sizing'
import { surge } from '../../power/surge'

interface Fed {
  readonly supply: ItemOf<Supply>
  readonly loads: readonly Load[]
}
/**
 * Each supply with the loads that reach it. With one supply, what is not yet joined will hang on it
 * too.
 */
export const fed = (s: Pick<Situation, 'items' | 'loads'>): readonly Fed[] => {
  const supplies = every(s, 'supply')
  return supplies.map(supply => ({
    supply,
    loads: s.loads.filter(
      l =>
        l.feeds.some(f => f.supply === supply.id) ||
        (supplies.length === 1 && l.feeds.length === 0),
    ),
  }))
}

export const supplySize = rule({
  id: 'power/supply-size',
  stage: 'power',
  asks: 'Is the supply large enough for the chosen school?',
  source: SOURCE.practice,
  needs: { items: supplies, loads, school },
  inputs: s => fed(s).map(f => ({ ...f, school: s.school })),
  judge({ supply, loads, school }) {
    if (loads.length === 0) return []
    const { need, have } = sizing(school, supply, loads)
    const failing = SCHOOL[school].band ? 'watch' : 'stop'
    return [
      measured({
        rule: 'power/supply-size',
        stage: 'power',
        about: [supply.id],
        part: school,
        failing,
        source: SOURCE.practice,
        sentence: `${supply.name} by the ${SCHOOL[school].label.toLowerCase()} school (${SCHOOL[school].says})`,
        wayOut: 'Another supply, or another school.',
        need,
        have,
      }),
    ]
  },
})

const RAIL_LIMITS = [
  { rail: '12', path: 'rails.W12' },
  { rail: '5', path: 'rails.W5' },
  { rail: '3.3', path: 'rails.W3' },
] as const

export const railLimit = rule({
  id: 'power/rail',
  stage: 'power',
  asks: 'Does each rail, and 5 V with 3.3 V together, stay within the supply’s limits?',
  source: SOURCE.atx12v,
  needs: { items: supplies, loads },
  inputs: fed,
  judge({ supply, loads }) {
    const asked = [
      ...RAIL_LIMITS.map(({ rail, path }) => ({
        part: rail,
        path,
        says: `${rail} V`,
        on: loads.filter(l => l.rail === rail),
      })),
      {
        part: 'combined',
        path: 'rails.combined',
        says: '5 V and 3.3 V together',
        on: loads.filter(l => l.rail !== '12'),
      },
    ]
    return asked
      .filter(a => a.on.length > 0)
      .map(({ part, path, says, on }) =>
        measured({
          rule: 'power/rail',
          stage: 'power',
          about: [supply.id],
          part,
          source: SOURCE.atx12v,
          sentence: `Worst draw on ${says} of the ${supply.name}`,
          wayOut: 'A supply with more on that rail.',
          need: total(on, 'worst'),
          have: of(supplyKind.leaf(supply, path)),
        }),
      )
  },
})

/** What flows through a joint: each load with the share of it that comes this way. */
export const through = (loads: readonly Load[], joint: string, when: 'worst' | 'start'): Sum =>
  plus(
    NOTHING,
    ...loads.flatMap(l =>
      l.feeds.filter(f => f.joints.includes(joint)).map(f => times(l[when], f.share)),
    ),
  )

export const plugLimit = rule({
  id: 'power/plug',
  stage: 'power',
  asks: 'Does each power plug carry no more 12 V than its contacts stand?',
  source: SOURCE.atx12v,
  needs: { plugs, ends, loads, names },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const socket = s.ends.get(joint.b)
      const loads = s.loads.filter(
        l => l.rail === '12' && l.feeds.some(f => f.joints.includes(joint.id)),
      )
      return plug?.end.gives['W12'] && socket && loads.length > 0
        ? [{ joint, plug, socket, loads, name: s.names.get(joint.items[1]) ?? '' }]
        : []
    }),
  judge({ joint, plug, socket, loads, name }) {
    const have = plug.end.gives['W12']
    if (!have) return []
    return [
      measured({
        rule: 'power/plug',
        stage: 'power',
        about: joint.items,
        part: joint.id,
        joints: [joint.id],
        failing: 'harm',
        source: SOURCE.atx12v,
        sentence: `12 V through ${plug.end.label} at ${socket.end.label} of the ${name}`,
        wayOut: 'Use the whole plug, or spread the load over a second one.',
        need: through(loads, joint.id, 'worst'),
        have,
      }),
    ]
  },
})

export const surges = rule({
  id: 'power/surge',
  stage: 'power',
  asks: 'Does the supply ride through the moments in which cards exceed their power?',
  source: SOURCE.pcie,
  needs: { items: supplies, loads, school },
  inputs: s => fed(s).map(f => ({ ...f, school: s.school })),
  judge({ supply, loads, school }) {
    const found = surge(school, supply, loads)
    if (!found) return []
    const how = school === 'lean' ? 'the largest card alone' : 'all cards together'
    return [
      measured({
        rule: 'power/surge',
        stage: 'power',
        about: [supply.id],
        part: school,
        source: SOURCE.pcie,
        because: [
          {
            fact: RIDES[found.guide].says,
            value: '',
            basis: RIDES[found.guide].basis,
            source: RIDES[found.guide].source,
          },
        ],
        sentence: `Surge of ${found.label} on the ${supply.name}, ${how}`,
        wayOut: 'A larger supply or one made for surges, or a card limited to less.',
        need: found.need,
        have: found.have,
      }),
    ]
  },
})

export const spinUp = rule({
  id: 'power/start',
  stage: 'power',
  asks: 'Is there enough 12 V in the first seconds, when all disks spin up at once?',
  source: SOURCE.practice,
  needs: { items: supplies, loads },
  inputs: s => fed(s).filter(f => f.loads.some(l => l.spins)),
  judge: ({ supply, loads }) => [
    measured({
      rule: 'power/start',
      stage: 'power',
      about: [supply.id],
      source: SOURCE.practice,
      sentence: `12 V of the ${supply.name} in the first seconds`,
      wayOut: 'A supply with more 12 V, or disks that start one after the other.',
      need: total(
        loads.filter(l => l.rail === '12'),
        'start',
      ),
      have: of(supplyKind.leaf(supply, 'rails.W12')),
    }),
  ],
})

export const cableLimit = rule({
  id: 'power/cable',
  stage: 'power',
  asks: 'Do the wires of each cable carry what its plugs draw together, also at the start?',
  source: SOURCE.practice,
  needs: { items: supplies, loads, plugs },
  inputs: s => fed(s).map(f => ({ ...f, plugs: s.plugs.filter(j => j.items[0] === f.supply.id) })),
  judge: ({ supply, loads, plugs }) =>
    supply.part.cables.flatMap(cable => {
      const own = plugs.filter(j => plugIn(j, 'cables', supply.part.cables) === cable)
      const on12 = loads.filter(l => l.rail === '12')
      const flows = (['worst', 'start'] as const).map(when =>
        plus(NOTHING, ...own.map(j => through(on12, j.id, when))),
      )
      const most = flows.reduce((a, b) => (knownValue(b) > knownValue(a) ? b : a), NOTHING)
      const [first] = cable.plugs
      if (!first || own.length === 0 || most.terms.length === 0) return []
      const wires = connector(first.face).wires12 ?? 0
      const watts = wires * WIRE[cable.gauge] * VOLTS
      return [
        measured({
          rule: 'power/cable',
          stage: 'power',
          about: [supply.id],
          part: cable.key,
          joints: own.map(j => j.id),
          failing: 'harm',
          source: SOURCE.practice,
          sentence: `12 V over cable ${cable.key} of the ${supply.name}, ${counted(own.length, 'plug')}`,
          wayOut: 'Spread what hangs on it over another cable.',
          need: most,
          have: of(
            fact(
              `wires:${first.face}:${cable.gauge}`,
              `${wires} × 12 V wire of ${cable.gauge} AWG`,
              'W',
              { value: watts, basis: 'standard', tol: 0 },
            ),
          ),
        }),
      ]
    }),
})
const VOLTS = 12

export const plugClass = rule({
  id: 'power/class',
  stage: 'power',
  asks: 'Does each 16-contact plug tell the card the power class it asks for?',
  source: SOURCE.pcie,
  needs: { items, plugs, ends, names },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const card = every(s, 'card').find(c => c.id === joint.items[1])
      return plug?.end.face === 'card-16' && card
        ? [{ joint, plug, card, from: s.names.get(joint.items[0]) ?? '' }]
        : []
    }),
  judge({ joint, plug, card, from }) {
    const have = plug.end.gives['W12']
    const need = cardKind.leaf(card, 'asks')
    return have && need.figure
      ? [
          measured({
            rule: 'power/class',
            stage: 'power',
            about: joint.items,
            joints: [joint.id],
            failing: 'watch',
            source: SOURCE.pcie,
            sentence: `Class of the ${plug.end.label} of the ${from} for the ${card.name}`,
            wayOut:
              'An adapter with more inlets, or a supply with a plug of that class: the card holds back, or refuses.',
            need: of(need),
            have,
          }),
        ]
      : []
  },
})

export const slotLimit = rule({
  id: 'power/slot',
  stage: 'power',
  asks: 'Does each card draw no more from its slot than the slot gives?',
  source: SOURCE.pcie,
  needs: { ...JOINED, loads },
  inputs: s =>
    joinedBy(s, 'slot', 'card', 'board').flatMap(({ joint, plug, socket }) => {
      const slot = socketIn(joint, 'slots', socket.part.slots)
      if (!slot || isOldSlot(slot.size) || isOldSlot(plug.part.size)) return []
      const size =
        SLOT_SIZES.indexOf(slot.size) < SLOT_SIZES.indexOf(plug.part.size)
          ? slot.size
          : plug.part.size
      return [
        {
          joint,
          card: plug,
          size,
          at: slot.label,
          loads: s.loads.filter(
            l => l.item === plug.id && l.feeds.some(f => f.joints[0] === joint.id),
          ),
        },
      ]
    }),
  judge({ joint, loads, card, size, at }) {
    if (loads.length === 0) return []
    return [
      measured({
        rule: 'power/slot',
        stage: 'power',
        about: [card.id, joint.items[1]],
        joints: [joint.id],
        source: SOURCE.pcie,
        sentence: `Power of the ${card.name} from ${at}`,
        wayOut: 'A longer slot, or a card with a plug of its own.',
        need: total(loads, 'worst'),
        have: of(
          fact(`slot:${size}`, `what an ${size} slot gives once it is set up`, 'W', {
            value: Math.max(SLOT_POWER[size], CONFIGURED),
            basis: 'standard',
            tol: 0,
          }),
        ),
      }),
    ]
  },
})
/** What a short slot gives once the system has set it up, W. */
const CONFIGURED = SLOT_POWER.x4
