// Cables with several plugs against an oracle that tries every plug for every socket.
import fc from 'fast-check'
import { fact, of } from '../figures/quantity'
import type { EndRef } from '../ids/ids'
import { end } from '../parts/end'
import { runs } from '../test-helpers/runs'
import { chainPlan, type ChainProblem } from './chains'
import type { EndOf } from './joint'

const socket = (n: number): EndOf => ({
  ref: `s${n}/in`,
  item: `s${n}`,
  end: end({ key: 'in', face: 'sata-power', sex: 'socket', label: 'power' }),
})
const plug = (cable: string, n: number): EndOf => ({
  ref: `supply/${cable}.${n}`,
  item: 'supply',
  end: end({
    ...{ key: `${cable}.${n}`, face: 'sata-power', sex: 'plug', label: `plug ${n}`, rank: n },
    lead: {
      length: of(fact(`${cable}.${n}`, 'lead', 'mm', { value: 400 + n, basis: 'spec', tol: 0 })),
      ...{ exit: [0, 0, 0], chain: cable, shared: true },
    },
  }),
})
/** Nobody knows where anything is: what may be joined is all that counts. */
const problem = (
  sockets: number,
  cables: readonly number[],
  fits: ChainProblem['fits'],
): ChainProblem => ({
  plugs: cables.flatMap((many, c) => Array.from({ length: many }, (_, n) => plug(`c${c}`, n))),
  sockets: Array.from({ length: sockets }, (_, n) => socket(n)),
  fits,
  given: () => false,
  frames: new Map(),
  sides: new Map(),
  field: null,
})

/** The sets of sockets that find a plug each, by trying them all. */
function isServable(
  { plugs, fits }: Pick<ChainProblem, 'plugs' | 'fits'>,
  sockets: readonly EndRef[],
): boolean {
  const [first, ...rest] = sockets
  if (first === undefined) return true
  return plugs.some(
    (p, i) =>
      fits(p.ref, first) && isServable({ plugs: plugs.filter((_, k) => k !== i), fits }, rest),
  )
}

test('of four drives on one cable of two plugs each three are told', () => {
  const found = chainPlan(problem(4, [2], () => true))
  expect('blocked' in found && found.blocked.map(set => set.length)).toEqual([3, 3, 3, 3])
})

test('what is served is what can be served, and every smallest set that cannot is told', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 5 }),
      fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 3 }),
      fc.array(fc.boolean(), { minLength: 45, maxLength: 45 }),
      (sockets, cables, allowed) => {
        const named = new Map<string, boolean>()
        const fits = (p: EndRef, s: EndRef): boolean => {
          const name = `${p} ${s}`
          if (!named.has(name)) named.set(name, allowed[named.size] ?? false)
          return named.get(name) ?? false
        }
        const asked = problem(sockets, cables, fits)
        const all = asked.sockets.map(s => s.ref)
        const found = chainPlan(asked)
        expect('pairs' in found).toBe(isServable(asked, all))
        if ('pairs' in found) {
          expect(found.pairs.map(p => p.socket).sort()).toEqual(all)
          expect(new Set(found.pairs.map(p => p.plug)).size).toBe(all.length)
          expect(found.pairs.every(p => fits(p.plug, p.socket))).toBe(true)
          return
        }
        const subsets = Array.from({ length: 2 ** all.length }, (_, mask) =>
          all.filter((_ref, i) => (mask & (1 << i)) !== 0),
        )
        const smallest = subsets.filter(
          set =>
            !isServable(asked, set) &&
            set.every(s =>
              isServable(
                asked,
                set.filter(o => o !== s),
              ),
            ),
        )
        const names = (sets: readonly (readonly EndRef[])[]) => sets.map(s => s.join(' ')).sort()
        expect(names(found.blocked)).toEqual(names(smallest))
      },
    ),
    { numRuns: runs(200) },
  )
})
