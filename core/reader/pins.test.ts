import { USUAL_BLOCK } from '../standards/panel'
import { readPins } from './pins'

/** The usual block, pin by pin: 1 and 2 in its first column. */
const USUAL = Array.from({ length: 10 }, (_, i) => USUAL_BLOCK.rows[i % 2]?.[Math.floor(i / 2)])
const doesOf = (text: string) => readPins(text).pins.map(p => p.does)

describe('a table of pins', () => {
  test.each([
    [
      'one pin a line',
      '1 HDLED+\n2 PWRLED+\n3 HDLED-\n4 PWRLED-\n5 RESET\n6 PWRSW\n7 RESET\n8 PWRSW\n9 NC\n10 no pin',
    ],
    [
      'cells with rules, two pins a row',
      '| Pin | Signal | Pin | Signal |\n| --- | --- | --- | --- |\n| 1 | HDD_LED+ | 2 | PLED+ |\n' +
        '| 3 | HDD_LED− | 4 | PLED− |\n| 5 | RST | 6 | PWR_BTN |\n' +
        '| 7 | RST | 8 | PWR_BTN |\n| 9 | Reserved | 10 | Key |',
    ],
    [
      'two pins in one run of words',
      '1: HD+ 2: PL+\n3: HD- 4: PL-\n5: RST 6: PW\n7: RST 8: PW\n9: N/C 10: no pin',
    ],
    ['the block as it lies', 'HDLED+\tHDLED-\tRESET\tRESET\tNC\nPLED+\tPLED-\tPWRSW\tPWRSW\tnone'],
    [
      'grounds beside their switches',
      '1 HDD LED +\n2 power LED +\n3 HDD LED -\n4 power LED -\n5 GND\n6 PWR_SW\n7 reset\n8 ground\n9 +5V\n10 key',
    ],
  ])('%s', (_, text) => {
    expect(readPins(text).unread).toEqual([])
    expect(doesOf(text)).toEqual(USUAL)
  })

  test('places: numbers go down the columns', () => {
    expect(readPins('1 HD+\n2 PL+\n3 HD-\n4 PL-').pins.map(p => [p.row, p.col])).toEqual([
      [0, 0],
      [1, 0],
      [0, 1],
      [1, 1],
    ])
  })
  test('what says too little is told and its pin is free', () => {
    const { pins, unread } = readPins('1 HDLED\n2 PLED+\n3 RES\n4 PLED-')
    expect(unread).toEqual(['1: HDLED', '3: RES'])
    expect(pins.map(p => p.does)).toEqual(['free', 'power-light+', 'free', 'power-light-'])
  })
  test('a ground between two lonely switches is no guess', () => {
    expect(readPins('1 RST\n3 GND\n5 PWRSW').unread).toEqual(['3: GND'])
  })
  test('a number that is not named is no pin, and is told; a larger block keeps its places', () => {
    const { pins, unnamed } = readPins('1 HD+\n3 HD-\n4 NC\n6 SPK+')
    expect(pins.map(p => p.does)).toEqual([
      ...['disk-light+', 'none', 'disk-light-', 'free', 'none', 'speaker+'],
    ])
    expect(unnamed).toEqual([2, 5])
    expect(readPins('20 SPK+').pins[19]).toEqual({ pin: 20, row: 1, col: 9, does: 'speaker+' })
  })
  test('a pin with two names is no guess: the first stands, the other is told', () => {
    const { pins, unread } = readPins('1 PLED+\n1 RST\n2 PLED-')
    expect(pins[0]?.does).toBe('power-light+')
    expect(unread).toEqual(['1: RST'])
  })
  test('as it lies: one row stays one row, four rows stay four', () => {
    expect(readPins('PW\tPW\tRST\tRST').pins.map(p => [p.pin, p.row, p.col])).toEqual([
      [1, 0, 0],
      [2, 0, 1],
      [3, 0, 2],
      [4, 0, 3],
    ])
    const { pins } = readPins('PLED+\tPLED-\nRST\tRST\nPW\tPW\nHD+\tHD-')
    expect(pins.map(p => `${p.row} ${p.col} ${p.does}`)).toContain('3 1 disk-light-')
  })
  test('"First", "20-pin block" and a keyed place are no switches', () => {
    expect(readPins('20-pin block\n1 first\n2 No pin (key)')).toMatchObject({
      pins: [{ does: 'free' }, { does: 'none' }],
      unread: ['1: first'],
    })
  })
  test.each(['', 'Front panel connector', 'USB 3 header\nSATA1'])('nothing in %j', text => {
    expect(readPins(text)).toEqual({ pins: [], unread: [], unnamed: [] })
  })
})
