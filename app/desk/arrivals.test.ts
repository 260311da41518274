// What came in for a build waits in the store: read, corrected, counted, added as one step.
import { state as stateOf, problem, newDesk } from './test-helpers/hand'
import type { Build } from '../../core/document/build'
import { partsCsv } from '../../core/exchange/parts-csv'
import { sheetMarkdown } from '../../core/exchange/sheet-markdown'
import { avocet, change as changed, plover, shelf, then } from '../../core/test-helpers/demos'
import type { Part } from '../../core/parts'
import type { ArrivalChange } from './acts'

const FAN =
  'Kelder Breeze 120 case fan\nSize: 120 x 120 x 25 mm\nConnector: 4-pin PWM\nCurrent: 0.2 A'
const SUPPLY = 'Dunlin A650 power supply\nWattage: 650 W\nForm: ATX\nLength: 140 mm\nModular: fully'

async function opened() {
  const { desk, asks: ask } = newDesk()
  const { build } = await desk.send({ act: 'create', name: 'New' }).then(answer => {
    stateOf(answer)
    return answer as { readonly build: string | null }
  })
  const id = build ?? ''
  const bring = async (text: string) =>
    stateOf(await desk.send({ act: 'bringIn', build: id, text, name: 'The paste' }))
  const change = async (arrival: string, by: ArrivalChange) =>
    stateOf(await desk.send({ act: 'changeArrival', build: id, arrival, change: by }))
  const take = (...arrivals: readonly string[]) =>
    desk.send({ act: 'takeArrivals', build: id, arrivals, state: 'have' })
  return { desk, ask, id, bring, change, take }
}

test('two sheets in one paste are two lines, each with its kind and name', async () => {
  const { bring } = await opened()
  const { arrivals } = await bring(`${FAN}\n\n${SUPPLY}`)
  expect(arrivals.map(a => [a.kind, a.name, a.problem])).toEqual([
    ['fan', 'Kelder Breeze 120', null],
    ['supply', 'Dunlin A650', null],
  ])
})

test('three of one and one of the other come in as one step, and go with one step back', async () => {
  const { desk, bring, change, take, id } = await opened()
  const [fan, supply] = (await bring(`${FAN}\n\n${SUPPLY}`)).arrivals
  await change(fan?.id ?? '', { count: 3 })
  const { build, arrivals } = stateOf(await take(fan?.id ?? '', supply?.id ?? ''))
  expect(arrivals).toEqual([])
  expect(build?.items.map(i => [i.part.model, i.state])).toEqual([
    ['Breeze 120', 'have'],
    ['Breeze 120', 'have'],
    ['Breeze 120', 'have'],
    ['A650', 'have'],
  ])
  const back = stateOf(await desk.send({ act: 'undo', of: id }))
  expect(back.build?.items).toEqual([])
  // They wait again, with what was said of them; done again, they are in the build.
  expect(back.arrivals.map(a => [a.name, a.count])).toEqual([
    ['Kelder Breeze 120', 3],
    ['Dunlin A650', 1],
  ])
  const again = stateOf(await desk.send({ act: 'redo', of: id }))
  expect([again.build?.items.length, again.arrivals.length]).toEqual([4, 0])
})

test('a correction survives that its sheet is pasted again with more in it', async () => {
  const { ask, bring, change } = await opened()
  const [line] = (await bring(FAN)).arrivals
  const id = line?.id ?? ''
  const before = await ask.arrival(id)
  const part = { ...(before?.part as object), amps: { A: 0.25, basis: 'measured' } }
  await change(id, { part })
  const again = ask.readAgain(
    { text: `${FAN}\nCable length: 500 mm`, forced: null },
    { text: FAN, forced: null, part },
  )
  expect(again.draft?.part).toMatchObject({ amps: { A: 0.25 }, lead: 500 })
  expect(again.corrections).toEqual(['amps'])
})

test('what is not whole stays, with what keeps it', async () => {
  const { bring, take } = await opened()
  const [line] = (await bring('The tide was low and the curlews were out on the mud.')).arrivals
  expect(line).toMatchObject({ kind: null, problem: 'What kind of part is it? Choose it here.' })
  expect(line?.name).toBe('The tide was low and the curlews were out on the mud.')
  expect(problem(await take(line?.id ?? ''))).toMatch(/None of these is whole yet/)
})

