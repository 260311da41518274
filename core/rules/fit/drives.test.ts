// Drives: sleds and pins, notches and lanes, jumpers on a ribbon, leads that are too long, disks that
// sleep.
import type { Finding } from '../finding'
import {
  altered,
  buildOf,
  exact,
  TOWER,
  type Fields,
  type Machine,
} from '../../test-helpers/planted-machine'
import { part, then } from '../../test-helpers/demos'

const said = (
  machine: Machine,
  rule: string,
  pins: Readonly<Record<string, string>> = {},
): readonly Finding[] => then(buildOf(machine, pins)).findings.filter(f => f.rule === rule)
const verdicts = (machine: Machine, rule: string): readonly string[] =>
  said(machine, rule).map(f => f.verdict)

const of = (id: string, fields: Fields = {}): Fields => ({ ...part(id), ...fields })
const bay = (drive: Fields, rail: Fields): Machine =>
  altered(TOWER, { drive, rail, lead: of('hollin-sata-500') })

test('a sled with a pin: a middle hole, none, not known; a sled without one asks nothing', () => {
  const rule = 'fit/sled-pin'
  const sled = { ...of('fenwright-frame-35-525'), fits: '3.5', pin: true, front: false }
  const withHole = (middleHoles: boolean | undefined, rail = sled): Machine =>
    bay(of('sedgeline-r3-2000', { middleHoles }), rail)
  expect(verdicts(withHole(true), rule)).toEqual(['clear'])
  expect(verdicts(withHole(false), rule)).toEqual(['stop'])
  expect(said(withHole(undefined), rule)).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'drive', path: 'middleHoles' }] },
  ])
  expect(verdicts(withHole(false, { ...sled, pin: false }), rule)).toEqual([])
})

test('thickness against the sled: 15 in 9.5 stops, 7 is clear, not stated is measured', () => {
  const sled = of('fenwright-twin-25-35', { holds: 1 })
  const thick = (thickness: Fields | null, rail = sled) =>
    said(bay(of('sedgeline-s2-1000', { thickness }), rail), 'fit/sled-thickness', {
      'drive/bay': 'rail/drive-1',
    })
  expect(thick(exact('mm', 15))).toMatchObject([
    { verdict: 'stop', need: 15, have: 9.5, margin: -5.5 },
  ])
  expect(thick(exact('mm', 7))).toMatchObject([{ verdict: 'clear' }])
  expect(thick(null)).toMatchObject([{ verdict: 'measure' }])
  expect(thick(exact('mm', 15), { ...sled, thickest: null })).toEqual([])
})

describe('M.2', () => {
  const socket = { key: 'm', label: 'M2_1', lengths: ['2280'], generation: 4 }
  const stick = (keys: readonly string[], protocol: string): Fields => ({
    ...{ kind: 'drive', id: 'stick', model: 'Stick', shape: 'M.2', protocol },
    m2: { keys, length: '2280', generation: 4 },
  })
  const joinedIn = (machine: Machine): boolean =>
    then(buildOf(machine)).joints.some(j => j.id.startsWith('stick/'))

  test.each([['B'], ['M']])('a stick with both notches goes into a socket of key %s', key => {
    const m2 = [{ ...socket, keys: [key], protocols: ['SATA', 'NVMe'] }]
    const machine = altered(TOWER, { board: { m2 }, stick: stick(['B+M'], 'SATA') })
    expect(joinedIn(machine)).toBe(true)
  })
  test('a stick of key M goes into no socket of key B', () => {
    const m2 = [{ ...socket, keys: ['B'], protocols: ['SATA', 'NVMe'] }]
    expect(joinedIn(altered(TOWER, { board: { m2 }, stick: stick(['M'], 'NVMe') }))).toBe(false)
  })
  test('two lanes by its notches are all it wants; a socket of two lanes halves one of four', () => {
    const m2 = (lanes: number) => [{ ...socket, keys: ['M'], protocols: ['NVMe'], lanes }]
    const link = (keys: readonly string[], lanes: number) =>
      said(altered(TOWER, { board: { m2: m2(lanes) }, stick: stick(keys, 'NVMe') }), 'fit/link')
    expect(link(['M'], 4)).toMatchObject([{ verdict: 'clear' }])
    expect(link(['B+M'], 4)).toMatchObject([
      { verdict: 'clear', sentence: expect.stringContaining('2 lanes') as string },
    ])
    // Generation 4 carries 1.97 GB/s a lane: 3.9 of 7.9.
    expect(link(['M'], 2)).toMatchObject([
      { verdict: 'watch', sentence: expect.stringContaining('3.9 of 7.9') as string },
    ])
  })
})

