import { readSheet } from './read'

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
        'Brackwater Y mid tower\nRadiators: top up to 360 mm (memory up to 35 mm high)\nBoards: ATX\nCPU cooler height: 170 mm',
      ),
    ).toEqual(['Radiators: (memory up to 35 mm high)'])
  })
  test('a phrase that says again what another line said was read', () => {
    expect(
      unread('Kelder Stride memory kit 2x16GB\n32GB (2 x 16GB), DDR5-6000, 1.35V\nUDIMM, 288-pin'),
    ).toEqual(['288-pin'])
  })
  test('a footnote that switches nothing off that was found is listed, with its mark; one that was read is not', () => {
    const board =
      'Saltpan M motherboard\nM2_1 slot, PCIe 4.0 x4*\n6 x SATA ports**\n* SATA5 and SATA6 are disabled when M2_1 is used\n** hot plug by firmware'
    expect(unread(board)).toEqual(['** hot plug by firmware'])
  })
})
