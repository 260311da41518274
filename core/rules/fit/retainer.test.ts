// What holds a heavy card in its slot: there already, a part by itself, or nothing.
import { part, then } from '../../test-helpers/demos'
import { altered, buildOf, TOWER, type Machine } from '../../test-helpers/planted-machine'

const machine = (retainer: string | undefined, more: Machine = {}): Machine =>
  altered(TOWER, {
    board: { slots: [{ key: 's', label: 'AGP', row: 2, size: 'AGP', keyed: ['1.5 V'], retainer }] },
    card: { ...part('marram-agp') },
    ...more,
  })
const CLIP: Machine = { clip: { ...part('hollin-agp-clip') } }
const said = (m: Machine) => then(buildOf(m)).findings.filter(f => f.rule === 'fit/retainer')
const kinds = (m: Machine) => then(buildOf(m)).order.steps.map(s => s.kind)

test('fitted, or bought: clear; missing: the card creeps out', () => {
  expect(said(machine('fitted'))).toMatchObject([{ verdict: 'clear' }])
  expect(said(machine('separate', CLIP))).toMatchObject([{ verdict: 'clear' }])
  expect(said(machine('separate'))).toMatchObject([{ verdict: 'watch' }])
  expect(said(machine(undefined))).toEqual([])
})
test('a part by itself is a step before the card', () => {
  const steps = kinds(machine('separate', CLIP))
  expect(steps.indexOf('retainer')).toBeGreaterThan(-1)
  expect(steps.indexOf('retainer')).toBeLessThan(steps.indexOf('card'))
  expect(kinds(machine('fitted', CLIP))).not.toContain('retainer')
})
