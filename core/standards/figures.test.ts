// The figures that standards and custom give, row by row, as they are published: written down here a
// second time, by hand.
import {
  APERTURE,
  BOARD_FORMS,
  FORM,
  HOLE_AT,
  HOLE_WIDE,
  STANDOFF_HEIGHT,
  STANDOFF_RADIUS,
} from './boards'
import {
  CARD_HEIGHT,
  CARD_THICK,
  FIRST_SLOT,
  FULL_LENGTH,
  LAST_SLOT,
  paceOf,
  SLOT_BODY,
  SLOT_PITCH,
} from './cards'
import { COLOURS } from './colours'
import { DRAW, SLOT_POWER } from './draws'
import { DRIVE_HOLES, FAN_HOLES, RADIATOR_HOLES, SCREW_DEPTH, STICK_SOCKET } from './holes'
import { DRESSING, FIRST_TIME_FACTOR, MINUTES } from './minutes'
import {
  CHIPS_A_ROW,
  DIMM,
  DRIVE_SIZE,
  IN_A_BANK,
  M2,
  MEMORY_VOLTS,
  RADIATOR_SIZE,
  SEQUENTIAL,
  sizeOfModule,
} from './modules'
import { USUAL_BLOCK } from './panel'
import { SCREW_LONG, SNUG } from './screws'
import {
  CLASS_BY_ONE_SOCKET,
  RIDES,
  SCHOOL,
  SUPPLY_SIZE,
  SURGES,
  TWO_HEADS,
  WIRE,
} from './supplies'
import { backupMinutes, CIRCUIT, DROP, EFFICIENCY, louder, WIRE_OHMS } from './wall'
import { connector, type PlugFace } from '../connectors/connectors'
import { contactsWith, headLength, PINS } from '../connectors/pins'

describe('boards', () => {
  test.each([
    ['A', 10.16, 288.29],
    ['B', 10.16, 209.55],
    ['C', 10.16, 163.83],
    ['F', 33.02, 6.35],
    ['G', 165.1, 288.29],
    ['H', 165.1, 163.83],
    ['J', 165.1, 6.35],
    ['K', 237.49, 288.29],
    ['L', 237.49, 163.83],
    ['M', 237.49, 6.35],
    ['R', 237.49, 209.55],
    ['S', 165.1, 209.55],
  ] as const)('hole %s lies %d from the rear and %d from the top', (name, x, y) => {
    expect(HOLE_AT[name]).toEqual([x, y])
  })
  test.each([
    ['Mini-ITX', 170.18, 170.18, 1, 'CFHJ'],
    ['FlexATX', 228.6, 190.5, 3, 'BCFHJS'],
    ['microATX', 243.84, 243.84, 4, 'BCFHJLMRS'],
    ['ATX', 304.8, 243.84, 7, 'ACFGHJKLM'],
    ['SSI-CEB', 304.8, 266.7, 7, null],
    ['E-ATX', 304.8, 330.2, 7, null],
    ['XL', 345, 262, 8, null],
    ['Baby-AT', 215.9, 330.2, 7, null],
    ['AT', 304.8, 350.5, 8, null],
  ] as const)('%s is %d by %d', (form, edge, depth, slots, holes) => {
    const row = FORM[form]
    expect([row.edge, row.depth, row.slots]).toEqual([edge, depth, slots])
    expect(row.holes?.join('') ?? null).toBe(holes)
  })
  test('holes, opening, standoffs', () => {
    expect(BOARD_FORMS).toHaveLength(9)
    expect([HOLE_WIDE.mm, APERTURE.width, APERTURE.height]).toEqual([3.96, 158.75, 44.45])
    expect([STANDOFF_HEIGHT.mm, STANDOFF_RADIUS.mm]).toEqual([6.5, 3])
  })
})

