import { altered, avocet, change, finding, then } from '../../test-helpers/demos'

const wide = 'fit/slot-covers:card:case'
const narrow = 'fit/slot-covers:capture:case'
const covers = (slots: number | undefined) =>
  then(
    change(
      avocet,
      altered(avocet, 'case', () => ({ slots })),
    ),
  )

test('a card of three slots in row 2 takes 2, 3 and 4; one of one slot in row 5 takes 5', () => {
  expect(finding(then(avocet), wide)).toMatchObject({
    verdict: 'clear',
    sentence: expect.stringMatching(/^Covers 2, 3, 4 .* come off/) as string,
  })
  expect(finding(then(avocet), narrow).sentence).toMatch(/^Cover 5 .* comes off/)
})

test('a case that ends at four has room for the wide one and none for row 5', () => {
  expect(finding(covers(4), wide).verdict).toBe('clear')
  expect(finding(covers(4), narrow)).toMatchObject({
    verdict: 'stop',
    sentence: expect.stringContaining('ends at 4') as string,
  })
})

test('not stated: to be counted', () => {
  expect(finding(covers(undefined), wide)).toMatchObject({
    verdict: 'measure',
    wayOut: 'Count them, and enter them with the case.',
  })
})
