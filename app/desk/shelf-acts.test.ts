import { rowsOf } from './shelf/looking'
import { blank, readDraft, varied } from './shelf/drafts'
import { checkPart } from '../../core/shelf/check'
import { writeFile } from '../../core/document/file'
import { partSchema } from '../../core/parts'
import { part, plover, shelf } from '../../core/test-helpers/demos'
import { Desk } from './desk'
import { opened, problem, state } from './test-helpers/hand'

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
    return rowsOf(desk.shelf)
  }
  const silent = (): void => undefined

  test('a part put there stays, is found, can be changed, and every change taken back', async () => {
    const { desk, hand, db } = await opened()
    const before = (await rows(desk)).length
    expect(state(await hand.keepPart(own())).shelfUndo).toBe('Added Mine on the shelf')
    expect(rowsOf(desk.shelf).find(r => r.id === 'mine')).toMatchObject({ own: true, title: 'Fan' })
    await hand.keepPart(own({ amps: 0.3 }))
    expect(desk.shelf.part('mine')).toMatchObject({ amps: 0.3 })
    await hand.undo(null)
    expect(desk.shelf.part('mine')).toMatchObject({ amps: 0.2 })
    await hand.undo(null)
    expect(rowsOf(desk.shelf)).toHaveLength(before)
    await hand.redo(null)
    const again = new Desk({ db, now: () => 'x', newId: () => 'y', demos: [plover], shelf })
    await again.open(null)
    expect(again.shelf.part('mine')).toMatchObject({ amps: 0.2 })
    expect(problem(await hand.keepPart({ kind: 'fan', id: 'x' }))).toMatch(/not whole yet/)
  })

  test('the shelf’s history and a build’s know nothing of each other', async () => {
    const { hand } = await opened()
    await hand.run('plover', { do: 'rename', name: 'A' })
    await hand.undo('plover')
    const after = state(await hand.keepPart(own()))
    expect([after.redo, after.shelfUndo]).toEqual([
      'Renamed Plover to A',
      'Added Mine on the shelf',
    ])
    expect(state(await hand.redo('plover')).build?.name).toBe('A')
    const back = state(await hand.undo(null))
    expect([back.build?.name, back.shelfUndo, back.shelfRedo]).toEqual([
      'A',
      null,
      'Added Mine on the shelf',
    ])
  })

  test(
    'a shipped part that was changed is as it was shipped again once it is taken off; ' +
      'shipped ones stay',
    async () => {
      const { desk, hand } = await opened()
      await hand.keepPart({ ...part('ottery-breeze-120'), amps: 0.5 })
      expect(desk.shelf.part('ottery-breeze-120')).toMatchObject({ amps: 0.5 })
      await hand.dropParts(['ottery-breeze-120'])
      expect(desk.shelf.part('ottery-breeze-120')).toEqual(part('ottery-breeze-120'))
      expect(problem(await hand.dropParts(['ottery-breeze-120']))).toMatch(/stay on the shelf/)
    },
  )

  test('a figure that holds for every copy goes to the part in the build and on the shelf, in one change', async () => {
    const { desk, hand } = await opened()
    const figure = { mm: 80, basis: 'measured' }
    const after = state(await hand.measurePart('plover', 'case', 'coolerRoom', { mm: 80 }))
    expect(after.build?.items.find(i => i.id === 'case')?.part).toMatchObject({
      coolerRoom: figure,
    })
    expect([desk.shelf.part('fenwright-reedbox-12'), after.newer]).toEqual([
      expect.objectContaining({ coolerRoom: figure }),
      [],
    ])
    await hand.undo('plover')
    expect(desk.shelf.part('fenwright-reedbox-12')).toEqual(part('fenwright-reedbox-12'))
    expect(
      state(await hand.redo('plover')).build?.items.find(i => i.id === 'case')?.part,
    ).toMatchObject({
      coolerRoom: figure,
    })
    expect(desk.shelf.part('fenwright-reedbox-12')).toMatchObject({ coolerRoom: figure })
  })

  test(
    'measuring for every copy carries that figure to the shelf and nothing else of the ' +
      'build’s snapshot',
    async () => {
      const { desk, hand } = await opened()
      await hand.keepPart({ ...part('fenwright-reedbox-12'), price: 70 })
      await hand.measurePart('plover', 'case', 'coolerRoom', { mm: 80 })
      expect(desk.shelf.part('fenwright-reedbox-12')).toMatchObject({
        price: 70,
        coolerRoom: { mm: 80, basis: 'measured' },
      })
      expect(
        state(await desk.open('plover')).build?.items.find(i => i.id === 'case')?.part.price,
      ).toBe(74)
    },
  )

  test(
    'when the shelf’s part changes, the build offers it, and takes it over without what ' +
      'belongs to the copy',
    async () => {
      const { desk, hand } = await opened()
      expect(state(await desk.open('plover')).newer).toEqual([])
      expect(
        state(await hand.keepPart({ ...part('ottery-lowbank-65'), height: 64 })).newer,
      ).toEqual(['cooler'])
      const taken = state(await hand.takeNewer('plover', ['cooler']))
      expect([taken.newer, taken.build?.items.find(i => i.id === 'cooler')?.part]).toEqual([
        [],
        expect.objectContaining({ height: 64 }),
      ])
    },
  )

  test('a page stays with the part, goes with the build’s file, and can be taken off', async () => {
    const { desk, hand, asks } = await opened()
    const PNG = `data:image/png;base64,${'A'.repeat(200)}`
    await hand.addPage('ottery-lowbank-65', 'Mounting', PNG)
    const [page] = desk.shelf.part('ottery-lowbank-65')?.pages ?? []
    expect(await asks.pagesOf('ottery-lowbank-65')).toEqual({ [page?.id ?? '']: PNG })
    await hand.takeNewer('plover', ['cooler'])
    expect(await asks.pictures('plover')).toEqual({ [page?.id ?? '']: PNG })
    expect(await asks.file(['plover'])).toContain(PNG)
    await hand.removePage('ottery-lowbank-65', page?.id ?? '')
    expect(desk.shelf.part('ottery-lowbank-65')?.pages).toEqual([])
    expect(
      problem(await hand.addPage('ottery-lowbank-65', 'x', 'data:text/html;base64,AAAA')),
    ).toMatch(/no small JPEG/)
  })

  describe('tables and files', () => {
    const HEAD = 'kind,maker,model,size,face,amps\n'
    const many = (n: number) =>
      HEAD + Array.from({ length: n }, (_, i) => `fan,Kelder,Fan ${i},120,fan-4,0.2\n`).join('')
    const look = async (desk: Desk, text: string) => {
      const p = await desk.incoming.open(text, 'fans.csv', silent)
      if ('problem' in p) throw new Error(p.problem)
      return p
    }

    test('looked at, taken in whole, taken back in one go', async () => {
      const { desk, hand } = await opened()
      const preview = await look(desk, many(120))
      expect([
        preview.count,
        preview.wrong,
        preview.known,
        preview.plan.mapping.map(m => m.path),
      ]).toEqual([120, 0, 0, ['kind', 'maker', 'model', 'size', 'face', 'amps']])
      const heard: number[] = []
      state(
        await hand.importParts(preview.plan, n => {
          heard.push(n)
        }),
      )
      expect(heard).toEqual([50, 100, 120])
      expect(rowsOf(desk.shelf).filter(r => r.own)).toHaveLength(120)
      await hand.undo(null)
      expect(rowsOf(desk.shelf).filter(r => r.own)).toEqual([])
    })
    test('one wrong line, and nothing comes in', async () => {
      const { desk, hand, db } = await opened()
      const preview = await look(
        desk,
        `${many(3)}fan,Kelder,Bad,120,fan-4,much\nfan,Kelder,Fan 1,120,fan-4,0.1\n`,
      )
      expect(preview.problems.map(p => [p.line, p.column])).toEqual([
        [5, 'amps'],
        [6, 'id'],
      ])
      expect(problem(await hand.importParts(preview.plan, silent))).toMatch(
        /2 problems.*nothing is imported by halves/,
      )
      expect(await db.parts.count()).toBe(0)
    })
    test('left off half way, nothing comes in', async () => {
      const { desk, hand, db } = await opened()
      const preview = await look(desk, many(400))
      expect(
        problem(
          await hand.importParts(preview.plan, n => {
            if (n >= 100) desk.chunks.cancel()
          }),
        ),
      ).toMatch(/Left off/)
      expect(await db.parts.count()).toBe(0)
    })
    test('out as a file and in again elsewhere: the same parts', async () => {
      const { desk, hand } = await opened()
      await hand.keepPart(own())
      const ids = rowsOf(desk.shelf).map(r => r.id)
      const elsewhere = await opened()
      await look(elsewhere.desk, (await desk.outgoing.file(ids, silent)) ?? '')
      state(await elsewhere.hand.importParts(null, silent))
      expect(
        elsewhere.desk.shelf
          .all()
          .map(p => p.id)
          .sort(),
      ).toEqual([...ids].sort())
      expect(elsewhere.desk.shelf.part('mine')).toEqual(desk.shelf.part('mine'))
    })
    test('parts that are here otherwise: field by field, as proposed or as chosen', async () => {
      const { desk, hand } = await opened()
      const lead = { mm: 420, basis: 'measured', on: '2031-03-01' }
      await hand.keepPart({ ...own(), lead, price: 20 })
      const other = await opened()
      await other.hand.keepPart({ ...own(), lead: 400, price: 12, note: 'quiet' })
      const file = (await other.desk.outgoing.file(['mine'], silent)) ?? ''
      const preview = await look(desk, file)
      expect([preview.known, preview.differ]).toEqual([1, 1])
      expect(preview.differing[0]?.fields.map(f => [f.path, f.proposed])).toEqual(
        expect.arrayContaining([
          ['lead', 'here'],
          ['price', 'there'],
          ['note', 'there'],
        ]),
      )
      state(await hand.importParts(null, silent))
      expect(desk.shelf.part('mine')).toMatchObject({ lead, price: 12, note: 'quiet' })
      await hand.undo(null)
      await look(desk, file)
      state(
        await hand.importParts(null, silent, {
          of: { mine: { lead: 'there', price: 'here' } },
          all: null,
        }),
      )
      expect(desk.shelf.part('mine')).toMatchObject({ lead: 400, price: 20, note: 'quiet' })
      await hand.undo(null)
      await look(desk, file)
      state(await hand.importParts(null, silent, { of: {}, all: 'here' }))
      expect(desk.shelf.part('mine')).toMatchObject({ lead, price: 20 })
      expect(desk.shelf.part('mine')).not.toHaveProperty('note')
      await hand.undo(null)
      await look(desk, file)
      state(await hand.importParts(null, silent, { of: { mine: { price: 'here' } }, all: 'there' }))
      // The same once more is here just so.
      expect((await look(desk, file)).differing[0]?.fields.map(f => f.path)).toEqual(['price'])
    })
    test('out as a table with progress; left off half way, nothing comes out', async () => {
      const { desk } = await opened()
      const ids = rowsOf(desk.shelf).map(r => r.id)
      const heard: number[] = []
      expect(
        (
          await desk.outgoing.csv(ids, n => {
            heard.push(n)
          })
        )?.split('\r\n'),
      ).toHaveLength(ids.length + 2)
      expect(heard.at(-1)).toBe(ids.length)
      expect(await desk.outgoing.csv(ids, () => desk.chunks.cancel())).toBeNull()
    })
    test('a file with builds and parts brings both', async () => {
      const { desk, hand } = await opened()
      await hand.importText(
        writeFile({
          builds: [{ build: { ...plover, id: 'other', name: 'Knot' }, log: [] }],
          parts: [partSchema.parse(own())],
        }),
        'both',
      )
      expect([desk.shelf.isOwn('mine'), state(await desk.open('other')).build?.name]).toEqual([
        true,
        'Knot',
      ])
    })
    test('what is no table says so', async () => {
      expect(await (await opened()).desk.incoming.open('words', 'x.csv', silent)).toEqual({
        problem: expect.stringMatching(/x\.csv: This is no table/),
      })
    })
  })

  test('a sheet becomes a part, a copy gets a name of its own', async () => {
    const { desk } = await opened()
    const text =
      'Kelder Eddy 140 case fan\nSize: 140 x 140 x 25 mm\nConnector: 4-pin\nCurrent: 200 mA'
    const read = readDraft(desk.shelf, { text, forced: null })
    expect([read.kind, read.draft?.part]).toEqual([
      'fan',
      expect.objectContaining({ id: 'kelder-eddy-140', size: '140', amps: 0.2 }),
    ])
    expect(varied(desk.shelf, 'kelder-vane-120')).toMatchObject({
      id: 'kelder-vane-120-2',
      model: 'Vane 120 (copy)',
    })
    expect(blank(desk.shelf, 'cooler').part).toMatchObject({ kind: 'cooler', id: 'cooler' })
    expect(checkPart({ kind: 'fan' }).part).toBeNull()
  })
})
