import type { Part } from '../../parts'
import type { Build } from '../../document/build'
import { buildOf, fieldsOf, machineIn, type Fields } from '../../test-helpers/planted-machine'
import { change, finding, flipped, measure, part, plover, then } from '../../test-helpers/demos'

const id = 'fit/radiator-room:cooler:case'
/** A case of which nobody stated how much room there is before its radiator places. */
function unstated(): Part {
  const harbour = part('brackwater-harbour-m')
  if (harbour.kind !== 'case') throw new Error('a case was expected')
  return { ...harbour, radiators: harbour.radiators?.map(({ room: _, ...place }) => place) }
}
/** Plover with a radiator of two fans in a case that has a place for it. */
const wet = change(
  plover,
  { do: 'swapPart', id: 'case', part: unstated(), figures: {} },
  { do: 'swapPart', id: 'cooler', part: part('ottery-rill-240'), figures: {} },
)
const roomOf = (mm: number): Build => change(wet, measure('case', 'radiators.0.room', mm))

test('measure: nobody states the room; the radiator of 27 with a fan of 25 needs 52', () => {
  expect(finding(then(wet), id)).toMatchObject({ verdict: 'measure', need: 52, have: null })
})

test('clear: 58 measured (± 0.5) leaves 6, both thicknesses by the sheet (± 1 each)', () => {
  expect(finding(then(roomOf(58)), id)).toMatchObject({ verdict: 'clear', margin: 6, tol: 2.5 })
})

test('stop: 48 measured is 4 short', () => {
  expect(finding(then(roomOf(48)), id)).toMatchObject({ verdict: 'stop', margin: -4 })
  expect(flipped(roomOf(58), roomOf(48))).toEqual([id])
})

test('fans on both sides are thick twice: 27 + 25 + 25 = 77', () => {
  const cooler = part('ottery-rill-240')
  if (cooler.kind !== 'cooler' || !cooler.liquid) throw new Error('a liquid cooler was expected')
  const fans = [...cooler.liquid.fans, ...cooler.liquid.fans]
  const both = { ...cooler, liquid: { ...cooler.liquid, fans } }
  const build = change(roomOf(58), { do: 'setParts', parts: { cooler: both }, title: 'both' })
  expect(finding(then(build), id)).toMatchObject({ verdict: 'stop', need: 77, margin: -19 })
})

test('of unlike fans in a row the thickest counts: 27 + 30, though the first has 15', () => {
  const cooler = part('ottery-rill-240')
  if (cooler.kind !== 'cooler' || !cooler.liquid) throw new Error('a liquid cooler was expected')
  const fans = cooler.liquid.fans.map((fan, i) => ({ ...fan, thickness: i === 0 ? 15 : 30 }))
  const uneven = { ...cooler, liquid: { ...cooler.liquid, fans } }
  const build = change(roomOf(58), { do: 'setParts', parts: { cooler: uneven }, title: 'uneven' })
  expect(finding(then(build), id)).toMatchObject({ need: 57, margin: 1 })
})

test('fans that nobody states count as 25, and say that they are assumed', () => {
  const cooler = part('ottery-rill-240')
  if (cooler.kind !== 'cooler' || !cooler.liquid) throw new Error('a liquid cooler was expected')
  const bare = { ...cooler, liquid: { ...cooler.liquid, fans: [] } }
  const build = change(roomOf(58), { do: 'setParts', parts: { cooler: bare }, title: 'bare' })
  expect(finding(then(build), id)).toMatchObject({ need: 52, assumed: true })
})

describe('a room of its own beside the board', () => {
  const TWIN = fieldsOf('brackwater-twinlock-8')
  /** Two chambers, two places; 58 on top in the open, 40 where something stands on the board. */
  const machine = (place: 'front' | 'top') =>
    buildOf(
      {
        ...machineIn({
          ...TWIN,
          radiators: (TWIN['radiators'] as readonly Fields[]).map(r => ({
            ...{ ...r, room: 58, roomBeside: 40 },
          })),
        }),
        cooler: fieldsOf('ottery-rill-240'),
      },
      { 'cooler/radiator': `case/radiator-${place}` },
    )
  test('on top the board’s edge is 35 below it: 27 + 25 of 40', () => {
    expect(finding(then(machine('top')), id)).toMatchObject({
      verdict: 'stop',
      have: 40,
      margin: -12,
    })
  })
  test('at the front nothing of the board is near: 52 of 58', () => {
    expect(finding(then(machine('front')), id)).toMatchObject({ verdict: 'clear', have: 58 })
  })
})
