import { readSheet } from './read'

/** What a board's sheet says of its sockets, path by path. */
const told = (
  ...lines: readonly string[]
): readonly (readonly [path: string, value: unknown])[] => {
  const { fields } = readSheet(['Saltpan M motherboard', 'DIMM slots: 4', ...lines].join('\n'), {
    makers: ['Saltpan'],
  })
  return fields
    .filter(f => f.path.startsWith('m2'))
    .map(f => [f.path.replace('m2.', ''), f.value] as const)
}
const ALL_LANES = 4
/** As `told`; that all lanes of a stick lead there goes without saying. */
const sockets = (...lines: readonly string[]): Readonly<Record<string, unknown>> =>
  Object.fromEntries(
    told(...lines).filter(([path, value]) => !(path.endsWith('.lanes') && value === ALL_LANES)),
  )

test('how many lanes lead there, all of them as well', () => {
  expect(told('2x M.2: M2_1 PCIe 5.0 x4 (2280), M2_2 PCIe 3.0 x2 (2242)')).toEqual(
    expect.arrayContaining([
      ['0.lanes', 4],
      ['1.lanes', 2],
    ]),
  )
  expect(told('M.2 sockets: 2 (1x 5.0 x4, 1x 4.0 x4)')).toEqual(
    expect.arrayContaining([
      ['0.lanes', 4],
      ['1.lanes', 4],
    ]),
  )
  expect(told('M.2: 1x 2280 (PCIe 4.0)')).not.toContainEqual(['0.lanes', expect.anything()])
})

test('a count, and what the brackets say of all of them', () => {
  expect(sockets('2x M.2 (2280, Gen 4)')).toEqual({
    m2: 2,
    '0.lengths': ['2280'],
    '0.generation': 4,
    '1.lengths': ['2280'],
    '1.generation': 4,
  })
})
test('one for a radio beside others, and sorts of one count, are told apart', () => {
  expect(sockets('M.2: 3x M-key (1x 5.0 x4, 2x 4.0 x4), 1x E-key (WLAN)')).toEqual({
    m2: 4,
    ...{ '0.generation': 5, '1.generation': 4, '2.generation': 4 },
    '3.keys': ['E'],
  })
  expect(sockets('2 M.2 slots (Gen5 2280; Gen4 2242)')).toEqual({
    m2: 2,
    ...{ '0.lengths': ['2280'], '0.generation': 5 },
    ...{ '1.lengths': ['2242'], '1.generation': 4 },
  })
})
test('a count, and in the brackets a part for each', () => {
  expect(sockets('M.2: 3 (1x PCIe 5.0 x4 22110, 2x PCIe 4.0 x4 2280)')).toEqual({
    m2: 3,
    '0.lengths': ['22110'],
    '0.generation': 5,
    '1.lengths': ['2280'],
    '1.generation': 4,
    '2.lengths': ['2280'],
    '2.generation': 4,
  })
  expect(sockets('M.2 sockets: 2 (1x 5.0 x4, 1x 4.0 x4)')).toEqual({
    m2: 2,
    '0.generation': 5,
    '1.generation': 4,
  })
})
test('each on its own line, by its name on the board', () => {
  expect(sockets('M2_1: PCIe 5.0 x4, 2280', 'M2_2: PCIe 4.0 x4, 2242/2280')).toEqual({
    m2: 2,
    '0.lengths': ['2280'],
    '0.generation': 5,
    '1.lengths': ['2242', '2280'],
    '1.generation': 4,
  })
  expect(sockets('M.2: M2A (PCIe 4.0 x4, up to 2280), M2B (PCIe 3.0 x4, 2260)')).toEqual({
    m2: 2,
    '0.lengths': ['2230', '2242', '2260', '2280'],
    '0.generation': 4,
    '1.lengths': ['2260'],
    '1.generation': 3,
  })
})
test('in words: "two", "one", "both"', () => {
  expect(sockets('Two M.2 sockets, one PCIe 5.0 x4 (2280), one PCIe 4.0 x4 (2242)')).toEqual({
    m2: 2,
    '0.lengths': ['2280'],
    '0.generation': 5,
    '1.lengths': ['2242'],
    '1.generation': 4,
  })
  expect(sockets('M.2: 1x Gen5 (top), 1x Gen4 (back), both 2280')).toEqual({
    m2: 2,
    '0.lengths': ['2280'],
    '0.generation': 5,
    '1.lengths': ['2280'],
    '1.generation': 4,
  })
})
test('a socket that speaks both languages, and the ports beside it are not its', () => {
  expect(
    sockets('Storage: M.2 PCIe 4.0 x4 (2280), M.2 PCIe 3.0 x4 / SATA (2280), 4 SATA ports'),
  ).toEqual({
    m2: 2,
    '0.lengths': ['2280'],
    '0.generation': 4,
    '1.lengths': ['2280'],
    '1.generation': 3,
    '1.protocols': ['NVMe', 'SATA'],
  })
})
test('a socket for a radio has its key', () => {
  expect(sockets('M.2: 1x 2280 (PCIe 4.0 x4)', 'M.2 (radio): 1x Key E 2230')).toMatchObject({
    m2: 2,
    '1.keys': ['E'],
    '1.lengths': ['2230'],
  })
})

