// For tests: what hangs on splitters and hubs, more than what feeds it gives.
import type { Verdict } from '../../figures/verdict'
import { altered, exact, type Draw, type Fields } from '../planted-machine'
import { short, strip, withHeaders, type Plant } from './plant'

const fan = (amps: number, more: Fields = {}): Fields => ({
  ...{ kind: 'fan', id: `fan-${amps}`, model: `Fan ${amps}`, size: '120', face: 'fan-4' },
  amps: exact('A', amps),
  ...more,
})
const splitter = (face: string, ways = 2): Fields => ({
  ...{ kind: 'adapter', id: 'splitter', model: 'Splitter' },
  inlets: [{ key: 'in', face, label: 'plug' }],
  outlets: Array.from({ length: ways }, (_, i) => ({ key: `o${i}`, face, label: `way ${i}` })),
})

/** Two of something on a header that gives so much, by a splitter: each alone would pass. */
function onSplitter(
  draw: Draw,
  limit: number,
): { readonly each: number; readonly verdict: Verdict } {
  const tol = 0.03 * limit
  const { by, verdict } = short(draw, tol)
  return { each: (limit + by) / 2, verdict: verdict === 'stop' ? 'harm' : verdict }
}

/** Both on the splitter, and the splitter on the one header: as a hand has plugged them. */
const BY_HAND = {
  'splitter/in': 'board/f',
  'one/lead': 'splitter/o0',
  'two/lead': 'splitter/o1',
}

/** Lines: what hangs on splitters, hubs and adapters, added up. */
export const LINES: readonly Plant[] = [
  {
    name: 'two fans over a splitter on one header',
    plant: draw => {
      const limit = draw.between(1, 2)
      const { each, verdict } = onSplitter(draw, limit)
      const machine = altered(
        withHeaders(draw, { key: 'f', face: 'fan-4', label: 'FAN', amps: limit }),
        {
          splitter: splitter('fan-4'),
          ...{ one: fan(each), two: fan(each) },
        },
      )
      return {
        machine,
        rule: 'joints/header-current',
        verdict,
        names: ['splitter', 'board', 'one', 'two'],
        pins: BY_HAND,
      }
    },
  },
  {
    name: 'two fans in their first second',
    plant: draw => {
      const start = exact('A', draw.between(0.6, 1.1))
      const own = fan(0.2, { startAmps: start })
      const machine = altered(
        withHeaders(draw, { key: 'f', face: 'fan-4', label: 'FAN', amps: 1 }),
        {
          ...{ splitter: splitter('fan-4'), one: own, two: own },
        },
      )
      return {
        machine,
        rule: 'joints/header-current',
        verdict: 'harm',
        names: ['splitter', 'board'],
        pins: BY_HAND,
      }
    },
  },
  {
    name: 'two strips over a splitter on one header',
    plant: draw => {
      const { each, verdict } = onSplitter(draw, 3)
      const header = { key: 'l', face: 'light-5', label: 'LED', amps: 3 }
      const machine = altered(withHeaders(draw, header), {
        splitter: splitter('light-5'),
        ...{ one: strip(each), two: strip(each) },
      })
      return {
        machine,
        rule: 'joints/header-current',
        verdict,
        names: ['splitter', 'board', 'one', 'two'],
      }
    },
  },
  {
    name: 'more LEDs than a header drives',
    plant: draw => {
      const each = draw.whole(41, 60)
      const header = { key: 'l', face: 'light-5', label: 'LED', amps: 3, lights: 80 }
      const machine = altered(withHeaders(draw, header), {
        splitter: splitter('light-5'),
        ...{ one: strip(0.2, 'light-5', each), two: strip(0.3, 'light-5', each) },
      })
      return {
        machine,
        rule: 'joints/light-count',
        verdict: 'watch',
        names: ['board', 'one', 'two'],
      }
    },
  },
  {
    name: '5 V of a hub’s SATA plug',
    plant: draw => {
      const each = draw.between(1.7, 2.8)
      const hub = {
        ...{ kind: 'hub', id: 'hub', model: 'Hub', serves: 'lights', amps: 20 },
        inlets: [{ key: 'p', face: 'sata-power', label: 'power' }],
        outlets: [1, 2, 3].map(n => ({ key: `o${n}`, face: 'light-5', label: `OUT${n}`, amps: 3 })),
      }
      const machine = altered(draw.tower, { hub, a: strip(each), b: strip(each), c: strip(each) })
      // Three of these from one plug of 4.5 A.
      return {
        machine,
        rule: 'power/plug',
        verdict: 'harm',
        names: ['hub', 'supply', 'a', 'b', 'c'],
      }
    },
  },
]