describe('cards and lanes', () => {
  test('heights, lengths, pitches, bodies', () => {
    expect([CARD_HEIGHT.full, CARD_HEIGHT.low]).toEqual([111.15, 68.9])
    expect([FULL_LENGTH.mm, FULL_LENGTH.half]).toEqual([312, 167.65])
    expect([SLOT_PITCH.mm, FIRST_SLOT.y, LAST_SLOT.up]).toEqual([20.32, 165, 18])
    expect(SLOT_BODY).toMatchObject({ x1: 25, x4: 39, x8: 56, x16: 89 })
    expect(CARD_THICK).toMatchObject({ one: 14.47, more: 20.32, back: 2.67, below: 15 })
  })
  test.each([
    [1, 0.25],
    [2, 0.5],
    [3, 0.985],
    [4, 1.969],
    [5, 3.938],
    [6, 7.56],
  ])('a lane of generation %d carries %d GB/s', (generation, pace) => {
    expect(paceOf(1, generation)).toBe(pace)
  })
  test('what a slot gives, W', () => {
    // 12 V × 5.5 A and 3.3 V × 3 A
    expect([SLOT_POWER.W12, SLOT_POWER.W3]).toEqual([66, 9.9])
    const { graphics, x16, x8, x4, x1, lowX1 } = SLOT_POWER
    expect([graphics, x16, x8, x4, x1, lowX1]).toEqual([75, 25, 25, 25, 25, 10])
  })
})

describe('memory and drives', () => {
  test('modules: sizes, volts, banks', () => {
    expect([DIMM.length, DIMM.bareHeight]).toEqual([133.35, 31.25])
    expect(['chips', 'SIMM-30', 'SIMM-72', 'DDR5'].map(t => sizeOfModule(t).length)).toEqual([
      95, 88.9, 107.95, 133.35,
    ])
    expect(MEMORY_VOLTS).toMatchObject({ DDR3: [1.5, 1.35], DDR4: [1.2], DDR5: [1.1] })
    expect(IN_A_BANK['SIMM-30']).toEqual({ 16: 2, 32: 4 })
    expect(IN_A_BANK['SIMM-72']).toEqual({ 32: 1, 64: 2 })
    // 18 and 36 chips are two and four rows
    expect([18, 36].map(n => n / CHIPS_A_ROW.pcs)).toEqual([2, 4])
  })
  test('drives and sticks', () => {
    expect(Object.values(DRIVE_SIZE['3.5'])).toEqual([147, 101.6, 26.1])
    expect(Object.values(DRIVE_SIZE['2.5'])).toEqual([100, 69.85, 7])
    expect(Object.values(DRIVE_SIZE['5.25'])).toEqual([170, 146.1, 41.3])
    expect([M2.width, ...M2.lengths]).toEqual([22, '2230', '2242', '2260', '2280', '22110'])
    expect([STICK_SOCKET.single, STICK_SOCKET.double]).toEqual([2.3, 4.2])
  })
  test('their holes: 41.28, then 44.45 or 76.20 further; at the side 28.50 and 101.60 further', () => {
    const { bottom, newer, across, side } = DRIVE_HOLES['3.5']
    expect([bottom[1] - bottom[0], newer[1] - newer[0], across]).toEqual([
      expect.closeTo(44.45, 6),
      expect.closeTo(76.2, 6),
      95.25,
    ])
    expect([side[0], side[1] - side[0]]).toEqual([28.5, expect.closeTo(101.6, 6)])
    expect([DRIVE_HOLES['2.5'].bottom, DRIVE_HOLES['2.5'].across]).toEqual([[14, 90.6], 61.72])
    expect([SCREW_DEPTH.bottom, SCREW_DEPTH.side]).toEqual([6.35, 3.5])
  })
  test('sequential speeds, MB/s', () => {
    expect(Object.values(SEQUENTIAL).slice(0, -1)).toEqual([
      ...[
        [100, 280],
        [550, 550],
        [3500, 3500],
        [7000, 7000],
        [14000, 14000],
      ],
      ...[
        [40, 40],
        [450, 450],
        [1000, 1000],
        [2000, 2000],
      ],
    ])
  })
})

describe('supplies, fans, radiators', () => {
  test.each([
    ['ATX', 150, 86, null],
    ['SFX', 125, 63.5, 100],
    ['SFX-L', 125, 63.5, 130],
    ['TFX', 85, 65, 175],
    ['Flex', 81.5, 40.5, 150],
  ] as const)('%s', (form, width, height, length) => {
    expect(SUPPLY_SIZE[form]).toEqual({ width, height, length })
  })
  test('holes of fans, and of radiators', () => {
    expect(FAN_HOLES).toEqual({
      40: 32,
      60: 50,
      80: 71.5,
      92: 82.5,
      120: 105,
      140: 124.5,
      200: 154,
    })
    // three fans of 120: 3 × 105 + 2 × 15 = 345 from the first hole to the last, on 397
    const { own, next } = RADIATOR_HOLES[120]
    expect(3 * own + 2 * next).toBeLessThan(RADIATOR_SIZE[360].length)
    expect([RADIATOR_HOLES[140].own, RADIATOR_HOLES[140].next]).toEqual([124.5, 15.5])
  })
  test.each([
    ['120', 157, 120],
    ['240', 277, 120],
    ['280', 315, 140],
    ['360', 397, 120],
    ['420', 457, 140],
  ] as const)('a radiator of %s is %d by %d', (size, length, width) => {
    expect([RADIATOR_SIZE[size].length, RADIATOR_SIZE[size].width]).toEqual([length, width])
  })
})

