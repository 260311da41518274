// The processor and the cooler on it: what the hands must know of this one.
import { number } from '../../figures/format'
import { MINUTES } from '../../standards/minutes'
import { dropAcross } from '../../standards/paste'
import type { Manner, PlannedStep, StepKind } from '../step'
import { EDGES, SCREWDRIVER, type Practised, type StepWords } from './words'

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

const fastened = (s: PlannedStep, { pins }: Practised): string =>
  hasPins(s) && pins === 'turned' ? TURNED_PINS : FASTENING[fasteningOf(s)]
const TURNED_PINS =
  'Turn each pin to its start mark. Set it down straight. Two opposite pins at a time, each ' +
  'turned a little as it goes down, until it clicks; look from behind: all are through.'

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
function pasteOf(s: PlannedStep, { paste: how }: Practised): readonly string[] {
  const { paste, isUsed, lid } = coolerOf(s)
  const drop = lid ? `a drop about ${number(dropAcross(lid), 0)} mm across` : 'a drop'
  const laid = {
    drop: `${drop} in the middle of the lid`,
    spread: 'a thin even layer over the whole lid',
  }
  const said = how === 'drop' || how === 'spread' ? laid[how] : `${laid.drop}, or spread thin`
  if (isUsed) return [`Wipe old paste off both faces. Fresh paste: ${said}.`]
  if (paste === 'applied')
    return ['Peel off the film of its base.', 'No more paste: it is on already.']
  return ['Peel off the film of its base.', `Paste: ${said}.`]
}

/** Which side of a cooler goes where, of one that can be turned. */
function turnOf(s: PlannedStep): readonly string[] {
  const { turned } = coolerOf(s)
  if (!turned) return []
  return turned === 'not'
    ? ['Not turned: its front side toward the memory, as its sheet draws it.']
    : [`Turned ${turned}.`]
}

export const coolerMinutes = (s: PlannedStep): number =>
  hasPins(s) ? MINUTES.pushPinCooler : MINUTES.screwedCooler

/** A cooler that was taken off: paste serves once. */
export function coolerAgain(s: PlannedStep, chosen: Practised): readonly string[] {
  const { manner } = s
  const used = manner?.of === 'cooler' ? { ...s, manner: { ...manner, isUsed: true } } : s
  return [
    ...pasteOf(used, chosen),
    ...turnOf(s),
    fastened(s, chosen),
    'Its fan’s plug on again, before any power.',
  ]
}

/** How it is seen that it lies flat, by what was chosen. */
const WIGGLE: Readonly<Record<string, readonly string[]>> = {
  light: ['A light wiggle, a hair’s breadth: it lies flat and does not rock.'],
  none: ['Look along its edges: it lies flat. Leave it be.'],
}

export const PUTTING_PROCESSOR = {
  processor: {
    title: s => `Seat the ${s.what} in ${s.label}`,
    why: 'Outside the case there is room and light, and the cooler covers it later.',
    minutes: MINUTES.processor,
    does: (s, { wiggle }) => [
      'Lift the lever. Take the processor by its edges.',
      'Corner mark to corner mark, notches to posts. Straight down, never slide it.',
      ...(wiggle ? (WIGGLE[wiggle] ?? []) : []),
      ...(hasOwnPins(s)
        ? ['Hold it down lightly while you close the lever.']
        : [
            'Close the lever.',
            'The socket’s cap off now, not before. Keep it: a return asks for it.',
          ]),
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
    does: (s, chosen) => [
      ...bracketOf(s),
      ...pasteOf(s, chosen),
      ...turnOf(s),
      fastened(s, chosen),
      'Untangle its fan lead, away from the blades.',
    ],
    feel: s =>
      hasPins(s)
        ? 'A click for each pin, and it does not move at all.'
        : 'It does not move at all.',
    cautions: ['Taken off once, it needs new paste.'],
  },
} satisfies Partial<Record<StepKind, StepWords>>
