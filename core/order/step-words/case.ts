// The case and what lies in it: opened, made ready, put in order, closed.
import { listed } from '../../figures/format'
import { DRESSING, MINUTES } from '../../standards/minutes'
import type { Board } from '../../parts/board-schema'
import { AGAIN, type PlannedStep, type StepKind } from '../step'
import { cardScrews } from './parts'
import { coolerAgain, coolerMinutes } from './processor'
import { ON_PIECES, panelsOf } from './pieces'
import { SCREWDRIVER, type Practised, type StepWords } from './words'

const isCooler = ({ manner }: PlannedStep): boolean => manner?.of === 'cooler'
const isAgain = ({ label }: PlannedStep): boolean => label === AGAIN
const SWITCHED_OFF = [
  'Shut down. Supply’s switch off, mains lead out; wait until the board’s lamp is out.',
]
const CARD_OUT = [
  'Its power plug off first: press the latch, pull at the plug.',
  'Screw out, press the latch at the end of the slot, lift straight.',
]
const CARD_IN = [
  'Press at both ends until it clicks. Screw the bracket.',
  'Its power plug on again, until it clicks.',
]
const COOLER_OFF = [
  'Warm it comes off best: let the machine run for ten minutes first, where it runs.',
  'Its fan’s plug off. Each fastening open by turns, crosswise.',
  'Turn it to and fro a little until the paste gives; then lift.',
]

/** What is done about static, by what was chosen; a strap never goes to an improvised point. */
const STATIC_OPEN =
  'Static: touch bare earthed metal before each part, or wear a strap at a point made for it.'
const STATIC: Readonly<Record<string, string>> = {
  strap: 'Static: the strap on, its lead at a point made for it, never at an improvised one.',
  touch: 'Static: touch bare earthed metal before you take up each part.',
  neither:
    'Static: nothing is done about it here. A spark too weak to be felt can still kill a part.',
}

const shieldOf = ({ manner }: PlannedStep): Board['shield'] =>
  manner?.of === 'board' ? manner.shield : 'loose'
/** What of a board goes in first at the rear. */
const REAR_FIRST: Record<Board['shield'], string> = {
  loose: 'Sockets into the shield first',
  fixed: 'Its plate into the rear opening first',
  none: 'Sockets to the rear opening first',
}

const RIM_OUT = 'The plate that the case came with out of the rear opening, if one is in it.'

/** Leads of the case that nothing takes: tied up, so that no contact meets metal. */
function stayFree({ manner }: PlannedStep): readonly string[] {
  const free = manner?.of === 'dressing' ? manner.free : []
  return free.length > 0
    ? [`Stay unplugged: ${listed(free)}. Tied up where no contact meets metal.`]
    : []
}
const rowsOf = ({ manner }: PlannedStep): readonly number[] =>
  manner?.of === 'covers' ? manner.rows : []
const holesOf = ({ manner }: PlannedStep): readonly string[] | null =>
  manner?.of === 'board' ? manner.holes : null
/** Named choice: where not every hole is screwed, four corners and the middle. */
const SOME_SCREWS = 5
function boardScrews(s: PlannedStep, { screws }: Practised): number | null {
  const all = holesOf(s)?.length ?? null
  return screws === 'some' && all !== null ? Math.min(all, SOME_SCREWS) : all
}
function boardHoles(s: PlannedStep, { screws }: Practised): readonly string[] {
  const holes = holesOf(s)
  if (screws === 'some') return ['Four or five screws: its corners, and one amid them.']
  return holes && holes.length > 0 ? [`A screw at each of ${holes.join(', ')}.`] : []
}

