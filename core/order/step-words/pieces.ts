// Pieces of a case: how each comes off, what is minded, and how it goes on again.
import { listed } from '../../figures/format'
import { MINUTES } from '../../standards/minutes'
import type { Screws } from '../../standards/screws'
import type { PieceOff } from '../../plan/pieces-off'
import type { PlannedStep } from '../step'
import { SCREWDRIVER, type StepWords } from './words'

/** What comes off when a case is opened, and the screws that close it. */
export function panelsOf({ manner }: PlannedStep): {
  readonly off: string
  readonly screws: number | null
} {
  const { count, screws } = manner?.of === 'panels' ? manner : { count: 0, screws: null }
  return {
    off: count === 1 ? 'its panel off' : 'both side panels off',
    screws,
  }
}

const pieceOf = ({ manner }: PlannedStep) => (manner?.of === 'piece' ? manner : null)
const INSIDE: readonly PieceOff['piece'][] = ['cage', 'shroud', 'tray', 'wall', 'shelf']
const isInside = (s: PlannedStep): boolean => INSIDE.includes(pieceOf(s)?.piece ?? 'wall')
const minutesOf = (s: PlannedStep): number =>
  MINUTES.piece + (pieceOf(s)?.screws ?? 0) * MINUTES.pieceScrew
const screwsFor = (s: PlannedStep): readonly Screws[] => {
  const count = pieceOf(s)?.screws ?? null
  return count === 0 ? [] : [{ use: 'panel', count }]
}

/** How each comes off, and what hangs on it. */
const OFF: Partial<Record<PieceOff['piece'], readonly string[]>> = {
  front: ['Grip it at its lower edge and pull; its clips give one by one.'],
  top: ['Slide it to the rear, or lift it where it clips.'],
  cage: ['Hold it while its last screw comes out. Look for screws from beneath the case as well.'],
  shroud: ['Its screws may sit at the front wall and behind the tray: look at both.'],
  'supply bracket': [
    'It goes on the supply on the table, with the supply’s own four screws; both go in together.',
  ],
  tray: ['Slide it out with both hands; the board is fitted on it on the table.'],
  'slot lock': ['Its one screw or its lever open; the covers come free behind it.'],
}
const ON: Partial<Record<PieceOff['piece'], readonly string[]>> = {
  front: ['No lead pinched behind it. Press at each clip until it catches.'],
  top: ['No lead pinched beneath it.'],
  cage: ['Every screw by a turn or two, then snug: disks shake a loose cage.'],
  'slot lock': ['It closes on every bracket without force.'],
}

/** Pieces on which leads of switches and ports usually hang. */
const CARRYING: readonly PieceOff['piece'][] = ['front', 'top']
/** What is minded of the leads that hang on a piece. */
function carried(s: PlannedStep): readonly string[] {
  const piece = pieceOf(s)
  if (!piece || (piece.carries ?? []).length === 0)
    return piece?.carries === null && CARRYING.includes(piece.piece)
      ? [`Look first whether leads of switches and ports hang on it: ${LAID}`]
      : []
  return [`On it hang ${listed(piece.carries ?? [])}: ${LAID}`]
}
const LAID = 'give them slack, lay it beside the case, unplug none unless it must go farther.'

/** Taking a piece off, and putting it back. */
export const ON_PIECES = {
  'piece-off': {
    title: s => `Take the ${s.what} ${isInside(s) ? 'out of' : 'off'} the ${s.to}`,
    why: 'With it in place there is no way in for what comes next.',
    minutes: minutesOf,
    tools: [SCREWDRIVER],
    does: s => [
      ...carried(s),
      ...(OFF[pieceOf(s)?.piece ?? 'wall'] ?? []),
      screwsLine(s),
      pieceOf(s)?.then === 'stays out'
        ? 'It stays out in this plan: into the case’s box, its screws with it.'
        : `For: ${listed([...new Set(s.details)])}.`,
    ],
    cautions: ['Sheet edges cut.'],
  },
  'piece-on': {
    title: s => `Put the ${s.what} back ${isInside(s) ? 'into' : 'on'} the ${s.to}`,
    why: 'What needed it out is in its place.',
    minutes: minutesOf,
    tools: [SCREWDRIVER],
    screws: screwsFor,
    does: s => [...(ON[pieceOf(s)?.piece ?? 'wall'] ?? ['The way it came out.']), screwsLine(s)],
    feel: () => 'It sits without a gap and does not move.',
  },
} satisfies Partial<Record<'piece-off' | 'piece-on', StepWords>>

function screwsLine(s: PlannedStep): string {
  const screws = pieceOf(s)?.screws ?? null
  if (screws === null) return 'Count its screws, and keep them together.'
  if (screws === 0) return 'No screw: it clips.'
  return screws === 1 ? 'One screw.' : `${screws} screws, kept together.`
}