describe('what it switches off', () => {
  const shuts = (says: string): unknown =>
    sockets('M2_1: PCIe 4.0 x4', 'M2_2: PCIe 3.0 x4', 'SATA: 8x 6 Gb/s', says)['1.shuts']
  test.each<[string, readonly string[] | undefined]>([
    ['SATA5 and SATA6 are disabled when M2_2 is used', ['sata-data-5', 'sata-data-6']],
    ['If M2_2 is occupied, SATA3_3 will be disabled.', ['sata-data-3']],
    [
      'Note: SATA ports 5-7 share lanes with M.2 slot 2',
      ['sata-data-5', 'sata-data-6', 'sata-data-7'],
    ],
    ['SATA 3/4 are unavailable with a stick in M2_2', ['sata-data-3', 'sata-data-4']],
    // The speed of a port is not its number.
    ['The SATA 6 Gb/s port SATA_2 is off while M2_2 is in use', ['sata-data-2']],
    ['M2_2 lies under the heat sink', undefined],
    ['SATA5 is disabled when M2_1 is used', undefined],
  ])('%s', (says, ports) => expect(shuts(says)).toEqual(ports))
  test('the sentence is read, not a third socket', () => {
    const text =
      'Saltpan M motherboard\nDIMM slots: 4\nM2_1: PCIe 4.0 x4\nSATA: 6x\nIf M2_1 is occupied, SATA_5 will be disabled.'
    const r = readSheet(text, { makers: ['Saltpan'] })
    expect(r.fields.find(f => f.path === 'm2')?.value).toBe(1)
    expect(r.unread).toEqual([])
    expect(r.fields.find(f => f.path === 'm2.0.shuts')?.words).toBe(
      'If M2_1 is occupied, SATA_5 will be disabled.',
    )
  })
})

test('what a slot shares with a socket makes no other socket', () => {
  expect(
    sockets(
      'PCIEX4: PCIe 4.0 x16 slot, x4 electrical, shares lanes with M2_2',
      'M2_1 PCIe 5.0 x4, 2280',
      'M2_2 PCIe 4.0 x4, 2280',
    ),
  ).toMatchObject({ m2: 2, '0.generation': 5, '1.generation': 4 })
})
test('one of a told group shuts the port that it shares; a port that is shut is no protocol', () => {
  expect(
    sockets('2 x M.2 (Gen4x4 2280; second one Gen3x2/SATA, shares with SATA_4)'),
  ).toMatchObject({
    '1.protocols': ['NVMe', 'SATA'],
    '1.shuts': ['sata-data-4'],
  })
  const shut = sockets('M.2: M2_1 (PCIe 5.0 x4), M2_2 (PCIe 4.0 x4, 2280; disables SATA 3/4)')
  expect(shut).toMatchObject({ '1.shuts': ['sata-data-3', 'sata-data-4'] })
  expect(shut).not.toHaveProperty(['1.protocols'])
})
