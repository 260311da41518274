import { analyse } from '../../core/analysis/analyse'
import { isProblem } from '../../core/document/command'
import { VERSION } from '../../core/document/file'
import { openBuild } from '../../core/document/open'
import { curlew, part, plover, shelf } from '../../core/test-helpers/demos'
import { Desk } from './desk'
import { newDesk, opened, problem, state } from './test-helpers/hand'

/** Waits for what another window has to hear. */
async function until(holds: () => boolean): Promise<void> {
  while (!holds()) await new Promise(done => setTimeout(done, 5))
}

test('the first visit lays out the demo once; deleted, it stays away', async () => {
  const { desk, hand, db } = newDesk()
  expect(state(await desk.open(null)).builds.map(b => b.name)).toEqual(['Plover'])
  await hand.remove('plover')
  const again = new Desk({ db, now: () => 'x', newId: () => 'y', demos: [plover], shelf })
  const then = state(await again.open(null))
  expect([then.builds, then.bin.map(b => b.name)]).toEqual([[], ['Plover']])
})

test('an example that ships later is offered, and laid out only when it is taken', async () => {
  const { desk, db } = newDesk()
  expect(state(await desk.open(null)).examples).toEqual([])
  const demos = [plover, curlew]
  const later = () => new Desk({ db, now: () => 'x', newId: () => 'y', demos, shelf })
  const offered = state(await later().open(null))
  expect([offered.builds.map(b => b.name), offered.examples.map(e => e.name)]).toEqual([
    ['Plover'],
    ['Curlew'],
  ])
  const second = later()
  const taken = state(await second.send({ act: 'takeExample', example: 'curlew' }))
  expect([taken.builds.map(b => b.name), taken.examples]).toEqual([['Curlew', 'Plover'], []])
  expect(problem(await second.send({ act: 'takeExample', example: 'curlew' }))).toMatch(
    /no longer offered/,
  )
})
test('an example that is declined is not offered again; a fresh profile gets them all', async () => {
  const demos = [plover, curlew]
  const { desk, db } = newDesk()
  await desk.open(null)
  const again = () => new Desk({ db, now: () => 'x', newId: () => 'y', demos, shelf })
  const declined = state(await again().send({ act: 'declineExample', example: 'curlew' }))
  expect([declined.examples, declined.builds.map(b => b.name)]).toEqual([[], ['Plover']])
  expect(state(await again().open(null)).examples).toEqual([])
  const fresh = newDesk(undefined, { demos })
  const first = state(await fresh.desk.open(null))
  expect([first.builds.map(b => b.name), first.examples]).toEqual([['Curlew', 'Plover'], []])
})

test('of two builds that are asked for at once the later is open, whatever began first', async () => {
  const { desk } = newDesk()
  const [, later] = await Promise.all([desk.open(null), desk.open('plover')])
  expect(state(later).build?.id).toBe('plover')
  expect((await desk.state()).build?.id).toBe('plover')
})

test('who goes to another build before a change is kept is shown that build, and the change is kept', async () => {
  const { desk, hand } = await opened()
  const other = state(await hand.copy('plover', 'Ruff')).build?.id ?? ''
  await desk.open('plover')
  const change = hand.run('plover', { do: 'rename', name: 'Dunlin' })
  const [changed, gone] = await Promise.all([change, desk.open(other)])
  expect([state(gone).build?.name, (await desk.state()).build?.name]).toEqual(['Ruff', 'Ruff'])
  // What it did to the plan is not laid over the other build.
  expect('changed' in changed && changed.changed).toBeNull()
  expect(state(await desk.open('plover')).build?.name).toBe('Dunlin')
})

test(
  'a command changes the stored build, answers with its analysis, and can be taken ' +
    'back and done again',
  async () => {
    const { hand, db } = await opened()
    const ask = { do: 'setState', id: 'supply', state: 'have' }
    const after = state(await hand.run('plover', ask))
    expect(after.build?.items.find(i => i.id === 'supply')?.state).toBe('have')
    expect([after.undo, after.redo]).toEqual(['S300: have', null])
    const stored = openBuild((await db.builds.get('plover'))?.doc, VERSION)
    expect(after.analysis).toEqual(analyse(isProblem(stored) ? plover : stored.build))
    const back = state(await hand.undo())
    expect(back.build?.items.find(i => i.id === 'supply')?.state).toBe('ordered')
    expect([back.undo, back.redo]).toEqual([null, 'S300: have'])
    expect(state(await hand.redo()).build?.items.find(i => i.id === 'supply')?.state).toBe('have')
  },
)

