// Every school's order is looked at by a validator that knows joints and hands, not the program's
// edges; sequences against all permutations.
import { runs } from '../test-helpers/runs'
import fc from 'fast-check'
import { orderSchools } from '../analysis/analyse'
import type { Build } from '../document/build'
import { avocet, change, plover, teal, then } from '../test-helpers/demos'
import { BUILD_ORDERS, type BuildOrder } from '../document/build-orders'
import { HABITS, type Weights } from './habits'
import type { Timed } from './pace'
import { sequenced } from './sequence'
import type { Edge, Step, StepKind } from './step'
import { task } from './steps/task'

const bySchool = (build: Build, school: BuildOrder): readonly Step[] =>
  then(change(build, { do: 'chooseOrder', school })).order.steps

/** Whether a socket is a port that its board's maker turned to the side. */
const opensSideways = (build: Build, socket: string): boolean =>
  build.items.some(
    ({ id, part: p }) =>
      p.kind === 'board' &&
      p.headers?.some(h => `${id}/${h.key}` === socket && h.points === 'side') === true,
  )

/** Avocet with a USB header under its long card, which opens to the board's side. */
function beneathTheCard(): Build {
  const board = avocet.items.find(i => i.id === 'board')?.part
  if (board?.kind !== 'board') throw new Error('Avocet has no board')
  const headers = board.headers?.map(h =>
    h.key === 'usb2-1' ? { ...h, at: [243, 215], points: 'side' } : h,
  )
  return change(avocet, {
    do: 'swapPart',
    id: 'board',
    part: { ...board, headers },
    figures: {},
  })
}

/** What no order may break: walked through as hands would, with what is in its place so far. */
function faults(list: readonly Step[], build: Build): readonly string[] {
  const kindOf = (item: string): string => build.items.find(i => i.id === item)?.part.kind ?? ''
  const plugs = new Set(
    then(build)
      .joints.filter(j => j.kind === 'plug')
      .map(j => j.id),
  )
  const sits = new Set(
    list
      .flatMap(s => s.joints)
      .filter(j => !plugs.has(j))
      .map(j => j.split('/')[0] ?? ''),
  )
  const placed = new Set<string>()
  const inSlot = new Map<string, boolean>()
  const done = new Set<StepKind>()
  const found: string[] = []
  const say = (wrong: boolean, what: string): void => {
    if (wrong) found.push(what)
  }
  list.forEach((step, at) => {
    const rest = list.slice(at + 1)
    const left = (...kinds: StepKind[]): boolean => rest.some(s => kinds.includes(s.kind))
    for (const card of step.under)
      say(inSlot.get(card) === true, `${step.title}: under a card that is in`)
    for (const joint of step.joints) {
      const [plug = '', socket = ''] = joint.split('~')
      const [from = '', to = ''] = [plug.split('/')[0], socket.split('/')[0]]
      if (!plugs.has(joint)) {
        if (plug !== 'board/shield') placed.add(from)
      } else {
        say(sits.has(from) && !placed.has(from), `${step.title}: ${from} is not in its place`)
        // The cooler's own plug goes in while the board lies on the table, and what is plugged at
        // its side.
        const isLead = kindOf(from) === 'lead'
        const onTable = kindOf(from) === 'cooler' || (isLead && opensSideways(build, socket))
        say(sits.has(to) && !placed.has(to) && !onTable, `${step.title}: ${to} is not in its place`)
      }
      say(
        kindOf(from) === 'card' && plug.endsWith('/seat') && !placed.has('board'),
        `${step.title}: no board to seat it in`,
      )
      say(
        kindOf(from) === 'cooler' &&
          plug.endsWith('/mount') &&
          list
            .slice(at)
            .some(s => s.kind === 'processor' || s.kind === 'memory' || s.kind === 'm2'),
        `${step.title}: over what is not in yet`,
      )
    }
    if (step.kind === 'card' || step.kind === 'refit')
      inSlot.set(step.kind === 'card' ? step.id : step.id.split(':').slice(2).join(':'), true)
    if (step.kind === 'take-out') inSlot.set(step.id.split(':').slice(2).join(':'), false)
    if (step.kind === 'card')
      say(
        left('covers') &&
          rest.some(s => s.kind === 'covers' && s.items.includes(step.items[0] ?? '')),
        `${step.title}: its covers are still on`,
      )
    if (step.kind === 'board-in')
      say(
        left('standoffs', 'shield', 'bench-start', 'bench-clear'),
        'board in before what lies under it or was lent to it',
      )
    if (step.kind === 'first-power') {
      say([...inSlot.values()].includes(false), 'first power with a card out')
      say(
        rest.some(s => s.joints.length > 0 || s.kind === 'firmware' || s.kind === 'refit'),
        'first power before all is joined',
      )
      say(done.has('dress') || done.has('panels-on'), 'dressed or closed before the proof')
    }
    if (step.kind === 'panels-on')
      say(left('dress', 'first-power'), 'closed before it is dressed and proved')
    if (step.kind === 'bench-start')
      say(
        !done.has('processor') || !done.has('memory') || !done.has('cooler'),
        'started on the table without the least it needs',
      )
    done.add(step.kind)
  })
  return found
}

