// A card upright on a riser: where it is then, what it meets, what it breathes, and whether the riser
// does. By hand from the sheets, mm.
import { runOn } from '../../analysis/analyse'
import type { Build } from '../../document/build'
import { nominalBox } from '../../geometry/solid'
import { Memory } from '../../pipeline/memory'
import { solids } from '../../plan/joints'
import {
  altered as alteredItem,
  avocet,
  change,
  finding,
  then,
  tryCommand,
} from '../../test-helpers/demos'
import {
  altered,
  buildOf,
  exact,
  type Fields,
  type Machine,
  fieldsOf,
  machineIn,
} from '../../test-helpers/planted-machine'

const of = fieldsOf
/** 187 from the tray to the near panel; the place 70 up, 125 from the tray. */
const MACHINE: Machine = {
  ...machineIn(of('brackwater-twinlock-8')),
  card: { ...of('strandline-breeze-160'), thickness: exact('mm', 40), length: exact('mm', 242) },
  riser: of('hollin-riser-300'),
}
const upright = (changes: Machine = {}): Build =>
  buildOf(altered(MACHINE, changes), {}, { copies: { card: { upright: true } } })
const told = (build: Build, part: string): readonly string[] =>
  then(build)
    .findings.filter(f => f.rule === 'fit/upright' && f.id.includes(`:${part}`))
    .map(f => f.verdict)

test('its body is at the place of the case, its joint at the board', () => {
  const build = upright()
  const card = runOn(build, 'then', new Memory())
    .values({ solids })
    .solids.find(s => s.item === 'card' && s.key === 'card')
  expect(then(build).joints.map(j => j.id)).toContain('card/seat~board/slot-2')
  const box = card && nominalBox(card)
  expect([box?.min[0], box?.max[0]]).toEqual([0, 242])
  // Its back 2.67 behind its line, 40 thick in all, toward the near panel.
  expect(box?.min[2]).toBeCloseTo(125 - 2.67, 6)
  expect(box?.max[2]).toBeCloseTo(125 + 40 - 2.67, 6)
  expect(box?.min[1]).toBeGreaterThan(70)
})

test('what it covered of the board in its slot is free', () => {
  const covers = 'fit/covered:card:board:covered:ports'
  const ids = (build: Build): readonly string[] => then(build).findings.map(f => f.id)
  const place = { key: 'up', label: 'upright place', at: [0, 150, 120], axes: '+x +z +y', slots: 3 }
  const inSlot = change(
    avocet,
    alteredItem(avocet, 'case', () => ({ upright: [place] })),
  )
  expect(ids(inSlot)).toContain(covers)
  const stands = change(inSlot, { do: 'standCard', id: 'card', upright: true })
  expect(ids(stands)).not.toContain(covers)
})

test('60 thick its fans have 187 − 125 − 57.33 = 4.7 before the closed near panel', () => {
  const f = finding(then(upright({ card: { thickness: exact('mm', 60) } })), 'air/room:card')
  expect(f.verdict).toBe('watch')
  expect(f.margin).toBeCloseTo(187 - 125 - (60 - 2.67) - 10, 2)
})

test('67 thick it stands in the panel: 2.3 too far', () => {
  const id = 'fit/clearance:case:card:case#near|card'
  const f = finding(then(upright({ card: { thickness: exact('mm', 67) } })), id)
  expect(f.verdict).toBe('stop')
  expect(f.margin).toBeCloseTo(187 - 125 - (67 - 2.67), 2)
})

test('the board goes in first, and the covers of the slot stay on', () => {
  const build = upright()
  expect(
    then(build)
      .waysIn.map(w => w.line)
      .join('\n'),
  ).toMatch(/The Lagoon 9 before the Breeze 160/)
  const { steps } = then(build).order
  expect(steps.filter(s => s.kind === 'covers')).toEqual([])
  expect(steps.find(s => s.kind === 'card')?.does[0]).toMatch(/Covers of the upright place off/)
})

describe('whether it can', () => {
  test('with place, covers and riser', () => {
    expect(told(upright(), 'covers')).toEqual(['clear'])
    expect(told(upright(), 'speed')).toEqual(['clear'])
  })
  test('four slots on three covers stop', () => {
    expect(told(upright({ card: { slots: 4 } }), 'covers')).toEqual(['stop'])
  })
  test('without a riser it stops', () => {
    const { riser: _, ...without } = MACHINE
    const build = buildOf(without, {}, { copies: { card: { upright: true } } })
    expect(told(build, 'riser')).toEqual(['stop'])
  })
  test('a case without such a place stops; one of which nobody says asks', () => {
    const tower = (changes: Fields): Build =>
      buildOf(
        { ...MACHINE, case: { ...of('brackwater-harbour-4'), ...changes } },
        {},
        {
          copies: { card: { upright: true } },
        },
      )
    const verdicts = (build: Build) =>
      then(build)
        .findings.filter(f => f.rule === 'fit/upright')
        .map(f => f.verdict)
    expect(verdicts(tower({ upright: [] }))).toEqual(['stop'])
    expect(verdicts(tower({}))).toEqual(['measure'])
    expect(verdicts(tower({ upright: null }))).toEqual(['measure'])
  })
  test.each([
    [100, 'stop'],
    [300, 'clear'],
  ])('a ribbon of %i: %s', (ribbon, verdict) => {
    const f = finding(
      then(upright({ riser: { ribbon: exact('mm', ribbon) } })),
      'fit/upright:card:riser:reach',
    )
    expect(f.verdict).toBe(verdict)
  })
  test('the way of the ribbon by hand', () => {
    // Slot in row 2 of a board whose corner is 395 up; both edges 90 in; the card's edge 12 over its line.
    const f = finding(then(upright()), 'fit/upright:card:riser:reach')
    const way = f.where
    expect(way).not.toBeNull()
    const [from, to] = [way?.from ?? [0, 0, 0], way?.to ?? [0, 0, 0]]
    expect(from[0]).toBe(90)
    expect(to[0]).toBe(90)
    expect(f.need).toBeCloseTo(Math.hypot(to[1] - from[1], to[2] - from[2]) + 30, 6)
    expect(to[2]).toBeCloseTo(125, 6)
  })
  test('a riser of an older generation is watched, one of which nobody says is asked', () => {
    expect(told(upright({ riser: { generation: 3 } }), 'speed')).toEqual(['watch'])
    expect(told(upright({ riser: { generation: null } }), 'speed')).toEqual(['measure'])
  })
  test('what is no card stands nowhere', () => {
    const refused = tryCommand(upright(), { do: 'standCard', id: 'supply', upright: true })
    expect(refused).toMatchObject({ problem: expect.stringMatching(/only cards stand upright/) })
  })
})
