// Air: which way it goes, how much of it, what it was warmed by, and whether anything stands before it.
// Figures by hand from the sheets.
import type { Build } from '../../document/build'
import { remediesFor } from '../../remedies/remedies'
import { remedyCommand } from '../../remedies/remedy'
import { change, finding, teal, then, type Sent } from '../../test-helpers/demos'
import {
  altered,
  buildOf,
  exact,
  TOWER,
  type Fields,
  type Machine,
  fieldsOf,
  machineIn,
} from '../../test-helpers/planted-machine'

const of = fieldsOf
const FAN = of('ottery-breeze-120')
/** 94 m³/h, as its maker states. */
const RATED = 94
const TWIN: Machine = machineIn(of('brackwater-twinlock-8'))
const told = (build: Build, rule: string) =>
  then(build)
    .findings.filter(f => f.rule === rule)
    .map(f => [f.verdict, f.assumed] as const)
const way = (place: string, to: 'in' | 'out' | null): Sent => ({
  do: 'chooseAir',
  id: 'case',
  place,
  way: to,
})

describe('as much in as out', () => {
  const withFans = (...places: readonly string[]): Build =>
    buildOf(
      altered(TWIN, {
        ...Object.fromEntries(places.map((_, i) => [`fan-${i}`, FAN])),
      }),
      Object.fromEntries(places.map((place, i) => [`fan-${i}/frame`, `case/${place}`])),
    )

  test('one in and one out: clear, 94 against 94', () => {
    const f = finding(then(withFans('rear', 'front-1')), 'air/balance')
    expect(f).toMatchObject({ verdict: 'clear', need: RATED, have: RATED, unit: 'm3h' })
  })

  test('two out and one in: the third 94 come through the gaps', () => {
    const f = finding(then(withFans('rear', 'top-1', 'front-1')), 'air/balance')
    expect(f).toMatchObject({ verdict: 'watch', need: 2 * RATED, have: RATED, margin: -RATED })
  })

  test('a fan turned about is told against its place, and counted as it blows', () => {
    const turned = change(withFans('rear', 'top-1', 'front-1'), way('top-1', 'in'))
    expect(finding(then(turned), 'air/balance')).toMatchObject({
      verdict: 'clear',
      have: 2 * RATED,
    })
    expect(told(turned, 'air/against')).toEqual([['watch', false]])
    const back = change(turned, way('top-1', null))
    expect(told(back, 'air/against')).toEqual([])
  })

  test('the way out: turn one about, as promised', () => {
    const build = withFans('rear', 'top-1', 'front-1')
    const { id } = finding(then(build), 'air/balance')
    const found = remediesFor(build, 'then', id, []).filter(r => r.kind === 'turn')
    expect(found.map(r => r.commands)).toEqual([])
    const front = change(build, way('front-1', 'out'))
    const own = finding(then(front), 'air/against').id
    const [remedy] = remediesFor(front, 'then', own, []).filter(r => r.kind === 'turn')
    expect(remedy?.commands).toEqual([way('front-1', 'in')])
    const after = remedy ? change(front, remedyCommand(remedy)) : front
    expect(told(after, 'air/against')).toEqual([])
  })

  test('fans of which nobody stated the flow are alike: three out, two in, and no doubt about it', () => {
    const unknown = { ...FAN, flow: null }
    const fans = ['rear', 'top-1', 'top-2', 'front-1', 'front-2']
    const build = buildOf(
      altered(TWIN, {
        ...Object.fromEntries(fans.map((_, i) => [`fan-${i}`, unknown])),
      }),
      Object.fromEntries(fans.map((place, i) => [`fan-${i}/frame`, `case/${place}`])),
    )
    // 3 × 90 against 2 × 90, each 40 % more or less at once
    expect(finding(then(build), 'air/balance')).toMatchObject({
      ...{ verdict: 'watch', assumed: true, need: 270, have: 180 },
      tol: 36,
    })
  })
})

