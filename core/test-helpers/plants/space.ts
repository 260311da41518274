// For tests: bodies that meet where nothing holds them together, in a tower of which every place is
// stated: 395 × 440 × 190 inside, the board's corner 405 up, its processor 95 in and 85 down.
import {
  altered,
  stated,
  type Draw,
  type Fields,
  type Machine,
  fieldsOf,
  machineIn,
} from '../planted-machine'
import { short, SMALL_CARD, type Plant } from './plant'

const of = fieldsOf
const STATED: Machine = machineIn({ ...of('brackwater-harbour-4'), cardRoom: null })
const mm = (value: number, tol = 1): Fields => stated('mm', value, tol)
const FAN = of('ottery-breeze-120')
const DISK = { ...of('sedgeline-r3-4000'), thickness: 26.1 }
const LEADS = { 'lead-1': of('hollin-sata-700'), 'lead-2': of('hollin-sata-700') }

/** The tower cooled by liquid, its radiator at a place that has room for it. */
function wet(place: 'front' | 'top', about: Fields = {}, at?: readonly number[]): Machine {
  const cooler = of('ottery-rill-240')
  const radiators = (STATED['case']?.['radiators'] as readonly Fields[]).map(r => ({
    ...{ ...r, room: 120 },
    ...(at && r['key'] === `radiator-${place}` ? { at } : {}),
  }))
  return altered(STATED, {
    case: { radiators },
    // The tower that stood there had a fan of its own.
    cooler: {
      ...cooler,
      fan: null,
      liquid: { ...(cooler['liquid'] as Fields), tube: 600, ...about },
    },
  })
}
const onPlace = (place: 'front' | 'top') => ({ 'cooler/radiator': `case/radiator-${place}` })

/** Some of a list of the case moved. */
const moved = (list: 'fans' | 'bays' | 'pieces', to: Readonly<Record<string, Fields>>): Fields => ({
  [list]: (STATED['case']?.[list] as readonly Fields[]).map(one => ({
    ...one,
    ...to[String(one['key'])],
  })),
})
const withRegion = (at: readonly number[], height: Fields): Fields => ({
  tall: [{ label: 'heat sink', at, size: [12, 12], height }],
})

/** What a class is: how the machine is altered by so much, what is added up, what is named. */
interface Space {
  readonly name: string
  readonly tol: number
  readonly of: (by: number) => Machine
  readonly names: readonly string[]
  readonly pins?: Readonly<Record<string, string>>
  /** Where something assumed is in the sum, what is within the tolerance asks. */
  readonly assumed?: boolean
}
const planted = ({ name, tol, of: make, names, pins, assumed }: Space): Plant => ({
  name,
  plant: (draw: Draw) => {
    const { by, verdict } = short(draw, tol)
    return {
      ...{ machine: make(by), names, rule: 'fit/clearance' },
      verdict: assumed && verdict === 'tight' ? 'measure' : verdict,
      ...(pins ? { pins } : {}),
      // What is too large for a neighbour may be too large for the sheet's own limit as well.
      also: ['fit/board-room', 'fit/cooler-height'],
    }
  },
})

