// Parts that come to their places.
import { capital } from '../../figures/format'
import type { Wall } from '../../case/air'
import { MINUTES } from '../../standards/minutes'
import type { ScrewUse, Screws } from '../../standards/screws'
import type { PlannedStep, StepKind } from '../step'
import { EDGES, SCREWDRIVER, type StepWords } from './words'

/** A drive that has been somewhere else holds what somebody may miss; a disc drive holds nothing. */
const isUsedDrive = ({ manner }: PlannedStep): boolean =>
  manner?.of === 'drive' && manner.holdsData && manner.isUsed

const stickOf = ({ manner }: PlannedStep) => (manner?.of === 'drive' ? manner.stick : null)
/** The board’s own heat sink over a stick: off first, on again, or left off for the stick’s own. */
function sinkOff(s: PlannedStep): readonly string[] {
  return stickOf(s)?.cover === 'removable'
    ? ['The board’s heat sink over the socket off: its screws stay in it.']
    : []
}
function sinkOn(s: PlannedStep): readonly string[] {
  const stick = stickOf(s)
  if (stick?.cover === 'none') return []
  if (stick?.cover === 'removable' && stick.hasSink)
    return ['The board’s heat sink stays off: the drive has its own. Keep it.']
  return stick?.cover === 'removable'
    ? ['Film off the heat pad; the heat sink on again.']
    : ['Film off the heat pad, if there is one.']
}

const FAN_TO: Record<Wall, string> = {
  floor: 'Its fan down, towards the floor.',
  top: 'Its fan up, towards the top.',
  front: 'Its fan towards the front.',
  rear: 'Its fan towards the rear.',
  near: 'Its fan towards the near panel.',
  far: 'Its fan towards the far panel.',
}
/** Which way a supply’s fan looks here. */
const fanTo = ({ manner }: PlannedStep): string =>
  manner?.of === 'supply' && manner.fan ? FAN_TO[manner.fan] : 'Its fan towards its vent.'

const isAtFront = ({ manner }: PlannedStep): boolean => manner?.of === 'drive' && manner.isAtFront
const BLANK_OFF = [
  'The blank of the bay off the front. Keep it.',
  'A metal plate behind it, if there is one: bent to and fro until it parts; its edges are sharp.',
  'In from the front, until it is even with the front.',
]

/** What is held at its four corners. */
const CORNERS = 4
const shapeOf = ({ manner }: PlannedStep): string =>
  manner?.of === 'drive' ? (manner.shape ?? '') : ''
function driveScrew(s: PlannedStep): ScrewUse {
  if (shapeOf(s) === '3.5') return 'disk35'
  return shapeOf(s) === '2.5' ? 'disk25' : 'optical'
}

/** One screw at each slot of its bracket. */
export const cardScrews = ({ manner }: PlannedStep): readonly Screws[] => [
  { use: 'card', count: manner?.of === 'card' ? Math.max(1, manner.rows.length) : 1 },
]
/** Which way memory goes in: chip by chip, upright from a slant, or straight down. */
function sortOf({ manner }: PlannedStep): 'chips' | 'slanted' | 'straight' {
  const type = manner?.of === 'memory' ? manner.type : null
  if (type === 'chips') return 'chips'
  return type === 'SIMM-30' || type === 'SIMM-72' ? 'slanted' : 'straight'
}
const PRESSING = {
  chips: [
    'Notch or dot to the mark on the board. Lay both rows of legs on, none beside its hole.',
    'Press down slowly with the thumb. Look along each row: no leg stands out or is bent under.',
    'One bank whole before the next begins.',
  ],
  slanted: [
    'In at a slant, the notched end to the marked end; then upright until both clips catch.',
  ],
  straight: ['Open the latches. Notch to ridge.', 'Press both ends down until they latch.'],
} as const
const FELT = {
  chips: 'Every chip lies flat and even with its neighbours.',
  slanted: 'Two small clicks; the pegs stand in their holes.',
  straight: 'A click, and the latches stand.',
} as const