describe('what a radiator breathes', () => {
  const heated = (watts: number, place: 'front' | 'top'): Build =>
    buildOf(
      altered(TWIN, {
        cooler: of('ottery-rill-360'),
        card: { ...of('strandline-tempest-390'), length: 300, watts: exact('W', watts) },
      }),
      { 'cooler/radiator': `case/radiator-${place}` },
    )
  test('at the front it draws fresh air', () => {
    expect(told(heated(300, 'front'), 'air/warm-radiator')).toEqual([['clear', false]])
  })
  test('on top it blows out what 120 W of card and more have warmed', () => {
    expect(told(heated(120, 'top'), 'air/warm-radiator')).toEqual([['watch', false]])
    expect(told(heated(119, 'top'), 'air/warm-radiator')).toEqual([['clear', false]])
  })
  test('on an open bench there is no air of a case', () => {
    const bench = buildOf(
      altered(TWIN, { case: of('fenwright-openstile'), cooler: of('ottery-rill-240') }),
    )
    expect(told(bench, 'air/warm-radiator')).toEqual([])
    expect(told(bench, 'air/balance')).toEqual([])
  })
})

describe('room before what breathes', () => {
  /** In row 2 of the rear, its fans toward row 4, where the other sits. */
  const cards = (thickness: number, cooling: string | null): Build =>
    buildOf(
      altered(TWIN, {
        card: {
          ...{ ...of('strandline-tempest-390'), length: 300, slots: 2, cooling },
          thickness: exact('mm', thickness),
        },
        other: {
          kind: 'card',
          id: 'other',
          model: 'Other',
          does: 'sound',
          size: 'x1',
          length: 200,
        },
      }),
      { 'card/seat': 'board/slot-2', 'other/seat': 'board/slot-4' },
    )
  /** From the line of row 2 to the back of the card in row 4: two pitches of 20.32, less its back. */
  const free = 2 * 20.32 - 2.67

  test('ten millimetres are enough, by hand', () => {
    // A card of so much reaches that less its back of 2.67 beyond its line.
    const gap = (mm: number): number => free - (mm - 2.67)
    const near = free + 2.67 - 5
    expect(gap(near)).toBeCloseTo(5, 6)
    const f = finding(then(cards(near, 'fans')), 'air/room:card:other')
    expect(f.verdict).toBe('watch')
    expect(f.margin).toBeCloseTo(5 - 10, 1)
    expect(then(cards(free + 2.67 - 25, 'fans')).findings.map(x => x.id)).not.toContain(f.id)
  })

  test('a card without fans asks for none; two slots of which nothing is said have fans, assumed', () => {
    const near = free + 2.67 - 5
    const ofCard = (cooling: string | null) =>
      then(cards(near, cooling)).findings.filter(f => f.id.startsWith('air/room:card'))
    expect(ofCard('blower')).toEqual([])
    expect(ofCard(null).map(f => [f.verdict, f.assumed])).toEqual([['watch', true]])
  })

  test('a supply breathes through the floor; closed, it turns to where there is room', () => {
    const tower = (changes: Fields, copy: Fields = {}): Build =>
      buildOf(
        altered(TOWER, { case: { ...of('brackwater-harbour-4'), ...changes } }),
        {},
        {
          copies: { supply: copy },
        },
      )
    const ofSupply = (build: Build) =>
      then(build).findings.filter(f => f.id.startsWith('air/room:supply'))
    expect(ofSupply(tower({})).map(f => [f.verdict, f.parts[1]])).toEqual([['clear', 'case']])
    // 5 to the closed floor, 96 − 5 − 86 = 5 to the shroud: there is no room on either side
    const [closed] = ofSupply(tower({ vents: [] }))
    expect(closed?.verdict).toBe('watch')
    expect(closed?.margin).toBeCloseTo(5 - 10, 1)
    // Turned over its fan faces the shroud, whatever the floor has.
    const [turned] = ofSupply(tower({}, { turned: 2 }))
    expect(turned?.verdict).toBe('watch')
    expect(turned?.sentence).toMatch(/shroud/)
  })
})

test('Teal: with the radiator on top the card’s 390 W warm what it breathes', () => {
  expect(told(teal, 'air/warm-radiator')).toEqual([['clear', false]])
  const onTop = change(teal, {
    ...{ do: 'pinJoint', plug: 'cooler/radiator', socket: 'case/radiator-top', title: 'on top' },
  })
  expect(told(onTop, 'air/warm-radiator')).toEqual([['watch', false]])
})
