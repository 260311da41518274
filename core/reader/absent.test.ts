// What a sheet says is not there is not read as there: in every sort of list, before and behind.
import { readSheet } from './read'

const read = (text: string) => {
  const { fields, doubtful } = readSheet(text)
  return Object.fromEntries([...fields, ...doubtful].map(f => [f.path, f.value]))
}

test.each<[string, string, readonly string[]]>([
  [
    'headers',
    'Sorrel B8 motherboard\nHeaders: one 5 V ARGB header, no 12 V RGB, no USB-C header',
    ['headers.light-12', 'headers.usb-c'],
  ],
  [
    'the rear of a board',
    'Sorrel B8 motherboard\nRear: 2x USB 2.0, HDMI, no DisplayPort, no VGA',
    ['rear.displayport', 'rear.vga'],
  ],
  [
    'ports of a case',
    'Harrow Peak case\nFront I/O: 2 x USB-A 3.0, no USB-C, audio',
    ['leads.usb-c'],
  ],
  [
    'plugs',
    'Dunlin A650 power supply, 650 W\nSATA: 6\nMolex: ✗\n12V-2x6: –',
    ['cables.drive-4', 'cables.card-16'],
  ],
  ['plugs in one line', 'Dunlin A650 power supply, 650 W, 6 SATA, no Molex', ['cables.drive-4']],
  [
    'outputs of a card',
    'Bittern GX 70 graphics card\nOutputs: 2 x HDMI, no DisplayPort',
    ['rear.displayport'],
  ],
  [
    'fans that may come',
    'Harrow Peak case\nGPU: 330 mm (300 mm when a fan is mounted at the front)',
    ['includes.fan.180', 'includes.fan.120'],
  ],
])('%s', (_, text, paths) => {
  const found = read(text)
  expect(paths.filter(path => path in found)).toEqual([])
})

test('what is there beside it is read', () => {
  expect(read('Sorrel B8 motherboard\nHeaders: one 5 V ARGB header, no 12 V RGB')).toMatchObject({
    'headers.light-5': 1,
  })
  expect(read('Dunlin A650 power supply, 650 W, 6 SATA, no Molex')).toMatchObject({
    'cables.sata-power': 6,
  })
})

test('an M.2 socket without SATA takes none; a supply that is not modular has fixed leads', () => {
  const board = 'Sorrel B8 motherboard\nM.2: 1 x M.2 (2280, PCIe 3.0 x4, no SATA)'
  expect(read(board)).not.toHaveProperty(['m2.0.protocols'])
  expect(read(board.replace('no SATA', 'SATA'))).toHaveProperty(['m2.0.protocols'])
  expect(read('Dunlin A650 power supply, 650 W, not modular')).toMatchObject({ modular: 'fixed' })
})

test('a radiator that does not go there', () => {
  const read420 = read('Harrow Peak case\nFront radiator: up to 360 mm, 420 mm not supported')
  expect(read420).toMatchObject({ 'radiators.front': '360' })
})
