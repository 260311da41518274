import { avocet, change, finding, flipped, measure, then } from '../../test-helpers/demos'

const id = 'power/class:card-adapter:card'
const asking = (watts: number) => change(avocet, measure('card', 'asks', watts, 'W'))

test('clear: three inlets of 150 W tell a card that asks for 310 that it may have 450', () => {
  expect(finding(then(avocet), id)).toMatchObject({
    ...{ verdict: 'clear', need: 310, have: 450, margin: 140 },
  })
})

test('a card that asks for 480 holds back: 30 too many, more than 3 % of 450', () => {
  expect(finding(then(asking(480)), id)).toMatchObject({ verdict: 'watch', margin: -30 })
  expect(flipped(avocet, asking(480))).toEqual([id])
})
