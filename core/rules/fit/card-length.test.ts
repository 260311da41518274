import { avocet, change, finding, flipped, measure, part, then } from '../../test-helpers/demos'
import {
  buildOf,
  exact,
  type Machine,
  fieldsOf,
  machineIn,
} from '../../test-helpers/planted-machine'
import { SMALL_CARD } from '../../test-helpers/plants/plant'

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

describe('what the room counts on', () => {
  /** 395 long inside; 368 with fans at the front. */
  const machine = (
    length: number,
    fans: Machine = {},
    pins: Readonly<Record<string, string>> = {},
  ) =>
    buildOf(
      {
        ...machineIn(fieldsOf('brackwater-harbour-4')),
        card: { ...SMALL_CARD, length: exact('mm', length) },
        ...fans,
      },
      { 'card/seat': 'board/slot-4', ...pins },
    )
  const FAN: Machine = { fan: { ...part('ottery-breeze-120') } }
  test('without a fan there is as much more as it would take: 380 of 368 + 25', () => {
    expect(finding(then(machine(380)), 'fit/card-length')).toMatchObject({
      ...{ verdict: 'clear', have: 368 + 25, margin: 13 },
    })
    expect(finding(then(machine(398)), 'fit/card-length').verdict).toBe('stop')
  })
  test('with one the sheet’s room does: 380 of 368 is 12 too long', () => {
    const f = finding(then(machine(380, FAN, { 'fan/frame': 'case/front-2' })), 'fit/card-length')
    expect(f).toMatchObject({ verdict: 'stop', margin: -12 })
  })
  test('a room that somebody measured is the room', () => {
    const measured = change(machine(380), measure('case', 'cardRoom', 368))
    expect(finding(then(measured), 'fit/card-length').verdict).toBe('stop')
  })
})
