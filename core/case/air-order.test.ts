import { airOrder, type FanPlace } from './air-order'

const place = (
  key: string,
  air: 'in' | 'out' | undefined,
  at: FanPlace['at'],
  axes: string,
): FanPlace => ({ key, air, at, axes })

test('out at the rear, in low at the front, then on top; what nobody knows comes last', () => {
  const places = [
    place('anywhere', undefined, undefined, '+x +y +z'),
    place('top-front', 'out', [300, 400, 90], '+x +z -y'),
    place('top-rear', 'out', [90, 400, 90], '+x +z -y'),
    place('front-high', 'in', [400, 300, 90], '+y +z -x'),
    place('front-low', 'in', [400, 100, 90], '+y +z -x'),
    place('rear', 'out', [0, 350, 90], '+y +z +x'),
  ]
  const turns = airOrder(places)
  expect([...turns.keys()]).toEqual([
    ...['rear', 'front-low', 'front-high', 'top-rear', 'top-front', 'anywhere'],
  ])
  expect(turns.get('rear')).toBe(0)
})

test('a floor takes air in after the front', () => {
  const turns = airOrder([
    place('floor', 'in', [100, 0, 90], '+x +z +y'),
    place('front', 'in', [400, 300, 90], '+y +z -x'),
  ])
  expect([...turns.keys()]).toEqual(['front', 'floor'])
})
