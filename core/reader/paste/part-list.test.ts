// A whole machine listed in one text, each part under what it is.
import { readSheet } from '../read'
import { sheetsIn } from './sheets-in'
import { timesIn } from '../times'

const LIST = [
  'My build list',
  '',
  'Case: Zephyr Works Harrier 5',
  '- ATX, mATX, mITX',
  '- GPU max 400 mm, cooler max 175 mm',
  '- top 360 radiator / 3x120 or 2x140, front 3x140 or 3x120 (3 included), rear 1x120/140',
  '',
  'CPU: Quill Q9 9900',
  '- socket TERN-3',
  '',
  'Cooler: Zephyr Works Floe 360',
  '- AIO 360 mm, 3x 120x25 fans, 4-pin',
  '- TERN-2/3, KNOT-6',
  '',
  'SSD: Tarn N9 2TB, Gen5 x4 M.2 2280',
  'HDD: Tarn R5 8TB 3.5" SATA',
  'Fans: 3x Gust Larch 140 (140x140x28, 4-pin)',
].join('\n')

const pieces = sheetsIn(LIST)
const readings = pieces.map(piece => readSheet(piece))
const valueOf = (n: number, path: string): unknown =>
  [...(readings[n]?.fields ?? []), ...(readings[n]?.doubtful ?? [])].find(f => f.path === path)
    ?.value

test('every part is one, of the kind that stands before it', () => {
  expect(readings.map(r => r.kind)).toEqual([
    'case',
    'processor',
    'cooler',
    'drive',
    'drive',
    'fan',
  ])
  expect(pieces.map(timesIn)).toEqual([null, null, null, null, null, 3])
})

test('nothing that stands around a list is lost', () => {
  expect(pieces[0]).toContain('My build list')
  const fan = 'Gust Larch 120 case fan\nSize: 120 x 120 x 25 mm\nPlug: 4-pin PWM\nCurrent: 0.2 A'
  const around = sheetsIn(`${fan}\n\n${LIST}\n\n${fan}`)
  // What is said of no part goes with what stands before it.
  expect(around[0]).toBe(`${fan}\n\nMy build list`)
  expect(around.at(-1)).toBe(fan)
  expect(around).toHaveLength(pieces.length + 2)
})

test('what stands behind the word for a part is what it is called, doubtful without a known maker', () => {
  expect([valueOf(0, 'maker'), valueOf(0, 'model')]).toEqual(['Zephyr', 'Works Harrier 5'])
  expect(readings[0]?.fields.some(f => f.path === 'model')).toBe(false)
  expect(valueOf(1, 'model')).toBe('Q9 9900')
})

test('lines that only list forms, sockets, or what goes on which wall are read', () => {
  expect(valueOf(0, 'boards')).toEqual(['ATX', 'microATX', 'Mini-ITX'])
  expect(valueOf(2, 'sockets')).toEqual(['TERN-2', 'TERN-3', 'KNOT-6'])
  expect([valueOf(0, 'radiators.top'), valueOf(0, 'radiators.front')]).toEqual(['360', undefined])
  expect([valueOf(0, 'fans.top.sizes'), valueOf(0, 'fans.rear.sizes')]).toEqual([
    ['120', '140'],
    ['120', '140'],
  ])
  // Whether the three are of 140 or of 120 mm is not said.
  expect(readings[0]?.fields.some(f => f.path.startsWith('includes.fan'))).toBe(false)
})

test('what one part says under such words is no list', () => {
  const board = [
    'Tarn Reef X7 motherboard',
    'CPU: Socket TERN-3',
    'Memory: 4 x DIMM, DDR5',
    'Graphics: HDMI, DisplayPort',
    'Storage: 4 x SATA',
    'Case: ATX',
    'PSU: for 24-pin and 8-pin plugs',
  ].join('\n')
  expect(sheetsIn(board)).toEqual([board])
})

const kindsIn = (text: string) => sheetsIn(text).map(piece => readSheet(piece).kind)

test('a basket: each paragraph with its count is one, whatever it is called', () => {
  const basket = [
    'Your basket (3 items)',
    '',
    'Granite S9 2TB M.2 2280 NVMe PCIe 4.0 x4 SSD',
    'Qty: 2        €139.00',
    '',
    'Tern Five 700X 8-Core Processor, Socket TERN-5, 105W TDP, Boxed without Cooler',
    'Qty: 1        €289.00',
    '',
    'Harrow Peak H5 Mid-Tower ATX Case, 3x 120mm Fans, GPU up to 380mm, CPU Cooler up to 170mm',
    'Qty: 1        €94.90',
    '',
    'Total        €661.90',
  ].join('\n')
  const parts = sheetsIn(basket)
  const read = parts.map(part => readSheet(part))
  expect(read.map(r => r.kind)).toEqual(['drive', 'processor', 'case'])
  expect(parts.map(timesIn)).toEqual([2, 1, 1])
  const prices = read.map(r => r.fields.find(f => f.path === 'price')?.value)
  expect(prices).toEqual([139, 289, 94.9])
  const rooms = ['cardRoom', 'coolerRoom'].map(
    path => read[2]?.fields.find(f => f.path === path)?.value,
  )
  expect(rooms).toEqual([380, 170])
  expect(parts.join('\n')).toContain('Your basket')
})

