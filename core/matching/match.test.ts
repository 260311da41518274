import fc from 'fast-check'
import highsLoader from 'highs'
import { pairId, type Candidate } from './candidate'
import { add, FREE, less, STRIFE, type Cost } from './cost'
import { match } from './match'
import { NO_RULES, type Demand, type MatchProblem } from './problem'

const cost = (gravity: number, rank: number, length: number): Cost => [
  0,
  0,
  0,
  0,
  0,
  gravity,
  0,
  rank,
  length,
]

/**
 * Small problems with everything in them: demands of all needs, exclusions, ends that go together.
 */
const problems: fc.Arbitrary<MatchProblem> = fc
  .record({ plugs: fc.integer({ min: 1, max: 5 }), sockets: fc.integer({ min: 1, max: 5 }) })
  .chain(({ plugs, sockets }) => {
    const P = Array.from({ length: plugs }, (_, i) => `p/${i}` as const)
    const S = Array.from({ length: sockets }, (_, i) => `s/${i}` as const)
    const ends = [...P, ...S]
    return fc
      .record({
        demands: fc
          .subarray(ends)
          .chain(refs =>
            fc.tuple(
              ...refs.map(ref =>
                fc
                  .tuple(fc.constantFrom('must', 'should', 'may'), fc.boolean())
                  .map(([need, seat]) => ({ id: ref, need, seat, refs: [ref] }) as const),
              ),
            ),
          ),
        candidates: fc
          .subarray(P.flatMap(plug => S.map(socket => ({ plug, socket }))))
          .chain(pairs =>
            fc.tuple(
              ...pairs.map(pair =>
                fc
                  .record({
                    g: fc.integer({ min: 0, max: 2 }),
                    r: fc.integer({ min: 0, max: 3 }),
                    l: fc.integer({ min: 0, max: 9 }),
                  })
                  .map(({ g, r, l }) => ({ ...pair, cost: cost(g, r, l) })),
              ),
            ),
          ),
        excludes: plugs > 1 ? fc.constantFrom([], [['p/0', 'p/1'] as const]) : fc.constant([]),
        follows:
          plugs > 3
            ? fc.constantFrom(
                [],
                [['p/2', 'p/3'] as const],
                [['p/2', 'p/3'] as const, ['p/3', 'p/2'] as const],
              )
            : fc.constant([]),
        pins: fc.constant([]),
        shutting: fc.option(
          fc.record({ by: fc.nat({ max: 9 }), what: fc.subarray(ends, { maxLength: 2 }) }),
          { nil: undefined },
        ),
        clause: fc.option(fc.array(fc.nat({ max: 9 }), { minLength: 1, maxLength: 2 }), {
          nil: undefined,
        }),
        strife: fc.option(fc.array(fc.nat({ max: 9 }), { minLength: 1, maxLength: 3 }), {
          nil: undefined,
        }),
        limit: fc.option(fc.integer({ min: 0, max: 4 }), { nil: undefined }),
        anyOf: fc.boolean(),
      })
      .map(
        ({
          demands,
          candidates,
          excludes,
          follows,
          pins,
          shutting,
          clause,
          strife,
          limit,
          anyOf,
        }): MatchProblem => {
          const named = candidates.map((c, i) =>
            shutting?.by === i
              ? { ...c, shuts: shutting.what.filter(ref => ref !== c.plug && ref !== c.socket) }
              : c,
          )
          const pairsAt = (places: readonly number[]): readonly string[] =>
            places.flatMap(i => {
              const c = named[i]
              return c ? [pairId(c)] : []
            })
          const inClause = pairsAt(clause ?? [])
          const inStrife = pairsAt(strife ?? [])
          return {
            demands: anyOf
              ? [...demands, { id: 'any', need: 'should', refs: ['s/0', 's/1'] }]
              : demands,
            candidates: named,
            excludes,
            follows,
            pins,
            before: [],
            foremost: [],
            clauses: inClause.length > 0 ? [inClause.map(id => [id])] : [],
            // The last two of three are one set: either of them will do.
            strifes:
              inStrife.length > 0
                ? [[inStrife.slice(0, 1), ...(inStrife.length > 1 ? [inStrife.slice(1)] : [])]]
                : [],
            budgets:
              limit === undefined
                ? []
                : [
                    {
                      sockets: S.slice(0, 3),
                      limit,
                      takes: Object.fromEntries(P.map((p, i) => [p, i + 1])),
                    },
                  ],
          }
        },
      )
  })

