// Which socket each cable begins at, against trying all ways to deal the sockets out.
import fc from 'fast-check'
import type { Layout } from '../case/layout'
import { fact, of } from '../figures/quantity'
import type { Vec3 } from '../geometry/space'
import { end } from '../parts/end'
import { runs } from '../test-helpers/runs'
import type { Field } from '../ways/field'
import { fromSockets } from './at-sockets'
import type { EndOf } from './joint'
import type { Line } from './lines'
import { plugSideOf, type PlugSides } from './plug-field'

/** One room with nothing in it: a way is straight, 20 of slack come on top. */
const layout: Layout = {
  inner: { x: 2000, y: 400, z: 200, behind: 0 },
  ...{ tray: [0, 0, 0], supply: [0, 0, 0], leadsFrom: [0, 0, 0] },
  rooms: [{ key: 'all', min: [0, 0, 0], max: [2000, 400, 200] }],
  ...{ openings: [], assumed: false, boardUnsure: 0, bayEnds: [], ties: null, channels: [] },
}
const field: Field = { layout, bodies: [], zones: [] }

const KEYS = ['a', 'b', 'c'] as const
/** Sockets 120 apart from rear to front, at the height of what is plugged in. */
const AT: Readonly<Record<string, Vec3>> = {
  ...{ a: [100, 100, 50], b: [220, 100, 50], c: [340, 100, 50] },
}
const sides: PlugSides = new Map([
  [
    's',
    {
      side: plugSideOf({ min: [0, 0, 0], max: [400, 100, 100] }, [0, 1, 0], [0, 0, 1]),
      fan: null,
      sockets: KEYS.map(key => ({
        ...{ key, label: key, onSide: [0, 0] as const, at: AT[key] ?? [0, 0, 0], lacks: 0 },
      })),
    },
  ],
])

const mm = (ref: string, value: number) =>
  of(fact(ref, 'lead', 'mm', { value, basis: 'spec', tol: 0 }))
const ends = (item: string, key: string, lead: EndOf['end']['lead']): EndOf => ({
  ...{ ref: `${item}/${key}` as const, item },
  end: end({ key, face: 'cpu-8', sex: 'plug', label: key, lead }),
})
/** A cable of a supply that goes into some of its sockets, with its lead to (x, 100, 50). */
function cable(name: string, into: readonly string[], long: number, x: number, takes = 1): Line {
  const atSupply = { into, takes, fromMiddle: 0 }
  const exit: Vec3 = [220, 100, 50]
  const first = ends('s', name, { length: mm(name, long), exit, chain: name, atSupply })
  const goal = ends('board', name, null)
  return {
    ...{ pairs: [{ plug: first.ref, socket: goal.ref }], first, goal, after: null },
    ...{ from: exit, to: [x, 100, 50], length: mm(name, long) },
  }
}
const dealt = (lines: readonly Line[], isGiven = (_: Line): boolean => false) =>
  fromSockets(lines, { sides, field, isGiven })

/** A way of 5 for places, 40, and 12 % of it, may be longer than told: so short is too short. */
const isShort = (long: number, way: number): boolean => long - (way + 20) < -(45 + 0.12 * way)

test('a lead that reaches from one socket only has that, and the other the next', () => {
  // To x = 800: 460 and 20 from c; 700 from a, of which 45 and 84 may be wrong: 571 and more are asked.
  const lines = [cable('long', [...KEYS], 2000, 800), cable('brief', [...KEYS], 460, 800)]
  const found = dealt(lines)
  expect(Object.fromEntries(found.sockets)).toEqual({ 's brief': ['c'], 's long': ['b'] })
  expect(found.lines.map(l => l.from)).toEqual([AT['b'], AT['c']])
  expect(found.tooMany).toEqual([])
})

test('two that reach from one socket only: both are told, each begins where it is nearest', () => {
  const lines = ['one', 'two'].map(name => cable(name, [...KEYS], 430, 800))
  const found = dealt([...lines, cable('long', [...KEYS], 2000, 800)])
  expect(found.tooMany.map(set => set.map(l => l.first.end.key))).toEqual([['one', 'two']])
  expect(found.nearest.map(l => l.from)).toEqual([AT['c'], AT['c'], AT['c']])
})

test('a cable that takes two sockets begins between them, and may reach from there', () => {
  // From c it needs 480, from b 600, of which 115 may be wrong: 460 is too short. From between them it
  // needs 540, and 107 may be wrong.
  const found = dealt([cable('main', ['b', 'c'], 460, 800, 2)])
  expect(found.tooMany).toEqual([])
  expect(found.lines[0]?.from).toEqual([280, 100, 50])
})

test('what a hand has plugged is asked for no length', () => {
  const lines = ['one', 'two'].map(name => cable(name, [...KEYS], 430, 800))
  const found = dealt(lines, line => line.first.end.key === 'two')
  expect(found.tooMany).toEqual([])
  expect(found.sockets.get('s one')).toEqual(['c'])
})

test('no socket is left: what lies in the box begins at the nearest', () => {
  const lines = ['one', 'two'].map(name => cable(name, ['a'], 2000, 800))
  const found = dealt(lines)
  expect([...found.sockets]).toEqual([])
  expect(found.lines.map(l => l.from)).toEqual([AT['a'], AT['a']])
})

test('against trying all: none is short where there is a way, and what is told is told rightly', () => {
  const wanted = fc.tuple(
    fc.subarray([...KEYS], { minLength: 1 }),
    fc.integer({ min: 100, max: 900 }),
    fc.integer({ min: 0, max: 1900 }),
  )
  /** Whether each line can have a socket of its own from which it reaches. */
  const canAll = (
    lines: readonly Line[],
    long: readonly number[],
    free: readonly string[],
  ): boolean => {
    const [line, ...rest] = lines
    const [own = 0, ...others] = long
    if (!line) return true
    return free.some(key => {
      const way = Math.abs((AT[key]?.[0] ?? 0) - line.to[0])
      const into = line.first.end.lead?.atSupply?.into ?? []
      if (!into.includes(key) || isShort(own, way)) return false
      return canAll(
        rest,
        others,
        free.filter(k => k !== key),
      )
    })
  }
  fc.assert(
    fc.property(fc.array(wanted, { minLength: 1, maxLength: 3 }), cables => {
      const lines = cables.map(([into, long, x], i) => cable(`c${i}`, into, long, x))
      const longOf = (of: readonly Line[]): readonly number[] =>
        of.map(l => cables[lines.findIndex(o => o.first.ref === l.first.ref)]?.[1] ?? 0)
      const found = dealt(lines)
      if (canAll(lines, longOf(lines), KEYS)) {
        expect(found.tooMany).toEqual([])
        const short = found.lines.filter((l, i) =>
          isShort(longOf(lines)[i] ?? 0, Math.abs(l.from[0] - l.to[0])),
        )
        expect(short).toEqual([])
      }
      for (const set of found.tooMany) {
        const able = set.filter(l => canAll([l], longOf([l]), KEYS))
        // What reaches from nowhere is told by itself; here it takes part with every socket it has.
        if (able.length === set.length) expect(canAll(set, longOf(set), KEYS)).toBe(false)
      }
    }),
    { numRuns: runs(300) },
  )
})
