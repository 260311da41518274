// The trials with power, and what is written down at the end.
import { capital } from '../../figures/format'
import { MINUTES } from '../../standards/minutes'
import { AGAIN, OUTSIDE, type PlannedStep, type StepKind } from '../step'
import { SCREWDRIVER, type StepWords } from './words'

const isMains = ({ manner }: PlannedStep): boolean => manner?.of === 'power' && manner.isMains
const BY_BUTTON = [
  'Follow the list under Test: supply’s switch, then the button.',
  'Look at the processor’s fan at once. If it does not turn: off.',
]
const BY_MAINS = [
  'Follow the list under Test: it starts as soon as the switch at the front is on.',
  'Smoke, a smell or silence: off at the front, and the mains lead out.',
]

/** How the machine is tried. */
export const POWERING_ON = {
  'bench-start': {
    title: s => `Start the ${s.what} on the table`,
    why: 'What does not start here will not start in the case, and here everything is in reach.',
    minutes: MINUTES.tableStart,
    tools: ['torch'],
    does: s => [
      'Board on its box. Lend it only what it needs:',
      ...s.details.map(d => `${capital(d)}.`),
      'Monitor on. Supply’s switch, then bridge the two pins of the power switch for a moment.',
      'The processor’s fan turns at once, or off. “No boot device” is success.',
    ],
    cautions: [
      'Cooler and fan as in the case: without them the processor is hot in seconds.',
      'Nothing metal under the board. A card stands without its bracket screwed: hold it.',
    ],
  },
  milestone: {
    title: s => `Start it with ${s.what}`,
    why: 'What is wrong now is among the few steps since the last start.',
    minutes: MINUTES.milestone,
    does: s => [
      'Count the screws in the cup. Nothing metal lies on the board, no lead on a blade.',
      'Supply’s switch, then the button. The processor’s fan turns at once, or off.',
      ...s.details.map(d => `${capital(d)}.`),
      '“No boot device” is success here.',
      'Off again: supply’s switch, then the mains lead out. Wait until the board’s lamp is out.',
    ],
    cautions: ['Fingers and sleeves away from blades.'],
  },
  'bench-clear': {
    title: s => `Clear the ${s.what} of what was lent for the start`,
    why: 'It goes into the case by itself.',
    minutes: MINUTES.tableClear,
    does: s => [
      'Off, mains lead out, wait for the lamp.',
      ...s.details.map(d => `${capital(d)}: off.`),
    ],
    cautions: ['Press each latch; pull at the plug, never at the wires.'],
  },
  firmware: {
    title: s => `Flash the ${s.what} to ${s.label} or later`,
    why: 'Its firmware is older than the processor, which it does not see before.',
    minutes: MINUTES.firmware,
    tools: ['USB stick'],
    does: s => [
      ...(s.details.length > 0 ? ['Board on its box. For this it needs only:'] : []),
      ...s.details.map(d => `${capital(d)}.`),
      `Firmware ${s.label} or later on a USB stick, named as the manual says.`,
      'Stick into the marked socket at the rear. Supply’s switch on, press the board’s own button.',
      'Wait until its lamp stops blinking. Supply’s switch off, and the mains lead out again.',
    ],
    cautions: ['Never cut the power while it blinks.'],
  },
  open: {
    title: s => `${capital(s.what)} of the ${s.to}: no free place`,
    why: 'Planned, and not possible as things are.',
    minutes: 0,
    does: s => s.details.map(d => `${capital(d)}.`),
  },
  'first-power': {
    title: s => (s.label === AGAIN ? 'Power on again, the side still off' : 'First power-on'),
    why: 'Side off, before anything is tied down: what is wrong is still in reach.',
    minutes: MINUTES.firstPower,
    does: s => [
      'Count the screws in the cup: one that was dropped is found before the power comes on.',
      ...(isMains(s) ? BY_MAINS : BY_BUTTON),
      '“No boot device” is success at this point.',
    ],
    cautions: [
      'Fingers and sleeves away from blades.',
      'Wall socket, switch and earth are a matter for local rules and licensed people.',
    ],
  },
  'give-back': {
    title: s =>
      s.label === OUTSIDE
        ? `Unplug the ${s.what} and give it back`
        : `Take the ${s.what} out again and give it back`,
    why: 'It was lent for the set-up; the machine runs without it.',
    minutes: MINUTES.takeOut,
    tools: [SCREWDRIVER],
    does: s => [
      'First set in the firmware what the machine needs to start without it.',
      ...(s.label === OUTSIDE ? ['Shut down, then pull its plug.'] : takenOut(s.label)),
    ],
  },
  record: {
    title: () => 'Write the record',
    why: 'What is inside, from when, with which serial: you will ask yourself.',
    minutes: MINUTES.record,
    does: () => ['Serials, what differs from the plan and why, leftover parts.'],
  },
} satisfies Partial<Record<StepKind, StepWords>>

/** Taking out what sits inside, a card by its latch. */
function takenOut(kind: string): readonly string[] {
  const card = 'Its plugs off, screw out, then the latch: one that is not pressed breaks the slot.'
  return [
    'Shut down. Off, and the mains lead out.',
    kind === 'card'
      ? `${card} Lift straight; the cover back in its place.`
      : 'Its plugs off, then out.',
    'Start once more without it, before the side goes on.',
  ]
}
