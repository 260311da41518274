// Two disks on one power cable, in bays some 300 mm apart: what lies between its plugs decides.
import { then } from '../test-helpers/demos'
import { buildOf } from '../test-helpers/planted-machine'
import { hop } from '../test-helpers/plants/ways'

const stops = (between: number) =>
  then(buildOf(hop(between))).findings.filter(f => /stop|harm/.test(f.verdict))

test('100 mm between two plugs do not reach from bay to bay', () => {
  const about = stops(100).flatMap(f => f.parts)
  expect(about.some(item => item.startsWith('disk'))).toBe(true)
})

test('400 mm do: the same machine is sound', () => {
  expect(stops(400).map(f => f.sentence)).toEqual([])
})
