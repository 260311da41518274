import { JunturaDb } from '../db/db'
import { part, plover, shelf } from '../../core/test-helpers/demos'
import { partSchema } from '../../core/parts'
import { analyse } from '../../core/analyse'
import { writeFile } from '../../core/exchange/file'
import { csvText, fileText } from './exports'
import { Desk, type Answer, type DeskState } from './desk'

let n = 0
const newDesk = (name = `desk-${(n += 1)}`) => {
  let id = 0
  let tick = 0
  const db = new JunturaDb(name)
  const desk = new Desk({
    db,
    now: () => new Date(Date.UTC(2031, 2, 2, 9, 0, (tick += 1))).toISOString(),
    newId: () => `${name}-${(id += 1)}`,
    demos: [plover],
    shelf,
  })
  return { db, desk }
}
const state = (answer: Answer): DeskState => {
  if ('problem' in answer) throw new Error(answer.problem)
  return answer.state
}
const problem = (answer: Answer): string => ('problem' in answer ? answer.problem : '')
const opened = async (name?: string) => {
  const made = newDesk(name)
  await made.desk.open('plover')
  return made
}

test('the first visit lays out the demo once; deleted, it stays away', async () => {
  const { desk, db } = newDesk()
  expect(state(await desk.open(null)).builds.map(b => b.name)).toEqual(['Plover'])
  await desk.remove('plover')
  const again = new Desk({ db, now: () => 'x', newId: () => 'y', demos: [plover], shelf })
  expect(state(await again.open(null)).builds).toEqual([])
})

test('a command changes the stored build, answers with its analysis, and can be taken back and done again', async () => {
  const { desk, db } = await opened()
  const ask = { do: 'setState', id: 'supply', state: 'have' }
  const after = state(await desk.run('plover', ask))
  expect(after.build?.items.find(i => i.id === 'supply')?.state).toBe('have')
  expect([after.undo, after.redo]).toEqual(['S300: have', null])
  expect(after.analysis).toEqual(analyse((await db.builds.get('plover'))?.doc ?? plover))
  const back = state(await desk.undo())
  expect(back.build?.items.find(i => i.id === 'supply')?.state).toBe('ordered')
  expect([back.undo, back.redo]).toEqual([null, 'S300: have'])
  expect(state(await desk.redo()).build?.items.find(i => i.id === 'supply')?.state).toBe('have')
})

test('undo goes back in the order of doing, and a new change ends what could be done again', async () => {
  const { desk } = await opened()
  for (const name of ['A', 'B', 'C']) await desk.run('plover', { do: 'rename', name })
  await desk.undo()
  expect(state(await desk.undo()).build?.name).toBe('A')
  expect(state(await desk.redo()).build?.name).toBe('B')
  expect(state(await desk.run('plover', { do: 'rename', name: 'D' })).redo).toBeNull()
  expect(state(await desk.undo()).build?.name).toBe('B')
  expect(state(await desk.redo()).build?.name).toBe('D')
})

test('what cannot be done changes nothing', async () => {
  const { desk, db } = await opened()
  const before = JSON.stringify(await db.builds.toArray())
  expect(problem(await desk.run('plover', { do: 'removeItem', id: 'ghost' }))).toMatch(
    /No item "ghost"/,
  )
  expect(problem(await desk.run('nowhere', { do: 'rename', name: 'x' }))).toMatch(/no longer here/)
  expect(problem(await desk.undo())).toMatch(/nothing to take back/)
  expect(JSON.stringify(await db.builds.toArray())).toBe(before)
  expect(await db.changes.count()).toBe(0)
})

test('new, copy and delete can be taken back, deletion with everything in it', async () => {
  const { desk } = await opened()
  await desk.run('plover', { do: 'note', note: 'dry' })
  expect(state(await desk.create('Snipe')).builds.map(b => b.name)).toEqual(['Plover', 'Snipe'])
  expect(state(await desk.undo()).builds.map(b => b.name)).toEqual(['Plover'])
  const copied = state(await desk.copy('plover', 'Ruff'))
  expect([copied.build?.name, copied.build?.items.length]).toEqual(['Ruff', plover.items.length])
  await desk.remove('plover')
  const back = state(await desk.undo())
  expect([back.build?.name, back.build?.note]).toEqual(['Plover', 'dry'])
  expect(problem(await desk.copy('ghost', 'x'))).toMatch(/no longer here/)
  expect(problem(await desk.remove('ghost'))).toMatch(/already deleted/)
})