const PAIRS: readonly Space[] = [
  {
    name: 'a card before a fan at the front',
    tol: 3,
    names: ['card', 'fan'],
    pins: { 'fan/frame': 'case/front-2', 'card/seat': 'board/slot-4' },
    // 395 − 25
    of: by => altered(STATED, { fan: FAN, card: { ...SMALL_CARD, length: mm(370 + by) } }),
  },
  {
    name: 'a card before a radiator at the front',
    tol: 4,
    names: ['card', 'cooler'],
    pins: onPlace('front'),
    // 395 − 27 − 25
    of: by => altered(wet('front'), { card: { ...SMALL_CARD, length: mm(343 + by) } }),
  },
  {
    name: 'a card before a post of the case',
    tol: 2,
    names: ['card', 'case'],
    of: by => {
      const post = {
        ...{ key: 'post', label: 'post', piece: 'wall', fixed: true },
        ...{ begins: { x: mm(300), y: 100, z: 10 }, ends: { x: 310, y: 300, z: 180 } },
      }
      return altered(STATED, {
        case: { pieces: [...(STATED['case']?.['pieces'] as readonly Fields[]), post] },
        card: { ...SMALL_CARD, length: mm(300 + by) },
      })
    },
  },
  {
    name: 'a card under the near panel',
    tol: 4.75,
    assumed: true,
    names: ['card', 'case'],
    // 190 − 6.5 − 1.6 − 12
    of: by => altered(STATED, { card: { ...SMALL_CARD, length: mm(200), height: mm(169.9 + by) } }),
  },
  {
    name: 'fins before the fan at the rear',
    tol: 4,
    names: ['cooler', 'fan'],
    pins: { 'fan/frame': 'case/rear' },
    // 95 + 47 − 25
    of: by => altered(STATED, { fan: FAN, cooler: { depth: mm(117 + by) } }),
  },
  {
    name: 'fins under a fan at the top',
    tol: 4.5,
    names: ['cooler', 'fan'],
    pins: { 'fan/frame': 'case/top-1' },
    // twice what is left of 440 − 25 over the processor at 405 − 85
    of: by => altered(STATED, { fan: FAN, cooler: { width: mm(190 + 2 * by) } }),
  },
  {
    name: 'fins over a heat sink of the board',
    tol: 3,
    names: ['cooler', 'board'],
    assumed: true,
    // the lid 8 over the board, 38 more to the fins
    of: by => altered(STATED, { board: withRegion([80, 60], mm(46 + by)) }),
  },
  {
    name: 'a block beside a heat sink of the board',
    tol: 2.5,
    names: ['cooler', 'board'],
    pins: onPlace('top'),
    // 95 + 80 / 2
    of: by => altered(wet('top'), { board: withRegion([135 - by, 70], mm(60)) }),
  },
  {
    name: 'modules under a radiator at the top',
    tol: 3.25,
    assumed: true,
    names: ['cooler', 'memory'],
    pins: onPlace('top'),
    // 120 − 120 / 2, less 6.5 + 1.6
    of: by => altered(wet('top', { thickness: 45 }), { memory: { height: mm(51.9 + by) } }),
  },
  {
    name: 'a board under a radiator at the top',
    tol: 2.25,
    assumed: true,
    names: ['cooler', 'board'],
    pins: onPlace('top'),
    // 6.5 + 1.6, and half of 120 of radiator; nothing stands high on this board
    of: by => altered(wet('top', {}, [142, 440, 68.1 - by]), { board: { tall: [], rear: [] } }),
  },
  {
    name: 'a radiator’s fans at the top before the fan at the rear',
    tol: 2,
    names: ['cooler', 'fan'],
    pins: { ...onPlace('top'), 'fan/frame': 'case/rear' },
    // 25 of fan, half of the radiator's two fans
    of: by => altered(wet('top', {}, [145 - by, 440, 120]), { fan: FAN }),
  },
  {
    name: 'a radiator at the front under the top',
    tol: 2.5,
    names: ['cooler', 'case'],
    pins: onPlace('front'),
    // twice what is left of 440 over 223
    of: by => wet('front', { length: mm(434 + 2 * by) }),
  },
  {
    name: 'a supply before the cage',
    tol: 2,
    names: ['supply', 'case'],
    of: by =>
      altered(STATED, {
        case: { supply: { ...(STATED['case']?.['supply'] as Fields), room: null } },
        supply: { length: mm(208 + by) },
      }),
  },
  {
    name: 'a supply under the shroud',
    tol: 2.5,
    names: ['supply', 'case'],
    // 5 and 86
    of: by =>
      altered(STATED, { case: moved('pieces', { shroud: { begins: { y: mm(91 - by) } } }) }),
  },
  {
    name: 'a disk before a fan at the front',
    tol: 3.25,
    names: ['disk', 'fan'],
    pins: { 'fan/frame': 'case/front-3', 'disk/bay': 'case/bay-2' },
    // 395 less 212 + 147
    of: by => altered(STATED, { ...LEADS, disk: DISK, fan: { ...FAN, thickness: mm(36 + by) } }),
  },
  {
    name: 'a disk under a disk',
    tol: 3,
    names: ['disk', 'other'],
    pins: { 'disk/bay': 'case/bay-1', 'other/bay': 'case/bay-2' },
    // 6 and 26.1
    of: by =>
      altered(STATED, {
        ...{ ...LEADS, disk: DISK, other: DISK },
        case: moved('bays', { 'bay-2': { at: [212, 32.1 - by, 28] } }),
      }),
  },
  {
    name: 'a fan under a fan',
    tol: 2.5,
    names: ['fan', 'other'],
    pins: { 'fan/frame': 'case/front-1', 'other/frame': 'case/front-2' },
    // twice half of 120 under 365
    of: by =>
      altered(STATED, {
        ...{ fan: FAN, other: FAN },
        case: moved('fans', { 'front-2': { at: [395, 245 + by, 95] } }),
      }),
  },
  {
    name: 'a hub behind the tray',
    tol: 2,
    names: ['hub', 'case'],
    // from the far panel, 22 behind the tray
    of: by =>
      altered(STATED, {
        case: {
          spots: [{ key: 'back', label: 'behind the tray', takes: ['hub'], at: [60, 200, -22] }],
        },
        hub: {
          ...{ kind: 'hub', id: 'hub', model: 'Own hub', serves: 'fans', size: [80, 40, 22 + by] },
          inlets: [{ key: 'in', label: 'lead', face: 'fan-4', role: 'case' }],
          outlets: [{ key: 'o', label: 'out', face: 'fan-4' }],
        },
      }),
  },
]