test('nothing pasted, and a book that is pasted, are refused with a sentence', async () => {
  const { desk, id } = await opened()
  const send = (text: string) => desk.send({ act: 'bringIn', build: id, text, name: 'The paste' })
  expect(problem(await send('  \n '))).toMatch(/Nothing came in/)
  expect(problem(await send(`${FAN}\n${'words '.repeat(5000)}`))).toMatch(/too long for a sheet/)
})

test('a list of parts comes in as parts', async () => {
  const { ask, bring } = await opened()
  const rows = ask.shelfRows()
  const ids = rows.slice(0, 3).map(r => r.id)
  const csv = await ask.partsCsv(ids, () => undefined)
  const { arrivals } = await bring(typeof csv === 'string' ? csv : '')
  expect(arrivals.map(a => a.problem)).toEqual([null, null, null])
})

test('the list of a build’s parts comes in as the parts of the shelf, as many as it names', async () => {
  const { ask, bring, take } = await opened()
  const { arrivals } = await bring((await ask.csv('plover')) ?? '')
  expect(arrivals.map(a => [a.name, a.count, a.problem])).toEqual(
    plover.items.map(i => [`${i.part.maker} ${i.part.model}`, 1, null]),
  )
  const { build } = stateOf(await take(...arrivals.map(a => a.id)))
  expect(build?.items.map(i => i.part)).toEqual(
    plover.items.map(i => shelf.find(p => p.id === i.part.id) ?? i.part),
  )
})

test('another kind chosen and the first again: what a hand corrected of it is there still', async () => {
  const { ask, bring, change } = await opened()
  const [line] = (await bring(FAN)).arrivals
  const id = line?.id ?? ''
  const part = { ...((await ask.arrival(id))?.part as object), amps: { A: 0.25 } }
  await change(id, { part })
  const [other] = (await change(id, { forced: 'supply' })).arrivals
  expect(other?.kind).toBe('supply')
  await change(id, { forced: 'fan' })
  expect((await ask.arrival(id))?.part).toMatchObject({ kind: 'fan', amps: { A: 0.25 } })
})

test('a part of a table stays what it is, whatever is chosen', async () => {
  const { ask, bring, change } = await opened()
  const [line] = (await bring((await ask.csv('plover')) ?? '')).arrivals
  const [same] = (await change(line?.id ?? '', { count: 2 })).arrivals
  expect([same?.kind, same?.name, same?.count, same?.read]).toEqual(['case', line?.name, 2, null])
})

test('what was said of a value stays, through the store and a sheet pasted again', async () => {
  const { ask, bring, change } = await opened()
  const [line] = (await bring(`${FAN}\nFan lead: 400 mm\nCable length: 500 mm`)).arrivals
  const id = line?.id ?? ''
  const lead = async () => ((await ask.arrival(id))?.part as { lead?: number }).lead
  expect([line?.read?.doubtful, await lead()]).toEqual([1, 400])
  await change(id, { answers: [{ path: 'lead', value: 400, says: 'wrong' }] })
  expect(await lead()).toBe(500)
  const read = (await ask.arrival(id))?.read?.read.filter(l => l.path === 'lead')
  expect(read?.map(l => [l.is, l.why, l.answer])).toEqual([
    [400, null, 'wrong'],
    [500, null, null],
  ])
})

test('what comes with a case is added with it, or left out', async () => {
  const { bring, change, take } = await opened()
  const CASE =
    'Fenwright Mast 9 mid tower case\nMotherboards: ATX\nGPU length: 330 mm\nIncluded fans: 2 x 120 mm'
  const [line, other] = (await bring(`${CASE}\n\n${CASE.replace('Mast 9', 'Mast 8')}`)).arrivals
  expect([line?.comesWith, line?.parts]).toEqual([['2 × 120 mm fan'], 3])
  const [, bare] = (await change(other?.id ?? '', { bare: true })).arrivals
  expect([bare?.bare, bare?.parts]).toEqual([true, 1])
  const after = stateOf(await take(line?.id ?? '', other?.id ?? ''))
  expect(after.build?.items.map(i => i.part.kind)).toEqual(['case', 'fan', 'fan', 'case'])
  expect(after.analysis?.horizons.then.parts.missing).toEqual([])
})

