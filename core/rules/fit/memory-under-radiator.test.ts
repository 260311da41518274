import { change, finding, flipped, measure, part, plover, then } from '../../test-helpers/demos'
import type { Build } from '../../document/build'
import type { Finding } from '../finding'

/** Plover with a radiator in a case that has a place for it. */
const wet = change(
  plover,
  { do: 'swapPart', id: 'case', part: part('brackwater-harbour-m'), figures: {} },
  { do: 'swapPart', id: 'cooler', part: part('ottery-rill-240'), figures: {} },
  measure('memory', 'height', 34),
)
const roomOf = (mm: number): Build => change(wet, measure('case', 'radiators.0.memoryRoom', mm))
const found = (build: Build): Finding | undefined =>
  then(build).findings.find(f => f.rule === 'fit/memory-under-radiator')

test('a case that says nothing of it is not asked', () => {
  expect(found(wet)).toBeUndefined()
})

test('clear: modules of 34 under 40; both were measured (± 0.5 each)', () => {
  expect(found(roomOf(40))).toMatchObject({ verdict: 'clear', margin: 6, tol: 1 })
})

test('stop: 31 is 3 short, and nothing else of the machine says so', () => {
  const short = found(roomOf(31))
  expect(short).toMatchObject({ verdict: 'stop', margin: -3, parts: ['memory', 'case'] })
  expect(short?.sentence).toMatch(/under the radiator of the/)
  expect(flipped(roomOf(40), roomOf(31))).toEqual([short?.id])
})

test('measure: a height that nobody stated', () => {
  const memory = wet.items.find(i => i.id === 'memory')
  if (!memory) throw new Error('Plover has memory')
  const { height: _, ...unstated } = memory.part
  const asked = change(roomOf(40), {
    ...{ do: 'swapPart', id: 'memory', figures: {} },
    part: { ...unstated, id: 'unstated' },
  })
  expect(finding(then(asked), found(asked)?.id ?? '')).toMatchObject({ verdict: 'measure' })
})

test('without a radiator there it is not asked', () => {
  const air = change(roomOf(31), {
    ...{ do: 'swapPart', id: 'cooler', figures: {} },
    part: plover.items.find(i => i.id === 'cooler')?.part,
  })
  expect(found(air)).toBeUndefined()
})