/** Bodies that meet, tubes that end short, pumps that air gathers in. */
export const SPACE: readonly Plant[] = [
  ...PAIRS.map(planted),
  {
    name: 'tubes to a radiator at the top',
    plant: draw => {
      const by = draw.isWithin ? draw.between(-15, 15) : draw.between(75, 120)
      // From the middle of the block to 20 before the end of a radiator of 277 around 142: across,
      // up and over; and two bends of 30.
      const block = [95, 405 - 85, 6.5 + 1.6 + 8 + 55 / 2] as const
      const end = [142 - 277 / 2 + 20, 440 - 27 / 2, 120] as const
      const straight = Math.hypot(end[0] - block[0], end[1] - block[1], end[2] - block[2])
      return {
        ...{ machine: wet('top', { tube: mm(straight + 60 - by) }), pins: onPlace('top') },
        ...{
          rule: 'fit/tube-reach',
          names: ['cooler'],
          verdict: draw.isWithin ? 'measure' : 'stop',
        },
      }
    },
  },
  {
    name: 'modules higher than the case wants them under a radiator',
    plant: draw => {
      const room = draw.whole(30, 44)
      const { by, verdict } = short(draw, 1.5)
      const machine = altered(wet('top'), { memory: { height: mm(room + by, 0.5) } })
      const radiators = machine['case']?.['radiators'] as readonly Fields[]
      const asked = radiators.map(r => ({ ...r, memoryRoom: mm(room) }))
      return {
        ...{ machine: altered(machine, { case: { radiators: asked } }), pins: onPlace('top') },
        ...{ rule: 'fit/memory-under-radiator', names: ['memory', 'case'], verdict },
      }
    },
  },
  {
    name: 'a pump above its radiator',
    plant: draw => {
      const { by, verdict } = short(draw, 3.5)
      // The pump 405 − 85 up, half of 277 of radiator.
      return {
        ...{ machine: wet('front', {}, [395, 181.5 - by, 95]), pins: onPlace('front') },
        ...{ rule: 'fit/pump-below', names: ['cooler'] },
        verdict: verdict === 'stop' ? 'watch' : verdict,
        also: ['fit/clearance'],
      }
    },
  },
]
