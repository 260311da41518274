import fc from 'fast-check'
import { plover, part, shelf } from '../test-helpers/demos'
import { resolve } from '../document/resolve'
import { holesOf } from '../parts/board'
import { layoutOf } from '../case/layout'
import {
  isKind,
  kindOf,
  KINDS,
  PART_KINDS,
  partSchema,
  type Item,
  type PartKind,
  type PartOf,
} from '../parts'
import { figureName, patternOf, type ItemOf } from '../parts/kind'
import { figureRows } from './parts'
import { valueOf } from '../figures/quantity'

const itemOf = <K extends PartKind>(kind: K, id: string, more: object = {}): ItemOf<PartOf[K]> => {
  const item = resolve(
    {
      id: kind,
      part: partSchema.parse({ ...part(id), ...more }),
      state: 'have',
      condition: 'new',
      figures: {},
    },
    part(id).model,
  )
  if (!isKind(kind)(item)) throw new Error(`${id} is no ${kind}`)
  return item
}
const endsOf = (item: Item) => kindOf(item).ends(item)

test('the shelf: every part fits its schema, ids are its own, every kind is there', () => {
  expect(new Set(shelf.map(p => p.id)).size).toBe(shelf.length)
  expect([...new Set(shelf.map(p => p.kind))].sort()).toEqual([...PART_KINDS].sort())
})

test('every stated figure of the shelf lies in its field’s likely range', () => {
  for (const p of shelf) {
    const item = resolve(
      { id: 'x', part: p, state: 'have', condition: 'new', figures: {} },
      p.model,
    )
    for (const row of figureRows(item)) {
      if (row.value !== null)
        expect([p.id, row.path, row.value >= row.likely[0] && row.value <= row.likely[1]]).toEqual([
          p.id,
          row.path,
          true,
        ])
    }
  }
})

test('end keys are unique within every part, and no end is both plug and socket', () => {
  for (const p of shelf) {
    const keys = endsOf(
      resolve({ id: 'x', part: p, state: 'have', condition: 'new', figures: {} }, p.model),
    ).map(e => e.key)
    expect(new Set(keys).size).toBe(keys.length)
  }
})

test('unknown keys survive reading, at every depth', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...shelf),
      fc.string({ minLength: 1 }).filter(k => !k.startsWith('__')),
      fc.jsonValue(),
      (p, key, value) => {
        const strange = `x-${key}`
        const read = partSchema.parse({ ...structuredClone(p), [strange]: value })
        expect(read).toEqual({ ...p, [strange]: value })
      },
    ),
  )
  const deep = partSchema.parse({
    ...part('dunlin-s300'),
    cables: [{ key: 'a', colour: 'red', plugs: [{ face: 'main-24', sleeve: true }] }],
  })
  expect(deep).toMatchObject({ cables: [{ colour: 'red', plugs: [{ sleeve: true }] }] })
})

describe('board', () => {
  test('its own list of holes rules; without one its form’s; a smaller board without a list is not known', () => {
    const holes = (id: string, fields: object = {}) =>
      holesOf(itemOf('board', id, fields)).holes?.map(h => h.label) ?? null
    expect(holes('saltpan-inlet-2')).toEqual(['C', 'F', 'H', 'J'])
    expect(holes('saltpan-inlet-2', { holes: ['C', 'F'] })).toEqual(['C', 'F'])
    expect(holes('saltpan-estuary-7', { depth: 220 })).toBeNull()
    expect(holes('saltpan-estuary-7', { form: 'E-ATX' })).toBeNull()
    const ownHoles = [{ label: 'own 1', at: [12, 300] }]
    expect(holes('saltpan-estuary-7', { form: 'E-ATX', ownHoles })).toEqual(['own 1'])
    expect(holes('saltpan-inlet-2', { ownHoles })).toEqual(['C', 'F', 'H', 'J', 'own 1'])
  })
  test('a block offers one end a job; a fixed shield is no end', () => {
    const ends = endsOf(itemOf('board', 'saltpan-inlet-3'))
    expect(ends.filter(e => e.face === 'panel-lead').map(e => e.label)).toEqual([
      'HDD LED',
      'power LED',
      'power switch',
      'reset switch',
    ])
    expect(ends.some(e => e.face === 'aperture')).toBe(false)
  })
  test('a fan header gives what its board says; else custom says it, and no part', () => {
    const amps = (id: string, more = {}) =>
      endsOf(itemOf('board', id, more)).find(e => e.key === 'cpu-fan')?.limits['12']
    expect(valueOf(amps('saltpan-estuary-7') ?? { unit: 'A', terms: [] })).toBe(2)
    const silent = amps('saltpan-inlet-2', {
      headers: [{ key: 'cpu-fan', face: 'fan-4', label: 'F' }],
    })
    expect(silent).toBeUndefined()
  })
  test('the processor is fed by its own plug, all else by the main one', () => {
    const item = itemOf('board', 'saltpan-inlet-2')
    expect([
      KINDS.board.inlets?.(item, 'processor'),
      KINDS.board.inlets?.(item, 'memory-A1'),
    ]).toEqual([['cpu-power'], ['main', 'main.4']])
  })
})

