import { Notes } from './notes'
import { readSheet } from './read'
import { sheetOf, type Sheet } from './statements'
import { unreadIn } from './unread'

const unread = (text: string): readonly string[] =>
  readSheet(text, { makers: ['Kelder', 'Saltpan', 'Brackwater'] }).unread

describe('nothing falls silently', () => {
  test('a phrase of a line that was read in part is listed with its label', () => {
    expect(
      unread('Saltpan M motherboard\nSocket: TERN-2\nRGB: 3 x ARGB (5 V), 2 x glow plugs\nSATA: 4'),
    ).toEqual(['RGB: 2 x glow plugs'])
  })
  test('so is what stands in brackets with a figure', () => {
    expect(
      unread(
        'Brackwater Y mid tower\nRadiators: top up to 360 mm (tubes up to 35 mm ' +
          'thick)\nBoards: ATX\nCPU cooler height: 170 mm',
      ),
    ).toEqual(['Radiators: (tubes up to 35 mm thick)'])
  })
  test('a phrase that says again what another line said was read', () => {
    expect(
      unread('Kelder Stride memory kit 2x16GB\n32GB (2 x 16GB), DDR5-6000, 1.35V\nUDIMM, 288-pin'),
    ).toEqual(['288-pin'])
  })
  test('a footnote that switches nothing off that was found is listed, with its mark; one that was read is not', () => {
    const board =
      'Saltpan M motherboard\nM2_1 slot, PCIe 4.0 x4*\n6 x SATA ports**\n* SATA5 and SATA6 ' +
      'are disabled when M2_1 is used\n** hot plug by firmware'
    expect(unread(board)).toEqual(['** hot plug by firmware'])
  })
})

describe('looking for it costs no more than the length allows', () => {
  /**
   * How many characters are read anew, and how many phrases were not looked at, for a sheet of so
   * many lines that all matter.
   */
  function costOf(lines: number) {
    const text = Array.from(
      { length: lines },
      (_, i) => `Feature ${i}: alpha ${i}, beta ${i}, gamma ${i}`,
    ).join('\n')
    const sheet = sheetOf(text)
    let read = 0
    // Every phrase that is left out changes what is read: the worst that can be.
    const notesOf = (variant: Sheet): Notes => {
      read += variant.statements.reduce((sum, s) => sum + s.value.length, 0)
      const notes = new Notes()
      const all = variant.statements.map(s => s.value).join()
      for (const s of variant.statements) notes.use(s)
      if (variant.statements.length > 1 && variant.statements[0])
        notes.put(variant.statements[0], 'all', all)
      return notes
    }
    const { unlooked } = unreadIn(sheet, notesOf(sheet), notesOf)
    return { read, unlooked, length: text.length }
  }
  test('a short sheet is looked at whole, a long one as far as the budget goes, and that is told', () => {
    const [short, long] = [costOf(10), costOf(800)]
    expect(short.unlooked).toBe(0)
    expect(long.unlooked).toBeGreaterThan(0)
  })
  test('ten times the length costs at most ten times as much', () => {
    const [one, ten] = [costOf(200), costOf(2000)]
    expect(ten.read / one.read).toBeLessThan((10 * ten.length) / (10 * one.length))
  })
  test('the same words many times are looked at once', () => {
    const once = readSheet(
      'Saltpan M motherboard\nSocket: TERN-2\nRGB: 3 x ARGB (5 V), 2 x glow plugs',
    )
    const often = readSheet(
      `Saltpan M motherboard\nSocket: TERN-2\n${'RGB: 3 x ARGB (5 V), 2 x glow plugs\n'.repeat(400)}`,
    )
    expect([once.unread, often.unread]).toEqual([['RGB: 2 x glow plugs'], ['RGB: 2 x glow plugs']])
  })
})
