// What older versions of the program left in the browser is carried over whole: rows laid into a
// store before the desk begins.
import { readdirSync, readFileSync } from 'node:fs'
import { isProblem } from '../../core/document/command'
import { JunturaDb, type OldChange } from './db'
import { newDesk, state } from './test-helpers/hand'
import { layOld, SAVED, type OldStore } from './test-helpers/saved'

const stores = readdirSync(SAVED, { recursive: true, encoding: 'utf8' })
  .filter(name => name.endsWith('store.json'))
  .sort()
let n = 0

/** A desk over a store that held these rows before. */
async function over(old: OldStore) {
  const name = `settle-${(n += 1)}`
  await layOld(old, name)
  const made = newDesk(name)
  return { ...made, begun: state(await made.desk.open(null)) }
}

/** The documents that the one history of before held of builds that are no longer listed. */
const whole = (changes: readonly Record<string, never>[]): readonly { log: unknown[] }[] =>
  changes.flatMap(c => {
    const change = c as unknown as OldChange
    return change.whole?.before && !change.whole.after
      ? [change.whole.before.doc as { log: unknown[] }]
      : []
  })

describe.each(stores)('%s', file => {
  const old = JSON.parse(readFileSync(new URL(file, SAVED), 'utf8')) as OldStore
  const rows = (table: string): readonly Record<string, never>[] => old.tables[table]?.rows ?? []

  test('every build opens with its log, its undo and its pictures', async () => {
    const { desk, asks, begun } = await over(old)
    const names =
      old.version < 40 ? rows('builds').map(b => b['name']) : begun.builds.map(b => b.name)
    expect(begun.builds.map(b => b.name)).toEqual([...names].sort())
    expect((await asks.used()).aside).toEqual([])
    const plover = state(await desk.open('plover'))
    expect(plover.build?.note).toMatch(/^The lid of the hide leaks/)
    expect(plover.analysis?.horizons.then.order.made).toBeGreaterThan(0)
    const log = await asks.log('plover')
    expect(log.some(l => l.line === 'S300: have')).toBe(true)
    expect(log.some(l => l.line.startsWith('Took back: '))).toBe(true)
    expect(plover.undo).not.toBeNull()
    const shown = Object.keys(await asks.pictures('plover'))
    expect(shown.sort()).toEqual(plover.build?.photos.map(p => p.id).sort())
  })

  test('what came in and waits is there again', async () => {
    const { desk } = await over(old)
    const { arrivals } = state(await desk.open('plover'))
    expect(arrivals).toHaveLength(rows('arrivals').length)
    if (arrivals.length > 0)
      expect(arrivals.slice(0, 2).map(a => [a.kind, a.name, a.count])).toEqual([
        ['fan', 'Kelder Breeze 120 S', 1],
        ['memory', 'Dunlin Shoal', 2],
      ])
    // From version 10 on a list of copies waits too.
    for (const listed of arrivals.slice(2))
      expect([listed.name, listed.asListed]).toEqual(['Ottery Breeze 120', '1 have, 1 ordered'])
  })

  test('no line of any log and no step of any undo is missing', async () => {
    const { asks, db } = await over(old)
    const now = await Promise.all((await db.heads.toArray()).map(h => asks.log(h.id)))
    const then = [
      ...rows('builds').map(b => ((b['doc'] as unknown as { log?: unknown[] }).log ?? []).length),
      ...whole(rows('changes')).map(doc => doc.log.length),
      rows('log').length,
    ]
    expect(now.flat()).toHaveLength(then.reduce((a, b) => a + b, 0))
    expect(now.flat().filter(l => !l.line || /undefined|another version/.test(l.line))).toEqual([])
    const steps = rows('changes').filter(c => c['edit'] !== null || c['shelf'] !== undefined)
    expect(await db.steps.count()).toBe(steps.length + rows('steps').length)
  })

  test('undo goes on where it stood, to the beginning and forth again', async () => {
    const { desk, hand } = await over(old)
    const start = state(await desk.open('plover'))
    const bytes = JSON.stringify(start.build)
    let back = start
    let steps = 0
    for (; back.undo !== null; steps += 1) back = state(await hand.undo('plover'))
    expect(steps).toBeGreaterThan(8)
    expect(back.build?.progress).toEqual({})
    for (let i = 0; i < steps; i++) back = state(await hand.redo('plover'))
    expect(JSON.stringify(back.build)).toBe(bytes)
  })

  test('what was deleted lies in the bin with its work', async () => {
    const { hand, begun } = await over(old)
    const ruff = begun.bin.find(b => b.name === 'Ruff')
    const back = state(await hand.bringBack(ruff?.id ?? ''))
    expect(back.build?.note).toMatch(/^The lid of the hide leaks/)
  })

  test('the shelf has its own parts', async () => {
    const { desk } = await over(old)
    const own = rows('parts').map(p => p['id'])
    expect(
      desk.shelf
        .ownParts()
        .map(p => p.id)
        .sort(),
    ).toEqual([...own].sort())
  })

  test('a second start carries nothing over twice', async () => {
    const { db, asks } = await over(old)
    const count = async () =>
      Promise.all([db.builds.count(), db.log.count(), db.steps.count(), db.changes.count()])
    const before = await count()
    const again = newDesk(db.name)
    state(await again.desk.open(null))
    expect(await count()).toEqual(before)
    expect((await asks.log('plover')).length).toBeGreaterThan(8)
  })
})

