// Where the leads of coolers leave: at their fans, wherever the cooler is turned or its radiator is.
// By hand from the sheets, mm.
import type { Vec3 } from '../geometry/space'
import { then } from '../test-helpers/demos'
import {
  altered,
  buildOf,
  fieldsOf,
  machineIn,
  type Machine,
} from '../test-helpers/planted-machine'

const HARBOUR = machineIn(fieldsOf('brackwater-harbour-4'))
/** Where the way of a lead begins, by the key of its end. */
const startsOf = (machine: Machine, pins = {}, copies = {}): Readonly<Record<string, Vec3>> =>
  Object.fromEntries(
    then(buildOf(machine, pins, { copies })).routes.flatMap(({ id, stretches: [first] }) =>
      first?.points[0] ? [[id, first.points[0]]] : [],
    ),
  )
const towards = (point: Vec3 | undefined): readonly number[] =>
  point?.slice(0, 2).map(mm => Math.round(mm * 10) / 10) ?? []

describe('a tower with a fan on either side, over the processor at 95, 405 − 85', () => {
  const TWIN = altered(HARBOUR, { cooler: fieldsOf('ottery-twinbank-160') })
  test('its first fan 86 − 12.5 before it, its second on the other side of the fins', () => {
    const starts = startsOf(TWIN)
    expect(towards(starts['cooler/fan'])).toEqual([168.5, 320])
    // The fins go from 86 − 152 to 86 − 25: their middle is 2.5 behind the processor.
    expect(towards(starts['cooler/tower-fan-2'])).toEqual([16.5, 320])
  })

  test('turned a quarter, the first is below the processor and the second above', () => {
    const starts = startsOf(TWIN, {}, { cooler: { turned: 1 } })
    expect(towards(starts['cooler/fan'])).toEqual([95, 246.5])
    expect(towards(starts['cooler/tower-fan-2'])).toEqual([95, 398.5])
  })
})

describe('a liquid cooler', () => {
  const rill = fieldsOf('ottery-rill-240')
  const tubes = { ...(rill['liquid'] as object), tube: 600 }
  const WET = altered(HARBOUR, { cooler: { ...rill, fan: null, liquid: tubes } })

  // Its stack is 27 and 25 thick: the leads come out on the side of the machine.
  test('its fans leave at the radiator, 60 on either side of the middle at 223; its pump at the block', () => {
    const starts = startsOf(WET, { 'cooler/radiator': 'case/radiator-front' })
    expect(starts['cooler/fan-1']).toEqual([395 - 27 - 25, 163, 95])
    expect(starts['cooler/fan-2']).toEqual([395 - 27 - 25, 283, 95])
    expect(towards(starts['cooler/pump'])).toEqual([95, 320])
  })

  test('and where the radiator goes, its fans go', () => {
    const [front, top] = ['front', 'top'].map(place =>
      startsOf(WET, { 'cooler/radiator': `case/radiator-${place}` }),
    )
    expect(top?.['cooler/pump']).toEqual(front?.['cooler/pump'])
    expect(top?.['cooler/fan-1']?.[1]).toBe(440 - 27 - 25)
  })
})
