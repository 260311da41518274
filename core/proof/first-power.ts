// The first power-on as a list: what to do, what to see, and where to look when it is not so. Made
// from this build's joints.
import { quantity } from '../figures/format'
import { memory as memoryKind, piecesIn } from '../parts/memory'
import { showsPicture } from '../parts/outer'
import { connector, isMechanical } from '../connectors/connectors'
import { proofId } from '../ids/ids'
import type { Joint } from '../joining/joint'
import { rounded } from '../figures/rounded'
import { panelJoints } from '../panel/block'
import { progress } from '../plan/given'
import { isKind, type Item, type PartKind } from '../parts'
import { items, plainItems } from '../plan/items'
import { plugs, seats } from '../plan/joints'
import { every, joinedBy, type Joined } from '../plan/situation'
import { stage, type ValuesOf } from '../pipeline/stage'
import type { StepProgress } from '../order/step'
import { isDoubted } from '../rules/proof/condition'

export interface Check {
  readonly id: string
  readonly do: string
  readonly expect: string
  /** Likeliest and cheapest first. */
  readonly ifNot: readonly string[]
  /** The joints that this check proves. */
  readonly joints: readonly string[]
  readonly caution: string | null
  readonly progress: StepProgress
}

type Bare = Omit<Check, 'progress' | 'caution' | 'ifNot'> &
  Partial<Pick<Check, 'caution' | 'ifNot'>>

const NOTHING_HAPPENS = [
  'mains switch of the supply, and the socket',
  'power-switch lead on its two pins',
  'main power plug: latched, both halves of it',
  'processor plug latched',
  'memory: both latches stand',
  'a standoff under the board where it has no hole',
  'firmware older than the processor',
]
/** A board with twin power knows no soft switch, no standby and no processor plug. */
const NOTHING_OLD = [
  'the mains socket, and the switch at the front',
  'off and unplugged: the twin plugs, black wires in the middle',
  'memory: each bank full, each module latched',
  'each card pressed down along its whole edge',
  'jumpers of clock, voltage and display',
]
const isOld = (s: Joined): boolean => jointsOn(s, 'board-pair').length > 0

const BARE = 'You see the whole board.'

/** How much memory there is, kit by kit. */
const kits = stage('kits', { items }, ({ items }) =>
  items
    .filter(isKind('memory'))
    .map(kit => ({ pieces: piecesIn(kit.part), each: memoryKind.leaf(kit, 'each').figure?.value })),
)

const NEEDS = { items: plainItems, kits, seats, plugs, progress } as const
type ProofFrom = ValuesOf<typeof NEEDS>

export const firstPower = stage('proof', NEEDS, values => rounded(checksOf(values)))

function checksOf({ progress, ...s }: ProofFrom): readonly Check[] {
  if (every(s, 'board').length === 0 || every(s, 'supply').length === 0) return []
  return [...power(s), ...turning(s), ...seen(s), ...lights(s)].map(c => ({
    caution: null,
    ifNot: [],
    ...c,
    progress: progress[c.id]?.state ?? 'planned',
  }))
}

const jointsOn = (s: Joined, ...faces: readonly string[]): readonly string[] =>
  [...s.seats, ...s.plugs].filter(j => faces.includes(j.face)).map(j => j.id)

/** What is looked at when nothing happens: what was doubted before stands first. */
const whenNothing = (s: Joined): readonly string[] => [
  ...s.items
    .filter(i => isDoubted(i) && STARTS.includes(i.part.kind))
    .map(i => `the ${i.name}, ${i.condition}: another in its place`),
  ...(isOld(s) ? NOTHING_OLD : NOTHING_HAPPENS),
]
/** What a machine needs to start at all. */
const STARTS: readonly PartKind[] = ['supply', 'board', 'processor', 'memory', 'card']

function power(s: Joined): readonly Bare[] {
  const [board] = every(s, 'board')
  // With a card in, the board's own sockets are off until they are set.
  const card = joinedBy(s, 'slot', 'card', 'board').find(j => j.plug.part.does === 'graphics')
  return [
    {
      id: proofId('side-open'),
      do: 'Side open, nothing loose inside, hands out.',
      expect: jointsOn(s, 'cooler-mount').length > 0 ? 'You see the processor’s fan.' : BARE,
      joints: [],
      caution: 'Wall socket and circuit: local rules and licensed people.',
    },
    {
      id: proofId('monitor'),
      do: monitorWords(s, board?.name ?? 'board', card?.plug.name ?? null),
      expect: isOld(s)
        ? 'Its lamp is lit; the picture stays dark.'
        : 'The monitor says “no signal”.',
      joints: [],
    },
    ...(isOld(s) ? oldSwitch(s) : softSwitch(s, board?.part.lamp)),
  ]
}

/** The supply's own switch wakes the board, the button at the front starts it. */
const softSwitch = (s: Joined, lamp: string | undefined): readonly Bare[] => [
  {
    id: proofId('supply-switch'),
    do: 'Mains lead in, then the supply’s own switch.',
    expect: lamp ? `Mains lamp: ${lamp}.` : 'If the board has a mains lamp, it lights.',
    ifNot: NOTHING_HAPPENS.slice(0, 3).filter(x => !x.startsWith('power-switch')),
    joints: jointsOn(s, 'main-24', 'main-20'),
  },
  {
    id: proofId('button'),
    do: 'Press the button at the front.',
    expect: 'Fans start.',
    ifNot: whenNothing(s),
    joints: panelJoints(s, 'power-switch').map(p => p.joint),
  },
]

