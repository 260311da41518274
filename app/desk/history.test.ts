// Histories that cannot destroy: whatever is done, taken back and done again in any window, no
// other build loses anything.
import { runs } from '../../core/test-helpers/runs'
import fc from 'fast-check'
import { isProblem } from '../../core/document/command'
import { part } from '../../core/test-helpers/demos'
import { STEPS_KEPT } from './history'
import { newDesk, opened, problem, state } from './test-helpers/hand'

const CASE = 'fenwright-reedbox-12'
const PNG = `data:image/png;base64,${'A'.repeat(120)}`
type Room = ReturnType<typeof newDesk>
let stores = 0

/** Three windows over one store that holds two small builds. */
async function threeWindows() {
  const name = `history-${(stores += 1)}`
  const windows = [1, 2, 3].map(() => newDesk(name, { demos: [] }))
  const [first] = windows
  if (!first) throw new Error('no window')
  const builds: string[] = []
  for (const called of ['Knot', 'Ruff']) {
    const id = state(await first.hand.create(called)).build?.id ?? ''
    await first.hand.run(id, { do: 'addItem', item: { id: 'case', part: part(CASE) } })
    builds.push(id)
  }
  for (const w of windows) state(await w.desk.open(builds[0] ?? ''))
  return { windows, builds, first }
}

/** Something done by a person, in one window, on one of the two builds or on the shelf. */
interface Deed {
  readonly window: number
  readonly on: 0 | 1 | 'shelf'
  readonly what: string
  readonly n: number
}

function does({ hand }: Room, id: string, { what, n }: Deed) {
  switch (what) {
    case 'undo':
      return hand.undo(id === '' ? null : id)
    case 'redo':
      return hand.redo(id === '' ? null : id)
    case 'measure every':
      return hand.measurePart(id, 'case', 'coolerRoom', { mm: 60 + n })
    case 'measure':
      return hand.run(id, { do: 'setFigure', id: 'case', path: 'cardRoom', figure: { mm: 90 + n } })
    case 'note':
      return hand.run(id, { do: 'note', note: `note ${n}` })
    case 'add':
      return hand.run(id, { do: 'addItem', item: { part: part('ottery-breeze-120') } })
    case 'state':
      return hand.run(id, { do: 'setState', id: 'case', state: n % 2 ? 'have' : 'ordered' })
    case 'make':
      return hand.run(id, { do: 'make', ids: ['task:bench', `task:${n}`], took: n })
    case 'picture':
      return hand.attach(id, 'case', `view ${n}`, PNG)
    case 'part':
      return hand.keepPart({ ...part(CASE), price: 100 + n })
    default:
      return hand.run(id, { do: 'removeItem', id: 'case' })
  }
}

const deed = (on: Deed['on'], words: readonly string[]): fc.Arbitrary<Deed> =>
  fc.record({
    window: fc.integer({ min: 0, max: 2 }),
    on: fc.constant(on),
    what: fc.constantFrom(...words),
    n: fc.integer({ min: 0, max: 9 }),
  })
const WORDS = [
  'undo',
  'undo',
  'redo',
  'measure every',
  'measure',
  'note',
  'add',
  'state',
  'make',
  'picture',
  'remove',
]
const deeds = fc.array(
  fc.oneof(
    // One deed, or one on each build in two windows at once.
    fc.tuple(fc.oneof(deed(0, WORDS), deed(1, WORDS), deed('shelf', ['undo', 'redo', 'part']))),
    fc.tuple(deed(0, WORDS), deed(1, WORDS)),
  ),
  { maxLength: 14 },
)

/** What a build must be: the states it went through and where it stands among them. */
class Expected {
  private readonly states: string[]
  private at = 0
  constructor(start: string) {
    this.states = [start]
  }
  get now(): string {
    return this.states[this.at] ?? ''
  }
  /**
   * Where it stands after something was done to it, and what it must be then: null when that is
   * new.
   */
  after(what: string): string | null {
    if (what === 'undo') return this.states[(this.at -= 1)] ?? ''
    if (what === 'redo') return this.states[(this.at += 1)] ?? ''
    return null
  }
  add(next: string): void {
    this.states.splice((this.at += 1), Infinity, next)
  }
}

