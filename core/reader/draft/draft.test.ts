import { checkPart } from '../../shelf/check'
import { kindOf, PART_KINDS, type Item } from '../../parts'
import { blankOf, draftOf } from './draft'
import type { ReadField, ReadValue } from '../notes'
import { readSheet } from '../read'

const field = (path: string, value: ReadValue): ReadField => ({
  path,
  value,
  unit: null,
  basis: 'spec',
  words: path,
})
const made = (kind: Parameters<typeof draftOf>[1], fields: Readonly<Record<string, ReadValue>>) =>
  draftOf(
    { kind, fields: Object.entries(fields).map(([p, v]) => field(p, v)), doubtful: [] },
    kind,
    'x',
  )

describe('a blank part of every kind', () => {
  test.each(PART_KINDS)('%s: asks for its model and says what it took as usual', kind => {
    const { part, assumed } = blankOf(kind, 'x')
    expect(part).toMatchObject({ kind, id: 'x' })
    expect(checkPart(part).problems.map(p => p.path)).toContain('model')
    for (const mark of assumed) expect(mark.why).toMatch(/not stated|derived|usual/)
  })
  /** What decides is never taken as usual, and never refused: the build asks for it. */
  const ASKED: Readonly<Record<string, readonly string[]>> = {
    case: ['boards', 'leads'],
    board: ['form', 'headers', 'memory.type', 'processor.socket'],
    processor: ['socket'],
    cooler: ['fan', 'sockets'],
    memory: ['modules', 'type'],
    drive: ['protocol', 'shape'],
    card: ['size'],
    supply: ['cables', 'form'],
    fan: ['face', 'size'],
    hub: ['inlets', 'outlets'],
    light: ['face'],
    adapter: ['inlets', 'outlets'],
    lead: ['face'],
    bracket: ['leads'],
    rail: ['fits', 'takes'],
    device: ['plugs'],
  }
  test.each(PART_KINDS)('%s: with a name it is kept, and a build asks for what decides', kind => {
    const { part, problems } = checkPart({ ...blankOf(kind, 'x').part, model: 'X' })
    expect(problems).toEqual([])
    if (part?.kind !== kind) throw new Error(`no ${kind}`)
    const item = { id: 'x', name: 'X', part, state: 'have', condition: 'new' } as Item
    const asked = (kindOf(item).asks?.(item) ?? []).filter(a => a.when === 'always')
    expect(asked.map(a => a.path).sort()).toEqual(ASKED[kind] ?? [])
  })
})