test(
  'a build that cannot be read is set aside whole and named; the others open; it ' +
    'leaves as the file that it is',
  async () => {
    const old = JSON.parse(
      readFileSync(new URL('version-1/store-3/store.json', SAVED), 'utf8'),
    ) as OldStore
    const broken = old.tables['builds']?.rows.find(r => r['id'] === 'avocet') as unknown as {
      doc: { items: unknown }
    }
    broken.doc.items = 'lost'
    const { desk, db, asks, begun } = await over(old)
    expect(begun.builds.find(b => b.id === 'avocet')?.aside).toMatch(/cannot be read: at .*items/)
    expect(state(await desk.open('plover')).build?.name).toBe('Plover')
    const shown = state(await desk.open('avocet'))
    expect([shown.build, shown.aside]).toEqual([null, expect.stringMatching(/cannot be read/)])
    expect((await asks.used()).aside).toMatchObject([{ id: 'avocet', of: 'build' }])
    const saved = JSON.parse(await asks.asideFile('build', 'avocet'))
    expect(saved).toMatchObject({ format: 'juntura', version: 1, builds: [{ items: 'lost' }] })
    // Untouched where it lies, and read again as soon as it can be.
    expect(((await db.builds.get('avocet'))?.doc as { items: unknown }).items).toBe('lost')
    await db.builds.update('avocet', { doc: { ...broken.doc, items: [] } })
    const later = newDesk(db.name)
    expect(state(await later.desk.open('avocet')).build?.name).toBe('Avocet')
    expect(isProblem(await later.desk.open(null))).toBe(false)
  },
)

test('a part that cannot be read is set aside; the shelf has the others', async () => {
  const { db } = await over(
    JSON.parse(readFileSync(new URL('version-1/store-3/store.json', SAVED), 'utf8')) as OldStore,
  )
  await db.parts.put({ id: 'odd', part: { kind: 'toaster' }, changed: 'x' })
  const again = newDesk(db.name)
  state(await again.desk.open(null))
  expect((await again.asks.used()).aside).toMatchObject([{ id: 'odd', of: 'part' }])
  expect(again.desk.shelf.part('mine')).not.toBeNull()
})

test('the store of this program is the newest there is an example of', () => {
  const examples = stores.map(
    file => JSON.parse(readFileSync(new URL(file, SAVED), 'utf8')).version,
  )
  expect(Math.max(...examples)).toBe(new JunturaDb('none').verno * 10)
})
