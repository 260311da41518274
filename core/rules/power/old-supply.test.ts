// Older supplies: the mains switch, the rails they lack, the least load; twenty and four apart; an
// external battery.
import { part, then } from '../../test-helpers/demos'
import {
  altered,
  buildOf,
  TOWER,
  type Fields,
  type Machine,
} from '../../test-helpers/planted-machine'

const said = (machine: Machine, rule: string) =>
  then(buildOf(machine)).findings.filter(f => f.rule === rule)
const AT: Fields = { ...part('teazle-at-200') }
const OLD: Machine = {
  case: { ...part('fenwright-loft-at') },
  board: { ...part('saltpan-ford-33') },
  processor: { ...part('quillmark-grebe-33') },
  memory: { ...part('merewick-chips-256') },
  supply: AT,
}

describe('the mains switch', () => {
  const rule = 'power/mains-switch'
  test.each([
    ['at the front, sleeved', 'clear'],
    ['on the supply', 'clear'],
    ['bare tabs', 'stop'],
    ['none', 'stop'],
    [undefined, 'measure'],
  ])('%s: %s', (mainsSwitch, verdict) => {
    expect(said(altered(OLD, { supply: { mainsSwitch } }), rule)).toMatchObject([{ verdict }])
  })
  test('bare or missing is a matter of a licensed electrician; no other supply is asked', () => {
    const [bare] = said(altered(OLD, { supply: { mainsSwitch: 'bare tabs' } }), rule)
    expect(bare?.wayOut).toMatch(/licensed electrician/)
    expect(said(TOWER, rule)).toEqual([])
  })
  test('one on the supply leaves no step at the front; nor does one that is bare or missing', () => {
    const kinds = (mainsSwitch: string) =>
      then(buildOf(altered(OLD, { supply: { mainsSwitch } }))).order.steps.map(s => s.kind)
    expect(kinds('on the supply')).not.toContain('mains-switch')
    for (const never of ['bare tabs', 'none']) expect(kinds(never)).not.toContain('mains-switch')
    expect(kinds('at the front, sleeved')).toContain('mains-switch')
  })
})

describe('rails that a supply lacks', () => {
  test('an AT supply has no 3.3 V: what asks for it stops, and no limit of it is asked', () => {
    const needs = altered(OLD, {
      fast: { kind: 'card', id: 'fast', model: 'Fast card', size: 'x1', watts: 5, power: [] },
      board: { slots: [{ key: 's', label: 'PCIE', row: 1, size: 'x1' }] },
    })
    expect(said(needs, 'power/rail').filter(f => f.id.endsWith(':3.3'))).toMatchObject([
      { verdict: 'stop', sentence: expect.stringContaining('no 3.3 V') as string },
    ])
    expect(said(OLD, 'power/rail').map(f => f.id)).toEqual([
      'power/rail:supply:12',
      'power/rail:supply:5',
    ])
    expect(said(OLD, 'power/standby')).toEqual([])
  })
  test('a late AT supply that states 3.3 V has it', () => {
    const { lacks: _, ...rails } = AT['rails'] as Fields
    const late = altered(OLD, { supply: { rails: { ...rails, W3: 20 } } })
    const draws = altered(late, {
      fast: { kind: 'card', id: 'fast', model: 'Fast card', size: 'x1', watts: 5, power: [] },
      board: { slots: [{ key: 's', label: 'PCIE', row: 1, size: 'x1' }] },
    })
    const found = said(draws, 'power/rail').find(f => f.id.endsWith(':3.3'))
    expect(found).toMatchObject({ verdict: 'clear', have: 20 })
  })
  test('a supply of any form may say so', () => {
    const lacks = (list: readonly string[]) =>
      altered(TOWER, {
        supply: { rails: { ...(TOWER['supply']?.['rails'] as Fields), lacks: list } },
      })
    expect(said(lacks(['3.3 V']), 'power/rail').find(f => f.id.endsWith(':3.3'))?.verdict).toBe(
      'stop',
    )
    expect(said(lacks([]), 'power/standby')).toHaveLength(1)
    expect(said(lacks(['standby']), 'power/standby')).toEqual([])
  })
})

