import { analyse } from './analyse'
import { emptyBuild, type Build } from '../document/build'
import { Memory } from '../pipeline/memory'
import { RULES } from '../rules/registry'
import { change, measure, part, plover, then } from '../test-helpers/demos'

const bytes = (build: Build, memo?: Memory): string => JSON.stringify(analyse(build, memo))

test('same build, same bytes: also from a copy, and with keys in another order', () => {
  const reversed = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(reversed)
    if (typeof value !== 'object' || value === null) return value
    const entries = Object.entries(value).reverse()
    return Object.fromEntries(entries.map(([k, v]) => [k, reversed(v)]))
  }
  expect(bytes(structuredClone(plover))).toBe(bytes(plover))
  expect(bytes({ ...plover, items: reversed(plover.items) as Build['items'] })).toBe(bytes(plover))
})

test('an unchanged part of the analysis stays the same object', () => {
  const memo = new Memory()
  const before = analyse(plover, memo).horizons.then
  const after = analyse(change(plover, measure('memory', 'height', 31)), memo).horizons.then
  expect(after.joints).toBe(before.joints)
  expect(after.order).toBe(before.order)
  expect(after.drawings).not.toBe(before.drawings)
})

describe('horizons', () => {
  test('now counts what is here or on its way; then also what is wanted and later; spares join nothing', () => {
    const { now, then: later } = analyse(plover).horizons
    expect(now.joints.some(j => j.items.includes('disk'))).toBe(false)
    expect(later.joints.some(j => j.items.includes('disk'))).toBe(true)
    const spare = then(change(plover, { do: 'setState', id: 'stick', state: 'spare' }))
    expect(spare.joints.some(j => j.items.includes('stick'))).toBe(false)
    expect(spare.record.leftOver).toContain('N4 500 GB')
    expect(spare.parts.rows.find(r => r.id === 'stick')?.verdict).toBeNull()
  })
  test('Plover comes out without a stop or a harm, now and then', () => {
    for (const h of Object.values(analyse(plover).horizons))
      expect([h.counts.stop, h.counts.harm]).toEqual([0, 0])
  })
})

test('an empty build has no finding, no step and nothing to prove', () => {
  const empty = then(emptyBuild('a', 'A'))
  expect([empty.findings, empty.order.steps, empty.proof, empty.joints, empty.drawings]).toEqual([
    [],
    [],
    [],
    [],
    [],
  ])
})

test('findings: the gravest first, accepted last; open matters count what is neither', () => {
  const tall = change(plover, {
    do: 'swapPart',
    id: 'cooler',
    part: part('ottery-highbank-120'),
    figures: {},
  })
  expect(then(tall).findings[0]?.id).toBe('fit/cooler-height:cooler:case')
  expect(then(tall).open.fit).toBe(3)
  const accepted = then(
    change(tall, { do: 'accept', id: 'fit/cooler-height:cooler:case', reason: 'runs open' }),
  )
  expect(accepted.findings.at(-1)).toMatchObject({
    id: 'fit/cooler-height:cooler:case',
    accepted: { reason: 'runs open' },
  })
  expect(accepted.open.fit).toBe(2)
})

test('price: paid where paid, else the list; left to pay what is not paid and not here', () => {
  // 30 + 109 + 125 + 38 + 58 + 49 + 63 + 0 + 71 + 4; ordered 63, later 71 + 4
  expect(then(plover).parts).toMatchObject({ total: 547, left: 138, unpriced: 0 })
})

test('the proof names this build’s parts, and proves their joints', () => {
  const { proof } = then(plover)
  expect(proof.find(c => c.id === 'proof:memory')?.expect).toBe('16\u2009GB in 2 modules.')
  expect(proof.find(c => c.id === 'proof:supply-switch')?.expect).toBe(
    'Mains lamp: green, beside the 24-pin socket.',
  )
  expect(proof.find(c => c.id === 'proof:button')?.joints).toEqual([
    'case/power-switch~board/panel-power-switch',
  ])
  expect(proof.find(c => c.id === 'proof:fan:cooler')?.caution).toMatch(/switch off/)
  const done = then(
    change(plover, { do: 'prove', ids: ['proof:fan:cooler', 'cooler/fan~board/cpu-fan'] }),
  )
  expect(done.proof.find(c => c.id === 'proof:fan:cooler')?.progress).toBe('proved')
  expect(done.order.steps.find(s => s.kind === 'cooler-plug')?.progress).toBe('proved')
})

test('the record: what was made, how long it took, and what is no longer in the plan', () => {
  const made = change(
    plover,
    { do: 'make', ids: ['fan/frame~case/top'], title: 'x', took: 120 },
    { do: 'make', ids: ['task:bench'], took: 60, by: 'warden' },
  )
  expect(then(made).record).toMatchObject({ minutesTaken: 3, orphans: [], remaining: 23 })
  expect(then(made).record.done.map(d => [d.title, d.by])).toContainEqual([
    'Make the bench ready',
    'warden',
  ])
  const broken = { do: 'markEnd', id: 'case', end: 'top', mark: { as: 'broken' } }
  expect(then(change(made, broken)).record.orphans.map(o => o.id)).toEqual(['fan/frame~case/top'])
  // What is taken out takes what was made with it along.
  expect(then(change(made, { do: 'removeItem', id: 'fan' })).record.orphans).toEqual([])
})

test('every rule has an id of its own, a question and a source', () => {
  expect(new Set(RULES.map(r => r.id)).size).toBe(RULES.length)
  expect(RULES.every(r => r.question.endsWith('?') && r.source.length > 0)).toBe(true)
})
