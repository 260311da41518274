// For tests: faults in how things sit, are turned, get to their places and breathe.
import {
  altered,
  exact,
  stated,
  type Draw,
  type Fields,
  type Machine,
  fieldsOf,
  machineIn,
} from '../planted-machine'
import { SMALL_CARD, short, type Plant } from './plant'

const of = fieldsOf
/** A tower of which every place is stated, 395 × 440 × 190 inside, with a place for a radiator on top. */
const TOWER: Machine = altered(machineIn({ ...of('brackwater-harbour-4'), cardRoom: null }), {
  board: { tall: [] },
  supply: of('dunlin-a850'),
})
/** Two chambers, a place for an upright card 125 from the tray, the near panel at 187. */
const TWIN: Machine = { ...TOWER, case: of('brackwater-twinlock-8') }
const CARD: Fields = {
  ...{ ...of('strandline-breeze-160'), length: exact('mm', 242) },
  thickness: exact('mm', 40),
}
const fanOf = (flow: number): Fields => ({ ...of('ottery-breeze-120'), flow: exact('m3h', flow) })
const UPRIGHT = { card: { upright: true } }

/** As much too near as it may be, or clear of it by as much. */
const near = ({ isWithin, between }: Draw, least: number, most: number) =>
  isWithin
    ? ({ by: -between(least, most), verdict: 'clear' } as const)
    : ({ by: between(least, most), verdict: 'watch' } as const)

export const PLACING: readonly Plant[] = [
  {
    name: 'a card before the fans of another',
    plant: draw => {
      const { by, verdict } = near(draw, 2, 8)
      // Two pitches of 20.32 less the other's back of 2.67; the thickness counts its own back.
      const thickness = 2 * 20.32 - 10 + by
      const card = { ...CARD, thickness: exact('mm', thickness), cooling: 'fans' }
      return {
        machine: altered(TOWER, { card, other: { ...SMALL_CARD, length: exact('mm', 200) } }),
        pins: { 'card/seat': 'board/slot-2', 'other/seat': 'board/slot-4' },
        ...{ rule: 'air/room', names: ['card', 'other'], verdict },
      }
    },
  },
  {
    name: 'more air out than in',
    plant: draw => {
      const { by, verdict } = near(draw, 5, 60)
      return {
        machine: altered(TOWER, { out: fanOf(90 + by), in: fanOf(90) }),
        pins: { 'out/frame': 'case/rear', 'in/frame': 'case/front-1' },
        ...{ rule: 'air/balance', names: ['case'], verdict },
      }
    },
  },
  {
    name: 'a radiator that blows out behind a card that warms',
    plant: draw => {
      const { by, verdict } = near(draw, 1, 40)
      return {
        machine: altered(TWIN, {
          cooler: of('ottery-rill-360'),
          card: { ...CARD, watts: exact('W', 120 + by - (draw.isWithin ? 0 : 1)) },
        }),
        pins: { 'cooler/radiator': 'case/radiator-top' },
        ...{ rule: 'air/warm-radiator', names: ['cooler'], verdict },
        // Its third fan finds no header on this board.
        also: ['joints/unmet:cooler:cooler/fan-3'],
      }
    },
  },
  {
    name: 'air sent against its place',
    plant: draw => ({
      machine: altered(TOWER, { fan: fanOf(90) }),
      pins: { 'fan/frame': draw.isWithin ? 'case/rear' : 'case/front-1' },
      copies: { case: { airs: draw.isWithin ? { rear: 'in' } : { 'front-1': 'out' } } },
      ...{ rule: 'air/against', names: ['fan', 'case'], verdict: 'watch' },
    }),
  },
  {
    name: 'a rack in the way of the board',
    plant: draw => {
      const rack = {
        ...{ key: 'rack', label: 'rack', piece: 'cage', screws: 2, fixed: draw.isWithin },
        begins: { x: exact('mm', draw.between(150, 200)), y: 150, z: exact('mm', 80) },
        ends: { x: exact('mm', 300), y: 250, z: exact('mm', 120) },
      }
      const pieces = TOWER['case']?.['pieces'] as readonly Fields[]
      return {
        machine: altered(TOWER, { case: { pieces: [...pieces, rack] } }),
        ...{ rule: 'fit/way-in', names: ['board', 'case'] },
        verdict: draw.isWithin ? 'measure' : 'watch',
        // What hangs over the board there may meet what is on it.
        also: ['fit/clearance'],
      }
    },
  },
  {
    name: 'a cooler turned against its mounting',
    plant: draw => ({
      machine: altered(TOWER, { cooler: { turns: draw.isWithin ? null : 'half' } }),
      copies: { cooler: { turned: draw.whole(0, 1) === 0 ? 1 : 3 } },
      ...{ rule: 'fit/cooler-turn', names: ['cooler'] },
      verdict: draw.isWithin ? 'measure' : 'stop',
    }),
  },
  {
    name: 'an upright card in the near panel',
    plant: draw => {
      const { by, verdict } = short(draw, 2)
      return {
        machine: altered(TWIN, {
          // 187 − 125, and its back of 2.67
          card: { ...CARD, thickness: stated('mm', 187 - 125 + 2.67 + by, 0) },
          riser: of('hollin-riser-300'),
        }),
        copies: UPRIGHT,
        ...{ rule: 'fit/clearance', names: ['card', 'case'], verdict },
      }
    },
  },
  {
    name: 'a riser that ends before the slot',
    plant: draw => ({
      machine: altered(TWIN, {
        card: CARD,
        riser: { ...of('hollin-riser-300'), ribbon: exact('mm', draw.between(60, 110)) },
      }),
      copies: UPRIGHT,
      ...{ rule: 'fit/upright', names: ['card', 'riser'], verdict: 'stop' },
    }),
  },
]