describe('files', () => {
  const fileOf = (changes: object) => writeFile([{ ...plover, ...changes }])

  test('out and in again: the same analysis to the byte', async () => {
    const { db, desk } = await opened()
    await desk.run('plover', {
      do: 'setFigure',
      id: 'case',
      path: 'coolerRoom',
      figure: { mm: 80, basis: 'measured' },
    })
    const text = await fileText(db, ['plover'])
    const elsewhere = newDesk()
    await elsewhere.desk.open(null)
    const here = state(await desk.open('plover')).analysis
    const there = state(await elsewhere.desk.importText(text, 'plover.juntura.json')).analysis
    expect(JSON.stringify(there)).toBe(JSON.stringify(here))
  })
  test('an untouched demo gives way; a build that was worked on stays, the file’s comes beside it', async () => {
    const { desk } = await opened()
    expect(
      state(await desk.importText(fileOf({ note: 'from the file' }), 'a')).builds.map(b => b.note),
    ).toEqual(['from the file'])
    const beside = state(await desk.importText(fileOf({ note: 'again' }), 'b'))
    expect(beside.builds.map(b => [b.name, b.note])).toEqual([
      ['Plover', 'from the file'],
      ['Plover (2)', 'again'],
    ])
    expect(beside.build?.name).toBe('Plover (2)')
  })
  test('opening a file can be taken back', async () => {
    const { desk } = await opened()
    await desk.importText(fileOf({ id: 'other', name: 'Knot' }), 'knot')
    expect(state(await desk.undo()).builds.map(b => b.name)).toEqual(['Plover'])
  })
  test('what is no build is refused, and nothing stored changes', async () => {
    const { desk, db } = await opened()
    const before = JSON.stringify(await db.builds.toArray())
    expect(problem(await desk.importText('{', 'x.json'))).toMatch(/x\.json is not whole JSON/)
    expect(problem(await desk.importText(writeFile([]), 'x.json'))).toMatch(/holds no build/)
    expect(problem(await desk.importText(' '.repeat(60_000_001), 'huge.json'))).toMatch(
      /huge\.json is too large/,
    )
    expect(JSON.stringify(await db.builds.toArray())).toBe(before)
  })
  test('the parts list leaves as CSV', async () => {
    const { db } = await opened()
    expect((await csvText(db, 'plover')).split('\r\n')).toHaveLength(plover.items.length + 2)
    expect(await csvText(db, 'ghost')).toBe('')
  })
})

test('a store that fails says so, and what was saved before is whole', async () => {
  const { desk, db } = await opened()
  const add = db.changes.add.bind(db.changes)
  db.changes.add = () => {
    throw Object.assign(new Error('full'), { name: 'QuotaExceededError' })
  }
  expect(problem(await desk.run('plover', { do: 'rename', name: 'Lost' }))).toMatch(
    /could not be saved \(QuotaExceededError\).*What was saved before is safe/,
  )
  db.changes.add = add
  expect((await db.builds.get('plover'))?.name).toBe('Plover')
})

test('another window’s change is told, its own is not', async () => {
  const a = await opened('shared')
  const b = newDesk('shared')
  await b.desk.open('plover')
  const told: string[] = []
  a.desk.watch(next => told.push(next.build?.name ?? ''))
  await b.desk.run('plover', { do: 'rename', name: 'Dunlin' })
  for (let i = 0; i < 50 && told.length === 0; i++) await new Promise(done => setTimeout(done, 10))
  expect(told).toEqual(['Dunlin'])
  await a.desk.run('plover', { do: 'rename', name: 'Sanderling' })
  await new Promise(done => setTimeout(done, 60))
  expect(told).toEqual(['Dunlin'])
  // One history: what the other window did can be taken back here.
  expect(state(await a.desk.undo()).build?.name).toBe('Dunlin')
  expect(state(await a.desk.undo()).build?.name).toBe('Plover')
})

test('the shelf is at hand', () => {
  expect(newDesk().desk.shelf.all()).toContainEqual(part('ottery-lowbank-65'))
})

