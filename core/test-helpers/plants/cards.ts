// For tests: cards that take more than their plugs, cables and slots should give.
import { altered, exact, type Fields } from '../planted-machine'
import { SMALL_CARD, withHeaders, type Plant } from './plant'

const GRAPHICS: Fields = {
  ...{ kind: 'card', id: 'graphics', model: 'Graphics', does: 'graphics', size: 'x16', slots: 2 },
  ...{ length: exact('mm', 200), height: exact('mm', 100), fromSlot: exact('W', 40) },
}
/** A supply with power to spare, and the cables of a class. */
const supply = (...cables: readonly Fields[]): Fields => ({
  ...{
    watts: exact('W', 1500),
    guide: 'newer',
    rails: { W12: 1450, W5: 150, W3: 100, combined: 200 },
  },
  cables: [
    { key: 'main', plugs: [{ face: 'main-24' }] },
    { key: 'cpu', plugs: [{ face: 'cpu-8' }] },
    ...cables,
    { key: 'sixteen', plugs: [{ face: 'card-16', class: 600 }] },
  ],
})
const adapter = (from: string, to: string): Fields => ({
  ...{ kind: 'adapter', id: 'adapter', model: 'Adapter' },
  inlets: [{ key: 'in', face: from, label: 'inlet', need: 'must' }],
  outlets: [{ key: 'out', face: to, label: 'outlet' }],
})
const socket = (face: string): readonly Fields[] => [{ key: 'p', face, label: face }]

/** Cards and their power. */
export const CARDS: readonly Plant[] = [
  ...(
    [
      ['sata-power', 'card-6', 'harm'],
      ['sata-power', 'card-8', 'harm'],
      ['drive-4', 'card-8', 'harm'],
      ['drive-4', 'card-6', 'watch'],
    ] as const
  ).map(([from, to, verdict]): Plant => ({
    name: `an adapter from ${from} to ${to}`,
    plant: draw => {
      const machine = altered(draw.tower, {
        supply: supply({ key: 'chain', plugs: [{ face: from }] }),
        card: { ...GRAPHICS, watts: exact('W', draw.between(60, 85)), power: socket(to) },
        adapter: adapter(from, to),
      })
      return {
        machine,
        rule: 'power/adapter',
        verdict,
        names: ['adapter', 'card'],
        also: ['power/plug'],
      }
    },
  })),
  {
    name: 'two heads of one cable',
    plant: draw => {
      const watts = draw.between(200, 260)
      const heads = {
        key: 'two',
        gauge: 18,
        plugs: [{ face: 'card-8', after: 90 }, { face: 'card-8' }],
      }
      const power = ['a', 'b'].map(key => ({ key, face: 'card-8', label: key }))
      const machine = altered(draw.tower, {
        supply: supply(heads),
        card: { ...GRAPHICS, watts: exact('W', watts), power },
      })
      // 40 W come by the slot: 160 to 220 by the cable, of 150.
      return { machine, rule: 'power/heads', verdict: 'watch', names: ['supply', 'card'] }
    },
  },
  {
    name: 'a 16-contact plug of too low a class',
    plant: draw => {
      const watts = draw.between(360, 480)
      const cables = [
        { key: 'main', plugs: [{ face: 'main-24' }] },
        { key: 'cpu', plugs: [{ face: 'cpu-8' }] },
        { key: 'sixteen', plugs: [{ face: 'card-16', class: exact('W', 300) }] },
      ]
      const machine = altered(draw.tower, {
        supply: { ...supply(), cables },
        card: { ...GRAPHICS, watts: exact('W', watts), power: socket('card-16') },
      })
      return { machine, rule: 'power/class', verdict: 'watch', names: ['supply', 'card'] }
    },
  },
  {
    name: 'a low card of one lane beyond 10 W',
    plant: draw => {
      const card = { ...SMALL_CARD, profile: 'low', watts: exact('W', draw.between(11, 24)) }
      const machine = altered(draw.tower, { card })
      return { machine, rule: 'power/slot', verdict: 'stop', names: ['card', 'board'] }
    },
  },
  {
    name: 'one plug of eight for what needs two',
    plant: draw => {
      const machine = altered(draw.tower, {
        supply: supply({ key: 'eight', plugs: [{ face: 'card-8' }] }),
        card: { ...GRAPHICS, watts: exact('W', draw.between(200, 280)), power: socket('card-8') },
      })
      // 160 to 240 by a plug of 150
      return { machine, rule: 'power/plug', verdict: 'harm', names: ['supply', 'card'] }
    },
  },
  {
    name: 'a board of twenty contacts that takes more 12 V than one carries',
    plant: draw => {
      const board = {
        headers: (withHeaders(draw)['board']?.['headers'] as readonly Fields[]).map(h =>
          h['face'] === 'main-24' ? { ...h, face: 'main-20' } : h,
        ),
        power: { W12: exact('W', draw.between(80, 120)), W5: 8, W3: 7 },
      }
      const machine = altered(draw.tower, { board, supply: supply() })
      return { machine, rule: 'power/plug', verdict: 'harm', names: ['supply', 'board'] }
    },
  },
]
