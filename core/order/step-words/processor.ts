// The processor and the cooler on it: what the hands must know of this one.
import { number } from '../../figures/format'
import { MINUTES } from '../../standards/minutes'
import { dropAcross } from '../../standards/paste'
import type { Manner, PlannedStep, StepKind } from '../step'
import { EDGES, SCREWDRIVER, type StepWords } from './words'

type Of<K extends Manner['of']> = Extract<Manner, { readonly of: K }>
const processorOf = ({ manner }: PlannedStep): Partial<Of<'processor'>> =>
  manner?.of === 'processor' ? manner : {}
const coolerOf = ({ manner }: PlannedStep): Partial<Of<'cooler'>> =>
  manner?.of === 'cooler' ? manner : {}

const hasOwnPins = (s: PlannedStep): boolean => processorOf(s).contacts === 'pins on the processor'

/** How a cooler is held of which nobody says it: most are screwed. */
const fasteningOf = (s: PlannedStep): keyof typeof FASTENING => coolerOf(s).fastening ?? 'screws'
const hasPins = (s: PlannedStep): boolean => fasteningOf(s) === 'pins'

const FASTENING = {
  screws: 'Set it down straight. A few turns on each screw in turn, crosswise, until they stop.',
  pins:
    'Turn each pin to its start mark. Set it down straight. Press two opposite pins at a ' +
    'time until each clicks; look from behind: all are through.',
  clip: 'Set it down straight. Hook the clip at one side, press it over the other, close its lever.',
}

const BRACKET = {
  'keeps the board’s': 'It holds on to the board’s own bracket: leave that on.',
  'removes the board’s': 'The board’s own bracket comes off first. Keep it and its screws.',
  'brings its own': 'Its own bracket goes on first.',
}
function bracketOf(s: PlannedStep): readonly string[] {
  const { bracket } = coolerOf(s)
  return bracket ? [`${BRACKET[bracket]} Use the set for the ${s.label}.`] : []
}

/** What is done about paste: nothing is seen of it later, and too little shows as heat. */
function pasteOf(s: PlannedStep): string {
  const { paste, isUsed, lid } = coolerOf(s)
  const amount = lid ? `a drop about ${number(dropAcross(lid), 0)} mm across` : 'a drop'
  if (paste === 'applied' && !isUsed) return 'Peel off the film: the paste is on already.'
  if (isUsed)
    return `Wipe old paste off both faces. Fresh paste: ${amount} in the middle of the lid, or spread thin.`
  return `Peel off the film. Paste: ${amount} in the middle of the lid, or spread thin.`
}

export const coolerMinutes = (s: PlannedStep): number =>
  hasPins(s) ? MINUTES.pushPinCooler : MINUTES.screwedCooler

/** A cooler that was taken off: paste serves once. */
export function coolerAgain(s: PlannedStep): readonly string[] {
  const { manner } = s
  const used = manner?.of === 'cooler' ? { ...s, manner: { ...manner, isUsed: true } } : s
  return [pasteOf(used), FASTENING[fasteningOf(s)], 'Its fan’s plug on again, before any power.']
}

export const PUTTING_PROCESSOR = {
  processor: {
    title: s => `Seat the ${s.what} in ${s.label}`,
    why: 'Outside the case there is room and light, and the cooler covers it later.',
    minutes: MINUTES.processor,
    does: s => [
      'Lift the lever. Take the processor by its edges.',
      'Corner mark to corner mark, notches to posts. Straight down, never slide it.',
      hasOwnPins(s)
        ? 'Hold it down lightly while you close the lever.'
        : 'Close the lever. Keep the cap.',
    ],
    feel: s =>
      hasOwnPins(s)
        ? 'It drops in with no force at all, and the lever goes down easily: force means stop.'
        : 'It drops in with no force at all. The lever then takes real force, and that is normal.',
    cautions: s =>
      hasOwnPins(s)
        ? ['Its pins bend: look along the rows first. ' + EDGES]
        : ['The socket’s contacts bend at a touch and do not come back. ' + EDGES],
  },
  cooler: {
    title: s => `Mount the ${s.what} on the processor`,
    why: 'It needs both hands on the board, and the back within reach.',
    minutes: coolerMinutes,
    tools: [SCREWDRIVER],
    does: s => [
      ...bracketOf(s),
      pasteOf(s),
      FASTENING[fasteningOf(s)],
      'Untangle its fan lead, away from the blades.',
    ],
    feel: s =>
      hasPins(s)
        ? 'A click for each pin, and it does not move at all.'
        : 'It does not move at all.',
    cautions: ['Taken off once, it needs new paste.'],
  },
} satisfies Partial<Record<StepKind, StepWords>>
