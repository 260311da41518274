import { readFileSync } from 'node:fs'
import { plover } from '../../core/test-helpers/demos'
import { DAYS_IN_BIN } from './builds'
import { newDesk, opened, problem, state } from './test-helpers/hand'

const png = (letter: string): string => `data:image/png;base64,${letter.repeat(200)}`
const FAN = { kind: 'fan', id: 'mine', maker: 'Kelder', model: 'Mine', size: '120', face: 'fan-4' }

/** A clock that stands where it is put. */
function clockAt(day: string) {
  const clock = { day, now: () => `${clock.day}T09:00:00.000Z` }
  return clock
}

describe('everything in one file', () => {
  test('taken in again elsewhere, all of it is there: builds, logs, the bin, parts, pictures', async () => {
    const { hand, asks } = await opened()
    await hand.attach('plover', 'board', 'Inlet 2', png('A'))
    await hand.keepPart(FAN)
    await hand.addPage('mine', 'Its box', png('B'))
    const gone = state(await hand.copy('plover', 'Ruff')).build?.id ?? ''
    await hand.remove(gone)
    const file = await asks.everything()
    const there = newDesk(undefined, { demos: [] })
    await there.desk.open(null)
    const after = state(await there.hand.importText(file, 'everything.juntura.json'))
    expect([after.builds.map(b => b.name), after.bin.map(b => b.name)]).toEqual([
      ['Plover'],
      ['Ruff'],
    ])
    expect(await there.asks.log('plover')).toEqual(await asks.log('plover'))
    expect(Object.values(await there.asks.pictures('plover'))).toEqual([png('A')])
    expect(Object.values(await there.asks.pagesOf('mine'))).toEqual([png('B')])
    expect(await there.asks.everything()).toBe(file)
  })
  test('what came in for a build and waits comes along, as long as a sheet may be', async () => {
    const { desk, asks } = await opened()
    const sheet = `Kelder Breeze 120 case fan\nSize: 120 mm\nNote: ${'quiet '.repeat(900)}`
    const came = state(
      await desk.send({ act: 'bringIn', build: 'plover', text: sheet, name: 'A sheet' }),
    )
    const [line] = came.arrivals
    await desk.send({
      ...{ act: 'changeArrival', build: 'plover', arrival: line?.id ?? '' },
      change: { count: 3, answers: [{ path: 'size', value: '120', says: 'right' }] },
    })
    const file = await asks.everything()
    const there = newDesk(undefined, { demos: [] })
    await there.desk.open(null)
    state(await there.hand.importText(file, 'everything.juntura.json'))
    const { arrivals } = state(await there.desk.open('plover'))
    expect(arrivals.map(a => [a.kind, a.count])).toEqual([['fan', 3]])
    expect(await there.asks.everything()).toBe(file)
    // The same file once more brings nothing twice.
    state(await there.hand.importText(file, 'everything.juntura.json'))
    expect(state(await there.desk.open('plover')).arrivals).toHaveLength(1)
  })
  test('taken in where it came from, nothing is doubled', async () => {
    const { hand, asks } = await opened()
    await hand.run('plover', { do: 'note', note: 'dry' })
    await hand.keepPart(FAN)
    const file = await asks.everything()
    const after = state(await hand.importText(file, 'everything'))
    expect([after.builds.length, after.shelfUndo]).toEqual([1, 'Added Mine on the shelf'])
    expect(await asks.everything()).toBe(file)
  })
})

describe('what is used', () => {
  test('is told by what it is; a build in the bin counts there, and forgetting it frees as much', async () => {
    const { hand, asks } = await opened()
    await hand.run('plover', { do: 'note', note: 'dry' })
    const copy = state(await hand.copy('plover', 'Ruff')).build?.id ?? ''
    await hand.remove(copy)
    const used = await asks.used()
    const line = (what: string) => used.lines.find(l => l.what === what)
    expect([line('builds')?.count, line('builds in the bin')?.count]).toEqual([1, 1])
    expect(line('builds in the bin')?.bytes).toBe(used.bin[copy])
    expect(used.bin[copy]).toBeGreaterThan(JSON.stringify(plover).length / 2)
    await hand.forget(copy)
    expect((await asks.used()).lines.find(l => l.what === 'builds in the bin')?.bytes).toBe(0)
  })
})

describe('what goes by itself', () => {
  test('a picture that nothing names goes at the next start; one that undo can bring back stays', async () => {
    const { hand, db } = await opened()
    await hand.attach('plover', 'board', 'Inlet 2', png('A'))
    const copy = state(await hand.create('Snipe')).build?.id ?? ''
    await hand.attach(copy, 'task:bench', 'The table', png('B'))
    await hand.undo('plover')
    state(await newDesk(db.name).desk.open(null))
    expect(await db.photos.count()).toBe(2)
    await hand.remove(copy)
    state(await newDesk(db.name).desk.open(null))
    expect(await db.photos.count()).toBe(2)
    await hand.forget(copy)
    state(await newDesk(db.name).desk.open(null))
    expect((await db.photos.toArray()).map(p => p.picture)).toEqual([png('A')])
  })
  test('a build goes for good after its days in the bin, not before', async () => {
    const clock = clockAt('2031-03-01')
    const { desk, hand, db } = newDesk(undefined, { now: clock.now })
    await desk.open(null)
    await hand.remove('plover')
    const at = async (day: string) => {
      clock.day = day
      return state(await newDesk(db.name, { now: clock.now }).desk.open(null)).bin.length
    }
    expect(await at('2031-03-20')).toBe(1)
    expect(await at('2031-03-31')).toBe(1)
    expect(DAYS_IN_BIN).toBe(30)
    expect(await at('2031-04-01')).toBe(0)
    expect(await db.builds.count()).toBe(0)
  })
  test('a clock that jumps ten years ahead and back costs nothing', async () => {
    const clock = clockAt('2031-03-01')
    const { desk, hand, db } = newDesk(undefined, { now: clock.now })
    await desk.open(null)
    await hand.remove('plover')
    for (const day of ['2041-03-01', '2031-03-02', '1969-12-31', '2031-03-03']) {
      clock.day = day
      expect(state(await newDesk(db.name, { now: clock.now }).desk.open(null)).bin).toHaveLength(1)
    }
  })
})

test('a file of another kind, and one that holds nothing, is refused with a sentence', async () => {
  const { hand } = await opened()
  expect(problem(await hand.importText('{"format":"notes"}', 'notes.json'))).toMatch(
    /not a Juntura file/,
  )
  const file = readFileSync(new URL('../../saved/README.md', import.meta.url), 'utf8')
  expect(problem(await hand.importText(file, 'README.md'))).toMatch(/not whole JSON/)
})
