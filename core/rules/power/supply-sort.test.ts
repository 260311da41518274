// What stands beside a supply's watts: what it switches off for, how it draws, how old it is.
import type { Finding } from '../finding'
import { altered, buildOf, TOWER, type Fields } from '../../test-helpers/planted-machine'
import { then } from '../../test-helpers/demos'

function said(rule: string, fields: Fields, condition = 'new'): readonly Finding[] {
  const build = buildOf(altered(TOWER, { supply: fields }))
  const items = build.items.map(i => (i.id === 'supply' ? { ...i, condition } : i))
  return then({ ...build, items } as typeof build).findings.filter(f => f.rule === rule)
}

test('all vital protections, one missing, none, not stated', () => {
  const rule = 'power/protections'
  const vital = ['over-voltage', 'over-current', 'short-circuit']
  expect(said(rule, { protections: vital })).toMatchObject([{ verdict: 'clear' }])
  const [two] = said(rule, { protections: ['short-circuit', 'over-power'] })
  expect(two).toMatchObject({ verdict: 'watch', parts: ['supply'] })
  expect(two?.sentence).toContain('does not switch off for over-voltage and over-current')
  expect(said(rule, { protections: [] })).toMatchObject([{ verdict: 'watch' }])
  expect(said(rule, { protections: undefined })).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'supply', path: 'protections' }] },
  ])
})

test('power-factor correction: active and passive are clear, none is watched, silence says nothing', () => {
  const verdictOf = (pfc: string | undefined) => said('power/factor', { pfc }).map(f => f.verdict)
  expect(['active', 'passive', 'none', undefined].map(verdictOf)).toEqual([
    ['clear'],
    ['clear'],
    ['watch'],
    [],
  ])
})

test('age is asked of a supply that served before, and told; of a new one it is not', () => {
  const rule = 'power/age'
  expect(said(rule, { year: 2008 })).toEqual([])
  expect(said(rule, { year: 2008 }, 'known good')).toMatchObject([{ verdict: 'clear' }])
  const [old] = said(rule, { year: 2008 }, 'unknown')
  expect(old).toMatchObject({ verdict: 'watch' })
  expect(old?.sentence).toContain('2008')
  expect(said(rule, {}, 'suspect')).toMatchObject([
    { verdict: 'measure', asks: [{ path: 'year' }] },
  ])
})
