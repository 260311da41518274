import Papa from 'papaparse'
import { analyse } from '../analyse'
import { change, part, plover, shelf, swap } from '../test-helpers/demos'
import { holdsWhat, readFile, writeFile } from './file'
import { partsCsv } from './parts-csv'
import { isBlocked, reportText, SECTIONS } from './report-text'

const text = writeFile([plover], shelf)
const problem = (changed: string): string => {
  const read = readFile(changed, 'hide.juntura.json')
  return 'problem' in read ? read.problem : ''
}
const altered = (
  change: (file: {
    builds: { items: Record<string, unknown>[] }[]
    [key: string]: unknown
  }) => void,
): string => {
  const file = JSON.parse(text)
  change(file)
  return JSON.stringify(file)
}

test('what is written is read back equal, and written again the same to the byte', () => {
  const read = readFile(text)
  if ('problem' in read) throw new Error(read.problem)
  expect(read.file.builds).toEqual([plover])
  expect(read.file.parts).toEqual(shelf)
  expect(writeFile(read.file.builds, read.file.parts)).toBe(text)
})

test('unknown keys of the file, the build, an item and a figure survive', () => {
  const strange = altered(file => {
    file['maker'] = 'another program'
    Object.assign(file.builds[0] ?? {}, { colour: 'reed' })
    Object.assign(file.builds[0]?.items[0] ?? {}, {
      shelfmark: 7,
      figures: { coolerRoom: { mm: 75, by: 'warden' } },
    })
  })
  const read = readFile(strange)
  if ('problem' in read) throw new Error(read.problem)
  const again = JSON.parse(writeFile(read.file.builds)).builds[0]
  expect(again.colour).toBe('reed')
  expect(again.items[0]).toMatchObject({
    shelfmark: 7,
    figures: { coolerRoom: { mm: 75, by: 'warden' } },
  })
  expect(read.file).toMatchObject({ maker: 'another program' })
})

describe('what cannot be read is a sentence with place and remedy', () => {
  test.each<[string, string, RegExp]>([
    [
      'broken JSON',
      text.slice(0, 300),
      /not whole JSON \(line \d+, column \d+\).*nothing was changed/,
    ],
    ['another kind of file', '{"format":"notes"}', /not a Juntura file.*\.juntura\.json/],
    ['no object', '[1, 2]', /not a Juntura file/],
    [
      'a newer version',
      altered(f => {
        f['version'] = 2
      }),
      /of version 2; this Juntura reads up to 1\. Update/,
    ],
    [
      'a part that fails its schema',
      altered(f => {
        Object.assign(f.builds[0]?.items[3]?.['part'] ?? {}, { height: 'tall' })
      }),
      /builds › 0 “Plover” › items › 3 “cooler” › part “Lowbank 65” › height/,
    ],
    [
      'a kind that is none',
      altered(f => {
        Object.assign(f.builds[0]?.items[0]?.['part'] ?? {}, { kind: 'toaster' })
      }),
      /items › 0 “case” › part/,
    ],
    [
      'an id with a slash',
      altered(f => {
        Object.assign(f.builds[0]?.items[0] ?? {}, { id: 'a/b' })
      }),
      /letters, digits, dots and dashes only/,
    ],
    [
      'two items of one id',
      altered(f => {
        Object.assign(f.builds[0]?.items[1] ?? {}, { id: 'case' })
      }),
      /two items of Plover have the id "case"/,
    ],
  ])('%s', (_, file, sentence) => {
    expect(problem(file)).toMatch(sentence)
  })
})

describe('parts list as CSV', () => {
  test('one line an item, read back by its columns', () => {
    const rows = Papa.parse<Record<string, string>>(partsCsv(plover), {
      header: true,
      skipEmptyLines: true,
    }).data
    expect(rows).toHaveLength(plover.items.length)
    expect(rows[1]).toMatchObject({
      kind: 'Board',
      maker: 'Saltpan',
      model: 'Inlet 2',
      state: 'have',
      price: '112',
      paid: '109',
      currency: 'EUR',
    })
  })
  test('quotes, commas and line ends stay in their cell; a formula is text', () => {
    const evil = change(plover, {
      do: 'swapPart',
      id: 'fan',
      part: { ...part('ottery-breeze-80'), model: '=1+1', maker: 'A, "B"\nC' },
      figures: {},
    })
    const row = Papa.parse<Record<string, string>>(partsCsv(evil), {
      header: true,
      skipEmptyLines: true,
    }).data.find(r => r['kind'] === 'Fan')
    expect(row).toMatchObject({ maker: 'A, "B"\nC', model: "'=1+1" })
  })
})

describe('report', () => {
  test('every section is there, or the one asked for', () => {
    const report = reportText(analyse(plover), 'then', null)
    for (const s of SECTIONS) expect(report).toContain(`\n${s.toUpperCase()}\n`)
    expect(reportText(analyse(plover), 'then', 'panel')).toBe(
      'Plover (then)\n\nPANEL\n  disk light: red wire (+) on pin 1, the other (−) on pin 3\n  power light: green wire (+) on pin 2, the other (−) on pin 4\n  power switch: on pins 6 and 8, either way round\n',
    )
  })
  test('an unaccepted stop or harm blocks; accepted it does not', () => {
    expect(isBlocked(analyse(plover))).toBe(false)
    const tall = change(plover, swap('cooler', 'ottery-highbank-120'))
    expect(isBlocked(analyse(tall))).toBe(true)
    expect(
      isBlocked(
        analyse(
          change(tall, {
            do: 'accept',
            id: 'fit/cooler-height:cooler:case',
            reason: 'runs open in the hide',
          }),
        ),
      ),
    ).toBe(false)
  })
})

describe('what a dropped text is', () => {
  const fan = part('ottery-breeze-80')
  test.each<[string, string, string]>([
    ['a build', writeFile([plover]), 'builds'],
    ['a build with parts', writeFile([plover], [fan]), 'builds'],
    ['parts alone', writeFile([], [fan]), 'parts'],
    ['a table', 'kind,maker,model\nfan,Kelder,X\n', 'table'],
    ['a table with tabs', 'kind\tmaker\nfan\tKelder\n', 'table'],
    ['broken JSON, to be complained about as a file', '{"format":', 'builds'],
    ['plain words, likewise', 'hello', 'builds'],
  ])('%s', (_, text, what) => expect(holdsWhat(text)).toBe(what))
})