test('least load: 1 A of 5 V are 5 W, 6 A are 30 W: more than such a machine draws at rest', () => {
  const rule = 'power/least-load'
  const least = (least5: number) =>
    said(altered(OLD, { supply: { rails: { ...(AT['rails'] as Fields), least5 } } }), rule)
  expect(least(1)).toMatchObject([{ need: 5, verdict: 'clear' }])
  expect(least(6)).toMatchObject([{ need: 30, verdict: 'watch' }])
  expect(said(TOWER, rule)).toEqual([])
})

describe('twenty and four as plugs of their own', () => {
  const apart = (faces: readonly string[]): Machine =>
    altered(TOWER, {
      supply: {
        cables: [
          ...(TOWER['supply']?.['cables'] as readonly Fields[]).filter(
            c => !JSON.stringify(c).includes('main-24'),
          ),
          { key: 'main', length: 600, plugs: faces.map(face => ({ face })) },
        ],
      },
    })
  const joined = (machine: Machine) => then(buildOf(machine)).joints.map(j => j.id)
  test('go side by side into one socket of 24, and no price is paid', () => {
    const both = apart(['main-20', 'main-4'])
    expect(joined(both)).toEqual(
      expect.arrayContaining(['supply/main.1~board/main', 'supply/main.2~board/main.4']),
    )
    expect(said(both, 'joints/joined').find(f => f.id.includes('supply/main.1'))?.verdict).toBe(
      'clear',
    )
  })
  test('the twenty alone works at a price: 12 V over one contact', () => {
    const alone = apart(['main-20'])
    expect(said(alone, 'joints/joined').find(f => f.id.includes('supply/main.1'))?.verdict).toBe(
      'watch',
    )
  })
  test('current parts as the contacts do: of 5 V four fifths come over the twenty', () => {
    const h = then(buildOf(apart(['main-20', 'main-4'])))
    const five = (n: number) =>
      h.findings.find(
        f => f.id === `power/plug:supply:board:supply/main.${n}~board/main${n === 2 ? '.4' : ''}:5`,
      )
    expect((five(1)?.need ?? 0) / (five(2)?.need ?? 1)).toBeCloseTo(4, 6)
  })
  test('a whole plug leaves no place for a four beside it', () => {
    const more = altered(TOWER, {
      supply: {
        cables: [
          ...(TOWER['supply']?.['cables'] as readonly Fields[]),
          { key: 'four', length: 600, plugs: [{ face: 'main-4' }] },
        ],
      },
    })
    expect(joined(more).filter(id => id.includes('supply/four'))).toEqual([])
  })
})

describe('an external battery', () => {
  const pack = (volts: number | undefined, asked: number | undefined = 6): Machine => {
    const headers = (OLD['board']?.['headers'] as readonly Fields[]).map(h =>
      h['face'] === 'battery' ? { ...h, volts: asked } : h,
    )
    return altered(OLD, { board: { headers }, battery: { ...part('pennick-pack-6'), volts } })
  }
  test.each([
    [6, 'clear'],
    [3.6, 'watch'],
    [9, 'harm'],
    [undefined, 'measure'],
  ])('of %s V where 6 V are asked for: %s', (volts, verdict) => {
    expect(said(pack(volts), 'power/battery-volts')).toMatchObject([{ verdict }])
  })
  test('a board that does not say is asked', () => {
    const build = pack(6, undefined)
    const headers = (build['board']?.['headers'] as readonly Fields[]).map(({ volts, ...h }) => ({
      ...h,
      ...(h['face'] === 'battery' ? {} : { volts }),
    }))
    expect(said(altered(build, { board: { headers } }), 'power/battery-volts')).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'board' }] },
    ])
  })
})
