// Boards mirrored and turned, sticks on the back, small supplies on a plate: where it all lies then.
// By hand from the sheets, mm.
import { runOn } from '../analysis/analyse'
import type { Build } from '../document/build'
import { nominalBox } from '../geometry/solid'
import type { Solid } from '../joining/solids'
import { Memory } from '../pipeline/memory'
import { remediesFor } from '../remedies/remedies'
import { remedyCommand } from '../remedies/remedy'
import { change, finding, part, then } from '../test-helpers/demos'
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
import { solids } from './joints'

const of = fieldsOf
const MACHINE: Machine = machineIn(of('brackwater-weathercock-7'))
const solidsOf = (build: Build): readonly Solid[] =>
  runOn(build, 'then', new Memory()).values({ solids }).solids
const boxOf = (build: Build, item: string, key: string) => {
  const found = solidsOf(build).find(s => s.item === item && s.key === key)
  if (!found) throw new Error(`${item} has no ${key}`)
  return nominalBox(found)
}
const inCase = (tray: Fields): Build =>
  buildOf(altered(MACHINE, { case: { tray: { roomX: 300, roomY: 306, ...tray } } }))

describe('a board', () => {
  // 243.8 deep, 304.8 along its rear edge; its processor 95 from the rear, 85 from the corner
  test('mirrored: its corner below, its edge upward', () => {
    const build = inCase({ at: [0, 30], axes: '+x +y +z' })
    expect(boxOf(build, 'board', 'plate').min[1]).toBeCloseTo(30, 6)
    expect(boxOf(build, 'board', 'plate').max[1]).toBeCloseTo(30 + 304.8, 1)
    // a cooler 95 wide over it
    const cooler = boxOf(build, 'cooler', 'fins')
    expect((cooler.min[1] + cooler.max[1]) / 2).toBeCloseTo(30 + 85, 1)
  })

  test('turned by a quarter: its rear edge on top, the rest hangs below', () => {
    const build = inCase({ at: [40, 380], axes: '-y +x +z' })
    const plate = boxOf(build, 'board', 'plate')
    expect([plate.min[0], plate.max[0]]).toEqual([
      expect.closeTo(40, 6),
      expect.closeTo(40 + 304.8, 1),
    ])
    expect([plate.min[1], plate.max[1]]).toEqual([
      expect.closeTo(380 - 243.8, 1),
      expect.closeTo(380, 6),
    ])
  })

  test('cards lie as the board does: mirrored, the next row is above', () => {
    const inRow = (row: number, tray: Fields): number => {
      const build = buildOf(
        altered(MACHINE, {
          case: { tray: { roomX: 300, roomY: 306, ...tray } },
          card: {
            ...{ kind: 'card', id: 'c', model: 'Card', does: 'sound', size: 'x1', slots: 1 },
            ...{ length: exact('mm', 170), height: exact('mm', 100), power: [] },
          },
        }),
        { 'card/seat': `board/slot-${row}` },
      )
      const box = boxOf(build, 'card', 'card')
      expect([box.min[0], box.max[0]]).toEqual([0, 170])
      return (box.min[1] + box.max[1]) / 2
    }
    const [mirrored, upright] = [
      { at: [0, 30], axes: '+x +y +z' },
      { at: [0, 400], axes: '+x -y +z' },
    ]
    expect(inRow(6, mirrored) - inRow(4, mirrored)).toBeCloseTo(2 * 20.32, 6)
    expect(inRow(6, upright) - inRow(4, upright)).toBeCloseTo(-2 * 20.32, 6)
  })

  test('nothing of the machine stops because its board is mirrored', () => {
    const stops = then(buildOf(MACHINE)).findings.filter(f => /stop|harm/.test(f.verdict))
    expect(stops.map(f => f.sentence)).toEqual([])
  })
})

test('a stick on the back lies between board and tray, and goes in before the board', () => {
  const build = buildOf(
    {
      ...MACHINE,
      case: of('fenwright-chest-20'),
      board: of('saltpan-inlet-3'),
      stick: {
        ...of('sedgeline-n5-2000'),
        m2: { ...(of('sedgeline-n5-2000')['m2'] as Fields), sides: 'one' },
      },
    },
    { 'stick/seat': 'board/m2-2' },
  )
  const stick = boxOf(build, 'stick', 'stick')
  // 6.5 of standoff; 3 of stick under the board
  expect(stick.max[2]).toBeCloseTo(6.5, 6)
  expect(stick.min[2]).toBeCloseTo(6.5 - 3, 6)
  const line = then(build).waysIn.find(w => w.first.startsWith('stick/'))?.line
  expect(line).toMatch(/before the Inlet 3: the tray closes its back once it is in/)
  const steps = then(build).order.steps.map(s => s.kind)
  expect(steps.indexOf('m2')).toBeLessThan(steps.indexOf('board-in'))
})

const UNMET = 'joints/unmet:supply:supply/mount'
describe('a small supply in a large place', () => {
  const withPlate = buildOf({
    ...MACHINE,
    case: of('brackwater-harbour-4'),
    supply: of('dunlin-s300'),
    plate: of('fenwright-plate-sfx'),
  })
  test('goes onto the plate, in its middle: 12.5 in and 11.25 up', () => {
    const ids = then(withPlate).joints.map(j => j.id)
    expect(ids).toEqual(
      expect.arrayContaining(['plate/mount~case/supply', 'supply/mount~plate/supply']),
    )
    const box = boxOf(withPlate, 'supply', 'supply')
    // the place of the case: 5 up, 15 from the tray
    expect(box.min).toEqual([1.5, expect.closeTo(5 + 11.25, 6), expect.closeTo(15 + 12.5, 6)])
    expect(box.max[1]).toBeCloseTo(5 + 11.25 + 63.5, 6)
  })
  test('its length is judged with the plate: 100 and 1.5 of 205', () => {
    expect(finding(then(withPlate), 'fit/supply-length')).toMatchObject({ need: 101.5, have: 205 })
  })
  test('without the plate it finds no place, and the plate is the way out', () => {
    const bare = buildOf({
      ...MACHINE,
      case: of('brackwater-harbour-4'),
      supply: of('dunlin-s300'),
      // Its leads are those of a small box.
      'main-extension': of('dunlin-main-extension'),
      'cpu-extension': of('dunlin-cpu-extension'),
    })
    expect(then(bare).findings.map(f => f.id)).toContain(UNMET)
    const [way] = remediesFor(bare, 'then', UNMET, [part('fenwright-plate-sfx')])
    expect(way?.kind).toBe('adapter')
    const after = way ? change(bare, remedyCommand(way)) : bare
    expect(then(after).findings.map(f => f.id)).not.toContain(UNMET)
  })
})

test('no two solids of one build share a name', () => {
  for (const seed of [1, 2, 3, 4, 5, 6]) {
    const ids = solidsOf(randomBuild(seed)).map(s => s.id)
    expect(new Set(ids).size).toBe(ids.length)
  }
})
