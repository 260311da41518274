import { writeFile } from '../../core/document/file'
import { plover } from '../../core/test-helpers/demos'
import { newDesk, opened, problem, state } from './test-helpers/hand'

describe('the list of builds', () => {
  test(
    'what is made or copied is taken back by name, with all the work done in it since, ' +
      'and comes back with it',
    async () => {
      const { hand } = await opened()
      const made = state(await hand.create('Snipe'))
      const id = made.build?.id ?? ''
      await hand.run(id, { do: 'note', note: 'two evenings of work' })
      const back = state(await hand.takeBack(made.deeds[0]?.deed ?? 0))
      expect([back.builds.map(b => b.name), back.bin.map(b => b.name), back.deeds]).toEqual([
        ['Plover'],
        ['Snipe'],
        [],
      ])
      const again = state(await hand.bringBack(id))
      expect([again.build?.note, again.undo, again.bin]).toEqual([
        'two evenings of work',
        'Changed the note',
        [],
      ])
      expect(problem(await hand.takeBack(made.deeds[0]?.deed ?? 0))).toMatch(/already taken back/)
    },
  )
  test('no undo of one build ever reaches another: a key that undoes a note leaves the list alone', async () => {
    const { desk, hand } = await opened()
    await hand.run('plover', { do: 'note', note: 'dry' })
    const id = state(await hand.create('Snipe')).build?.id ?? ''
    await hand.run(id, { do: 'note', note: 'work' })
    await desk.open('plover')
    expect(state(await hand.undo('plover')).build?.note).toBe(plover.note)
    expect(problem(await hand.undo('plover'))).toMatch(/nothing to take back/)
    expect(state(await desk.open(id)).build?.note).toBe('work')
  })
  test('a copy has everything of its build, its log too, but nothing of its undo', async () => {
    const { hand, asks } = await opened()
    await hand.run('plover', { do: 'note', note: 'dry' })
    const copied = state(await hand.copy('plover', 'Ruff'))
    expect([copied.build?.name, copied.build?.note, copied.undo]).toEqual(['Ruff', 'dry', null])
    expect((await asks.log(copied.build?.id ?? '')).map(l => l.line)).toEqual(['Changed the note'])
    expect(problem(await hand.copy('ghost', 'x'))).toMatch(/no longer here/)
  })
  test(
    'deleted, it lies in the bin and opens nowhere; brought back it has its undo; for ' +
      'good it is gone with its log',
    async () => {
      const { desk, hand, db } = await opened()
      await hand.run('plover', { do: 'note', note: 'dry' })
      const gone = state(await hand.remove('plover'))
      expect([gone.build, gone.bin.map(b => b.name)]).toEqual([null, ['Plover']])
      expect(state(await desk.open('plover')).build).toBeNull()
      expect(problem(await hand.run('plover', { do: 'note', note: 'x' }))).toMatch(/no longer here/)
      expect(problem(await hand.remove('plover'))).toMatch(/already deleted/)
      expect(state(await hand.bringBack('plover')).undo).toBe('Changed the note')
      await hand.remove('plover')
      expect(state(await hand.forget('plover')).bin).toEqual([])
      expect([await db.builds.count(), await db.log.count(), await db.steps.count()]).toEqual([
        0, 0, 0,
      ])
      expect(problem(await hand.bringBack('plover'))).toMatch(/no longer in the bin/)
    },
  )
})

