import Papa from 'papaparse'
import { analyse } from '../analysis/analyse'
import { change, part, plover, swap } from '../test-helpers/demos'
import { partsCsv } from './parts-csv'
import { isBlocked, reportText, SECTIONS } from './report-text'

describe('parts list as CSV', () => {
  test('one line an item, read back by its columns', () => {
    const rows = Papa.parse<Record<string, string>>(partsCsv(plover), {
      header: true,
      skipEmptyLines: true,
    }).data
    expect(rows).toHaveLength(plover.items.length)
    expect(rows[1]).toMatchObject({
      kind: 'Motherboard',
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
      'Plover (then)\n\nPANEL\n  HDD LED: red wire (+) on pin 1, the other (−) on pin ' +
        '3\n  power LED: green wire (+) on pin 2, the other (−) on pin 4\n  power switch: ' +
        'on pins 6 and 8, either way round\n',
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