test(
  'after any interleaving in three windows no acknowledged change of another build is ' +
    'lost; undo and redo give the very bytes; the log only grows',
  async () => {
    await fc.assert(
      fc.asyncProperty(deeds, async rounds => {
        const { windows, builds, first } = await threeWindows()
        const bytes = async (id: string): Promise<string> => {
          const build = await first.desk.store.build(id)
          if (isProblem(build)) throw new Error(build.problem)
          return JSON.stringify([build, await first.asks.pictures(id)])
        }
        const expected = await Promise.all(builds.map(async id => new Expected(await bytes(id))))
        const logs = await Promise.all(builds.map(id => first.asks.log(id)))
        // The case was put in before the first state that is looked at: below it undo does not go
        // here.
        const depth = builds.map(() => 0)
        for (const round of rounds) {
          const asked = round.filter(
            d => d.on === 'shelf' || d.what !== 'undo' || (depth[d.on] ?? 0) > 0,
          )
          const answers = await Promise.all(
            asked.map(d =>
              does(windows[d.window] ?? first, d.on === 'shelf' ? '' : (builds[d.on] ?? ''), d),
            ),
          )
          for (const [i, d] of asked.entries()) {
            if (d.on === 'shelf' || isProblem(answers[i])) continue
            depth[d.on] = (depth[d.on] ?? 0) + (d.what === 'undo' ? -1 : 1)
            const is = await bytes(builds[d.on] ?? '')
            const must = expected[d.on]?.after(d.what) ?? null
            if (must === null) expected[d.on]?.add(is)
            else expect(is).toBe(must)
          }
          for (const [i, id] of builds.entries()) {
            expect(await bytes(id)).toBe(expected[i]?.now)
            const log = await first.asks.log(id)
            const before = logs[i] ?? []
            expect(log.slice(log.length - before.length)).toEqual(before)
            logs[i] = log
          }
        }
      }),
      { numRuns: runs(40) },
    )
  },
)

describe('what a build changed on the shelf', () => {
  const room = (w: Room): unknown =>
    (w.desk.shelf.part(CASE) as { coolerRoom?: unknown }).coolerRoom
  const measured = (mm: number) => ({ mm, basis: 'measured' })

  test('is taken back with it when nobody changed it since', async () => {
    const { builds, first } = await threeWindows()
    const shipped = room(first)
    await first.hand.measurePart(builds[0] ?? '', 'case', 'coolerRoom', { mm: 80 })
    expect(room(first)).toEqual(measured(80))
    const back = await first.hand.undo(builds[0])
    expect([isProblem(back) || back.notice, room(first)]).toEqual([null, shipped])
    // As it was shipped, it is no part of one's own any more.
    expect(first.desk.shelf.isOwn(CASE)).toBe(false)
  })

  test('stays when another build measured it since, and that is said; the build itself is taken back', async () => {
    const { windows, builds, first } = await threeWindows()
    await first.hand.measurePart(builds[0] ?? '', 'case', 'coolerRoom', { mm: 80 })
    await windows[1]?.hand.measurePart(builds[1] ?? '', 'case', 'coolerRoom', { mm: 333 })
    const back = await first.hand.undo(builds[0])
    expect(isProblem(back) || back.notice).toMatch(
      /Left as it is, because it was changed since: coolerRoom of Reedbox 12 on the shelf/,
    )
    expect(room(first)).toEqual(measured(333))
    expect(state(back).build?.items[0]?.part).toEqual(part(CASE))
    // Another figure of the same part, changed since, is no hindrance.
    const other = await first.hand.redo(builds[0])
    expect(isProblem(other)).toBe(false)
  })

  test('another field that was changed since does not keep it from being taken back', async () => {
    const { builds, first } = await threeWindows()
    const shipped = room(first)
    await first.hand.measurePart(builds[0] ?? '', 'case', 'coolerRoom', { mm: 80 })
    await first.hand.keepPart({ ...first.desk.shelf.part(CASE), price: 7 })
    await first.hand.undo(builds[0])
    expect([room(first), first.desk.shelf.part(CASE)?.price]).toEqual([shipped, 7])
  })
})

test('undo keeps a stated number of steps; the log keeps them all', async () => {
  const { hand, asks, db } = await opened()
  const more = STEPS_KEPT + 5
  // Written into the store as the desk writes them: that many acts would take their time.
  const [first] = await db.steps.toArray()
  expect(first).toBeUndefined()
  await hand.run('plover', { do: 'note', note: '0' })
  const [step] = await db.steps.toArray()
  if (!step) throw new Error('no step')
  await db.steps.bulkAdd(Array.from({ length: more }, () => ({ ...step, seq: undefined as never })))
  await hand.run('plover', { do: 'note', note: 'last' })
  expect(await db.steps.count()).toBe(STEPS_KEPT)
  expect(await asks.log('plover')).toHaveLength(2)
  expect(state(await hand.undo()).build?.note).toBe('0')
})

test('what the log says is written when it is shown: done, taken back, done again', async () => {
  const { hand, asks } = await opened()
  await hand.run('plover', { do: 'rename', name: 'Snipe' })
  await hand.undo()
  await hand.redo()
  expect((await asks.log('plover')).map(l => l.line)).toEqual([
    'Did again: Renamed Plover to Snipe',
    'Took back: Renamed Plover to Snipe',
    'Renamed Plover to Snipe',
  ])
  expect(problem(await hand.redo())).toMatch(/nothing to do again/)
})
