import { runs } from '../../test-helpers/runs'
import fc from 'fast-check'
import { shelf } from '../../test-helpers/demos'
import { KINDS, partSchema, PART_KINDS, type Part } from '../../parts'
import { isProblem } from '../../document/command'
import { beyondLimit } from '../../document/limits'
import { writeFile } from '../../document/file'
import { openFile } from '../../document/open'
import { guessColumns, kindNamed, kindOfTable, tableOf, type Mapped } from './columns'
import { partOfRow, slug } from './row'
import { partsTableCsv } from './write'

/** A table read by its own columns; all parts, or an error. */
function readBack(csv: string): readonly Part[] {
  const table = tableOf(csv)
  const mapping: readonly Mapped[] = table.columns.map(c => ({ column: c, path: c }))
  return table.rows.map((row, i) => {
    const read = partOfRow({ cells: row, line: i + 2, mapping }, null)
    if ('problems' in read) throw new Error(JSON.stringify(read.problems))
    return read.part
  })
}
const read = (csv: string, kind: Part['kind'] | null = null) => {
  const t = tableOf(csv)
  return t.rows.map((row, i) =>
    partOfRow(
      {
        cells: row,
        line: i + 2,
        mapping: guessColumns(t.columns, kind ?? kindOfTable(t) ?? 'fan'),
      },
      kind,
    ),
  )
}
const problems = (csv: string, kind: Part['kind'] | null = null) =>
  read(csv, kind).flatMap(r => ('problems' in r ? r.problems : []))
const one = (csv: string, kind: Part['kind']): Part => {
  const [r] = read(csv, kind)
  if (!r || 'problems' in r) throw new Error(JSON.stringify(r))
  return r.part
}

test('the whole shelf as a table is read back equal by the heads that are guessed, kinds mixed', () => {
  expect(read(partsTableCsv(shelf)).map(r => ('part' in r ? r.part : r))).toEqual(shelf)
})
test('the whole shelf as a table is read back equal', () => {
  expect(readBack(partsTableCsv(shelf))).toEqual(shelf)
})

// Any part: one of the shelf with texts, unknown keys, figures and prices as anyone may write them.
const anyPart = fc
  .record({
    base: fc.constantFrom(...shelf),
    model: fc.string({ minLength: 1, unit: 'grapheme' }),
    note: fc.option(fc.string({ unit: 'grapheme' }), { nil: undefined }),
    price: fc.option(fc.double({ min: 0, max: 1e6, noNaN: true }), { nil: null }),
    strange: fc.dictionary(
      fc.stringMatching(/^x-[a-z]{1,5}$/),
      fc.jsonValue().filter(value => beyondLimit(value) === null),
      { maxKeys: 3 },
    ),
    figure: fc.option(
      fc.oneof(
        fc.double({ min: 0, max: 999, noNaN: true }),
        fc.constant(null),
        fc.record({
          value: fc.double({ min: 0.5, max: 999, noNaN: true }),
          basis: fc.constantFrom('measured', 'spec', 'assumed'),
        }),
      ),
      { nil: undefined },
    ),
  })
  .map(({ base, model, note, price, strange, figure }): Part => {
    const [first] = [...KINDS[base.kind].figures].filter(([path]) => !path.includes('.'))
    const own =
      first === undefined || figure === undefined
        ? {}
        : {
            [first[0]]:
              typeof figure === 'object' && figure !== null
                ? { [first[1].unit]: figure.value, basis: figure.basis }
                : figure,
          }
    return partSchema.parse(
      JSON.parse(
        JSON.stringify({
          ...base,
          model,
          ...(note === undefined ? {} : { note }),
          price: price === null ? null : Math.abs(price),
          ...strange,
          ...own,
        }),
      ),
    )
  })

test('any part written as a table is read back equal', () => {
  fc.assert(
    fc.property(fc.array(anyPart, { minLength: 1, maxLength: 4 }), parts => {
      expect(readBack(partsTableCsv(parts))).toEqual(parts)
    }),
    { numRuns: runs(300) },
  )
})

test('any part written as a file is read back equal', () => {
  fc.assert(
    fc.property(fc.array(anyPart, { minLength: 1, maxLength: 3 }), parts => {
      const uniqueParts = [...new Map(parts.map(p => [p.id, p])).values()]
      const back = openFile(writeFile({ parts: uniqueParts }))
      expect(isProblem(back) ? back : back.parts).toEqual(uniqueParts)
    }),
    { numRuns: runs(200) },
  )
})

test('columns of anyone’s spreadsheet find their fields, with the unit in their head', () => {
  expect(
    guessColumns(
      ['Brand', 'Name', 'Height (cm)', 'Weight [kg]', 'Sockets', 'Colour'],
      'cooler',
    ).map(m => m.path),
  ).toEqual(['maker', 'model', 'height', 'weight', 'sockets', null])
  expect(
    guessColumns(
      [
        'Manufacturer',
        'Fan size (mm)',
        'Thickness in cm',
        'Current A',
        'Plug',
        'Price EUR',
        'In stock',
      ],
      'fan',
    ).map(m => [m.path, m.unit]),
  ).toEqual([
    ['maker', undefined],
    ['size', 'mm'],
    ['thickness', 'cm'],
    ['amps', 'A'],
    ['face', undefined],
    ['price', 'EUR'],
    [null, undefined],
  ])
  const part = one(
    'Brand;Name;Height (cm);Weight [kg];Sockets;Fastening\nKelder;Post;15,5;0,6;TERN-2 / KNOT-5;Screws\n',
    'cooler',
  )
  expect(part).toMatchObject({
    kind: 'cooler',
    id: 'kelder-post',
    maker: 'Kelder',
    height: 155,
    weight: 600,
    sockets: ['TERN-2', 'KNOT-5'],
    fastening: 'screws',
  })
})