test('titles below one another, counted, with lines of the shop under them', () => {
  const order = [
    '1 × Harrow Peak H5 Midi Tower Case',
    '   SKU 118823-B',
    '   94,90 €',
    '',
    '1 × Sorrel B8 Pro WiFi Motherboard ATX TERN-5 DDR5',
    '   189,00 €',
    '',
    '2 × Granite S9 2TB SSD M.2 NVMe',
    '   139,00 €',
  ].join('\n')
  expect(kindsIn(order)).toEqual(['case', 'board', 'drive'])
})

test('marks of forums, words in German, a dash behind the word for a part', () => {
  const forum = [
    '[b]My build[/b]',
    '**CPU**: Tern Five 700X (8c/16t, 105 W, TERN-5)',
    '**Mobo**: Sorrel B8 Pro WiFi – ATX, 4x DDR5',
    '[url=https://shop.test/psu]PSU[/url] - Reedmace 850W Gold',
  ].join('\n')
  expect(kindsIn(forum)).toEqual(['processor', 'board', 'supply'])
  const german = [
    'Gehäuse: Harrow Peak H5, Midi-Tower, Grafikkarten bis 380 mm',
    'Netzteil: Reedmace 850 W, 140 mm tief',
    'Arbeitsspeicher: Pebble Flow 32 GB (2x 16 GB) DDR5-6000',
    'Festplatte: Boulder 8 TB, 3,5 Zoll, SATA',
    'Lüfter: 3x Gust 140 PWM',
  ].join('\n')
  expect(kindsIn(german)).toEqual(['case', 'supply', 'memory', 'drive', 'fan'])
  expect(sheetsIn(german).map(timesIn).at(-1)).toBe(3)
  const [, supply = ''] = sheetsIn(german)
  expect(readSheet(supply).fields).toContainEqual(
    expect.objectContaining({ path: 'length', value: 140, words: '140 mm tief' }),
  )
})

test('two of one sort in one line are two; a name with a plus in it is one', () => {
  const list = (storage: string): string =>
    ['CPU: Tern Five 700X', 'Case: Harrow Peak H5', 'PSU: Reedmace 850W', storage].join('\n')
  expect(sheetsIn(list('Storage: Granite S9 2TB NVMe + Boulder 8TB HDD')).slice(3)).toEqual([
    'Storage: Granite S9 2TB NVMe',
    'Storage: Boulder 8TB HDD',
  ])
  expect(sheetsIn(list('Storage: Granite S9 + 2TB'))).toHaveLength(4)
})

test('a case that lists what goes into it is one case', () => {
  const pc = [
    'Harrow Peak H5 mid tower case',
    '- Motherboard: ATX, Micro-ATX',
    '- CPU cooler: up to 170 mm',
    '- Graphics card: up to 380 mm',
    '- Power supply: ATX, up to 200 mm',
    '- Fans: 3x 120 mm, included',
  ].join('\n')
  expect(sheetsIn(pc)).toEqual([pc])
})

test('what all of a list cost is no price of its last part', () => {
  const list = [
    'CPU: Tern Five 700X - $289',
    'Case: Harrow Peak H5 - $94.90',
    'PSU: Reedmace 850W',
    'Total price: $512.90',
  ].join('\n')
  const prices = sheetsIn(list).map(
    piece => readSheet(piece).fields.find(f => f.path === 'price')?.value,
  )
  expect(prices).toEqual([289, 94.9, undefined])
})

const firstLines = (text: string): readonly string[] =>
  sheetsIn(text).map(piece => piece.split('\n')[0] ?? '')