/** The switch at the front carries mains: it starts the machine at once. */
const oldSwitch = (s: Joined): readonly Bare[] => [
  {
    id: proofId('supply-switch'),
    do: 'Look once more: the twin plugs with their black wires in the middle. Then the mains lead in.',
    expect: 'Nothing yet: an older machine has no standby.',
    joints: jointsOn(s, 'board-pair', 'board-pair-9'),
  },
  {
    id: proofId('button'),
    do: 'Switch on at the front: it is the mains switch.',
    expect: 'Fans and disks start at once.',
    ifNot: whenNothing(s),
    joints: [],
    caution: 'It carries mains: never open it, never put a lead of it on pins.',
  },
]

/** Where the monitor goes: its own socket in the plan, else where a picture comes out. */
function monitorWords(s: Joined, board: string, card: string | null): string {
  const joint = s.plugs.find(j => !isMechanical(j.face) && connector(j.face).video === true)
  const holder = s.items.find(i => i.id === joint?.items[1])
  const own = socketIn(joint, holder)
  const to = own ?? (card === null ? null : `the ${card}`)
  if (to === null) return `Monitor and keyboard to the rear sockets of the ${board}.`
  const hasOwn = every(s, 'board').some(b => b.part.rear?.some(showsPicture))
  const off = card === null || !hasOwn ? '' : ': the board’s own video sockets are off'
  return `Monitor to ${to}, keyboard to the board${off}.`
}
/** "HDMI of the Lagoon 6", where a monitor is joined there. */
function socketIn(joint: Joint | undefined, holder: Item | undefined): string | null {
  const part = holder?.part
  const rear = part?.kind === 'board' || part?.kind === 'card' ? part.rear : undefined
  const socket = rear?.[joint?.members[1]?.index ?? -1]
  return socket && holder ? `${socket.label} of the ${holder.name}` : null
}

function turning(s: Joined): readonly Bare[] {
  return s.plugs
    .filter(j => j.face === 'fan-3' || j.face === 'fan-4')
    .map(joint => {
      const item = s.items.find(i => i.id === joint.items[0])
      const vital = item?.part.kind === 'cooler'
      return {
        id: proofId('fan', joint.items[0]),
        do: `Look at the fan of the ${item?.name ?? ''}${vital ? ' at once' : ''}.`,
        expect: 'It turns.',
        joints: [joint.id],
        ifNot: [
          vital ? 'Off at once.' : '',
          'its plug on the header',
          'a lead against the blades',
        ].filter(Boolean),
        caution: vital ? 'If it does not turn: switch off.' : null,
      }
    })
}

function seen(s: Omit<ProofFrom, 'progress'>): readonly Bare[] {
  const cores = [...jointsOn(s, 'processor-socket', 'cpu-4', 'cpu-8')]
  const memory = joinedBy(s, 'memory-slot', 'memory', 'board')
  const total = s.kits.reduce((sum, kit) => sum + kit.pieces * (kit.each ?? 0), 0)
  const drives = every(s, 'drive')
  return [
    {
      id: proofId('picture'),
      do: 'Wait for the picture: the first start may take minutes.',
      expect: '“No boot device”, or the firmware’s page. Both are success.',
      ifNot: ['memory: take out and seat again', 'monitor on the wrong socket', 'processor plug'],
      joints: cores,
    },
    {
      id: proofId('memory'),
      do: 'Read the memory in the firmware.',
      expect: total > 0 ? memoryWords(s, total) : 'All modules are counted.',
      ifNot: ['the module that is missing: seat it again', 'the slots by the board’s table'],
      joints: memory.map(m => m.joint.id),
    },
    ...drives.map(d => ({
      id: proofId('drive', d.id),
      ...(d.part.medium === 'floppy' ? FLOPPY(d.name) : LISTED(d.name)),
      ifNot:
        d.part.shape === 'M.2'
          ? ['seat and screw of the stick', 'the slot’s mode']
          : ['its power plug', 'its data lead, both ends', 'another port'],
      joints: [...s.seats, ...s.plugs]
        .filter(j => j.items.includes(d.id) && j.face !== 'bay')
        .map(j => j.id),
    })),
  ]
}

const LISTED = (name: string) => ({
  do: `Find the ${name} in the firmware.`,
  expect: 'It is listed by name.',
})
/** A floppy drive has no name to list: the board is told its size, and its lamp answers. */
const FLOPPY = (name: string) => ({
  do: `Set the size of the ${name} in the firmware, and start.`,
  expect: 'Its lamp lights for a moment and goes out: lit for good, its ribbon is turned round.',
})

/** How much memory is to be counted: of an old board in what its banks hold. */
const memoryWords = (s: Joined, total: number): string =>
  isOld(s)
    ? `${quantity(total, 'GB')} in all banks together.`
    : `${quantity(total, 'GB')} in ${s.seats.filter(j => j.face === 'memory-slot').length} modules.`

function lights(s: Joined): readonly Bare[] {
  return (['disk-light', 'power-light'] as const)
    .flatMap(job => panelJoints(s, job))
    .map(p => ({
      id: proofId('light', p.key),
      do: `Look at the front: ${p.label}.`,
      expect: p.job === 'disk-light' ? 'It flickers while a disk works.' : 'It is lit.',
      ifNot: [
        p.block ? 'its contacts in the block plug, by the panel drawing' : 'turn its plug round',
        'its pins by the panel drawing',
      ],
      joints: [p.joint],
    }))
}
