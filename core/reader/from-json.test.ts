// Data as programs send it, read like a sheet: names as programs write them, units at their end, lists.
import { linesOfJson, sheetsOfJson } from './from-json'
import { readSheet } from './read'

const CASE = {
  name: 'Harrier 5 Compact',
  type: 'case',
  motherboards: ['micro-ATX', 'mini-ITX'],
  dimensions_mm: { height: 402, width: 218, depth: 410 },
  maxGpuLength_mm: 350,
  drive_bays: { '3.5': 2, '2.5': 1 },
  fans_included: [{ size: 120, count: 1, position: 'rear' }],
  reset_button: true,
}

test('each figure is a line with its unit; what is no object stays as it is', () => {
  expect(linesOfJson(JSON.stringify(CASE)).split('\n')).toEqual([
    'name: Harrier 5 Compact',
    'type: case',
    'motherboards: micro-ATX, mini-ITX',
    'height (mm): 402',
    'width (mm): 218',
    'depth (mm): 410',
    'max Gpu Length (mm): 350',
    '3.5 drive bays: 2',
    '2.5 drive bays: 1',
    'fans included: 1 x 120 mm rear',
    'reset button: yes',
  ])
  expect(linesOfJson('{ no JSON')).toBe('{ no JSON')
  expect(linesOfJson('Height: 158 mm')).toBe('Height: 158 mm')
})

test('it is read as what it says', () => {
  const { kind, fields } = readSheet(JSON.stringify(CASE, null, 2))
  const said = new Map(fields.map(f => [f.path, f.value]))
  expect(kind).toBe('case')
  expect(said.get('outer.y')).toBe(402)
  expect(said.get('cardRoom')).toBe(350)
  expect(said.get('bays.2.5')).toBe(1)
  expect(said.get('includes.fan.120.rear')).toBe(1)
})

test('a list of them is so many sheets', () => {
  const list = sheetsOfJson(JSON.stringify([CASE, { name: 'Warren Fan 120', type: 'case fan' }]))
  expect(list?.map(text => readSheet(text).kind)).toEqual(['case', 'fan'])
  expect(sheetsOfJson(JSON.stringify(CASE))).toEqual([linesOfJson(JSON.stringify(CASE))])
  expect(sheetsOfJson('[1, 2]')).toBeNull()
  expect(sheetsOfJson('[{ broken')).toBeNull()
})

test('what is nested without end stays the text that it is', () => {
  const deep = `{"a":${'['.repeat(50_000)}${']'.repeat(50_000)}}`
  expect(linesOfJson(deep)).toBe(deep)
  expect(sheetsOfJson(deep)).toBeNull()
})

test('a machine by the words for its parts: each is a sheet', () => {
  const machine = {
    cpu: 'Corvo 7 8700',
    memory: ['Bramble 16 GB DDR5-6000', 'Bramble 16 GB DDR5-6000'],
    power_supply: { name: 'Reedmace 850W Gold', wattage_w: 850 },
  }
  const sheets = sheetsOfJson(JSON.stringify(machine)) ?? []
  expect(sheets).toEqual([
    'cpu: Corvo 7 8700',
    'memory: Bramble 16 GB DDR5-6000',
    'memory: Bramble 16 GB DDR5-6000',
    'Type: power supply\nname: Reedmace 850W Gold\nwattage (W): 850',
  ])
  // Data of one case is none, though it speaks of others.
  const oneCase = { name: 'Harrow H5', cpu_cooler: 170, gpu: 365, psu: 200 }
  expect(sheetsOfJson(JSON.stringify(oneCase))).toHaveLength(1)
})

test('a list of parts in an object, with a word above it: each a sheet, the rest with the last', () => {
  const data = {
    name: 'Office',
    parts: [
      { category: 'Processor', model: 'Q5', specs: { socket: 'TERN-5', tdp_w: 65 } },
      { category: 'PSU', model: 'Weir 550', specs: { length_mm: 140 } },
    ],
  }
  expect(sheetsOfJson(`build.json\n${JSON.stringify(data)}`)).toEqual([
    'category: Processor\nmodel: Q5\nsocket: TERN-5\ntdp (W): 65',
    'category: PSU\nmodel: Weir 550\nlength (mm): 140\nbeside: name Office\nbuild.json',
  ])
})
