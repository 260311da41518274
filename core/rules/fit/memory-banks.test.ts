// Banks of old boards and of memory boards: rows of chips, missing chips, a bank before that is
// empty.
import { part, then } from '../../test-helpers/demos'
import { altered, buildOf, type Fields, type Machine } from '../../test-helpers/planted-machine'

const FORD: Machine = {
  board: { ...part('saltpan-ford-33') },
  processor: { ...part('quillmark-grebe-33') },
}
const CHIPS: Fields = { ...part('merewick-chips-256') }
const SIMMS: Fields = { ...part('merewick-simm30-4x1') }
const said = (machine: Machine, pins: Readonly<Record<string, string>> = {}) =>
  then(buildOf(machine, pins)).findings.filter(f => f.rule === 'fit/memory-banks')
const chips = (modules: number, more: Machine = {}) =>
  said({ ...FORD, chips: { ...CHIPS, modules }, ...more })

test('36 chips are four rows; 18 fill two of four and stop it', () => {
  expect(chips(36)).toMatchObject([{ verdict: 'clear' }])
  expect(chips(18)).toMatchObject([
    { verdict: 'stop', sentence: expect.stringContaining('ROW3 and ROW4 stay empty') as string },
  ])
})
test('two bags of 18 fill the bank together; of two sizes they do not', () => {
  const second = (each: number) => ({ second: { ...CHIPS, id: 'second', modules: 18, each } })
  expect(chips(18, second(0.000256))).toMatchObject([{ verdict: 'clear' }])
  expect(chips(18, second(0.001))).toMatchObject([{ verdict: 'stop' }])
})
test('a chip short in the last row is parity, two short stop it', () => {
  expect(chips(35)).toMatchObject([
    { verdict: 'measure', sentence: expect.stringMatching(/1 chip in ROW4.*parity/) as string },
  ])
  expect(chips(34)).toMatchObject([
    { verdict: 'stop', sentence: expect.stringContaining('2 chips in ROW4') as string },
  ])
})
test('modules in the second bank alone: the first one is empty', () => {
  expect(said({ ...FORD, modules: SIMMS })).toMatchObject([
    { verdict: 'watch', sentence: expect.stringMatching(/ROW3 and ROW4, is empty/) as string },
  ])
})
test('a memory board has banks of its own, fed by its slot', () => {
  const more = { chips: CHIPS, modules: SIMMS, ram: { ...part('saltpan-ram-isa') } }
  const two = { ...SIMMS, id: 'two', modules: 2 }
  const machine = altered(FORD, { ...more, two })
  const [onCard] = said(machine).filter(f => f.parts.includes('ram'))
  expect(onCard).toMatchObject({ verdict: 'clear' })
  expect(onCard?.sentence).toMatch(/S1 and S2 of the Ford RAM is whole/)
  const lone = altered(machine, { two: { modules: 1 } })
  expect(said(lone).find(f => f.parts.includes('ram'))).toMatchObject({ verdict: 'stop' })
})
test('chips go into no module’s socket, modules into no row', () => {
  const { joints } = then(buildOf({ ...FORD, chips: { ...CHIPS, modules: 72 } }))
  const slots = joints.filter(j => j.id.startsWith('chips/')).map(j => j.id.split('~')[1])
  expect(slots).toEqual([
    'board/memory-ROW1',
    'board/memory-ROW2',
    'board/memory-ROW3',
    'board/memory-ROW4',
  ])
})
