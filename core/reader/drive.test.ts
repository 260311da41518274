import { readLines } from '../test-helpers/sheets'

const disk = (...lines: readonly string[]) => readLines('Marlpit Deep hard disk, 12 TB', ...lines)

test('spin-up amps of the rail that is named, 12 V where none is', () => {
  expect(disk('Start-up current (12V, A): 1.8')).toMatchObject({ 'start.A12': 1.8 })
  expect(disk('Power (max. start) 12 V: 1.75 A')).toMatchObject({ 'start.A12': 1.75 })
  expect(disk('Spin-up: 1.0 A at 5 V')).toMatchObject({ 'start.A5': 1 })
})
test('at the start each rail gives its own', () => {
  const both = { 'start.A12': 2.1, 'start.A5': 0.9 }
  for (const line of [
    'Start current (12 V) .. 2.1 A, (5 V) 0.9 A',
    'Spin-up: 2.1 A on 12 V / 0.9 A on 5 V',
  ])
    expect(disk(line)).toMatchObject(both)
})
test('watts at rest and at work, by the words beside them', () => {
  const watts = { busy: 7.3, rest: 5.3 }
  for (const lines of [
    ['Power: seek 7.3 W, idle 5.3 W'],
    ['Power (idle / operating): 5.3 W / 7.3 W'],
    ['Operating 7.3 W, idle 5.3 W'],
    ['Read/write power: 7.3 W', 'Idle power: 5.3 W'],
  ])
    expect(disk(...lines)).toMatchObject(watts)
})
test('its longest side is its length, its shortest its thickness', () => {
  for (const line of ['Size (LxWxH): 147 x 101.85 x 26.1 mm', '26.1 mm x 101.85 mm x 147 mm'])
    expect(disk(line)).toMatchObject({ length: 147, thickness: 26.1 })
})
test('a stick: length, protocol, generation, the speed it reads at', () => {
  expect(
    readLines(
      'Beckfoot V4 NVMe SSD 2 TB',
      'Form factor: M.2 2242',
      'Interface: PCIe Gen3x4',
      'Seq. R/W: up to 3,500/2,900 MB/s',
    ),
  ).toMatchObject({
    shape: 'M.2',
    'm2.length': '2242',
    protocol: 'NVMe',
    'm2.generation': 3,
    sequential: 3500,
    gigabytes: 2000,
  })
  expect(
    readLines(
      'Beckfoot S2 SATA SSD 500 GB',
      'Sequential read/write: 550/520 MB/s',
      'Form factor: 2.5 inch, 7 mm',
    ),
  ).toMatchObject({ shape: '2.5', thickness: 7, protocol: 'SATA', sequential: 550, gigabytes: 500 })
})

test('two figures in the order of their words', () => {
  expect(disk('Power, operating / idle 7.6 / 5.3 W')).toMatchObject({ busy: 7.6, rest: 5.3 })
  expect(disk('Power (active/idle): 7.6 W / 5.3 W')).toMatchObject({ busy: 7.6, rest: 5.3 })
})
