import { avocet, part, plover, shelf } from '../test-helpers/demos'
import { partSchema } from '../parts'
import { asOnShelf, isNewer } from './newer'

const known = (id: string) => shelf.find(p => p.id === id)

test('the demos’ parts are those of the shelf: nothing is offered', () => {
  for (const build of [plover, avocet]) {
    const offered = build.items.filter(i => {
      const k = known(i.part.id)
      return !k || isNewer(i.part, k)
    })
    expect(offered.map(i => i.id)).toEqual([])
  }
})

test('another figure is offered, another order of fields is not', () => {
  const own = part('ottery-lowbank-65')
  expect(isNewer(own, partSchema.parse({ ...own, height: 64 }))).toBe(true)
  expect(isNewer(own, Object.fromEntries(Object.entries(own).reverse()) as typeof own)).toBe(false)
})

test('the firmware that is on a copy stays with it', () => {
  const onShelf = part('saltpan-lagoon-6')
  if (onShelf.kind !== 'board' || !onShelf.firmware) throw new Error('no firmware')
  const own = { ...onShelf, firmware: { ...onShelf.firmware, version: '0.90' } }
  expect(isNewer(own, onShelf)).toBe(false)
  expect(asOnShelf(own, { ...onShelf, price: 1 })).toMatchObject({
    price: 1,
    firmware: { version: '0.90', flashes: onShelf.firmware.flashes },
  })
})