describe('what was read, laid into the kind’s shape', () => {
  test('counts of plugs become cables, long ones with their length', () => {
    const { part } = made('supply', {
      model: 'X',
      form: 'ATX',
      watts: 650,
      'cables.main-24': 1,
      'cables.main-24.length': 600,
      'cables.sata-power': 6,
      'cables.drive-4': 2,
    })
    expect(
      part.kind === 'supply' && part.cables?.map(c => [c.key, c.length, c.plugs.length]),
    ).toEqual([
      ['main-24-1', 600, 1],
      ['sata-power-1', undefined, 4],
      ['sata-power-2', undefined, 2],
      ['drive-4-1', undefined, 2],
    ])
  })
  test('fans of a radiator are as many as it says, with what is said of each', () => {
    const { part } = made('cooler', {
      model: 'X',
      sockets: ['TERN-2'],
      'liquid.radiator': '360',
      'liquid.fans': 3,
      'liquid.fans.size': '120',
      'liquid.fans.amps': 0.2,
      'liquid.usb': true,
      'liquid.pump.face': 'fan-4',
    })
    expect(part.kind === 'cooler' && part.liquid).toMatchObject({
      radiator: '360',
      usb: null,
      pump: { face: 'fan-4' },
      fans: [{ size: '120', amps: 0.2 }, {}, {}],
    })
  })
  test('four front ports are two wide leads of two', () => {
    const { part } = made('case', {
      model: 'X',
      boards: ['ATX'],
      'leads.usb-3': 4,
      'leads.usb-c': 1,
    })
    expect(
      part.kind === 'case' && part.leads?.filter(l => l.face === 'usb-3').map(l => l.ports),
    ).toEqual([2, 2])
    expect(part.kind === 'case' && part.leads?.some(l => l.face === 'audio-hd')).toBe(false)
  })
  test('fan places by wall, and the radiator that takes them', () => {
    const { part } = made('case', {
      model: 'X',
      boards: ['ATX'],
      'fans.front': 3,
      'fans.front.sizes': ['120', '140'],
      'fans.rear': 1,
      'radiators.front': '360',
    })
    if (part.kind !== 'case') throw new Error('no case')
    expect(part.fans?.map(f => [f.key, f.air])).toEqual([
      ['rear-1', 'out'],
      ['front-1', 'in'],
      ['front-2', 'in'],
      ['front-3', 'in'],
    ])
    expect(part.radiators?.map(r => [r.sizes, r.instead])).toEqual([
      [
        ['120', '240', '360'],
        ['front-1', 'front-2', 'front-3'],
      ],
    ])
  })
  test('three fans of 120 mm or two of 140: the third place takes the small one only', () => {
    const { part } = made('case', {
      model: 'X',
      boards: ['ATX'],
      'fans.top': 3,
      'fans.top.sizes': ['120', '140'],
      'fans.top.140': 2,
    })
    expect(part.kind === 'case' && part.fans?.map(f => f.sizes)).toEqual([
      ['120', '140'],
      ['120', '140'],
      ['120'],
    ])
  })
  test('a chain’s distances lie between its plugs, as many to a cable as it says', () => {
    const { part } = made('supply', {
      model: 'X',
      form: 'ATX',
      'cables.sata-power': 4,
      'cables.sata-power.length': 500,
      'cables.sata-power.after': 150,
      'cables.sata-power.each': 2,
    })
    expect(
      part.kind === 'supply' && part.cables?.map(c => [c.length, c.plugs.map(p => p.after)]),
    ).toEqual([
      [500, [150, undefined]],
      [500, [150, undefined]],
    ])
  })
  test(
    'a port is off with any stick, or with a SATA stick only, as the sheet’s words have ' +
      'it; a radio’s socket takes no drive',
    () => {
      const shuts = (words: string) => {
        const { part } = draftOf(
          {
            kind: 'board',
            fields: [
              field('model', 'X'),
              field('form', 'ATX'),
              field('m2', 2),
              field('m2.1.keys', ['E']),
              { ...field('m2.0.shuts', ['sata-data-3']), words },
            ],
            doubtful: [],
          },
          'board',
          'x',
        )
        return part.kind === 'board' ? [part.m2?.[0]?.shuts, part.m2?.[1]?.keys] : null
      }
      expect(shuts('SATA3 is disabled when M2_1 is occupied')).toEqual([
        [{ keys: ['sata-data-3'] }],
        ['E'],
      ])
      expect(shuts('SATA3 is off with a SATA-type stick in M2_1')).toEqual([
        [{ keys: ['sata-data-3'], protocol: 'SATA' }],
        ['E'],
      ])
    },
  )
  test('a processor’s promise for two modules is not its promise for four', () => {
    const { part } = made('processor', {
      model: 'X',
      socket: 'TERN-2',
      picture: true,
      'speeds.0.modules': 2,
      'speeds.0.speed': 5200,
      'speeds.1.modules': 4,
      'speeds.1.speed': 3600,
    })
    expect(part.kind === 'processor' && part.speeds).toEqual([
      { modules: 2, speed: 5200 },
      { modules: 4, speed: 3600 },
    ])
  })
  test('a board lists no more headers than its sheet, but for the plugs no board goes without', () => {
    const { part, assumed } = made('board', {
      model: 'X',
      form: 'microATX',
      'processor.socket': 'TERN-2',
      'memory.type': 'DDR5',
      'memory.slots': 2,
      'headers.sata-data': 4,
    })
    expect(part.kind === 'board' && [...new Set(part.headers?.map(h => h.face))].sort()).toEqual([
      'cpu-8',
      'main-24',
      'sata-data',
    ])
    expect(assumed.map(a => a.path)).toContain('headers.main-24')
  })
  test('a doubtful value fills the form as well, marked with why', () => {
    const reading = readSheet('Quillmark T2-1 processor\nSocket: TERN-2\nTDP: 65 W\nCores: 6', {
      makers: ['Quillmark'],
    })
    const { part, marks } = draftOf(reading, 'processor', 'x')
    expect(part).toMatchObject({ power: { sustained: 65 } })
    expect(marks.find(m => m.path === 'power.sustained')?.why).toMatch(/cooling class/)
    expect(marks.find(m => m.path === 'socket')).toEqual({
      path: 'socket',
      words: 'Socket: TERN-2',
      why: null,
    })
  })
})

test('the room behind the tray that a sheet states is the case’s own, not one derived', () => {
  const sheet = 'Brackwater Sluice 52 mid tower case\nBoards: ATX\nCable routing space: 27 mm'
  const { part } = draftOf(readSheet(sheet, { makers: ['Brackwater'] }), 'case', 'x')
  expect(part).toMatchObject({ inner: { behind: { mm: 27, basis: 'spec' } } })
})

describe('a liquid cooler', () => {
  const fansOf = (...lines: readonly string[]) => {
    const reading = readSheet(['Kelder Tarn 360 AIO liquid cooler', ...lines].join('\n'), {
      makers: ['Kelder'],
    })
    const { part, assumed } = draftOf(reading, 'cooler', 'x')
    const fans = part.kind === 'cooler' ? part.liquid?.fans : undefined
    return { sizes: fans?.map(f => f.size), isAssumed: assumed.some(a => a.path === 'liquid.fans') }
  }
  test('has as many fans as its sheet counts, however it counts them', () => {
    const three = { sizes: ['120', '120', '120'], isAssumed: false }
    expect(fansOf('Radiator: 360 mm', 'Fans: 3 x 120 mm')).toEqual(three)
    expect(fansOf('Radiator: 360 mm', 'Fan dimensions 120 x 120 x 25 mm (3 pcs)')).toEqual(three)
    expect(fansOf('Radiator with pump block, 3 x 120 mm fans (PWM), size 360 mm')).toEqual(three)
  })
  test('without a count it has as many as lie along its radiator, and that is told as assumed', () => {
    expect(fansOf('Radiator: 360 mm', 'Fan current: 0.16 A')).toEqual({
      sizes: ['120', '120', '120'],
      isAssumed: true,
    })
  })
  test('has none where its sheet says so', () => {
    expect(fansOf('Radiator: 360 mm', 'Fans: not included')).toEqual({
      sizes: [],
      isAssumed: false,
    })
  })
})

test('a drive that tells its bus and no shape comes in, and its shape is asked for', () => {
  const { part } = made('drive', { model: 'Gen4', protocol: 'NVMe', 'm2.generation': 4 })
  const { problems, open } = checkPart(part)
  expect(problems).toEqual([])
  expect(open.map(o => o.path)).toContain('shape')
  expect(part).toMatchObject({ assumed: ['m2.keys', 'm2.length'] })
})