describe('power', () => {
  test('draws where a part says nothing, W and A', () => {
    expect(DRAW.converter.share).toBe(0.88)
    expect([DRAW.board.W12, DRAW.board.W5, DRAW.board.W3, DRAW.board.rest]).toEqual([10, 8, 7, 12])
    expect([DRAW.memory.DDR4, DRAW.memory.DDR5]).toEqual([3, 5])
    expect(DRAW.nvme).toMatchObject({ rest: 3, busy: 8 })
    expect(DRAW.sataSsd).toMatchObject({ rest: 0.5, busy: 3 })
    expect(DRAW.disk35).toMatchObject({
      rest: 5,
      busy: 8,
      share12: 0.7,
      start: { A12: 2, A5: 0.7 },
    })
    expect(DRAW.disk25).toMatchObject({ rest: 1, busy: 2.5, start: { A12: 0, A5: 1 } })
    expect(DRAW.optical).toMatchObject({ rest: 2, busy: 20 })
    expect([DRAW.fan120.W, DRAW.usbPort.W, DRAW.usbFastPort.W, DRAW.led.W]).toEqual([
      2.5, 2.5, 4.5, 0.3,
    ])
    expect(DRAW.standby.boardA).toBe(1)
  })
  test('surges, and what a supply rides through', () => {
    expect(SURGES.map(s => [s.seconds, s.times])).toEqual([
      [1e-4, 3],
      [1e-3, 2.5],
      [1e-2, 2],
      [0.1, 1.5],
    ])
    expect(RIDES.newer.shares).toEqual([2, 1.8, 1.6, 1.2])
    expect(RIDES['newer-small'].shares).toEqual([1.5, 1.45, 1.35, 1.1])
    expect(RIDES.older.shares).toEqual([1.3, 1.3, 1.3, 1.3])
  })
  test.each([
    ['115 V', 'white', [80, 80, 80]],
    ['115 V', 'bronze', [82, 85, 82]],
    ['115 V', 'silver', [85, 88, 85]],
    ['115 V', 'gold', [87, 90, 87]],
    ['115 V', 'platinum', [90, 92, 89]],
    ['115 V', 'titanium', [92, 94, 90]],
    ['230 V', 'white', [82, 85, 82]],
    ['230 V', 'bronze', [85, 88, 85]],
    ['230 V', 'silver', [87, 90, 87]],
    ['230 V', 'gold', [90, 92, 89]],
    ['230 V', 'platinum', [92, 94, 90]],
    ['230 V', 'titanium', [94, 96, 94]],
  ] as const)('efficiency at %s, %s', (mains, label, shares) => {
    expect(EFFICIENCY[mains][label]).toEqual(shares)
  })
  test('wires: amps, milliohms, drop; heads of one cable; one socket', () => {
    expect(WIRE).toMatchObject({ 16: 13, 18: 10, 20: 7, 22: 5, 24: 3.5 })
    expect(WIRE_OHMS).toEqual({ 16: 13, 18: 21, 20: 33, 22: 53, 24: 84 })
    // five per cent of each
    expect([DROP['12'], DROP['5']]).toEqual([0.6, 0.25])
    expect([TWO_HEADS.W[18], TWO_HEADS.W[16], CLASS_BY_ONE_SOCKET.W]).toEqual([150, 225, 300])
  })
  test('circuit, backup, noise, schools', () => {
    expect([CIRCUIT['120 V'].A, CIRCUIT['230 V'].A, CIRCUIT.lasting]).toEqual([15, 10, 0.8])
    // 100 Wh at 90 W: an hour
    expect(backupMinutes(100, 90)).toBeCloseTo(60, 9)
    // twice as fast: 15 dB
    expect(louder(600, 1200)).toBeCloseTo(15.05, 2)
    expect([SCHOOL.lean.factor, SCHOOL.roomy.factor, SCHOOL.quiet.band]).toEqual([
      1.15,
      1.33,
      [0.4, 0.6],
    ])
  })
})

