// Faults planted in sound machines: each is found, has its verdict, names its parts, and nothing else
// is raised with it.
import { then } from '../test-helpers/demos'
import { runs } from '../test-helpers/runs'
import { buildOf, drawFrom, SOUND } from '../test-helpers/planted-machine'
import { PLANTS } from '../test-helpers/plants'

/** Two builds a class, one within the tolerance and one beyond; forty where there is time. */
const BUILDS = runs(40) === 40 ? 40 : 2

test('there are many classes, each with a name of its own', () => {
  expect(new Set(PLANTS.map(p => p.name)).size).toBe(PLANTS.length)
  expect(PLANTS.length).toBeGreaterThanOrEqual(85)
})

const MACHINES = [...SOUND.towers, ...SOUND.boxes]
test.each(MACHINES.map((_, i) => i))('machine %i is sound before anything is planted', i => {
  const machine = MACHINES[i] ?? {}
  const graver = then(buildOf(machine)).findings.filter(f => /stop|harm/.test(f.verdict))
  expect(graver.map(f => f.sentence)).toEqual([])
})

describe.each(PLANTS.map((p, turn) => ({ ...p, turn })))('$name', ({ plant, turn }) => {
  test.each(Array.from({ length: BUILDS }, (_, seed) => seed))('seed %i', seed => {
    const planted = plant(drawFrom(seed, turn))
    const { machine, rule, verdict, names, pins, also = [] } = planted
    const { findings } = then(buildOf(machine, pins, planted))
    const own = findings.filter(f => f.id.startsWith(rule))
    const found = own.find(f => f.verdict === verdict && names.every(n => f.parts.includes(n)))
    expect({
      found: found?.verdict,
      told: own.map(f => [f.verdict, f.sentence, f.need, f.have]),
    }).toMatchObject({ found: verdict })
    const others = findings.filter(
      f => /stop|harm/.test(f.verdict) && ![rule, ...also].some(r => f.id.startsWith(r)),
    )
    expect(others.map(f => [f.id, f.sentence])).toEqual([])
  })
})
