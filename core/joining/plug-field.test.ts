// The plug side of a supply, by hand, and the choice among like sockets against trying all of them.
import fc from 'fast-check'
import { at } from '../collections/at'
import type { Vec3 } from '../geometry/space'
import { bestSockets, onSide, plugSideOf, type CableThere, type SocketThere } from './plug-field'

describe('in a tower, the body from (0, 8, 20) to (160, 94, 170), its plugs to the front', () => {
  const body = { min: [0, 8, 20], max: [160, 94, 170] } as const
  test('the fan below: 10 from the left is 10 from the near panel’s side, 30 up is 30 over the floor’s', () => {
    const side = plugSideOf(body, [1, 0, 0], [0, 1, 0])
    expect([side.width, side.height]).toEqual([150, 86])
    expect(onSide(side, [10, 30])).toEqual([160, 38, 160])
  })
  test('turned over, both count from the other side', () => {
    const side = plugSideOf(body, [1, 0, 0], [0, -1, 0])
    expect(onSide(side, [10, 30])).toEqual([160, 64, 30])
  })
})

test('its plugs to the rear, left is at the tray', () => {
  const body = { min: [215, 10, 5], max: [315, 73.5, 130] } as const
  const side = plugSideOf(body, [-1, 0, 0], [0, 1, 0])
  expect(onSide(side, [0, 0])).toEqual([215, 10, 5])
  expect(onSide(side, [20, 5])).toEqual([215, 15, 25])
})

test('lying on its side, the fan to the far panel: across is up', () => {
  const body = { min: [0, 10, -100], max: [180, 160, -14] } as const
  const side = plugSideOf(body, [1, 0, 0], [0, 0, 1])
  expect([side.width, side.height]).toEqual([150, 86])
  expect(onSide(side, [30, 20])).toEqual([180, 40, -80])
})

const distance = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
const socket = (key: string, at: Vec3, lacks = 0): SocketThere => ({ key, at, lacks })
/** A cable whose way is straight. */
const cable = (
  name: string,
  into: readonly string[],
  goal: Vec3 | null,
  takes = 1,
): CableThere => ({
  ...{ supply: 's', cable: name, into, takes },
  leads: [{ way: from => goal && distance(from, goal), mm: null }],
})

test('each lead from the socket that is nearest to where it goes, the pickier one before', () => {
  const sockets = [socket('a', [0, 0, 0]), socket('b', [0, 50, 0]), socket('c', [0, 100, 0])]
  const found = bestSockets(
    [
      cable('high', ['a', 'b', 'c'], [0, 300, 0]),
      cable('low', ['a', 'b', 'c'], [0, -100, 0]),
      cable('only', ['c'], [0, 0, 0]),
    ],
    sockets,
  )
  expect(Object.fromEntries(found ?? [])).toEqual({ only: ['c'], high: ['b'], low: ['a'] })
})

test('20 mm of lead are given for 5 mm that a hand lacks, and 30 are not', () => {
  const chosen = (farther: number) =>
    bestSockets(
      [cable('one', ['near', 'far'], [100, 0, 0])],
      [socket('near', [0, 0, 0], 5), socket('far', [-farther, 0, 0])],
    )?.get('one')
  expect(chosen(20)).toEqual(['far'])
  expect(chosen(30)).toEqual(['near'])
})

test('what would hardly reach has the near socket before what has plenty', () => {
  const sockets = [socket('near', [0, 0, 0]), socket('far', [-40, 0, 0])]
  const so = (name: string, goal: Vec3, mm: number): CableThere => ({
    ...cable(name, ['near', 'far'], goal),
    leads: [{ way: from => distance(from, goal), mm }],
  })
  const leads = (scarce: number) => [
    so('first', [200, 0, 0], 800),
    so('second', [200, 30, 0], scarce),
  ]
  // From the far socket it is 242: 270 is less than a quarter more, and 800 plenty.
  expect(bestSockets(leads(270), sockets)?.get('second')).toEqual(['near'])
  expect(bestSockets(leads(800), sockets)?.get('second')).toEqual(['far'])
})

test('more cables than sockets: none', () => {
  const two = ['x', 'y'].map(name => cable(name, ['a'], null))
  expect(bestSockets(two, [socket('a', [0, 0, 0])])).toBeNull()
})

test('against trying all ways', () => {
  const KEYS = ['a', 'b', 'c', 'd']
  const point = fc.tuple(fc.integer({ min: 0, max: 150 }), fc.integer({ min: 0, max: 80 }))
  const wanted = fc.tuple(
    fc.subarray(KEYS, { minLength: 1 }),
    point,
    fc.integer({ min: 1, max: 2 }),
  )
  const lackings = fc.array(fc.integer({ min: 0, max: 12 }), { minLength: 4, maxLength: 4 })
  fc.assert(
    fc.property(
      fc.array(wanted, { minLength: 1, maxLength: 3 }),
      fc.array(point, { minLength: 4, maxLength: 4 }),
      lackings,
      (cables, points, lacks) => {
        const sockets = KEYS.map((key, i) =>
          socket(key, [0, ...at(points, i)] as const, at(lacks, i)),
        )
        const there = cables.map(([into, goal, takes], i) =>
          cable(`c${i}`, into, [200, ...goal] as const, takes),
        )
        const priceOf = (c: CableThere, key: string): number => {
          const own = sockets.find(s => s.key === key)
          return own ? (c.leads[0]?.way(own.at) ?? 0) + 5 * own.lacks : Infinity
        }
        /** The least that all of them cost, each in sockets of its own. */
        const least = (rows: readonly CableThere[], free: readonly string[]): number => {
          const [row, ...rest] = rows
          if (!row) return 0
          const own = row.into.filter(key => free.includes(key))
          return Math.min(
            Infinity,
            ...own.map(
              key =>
                priceOf(row, key) +
                least(
                  rest,
                  free.filter(k => k !== key),
                ),
            ),
          )
        }
        const best = least(
          there.flatMap(c => Array.from({ length: c.takes }, () => c)),
          KEYS,
        )
        const found = bestSockets(there, sockets)
        if (best === Infinity) return expect(found).toBeNull()
        const paid = there.reduce(
          (sum, c) => (found?.get(c.cable) ?? []).reduce((s, key) => s + priceOf(c, key), sum),
          0,
        )
        const taken = [...(found?.values() ?? [])].flat()
        expect(new Set(taken).size).toBe(there.reduce((sum, c) => sum + c.takes, 0))
        // Costs are told apart by tenths of a millimetre, rows of them.
        expect(paid - best).toBeLessThan(0.1 * taken.length + 1e-6)
      },
    ),
  )
})
