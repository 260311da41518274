import { runs } from '../test-helpers/runs'
import fc from 'fast-check'
import { partSchema } from '../parts'
import { MAKERS, score, sheets, total, type WrittenSheet } from '../test-helpers/sheets'
import { measuresIn } from './measures'
import { productIn, spokenIn } from './sides'
import { draftOf } from './draft/draft'
import { labelOfField } from './labels'
import { READABLE, readSheet, type Reading } from './read'
import { phrasesOf } from './phrases'
import { sheetOf } from './statements'

const read = (text: string): Reading => readSheet(text, { makers: MAKERS })
const valueOf = (r: Reading, path: string): unknown => r.fields.find(f => f.path === path)?.value
const seen = sheets('seen')
const kept = sheets('kept')
const results = (list: readonly WrittenSheet[]) => total(list.map(s => score(s, read(s.text))))

describe('sheets', () => {
  test('there are enough of them, over all kinds that can be read', () => {
    expect(seen.length).toBeGreaterThanOrEqual(30)
    expect(kept.length).toBeGreaterThanOrEqual(30)
    for (const list of [seen, kept])
      expect([...new Set(list.map(s => s.says.get('kind')))].sort()).toEqual([...READABLE].sort())
  })
  test('those the reader was written with are read whole', () => {
    const { wrong, missed } = results(seen)
    expect(wrong).toEqual([])
    // One board says "256 GB" and not that it is the most: that is doubtful, not a field.
    expect(missed).toEqual(['b4 memory.most'])
  })
  test('those kept apart: at least 85 % of what is stated, at most 1 % of what is filled wrong', () => {
    const { stated, filled, wrong, missed } = results(kept)
    expect((stated - missed.length) / stated).toBeGreaterThanOrEqual(0.85)
    expect(wrong.length / filled).toBeLessThanOrEqual(0.01)
  })
})

describe('nothing is invented', () => {
  const plain = (text: string): string => text.replace(/\s+/g, ' ')
  const said = (text: string, words: string): boolean =>
    words
      .split('; ')
      .every(
        w =>
          plain(text).replace(/[|\t]/g, ' ').includes(plain(w).replace(/[|\t]/g, ' ')) ||
          plain(text).includes(plain(w).split(/[|\t]/)[0] ?? ''),
      )
  test('every field’s words stand in its sheet, and every line is read, doubtful or listed', () => {
    for (const s of [...seen, ...kept]) {
      const r = read(s.text)
      for (const f of [...r.fields, ...r.doubtful])
        expect([s.name, f.path, f.words, said(s.text, f.words)]).toEqual([
          s.name,
          f.path,
          f.words,
          true,
        ])
    }
  })
  test('any text at all is read without an error, and what is a number comes from its words', () => {
    const line = fc.oneof(fc.string(), fc.constantFrom(...seen.flatMap(s => s.text.split('\n'))))
    fc.assert(
      fc.property(fc.array(line, { maxLength: 12 }), lines => {
        const r = read(lines.join('\n'))
        for (const f of r.fields)
          expect([
            f.path,
            Number.isFinite(typeof f.value === 'number' ? f.value : 0),
            said(lines.join('\n'), f.words),
          ]).toEqual([f.path, true, true])
      }),
      { numRuns: runs(300) },
    )
  })
  test('a text about nothing has no kind and no field', () => {
    expect(read('The tide was low and the curlews were out on the mud.')).toMatchObject({
      kind: null,
      fields: [],
    })
  })
})

/**
 * Sheets of one line a value, whose lines say the same in any order: lists of slots keep theirs.
 */
const lines = seen.filter(
  s =>
    ['cooler', 'memory', 'processor', 'fan', 'supply'].includes(String(s.says.get('kind'))) &&
    s.text.trim().split('\n').length > 4 &&
    s.text
      .trim()
      .split('\n')
      .slice(1)
      .every(l => /^[^:|\t]{2,30}[:|\t]\s*\S/.test(l)),
)

test('rows in another order say the same', () => {
  expect(lines.length).toBeGreaterThan(8)
  fc.assert(
    fc.property(fc.constantFrom(...lines), fc.integer({ min: 1, max: 1e6 }), (sheet, seed) => {
      const [head = '', ...rows] = sheet.text.trim().split('\n')
      const shuffled =
        fc.sample(fc.shuffledSubarray(rows, { minLength: rows.length, maxLength: rows.length }), {
          numRuns: 1,
          seed,
        })[0] ?? rows
      const sorted = (r: Reading) =>
        r.fields.map(f => [f.path, f.value] as const).sort(([a], [b]) => (a < b ? -1 : 1))
      expect(sorted(read([head, ...shuffled].join('\n')))).toEqual(sorted(read(sheet.text)))
    }),
    { numRuns: runs(60) },
  )
})

