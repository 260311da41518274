import { difference } from './compare'
import { avocet, change, measure, part, plover, swap, then } from '../test-helpers/demos'

test('a build differs in nothing from itself', () => {
  const same = difference(then(plover), then(plover))
  expect(same.parts).toEqual({ gone: [], come: [], swapped: [] })
  expect(same.findings).toEqual({ gone: [], come: [], turned: [] })
  expect([same.joints.gone, same.joints.come, same.uses]).toEqual([[], [], []])
  for (const { before, after } of [same.watts, same.price, same.left, same.minutes, same.steps])
    expect(after).toBe(before)
})

test('a swap, an addition and a removal are told apart, with what they cost', () => {
  const after = change(
    plover,
    swap('cooler', 'ottery-lowbank-47'),
    { do: 'addItem', item: { part: part('ottery-breeze-120') } },
    { do: 'removeItem', id: 'disk' },
  )
  const { parts, price, steps } = difference(then(plover), then(after))
  expect(parts.swapped.map(s => [s.from.name, s.to.name])).toEqual([['Lowbank 65', 'Lowbank 47']])
  expect(parts.come.map(p => p.name)).toEqual(['Breeze 120'])
  expect(parts.gone.map(p => p.id)).toEqual(['disk'])
  const cost = (id: string): number => {
    const i = plover.items.find(x => x.id === id)
    return i?.paid ?? i?.part.price ?? 0
  }
  const paid = plover.items.find(i => i.id === 'cooler')?.paid
  const lowbank = paid ?? part('ottery-lowbank-47').price ?? 0
  expect(price.after - price.before).toBeCloseTo(
    lowbank - cost('cooler') + (part('ottery-breeze-120').price ?? 0) - cost('disk'),
  )
  expect(steps.after).not.toBe(steps.before)
})

test('a finding that changes its verdict has turned; one that becomes clear is gone', () => {
  const measured = difference(then(plover), then(change(plover, measure('case', 'coolerRoom', 80))))
  expect(measured.findings.gone.map(f => f.id)).toEqual(['fit/cooler-height:cooler:case'])
  const lower = difference(then(plover), then(change(plover, measure('case', 'coolerRoom', 60))))
  expect(lower.findings.turned.map(t => [t.was, t.finding.verdict])).toEqual([['measure', 'stop']])
  expect(lower.findings.gone).toEqual([])
})

test('copies of one model count one by one', () => {
  const { parts } = difference(
    then(avocet),
    then(change(avocet, { do: 'setState', id: 'fan-3', state: 'spare' })),
  )
  expect(parts.gone.map(p => p.title)).toEqual(['Fan'])
})