test('undo goes back in the order of doing, and a new change ends what could be done again', async () => {
  const { hand } = await opened()
  for (const name of ['A', 'B', 'C']) await hand.run('plover', { do: 'rename', name })
  await hand.undo()
  expect(state(await hand.undo()).build?.name).toBe('A')
  expect(state(await hand.redo()).build?.name).toBe('B')
  expect(state(await hand.run('plover', { do: 'rename', name: 'D' })).redo).toBeNull()
  expect(state(await hand.undo()).build?.name).toBe('B')
  expect(state(await hand.redo()).build?.name).toBe('D')
})

test('what cannot be done changes nothing', async () => {
  const { hand, db } = await opened()
  const before = JSON.stringify(await db.builds.toArray())
  expect(problem(await hand.run('plover', { do: 'removeItem', id: 'ghost' }))).toMatch(
    /No item "ghost"/,
  )
  expect(problem(await hand.run('nowhere', { do: 'rename', name: 'x' }))).toMatch(/no longer here/)
  expect(problem(await hand.undo())).toMatch(/nothing to take back/)
  expect(JSON.stringify(await db.builds.toArray())).toBe(before)
  expect([await db.steps.count(), await db.log.count()]).toEqual([0, 0])
})

test('a store that fails says so, and what was saved before is whole', async () => {
  const { hand, db } = await opened()
  const add = db.steps.add.bind(db.steps)
  db.steps.add = () => {
    throw Object.assign(new Error('full'), { name: 'QuotaExceededError' })
  }
  expect(problem(await hand.run('plover', { do: 'rename', name: 'Lost' }))).toMatch(
    /could not be saved \(QuotaExceededError\).*What was saved before is safe/,
  )
  db.steps.add = add
  expect((await db.heads.get('plover'))?.name).toBe('Plover')
  // And the window goes on with what is stored, not with what failed.
  expect(state(await hand.run('plover', { do: 'note', note: 'dry' })).build?.name).toBe('Plover')
})

test('another window’s change is told, its own is not', async () => {
  const a = await opened('shared')
  const b = newDesk('shared')
  await b.desk.open('plover')
  const told: string[] = []
  a.desk.watch(next => told.push(next.build?.name ?? ''))
  await b.hand.run('plover', { do: 'rename', name: 'Dunlin' })
  await until(() => told.at(-1) === 'Dunlin')
  await a.hand.run('plover', { do: 'rename', name: 'Sanderling' })
  await b.hand.run('plover', { do: 'rename', name: 'Stint' })
  await until(() => told.at(-1) === 'Stint')
  // Its own change, which lay between, was not told.
  expect([...new Set(told)]).toEqual(['Dunlin', 'Stint'])
  expect(state(await a.hand.undo()).build?.name).toBe('Sanderling')
  // One history: what the other window did can be taken back here.
  expect(state(await a.hand.undo()).build?.name).toBe('Dunlin')
  expect(state(await a.hand.undo()).build?.name).toBe('Plover')
})

test('the shelf is at hand', () => {
  expect(newDesk().desk.shelf.all()).toContainEqual(part('ottery-lowbank-65'))
})

test('a change says what it did to the plan; two builds are laid side by side', async () => {
  const { hand, asks } = await opened()
  const answer = await hand.run('plover', {
    do: 'setFigure',
    id: 'case',
    path: 'coolerRoom',
    figure: { mm: 80, basis: 'measured' },
  })
  expect('changed' in answer && answer.changed?.findings.gone.map(f => f.id)).toEqual([
    'fit/cooler-height:cooler:case',
  ])
  const other = state(await hand.copy('plover', 'Ruff')).build?.id ?? ''
  await hand.run(other, { do: 'removeItem', id: 'fan' })
  const both = await asks.compare('plover', other, 'then')
  expect([both?.names, both?.difference.parts.gone.map(p => p.id)]).toEqual([
    ['Plover', 'Ruff'],
    ['fan'],
  ])
  expect(await asks.compare('plover', 'ghost', 'then')).toBeNull()
})
