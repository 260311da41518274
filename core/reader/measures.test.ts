import { along, firstOf, measuresIn, plainNumber, productIn, spokenIn } from './measures'

describe('numbers', () => {
  test.each<[string, number]>([
    ['1,234', 1234],
    ['12,500', 12500],
    ['16,5', 16.5],
    ['0,250', 0.25],
    ['7.2', 7.2],
    ['1234', 1234],
  ])('%s', (text, value) => expect(plainNumber(text)).toBe(value))
})

describe('with their units, in the unit that is kept', () => {
  test.each<[string, number | null, string]>([
    ['16,5 cm', 165, 'mm'],
    ['0.4 m', 400, 'mm'],
    ['12.9"', 327.66, 'mm'],
    ['6 1/2 in', 165.1, 'mm'],
    ['3/4 inch', 19.05, 'mm'],
    // A metre is not the first half of an M.2.
    ['1 m.2 stick', null, 'mm'],
    ['1.2 kg', 1200, 'g'],
    ['2 lbs', 907.184, 'g'],
    ['150 mA', 0.15, 'A'],
    ['50 mW', 0.05, 'W'],
    ['4.5 watts', 4.5, 'W'],
    ['6000 MT/s', 6000, 'MTs'],
    ['2.4 GHz', 2400, 'MHz'],
    ['7,300 MB/s', 7300, 'MBs'],
    ['2 TB', 2000, 'GB'],
    ['512MB', 0.512, 'GB'],
    ['40 dB(A)', null, 'A'],
  ])('%s', (text, value, unit) => expect(firstOf(text, unit as 'mm')?.value ?? null).toBe(value))
  test('the unit behind a bar is that of both', () => {
    expect(measuresIn('3,500/2,900 MB/s').map(m => [m.value, m.unit])).toEqual([
      [3500, 'MBs'],
      [2900, 'MBs'],
    ])
    expect(measuresIn('30/45 cm').map(m => m.value)).toEqual([300, 450])
  })
})

describe('products', () => {
  const sides = (text: string, label = '') => {
    const p = productIn(text, label)
    return p && (['length', 'width', 'height'] as const).map(a => along(p, a, []))
  }
  test.each<[string, string, readonly (number | null)[]]>([
    ['(L x W x H)', '46,5 x 22,0 x 48,0 cm', [465, 220, 480]],
    ['Dimensions (HxWxD)', '494 x 231 x 462 mm', [462, 231, 494]],
    ['Size', 'W:435 x H:140 x D:405 mm', [405, 435, 140]],
    ['Card size', 'L=323 W=142 H=66 mm', [323, 142, 66]],
    ['Size', '160mm (H) x 140mm (W) x 145mm (D)', [145, 140, 160]],
    ['L / W / H', '395 / 210 / 405 mm', [395, 210, 405]],
    ['Height x width x depth', '170 x 120 x 80 mm', [80, 120, 170]],
  ])('%s: %s', (label, text, expected) => expect(sides(text, label)).toEqual(expected))
  test('without letters nobody says which is which', () =>
    expect(productIn('158 x 140 x 125 mm', 'Dimensions')?.axes).toBeNull())
  test('"by" multiplies, a plain "3 x as fast" does not, and bars without letters are choices', () => {
    expect(productIn('24.4 cm by 24.4 cm')?.values).toEqual([244, 244])
    expect(productIn('about 3 x as fast')).toBeNull()
    expect(productIn('120 / 140 mm', 'Fans')).toBeNull()
  })
})

test('sides told one by one, the word behind before the word ahead', () => {
  expect(spokenIn('depth 525 mm, width 240 mm, 530 mm high').map(s => [s.axis, s.value])).toEqual([
    ['length', 525],
    ['width', 240],
    ['height', 530],
  ])
  expect(spokenIn('161 mm (H), 142 mm (W), 148 mm (D)').map(s => [s.axis, s.value])).toEqual([
    ['height', 161],
    ['width', 142],
    ['length', 148],
  ])
  expect(spokenIn('70mm total height, 15 mm thick, 2 slots').map(s => [s.axis, s.value])).toEqual([
    ['height', 70],
    ['thickness', 15],
  ])
})