test('a pack is as many as are in it, with one controller for all of them', async () => {
  const { bring, change, take } = await opened()
  const PACK = `${FAN}\nPack of 3\nPackage contents: 1 controller`
  const [line] = (await bring(PACK)).arrivals
  expect([line?.count, line?.parts]).toEqual([3, 4])
  const [four] = (await change(line?.id ?? '', { count: 4 })).arrivals
  expect([four?.count, four?.parts]).toEqual([4, 6])
  const after = stateOf(await take(line?.id ?? ''))
  expect(after.build?.items.map(i => i.part.kind).sort()).toEqual([
    ...['fan', 'fan', 'fan', 'fan', 'hub', 'hub'],
  ])
  expect(after.analysis?.horizons.then.parts.missing).toEqual([])
})

describe('the list of a build’s parts', () => {
  const lines = (build: Build): readonly string[] => partsCsv(build).trim().split('\r\n').sort()
  const marked = changed(
    avocet,
    { do: 'setSerial', id: 'board', serial: 'S-0031' },
    { do: 'setPaid', id: 'memory', paid: 1249.5 },
    { do: 'setCondition', id: 'memory', condition: 'suspect' },
  )

  test.each([plover, marked])('comes back with state, money and number of each copy', async own => {
    const { bring, take } = await opened()
    const { arrivals } = await bring(partsCsv(own))
    const { build } = stateOf(await take(...arrivals.map(a => a.id)))
    expect(build && lines({ ...build, currency: own.currency })).toEqual(lines(own))
  })
  test('one whose state is none is told with its line, and nothing comes in by halves', async () => {
    const { desk, ask, id } = await opened()
    const text = partsCsv(plover).replace(',have,', ',hvae,')
    const looked = await ask.openParts(text, 'parts.csv', () => undefined)
    expect(looked).toMatchObject({
      problems: [
        { line: 2, column: 'state', sentence: expect.stringMatching(/“hvae” is no state/) },
      ],
    })
    const sent = { act: 'bringIn' as const, build: id, text, name: 'The paste' }
    expect(problem(await desk.send(sent))).toMatch(/^The paste, line 2: “hvae” is no state/)
    expect((await desk.state()).arrivals).toEqual([])
  })
})

test('a list of names that the shelf has comes in as its parts, counted, with what was paid', async () => {
  const { bring, take } = await opened()
  const [one, two] = shelf.filter(p => p.kind === 'drive')
  const [fan] = shelf.filter(p => p.kind === 'fan')
  const name = (part: Part | undefined): string => `${part?.maker ?? ''} ${part?.model ?? ''}`
  const list = [`- ${name(one)} - $99.50`, `- ${name(two)}`, `- 3x ${name(fan)}`].join('\n')
  const { arrivals } = await bring(list)
  expect(arrivals.map(a => [a.name, a.count])).toEqual([
    [name(one), 1],
    [name(two), 1],
    [name(fan), 3],
  ])
  const { build } = stateOf(await take(...arrivals.map(a => a.id)))
  expect(build?.items.map(i => i.part.id)).toEqual([one, two, fan, fan, fan].map(p => p?.id))
  expect(build?.items[0]?.paid).toBe(99.5)
  expect(build?.items[1]?.paid).toBeUndefined()
})

test.each([
  ['commas', (cells: readonly string[]) => cells.join(',')],
  ['bars', (cells: readonly string[]) => `| ${cells.join(' | ')} |`],
])('a table of names of others, its cells between %s, is read row by row', async (_, row) => {
  const { bring } = await opened()
  const { arrivals } = await bring(
    [
      ['Type', 'Item', 'Price'],
      ['CPU', 'Tern Five 700X', '289.00'],
      ['Case', 'Harrow Peak H5', '94.90'],
      ['Power Supply', 'Reedmace 850W Gold', '129.00'],
    ]
      .map(row)
      .join('\n'),
  )
  expect(arrivals.map(a => [a.kind, a.name])).toEqual([
    ['processor', 'Tern Five 700X'],
    ['case', 'Harrow Peak H5'],
    ['supply', 'Reedmace 850W'],
  ])
})

test('the build sheet of a machine comes back as its parts, in their states, and as nothing else', async () => {
  const { bring, take } = await opened()
  const { arrivals } = await bring(sheetMarkdown(plover, then(plover)))
  const parts = plover.items.map(i => `${i.part.maker} ${i.part.model}`)
  expect(arrivals.map(a => a.name).sort()).toEqual(parts.sort())
  const { build } = stateOf(await take(...arrivals.map(a => a.id)))
  const copies = (items: Build['items'] = []) => items.map(i => `${i.part.id} ${i.state}`).sort()
  expect(copies(build?.items)).toEqual(copies(plover.items))
})
