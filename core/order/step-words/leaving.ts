// What comes out of a machine that stands: how each kind is taken out, what is wiped and kept.
import type { PartKind } from '../../parts'
import { MINUTES } from '../../standards/minutes'
import { OUTSIDE, type OldMoves, type PlannedStep } from '../step'
import { SCREWDRIVER, type StepWords } from './words'

const kindOf = ({ manner }: PlannedStep): PartKind =>
  manner?.of === 'old' ? manner.kind : 'sundry'
const isOutside = ({ label }: PlannedStep): boolean => label === OUTSIDE
const movesOf = ({ manner }: PlannedStep): OldMoves | null =>
  manner?.of === 'old' ? manner.moves : null

const isKept = ({ manner }: PlannedStep): boolean => manner?.of === 'came' && manner.isKept

/** How each kind comes out; what is not here comes out screw by screw, the way it went in. */
const OUT: Partial<Record<PartKind, readonly string[]>> = {
  processor: [
    'Wipe the old paste off its lid before it is lifted: paste in the socket is not got out.',
    'Lift the lever. Straight up by its edges; at once into a box or its cap.',
  ],
  cooler: [
    'Warm it comes off best: let the machine run for ten minutes first, where it runs.',
    'Each fastening open by turns, crosswise. Turn it to and fro until the paste gives; then lift.',
    'Wipe the old paste off the processor’s lid: the next one wants a clean lid.',
  ],
  memory: ['Press its latches open, lift straight by its edges.'],
  card: [
    'Its power plug off first. Screw out; press the latch at the end of the slot; lift straight.',
    'A cover goes over the opening, or dust and warm air go through it.',
  ],
  drive: ['What is on it is backed up first. Its plugs off by their shells, its screws out.'],
  board: [
    'A picture first of every plug. All plugs off, cards out, then its screws.',
    'Lift it at two edges, away from its shield; a loose shield comes out after it.',
  ],
  supply: [
    'All its plugs off, at the board, at the cards, at the drives: of its cables none stays in the case.',
    'Hold it while its last screw comes out.',
  ],
  case: ['Everything that is screwed to it comes out; its own leads stay with it.'],
  fan: ['Its plug off, then its screws. Hold the blades while you wipe the dust off the place.'],
}
/** What is done with what does not stay in the machine. */
const AFTERWARDS: Partial<Record<PartKind, readonly string[]>> = {
  drive: [
    'Before it leaves the house what is on it is erased.',
    'A bay that is open to the front gets its blank back.',
  ],
}
const STAYS = 'It stays in the machine: a later step puts it into its new place.'
const USUAL = ['Its plugs off by their shells; screws out, the last one while you hold it.']

const CAREFUL: Partial<Record<PartKind, readonly string[]>> = {
  cooler: ['Never lift it straight off: the paste holds, and the processor comes out with it.'],
  supply: ['Never open it: what is inside keeps its charge for days.'],
  processor: ['Pins and contacts bend at a touch.'],
  card: ['A latch that is not pressed breaks the slot.'],
}

function titleOf(s: PlannedStep): string {
  const moves = movesOf(s)
  if (isOutside(s)) return `Unplug the ${moves ? '' : 'old '}${s.what}`
  if (!moves) return `Take the old ${s.what} out of the ${s.to}`
  const from = s.details[0] ?? `its place in the ${s.to}`
  return moves.isSeat ? `Take the ${s.what} out of ${from}` : `Unplug the ${s.what} at ${from}`
}

function minutesOf(s: PlannedStep): number {
  if (movesOf(s)?.isSeat === false) return MINUTES.unplug
  return kindOf(s) === 'cooler' ? MINUTES.coolerOff : MINUTES.takeOut
}

function howOut(s: PlannedStep): readonly string[] {
  const moves = movesOf(s)
  const pull = isOutside(s) || moves?.isSeat === false
  return [
    ...(pull ? ['Pull at its plug, never at its lead.'] : (OUT[kindOf(s)] ?? USUAL)),
    ...(moves ? [STAYS] : (AFTERWARDS[kindOf(s)] ?? [])),
  ]
}

/** Taking out what does not stay. */
export const TAKING_OUT = {
  'old-out': {
    title: titleOf,
    why: 'It is in the place of what comes, or it is not wanted there any more.',
    minutes: minutesOf,
    tools: [SCREWDRIVER],
    does: s => [
      ...(isOutside(s) ? [] : ['Off, and the mains lead out. Wait until the board’s lamp is out.']),
      ...howOut(s),
      ...(s.details.length > 0 ? [`It was at: ${s.details.join(', ')}.`] : []),
    ],
    cautions: s => (movesOf(s)?.isSeat === false ? [] : (CAREFUL[kindOf(s)] ?? [])),
  },
  'came-out': {
    title: s =>
      s.label === ''
        ? `Take the ${s.what} out of the ${s.to}`
        : `Take the ${s.what} out of the ${s.to}, at the ${s.label}`,
    why: 'It sits there when the case comes, and the plan wants that place for another or for none.',
    minutes: () => MINUTES.takeOut,
    tools: [SCREWDRIVER],
    does: s => [
      'Its plug out, where it is in one; then its screws, the last one while you hold it.',
      isKept(s)
        ? 'It is planned at another place. Its screws stay with it: a later step puts it into its new place.'
        : 'It is not in this build: it goes on the shelf with its screws. Where it is gone already, this is done.',
    ],
    cautions: () => [],
  },
} satisfies Partial<Record<'old-out' | 'came-out', StepWords>>