test('two drives on one ribbon: by jumper, by cable, mixed, alike, not known', () => {
  const rule = 'joints/ribbon-order'
  const board = { headers: [{ key: 'ide', face: 'ribbon-40', label: 'IDE1' }] }
  const two = (
    first: string | undefined,
    second: string | undefined,
    ribbon: Fields = { wires: 80 },
  ): Machine =>
    altered(TOWER, {
      board: { headers: [...(TOWER['board']?.['headers'] as readonly Fields[]), ...board.headers] },
      one: of('sedgeline-ide-2', { jumper: first }),
      two: of('sedgeline-ide-2', { id: 'other', jumper: second }),
      ribbon: of('hollin-ribbon-40', ribbon),
    })
  expect(verdicts(two('first', 'second'), rule)).toEqual(['clear'])
  expect(verdicts(two('by cable', 'by cable'), rule)).toEqual(['clear'])
  expect(verdicts(two('first', 'by cable'), rule)).toEqual(['watch'])
  const [both] = said(two('first', 'first'), rule)
  expect(both).toMatchObject({ verdict: 'stop', parts: ['one', 'two', 'ribbon'] })
  expect(said(two('first', undefined), rule)).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'two', path: 'jumper' }] },
  ])
  expect(verdicts(two('by cable', 'by cable', { wires: 40 }), rule)).toEqual(['watch'])
  expect(said(two('by cable', 'by cable', { wires: undefined }), rule)).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'ribbon', path: 'wires' }] },
  ])
})

test('two floppy drives past a twist are set alike, or both answer as one', () => {
  const headers = TOWER['board']?.['headers'] as readonly Fields[]
  const two = (first: string, second: string): Machine =>
    altered(TOWER, {
      board: { headers: [...headers, { key: 'fdd', face: 'ribbon-34', label: 'FDD' }] },
      one: of('sedgeline-floppy-35', { jumper: first }),
      two: of('sedgeline-floppy-35', { id: 'other', jumper: second }),
      ribbon: of('hollin-ribbon-34'),
    })
  const rule = 'joints/ribbon-order'
  expect(verdicts(two('second', 'second'), rule)).toEqual(['clear'])
  expect(verdicts(two('first', 'second'), rule)).toEqual(['stop'])
  // Pinned before the twist both of them answer as the second, alone nothing starts from it.
  const lone = altered(TOWER, {
    board: { headers: [...headers, { key: 'fdd', face: 'ribbon-34', label: 'FDD' }] },
    one: of('sedgeline-floppy-35', { jumper: 'second' }),
    ribbon: of('hollin-ribbon-34'),
  })
  expect(verdicts(lone, rule)).toEqual(['clear'])
  expect(said(lone, rule, { 'ribbon/device-1': 'one/data' })).toMatchObject([{ verdict: 'watch' }])
  const branches = [{ label: 'a' }, { label: 'b' }]
  const silent = altered(two('second', 'second'), { ribbon: { branches } })
  expect(said(silent, rule)).toMatchObject([
    { verdict: 'measure', asks: [{ item: 'ribbon', path: 'branches' }] },
  ])
  // Two before the twist are one place: the second of them is not joined there.
  const same = altered(two('second', 'second'), {
    ribbon: { branches: branches.map(b => ({ ...b, past: false })) },
  })
  const hung = then(buildOf(same)).joints.filter(j => j.id.includes('/data'))
  expect(hung).toHaveLength(1)
})

test('a SATA lead of a metre is at its limit, of 1.5 m beyond it; a ribbon at 457', () => {
  const rule = 'routes/longest-lead'
  const long = (mm: number): Machine =>
    altered(TOWER, {
      drive: of('sedgeline-s2-1000'),
      lead: of('hollin-sata-1000', { length: exact('mm', mm) }),
    })
  expect(verdicts(long(1000), rule)).toEqual(['clear'])
  expect(said(long(1500), rule)).toMatchObject([
    { verdict: 'watch', need: 1500, have: 1000, margin: -500 },
  ])
})

test('a disk that sleeps on 3.3 V: straight from the supply it is to be tried, behind 4 pins it wakes', () => {
  const rule = 'power/sleeping-disk'
  const disk = { drive: of('sedgeline-r5-16000'), lead: of('hollin-sata-500') }
  expect(verdicts(altered(TOWER, disk), rule)).toEqual(['measure'])
  expect(verdicts(altered(TOWER, { ...disk, drive: of('sedgeline-r3-2000') }), rule)).toEqual([])
  const behind = { ...disk, adapter: of('hollin-drive-sata'), supply: of('teazle-t650') }
  expect(said(altered(TOWER, behind), rule, { 'adapter/out': 'drive/power' })).toMatchObject([
    { verdict: 'clear' },
  ])
})
