// Sizes with several sides.
import { along, productIn, spokenIn } from './sides'

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
    ['Length / width / height', '250 mm / 41 mm / 122 mm', [250, 41, 122]],
    ['L / W / H', '395 / 210 / 405 mm', [395, 210, 405]],
    ['Height x width x depth', '170 x 120 x 80 mm', [80, 120, 170]],
  ])('%s: %s', (label, text, expected) => expect(sides(text, label)).toEqual(expected))
  test('without letters nobody says which is which', () =>
    expect(productIn('158 x 140 x 125 mm', 'Dimensions')?.axes).toBeNull())
  test('"by" multiplies, a plain "3 x as fast" does not, and bars without letters are choices', () => {
    expect(productIn('24.4 cm by 24.4 cm')?.values).toEqual([244, 244])
    expect(productIn('about 3 x as fast')).toBeNull()
    expect(productIn('120 / 140 mm', 'Fans')).toBeNull()
    expect(productIn('5x 3.5 mm jacks')).toBeNull()
  })
  test('in inches and again in millimetres: these', () => {
    const size = productIn('10.8 x 15.2 x 16.4 in (274 x 386 x 417 mm, W x H x D)')
    expect(size?.values).toEqual([274, 386, 417])
    expect(size?.axes).toEqual(['width', 'height', 'length'])
    // Another size is another.
    expect(productIn('4 x 4 x 1 in (120 x 120 x 25 mm)')?.values).toEqual([101.6, 101.6, 25.4])
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
