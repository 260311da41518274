import { avocet, change, finding, measure, then } from '../../test-helpers/demos'

const id = 'power/slot:capture:board'
const drawing = (watts: number) =>
  finding(then(change(avocet, measure('capture', 'watts', watts, 'W'))), id)

test('clear: 24 W by its sheet (± 3 %) of the 25 that a short slot gives once it is set up', () => {
  expect(finding(then(avocet), id)).toMatchObject({
    ...{ verdict: 'clear', need: 24, have: 25, margin: 1, tol: 0.72 },
  })
})

test('measured, 25 is just enough and 26 is one too many', () => {
  expect(drawing(25).verdict).not.toBe('stop')
  expect(drawing(26)).toMatchObject({ verdict: 'stop', margin: -1 })
})

test('a card with plugs of its own takes from the slot what its sheet says, not all', () => {
  // 310 W in all, 60 of them from a slot of sixteen: 75
  expect(finding(then(avocet), 'power/slot:card:board')).toMatchObject({ need: 60, have: 75 })
})