describe('files', () => {
  const fileOf = (changes: object) =>
    writeFile({ builds: [{ build: { ...plover, ...changes }, log: [] }] })

  test('out and in again: the same analysis to the byte', async () => {
    const { desk, hand, asks } = await opened()
    await hand.run('plover', {
      do: 'setFigure',
      id: 'case',
      path: 'coolerRoom',
      figure: { mm: 80, basis: 'measured' },
    })
    const text = await asks.file(['plover'])
    const elsewhere = newDesk()
    await elsewhere.desk.open(null)
    const here = state(await desk.open('plover')).analysis
    const there = state(await elsewhere.hand.importText(text, 'plover.juntura.json')).analysis
    expect(JSON.stringify(there)).toBe(JSON.stringify(here))
  })
  test('an untouched demo gives way; a build that was worked on stays, the file’s comes beside it', async () => {
    const { hand } = await opened()
    expect(
      state(await hand.importText(fileOf({ note: 'from the file' }), 'a')).builds.map(b => b.note),
    ).toEqual(['from the file'])
    const beside = state(await hand.importText(fileOf({ note: 'again' }), 'b'))
    expect(beside.builds.map(b => [b.name, b.note])).toEqual([
      ['Plover', 'from the file'],
      ['Plover (2)', 'again'],
    ])
    expect(beside.build?.name).toBe('Plover (2)')
  })
  test('opening a file is taken back by name: what came goes to the bin, what gave way comes back', async () => {
    const { hand } = await opened()
    const there = state(await hand.importText(fileOf({ note: 'from the file' }), 'knot.json'))
    expect(there.deeds.map(d => d.says)).toEqual(['Opened Plover from knot.json'])
    expect(there.bin.map(b => b.name)).toEqual(['Plover'])
    const back = state(await hand.takeBack(there.deeds[0]?.deed ?? 0))
    expect([back.builds.map(b => b.note), back.bin.map(b => b.name), back.deeds]).toEqual([
      [plover.note],
      ['Plover'],
      [],
    ])
  })
  test('a build that is here with the same content is opened as it is', async () => {
    const { hand, asks } = await opened()
    await hand.run('plover', { do: 'note', note: 'dry' })
    const again = state(await hand.importText(await asks.file(['plover']), 'again'))
    expect([again.builds.length, again.build?.id, again.deeds]).toEqual([1, 'plover', []])
  })
  test('a picture with an id that is taken here comes in under another; both builds show their own', async () => {
    const png = (letter: string) => `data:image/png;base64,${letter.repeat(200)}`
    const { hand, asks } = await opened()
    const [photo] =
      state(await hand.attach('plover', 'board', 'Inlet 2', png('A'))).build?.photos ?? []
    const id = photo?.id ?? ''
    const file = writeFile({
      builds: [
        {
          build: {
            ...plover,
            id: 'knot',
            name: 'Knot',
            photos: [{ id, about: 'board', at: 'x', name: 'Its own' }],
          },
          log: [],
        },
      ],
      photos: { [id]: png('B') },
    })
    state(await hand.importText(file, 'knot'))
    expect(Object.values(await asks.pictures('plover'))).toEqual([png('A')])
    expect(Object.values(await asks.pictures('knot'))).toEqual([png('B')])
  })
  test('what is no build is refused, and nothing stored changes', async () => {
    const { hand, db } = await opened()
    const before = JSON.stringify(await db.builds.toArray())
    expect(problem(await hand.importText('{', 'x.json'))).toMatch(/x\.json is not whole JSON/)
    expect(problem(await hand.importText(writeFile({}), 'x.json'))).toMatch(
      /holds no build and no part/,
    )
    expect(problem(await hand.importText(' '.repeat(60_000_001), 'huge.json'))).toMatch(
      /huge\.json is too large/,
    )
    expect(JSON.stringify(await db.builds.toArray())).toBe(before)
  })
  test('the parts list leaves as CSV', async () => {
    const { asks } = await opened()
    expect((await asks.csv('plover')).split('\r\n')).toHaveLength(plover.items.length + 2)
    expect(await asks.csv('ghost')).toBe('')
  })
})

describe('pictures', () => {
  const PNG = `data:image/png;base64,${'A'.repeat(200)}`
  test('are kept beside the build, leave with its file and come back with it', async () => {
    const { hand, asks } = await opened()
    const [photo] =
      state(await hand.attach('plover', 'task:bench', 'Make the bench ready', PNG)).build?.photos ??
      []
    expect(photo).toMatchObject({ about: 'task:bench', name: 'Make the bench ready' })
    expect(await asks.pictures('plover')).toEqual({ [photo?.id ?? '']: PNG })
    const elsewhere = newDesk()
    await elsewhere.desk.open(null)
    await elsewhere.hand.importText(await asks.file(['plover']), 'plover.juntura.json')
    expect(await elsewhere.asks.pictures('plover')).toEqual({ [photo?.id ?? '']: PNG })
  })
  test('taken back they are gone from the build, done again they are there with their picture', async () => {
    const { hand, asks } = await opened()
    await hand.attach('plover', 'board', 'Inlet 2', PNG)
    expect(state(await hand.undo()).build?.photos).toEqual([])
    expect(state(await hand.redo()).build?.photos).toHaveLength(1)
    expect(Object.values(await asks.pictures('plover'))).toEqual([PNG])
  })
  test.each([
    ['no picture', 'data:text/html;base64,AAAA'],
    ['one with markup in it', 'data:image/svg+xml;base64,AAAA'],
    ['a large one', `data:image/png;base64,${'A'.repeat(400_001)}`],
  ])('%s is refused, and nothing is kept', async (_what, picture) => {
    const { hand, db } = await opened()
    expect(problem(await hand.attach('plover', 'board', 'Inlet 2', picture))).toMatch(
      /is no small JPEG, PNG or WebP/,
    )
    expect([await db.photos.count(), await db.log.count()]).toEqual([0, 0])
  })
})

test('a file that is opened before the list is looked at is not overwritten by the demo of its name', async () => {
  const { desk, hand } = newDesk()
  const own = { ...plover, note: 'my own' }
  const asked = hand.importText(writeFile({ builds: [{ build: own, log: [] }] }), 'own')
  await desk.open(null)
  await asked
  expect(state(await desk.open('plover')).build?.note).toBe('my own')
})
