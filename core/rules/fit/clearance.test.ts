// What is told of bodies that meet, against points of the bodies looked at one by one.
import { runOn } from '../../analysis/analyse'
import type { Build } from '../../document/build'
import { nominalBox } from '../../geometry/solid'
import type { Solid } from '../../joining/solids'
import type { Finding } from '../finding'
import { Memory } from '../../pipeline/memory'
import { solids } from '../../plan/joints'
import { avocet, change, curlew, finding, part, plover, teal, then } from '../../test-helpers/demos'
import { buildOf } from '../../test-helpers/planted-machine'
import { chance, randomBuild } from '../../test-helpers/random-builds'
import { runs } from '../../test-helpers/runs'

const solidsOf = (build: Build): readonly Solid[] =>
  runOn(build, 'then', new Memory()).values({ solids }).solids

describe('a machine of which nothing is told has no point in two bodies', () => {
  const FIRST = 9001
  const builds: readonly (readonly [string, Build])[] = [
    ...Object.entries({ plover, avocet, curlew, teal }),
    ...Array.from(
      { length: runs(40) },
      (_, i) => [`seed ${FIRST + i}`, randomBuild(FIRST + i)] as const,
    ),
  ]
  /** Named choice: so many points are looked at in each body. */
  const POINTS = 60

  test.each(builds)('%s', (name, build) => {
    const next = chance(name.length)
    const all = solidsOf(build).filter(s => s.nature === 'body')
    const boxes = new Map(all.map(s => [s.id, nominalBox(s)]))
    const inBox = (id: string, point: readonly number[]): boolean => {
      const box = boxes.get(id)
      return point.every(
        (v, i) => box !== undefined && v > (box.min[i] ?? 0) && v < (box.max[i] ?? 0),
      )
    }
    const told = then(build).findings.filter(f => f.stage === 'fit')
    const isTold = (a: Solid, b: Solid): boolean =>
      told.some(f => f.parts.includes(a.item) && f.parts.includes(b.item))
    const held = (a: Solid, b: Solid): boolean =>
      a.holds.some(ref => b.within.includes(ref)) || b.holds.some(ref => a.within.includes(ref))
    const meeting = all.flatMap(a => {
      const box = boxes.get(a.id)
      if (!box || [...box.min, ...box.max].some(v => !Number.isFinite(v))) return []
      return Array.from({ length: POINTS }, () =>
        box.min.map((v, i) => v + 0.01 + ((box.max[i] ?? 0) - v - 0.02) * next()),
      ).flatMap(point =>
        all
          .filter(b => b.item !== a.item && inBox(b.id, point) && !held(a, b) && !isTold(a, b))
          .map(b => `${a.id} and ${b.id}`),
      )
    })
    expect([...new Set(meeting)]).toEqual([])
  })
})

describe('what the case promises is not asked, what is measured is', () => {
  const sound = change(plover, {
    do: 'swapPart',
    id: 'case',
    part: part('fenwright-tall-40'),
    figures: {},
  })
  const about = (build: Build): readonly string[] =>
    then(build).findings.flatMap(f => (f.rule === 'fit/clearance' ? [f.verdict] : []))
  test('a case of which an archetype made up the places takes the forms it names', () => {
    expect(about(sound).filter(v => v !== 'clear')).toEqual([])
  })
  test('nobody promises what is larger than its place is made for: a fan of 38 is asked about', () => {
    const tower = part('fenwright-tall-40')
    if (tower.kind !== 'case') throw new Error('a case')
    // Nobody stated where this place is: 30 below the board's rear sockets, 8 before the shroud.
    const fans = [{ ...tower.fans?.[0], key: 'rear', at: [0, 350, 90], assumed: true }]
    const of = (id: string): readonly string[] =>
      then(
        buildOf({
          ...{ case: { ...tower, fans }, board: { ...part('saltpan-estuary-7') } },
          ...{ processor: { ...part('quillmark-t2-65') }, fan: { ...part(id) } },
        }),
      ).findings.flatMap(f =>
        f.rule === 'fit/clearance' && f.id.includes('fan') ? [f.verdict] : [],
      )
    expect(of('ottery-breeze-120')).toEqual([])
    expect(of('ottery-gust-120')).toContain('measure')
  })
})

describe('a reader in the bay over a fan', () => {
  const id = 'fit/clearance:reader:fan-1'
  test('it stands from 415 on, the fan ends at 350 + 60', () => {
    expect(finding(then(avocet), id)).toMatchObject({ need: 410, have: 415, margin: 5 })
  })
})

describe('one finding a pair of parts: the worst of their solids', () => {
  test('the radiator is 3 from the card, its fans 28 in it', () => {
    const told = then(teal).findings.filter(f => f.id.startsWith('fit/clearance:cooler:graphics'))
    expect(told).toHaveLength(1)
    expect(told[0]).toMatchObject({ verdict: 'stop', margin: -28, need: 390, have: 425 - 38 - 25 })
  })
})

describe('a plug’s room is a price, a body’s is none: the one does not hide the other', () => {
  const harbour = part('brackwater-harbour-4')
  const supply = part('dunlin-a850')
  if (harbour.kind !== 'case' || supply.kind !== 'supply') throw new Error('case and supply')
  const of = (length: number): Finding | undefined =>
    then(
      buildOf({
        case: { ...harbour, supply: { ...harbour.supply, room: null } },
        supply: { ...supply, length },
      }),
    ).findings.find(f => f.rule === 'fit/clearance' && f.id.includes('supply'))
  test('the cage begins at 208: 195 of supply leave 13, not enough for 30 of plugs, 10 more or less', () => {
    expect(of(195)).toMatchObject({ verdict: 'watch', need: 225, have: 208 })
    expect(of(190)).toBeUndefined()
  })
  test('212 of supply end in it, whatever its plugs do', () => {
    expect(of(212)).toMatchObject({ verdict: 'stop', need: 212, have: 208, margin: -4 })
    expect(of(212)?.wayOut).toMatch(/^Take the drive cage out, another place/)
  })
})

describe('a piece that is out, and nobody knows where it lay', () => {
  const harbour = part('brackwater-harbour-4')
  if (harbour.kind !== 'case') throw new Error('a case')
  const pieces = harbour.pieces?.map(({ begins: _, ends: __, ...piece }) => piece)
  const machine = { case: { ...harbour, pieces }, supply: { ...part('dunlin-a550') } }
  const of = (out: readonly string[]): Finding | undefined =>
    then(buildOf(machine, {}, { copies: { case: { out } } })).findings.find(
      f => f.rule === 'fit/supply-length',
    )
  test('what the sheet said of the room holds no longer: it is measured anew', () => {
    expect(of([])).toMatchObject({ verdict: 'clear', have: 205 })
    expect(of(['cage'])).toMatchObject({ verdict: 'measure', have: null })
  })
})