describe.each([
  ['Avocet', avocet],
  ['Plover', plover],
] as const)('%s', (_name, build) => {
  test.each(BUILD_ORDERS)(
    'by the school %s nothing is broken, and every joint is made once',
    school => {
      const list = bySchool(build, school)
      expect(faults(list, build)).toEqual([])
      expect(list.flatMap(s => s.joints).sort()).toEqual(
        then(build)
          .joints.map(j => j.id)
          .sort(),
      )
      expect(new Set(list.map(s => s.id)).size).toBe(list.length)
    },
  )
})

test('the validator sees a card that lies over a plug, a start without memory, a case closed too early', () => {
  const list = bySchool(avocet, 'board-first')
  const moved = (kind: StepKind, to: number): readonly Step[] => {
    const s = list.find(x => x.kind === kind)
    const rest = list.filter(x => x !== s)
    return s ? rest.toSpliced(to, 0, s) : list
  }
  expect(
    faults(moved('card', list.findIndex(s => s.kind === 'board-in') + 1), avocet).join(),
  ).toMatch(/under a card that is in|not in its place|covers are still on/)
  expect(faults(moved('panels-on', 10), avocet).join()).toMatch(/closed before/)
  expect(faults(moved('processor', list.length - 4), avocet).join()).toMatch(
    /over what is not in yet/,
  )
})