test('units swapped: the same length in mm, cm or inches is the same figure', () => {
  const sheet = (length: string): string =>
    `Kelder Post 140 CPU cooler\nHeight: ${length}\nSocket: TERN-2\nFan: 120 mm PWM`
  fc.assert(
    fc.property(fc.integer({ min: 21, max: 199 }), mm => {
      for (const text of [
        `${mm} mm`,
        `${mm}mm`,
        `${mm / 10} cm`,
        `${String(mm / 10).replace('.', ',')} cm`,
        `${mm / 1000} m`,
      ])
        expect([text, valueOf(read(sheet(text)), 'height')]).toEqual([text, expect.closeTo(mm, 6)])
      expect(valueOf(read(sheet(`${(mm / 25.4).toFixed(3)} in`)), 'height')).toBeCloseTo(mm, 1)
    }),
  )
  // 6 1/4 in = 6.25 × 25.4 = 158.75
  expect(valueOf(read(sheet('6 1/4 in')), 'height')).toBe(158.75)
})

describe('what makers write', () => {
  test.each<[string, string, unknown]>([
    ['Kelder X CPU cooler\nMax. RAM height: 4,2 cm\nSocket: TERN-2', 'memoryRoom', 42],
    [
      'Brackwater Y mid tower\nMax. GPU length 355mm (w/o radiator)\nCPU cooler height: 170mm',
      'cardRoomMeans',
      'front empty',
    ],
    ['Brackwater Y case\nFront I/O: 2x Type-A 5Gbps\nDrive bays: 2x 3.5"', 'leads.usb-3', 2],
    ['Dunlin Z power supply\n+12V: 70.8A\n80 PLUS Gold', 'rails.W12', 849.6],
    ['Saltpan M motherboard\n4 x DIMM, max. 192GB, DDR5\nSATA: 6x', 'memory.most', 192],
    [
      'Saltpan M motherboard\nM2_1 slot, PCIe 4.0 x4 & SATA*\n6 x SATA ports\n* SATA5 and ' +
        'SATA6 are disabled when M2_1 is used',
      'm2.0.shuts',
      ['sata-data-5', 'sata-data-6'],
    ],
    [
      'Saltpan M motherboard\nM2_2 slot, PCIe 4.0 x4\n8 x SATA ports\nNote: SATA ports 5-7 share lanes with M.2 slot 1',
      'm2.0.shuts',
      ['sata-data-5', 'sata-data-6', 'sata-data-7'],
    ],
    ['Saltpan M motherboard\nSlots: 1 x PCIe 4.0 x4 (x16 length)\nDIMM: 4', 'slots.0.size', 'x16'],
    ['Saltpan M motherboard\nSlots: 1 x PCIe 4.0 x4 (x16 length)\nDIMM: 4', 'slots.0.lanes', 4],
    ['Saltpan M motherboard\nDIMM: 4\nM.2 (radio): 1 x Key E 2230', 'm2.0.keys', ['E']],
    [
      'Saltpan M motherboard\nDIMM: 4\n1 x M.2 (PCIe 4.0 x4, up to 2280)',
      'm2.0.lengths',
      ['2230', '2242', '2260', '2280'],
    ],
    ['Brackwater Y case\nFans: 2x 120 mm bottom, 1x 92 mm rear\nBoards: ATX', 'fans.bottom', 2],
    ['Brackwater Y case\nTop fan: 120mm*3 / 140mm*2\nBoards: ATX', 'fans.top.140', 2],
    [
      'Dunlin Z power supply\n80 PLUS Gold\nSATA: 8 (2 cables: 500+150+150+150 mm)',
      'cables.sata-power.length',
      500,
    ],
    [
      'Dunlin Z power supply\n80 PLUS Gold\nSATA: 8 (2 cables: 50+15+15+15 cm)',
      'cables.sata-power.after',
      150,
    ],
    [
      'Dunlin Z power supply\n+3.3V 20A, +5V 20A (120W combined), +12V 62.5A (750W)',
      'rails.combined',
      120,
    ],
    ['Kelder Post CPU cooler\nHeight (mm): 158\nSocket: TERN-2', 'height', 158],
    [
      'Kelder Post CPU cooler\nHeatsink incl. fans (H x W x D): 165 x 150 x 161 ' +
        'mm\nHeatsink without fans (H x W x D): 160 x 150 x 135 mm\nSocket: TERN-2',
      'height',
      165,
    ],
    [
      'Kelder Floe liquid CPU cooler\nRadiator: 397 x 120 x 27 mm (360 mm)\nPump: 3-pin',
      'liquid.radiator',
      '360',
    ],
    [
      'Vantis R graphics card\nPower: one 12V-2x6, adapter from 2x 8-pin in the box',
      'power.card-8',
      undefined,
    ],
    ['Lodestar Drift memory\nDDR5 6400 MHz\nCapacity: 48GB (24GBx2)', 'modules', 2],
    [
      'Lodestar Drift memory\nDDR4-3200\nRegistered/Unbuffered: Unbuffered\nKit: 2 x 8 GB',
      'buffered',
      false,
    ],
    ['Marlpit P SSD\nM.2 2280 NVMe\nSeq. R/W: up to 3,500/2,900 MB/s', 'sequential', 3500],
    [
      'Quillmark T processor\nCores: 8\nMemory speed: 2x1R DDR5-5200, 4x2R DDR5-3600',
      'speeds.1.speed',
      3600,
    ],
    ['Ninebark N fan hub\n6 x 4-pin fan outputs, max. 2 A per channel, 6 A in total', 'amps', 6],
    [
      'Fenwright C case for Mini-ITX\nSize: 12.9" x 5.5" x 14.2" (H x W x D)\nSlots: 2',
      'outer.z',
      139.7,
    ],
  ])('%s', (text, path, value) => expect(valueOf(read(text), path)).toEqual(value))

  test('a cooling class is not the limit that lasts: it is doubtful, and why', () => {
    const r = read('Quillmark T2-1 processor\nSocket: TERN-2\nTDP: 65 W\nCores: 6')
    expect(valueOf(r, 'power.sustained')).toBeUndefined()
    expect(r.doubtful).toEqual([
      expect.objectContaining({
        path: 'power.sustained',
        value: 65,
        why: expect.stringMatching(/cooling class/),
      }),
    ])
  })
  test('sizes whose order a sheet does not tell are doubtful; where it tells it, they are not', () => {
    const said = (label: string) =>
      read(`Kelder Post CPU cooler\n${label}: 158 x 140 x 125 mm\nSocket: TERN-2`)
    expect(valueOf(said('Dimensions'), 'height')).toBeUndefined()
    expect(said('Dimensions').doubtful.map(d => [d.path, d.why])).toContainEqual([
      'height',
      'the sheet does not say which side is which',
    ])
    expect(valueOf(said('Dimensions (HxWxD)'), 'height')).toBe(158)
  })
  test('a small module is doubtful, with why; one that says that it is none is not', () => {
    const small = read('Yarrow Tine 16GB (1x16GB) DDR4-3200 SO-DIMM')
    expect(valueOf(small, 'type')).toBeUndefined()
    expect(small.doubtful).toContainEqual(
      expect.objectContaining({
        path: 'type',
        value: 'DDR4',
        why: expect.stringMatching(/no DIMM/),
      }),
    )
    const usual = read('Yarrow Tine 16GB (1x16GB) DDR4-3200 UDIMM')
    expect(valueOf(usual, 'type')).toBe('DDR4')
  })
  test('what is hardly possible is doubtful, whatever words it came from', () => {
    const r = read('Kelder Post CPU cooler\nHeight: 1650 mm\nSocket: TERN-2')
    expect(valueOf(r, 'height')).toBeUndefined()
    expect(r.doubtful).toEqual([
      expect.objectContaining({
        path: 'height',
        value: 1650,
        words: 'Height: 1650 mm',
        why: expect.stringMatching(/^mostly \d+ to \d+ mm$/),
      }),
    ])
    expect(
      read(
        'Kelder N case fan\nSize: 133 mm\nFrame: 133 x 133 x 25 mm\nConnector: 4-pin',
      ).doubtful.map(d => [d.path, d.value, d.why]),
    ).toEqual([['size', '133', 'none of what it can be']])
  })
  test('said twice and otherwise: the first stands, the other is told', () => {
    const r = read('Kelder Post CPU cooler\nHeight: 155 mm\nOverall height: 158 mm\nSocket: TERN-2')
    expect(valueOf(r, 'height')).toBe(155)
    expect(r.doubtful.map(d => [d.path, d.value, d.why])).toEqual([
      ['height', 158, 'the sheet also says 155'],
    ])
  })
  test('a maker nobody knows is taken from the title, marked', () => {
    const r = readSheet('Zzyx Turbo CPU cooler\nHeight: 155 mm\nSocket: TERN-2')
    expect(r.doubtful.map(d => [d.path, d.value])).toEqual([
      ['maker', 'Zzyx'],
      ['model', 'Turbo'],
    ])
  })
  test('a sheet that names nothing is given no name', () => {
    const r = read('Form factor: ATX\nSocket: TERN-2\nDIMM slots: 4\nSATA: 6')
    expect([r.kind, r.fields.some(f => f.path === 'model'), r.doubtful]).toEqual([
      'board',
      false,
      [],
    ])
  })
  test('lines that say nothing to a joint are listed as not read', () => {
    expect(
      read('Kelder Eddy case fan\nSize: 120 x 120 x 25 mm\nConnector: 4-pin\nWarranty: 6 years')
        .unread,
    ).toEqual(['Warranty: 6 years'])
  })
})

