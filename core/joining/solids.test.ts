// Where solids lie: handed from seat to seat with the figures of both.
import { fact, of } from '../figures/quantity'
import { nominalBox, NOTHING, type Spot } from '../geometry/solid'
import { frame } from '../geometry/space'
import { endRef } from '../ids/ids'
import { solid } from '../parts/bodies/solid'
import { end } from '../parts/end'
import { jointOf, outlineOf } from './joint'
import { solidsOf, type Shell } from './solids'

const mm = (name: string, value: number) =>
  of(fact(name, name, 'mm', { value, basis: 'spec', tol: 1 }))
const spotAt = (x: number, y: number, z: number, axes?: string): Spot => ({
  origin: [mm(`x${x}`, x), mm(`y${y}`, y), mm(`z${z}`, z)],
  axes: frame([0, 0, 0], axes).axes,
})
const shell = (id: string, kind: Shell['kind'], about: Partial<Shell> = {}): Shell => ({
  ...{ id, kind, solids: [], seats: [] },
  ...about,
})
const shells: readonly Shell[] = [
  shell('case', 'case', {
    seats: [{ ref: endRef('case', 'tray'), spot: spotAt(0, 185, 8, '+x -y +z') }],
  }),
  shell('board', 'board', {
    solids: [
      solid(
        { key: 'plate', holds: 'whatever sits on it' },
        [NOTHING, mm('d', 170)],
        [NOTHING, mm('e', 170)],
        [mm('t', -2), NOTHING],
      ),
    ],
    seats: [{ ref: endRef('board', 'slot'), spot: spotAt(60, 130, 0) }],
  }),
  shell('stick', 'drive', {
    solids: [
      solid(
        { key: 'stick' },
        [NOTHING, mm('l', 80)],
        [mm('w', -11), mm('v', 11)],
        [NOTHING, mm('h', 3)],
      ),
    ],
  }),
]
const joint = (item: string, key: string, into: string, socket: string) => {
  const at = (of: string, name: string, sex: 'plug' | 'socket') =>
    outlineOf({
      ...{ ref: endRef(of, name), item: of },
      end: end({ key: name, face: 'm2-slot', sex, label: name }),
    })
  return jointOf(at(item, key, 'plug'), at(into, socket, 'socket'), false)
}
/** The stick first: its board is not placed yet. */
const seats = [joint('stick', 'seat', 'board', 'slot'), joint('board', 'mount', 'case', 'tray')]
const found = solidsOf(shells, seats)

test('a stick on a board that hangs upside down in y: x 60 to 140, y 185 − 130 ± 11, z 8 to 11', () => {
  const stick = found.find(s => s.item === 'stick')
  expect(stick && nominalBox(stick)).toEqual({ min: [60, 44, 8], max: [140, 66, 11] })
})

test('it knows the sockets that it sits in, up to the case, and the board that it may touch it', () => {
  expect(found.find(s => s.item === 'stick')?.within).toEqual(['board/slot', 'case/tray'])
  expect(found.find(s => s.item === 'board')?.holds).toEqual(['board/slot'])
})

test('what is not seated lies nowhere', () => {
  expect(solidsOf(shells, seats.slice(0, 1)).map(s => s.item)).toEqual([])
})