describe('the schools differ on Avocet as they say they do', () => {
  const at = (school: BuildOrder, kind: StepKind, item?: string): number =>
    bySchool(avocet, school).findIndex(
      s => s.kind === kind && (item === undefined || s.items.includes(item)),
    )
  test('supply first, after the board, last', () => {
    expect(at('supply-first', 'supply-in')).toBeLessThan(at('supply-first', 'board-in'))
    expect(at('board-first', 'supply-in')).toBeGreaterThan(at('board-first', 'board-in'))
    const last = bySchool(avocet, 'supply-last')
    expect(
      last
        .slice(at('supply-last', 'supply-in'))
        .filter(s =>
          ['small-plug', 'panel', 'fan-plug', 'data-plug', 'fan', 'drive'].includes(s.kind),
        ),
    ).toEqual([])
  })
  test('the processor’s lead is laid before the board in two of them', () => {
    for (const school of BUILD_ORDERS) {
      const early = HABITS[school].lead === 'early'
      expect(at(school, 'lay-lead') >= 0).toBe(early)
      if (early) expect(at(school, 'lay-lead')).toBeLessThan(at(school, 'board-in'))
    }
  })
  test('card early: it comes out again for what lies beneath it, and goes back', () => {
    const list = bySchool(beneathTheCard(), 'card-early')
    const [out, back] = [
      list.filter(s => s.kind === 'take-out'),
      list.filter(s => s.kind === 'refit'),
    ]
    expect([out.length, back.length]).toEqual([1, 1])
    expect(list.indexOf(out[0] as Step)).toBeLessThan(list.indexOf(back[0] as Step))
    expect(at('card-early', 'card', 'card')).toBeLessThan(at('card-early', 'power-plug'))
    expect(
      list
        .filter(s => s.kind === 'take-out' || s.kind === 'refit')
        .every(s => s.minutes > 0 && s.does.length > 0),
    ).toBe(true)
  })
  test('the table: what each costs on this build, counted anew from its steps', () => {
    const build = beneathTheCard()
    const rows = orderSchools(build, 'then')
    expect(rows.map(r => r.school)).toEqual([...BUILD_ORDERS])
    expect(rows.map(r => r.differs === null)).toEqual(BUILD_ORDERS.map(s => s === 'board-first'))
    for (const row of rows) {
      const list = bySchool(build, row.school)
      expect(row.minutes).toBe(list.reduce((sum, s) => sum + s.minutes, 0))
      expect(row.turns).toBe(list.filter((s, i) => i > 0 && s.pose !== list[i - 1]?.pose).length)
      expect(row.toolChanges).toBe(
        list.flatMap(s => s.tools[0] ?? []).filter((t, i, all) => i > 0 && t !== all[i - 1]).length,
      )
      // What is lent for a start on the table is plugged again; a card that came out goes in again.
      expect(row.twice).toBe(
        list.filter(s => s.kind === 'refit').length +
          list.filter(s => s.kind === 'bench-clear').reduce((n, s) => n + s.details.length, 0),
      )
      const proof = list.findIndex(s =>
        ['bench-start', 'milestone', 'first-power'].includes(s.kind),
      )
      expect(row.firstProof).toBe(list.slice(0, proof + 1).reduce((sum, s) => sum + s.minutes, 0))
    }
    const of = (school: BuildOrder) => {
      const row = rows.find(r => r.school === school)
      if (!row) throw new Error(school)
      return row
    }
    expect(of('proof-first').firstProof).toBeLessThan(of('board-first').firstProof / 2)
    expect(of('proof-first').minutes).toBeGreaterThan(of('board-first').minutes)
    expect(of('card-early').twice).toBeGreaterThan(of('board-first').twice)
  })
})

test('a build order that changes nothing is no choice; the one that is chosen stays', () => {
  const sequence = (school: BuildOrder): string =>
    bySchool(teal, school)
      .map(s => s.id)
      .join()
  // Teal's cooler hangs on a radiator: there is no start on the table, so "proof first" starts where
  // "board first" does.
  for (const chosen of BUILD_ORDERS) {
    const rows = orderSchools(change(teal, { do: 'chooseOrder', school: chosen }), 'then')
    expect(rows.map(r => r.school)).toContain(chosen)
    const sequences = rows.map(r => sequence(r.school))
    expect(new Set(sequences).size).toBe(sequences.length)
    const missing = BUILD_ORDERS.filter(s => !rows.some(r => r.school === s))
    for (const school of missing) expect(sequences).toContain(sequence(school))
  }
})