const wayOut = ({ slides }: { readonly slides: string }): string =>
  slides === '' ? '' : `, ${slides}`

/** Which side of a fan looks to the wall here, so that air goes the way of its place. */
function airHere(
  { manner }: PlannedStep,
  [open, arms]: readonly [open: string, arms: string],
): readonly string[] {
  if (manner?.of !== 'air') return []
  const { way, said, filter } = manner
  const side = way === 'in' ? open : arms
  const usually = said === 'usual' ? 'usually ' : ''
  return [
    `Air ${usually}goes ${way} here: ${side} to the wall.`,
    ...(filter
      ? [`The ${filter.label} lies before it: out${wayOut(filter)}, in again after.`]
      : []),
  ]
}

const isUpright = ({ manner }: PlannedStep): boolean => manner?.of === 'card' && manner.isUpright
const UPRIGHT_FIRST = [
  'Covers of the upright place off; the riser screwed to it, its ribbon into the slot of the board without a kink.',
  'The card goes into the riser’s socket.',
]
/** Slots for graphics have a latch at their far end; short ones and those of old cards have none. */
const hasLatch = ({ manner }: PlannedStep): boolean => manner?.of === 'card' && manner.isLatched
const isHeavy = ({ manner }: PlannedStep): boolean => manner?.of === 'card' && manner.isHeavy

const isGuided = ({ manner }: PlannedStep): boolean => manner?.of === 'card' && manner.isGuided

