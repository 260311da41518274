import { runs } from '../test-helpers/runs'
import fc from 'fast-check'
import { change, part, plover, shelf, then, type Sent } from '../test-helpers/demos'
import type { Build } from '../document/build'
import { REASONS } from './precedence'
import { HABITS } from './habits'
import type { Timed } from './pace'
import { sequenced } from './sequence'
import type { Step, StepKind } from './step'
import { task } from './steps/task'

const steps = (build: Build = plover): readonly Step[] => then(build).order.steps
const at = (list: readonly Step[], kind: StepKind): number => list.findIndex(s => s.kind === kind)

/**
 * An independent look at an order: what no school may ever break, told in joints, not in the
 * program's own edges.
 */
function faults(list: readonly Step[]): string[] {
  const found: string[] = []
  const position = new Map(list.flatMap((s, i) => s.joints.map(j => [j, i] as const)))
  const outside = list.filter(s => s.kind === 'outer-plug').flatMap(s => s.joints)
  const inside = [...position].filter(([joint]) => !outside.includes(joint))
  const seat = (item: string, face: string): number =>
    position.get([...position.keys()].find(j => j.startsWith(`${item}/${face}~`)) ?? '') ?? -1
  for (const [joint, i] of position) {
    const [plug = '', socket = ''] = joint.split('~')
    const [from, to] = [plug.split('/')[0] ?? '', socket.split('/')[0] ?? '']
    if (plug.startsWith('cooler/mount') && i < seat('processor', 'seat'))
      found.push('cooler before processor')
    if (plug.startsWith('cooler/fan') && i < seat('cooler', 'mount'))
      found.push('cooler’s plug before the cooler')
    if (plug.startsWith('supply/') && !plug.endsWith('mount') && i < seat('supply', 'mount'))
      found.push('plug before supply')
    if (
      to === 'board' &&
      !['processor', 'cooler', 'memory', 'stick'].includes(from) &&
      i < seat('board', 'mount')
    )
      found.push(`${joint} before the board is in`)
    if (to === 'disk' && i < seat('disk', 'bay')) found.push('plug before disk')
    if (from === 'fan' && plug.endsWith('lead') && i < seat('fan', 'frame'))
      found.push('plug before fan')
    if (at(list, 'first-power') >= 0 && i > at(list, 'first-power') && !outside.includes(joint))
      found.push(`${joint} after the first power-on`)
  }
  if (at(list, 'bench') > 0) found.push('work before the bench is ready')
  if (at(list, 'standoffs') > at(list, 'board-in')) found.push('standoffs after the board')
  if (at(list, 'board-in') >= 0 && at(list, 'shield') > at(list, 'board-in'))
    found.push('shield after the board')
  if (at(list, 'dress') >= 0 && inside.some(([, i]) => i > at(list, 'dress')))
    found.push('dressed too early')
  const [power, dress, close] = [at(list, 'first-power'), at(list, 'dress'), at(list, 'panels-on')]
  if (dress >= 0 && (dress < power || close < dress)) found.push('closed before it is proved')
  if (outside.some(joint => (position.get(joint) ?? 0) < close))
    found.push('plugged outside before the case stands')
  return found
}

test('the validator sees what is wrong', () => {
  expect(faults([...steps()].reverse()).length).toBeGreaterThan(5)
})

test('Plover’s order breaks nothing, and every joint is in exactly one step', () => {
  expect(faults(steps())).toEqual([])
  const joints = steps().flatMap(s => s.joints)
  expect([...joints].sort()).toEqual(
    then(plover)
      .joints.map(j => j.id)
      .sort(),
  )
  expect(new Set(joints).size).toBe(joints.length)
})

