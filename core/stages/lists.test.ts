import { analyse } from '../analysis/analyse'
import type { Build } from '../document/build'
import { avocet, change, measure, plover, then } from '../test-helpers/demos'

const buying = (build: Build = avocet) => then(build).buying

describe('buying', () => {
  test('what is wanted stands in the order in which the work needs it, what is for later apart', () => {
    expect(buying().next.map(r => r.id)).toEqual(['work-stick'])
    expect(buying().later.map(r => r.id)).toEqual(['sata-3', 'disk-3', 'disk-4', 'sata-4'])
    const numbers = buying().later.map(r => r.neededAt?.number ?? Infinity)
    expect([...numbers].sort((a, b) => a - b)).toEqual(numbers)
    const steps = then(avocet).order.steps
    expect(buying().next[0]?.neededAt).toEqual({
      step: 'm2:work-stick/seat~board/m2-2',
      number: steps.findIndex(s => s.items.includes('work-stick')) + 1,
      title: 'Fit the N5 2 TB in M2_2',
    })
  })
  test('what is on its way by its day; what came by a day waits until all is looked at', () => {
    expect(buying().coming.map(r => [r.id, r.arrives])).toEqual([
      ['card', '2031-03-11'],
      ['card-adapter', '2031-03-11'],
    ])
    expect(
      buying().arrived.map(r => [r.id, r.checks.filter(c => c.seen === null).map(c => c.check)]),
    ).toEqual([['cooler', ['film', 'contents']]])
    const seen = change(
      avocet,
      { do: 'checkArrival', id: 'cooler', check: 'film', seen: true },
      { do: 'checkArrival', id: 'cooler', check: 'contents', seen: true },
    )
    expect(buying(seen).arrived).toEqual([])
    const back = change(seen, { do: 'checkArrival', id: 'cooler', check: 'film', seen: false })
    expect(buying(back).arrived.map(r => r.id)).toEqual(['cooler'])
    const here = change(avocet, { do: 'setState', id: 'card', state: 'have' })
    expect(buying(here).arrived.map(r => r.id)).toEqual(['cooler', 'card'])
  })
  test('what may go back by its last day; left to pay is what is not here and not paid', () => {
    expect(buying().returns.map(r => [r.id, r.returnBy])).toEqual([
      ['cooler', '2031-03-15'],
      ['memory', '2031-03-15'],
      ['card', '2031-03-25'],
    ])
    // card 629, stick 152, two disks of 176, two leads of 5; the adapter is paid with the card.
    expect(buying().left).toBe(629 + 152 + 2 * 176 + 2 * 5)
  })
  test('a fact of a purchase is set, cleared, and refused where it is no day', () => {
    const set = change(plover, {
      do: 'setPurchase',
      id: 'supply',
      arrives: '2031-03-05',
      shop: 'Hythe Electrics',
      from: 60,
    })
    expect(set.items.find(i => i.id === 'supply')?.purchase).toEqual({
      arrives: '2031-03-05',
      shop: 'Hythe Electrics',
      from: 60,
    })
    expect(
      change(set, { do: 'setPurchase', id: 'supply', arrives: null, shop: null, from: null }).items,
    ).toEqual(plover.items)
    expect(() => change(plover, { do: 'setPurchase', id: 'supply', arrives: 'soon' })).toThrow(
      /arrives/,
    )
    expect(() => change(plover, { do: 'setPurchase', id: 'supply' })).toThrow(
      /Enter a shop, a price, a day/,
    )
  })
})

describe('measuring round', () => {
  const rows = (build: Build = avocet) => then(build).measuring
  test('the figure that settles what must be measured comes first, with the value it passes at', () => {
    expect(rows()[0]).toMatchObject({
      item: 'case',
      path: 'coolerRoom',
      now: 172,
      decides: [
        {
          finding: 'fit/cooler-height:cooler:case',
          verdict: 'measure',
          passes: { side: 'least', value: 166.6 },
        },
      ],
    })
    expect(rows().findIndex(r => r.decides.every(d => d.verdict === 'tight'))).toBe(3)
  })
  test('each figure stands once, with all that it decides', () => {
    const keys = rows().map(r => `${r.item}:${r.path}`)
    expect(new Set(keys).size).toBe(keys.length)
    const decided = rows().flatMap(r => r.decides.map(d => d.finding))
    const open = then(avocet).findings.filter(f => f.settles.length > 0)
    expect(new Set(decided)).toEqual(new Set(open.map(f => f.id)))
    expect(decided.length).toBe(open.reduce((sum, f) => sum + f.settles.length, 0))
  })
  test('measured, it is gone; accepted, its finding asks no more', () => {
    expect(
      rows(change(avocet, measure('case', 'coolerRoom', 170))).some(r => r.path === 'coolerRoom'),
    ).toBe(false)
    expect(
      rows(
        change(avocet, { do: 'accept', id: 'fit/cooler-height:cooler:case', reason: 'seen' }),
      ).some(r => r.path === 'coolerRoom'),
    ).toBe(false)
  })
})

test('what is bought is counted in both horizons alike', () => {
  const { now, then: later } = analyse(avocet).horizons
  expect(now.buying.left).toBe(later.buying.left)
})
