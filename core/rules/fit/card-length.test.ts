import { avocet, change, finding, flipped, measure, then } from '../../test-helpers/demos'

const id = 'fit/card-length:card:case'

test('clear: 330 of 380, both by their sheets (± 1)', () => {
  expect(finding(then(avocet), id)).toMatchObject({
    ...{ verdict: 'clear', need: 330, have: 380, margin: 50, tol: 2 },
  })
})

test('stop: room measured at 328 (± 0.5) is 2 short, more than 0.5 + 1', () => {
  const short = change(avocet, measure('case', 'cardRoom', 328))
  expect(finding(then(short), id)).toMatchObject({ verdict: 'stop', margin: -2, tol: 1.5 })
  expect(flipped(avocet, short)).toEqual([id])
})

test('tight: 331 leaves 1, less than 0.5 + 1', () => {
  const narrow = change(avocet, measure('case', 'cardRoom', 331))
  expect(finding(then(narrow), id)).toMatchObject({ verdict: 'tight', margin: 1 })
})