const ids = plover.items.map(i => i.id)
test('any build made by leaving parts out is ordered, and breaks nothing', () => {
  fc.assert(
    fc.property(fc.subarray(ids), fc.subarray([...shelf], { maxLength: 4 }), (gone, more) => {
      const commands: Sent[] = [
        ...gone.map(id => ({ do: 'removeItem', id })),
        ...more.map((p, i) => ({
          do: 'addItem',
          item: { id: `more-${i}`, part: p, state: 'have' },
        })),
      ]
      expect(faults(steps(change(plover, ...commands))).filter(f => !f.includes('more-'))).toEqual(
        [],
      )
    }),
    { numRuns: runs(80) },
  )
})

test.each(ids)('removing %s removes its steps', id => {
  const left = steps(change(plover, { do: 'removeItem', id }))
  expect(
    left.filter(s => s.joints.some(j => j.split('~').some(ref => ref.startsWith(`${id}/`)))),
  ).toEqual([])
  expect(
    left.some(
      s =>
        s.title.includes(plover.items.find(i => i.id === id)?.part.model ?? '?') &&
        s.kind !== 'open',
    ),
  ).toBe(false)
})

test('every edge has its reason, every step its words', () => {
  for (const s of steps()) {
    expect(s.after.every(a => a.reason.length > 5 && a.title.length > 0)).toBe(true)
    expect([s.title.length > 0, s.does.length > 0, s.why.length > 0]).toEqual([true, true, true])
  }
  expect(steps().find(s => s.kind === 'cooler')?.after).toContainEqual({
    step: 'processor:processor/seat~board/processor',
    title: 'Seat the T2-65 in TERN-2',
    reason: 'the cooler lies on the processor',
    basis: 'fact',
  })
  expect(new Set(REASONS.map(r => r.rule)).size).toBe(REASONS.length)
})

test('minutes add up to 133.5', () => {
  // bench 10, panels 4 + 4, processor 4, M.2 5, memory 3, cooler 12, standoffs 5, shield 3, fan 5,
  // disk 5, board 10, supply 8, block 8, first power 10, dress 12, record 5 = 113; and nine plugs
  // of 2: cooler, audio, USB, fan, data at both ends, processor, 24-pin, SATA power
  expect(then(plover).order.minutes).toBe(steps().reduce((sum, s) => sum + s.minutes, 0))
  // processor, main power, audio, USB and data go through a hole each, of half a minute
  expect(then(plover).order.minutes).toBe(131 + 5 * 0.5)
  expect(then(plover).order.firstTimeMinutes).toBeCloseTo(133.5 * 1.8, 6)
})

describe('how a part is fastened decides words, minutes and screws', () => {
  const cooler = (more: object) =>
    steps(
      change(plover, {
        do: 'swapPart',
        id: 'cooler',
        part: { ...part('ottery-lowbank-65'), ...more },
        figures: {},
      }),
    ).find(s => s.kind === 'cooler')
  test('screws crosswise take 12 minutes, pins by twos take 6', () => {
    expect(cooler({})).toMatchObject({ minutes: 12 })
    expect(cooler({})?.does.join(' ')).toMatch(/crosswise/)
    expect(cooler({ fastening: 'pins' })).toMatchObject({
      minutes: 6,
      feel: expect.stringMatching(/click/) as string,
    })
    expect(cooler({ fastening: 'pins' })?.does.join(' ')).toMatch(/two opposite pins/)
    expect(cooler({ fastening: 'clip' })?.does.join(' ')).toMatch(/Hook the clip/)
  })
  test('paste that is on already is not put on', () => {
    expect(cooler({ paste: 'applied' })?.does[1]).toBe('No more paste: it is on already.')
    expect(cooler({ paste: 'own' })?.does[1]).toMatch(/Paste: a drop/)
  })
  test('a 3.5-inch disk takes other screws than a 2.5-inch one', () => {
    const pc = part('fenwright-reedbox-12') as { bays: object[] } & object
    const big = change(
      plover,
      { do: 'swapPart', id: 'disk', part: part('sedgeline-r3-4000'), figures: {} },
      {
        do: 'swapPart',
        id: 'case',
        part: { ...pc, bays: pc.bays.map(b => ({ ...b, size: '3.5' })) },
        figures: {},
      },
    )
    expect(steps().find(s => s.kind === 'drive')?.fasteners).toEqual(['4 screws M3 × 3 mm'])
    expect(steps(big).find(s => s.kind === 'drive')?.fasteners).toEqual([
      '4 screws 6-32 UNC × 5 mm',
    ])
  })
})