test('names alone are a machine where their figures tell three sorts of parts', () => {
  const names = [
    'Corvo 7 8800X',
    'Lumen B7 Pro WiFi',
    '64GB Bramble Trail DDR5-6000 (2x32GB)',
    'Kite 2TB NVMe',
    'Dynamo 850W Gold',
    'Harrier 5',
  ]
  expect(firstLines(names.join('\n'))).toEqual(names)
  const withWords = sheetsIn(['My new rig', ...names, 'Total around 2100 EUR'].join('\n'))
  expect(withWords.map(piece => piece.split('\n')[0])).toEqual(names)
  expect(withWords.join('\n')).toContain('My new rig')
})
test('what a drive is praised for is no list of parts', () => {
  const praise = ['Kite P7 2TB', 'Fast Gen4 NVMe', 'Cool Graphene label', 'Tough 1200 TBW']
  expect(sheetsIn(praise.join('\n'))).toHaveLength(1)
})
test('a numbered list: each number is a part, and stands in no name', () => {
  const text = [
    '1) Corvo 7 8800X - tray - $310',
    '2) Lumen B7 Pro WiFi motherboard - $189',
    '3) Bramble Trail 32GB kit - $110',
    '4) Kite 2TB SSD - $95',
    '5) Dynamo 850W PSU - $120',
  ].join('\n')
  expect(firstLines(text).map(line => line.split(' - ')[0])).toEqual([
    'Corvo 7 8800X',
    'Lumen B7 Pro WiFi motherboard',
    'Bramble Trail 32GB kit',
    'Kite 2TB SSD',
    'Dynamo 850W PSU',
  ])
})
test('among paragraphs that begin with what a part is called a bare name begins one as well', () => {
  const text = [
    'Corvo 5 7600 processor\n6 cores, TERN-5',
    'Bramble Low 2x16GB DDR5-5600\nheight 32 mm',
    'Wren Flat cooler\n47 mm high',
    'Sprat 450 SFX power supply\n450 W',
    'Pico X motherboard\nITX',
  ]
  expect(sheetsIn(text.join('\n\n'))).toEqual(text)
})

test('a list jotted down point by point, without capitals', () => {
  const list = [
    'what i have lying around:',
    '- old case, some ATX midi tower with one 120 fan',
    '- board: sorrel b8 (TERN-5, 4 dimm)',
    '- cpu corvo 5 8600',
    '- two sticks 16gb ddr5 5600',
    '- 1tb nvme (slate n5, 2280)',
    '- psu 650w from 2019, reedmace gold, semi modular',
    '- gpu still missing',
  ].join('\n')
  const sheets = sheetsIn(list)
  expect(sheets.map(sheet => readSheet(sheet).kind)).toEqual([
    ...['case', 'board', 'processor', 'memory', 'drive', 'supply'],
  ])
  // What is not there is kept, and no part.
  expect(sheets.at(-1)).toContain('still missing')
})

test('the points of one part are no list of parts', () => {
  const sheet = [
    'Harrow Peak H5',
    '- CPU cooler up to 170 mm',
    '- GPU up to 365 mm',
    '- PSU up to 200 mm',
    '- fans: 3x 120 mm at the front',
    '- motherboard support: ATX, microATX',
    '- drive bays: 2x 3.5"',
  ].join('\n')
  expect(sheetsIn(sheet)).toHaveLength(1)
  const board = [
    'Ottery B8 mainboard',
    '- CPU: TERN-5',
    '- Memory: 4x DDR5',
    '- Graphics: HDMI, DisplayPort',
    '- Storage: 3x M.2, 4x SATA',
    '- LAN: 2.5G',
    '- Fan: 5x 4-pin',
  ].join('\n')
  expect(sheetsIn(board)).toHaveLength(1)
})

test('under the word for it in a line of its own stands each part, its name below', () => {
  const text = [
    'Case\nAlder 2 Mid Tower\nGPU 360 mm, CPU cooler 165 mm, PSU 180 mm',
    'PSU\nWeir 650\n650 W, 140 mm, 2x EPS, 4x PCIe, 8x SATA',
    'Cooler\nDrift 120\n155 mm, 120 mm 4-pin',
    'GPU\nMerle 5\n260x120x50 mm, 220 W, 2x 8-pin',
  ].join('\n\n')
  const each = sheetsIn(text).map(piece => readSheet(piece))
  expect(each.map(r => r.kind)).toEqual(['case', 'supply', 'cooler', 'card'])
  expect(each.map(r => r.doubtful.find(f => f.path === 'maker')?.value)).toEqual([
    'Alder',
    'Weir',
    'Drift',
    'Merle',
  ])
  // The sections of one board are none.
  const board =
    'Saltpan B5 motherboard\n\nCPU\nSocket TERN-2\n\nMemory\n4 x DIMM DDR5\n\nStorage\n4 x SATA'
  expect(sheetsIn(board)).toHaveLength(1)
})

test('a list in a letter comes in name by name; what the letter says beside stays', () => {
  const letter = [
    'Hello, does this go together?',
    '',
    'Quill 5-8600 processor',
    'Sorrel B-M motherboard',
    'Lark Low DDR5-5600 2x16GB',
    'Weir 550W Bronze',
    'Alder 2 mini tower',
    '',
    'Thanks!',
  ].join('\n')
  const each = sheetsIn(letter)
  expect(each.map(piece => readSheet(piece).kind)).toEqual([
    'processor',
    'board',
    'memory',
    'supply',
    'case',
  ])
  expect(each.join('\n')).toContain('does this go together?')
  expect(each.at(-1)).toContain('Thanks!')
})
