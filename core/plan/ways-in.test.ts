// What goes in first: bodies that would stand in the way, hands that would find no room. By hand from
// the sheets, mm.
import { runOn } from '../analysis/analyse'
import type { Build } from '../document/build'
import { Memory } from '../pipeline/memory'
import { avocet, change, finding, then } from '../test-helpers/demos'
import {
  altered,
  buildOf,
  exact,
  type Fields,
  type Machine,
  fieldsOf,
  machineIn,
} from '../test-helpers/planted-machine'
import { randomBuild } from '../test-helpers/random-builds'
import { runs } from '../test-helpers/runs'
import type { InTheWay } from './way-out'
import { waysIn } from './ways-in'

const of = fieldsOf
const waysOf = (build: Build): readonly InTheWay[] =>
  runOn(build, 'then', new Memory()).values({ waysIn }).waysIn
const between = (build: Build, first: string, last: string): InTheWay | undefined =>
  waysOf(build).find(w => w.items[0] === first && w.items[1] === last)

/** 395 × 440 × 190 inside, the board's corner 405 up, its processor 95 in and 85 down. */
const MACHINE: Machine = machineIn({ ...of('brackwater-harbour-4'), cardRoom: null })

test('modules under a fan go in before the cooler', () => {
  const way = between(avocet, 'memory', 'cooler')
  expect(way).toMatchObject({ of: 'body', what: 'fan' })
  const row = then(avocet).waysIn.find(r => r.line.includes('fan of the'))
  expect(row?.line).toMatch(/before the .*: the fan of the .* would stand 9\.5.mm in its way/)
})

test('so they do in every build order', () => {
  for (const school of ['board-first', 'proof-first', 'card-early'] as const) {
    const ids = then(change(avocet, { do: 'chooseOrder', school })).order.steps.map(s => s.kind)
    expect(ids.indexOf('memory')).toBeLessThan(ids.indexOf('cooler'))
  }
})

test('a thick fan over the board’s edge goes in after the board, one that is tilted past does not', () => {
  const withFan = (thickness: number): Build =>
    buildOf(
      altered(MACHINE, { fan: { ...of('ottery-breeze-120'), thickness: exact('mm', thickness) } }),
      { 'fan/frame': 'case/rear' },
    )
  // It covers the rear edge by its whole thickness; 30 of that a board is tilted past.
  expect(between(withFan(38), 'board', 'fan')?.mm).toBeCloseTo(38, 6)
  expect(between(withFan(29), 'board', 'fan')).toBeUndefined()
})

test('a stick under a card goes in first; a card that ends before it is in nobody’s way', () => {
  const withCard = (length: number): Build =>
    buildOf(
      altered(MACHINE, {
        stick: of('sedgeline-n5-2000'),
        card: {
          ...{ kind: 'card', id: 'c', model: 'Card', does: 'capture', size: 'x16', slots: 2 },
          thickness: exact('mm', 38),
          ...{ length: exact('mm', length), height: exact('mm', 90), power: [] },
        },
      }),
      { 'stick/seat': 'board/m2-2', 'card/seat': 'board/slot-2' },
    )
  // From the board’s upper edge: row 2 at 185.32, its back 2.67 before; the stick 22 wide around 214.
  const way = between(withCard(160), 'stick', 'card')
  expect(way).toMatchObject({ of: 'body', first: 'stick/seat~board/m2-2' })
  expect(way?.mm).toBeCloseTo(185.32 + 38 - 2.67 - (214 - 22 / 2), 2)
  // The stick begins 75 in.
  expect(between(withCard(60), 'stick', 'card')).toBeUndefined()
})

test('plugs that leave sideways under a long card go in before it', () => {
  const hands = waysOf(avocet).filter(w => w.of === 'hand' && w.items[1] === 'card')
  expect(hands.map(w => w.first).sort()).toEqual([
    'sata-1/board~board/sata-1',
    'sata-2/board~board/sata-2',
    'sata-3/board~board/sata-3',
    'sata-optical/board~board/sata-4',
  ])
  // measured short it ends before them
  const short = change(avocet, {
    ...{ do: 'setFigure', id: 'card', path: 'length' },
    figure: { mm: 200, basis: 'measured' },
  })
  expect(waysOf(short).filter(w => w.of === 'hand' && w.items[1] === 'card')).toEqual([])
})

describe('what of the case stands in the way', () => {
  const shelf = (changes: Fields): Build => {
    const pieces = of('brackwater-harbour-4')['pieces'] as readonly Fields[]
    const own = {
      ...{ key: 'rack', label: 'rack', piece: 'cage', screws: 2 },
      // over the board's lower front corner, 60 in front of the tray
      begins: { x: exact('mm', 200), y: exact('mm', 150), z: exact('mm', 60) },
      ends: { x: exact('mm', 300), y: exact('mm', 250), z: exact('mm', 90) },
      ...changes,
    }
    return buildOf(altered(MACHINE, { case: { pieces: [...pieces, own] } }))
  }
  test('what comes out is taken out for it', () => {
    const f = finding(then(shelf({})), 'fit/way-in:board:case')
    expect(f.verdict).toBe('watch')
    expect(f.wayOut).toBe('Take the rack out for it (2 screws) and put it back after.')
    // The board is 243.8 deep: 43.8 of it lie behind the rack.
    expect(waysOf(shelf({})).find(w => w.piece?.key === 'cage-rack')?.mm).toBeCloseTo(43.8, 1)
  })
  test('what is fixed is tried', () => {
    expect(finding(then(shelf({ fixed: true })), 'fit/way-in:board:case').verdict).toBe('measure')
  })
  test('out, it is in nobody’s way', () => {
    const out = change(shelf({}), { do: 'takePiece', id: 'case', piece: 'rack', out: true })
    expect(then(out).findings.filter(f => f.rule === 'fit/way-in')).toEqual([])
  })
})

test('in no build is anything put in after what stands in its way, unless a card comes out again', () => {
  const seeds = Array.from({ length: runs(12) }, (_, i) => 6100 + i)
  for (const seed of seeds) {
    const build = randomBuild(seed)
    const { steps } = then(build).order
    const at = (joint: string): number => steps.findIndex(s => s.joints.includes(joint))
    for (const { first, then: later, of: by } of waysOf(build)) {
      if (later === null || by !== 'body') continue
      expect([seed, first, later, at(first) < at(later)]).toEqual([seed, first, later, true])
    }
  }
})
