// A search that was not finished is no reason for a stop.
import { endRef } from '../../ids/ids'
import type { Demand } from '../../joining/joint'
import { judgeUnmet } from './unmet'

const demand: Demand = {
  id: 'fan/lead',
  item: 'fan',
  need: 'must',
  refs: [endRef('fan', 'lead')],
  label: 'lead',
  seat: false,
  sits: false,
}
const judged = (isProved: boolean) =>
  judgeUnmet({
    unmet: { demand, reasons: ['SYS is taken by lead'], short: null, taken: [], isChosen: true },
    ...{ isProved, name: 'Breeze', leftOpen: null, end: null, held: [], open: [] },
  })[0]

test('tried to the end it stops, with the reason', () => {
  expect(judged(true)).toMatchObject({
    verdict: 'stop',
    sentence: 'Lead of the Breeze: no free place; SYS is taken by lead',
  })
})

test('left off before it is to be looked at, and says so', () => {
  expect(judged(false)).toMatchObject({
    verdict: 'measure',
    sentence:
      'Lead of the Breeze: no free place; not proved: the search ended before all ways were tried',
  })
})
