// The second copy: what is kept lies there as well, row for row, and comes back where the store is empty.
import 'fake-indexeddb/auto'
import { isProblem } from '../../core/document/command'
import { part } from '../../core/test-helpers/demos'
import { JunturaDb } from './db'
import { handOf, newDesk, state } from './test-helpers/hand'

const PICTURE = 'data:image/png;base64,AAAA'
let stores = 0

function twice() {
  const name = `twice-${(stores += 1)}`
  const copy = new JunturaDb(`${name}-copy`)
  return { name, copy, ...newDesk(name, { beside: Promise.resolve(copy) }) }
}
/** All that lies in a store, by table. */
const all = async (db: JunturaDb) =>
  Object.fromEntries(
    await Promise.all(
      db.tables.map(async ({ name }) => [name, await db.table(name).toArray()] as const),
    ),
  )

/** A little of everything that writes: changes, undo, pictures, the shelf, the bin for good. */
async function work(hand: ReturnType<typeof handOf>): Promise<void> {
  await hand.attach('plover', 'case', 'photo', PICTURE)
  await hand.run('plover', { do: 'note', note: 'a wet day' })
  await hand.run('plover', { do: 'note', note: 'a dry day' })
  await hand.undo()
  await hand.keepPart({ ...part('ottery-breeze-80'), id: 'own-fan' })
  const made = await hand.create('Gone for good')
  const id = isProblem(made) ? '' : (made.build ?? '')
  await hand.remove(id)
  await hand.forget(id)
}

test('whatever was answered lies there twice, row for row', async () => {
  const { desk, db, copy } = twice()
  state(await desk.open(null))
  await work(handOf(desk))
  expect(await all(copy)).toEqual(await all(db))
  expect((await all(copy))['log']?.length).toBeGreaterThan(1)
})

test('a store that was emptied has all of it again, and says so once', async () => {
  const first = twice()
  state(await first.desk.open(null))
  await work(handOf(first.desk))
  const before = await all(first.db)
  const { desk, db } = newDesk(`${first.name}-anew`, { beside: Promise.resolve(first.copy) })
  const answer = await desk.open('plover')
  expect(answer).toMatchObject({ notice: expect.stringMatching(/came back from its second copy/) })
  expect(state(answer).build?.note).toBe('a wet day')
  const { settings: _, ...others } = await all(db)
  expect(before).toMatchObject(others)
  // Undo goes on where it stood.
  const redone = state(await handOf(desk).redo())
  expect(redone.build?.note).toBe('a dry day')
  expect(await desk.open('plover')).toMatchObject({ notice: null })
})

test('a copy that was left behind is made whole; what is changed meanwhile is in it', async () => {
  const { name, copy, desk, db } = twice()
  state(await desk.open(null))
  const alone = newDesk(name)
  state(await alone.desk.open('plover'))
  state(await handOf(alone.desk).run('plover', { do: 'note', note: 'nobody copied this' }))
  const again = newDesk(name, { beside: Promise.resolve(copy) })
  state(await again.desk.open('plover'))
  state(await handOf(again.desk).run('plover', { do: 'note', note: 'and this goes on' }))
  const isWhole = async (): Promise<boolean> =>
    JSON.stringify(await all(copy)) === JSON.stringify(await all(db))
  while (!(await isWhole())) await new Promise(done => setTimeout(done, 1))
})

test('without a place for it, or with one that fails, everything goes on', async () => {
  const places = [() => Promise.resolve(null), () => Promise.reject<null>(new Error('no bucket'))]
  for (const beside of places) {
    const { desk } = newDesk(`alone-${(stores += 1)}`, { beside: beside() })
    state(await desk.open('plover'))
    const after = state(await handOf(desk).run('plover', { do: 'note', note: 'kept once' }))
    expect(after.build?.note).toBe('kept once')
  }
  const { desk, copy } = twice()
  state(await desk.open('plover'))
  copy.close()
  const after = state(await handOf(desk).run('plover', { do: 'note', note: 'the copy is gone' }))
  expect(after.build?.note).toBe('the copy is gone')
})

test('a store that began anew without its copy never writes over it', async () => {
  const first = twice()
  state(await first.desk.open(null))
  await work(handOf(first.desk))
  const before = await all(first.copy)
  const name = `${first.name}-anew`
  state(await newDesk(name).desk.open('plover'))
  const later = newDesk(name, { beside: Promise.resolve(first.copy) })
  state(await later.desk.open('plover'))
  state(await handOf(later.desk).run('plover', { do: 'note', note: 'begun anew' }))
  expect(await all(first.copy)).toEqual(before)
})

test('a place that never opens keeps nobody waiting', async () => {
  const { desk } = newDesk(`waiting-${(stores += 1)}`, { beside: new Promise(() => undefined) })
  state(await desk.open('plover'))
  const after = state(await handOf(desk).run('plover', { do: 'note', note: 'kept once' }))
  expect(after.build?.note).toBe('kept once')
})
