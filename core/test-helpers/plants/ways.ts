// For tests: leads that are too short for any way, and ways that are shut, crowded or pressed. The case
// states its rooms: the board over a shroud with the supply, a chamber behind the tray.
import {
  altered,
  exact,
  fieldsOf as of,
  machineIn,
  type Draw,
  type Fields,
  type Machine,
} from '../planted-machine'
import type { Plant, Planted } from './plant'

const STATED: Machine = machineIn(of('brackwater-harbour-4'))
const OPENINGS = STATED['case']?.['openings'] as readonly Fields[]
const LEADS = STATED['case']?.['leads'] as readonly Fields[]
const CABLES = STATED['supply']?.['cables'] as readonly Fields[]

/** The supply with some of its cables otherwise. */
const withCables = (about: Readonly<Record<string, Fields>>): Machine =>
  altered(STATED, {
    supply: { cables: CABLES.map(c => ({ ...c, ...about[String(c['key'])] })) },
  })
const withLead = (key: string, mm: number): Machine =>
  altered(STATED, {
    case: { leads: LEADS.map(l => (l['key'] === key ? { ...l, length: exact('mm', mm) } : l)) },
  })
const stopped = (machine: Machine, ...names: readonly string[]): Planted => ({
  ...{ machine, names, rule: 'joints/unmet', verdict: 'stop' },
})

const shut = (openings: readonly Fields[], main: Fields = {}): Machine =>
  altered(withCables({ main: { plugs: [{ face: 'main-24', ...main }] } }), { case: { openings } })

/** Two disks of one power cable, in bays that are so far apart. */
export function hop(span: number): Machine {
  const far = { key: 'far', label: 'upper bay', size: '3.5', front: false }
  const cable = { key: 'sata', length: exact('mm', 900) }
  const plugs = [{ face: 'sata-power', after: exact('mm', span) }, { face: 'sata-power' }]
  const disk = { ...of('sedgeline-r3-4000'), thickness: 26.1 }
  const lead = { ...of('hollin-sata-700'), length: exact('mm', 900) }
  const bays = STATED['case']?.['bays'] as readonly Fields[]
  return altered(STATED, {
    case: { bays: [bays[0], { ...far, at: [212, 330, 28], axes: '+x +z +y' }] },
    supply: {
      cables: [
        ...CABLES.filter(c => c['key'] !== 'sata' && c['key'] !== 'drive'),
        { ...cable, plugs },
      ],
    },
    ...{ 'disk-1': disk, 'disk-2': disk, 'lead-1': lead, 'lead-2': lead },
  })
}

/** The front leads come out behind the tray, and the only hole to the board lies beyond its USB header. */
export function doublingBack(behind: number): Machine {
  const hole = OPENINGS.find(o => o['key'] === 'side-low')
  const inner = { ...(STATED['case']?.['inner'] as Fields), behind: exact('mm', behind) }
  return altered(STATED, {
    case: {
      inner,
      leadsFrom: [385, 400, -4],
      leads: LEADS.map(l => ({ ...l, length: exact('mm', 1200) })),
      openings: [
        ...OPENINGS.filter(o => !(o['joins'] as string[]).includes('chamber')),
        { ...hole, at: [110, 110, 0] },
      ],
    },
  })
}

/** What goes in one class: its name, and the fault drawn. */
const planted = (name: string, plant: (draw: Draw) => Planted): Plant => ({ name, plant })

/** From the supply at the rear, 150 long, to the board’s edges it is never less than these, mm. */
export const WAYS: readonly Plant[] = [
  planted('main power too short behind the tray', draw =>
    stopped(withCables({ main: { length: exact('mm', draw.whole(100, 220)) } }), 'board'),
  ),
  planted('processor power too short over the board', draw =>
    stopped(withCables({ cpu: { length: exact('mm', draw.whole(150, 330)) } }), 'board'),
  ),
  planted('front audio too short for the far corner', draw =>
    stopped(withLead('audio-hd', draw.whole(80, 300)), 'case'),
  ),
  planted('front USB too short for its header', draw =>
    stopped(withLead('usb-1', draw.whole(80, 120)), 'case'),
  ),
  planted('a fan too far from every header', draw => ({
    ...stopped(
      altered(STATED, {
        fan: { ...of('ottery-breeze-120'), lead: exact('mm', draw.whole(20, 60)) },
      }),
      'fan',
    ),
    pins: { 'fan/frame': 'case/front-3' },
  })),
  planted('a loose lead between disk and board', draw => {
    const disk = { ...of('sedgeline-r3-4000'), thickness: 26.1 }
    const lead = { ...of('hollin-sata-700'), length: exact('mm', draw.whole(80, 120)) }
    return stopped(altered(STATED, { disk, lead }), 'disk')
  }),
  planted('two plugs of one cable for bays that lie apart', draw => ({
    ...stopped(hop(draw.whole(40, 120))),
    names: [],
  })),
  planted('no hole from the shroud', () =>
    stopped(shut(OPENINGS.filter(o => !(o['joins'] as string[]).includes('shroud'))), 'board'),
  ),
  planted('a head of one piece for a slot of 46', draw =>
    stopped(
      shut(
        OPENINGS.map(o => ({ ...o, width: draw.whole(44, 51), height: 14 })),
        { split: [] },
      ),
      'board',
    ),
  ),
  planted('a head of which nobody knows whether it comes apart', draw => ({
    machine: shut(OPENINGS.map(o => ({ ...o, width: draw.whole(44, 51), height: 30 }))),
    ...{ rule: 'routes/plug-head', verdict: 'measure', names: ['supply'] },
  })),
  // The 24-pin, the processor's and three of a card: 154 + 64 + 3 × 64 mm² in 65 % of 44 by 14.
  planted('one slot for all that leaves the shroud', draw => ({
    machine: altered(STATED, {
      case: {
        openings: OPENINGS.filter(o => o['key'] === 'shroud-slot').map(o => ({
          ...{ ...o, width: draw.between(43.3, 45), height: 14 },
        })),
      },
      supply: of('dunlin-a1000'),
      card: {
        ...{ kind: 'card', id: 'graphics', model: 'Graphics', does: 'graphics', size: 'x16' },
        ...{ slots: 2, length: exact('mm', 200), height: exact('mm', 100), watts: exact('W', 300) },
        power: ['1', '2', '3'].map(key => ({ key, face: 'card-8', label: `power ${key}` })),
      },
    }),
    ...{ rule: 'routes/hole-room', verdict: 'measure', names: ['supply', 'card'] },
  })),
  planted('a chamber too shallow for what lies in it', draw => ({
    machine: altered(STATED, {
      case: {
        inner: {
          ...(STATED['case']?.['inner'] as Fields),
          behind: exact('mm', draw.between(4, 10)),
        },
      },
    }),
    ...{ rule: 'routes/chamber-depth', verdict: 'watch', names: ['case'] },
  })),
  // 18 and half of 7, of which 30 % may be missing: 15 at the least.
  planted('a front USB lead that turns back in a flat chamber', draw => ({
    machine: doublingBack(draw.between(7, 13)),
    ...{ rule: 'routes/bend', verdict: 'watch', names: ['case'] },
  })),
]
