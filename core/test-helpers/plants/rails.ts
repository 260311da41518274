// For tests: rails of a supply that state less than what hangs on them takes.
import { altered, exact, stated, type Fields } from '../planted-machine'
import { short, type Plant } from './plant'

/** Rails and the label, of a supply that states them. */
export const RAILS: readonly Plant[] = [
  ...(
    [
      ['W5', ':5', 8 + 8],
      ['W3', ':3.3', 7],
    ] as const
  ).map(([path, rail, need]): Plant => ({
    name: `the rail ${rail}`,
    plant: draw => {
      const board = { power: { W12: exact('W', 10), W5: exact('W', 8), W3: exact('W', 7) } }
      const memory = { watts: exact('W', 4) }
      const { by, verdict } = short(draw, 1)
      const rails = {
        ...(draw.tower['supply']?.['rails'] as Fields),
        [path]: stated('W', need - by, 1),
      }
      const machine = altered(draw.tower, { board, memory, supply: { rails } })
      return { machine, rule: `power/rail:supply${rail}`, verdict, names: ['supply'] }
    },
  })),
  {
    name: 'standby',
    plant: draw => {
      const { by, verdict } = short(draw, 0.1)
      const board = { power: { standby: exact('A', 2) } }
      const rails = {
        ...(draw.tower['supply']?.['rails'] as Fields),
        standby: stated('A', 2 - by, 0.1),
      }
      const machine = altered(draw.tower, { board, supply: { rails } })
      return { machine, rule: 'power/standby', verdict, names: ['supply', 'board'] }
    },
  },
]