test('numbers, products, phrases', () => {
  expect(
    measuresIn('7,100 MB/s, 0,2 A, 16,5 cm, 2 TB, 3/4 in').map(m => [m.value, m.unit]),
  ).toEqual([
    [7100, 'MBs'],
    [0.2, 'A'],
    [165, 'mm'],
    [2000, 'GB'],
    [19.05, 'mm'],
  ])
  expect(productIn('W:435 x H:140 x D:405 mm')).toMatchObject({
    values: [435, 140, 405],
    axes: ['width', 'height', 'length'],
  })
  expect(productIn('510 x 230 x 505 mm', 'Dimensions (HxWxD)')?.axes).toEqual([
    'height',
    'width',
    'length',
  ])
  expect(productIn('about 3 x as fast')).toBeNull()
  expect(
    spokenIn('39 cm deep, height 15 cm, 245 mm (length), 2 slots, 4 mm thick').map(s => [
      s.axis,
      s.value,
    ]),
  ).toEqual([
    ['length', 390],
    ['height', 150],
    ['length', 245],
    ['thickness', 4],
  ])
  expect(phrasesOf('1x A (b, c), 2x D; E and F')).toEqual(['1x A (b, c)', '2x D', 'E', 'F'])
  expect(sheetOf('Marram Holt\nSTORAGE\n2x M.2\n\nNote: one is slow').statements[1]).toEqual({
    label: '',
    value: '2x M.2',
    under: 'STORAGE',
    words: '2x M.2',
    line: 3,
  })
})

