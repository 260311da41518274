// Two states of one part: which field is newer, and the part with what is taken of each.
import { partSchema, type Part } from '../parts'
import { part } from '../test-helpers/demos'
import { differencesOf, mergedWith, proposed } from './differences'

const FAN = part('ottery-breeze-120')
const fan = (more: object): Part => partSchema.parse({ ...FAN, ...more })
const told = (here: Part, there: Part) =>
  differencesOf(here, there).map(d => [d.path, d.better, d.why])

test('the same says nothing', () => {
  expect(differencesOf(FAN, fan({}))).toEqual([])
})

test.each([
  ['what only one states is that one’s', { lead: 500 }, { lead: null }, 'here', /only the shelf/],
  ['and the other way', { lead: null }, { lead: 500 }, 'there', /only the file/],
  [
    'measured is surer than read',
    { lead: { mm: 505, basis: 'measured', on: '2031-01-01' } },
    { lead: 500 },
    ...(['here', /surer/] as const),
  ],
  [
    'of two that are measured the later',
    { lead: { mm: 505, basis: 'measured', on: '2031-01-01' } },
    { lead: { mm: 510, basis: 'measured', on: '2031-02-01' } },
    ...(['there', /newer/] as const),
  ],
  [
    'of two that are read the later',
    { lead: 500, reads: { lead: { in: 'sheet', on: '2031-03-01' } } },
    { lead: 510, read: { in: 'sheet', on: '2031-02-01' } },
    ...(['here', /newer/] as const),
  ],
  [
    'a shop’s words give way to the maker’s',
    { lead: 500, read: { in: 'shop', on: '2031-03-01' } },
    { lead: 510 },
    ...(['there', /surer/] as const),
  ],
  ['what was assumed gives way', { assumed: ['lead'], lead: 400 }, { lead: 500 }, 'there', /surer/],
] as const)('%s', (_, here, there, side, why) => {
  expect(told(fan(here), fan(there))).toEqual([['lead', side, expect.stringMatching(why)]])
})

test('where nothing says which is newer, that is said, and what comes in is proposed', () => {
  const [d] = differencesOf(fan({ lead: 500 }), fan({ lead: 510 }))
  expect(d).toMatchObject({ better: null, here: '500.0\u2009mm', there: '510.0\u2009mm' })
  expect(d && proposed(d)).toBe('there')
})

test('each field is taken as it is proposed, or as somebody chose', () => {
  const here = fan({ lead: { mm: 505, basis: 'measured' }, price: 9, note: 'loud' })
  const there = fan({ lead: 500, price: 11, amps: 0.4 })
  const both = mergedWith(here, there, {})
  expect(both).toMatchObject({
    ...{ lead: { mm: 505 }, price: 11, note: 'loud', amps: 0.4 },
  })
  const chosen = mergedWith(here, there, { lead: 'there', price: 'here', amps: 'here' })
  expect(chosen).toMatchObject({ lead: 500, price: 9, amps: FAN.kind === 'fan' ? FAN.amps : 0 })
})

test('what is said of a field comes with it: that it is assumed, and where it was read', () => {
  const here = fan({ lead: 500, assumed: ['amps'], amps: 0.2 })
  const there = fan({
    ...{ lead: 500, amps: 0.3, height: 26, assumed: ['height'] },
    ...{ read: { in: 'manual', on: '2031-02-01' }, pages: [{ id: 'p', title: 'Its box' }] },
  })
  expect(mergedWith(here, there, { height: 'there' })).toMatchObject({
    ...{ assumed: ['height'], pages: [{ id: 'p' }] },
    reads: { amps: { in: 'manual' }, height: { in: 'manual' } },
  })
  expect(mergedWith(here, there, { amps: 'here', height: 'here' })).toMatchObject({
    ...{ assumed: ['amps'], amps: 0.2 },
  })
})

test('lists of another length are one field, and that they are otherwise is said', () => {
  const board = part('saltpan-inlet-2')
  if (board.kind !== 'board') throw new Error('no board')
  const fewer = partSchema.parse({ ...board, headers: board.headers?.slice(1) })
  const [d, ...more] = differencesOf(board, fewer)
  expect([d?.path, more]).toEqual(['headers', []])
  const other = partSchema.parse({
    ...board,
    headers: board.headers?.map((h, i) => (i === 0 ? { ...h, label: 'OTHER' } : h)),
  })
  expect(differencesOf(board, other)).toMatchObject([{ path: 'headers.0.label', there: 'OTHER' }])
  expect(mergedWith(board, other, {})).toEqual(other)
})