/** How each kind of part is put in its place. */
export const PUTTING_PARTS = {
  memory: {
    title: s => `Press the ${s.what} into ${s.label}`,
    why: 'The board’s own table says which slots come first; colours do not.',
    minutes: s => (sortOf(s) === 'chips' ? MINUTES.chips * s.joints.length : MINUTES.memory),
    does: s => [...PRESSING[sortOf(s)], ...s.details.map(d => `${capital(d)}.`)],
    feel: s => FELT[sortOf(s)],
    cautions: [EDGES],
  },
  m2: {
    title: s => `Fit the ${s.what} in ${s.label}`,
    why: 'Later the cooler or a card lies over it.',
    minutes: MINUTES.m2,
    tools: ['small Phillips screwdriver'],
    screws: s => [{ use: 'm2', count: s.joints.length }],
    does: s => [
      ...sinkOff(s),
      stickOf(s)
        ? `Spacer at the hole marked ${stickOf(s)?.length}.`
        : 'Spacer at the drive’s length.',
      'In at about 30 degrees, then down flat. One small screw.',
      ...sinkOn(s),
    ],
    feel: () => 'It springs up a little until the screw holds it.',
  },
  'supply-in': {
    title: s => `Screw the ${s.what} into the ${s.to}`,
    why: 'Its cables are needed next; with the board in, you see where they go.',
    minutes: MINUTES.supplyIn,
    tools: [SCREWDRIVER],
    screws: () => [{ use: 'supply', count: CORNERS }],
    does: s => [fanTo(s), 'Four screws, all started before one is tightened.'],
    feel: () => 'No movement.',
    cautions: ['Never open the supply. Its switch is off and the mains lead is out.'],
  },
  fan: {
    title: s => `Fasten the ${s.what} at the ${s.label}`,
    why: 'Screw holes at the wall are in reach while the case is empty.',
    minutes: MINUTES.fan,
    tools: [SCREWDRIVER],
    screws: () => [{ use: 'fan', count: CORNERS }],
    does: s => [
      'Air enters the open side and leaves on the side with the frame’s arms and label.',
      ...airHere(s, ['its open side', 'its arms and label']),
      'Lead towards the board.',
    ],
    feel: () => 'The blades turn freely by a breath.',
  },
  drive: {
    title: s => `Fasten the ${s.what} in the ${s.label}`,
    why: 'Its sockets must face the cables before cables come.',
    minutes: MINUTES.drive,
    tools: [SCREWDRIVER],
    screws: s => [{ use: driveScrew(s), count: CORNERS }],
    does: s => [
      ...(isAtFront(s) ? BLANK_OFF : []),
      'Sockets toward the cabling side.',
      'Four screws by hand, then snug.',
    ],
    feel: () => 'No rattle.',
    cautions: s => [
      ...(isUsedDrive(s) ? ['What is on it is backed up before it is moved.'] : []),
      'A screw that is too long goes into what is inside it.',
    ],
  },
  radiator: {
    title: s => `Screw the radiator of the ${s.what} to the ${s.label}`,
    why: 'Its fans and its tubes decide what else goes in beside it.',
    minutes: MINUTES.radiator,
    tools: [SCREWDRIVER],
    screws: () => [{ use: 'radiator', count: null }],
    does: s => [
      'Fans on the radiator first, all blowing one way.',
      ...airHere(s, ['the fans’ open sides', 'the fans’ arms and labels']),
      'Tubes without a kink, and the block able to reach the processor.',
      'Start every screw before one is tightened.',
    ],
    feel: () => 'No rattle; the tubes move without pull.',
    cautions: [
      'Screws that are too long pierce the radiator: try one by hand first.',
      'Liquid and power do not go together: look for drops before the first power-on.',
    ],
  },
  bracket: {
    title: s => `Screw the ${s.what} into ${s.label}`,
    why: 'Its lead is plugged while the lower edge of the board is in reach.',
    minutes: MINUTES.card,
    tools: [SCREWDRIVER],
    screws: cardScrews,
    does: () => [
      'Take the slot cover off; keep its screw.',
      'Bracket in, lead towards the board, screw.',
    ],
    feel: () => 'It sits flush with its neighbours.',
    cautions: ['Break-off covers are sharp: wiggle them with pliers, not with fingers.'],
  },
  hub: {
    title: s => `Stick the ${s.what} at the ${s.label}`,
    why: 'Its leads start here; later other cables lie over the place.',
    minutes: MINUTES.stick,
    does: () => [
      'Wipe the place, dry it.',
      'Sockets towards the cables that come. Press ten seconds.',
    ],
    feel: () => 'It does not lift at a corner.',
  },
  strip: {
    title: s => `Stick the ${s.what} on the ${s.label}`,
    why: 'Its rail is in reach while the case is empty.',
    minutes: MINUTES.stick,
    does: () => ['Wipe the rail, dry it.', 'Lead towards its hub. Press along its whole length.'],
    cautions: ['Never bend it at a light.'],
  },
  card: {
    title: s => `Seat the ${s.what} in ${s.label}`,
    why: 'In one straight move, with its covers off and the leads beneath it plugged.',
    minutes: MINUTES.card,
    tools: [SCREWDRIVER],
    screws: cardScrews,
    does: s => [
      ...(isUpright(s) ? UPRIGHT_FIRST : []),
      ...(hasLatch(s) ? ['Caps off its contact edge and its sockets; films off.'] : []),
      ...(hasLatch(s) ? ['Open the latch at the end of the slot.'] : []),
      ...(isGuided(s) ? ['Its far end into the guide at the front wall first.'] : []),
      'Hold it by its edges. Bracket into the rear, contact edge over the slot.',
      hasLatch(s)
        ? 'Press at both ends until it clicks.'
        : 'Press at both ends until its edge is in along the whole slot.',
      'Screw the bracket without forcing it.',
    ],
    feel: s =>
      hasLatch(s)
        ? 'A click, the contact edge is even along the slot.'
        : 'The contact edge is even along the slot.',
    cautions: s =>
      isHeavy(s) ? ['It sags: hold it until it is screwed, and support its end.'] : [],
  },
} satisfies Partial<Record<StepKind, StepWords>>
