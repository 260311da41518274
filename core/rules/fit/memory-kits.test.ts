// What decides whether memory runs, and how fast: the processor, the kind of module, whole banks,
// channels, kits side by side.
import type { Finding } from '../finding'
import {
  altered,
  buildOf,
  TOWER,
  type Fields,
  type Machine,
} from '../../test-helpers/planted-machine'
import { part, then } from '../../test-helpers/demos'

const said = (machine: Machine, rule: string): readonly Finding[] =>
  then(buildOf(machine)).findings.filter(f => f.rule === rule)
const verdicts = (machine: Machine, rule: string): readonly string[] =>
  said(machine, rule).map(f => f.verdict)
const boardWith = (memory: Fields): Machine => {
  const own = TOWER['board']?.['memory'] as Fields
  return altered(TOWER, { board: { memory: { ...own, ...memory } } })
}
const kit = (fields: Fields): Fields => ({ ...part('merewick-d5-1x16'), ...fields })

test('the processor drives the generation, another one, or nobody says', () => {
  const takes = (...memory: readonly string[]): Machine => altered(TOWER, { processor: { memory } })
  expect(verdicts(TOWER, 'fit/memory-type')).toEqual(['clear'])
  expect(verdicts(takes('DDR4', 'DDR5'), 'fit/memory-type')).toEqual(['clear'])
  const [stop] = said(takes('DDR4'), 'fit/memory-type')
  expect(stop).toMatchObject({
    verdict: 'stop',
    parts: ['memory', 'processor'],
    sentence: 'The T2-65 drives DDR4, not the DDR5 of the D5 2 × 8: nothing starts',
  })
  expect(said(takes(), 'fit/memory-type')).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'processor', path: 'memory' }] },
  ])
})

test('registered modules: never, only, either, not known; never beside plain ones', () => {
  const registered = { memory: { ...part('merewick-d5-2x32r') } }
  const on = (buffered: string | null, kits: Machine = {}): Machine =>
    altered(boardWith({ buffered }), kits)
  const rule = 'fit/memory-registered'
  expect(verdicts(on('never'), rule)).toEqual(['clear'])
  expect(verdicts(on('never', registered), rule)).toEqual(['stop'])
  expect(verdicts(on('only'), rule)).toEqual(['stop'])
  expect(verdicts(on('only', registered), rule)).toEqual(['clear'])
  expect(verdicts(on('either', registered), rule)).toEqual(['clear'])
  expect(verdicts(on(null, registered), rule)).toEqual(['measure'])
  expect(verdicts(on(null), rule)).toEqual([])
  const second = (buffered: boolean | null): Machine => ({
    ...registered,
    second: kit({ buffered }),
  })
  expect(verdicts(on('either', second(false)), rule)).toEqual(['stop', 'clear', 'clear'])
  expect(verdicts(on('either', second(true)), rule)).toEqual(['clear', 'clear'])
  expect(verdicts(on('either', second(null)), rule)).toEqual(['measure', 'clear', 'clear'])
  // Of modules of which nobody says it, most are plain.
  const unsaid = { memory: { buffered: null } }
  expect(said(on('never', unsaid), rule)).toMatchObject([{ verdict: 'clear', assumed: true }])
  expect(said(on('only', unsaid), rule)).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'memory', path: 'buffered' }] },
  ])
})

test('an old board: the first bank is filled whole; one of two, or two sizes, does not start', () => {
  const old = 'fenwright-longreed-52 saltpan-weir-486'
  const machine = (...kits: readonly Fields[]): Machine => ({
    board: { ...part(old.split(' ')[1] ?? '') },
    ...Object.fromEntries(kits.map((own, i) => [`kit-${i}`, own])),
  })
  const pair = { ...part('merewick-simm-2x16') }
  const rule = 'fit/memory-banks'
  expect(said(machine(pair), rule)).toMatchObject([
    { verdict: 'clear', sentence: 'The bank of A1 and A2 of the Weir 100 is whole' },
  ])
  expect(verdicts(machine(pair, pair), rule)).toEqual(['clear', 'clear'])
  const one = { ...pair, modules: 1 }
  expect(said(machine(one), rule)).toMatchObject([
    { verdict: 'stop', sentence: expect.stringContaining('A2 stays empty') as string },
  ])
  expect(verdicts(machine(one, { ...one, each: 0.008 }), rule)).toEqual(['stop'])
  expect(said(machine(one, { ...one, each: null }), rule)).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'kit-1', path: 'each' }] },
  ])
})

test('one module leaves a channel unused, and its slot is kept', () => {
  const rule = 'fit/memory-channels'
  expect(verdicts(TOWER, rule)).toEqual(['clear'])
  const [lone] = said(altered(TOWER, { memory: { modules: 1 } }), rule)
  // The table says A2 for one and A2, B2 for two.
  expect(lone).toMatchObject({ verdict: 'watch', assumed: false })
  expect(lone?.wayOut).toContain('B2 is kept for it')
  // Two that a hand has put on one channel are not called clear: the table has its word on them.
  const onOne = { 'memory/module-1': 'board/memory-A1', 'memory/module-2': 'board/memory-A2' }
  const { findings } = then(buildOf(TOWER, onOne))
  expect(findings.filter(f => f.rule === rule)).toEqual([])
  expect(findings.find(f => f.rule === 'fit/memory-table')?.verdict).toBe('watch')
  const noTable = boardWith({ table: [] })
  expect(verdicts(noTable, rule)).toEqual([])
  expect(said(altered(noTable, { memory: { modules: 1 } }), rule)).toMatchObject([
    { verdict: 'watch', assumed: true },
  ])
  const single = boardWith({ table: [], slots: [{ label: 'A1', at: [160, 80] }] })
  expect(verdicts(altered(single, { memory: { modules: 1 } }), rule)).toEqual([])
})