/** What is done to the case itself. */
export const ON_THE_CASE = {
  bench: {
    title: () => 'Make the bench ready',
    why: 'What is missing shows now, not with a half-built board in your hands.',
    minutes: MINUTES.bench,
    tools: [SCREWDRIVER, 'torch', 'a cup for screws'],
    does: (_, { static: way }) => [
      'Clear the table. No carpet under it or you.',
      'Lay the board’s bag on its box: that is its stand.',
      'Sort the screws. Open the manuals at their drawings.',
      STATIC[way ?? ''] ?? STATIC_OPEN,
    ],
    cautions: ['Nothing is plugged into the mains.'],
  },
  'panels-off': {
    title: s =>
      `Open the ${s.what}${isAgain(s) ? ' again' : ''}: ${panelsOf(s).off}, laid on its side`,
    why: 'The board goes in from above, and hands need room.',
    minutes: MINUTES.panels,
    tools: [SCREWDRIVER],
    does: s => [
      ...(isAgain(s) ? SWITCHED_OFF : []),
      ...(s.details.length > 0
        ? s.details.map(panel => `Off: ${panel}.`)
        : ['Take off both panels.']),
      'Keep their screws together.',
      ...(isAgain(s) ? [] : ['Bags, transport blocks and films out of it; none stays on a fan.']),
      ...(isAgain(s) ? ['Dust out while it is open: hold each fan still, wipe, no liquid.'] : []),
      'Lay the case on its far side, the tray below.',
    ],
    cautions: ['Sheet edges cut. Carry glass flat, with both hands.'],
  },
  ...ON_PIECES,
  standoffs: {
    title: s => `Set the standoffs of the ${s.to} for the ${s.what}`,
    why: 'A standoff where the board has no hole is a short circuit that is found hours later.',
    minutes: MINUTES.standoffs,
    screws: s => [
      { use: 'standoff', count: s.manner?.of === 'standoffs' ? s.manner.fitted : null },
    ],
    tools: ['5 mm nut driver'],
    does: s => [
      'Hold the board over the tray and see which holes meet; marks beside them name the forms.',
      ...s.details,
      'Snug, not hard.',
    ],
    feel: () => 'Each stands straight and does not turn by hand.',
  },
  jumpers: {
    title: s => `Set the jumpers of the ${s.what}`,
    why: 'Under cards and leads nobody reads them any more.',
    minutes: MINUTES.jumpers,
    tools: ['torch', 'tweezers'],
    does: s => ['By the board’s manual, with the power off:', ...s.details.map(d => `${d}.`)],
    feel: () => 'Each bridge sits on two pins, down to the board.',
  },
  'mains-switch': {
    title: s => `Fit the mains switch of the ${s.what} at the front of the ${s.to}`,
    why: 'It is the supply’s own, on four wires that carry mains: never a lead for a board.',
    minutes: MINUTES.mainsSwitch,
    tools: [SCREWDRIVER],
    does: () => [
      'The supply unplugged from the wall. Nobody plugs it in until the case is closed here.',
      'Look only: each of its four tabs in a sleeve, the wires as the supply’s maker put them.',
      'Switch into its opening, its two screws, its earth wire under a screw of the case if it has one.',
    ],
    feel: () => 'No metal of a tab is seen, and nothing moves when you press it.',
    cautions: [
      'A bare tab, a loose wire, no switch or no diagram: stop. That is for a licensed electrician, by local rules.',
    ],
  },
  retainer: {
    title: s => `Clip the ${s.what} to ${s.label}`,
    why: 'A heavy card creeps out of its slot at the far end.',
    minutes: MINUTES.stick,
    does: () => [
      'Its two pegs into the holes beside the slot’s far end, until they snap.',
      'Its catch open while the card goes in; closed after.',
    ],
    feel: () => 'It does not lift by a fingernail.',
  },
  shield: {
    title: s => `Press the shield of the ${s.what} into the rear opening`,
    why: 'It cannot go in once the board is there.',
    minutes: MINUTES.shield,
    does: () => [
      RIM_OUT,
      'Use the board’s own shield, never the one in the case.',
      'Hold it to the board’s sockets first: every opening has its socket, no tongue lies in one.',
      'From inside, corner by corner; the audio end where the audio sockets will be.',
    ],
    feel: () => 'Four corners click; no tongue stands in an opening.',
    cautions: ['Its edges are sharp.'],
  },
  'board-in': {
    title: s => `Lay the ${s.what} into the ${s.to}`,
    why: 'All that is easier outside is done.',
    minutes: MINUTES.boardIn,
    tools: [SCREWDRIVER],
    screws: (s, chosen) => [{ use: 'board', count: boardScrews(s, chosen) }],
    does: (s, chosen) => [
      ...(shieldOf(s) === 'loose' ? [] : [RIM_OUT]),
      `No cable beneath it. ${REAR_FIRST[shieldOf(s)]}, then down on the standoffs.`,
      ...boardHoles(s, chosen),
      'Start every screw by a turn or two, opposite corners first, then tighten.',
    ],
    feel: () => 'Snug, never hard: a board cracks.',
    cautions: [
      'By hand, never with an electric driver. One that slips scars the board: hold its tip with two fingers.',
    ],
  },
  covers: {
    title: s =>
      `Take ${rowsOf(s).length > 1 ? 'covers' : 'cover'} ${s.label} off the rear of the ${s.to}`,
    why: 'The bracket of the card goes there.',
    minutes: MINUTES.covers,
    tools: [SCREWDRIVER],
    does: s => [
      'Counted from the processor’s end.',
      `Hold the ${s.what} over its slot first, without pressing, and see that these are the ones.`,
      ...rowsOf(s).map(row => `Cover ${row} off: its screw, or bent to and fro until it parts.`),
      'Keep covers and screws: a slot that is empty later gets its cover back.',
    ],
    cautions: ['Broken edges cut.'],
  },
  'take-out': {
    title: s =>
      isCooler(s)
        ? `Take the ${s.what} off the processor again`
        : `Take the ${s.what} out of ${s.label} again`,
    why: 'What is done next lies beneath it.',
    minutes: s => (isCooler(s) ? MINUTES.coolerOff : MINUTES.takeOut),
    tools: [SCREWDRIVER],
    does: s => ['Off, and the mains lead out.', ...(isCooler(s) ? COOLER_OFF : CARD_OUT)],
    cautions: s =>
      isCooler(s)
        ? [
            'Warm is enough: what is too hot to touch waits.',
            'Never lift it straight off: the paste holds, and the processor comes out with it.',
          ]
        : ['A latch that is not pressed breaks the slot.'],
  },
  refit: {
    title: s =>
      isCooler(s)
        ? `Mount the ${s.what} on the processor again`
        : `Seat the ${s.what} in ${s.label} again`,
    why: 'What lay beneath it is done.',
    minutes: s => (isCooler(s) ? coolerMinutes(s) : MINUTES.card),
    tools: [SCREWDRIVER],
    screws: s => (isCooler(s) ? [] : cardScrews(s)),
    does: (s, chosen) => (isCooler(s) ? coolerAgain(s, chosen) : CARD_IN),
    feel: s =>
      isCooler(s) ? 'It does not move at all.' : 'A click, and no gap at the power plug.',
  },
  'lay-lead': {
    title: s => `Lay the ${s.what} lead up behind the tray to ${s.label}`,
    why: 'Once the board is in, the gap at its upper edge is too narrow for the plug.',
    minutes: MINUTES.layLead,
    does: s => [
      'From the supply into the chamber behind the tray.',
      `Up to the ${s.details[0] ?? `hole nearest to ${s.label}`}, plug through, left hanging.`,
    ],
    feel: () => 'It reaches the hole without pull.',
  },
  'supply-cables': {
    title: s => `Plug the cables into the ${s.what}`,
    why: 'With the supply in its place no hand fits behind it.',
    minutes: MINUTES.supplyCables,
    does: s => [
      'These cables and no others:',
      ...s.details,
      ...(s.label === '' ? [] : [`Stay in the box, with this supply: ${s.label}.`]),
      'Only cables of this very supply: sockets look alike and are wired otherwise.',
      'The end printed for the supply. Press until each latches.',
    ],
    feel: () => 'A click for each; none moves when you tug.',
    cautions: ['The mains lead is out.'],
  },
  dress: {
    title: s => `Dress the cables of the ${s.what}`,
    why: 'Only after the proof: ties are cut twice otherwise.',
    minutes: ({ manner }) => (manner?.of === 'dressing' ? manner.minutes : DRESSING.begin),
    tools: ['ties', 'side cutter'],
    does: s => [
      'Off, and the mains lead out.',
      'Thickest first, along the walls. Nothing against a fan, no pull on a plug.',
      ...stayFree(s),
      ...s.details,
    ],
    cautions: ['Wait until the board’s mains lamp is out.'],
  },
  'panels-on': {
    title: s => `Close the ${s.what}${isAgain(s) ? ' again' : ''}`,
    why: 'Joints are made and proved.',
    minutes: MINUTES.panels,
    tools: [SCREWDRIVER],
    screws: s => [{ use: 'panel', count: panelsOf(s).screws }],
    does: s => [
      'No cable between panel and frame.',
      ...(s.details.length > 0 ? s.details.map(panel => `On: ${panel}.`) : ['Panels on.']),
      'Screws by hand.',
    ],
  },
} satisfies Partial<Record<StepKind, StepWords>>