describe('drafts', () => {
  test('every sheet makes a part that fits its kind’s schema, but for what it does not say', () => {
    for (const s of [...seen, ...kept]) {
      const r = read(s.text)
      const draft = r.kind && draftOf(r, r.kind, s.name)
      const checked = partSchema.safeParse(draft && draft.part)
      const open = checked.success ? [] : checked.error.issues.map(i => i.path.join('.'))
      expect([s.name, open.filter(path => r.fields.some(f => f.path === path))]).toEqual([
        s.name,
        [],
      ])
      expect([
        s.name,
        open.every(path =>
          [
            'form',
            'socket',
            'sockets',
            'picture',
            'type',
            'boards',
            'size',
            'face',
            'protocol',
            'shape',
            'inlets',
            'lights',
            'processor.socket',
            'memory.type',
            'modules',
            'model',
          ].includes(path),
        ),
      ]).toEqual([s.name, true])
    }
  })
  test('counts become sockets, plugs and places; what was derived says so', () => {
    const r = read(seen.find(s => s.name === 'board-colon')?.text ?? '')
    const { part } = draftOf(r, 'board', 'b')
    if (part.kind !== 'board') throw new Error('no board')
    expect(part.headers?.filter(h => h.face === 'sata-data')).toHaveLength(6)
    expect(part.memory.slots).toHaveLength(4)
    expect([
      part.assumed?.[0],
      part.m2?.[1]?.shuts[0]?.keys,
      part.rear?.filter(x => x.face === 'usb-a').length,
    ]).toEqual(['places', ['sata-data-5', 'sata-data-6'], 4])
  })
  test('a supply’s plugs hang as they usually do: four SATA to a cable, the processor’s splits', () => {
    const r = read(seen.find(s => s.name === 'supply-colon')?.text ?? '')
    const { part } = draftOf(r, 'supply', 's')
    if (part.kind !== 'supply') throw new Error('no supply')
    expect(
      part.cables?.filter(c => c.plugs[0]?.face === 'sata-power').map(c => c.plugs.length),
    ).toEqual([4, 4])
    expect(part.cables?.find(c => c.plugs[0]?.face === 'cpu-8')?.plugs[0]?.split).toEqual([
      'cpu-4',
      'cpu-4',
    ])
  })
  test('fields have names that people use', () => {
    expect(
      [
        'headers.sata-data',
        'cables.card-8.length',
        'bays.3.5',
        'fans.front.sizes',
        'coolerRoom',
        'cables.sata-power.each',
        'fans.top.140',
      ].map((p, i) =>
        labelOfField(
          (['board', 'supply', 'case', 'case', 'case', 'supply', 'case'] as const)[i] ?? 'case',
          p,
        ),
      ),
    ).toEqual([
      'SATA data, headers',
      '8-pin card power, cable length',
      '3.5-inch bays',
      'front fan sizes',
      'cooler room',
      'SATA power, plugs on a cable',
      'top fan places of 140 mm',
    ])
  })
})