test('two kits that differ in size, speed, voltage or ranks are watched; alike they are clear', () => {
  const rule = 'fit/memory-mix'
  const same = { memory: kit({ id: 'one' }), second: kit({ id: 'two' }) }
  const with2 = (fields: Fields): Machine => altered(altered(TOWER, same), { second: fields })
  expect(verdicts(TOWER, rule)).toEqual([])
  expect(verdicts(with2({}), rule)).toEqual(['clear'])
  for (const other of [{ each: 8 }, { speed: 4800 }, { volts: 1.25 }, { ranks: 1 }])
    expect(verdicts(with2(other), rule)).toEqual(['watch'])
  expect(said(with2({ each: 8, speed: 4800 }), rule)[0]?.sentence).toContain('size and speed')
  for (const path of ['each', 'speed'])
    expect(said(with2({ [path]: null }), rule)).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'second', path }] },
    ])
})

test('the slower of two promises binds; none at all is a question; slower modules lose what is left', () => {
  const rule = 'fit/memory-speed'
  const promised = (board: number, processor: number | null): Machine =>
    altered(boardWith({ table: [{ modules: 2, slots: ['A2', 'B2'], speed: board }] }), {
      processor: { speeds: processor === null ? [] : [{ modules: 2, speed: processor }] },
    })
  // The kit is rated for 5600.
  expect(said(promised(5600, 5600), rule)).toMatchObject([{ verdict: 'clear', margin: 0 }])
  expect(said(promised(6000, 5200), rule)).toMatchObject([
    { verdict: 'watch', need: 5600, have: 5200, margin: -400 },
  ])
  expect(said(promised(5200, null), rule)).toMatchObject([{ verdict: 'watch', have: 5200 }])
  const silent = altered(boardWith({ table: [] }), { processor: { speeds: [] } })
  expect(said(silent, rule)).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'board', path: 'memory.table' }] },
  ])
  // A promise for four holds for two.
  const forFour = [{ modules: 4, slots: ['A1', 'A2', 'B1', 'B2'], speed: 5200 }]
  const four = altered(boardWith({ table: forFour }), { processor: { speeds: [] } })
  expect(said(four, rule)).toMatchObject([{ verdict: 'watch', have: 5200 }])
  expect(said(promised(6400, 6000), 'fit/memory-below')).toMatchObject([
    { verdict: 'watch', need: 6000, have: 5600, margin: -400 },
  ])
  expect(said(promised(5600, 5600), 'fit/memory-below')).toMatchObject([{ verdict: 'clear' }])
})

test('modules under a cooler: its reach, or half of its depth; neither is a question', () => {
  const rule = 'fit/cooler-over-memory'
  // Processor at 95, slots of the kit at 169 and 187: their near faces at 165.5 and 183.5.
  const cooler = (fields: Fields): Machine => altered(TOWER, { cooler: fields })
  expect(verdicts(cooler({ over: 60 }), rule)).toEqual([])
  expect(said(cooler({ over: 80, memoryRoom: 45 }), rule)).toMatchObject([
    { verdict: 'clear', need: 31.25, have: 45 },
  ])
  expect(verdicts(cooler({ over: 80 }), rule)).toEqual(['measure'])
  // Half of 130 and the 15 that it may be off: 80.
  expect(said(cooler({ over: null, depth: 130, memoryRoom: 45 }), rule)).toMatchObject([
    { verdict: 'clear', assumed: true },
  ])
  expect(said(cooler({ over: null, depth: null }), rule)).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'cooler', path: 'over' }] },
  ])
  const tall = altered(cooler({ over: 80, memoryRoom: 45 }), { memory: { height: null } })
  expect(verdicts(tall, rule)).toEqual(['measure'])
})

test('heat against capacity: 65 W under 95; 142 under 95 is watched; not stated is tried', () => {
  const rule = 'fit/cooler-capacity'
  expect(said(TOWER, rule)).toMatchObject([{ verdict: 'clear', need: 65, have: 95, margin: 30 }])
  const hot = altered(TOWER, { processor: { power: { sustained: 142 } } })
  expect(said(hot, rule)).toMatchObject([{ verdict: 'watch', margin: -47 }])
  const silent = altered(TOWER, { cooler: { cools: null } })
  expect(said(silent, rule)).toMatchObject([{ verdict: 'measure', need: 65, have: null }])
})

test('a board that lists no processors is asked; one that is set by jumpers is not', () => {
  const silent = altered(TOWER, { board: { firmware: undefined } })
  expect(verdicts(silent, 'fit/firmware')).toEqual(['measure'])
  const old = altered(silent, { board: { form: 'Baby-AT' } })
  expect(verdicts(old, 'fit/firmware')).toEqual([])
})