const NEEDS = ['must', 'should', 'may'] as const
const unmetCost = ({ need, seat }: Demand): Cost => [
  need === 'must' ? 1 : 0,
  need === 'must' && seat === true ? 1 : 0,
  need === 'should' ? 1 : 0,
  need === 'may' ? 1 : 0,
  0,
  0,
  0,
  0,
  0,
]

/** The rules of a problem, asked of a whole choice at once. */
function isAllowed(
  { excludes, follows, clauses, budgets }: MatchProblem,
  chosen: readonly Candidate[],
): boolean {
  const used = new Set<string>(chosen.flatMap(o => [o.plug, o.socket]))
  const ids = new Set<string>(chosen.map(pairId))
  return (
    !excludes.some(([a, b]) => used.has(a) && used.has(b)) &&
    !follows.some(([a, b]) => used.has(a) && !used.has(b)) &&
    !chosen.some(c => c.shuts?.some(ref => used.has(ref))) &&
    !clauses.some(clause => clause.every(set => set.some(id => ids.has(id)))) &&
    budgets.every(
      b =>
        chosen
          .filter(c => b.sockets.includes(c.socket))
          .reduce((sum, c) => sum + (b.takes[c.plug] ?? 0), 0) <= b.limit,
    )
  )
}

const strifeOf = ({ strifes }: MatchProblem, chosen: readonly Candidate[]): readonly Cost[] => {
  const ids = chosen.map(pairId) as readonly string[]
  return strifes.flatMap(sets =>
    sets.every(set => set.some(id => ids.includes(id))) ? [STRIFE] : [],
  )
}

/** Every subset of candidates that is allowed, priced: the plainest oracle there is. */
function bruteForce(problem: MatchProblem): Cost {
  const { demands, candidates } = problem
  let best: Cost | null = null
  const visit = (i: number, chosen: readonly Candidate[]): void => {
    const c = candidates[i]
    if (c) {
      visit(i + 1, chosen)
      if (!chosen.some(o => o.plug === c.plug || o.socket === c.socket))
        visit(i + 1, [...chosen, c])
      return
    }
    const used = new Set<string>(chosen.flatMap(o => [o.plug, o.socket]))
    if (!isAllowed(problem, chosen)) return
    const unmet = demands.filter(d => !d.refs.some(r => used.has(r)))
    const price = [
      ...chosen.map(o => o.cost),
      ...unmet.map(unmetCost),
      ...strifeOf(problem, chosen),
    ].reduce(add, FREE)
    if (!best || less(price, best)) best = price
  }
  visit(0, [])
  return best ?? FREE
}

test('the best of all ways, against trying them all', () => {
  fc.assert(
    fc.property(problems, problem => {
      const found = match(problem)
      expect(found.exact).toBe(true)
      expect(found.cost).toEqual(bruteForce(problem))
    }),
    { numRuns: 300 },
  )
})

test('what is chosen is allowed, and costs what it says', () => {
  fc.assert(
    fc.property(problems, problem => {
      const { pairs, unmet, cost: total } = match(problem)
      const used = pairs.flatMap(p => [p.plug, p.socket])
      expect(new Set(used).size).toBe(used.length)
      expect(isAllowed(problem, pairs)).toBe(true)
      const price = [
        ...pairs.map(p => p.cost),
        ...problem.demands.filter(d => unmet.includes(d.id)).map(unmetCost),
        ...strifeOf(problem, pairs),
      ].reduce(add, FREE)
      expect(price).toEqual(total)
    }),
  )
})

/** One weight each level: far enough apart that no sum of a lower one reaches a higher one. */
const weight = (c: Cost): number =>
  c.reduce((sum, v, i) => sum + v * ([1e6, 1e5, 1e4, 1e3, 0, 0, 0, 0, 1][i] ?? 0), 0)