describe('pictures', () => {
  const PNG = `data:image/png;base64,${'A'.repeat(200)}`
  test('are kept beside the build, leave with its file and come back with it', async () => {
    const { desk, db } = await opened()
    const [photo] =
      state(await desk.attach('plover', 'task:bench', 'Make the bench ready', PNG)).build?.photos ??
      []
    expect(photo).toMatchObject({ about: 'task:bench', name: 'Make the bench ready' })
    expect(await desk.pictures('plover')).toEqual({ [photo?.id ?? '']: PNG })
    const elsewhere = newDesk()
    await elsewhere.desk.open(null)
    await elsewhere.desk.importText(await fileText(db, ['plover']), 'plover.juntura.json')
    expect(await elsewhere.desk.pictures('plover')).toEqual({ [photo?.id ?? '']: PNG })
  })
  test('taken back they are gone from the build, done again they are there with their picture', async () => {
    const { desk } = await opened()
    await desk.attach('plover', 'board', 'Inlet 2', PNG)
    expect(state(await desk.undo()).build?.photos).toEqual([])
    expect(state(await desk.redo()).build?.photos).toHaveLength(1)
    expect(Object.values(await desk.pictures('plover'))).toEqual([PNG])
  })
  test.each([
    ['no picture', 'data:text/html;base64,AAAA'],
    ['one with markup in it', 'data:image/svg+xml;base64,AAAA'],
    ['a large one', `data:image/png;base64,${'A'.repeat(400_001)}`],
  ])('%s is refused, and nothing is kept', async (_what, picture) => {
    const { desk, db } = await opened()
    expect(problem(await desk.attach('plover', 'board', 'Inlet 2', picture))).toMatch(
      /is no small JPEG, PNG or WebP/,
    )
    expect([await db.photos.count(), await db.changes.count()]).toEqual([0, 0])
  })
})

test('a change says what it did to the plan; two builds are laid side by side', async () => {
  const { desk } = await opened()
  const answer = await desk.run('plover', {
    do: 'setFigure',
    id: 'case',
    path: 'coolerRoom',
    figure: { mm: 80, basis: 'measured' },
  })
  expect('changed' in answer && answer.changed?.findings.gone.map(f => f.id)).toEqual([
    'fit/cooler-height:cooler:case',
  ])
  const other = state(await desk.copy('plover', 'Ruff')).build?.id ?? ''
  await desk.run(other, { do: 'removeItem', id: 'fan' })
  const both = await desk.compare('plover', other, 'then')
  expect([both?.names, both?.difference.parts.gone.map(p => p.id)]).toEqual([
    ['Plover', 'Ruff'],
    ['fan'],
  ])
  expect(await desk.compare('plover', 'ghost', 'then')).toBeNull()
})