test('a plug by its contacts or its name is the plug; one that there is not is told with those there are', () => {
  const fan = (plug: string) =>
    partOfRow(
      {
        cells: ['A', '120', plug],
        line: 2,
        mapping: guessColumns(['Model', 'Size', 'Plug'], 'fan'),
      },
      'fan',
    )
  for (const plug of ['fan-4', '4-pin', '4 pin PWM', '4-wire fan'])
    expect(fan(plug)).toMatchObject({ part: { face: 'fan-4' } })
  expect(fan('5-pin')).toEqual({
    problems: [
      {
        line: 2,
        column: 'Plug',
        sentence:
          '“5-pin” is no connector. Write one of: SATA power, 4-pin peripheral power, 3-wire fan, 4-wire fan',
      },
    ],
  })
})

test('boards and cases come in by their counts', () => {
  expect(
    one(
      'maker,model,form,processor.socket,memory.type,memory.slots,m2,headers.sata-data\n' +
        'Marram,Holt,microATX,TERN-2,DDR5,4,2,4\n',
      'board',
    ),
  ).toMatchObject({
    form: 'microATX',
    assumed: expect.arrayContaining(['places', 'headers.*.label']) as string[],
    memory: {
      type: 'DDR5',
      slots: [1, 2, 3, 4].map(n => ({ label: `slot ${n}` })),
    },
  })
  const pc = one(
    'maker,model,boards,coolerRoom,bays.3.5\nFenwright,Rick,ATX; microATX,17 cm,2\n',
    'case',
  )
  expect(pc).toMatchObject({ boards: ['ATX', 'microATX'], coolerRoom: 170 })
  expect(pc.kind === 'case' && pc.bays?.filter(b => b.size === '3.5')).toHaveLength(2)
})

describe('what is wrong is told by line and column, and how to mend it', () => {
  const HEAD = 'kind,maker,model,size,face,amps\n'
  test.each<[string, string, Parameters<typeof read>[1], number, RegExp]>([
    [
      'a figure that is none',
      `${HEAD}fan,Kelder,Vane,120,fan-4,much\n`,
      null,
      2,
      /Type a value in A, such as/,
    ],
    ['another unit', `${HEAD}fan,Kelder,Vane,120,fan-4,25 mm\n`, null, 2, /25 mm is no A/],
    [
      'a kind that is none',
      `${HEAD}toaster,Kelder,Vane,120,fan-4,0.1\n`,
      null,
      2,
      /“toaster” is no kind of part\. Write one of case, board/,
    ],
    ['no kind at all', 'maker,model,size\nKelder,Vane,120\n', null, 2, /says no kind/],
    [
      'a choice that is none',
      `${HEAD}fan,Kelder,Vane,120,fan-4,0.1\nfan,Kelder,Vane,121,fan-4,0.1\n`,
      null,
      3,
      /“121” is no size. Write one of: 40, .*200/,
    ],
    [
      'too many cells',
      `${HEAD}fan,Kelder,Vane,120,fan-4,0.1,more\n`,
      null,
      2,
      /has 7 cells for 6 columns/,
    ],
  ])('%s', (_, csv, kind, line, sentence) => {
    const [found] = problems(csv, kind)
    expect(found?.line).toBe(line)
    expect(found?.sentence).toMatch(sentence)
  })
  test('no table, and two columns of one name', () => {
    expect(tableOf('just words').problem).toMatch(/first line has to name the columns/)
    expect(tableOf('a,a\n1,2').problem).toMatch(/Two columns are called “a”/)
  })
})

test('small helps', () => {
  expect([
    kindNamed('Power supply'),
    kindNamed('FAN'),
    kindNamed('Graphics card'),
    kindNamed('x'),
  ]).toEqual(['supply', 'fan', 'card', null])
  expect([slug('Öttery  Breeze 80!'), slug('!!')]).toEqual(['ottery-breeze-80', 'part'])
  expect(PART_KINDS.every(k => kindNamed(k) === k)).toBe(true)
})

describe('heads that are no fields', () => {
  test.each(['constructor', 'toString', '__proto__', 'valueOf', 'hasOwnProperty'])(
    'a column called %s is left out or told, never taken for what every object knows',
    head => {
      const table = tableOf(`kind,maker,model,size,face,${head}\nfan,Kelder,X,120,fan-4,1\n`)
      const mapping = guessColumns(table.columns, 'fan')
      expect(mapping.at(-1)?.path).toBeNull()
      const read = partOfRow({ cells: table.rows[0] ?? [], line: 2, mapping }, null)
      expect('part' in read && read.part).toMatchObject({ kind: 'fan', model: 'X' })
    },
  )
  test('one of five thousand points is told by its place', () => {
    expect(tableOf(`kind,maker,${'a.'.repeat(5000)}\nfan,Kelder,1\n`).problem).toMatch(
      /head of column 3 is no field: it has 10000 characters and 5000 points/,
    )
  })
  test('a cell of a megabyte is told by its column', () => {
    const table = tableOf(`kind,maker,model,size,face\nfan,Kelder,${'x'.repeat(1e6)},120,fan-4\n`)
    const read = partOfRow(
      { cells: table.rows[0] ?? [], line: 2, mapping: guessColumns(table.columns, 'fan') },
      null,
    )
    expect('problems' in read && read.problems[0]).toMatchObject({
      line: 2,
      column: 'model',
      sentence: expect.stringMatching(/1000000 characters, at most 300/),
    })
  })
})