describe('pins by hand', () => {
  const list = bySchool(plover, 'board-first')
  test('a step is put before another, and the order keeps it', () => {
    const [fan, drive] = [list.find(s => s.kind === 'fan'), list.find(s => s.kind === 'drive')]
    const put = (before?: Step, after?: Step) =>
      then(change(plover, { do: 'pinOrder', before: before?.id, after: after?.id })).order
    for (const [a, b] of [
      [fan, drive],
      [drive, fan],
    ] as const) {
      const order = put(a, b)
      expect(order.steps.findIndex(s => s.id === a?.id)).toBeLessThan(
        order.steps.findIndex(s => s.id === b?.id),
      )
      expect(order.pins).toMatchObject([
        { before: a?.id, after: b?.id, state: 'kept', line: `“${a?.title}” before “${b?.title}”` },
      ])
      expect(order.steps.find(s => s.id === b?.id)?.after).toContainEqual({
        step: a?.id,
        title: a?.title,
        reason: 'you put it so',
        basis: 'pin',
      })
    }
  })
  test('a pair says what it costs: turns, tools, habits and waiting with it and without', () => {
    const { steps, gap } = then(plover).order
    const [close, fan] = [
      steps.find(s => s.kind === 'fan-plug'),
      steps.find(s => s.kind === 'power-plug' && s.face === 'main-24'),
    ]
    const put = change(plover, { do: 'pinOrder', before: fan?.id, after: close?.id })
    const [pin] = then(put).order.pins
    // Small plugs before stiff ones is reach: against it nothing can be put by hand.
    expect(pin?.state).toBe('refused')
    expect(pin?.against).toEqual([
      `“${close?.title}” before “${fan?.title}”: stiff power leads cover the small headers`,
    ])
    const [covers, audio] = [
      steps.find(s => s.kind === 'panels-off'),
      steps.find(s => s.kind === 'processor'),
    ]
    const turned = change(plover, { do: 'pinOrder', before: covers?.id, after: audio?.id })
    const [costly] = then(turned).order.pins
    // The board goes back to the table for it: two turns of 2 minutes more, and it may cost a tool.
    expect(gap).toBe(0)
    expect(costly).toMatchObject({ state: 'kept' })
    expect(costly?.costs).toBeGreaterThanOrEqual(2)
    expect(costly?.costs).toBeLessThanOrEqual(8)
  })
  test('what counts can be set: who waits for the first start starts sooner', () => {
    // What is joined inside is joined before it all the same: Teal's front goes on after the start.
    const soon = change(teal, { do: 'weighOrder', weight: 'proof', minutes: 2 })
    expect(then(soon).order.firstProof).toBeLessThan(then(teal).order.firstProof)
    expect(then(soon).order.weights).toContainEqual({
      ...{ weight: 'proof', label: 'a minute until the first start', minutes: 2, isOwn: true },
    })
    expect(then(change(soon, { do: 'weighOrder', weight: 'proof', minutes: null })).order).toEqual(
      then(teal).order,
    )
  })
  test('what a fact rules out is refused, and told', () => {
    const [cooler, processor] = [
      list.find(s => s.kind === 'cooler'),
      list.find(s => s.kind === 'processor'),
    ]
    const { steps, pins } = then(
      change(plover, { do: 'pinOrder', before: cooler?.id, after: processor?.id }),
    ).order
    expect(pins).toEqual([
      {
        before: cooler?.id,
        after: processor?.id,
        state: 'refused',
        line: `“${cooler?.title}” before “${processor?.title}”`,
        costs: 0,
        against: [
          `“${processor?.title}” before “${cooler?.title}”: the cooler lies on the processor`,
        ],
      },
    ])
    expect(faults(steps, plover)).toEqual([])
  })
  test('while one of the two is no step it waits, and is still there to be taken back', () => {
    const [fan, drive] = [list.find(s => s.kind === 'fan'), list.find(s => s.kind === 'drive')]
    const put = change(plover, { do: 'pinOrder', before: fan?.id, after: drive?.id })
    const without = change(put, { do: 'removeItem', id: drive?.items[0] })
    expect(then(without).order.pins).toMatchObject([
      {
        before: fan?.id,
        after: drive?.id,
        state: 'idle',
        line: `“${fan?.title}” before a step that is not there now`,
      },
    ])
    const back = change(without, { do: 'pinOrder', before: fan?.id, after: drive?.id, off: true })
    expect(then(back).order.pins).toEqual([])
  })
})