describe('progress', () => {
  const bench = { do: 'make', ids: ['task:bench'] }
  test('at first only the bench is ready; then what waits for it', () => {
    expect(
      steps()
        .filter(s => s.progress === 'ready')
        .map(s => s.kind),
    ).toEqual(['bench'])
    expect(
      steps(change(plover, bench))
        .filter(s => s.progress === 'ready')
        .map(s => s.kind)
        .sort(),
    ).toEqual(['m2', 'memory', 'panels-off', 'processor'])
  })
  test('a step is as far as the least of its joints', () => {
    const [a, b] = steps().find(s => s.kind === 'memory')?.joints ?? []
    const of = (build: Build) => steps(build).find(s => s.kind === 'memory')?.progress
    expect(of(change(plover, bench, { do: 'make', ids: [a] }))).toBe('ready')
    expect(of(change(plover, bench, { do: 'make', ids: [a, b] }))).toBe('made')
    expect(of(change(plover, { do: 'prove', ids: [a] }, { do: 'make', ids: [b] }))).toBe('made')
    expect(of(change(plover, { do: 'prove', ids: [a, b] }))).toBe('proved')
    expect(of(change(plover, { do: 'crossOff', ids: [a, b], how: 'x' }))).toBe('crossed')
  })
  test('an open place stands in the order, cannot be made, and is crossed once it is left open', () => {
    const missing = change(plover, {
      do: 'swapPart',
      id: 'board',
      part: {
        ...part('saltpan-inlet-2'),
        headers: (part('saltpan-inlet-2') as { headers: { key: string }[] }).headers.filter(
          h => h.key !== 'usb3',
        ),
      },
      figures: {},
    })
    expect(steps(missing).find(s => s.kind === 'open')).toMatchObject({
      demand: 'case/usb',
      verdict: 'stop',
      progress: expect.stringMatching(/planned|ready/) as string,
    })
    expect(
      steps(change(missing, { do: 'leaveOpen', id: 'case/usb', reason: 'x' })).find(
        s => s.kind === 'open',
      )?.progress,
    ).toBe('crossed')
  })
  test('a step shows the worst of its joints, and what is not here yet', () => {
    expect(steps().find(s => s.kind === 'cooler')?.verdict).toBe('measure')
    expect(steps().find(s => s.kind === 'supply-in')?.holds).toContainEqual({
      ...{ of: 'part', item: 'supply', name: 'S300', state: 'ordered' },
    })
    const fit = steps().find(s => s.kind === 'cooler')?.findings ?? []
    expect(
      steps(
        change(plover, {
          do: 'accept',
          id: fit.find(f => f.startsWith('fit/cooler-height')),
          reason: 'measured by eye',
        }),
      ).find(s => s.kind === 'cooler')?.verdict,
    ).toBe('clear')
  })
})

test('reasons that contradict each other are told', () => {
  const step = (id: string): Timed => ({
    ...task('bench', { id, marks: [id] }),
    minutes: 1,
    tools: [],
  })
  const edge = (before: string, after: string) =>
    ({ before, after, reason: '', basis: 'fact', rule: '' }) as const
  expect(() =>
    sequenced([step('a'), step('b')], [edge('a', 'b'), edge('b', 'a')], {
      weights: HABITS['board-first'].weights,
      done: new Map(),
    }),
  ).toThrow(/contradict.*[ab], [ab]/)
})