describe('contacts', () => {
  test.each<[PlugFace, string, number]>([
    ['main-24', '3.3 V', 4],
    ['main-24', '5 V', 5],
    ['main-24', '12 V', 2],
    ['main-24', 'standby', 1],
    ['main-4', '12 V', 1],
    ['cpu-8', '12 V', 4],
    ['cpu-4', '12 V', 2],
    ['card-6', '12 V', 3],
    ['card-8', '12 V', 3],
    ['card-8', 'sense', 2],
    ['board-pair', '5 V', 1],
    ['board-pair-9', '5 V', 3],
    ['board-pair', 'ground', 2],
    ['usb-2', '5 V', 2],
  ])('%s has %s on %d', (face, carried, n) => {
    expect(contactsWith(face, carried)).toBe(n)
  })
  test('wires of a row are the contacts of its rail', () => {
    for (const face of Object.keys(PINS) as PlugFace[])
      for (const [rail, wires] of Object.entries(connector(face).wires ?? {}))
        expect([face, rail, contactsWith(face, `${rail} V`)]).toEqual([face, rail, wires])
  })
  test('the numbers of the contacts that are told by number', () => {
    const at = (face: PlugFace, n: number) => PINS[face]?.carries[n - 1]
    expect([9, 14, 16, 8, 20].map(n => at('main-24', n))).toEqual([
      'standby',
      '−12 V',
      'on',
      'good',
      null,
    ])
    expect([1, 2, 9, 10].map(n => at('usb-2', n))).toEqual(['5 V', '5 V', null, 'free'])
    expect([4, 7, 8, 10].map(n => at('audio-hd', n))).toEqual([
      'presence',
      'sense send',
      null,
      'out sense',
    ])
    expect([1, 4].map(n => at('drive-small-4', n))).toEqual(['5 V', '12 V'])
    // The black wires of a twin meet in the middle.
    expect([
      at('board-pair', 5),
      at('board-pair', 6),
      at('board-pair-9', 1),
      at('board-pair-9', 2),
    ]).toEqual(Array(4).fill('ground'))
  })
  test.each([
    ['cpu-4', 2, 9.6],
    ['card-6', 3, 13.8],
    ['cpu-8', 4, 18],
    ['card-8', 4, 18],
    ['main-20', 10, 43.2],
    ['main-24', 12, 51.6],
  ])('the head of %s, of %d columns, is %d long', (_, columns, mm) => {
    expect(headLength(columns)).toBeCloseTo(mm, 9)
  })
  test('the usual block, and the colours that a standard gives', () => {
    expect(USUAL_BLOCK.rows[0]).toEqual(['disk-light+', 'disk-light-', 'reset', 'reset', 'free'])
    expect(USUAL_BLOCK.rows[1]?.at(-1)).toBe('none')
    expect(COLOURS.sound).toEqual({ pink: 'in', lime: 'out', 'light blue': 'line' })
    expect(COLOURS['ribbon of 80 wires']).toEqual({ blue: 'board', black: 'first', grey: 'second' })
  })
})

test('screws: lengths and torque; minutes', () => {
  expect(SCREW_LONG).toMatchObject({
    disk35: 5,
    disk25: 3,
    optical: 5,
    fan: 10,
    radiatorOver: 5,
    m2: 3,
  })
  expect([SNUG['6-32'], SNUG.M3, SNUG.M2]).toEqual([0.6, 0.4, 0.2])
  const { bench, processor, memory, pushPinCooler, screwedCooler, m2, standoffs, shield } = MINUTES
  expect([bench, processor, memory, pushPinCooler, screwedCooler, m2, standoffs, shield]).toEqual([
    10, 4, 3, 6, 12, 5, 5, 3,
  ])
  const { boardIn, supplyCables, supplyIn, drive, card, plug, looseLeads, fan } = MINUTES
  expect([boardIn, supplyCables, supplyIn, drive, card, plug, looseLeads, fan]).toEqual([
    10, 6, 8, 5, 6, 2, 8, 5,
  ])
  const { firstPower, panels, record } = MINUTES
  expect([firstPower, panels, record, FIRST_TIME_FACTOR]).toEqual([10, 4, 5, 1.8])
  // A usual machine has twenty leads, five ties and five holes.
  expect(DRESSING.begin + 20 * DRESSING.lead + 5 * (DRESSING.tie + DRESSING.hole)).toBe(25)
  // A liquid cooler's block and its radiator together.
  expect(screwedCooler + MINUTES.radiator).toBe(25)
})