describe('a sequence against all permutations', () => {
  const POSES = ['table', 'lying', 'behind'] as const
  const TOOLS = [[], ['driver'], ['tweezers']] as const
  const step = (i: number, pose: number, tool: number, minutes: number): Timed => ({
    ...task(i === 0 ? 'first-power' : 'fan', {
      id: `s${i}`,
      marks: [`s${i}`],
      // Every other one joins something that the start has to prove.
      joints: i % 2 === 1 ? [`j${i}`] : [],
      pose: POSES[pose] ?? 'table',
    }),
    minutes,
    tools: [...(TOOLS[tool] ?? [])],
  })
  const problems = fc.integer({ min: 2, max: 6 }).chain(n =>
    fc.record({
      steps: fc.tuple(
        ...Array.from({ length: n }, (_, i) =>
          fc
            .tuple(fc.nat(2), fc.nat(2), fc.integer({ min: 1, max: 20 }))
            .map(([p, t, m]) => step(i, p, t, m)),
        ),
      ),
      pairs: fc.uniqueArray(
        fc.tuple(fc.nat(n - 1), fc.nat(n - 1), fc.boolean()).filter(([a, b]) => a < b),
        { maxLength: 5, selector: ([a, b]) => `${a},${b}` },
      ),
    }),
  )
  const WEIGHTS: Weights = { habit: 3, turn: 2, tool: 0.5, twice: 2, proof: 0.02, lost: 7 }
  const permutations = <T>(list: readonly T[]): readonly (readonly T[])[] =>
    list.length <= 1
      ? [list]
      : list.flatMap((x, i) => permutations(list.toSpliced(i, 1)).map(p => [x, ...p]))
  /** One fault in a hundred steps, half of them looked over at two minutes each, as often as it weighs. */
  const lostAt = (steps: number): number => 0.01 * steps * (steps / 2) * 2 * WEIGHTS.lost
  /** The cost told anew: habits broken, turns, tools, waiting for the proof, looking for faults. */
  function costOf(order: readonly Timed[], edges: readonly Edge[]): number | null {
    const place = new Map(order.map((s, i) => [s.id, i]))
    const broken = edges.filter(e => (place.get(e.before) ?? 0) > (place.get(e.after) ?? 0))
    if (broken.some(e => e.basis === 'fact')) return null
    let tool: string | null = null
    let cost = broken.length * WEIGHTS.habit
    let minutes = 0
    order.forEach((s, i) => {
      if (i > 0 && s.pose !== order[i - 1]?.pose) cost += WEIGHTS.turn
      const own = s.tools[0] ?? null
      if (own !== null && tool !== null && own !== tool) cost += WEIGHTS.tool
      tool = own ?? tool
      minutes += s.minutes
      if (s.kind === 'first-power') cost += minutes * WEIGHTS.proof
    })
    const start = order.findIndex(s => s.kind === 'first-power')
    const joined = (part: readonly Timed[]): number => part.filter(s => s.joints.length > 0).length
    return cost + lostAt(joined(order.slice(0, start))) + lostAt(joined(order.slice(start)))
  }
  test('its cost is what it says, never below its bound, and the best of all lies between the two', () => {
    fc.assert(
      fc.property(problems, ({ steps, pairs }) => {
        const edges = pairs.map(([a, b, fact]): Edge => ({
          before: `s${a}`,
          after: `s${b}`,
          reason: '',
          basis: fact ? 'fact' : 'habit',
          rule: '',
        }))
        const found = sequenced(steps, edges, { weights: WEIGHTS, done: new Map() })
        const told = costOf(found.steps, edges)
        const best = Math.min(...permutations(steps).flatMap(p => costOf(p, edges) ?? []))
        expect(told).not.toBeNull()
        expect(found.cost).toBeCloseTo(told ?? NaN, 9)
        expect(found.bound).toBeLessThanOrEqual(best + 1e-9)
        expect(found.cost).toBeGreaterThanOrEqual(best - 1e-9)
      }),
      { numRuns: runs(200) },
    )
  })
})

test('before the first power-on and before closing nothing may be forgotten', () => {
  const gate = (build: Build, kind: StepKind) =>
    then(build)
      .order.steps.find(s => s.kind === kind)
      ?.gate.map(g => g.step) ?? []
  const list = then(plover).order.steps
  const joints = list.filter(s => s.joints.length > 0 || s.kind === 'standoffs')
  expect(gate(plover, 'first-power').sort()).toEqual(joints.map(s => s.id).sort())
  const allButFan = joints.filter(s => s.kind !== 'fan-plug')
  const made = change(plover, ...allButFan.map(s => ({ do: 'make', ids: s.marks })))
  const fan = joints.find(s => s.kind === 'fan-plug')
  expect(gate(made, 'first-power')).toEqual([fan?.id])
  expect(gate(made, 'panels-on')).toEqual([fan?.id])
  expect(
    gate(
      change(made, { do: 'crossOff', ids: fan?.marks, how: 'it comes next week' }),
      'first-power',
    ),
  ).toEqual([])
})
