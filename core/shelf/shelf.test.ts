import fc from 'fast-check'
import { part, shelf } from '../test-helpers/demos'
import { checkPart } from './check'
import { EVERYTHING, find, indexOf, rangesOf, type Query } from './find'
import { GROUPS, groupOf } from './groups'
import { sideBySide } from './side-by-side'

const index = indexOf(shelf)
const found = (query: Partial<Query>) =>
  find(index, { ...EVERYTHING, ...query }).flatMap(i => index.entries[i]?.part ?? [])
const group = (id: string) => {
  const g = GROUPS.find(x => x.id === id)
  if (!g) throw new Error(id)
  return g
}

describe('the shelf that ships', () => {
  const count = (test: (p: (typeof shelf)[number]) => boolean): number => shelf.filter(test).length
  test.each<[string, number, (p: (typeof shelf)[number]) => boolean]>([
    ['parts', 150, () => true],
    ['boards', 6, p => p.kind === 'board'],
    ['cases', 8, p => p.kind === 'case'],
    ['processors', 6, p => p.kind === 'processor'],
    ['coolers', 8, p => p.kind === 'cooler'],
    ['memory kits', 8, p => p.kind === 'memory'],
    ['graphics cards', 8, p => groupOf(p).id === 'graphics'],
    ['other cards', 8, p => groupOf(p).id === 'card'],
    ['drives', 20, p => p.kind === 'drive'],
    ['supplies', 12, p => p.kind === 'supply'],
    ['fans', 10, p => p.kind === 'fan'],
    ['hubs', 6, p => p.kind === 'hub'],
    ['leads, adapters, brackets', 30, p => ['lead', 'adapter', 'bracket'].includes(p.kind)],
    ['lights and sundries', 10, p => p.kind === 'light' || p.kind === 'sundry'],
  ])('has enough %s', (_, least, is) => expect(count(is)).toBeGreaterThanOrEqual(least))
  test('every part has a price, and every archetype is there', () => {
    expect(shelf.filter(p => typeof p.price !== 'number').map(p => p.id)).toEqual([])
    expect(new Set(shelf.flatMap(p => (p.kind === 'case' ? [p.archetype] : []))).size).toBe(7)
  })
  test('three generations of socket and of memory at least', () => {
    expect(
      new Set(shelf.flatMap(p => (p.kind === 'processor' ? [p.socket] : []))).size,
    ).toBeGreaterThanOrEqual(3)
    expect(
      new Set(shelf.flatMap(p => (p.kind === 'memory' ? [p.type] : []))).size,
    ).toBeGreaterThanOrEqual(3)
  })
})

describe('finding', () => {
  test('words in any order, from name, kind and what matters', () => {
    expect(found({ text: 'kelder 120 fan' }).map(p => p.id)).toContain('kelder-vane-120')
    expect(
      found({ text: 'power supply gold sfx' }).every(
        p => p.kind === 'supply' && p.form?.startsWith('SFX') && p.efficiency === 'gold',
      ),
    ).toBe(true)
    expect(found({ text: 'öttery' }).length).toBe(found({ text: 'ottery' }).length)
    expect(found({ text: 'no such thing' })).toEqual([])
  })
  test('bounds: a cooler of at most 70 mm for TERN-2', () => {
    const low = found({
      group: 'cooler',
      bounds: [
        { path: 'height', most: 70 },
        { path: 'sockets', words: ['TERN-2'] },
      ],
    })
    expect(low.length).toBeGreaterThan(2)
    for (const p of low)
      expect(p.kind === 'cooler' && Number(p.height) <= 70 && p.sockets?.includes('TERN-2')).toBe(
        true,
      )
  })
  test('sorted by a figure, either way round; what does not state it comes last', () => {
    const lengths = (down: boolean) =>
      found({ group: 'supply', sort: 'length', down }).map(p =>
        p.kind === 'supply' && typeof p.length === 'number' ? p.length : null,
      )
    const up = lengths(false).filter((n): n is number => n !== null)
    expect(up).toEqual([...up].sort((a, b) => a - b))
    expect(lengths(true).filter(n => n !== null)).toEqual([...up].reverse())
  })
  test('more words never find more; every group finds its own', () => {
    const words = fc.constantFrom('a', 'fan', '120', 'ddr5', 'hollin', 'x')
    fc.assert(
      fc.property(fc.array(words, { maxLength: 3 }), words, (some, one) => {
        expect(found({ text: [...some, one].join(' ') }).length).toBeLessThanOrEqual(
          found({ text: some.join(' ') }).length,
        )
      }),
    )
    expect(GROUPS.reduce((sum, g) => sum + found({ group: g.id }).length, 0)).toBe(shelf.length)
  })
  test('what a group’s parts say at what matters', () => {
    const ranges = rangesOf(index, group('memory'))
    expect(ranges.find(r => r.facet.path === 'type')?.words).toEqual([
      'DDR3',
      'DDR4',
      'DDR5',
      'SIMM-30',
      'SIMM-72',
      'chips',
    ])
    expect(ranges.find(r => r.facet.path === 'height')).toMatchObject({ least: 20, most: 56 })
  })
  test('an index made anew keeps what was there', () => {
    const more = indexOf([...shelf, { ...part('kelder-vane-120'), id: 'mine' }], index)
    expect(more.entries[0]).toBe(index.entries[0])
  })
})

describe('side by side', () => {
  test('differences are marked, and only they', () => {
    const rows = sideBySide([part('dunlin-a850'), part('dunlin-a1000')])
    expect(rows.find(r => r.path === 'watts')).toMatchObject({
      cells: ['850.0\u2009W', '1000.0\u2009W'],
      differs: true,
    })
    expect(rows.find(r => r.path === 'length')).toMatchObject({ differs: false })
    expect(sideBySide([part('dunlin-a850'), part('dunlin-a850')]).filter(r => r.differs)).toEqual(
      [],
    )
  })
  test('lists are counted by what they are; at most four are laid out', () => {
    expect(sideBySide([part('dunlin-s300')]).find(r => r.path === 'cables')?.cells[0]).toBe(
      '24-pin main power, 8-pin processor power, 2 × SATA power',
    )
    expect(sideBySide(shelf.slice(0, 9))[0]?.cells).toHaveLength(4)
  })
})

describe('checking what is entered', () => {
  test('what is missing keeps it off the shelf, by field', () => {
    const c = checkPart({ kind: 'fan', id: 'f', model: '', face: 'fan-4' })
    expect(c.part).toBeNull()
    // What its size is may not be known: the build asks.
    expect(c.problems.map(p => p.path).sort()).toEqual(['model'])
    expect(c.problems.find(p => p.path === 'model')?.sentence).toMatch(/Write a model/)
  })
  test('a cooler of 1650 mm is questioned, not refused', () => {
    const c = checkPart({ ...part('ottery-highbank-165'), height: 1650 })
    expect(c.part).not.toBeNull()
    expect(c.questions).toEqual([
      {
        path: 'height',
        sentence: 'Unusual: a height is mostly 20 to 200 mm, not 1650. Is it 165?',
      },
    ])
  })
  test('the shelf itself raises no question', () => {
    expect(shelf.flatMap(p => checkPart(p).questions.map(q => [p.id, q.path]))).toEqual([])
  })
})