/** Names in integer programs are letters and digits. */
const lp = ({ demands, candidates }: MatchProblem): string => {
  const x = candidates.map((_, i) => `x${i}`)
  const u = demands.map((_, i) => `u${i}`)
  const ends = [...new Set(candidates.flatMap(c => [c.plug, c.socket]))]
  const rows = [
    ...ends.map(
      e =>
        `${candidates.flatMap((c, i) => (c.plug === e || c.socket === e ? [x[i]] : [])).join(' + ')} <= 1`,
    ),
    ...demands.map(({ refs }, i) => {
      const serving = candidates.flatMap((c, k) =>
        refs.includes(c.plug) || refs.includes(c.socket) ? [x[k]] : [],
      )
      return `${[u[i], ...serving].join(' + ')} >= 1`
    }),
  ]
  const objective = [
    ...candidates.map((c, i) => `${weight(c.cost)} x${i}`),
    ...demands.map((d, i) => `${weight(unmetCost(d))} u${i}`),
  ]
  return (
    `Minimize\n obj: ${objective.join(' + ') || '0 z'}\nSubject ` +
    `To\n${rows.map((r, i) => ` c${i}: ${r}`).join('\n') || ' c0: z <= 1'}\nBinary\n ` +
    `${[...x, ...u, 'z'].join(' ')}\nEnd`
  )
}

test('larger ones, against an integer program', async () => {
  const highs = await highsLoader()
  const random = fc.sample(
    fc.array(fc.integer({ min: 0, max: 99 }), { minLength: 64, maxLength: 64 }),
    { numRuns: 25, seed: 7 },
  )
  for (const numbers of random) {
    const P = Array.from({ length: 8 }, (_, i) => `p/${i}` as const)
    const candidates = numbers.flatMap((n, i) =>
      n % 3 === 0
        ? [
            {
              plug: `p/${i % 8}` as const,
              socket: `s/${Math.floor(i / 8)}` as const,
              cost: cost(0, 0, n),
            },
          ]
        : [],
    )
    const problem: MatchProblem = {
      demands: P.map((id, i) => ({ id, need: NEEDS[i % 3] ?? 'may', seat: i % 2 > 0, refs: [id] })),
      candidates,
      ...NO_RULES,
    }
    const found = match(problem)
    const solved = highs.solve(lp(problem))
    expect(weight(found.cost)).toBeCloseTo(solved.ObjectiveValue, 3)
  }
})

test('what was chosen before and is pinned since changes nothing of the rest', () => {
  fc.assert(
    fc.property(problems, fc.nat(), (problem, which) => {
      const found = match(problem)
      const pinned = found.pairs.filter((_, i) => (which >> i) & 1)
      const again = match({
        ...problem,
        pins: pinned.map(p => [p.plug, p.socket] as const),
        before: found.pairs.map(pairId),
      })
      expect(again.pairs.map(pairId)).toEqual(found.pairs.map(pairId))
    }),
  )
})

test('not first come first served: the pickier plug gets the only socket it fits', () => {
  const problem: MatchProblem = {
    demands: [
      { id: 'a/plug', need: 'must', refs: ['a/plug'] },
      { id: 'b/plug', need: 'must', refs: ['b/plug'] },
    ],
    candidates: [
      { plug: 'a/plug', socket: 's/1', cost: cost(0, 0, 1) },
      { plug: 'a/plug', socket: 's/2', cost: cost(0, 0, 9) },
      { plug: 'b/plug', socket: 's/1', cost: cost(0, 0, 1) },
    ],
    ...NO_RULES,
  }
  expect(match(problem).pairs.map(p => `${p.plug}${p.socket}`)).toEqual(['a/plugs/2', 'b/plugs/1'])
})

test('equal ways: the first in canonical order; a pin rules; the limit is told', () => {
  const problem = (pins: MatchProblem['pins']): MatchProblem => ({
    demands: (['a/plug', 'b/plug'] as const).map(id => ({ id, need: 'must', refs: [id] })),
    candidates: (['a/plug', 'b/plug'] as const).flatMap(plug =>
      (['s/1', 's/2'] as const).map(socket => ({ plug, socket, cost: FREE })),
    ),
    ...NO_RULES,
    pins,
  })
  expect(match(problem([])).pairs.map(p => p.socket)).toEqual(['s/1', 's/2'])
  expect(match(problem([['a/plug', 's/2']])).pairs.map(p => p.socket)).toEqual(['s/2', 's/1'])
})

test('what cannot be solved within the limit says so', () => {
  const hard: MatchProblem = {
    demands: [
      { id: 'a/plug', need: 'must', refs: ['a/plug'] },
      { id: 'b/plug', need: 'must', refs: ['b/plug'] },
    ],
    candidates: (['a/plug', 'b/plug'] as const).map((plug, i) => ({
      plug,
      socket: `s/${i}` as const,
      cost: FREE,
    })),
    ...NO_RULES,
    excludes: [['a/plug', 'b/plug']],
  }
  expect([match(hard).exact, match(hard).unmet.length, match(hard, 1).exact]).toEqual([
    true,
    1,
    false,
  ])
})
