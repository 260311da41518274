// Places that are broken or kept free: nothing is planned there, the reason says so, it stays in the
// record.
import type { Build } from '../document/build'
import { change, part, then, tryCommand } from '../test-helpers/demos'
import { altered, buildOf, TOWER } from '../test-helpers/planted-machine'

const mark = (build: Build, id: string, end: string, as: 'broken' | 'reserved', why?: string) =>
  change(build, { do: 'markEnd', id, end, mark: { as, ...(why ? { why } : {}) } })
const socketOf = (build: Build, plug: string): string | undefined =>
  then(build)
    .joints.find(j => j.plug === plug)
    ?.id.split('~')[1]

const tower = buildOf(TOWER)

test('a memory slot that is broken: the modules take others', () => {
  const before = ['memory/module-1', 'memory/module-2'].map(p => socketOf(tower, p))
  expect(before).toContain('board/memory-A2')
  const after = mark(tower, 'board', 'memory-A2', 'broken', 'bent contact')
  const slots = ['memory/module-1', 'memory/module-2'].map(p => socketOf(after, p))
  expect(slots).not.toContain('board/memory-A2')
  expect(slots.filter(Boolean)).toHaveLength(2)
})

test('the only socket of its kind: what needs it says why it has none', () => {
  const after = mark(tower, 'board', 'main', 'broken')
  const finding = then(after).findings.find(
    f => f.rule === 'joints/unmet' && f.verdict === 'stop' && f.parts.includes('board'),
  )
  expect(finding?.sentence + (finding?.because.map(b => b.fact + b.value).join() ?? '')).toMatch(
    /marked broken/,
  )
})

test('a lead of the case that is kept out: it asks for nothing', () => {
  const lead = 'case/audio-hd'
  expect(socketOf(tower, lead)).toBeDefined()
  const after = mark(tower, 'case', 'audio-hd', 'reserved')
  expect(socketOf(after, lead)).toBeUndefined()
  const about = then(after).findings.filter(
    f => f.rule === 'joints/unmet' && f.parts.includes('case'),
  )
  expect(about.map(f => f.sentence)).toEqual([])
})

test('pinned there by hand or made: the mark goes before', () => {
  const plug = 'memory/module-1'
  const pinned = buildOf(TOWER, { [plug]: 'board/memory-A2' })
  expect(socketOf(pinned, plug)).toBe('board/memory-A2')
  expect(socketOf(mark(pinned, 'board', 'memory-A2', 'broken'), plug)).not.toBe('board/memory-A2')
})

test('a hole of the board takes no standoff; a thread of the tray is as if it were not there', () => {
  const steps = (build: Build) =>
    then(build)
      .order.steps.find(s => s.kind === 'standoffs')
      ?.does.join(' ') ?? ''
  expect(steps(tower)).toMatch(/Fit [^.]*\bA\b/)
  expect(steps(mark(tower, 'board', 'hole:A', 'broken'))).not.toMatch(/\bA\b/)
  const stated = buildOf(
    altered(TOWER, {
      case: { standoffs: { threads: ['A', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M'], fitted: [] } },
    }),
  )
  const thread = (build: Build) => then(build).findings.find(f => f.rule === 'fit/standoff-thread')
  expect(thread(stated)).toMatchObject({ verdict: 'clear' })
  expect(thread(mark(stated, 'case', 'hole:K', 'broken'))).toMatchObject({
    verdict: 'watch',
    sentence: expect.stringContaining('no thread under K') as string,
  })
})

test('what is marked stays in the record, taken off by the same command; swapped, it is gone', () => {
  const marked = mark(tower, 'board', 'memory-A2', 'reserved', 'for spring')
  expect(then(marked).record.marked).toEqual(['A2 of the Lagoon 6: reserved (for spring)'])
  expect(change(marked, { do: 'markEnd', id: 'board', end: 'memory-A2', mark: null })).toEqual(
    tower,
  )
  const swapped = change(marked, {
    do: 'swapPart',
    id: 'board',
    part: part('saltpan-estuary-7'),
    figures: {},
  })
  expect(then(swapped).record.marked).toEqual([])
  expect(
    tryCommand(tower, { do: 'markEnd', id: 'board', end: 'nowhere', mark: { as: 'broken' } }),
  ).toMatchObject({ problem: expect.stringContaining('has no place "nowhere"') as string })
})

test('a cooler that sat on a processor, and one without paste, ask for a tube', () => {
  const paste = (build: Build) => then(build).findings.find(f => f.rule === 'fit/paste')
  const used = change(tower, { do: 'setCondition', id: 'cooler', condition: 'known good' })
  const own = buildOf(altered(TOWER, { cooler: { paste: 'own' } }))
  const tube = { kind: 'sundry', id: 'tube', model: 'Tube', use: 'paste' }
  const withTube = (build: Build) =>
    change(build, { do: 'addItem', item: { id: 'tube', part: tube, state: 'have' } })
  expect(paste(tower)).toMatchObject({ verdict: 'clear' })
  expect(paste(used)).toMatchObject({ verdict: 'watch' })
  expect(paste(own)).toMatchObject({ verdict: 'watch' })
  expect(paste(withTube(used))).toMatchObject({ verdict: 'clear' })
})