describe('the shelf on the desk', () => {
  const own = (more: object = {}) => ({
    kind: 'fan',
    id: 'mine',
    maker: 'Kelder',
    model: 'Mine',
    size: '120',
    face: 'fan-4',
    amps: 0.2,
    ...more,
  })
  const rows = async (desk: Desk) => {
    await desk.open('plover')
    return desk.shelf.rows()
  }
  const silent = (): void => undefined

  test('a part put there stays, is found, can be changed, and every change taken back', async () => {
    const { desk, db } = await opened()
    const before = (await rows(desk)).length
    expect(state(await desk.keepPart(own())).undo).toBe('Added Mine on the shelf')
    expect(desk.shelf.rows().find(r => r.id === 'mine')).toMatchObject({ own: true, title: 'Fan' })
    await desk.keepPart(own({ amps: 0.3 }))
    expect(desk.shelf.part('mine')).toMatchObject({ amps: 0.3 })
    await desk.undo()
    expect(desk.shelf.part('mine')).toMatchObject({ amps: 0.2 })
    await desk.undo()
    expect(desk.shelf.rows()).toHaveLength(before)
    await desk.redo()
    const again = new Desk({ db, now: () => 'x', newId: () => 'y', demos: [plover], shelf })
    await again.open(null)
    expect(again.shelf.part('mine')).toMatchObject({ amps: 0.2 })
    expect(problem(await desk.keepPart({ kind: 'fan', id: 'x' }))).toMatch(/not whole yet/)
  })

  test('a change of the shelf ends what could have been done again in the build', async () => {
    const { desk } = await opened()
    await desk.run('plover', { do: 'rename', name: 'A' })
    await desk.undo()
    expect(state(await desk.keepPart(own())).redo).toBeNull()
    expect(state(await desk.undo()).redo).toBe('Added Mine on the shelf')
  })

  test('a shipped part that was changed is as it was shipped again once it is taken off; shipped ones stay', async () => {
    const { desk } = await opened()
    await desk.keepPart({ ...part('ottery-breeze-120'), amps: 0.5 })
    expect(desk.shelf.part('ottery-breeze-120')).toMatchObject({ amps: 0.5 })
    await desk.dropParts(['ottery-breeze-120'])
    expect(desk.shelf.part('ottery-breeze-120')).toEqual(part('ottery-breeze-120'))
    expect(problem(await desk.dropParts(['ottery-breeze-120']))).toMatch(/stay on the shelf/)
  })

  test('a figure that holds for every copy goes to the part in the build and on the shelf, in one change', async () => {
    const { desk } = await opened()
    const figure = { mm: 80, basis: 'measured' }
    const after = state(await desk.measurePart('plover', 'case', 'coolerRoom', figure))
    expect(after.build?.items.find(i => i.id === 'case')?.part).toMatchObject({
      coolerRoom: figure,
    })
    expect([desk.shelf.part('fenwright-reedbox-12'), after.newer]).toEqual([
      expect.objectContaining({ coolerRoom: figure }),
      [],
    ])
    await desk.undo()
    expect(desk.shelf.part('fenwright-reedbox-12')).toEqual(part('fenwright-reedbox-12'))
    expect(state(await desk.redo()).build?.items.find(i => i.id === 'case')?.part).toMatchObject({
      coolerRoom: figure,
    })
    expect(desk.shelf.part('fenwright-reedbox-12')).toMatchObject({ coolerRoom: figure })
  })

  test('measuring for every copy carries that figure to the shelf and nothing else of the build’s snapshot', async () => {
    const { desk } = await opened()
    await desk.keepPart({ ...part('fenwright-reedbox-12'), price: 70 })
    await desk.measurePart('plover', 'case', 'coolerRoom', { mm: 80, basis: 'measured' })
    expect(desk.shelf.part('fenwright-reedbox-12')).toMatchObject({
      price: 70,
      coolerRoom: { mm: 80, basis: 'measured' },
    })
    expect(
      state(await desk.open('plover')).build?.items.find(i => i.id === 'case')?.part.price,
    ).toBe(74)
  })

  test('when the shelf’s part changes, the build offers it, and takes it over without what belongs to the copy', async () => {
    const { desk } = await opened()
    expect(state(await desk.open('plover')).newer).toEqual([])
    expect(state(await desk.keepPart({ ...part('ottery-lowbank-65'), height: 64 })).newer).toEqual([
      'cooler',
    ])
    const taken = state(await desk.takeNewer('plover', ['cooler']))
    expect([taken.newer, taken.build?.items.find(i => i.id === 'cooler')?.part]).toEqual([
      [],
      expect.objectContaining({ height: 64 }),
    ])
  })

  test('a page stays with the part, goes with the build’s file, and can be taken off', async () => {
    const { desk, db } = await opened()
    const PNG = `data:image/png;base64,${'A'.repeat(200)}`
    await desk.addPage('ottery-lowbank-65', 'Mounting', PNG)
    const [page] = desk.shelf.part('ottery-lowbank-65')?.pages ?? []
    expect(await desk.pagesOf('ottery-lowbank-65')).toEqual({ [page?.id ?? '']: PNG })
    await desk.takeNewer('plover', ['cooler'])
    expect(await desk.pictures('plover')).toEqual({ [page?.id ?? '']: PNG })
    expect(await fileText(db, ['plover'])).toContain(PNG)
    await desk.removePage('ottery-lowbank-65', page?.id ?? '')
    expect(desk.shelf.part('ottery-lowbank-65')?.pages).toEqual([])
    expect(
      problem(await desk.addPage('ottery-lowbank-65', 'x', 'data:text/html;base64,AAAA')),
    ).toMatch(/no small JPEG/)
  })

  describe('tables and files', () => {
    const HEAD = 'kind,maker,model,size,face,amps\n'
    const many = (n: number) =>
      HEAD + Array.from({ length: n }, (_, i) => `fan,Kelder,Fan ${i},120,fan-4,0.2\n`).join('')
    const look = async (desk: Desk, text: string) => {
      const p = await desk.shelf.open(text, 'fans.csv', silent)
      if ('problem' in p) throw new Error(p.problem)
      return p
    }

    test('looked at, taken in whole, taken back in one go', async () => {
      const { desk } = await opened()
      const preview = await look(desk, many(120))
      expect([
        preview.count,
        preview.wrong,
        preview.known,
        preview.plan.mapping.map(m => m.path),
      ]).toEqual([120, 0, 0, ['kind', 'maker', 'model', 'size', 'face', 'amps']])
      const heard: number[] = []
      state(
        await desk.importParts(preview.plan, n => {
          heard.push(n)
        }),
      )
      expect(heard).toEqual([50, 100, 120])
      expect(desk.shelf.rows().filter(r => r.own)).toHaveLength(120)
      await desk.undo()
      expect(desk.shelf.rows().filter(r => r.own)).toEqual([])
    })
    test('one wrong line, and nothing comes in', async () => {
      const { desk, db } = await opened()
      const preview = await look(
        desk,
        `${many(3)}fan,Kelder,Bad,120,fan-4,much\nfan,Kelder,Fan 1,120,fan-4,0.1\n`,
      )
      expect(preview.problems.map(p => [p.line, p.column])).toEqual([
        [5, 'amps'],
        [6, 'id'],
      ])
      expect(problem(await desk.importParts(preview.plan, silent))).toMatch(
        /2 problems.*nothing is imported by halves/,
      )
      expect(await db.parts.count()).toBe(0)
    })
    test('left off half way, nothing comes in', async () => {
      const { desk, db } = await opened()
      const preview = await look(desk, many(400))
      expect(
        problem(
          await desk.importParts(preview.plan, n => {
            if (n >= 100) desk.shelf.cancel()
          }),
        ),
      ).toMatch(/Left off/)
      expect(await db.parts.count()).toBe(0)
    })
    test('out as a file and in again elsewhere: the same parts', async () => {
      const { desk } = await opened()
      await desk.keepPart(own())
      const ids = desk.shelf.rows().map(r => r.id)
      const elsewhere = await opened()
      await look(elsewhere.desk, (await desk.shelf.file(ids, silent)) ?? '')
      state(await elsewhere.desk.importParts(null, silent))
      expect(
        elsewhere.desk.shelf
          .all()
          .map(p => p.id)
          .sort(),
      ).toEqual([...ids].sort())
      expect(elsewhere.desk.shelf.part('mine')).toEqual(desk.shelf.part('mine'))
    })
    test('out as a table with progress; left off half way, nothing comes out', async () => {
      const { desk } = await opened()
      const ids = desk.shelf.rows().map(r => r.id)
      const heard: number[] = []
      expect(
        (
          await desk.shelf.csv(ids, n => {
            heard.push(n)
          })
        )?.split('\r\n'),
      ).toHaveLength(ids.length + 2)
      expect(heard.at(-1)).toBe(ids.length)
      expect(await desk.shelf.csv(ids, () => desk.shelf.cancel())).toBeNull()
    })
    test('a file with builds and parts brings both', async () => {
      const { desk } = await opened()
      await desk.importText(
        writeFile([{ ...plover, id: 'other', name: 'Knot' }], [partSchema.parse(own())]),
        'both',
      )
      expect([desk.shelf.isOwn('mine'), state(await desk.open('other')).build?.name]).toEqual([
        true,
        'Knot',
      ])
    })
    test('what is no table says so', async () => {
      expect(await (await opened()).desk.shelf.open('words', 'x.csv', silent)).toEqual({
        problem: expect.stringMatching(/x\.csv: This is no table/),
      })
    })
  })

  test('a sheet becomes a part, a copy gets a name of its own', async () => {
    const { desk } = await opened()
    const read = desk.shelf.read(
      'Kelder Eddy 140 case fan\nSize: 140 x 140 x 25 mm\nConnector: 4-pin\nCurrent: 200 mA',
      null,
    )
    expect([read.kind, read.draft?.part]).toEqual([
      'fan',
      expect.objectContaining({ id: 'kelder-eddy-140', size: '140', amps: 0.2 }),
    ])
    expect(desk.shelf.vary('kelder-vane-120')).toMatchObject({
      id: 'kelder-vane-120-2',
      model: 'Vane 120 (copy)',
    })
    expect(desk.shelf.blank('cooler').part).toMatchObject({ kind: 'cooler', id: 'cooler' })
    expect(desk.shelf.check({ kind: 'fan' }).part).toBeNull()
  })
})