describe('supply', () => {
  test('a plug that splits offers the whole and both halves at one length', () => {
    const ends = endsOf(itemOf('supply', 'dunlin-s300')).filter(e => e.key.startsWith('cpu'))
    expect(ends.map(e => [e.key, e.face, e.among?.whole])).toEqual([
      ['cpu.1', 'cpu-8', true],
      ['cpu.1a', 'cpu-4', false],
      ['cpu.1b', 'cpu-4', false],
    ])
  })
  test('the second plug of a chain hangs further along: 300 + 120', () => {
    const second = endsOf(itemOf('supply', 'dunlin-s300')).find(e => e.key === 'sata.2')
    expect(second?.lead && valueOf(second.lead.length)).toBe(420)
  })
  test('an unstated length is assumed by its kind of plug: 600 ± 50 for the 24-pin', () => {
    const main = endsOf(
      itemOf('supply', 'dunlin-s300', { cables: [{ key: 'main', plugs: [{ face: 'main-24' }] }] }),
    ).find(e => e.key === 'main.1')
    expect(main?.lead?.length.terms[0]?.leaf.figure).toEqual({
      value: 600,
      basis: 'assumed',
      tol: 50,
      usual: true,
    })
  })
})

describe('draws', () => {
  test('a processor of 65 W takes them at its own voltage: which rail that is made of is the board’s matter', () => {
    const item = itemOf('processor', 'quillmark-t2-65')
    const [draw] = KINDS.processor.draws?.(item) ?? []
    expect(draw && [draw.rail, valueOf(draw.worst)]).toEqual(['core', 65])
  })
  test('a 3.5-inch disk splits 7.5 W into 5.25 at 12 V and 2.25 at 5 V', () => {
    const draws = KINDS.drive.draws?.(itemOf('drive', 'sedgeline-r3-4000')) ?? []
    expect(draws.map(d => [d.rail, valueOf(d.worst)])).toEqual([
      ['12', 5.25],
      ['5', expect.closeTo(2.25, 9)],
    ])
  })
  test('memory without a figure is assumed: 2 × 5 W for DDR5', () => {
    const [draw] = KINDS.memory.draws?.(itemOf('memory', 'merewick-d5-2x16')) ?? []
    expect(draw && valueOf(draw.worst)).toBe(10)
    expect(draw?.worst.terms[0]?.leaf.figure?.basis).toBe('assumed')
  })
})

describe('archetypes', () => {
  test('what the sheet states is kept, the rest is derived and marked assumed', () => {
    const tower = layoutOf(itemOf('case', 'fenwright-tall-40').part)
    expect(tower.assumed).toBe(true)
    expect(tower.inner).toEqual({ x: 420, y: 445, z: 190, behind: 24 })
    expect(tower.rooms.map(r => r.key)).toEqual(['main', 'shroud', 'chamber'])
    expect(layoutOf(itemOf('case', 'fenwright-reedbox-12').part).assumed).toBe(false)
  })
  test('a larger case is the same archetype, scaled', () => {
    const big = layoutOf({
      ...itemOf('case', 'fenwright-tall-40').part,
      inner: { x: 420, y: 500, z: 190, behind: 24 },
    })
    expect(big.tray[1]).toBe(465)
    expect(big.openings.every(o => o.at[1] <= 500)).toBe(true)
  })
})

test('paths and names of figures', () => {
  expect(patternOf('cables.2.plugs.0.after')).toBe('cables.*.plugs.*.after')
  const [about] = [...KINDS.case.figures.values()]
  if (!about) throw new Error('no figures')
  expect(
    figureName({ leads: [{ label: 'front USB 3' }] }, 'leads.0.length', {
      ...about,
      label: 'lead length',
    }),
  ).toBe('lead length (front USB 3)')
  expect(() => KINDS.fan.leaf(itemOf('fan', 'ottery-breeze-80'), 'wingspan')).toThrow(RangeError)
})

test('every item of the demo resolves with its measurements laid over', () => {
  const pc = plover.items[0]
  if (!pc) throw new Error('no case')
  expect(resolve(pc, 'x').part).toMatchObject({
    standoffs: { supplied: { pcs: 3, basis: 'measured' } },
  })
  expect(pc.part).toMatchObject({ standoffs: { supplied: 4 } })
})
