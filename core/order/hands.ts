// What the hands do in each kind of step: the words, what it should feel like, what can go wrong,
// with what.
import { capital } from '../figures/format'
import { CONNECTORS, isMechanical } from '../connectors/connectors'
import { MINUTES } from '../standards/minutes'
import { SCREW } from '../standards/screws'
import type { PlannedStep, StepKind } from './step'

export interface Hands {
  readonly title: (s: PlannedStep) => string
  readonly does: (s: PlannedStep) => readonly string[]
  readonly feel?: (s: PlannedStep) => string | null
  readonly why: string
  readonly cautions?: readonly string[]
  readonly tools?: readonly string[]
  readonly fasteners?: readonly string[] | ((s: PlannedStep) => readonly string[])
  readonly minutes: number | ((s: PlannedStep) => number)
}

const seatOf = (s: PlannedStep): string =>
  s.face && !isMechanical(s.face) ? CONNECTORS[s.face].seat : 'Press until it sits.'
const lookAlike = (s: PlannedStep): readonly string[] =>
  s.face && !isMechanical(s.face) && CONNECTORS[s.face].lookAlike
    ? [`Look-alike: ${CONNECTORS[s.face].lookAlike}`]
    : []
const plugIn = (s: PlannedStep): string => `Plug the ${s.what} into ${s.label} on the ${s.to}`

const plugStep = (why: string): Hands => ({
  title: plugIn,
  does: s => [`It is the ${s.what}: read the print.`, seatOf(s), ...lookAlike(s)],
  feel: () => 'It does not move when you tug it lightly, and there is no gap.',
  why,
  minutes: MINUTES.plug,
})

const SCREWDRIVER = 'Phillips screwdriver'
const EDGES = 'Hold parts by their edges, never by contacts.'

const hasPins = (s: PlannedStep): boolean => s.manner?.startsWith('pins') ?? false
const FASTENING: Record<string, string> = {
  screws: 'Set it down straight. A few turns on each screw in turn, crosswise, until they stop.',
  pins:
    'Turn each pin to its start mark. Set it down straight. Press two opposite pins at a ' +
    'time until each clicks; look from behind: all are through.',
  clip: 'Set it down straight. Hook the clip at one side, press it over the other, close its lever.',
}

export const HANDS: Record<StepKind, Hands> = {
  bench: {
    title: () => 'Make the bench ready',
    why: 'What is missing shows now, not with a half-built board in your hands.',
    minutes: MINUTES.bench,
    tools: [SCREWDRIVER, 'torch', 'a cup for screws'],
    does: () => [
      'Clear the table. No carpet under it or you.',
      'Lay the board’s bag on its box: that is its stand.',
      'Sort the screws. Open the manuals at their drawings.',
      'Static: touch bare earthed metal before each part, or wear a strap at a point made for it.',
    ],
    cautions: ['Nothing is plugged into the mains.'],
  },
  'panels-off': {
    title: s => `Open the ${s.what}: both side panels off, laid on its side`,
    why: 'The board goes in from above, and hands need both sides.',
    minutes: MINUTES.panels,
    tools: [SCREWDRIVER],
    does: () => [
      'Take off both panels; keep their screws together.',
      'Lay the case on its far side, the tray below.',
    ],
    cautions: ['Sheet edges cut. Carry glass flat, with both hands.'],
  },
  processor: {
    title: s => `Seat the ${s.what} in ${s.label}`,
    why: 'Outside the case there is room and light, and the cooler covers it later.',
    minutes: MINUTES.processor,
    does: () => [
      'Lift the lever. Take the processor by its edges.',
      'Corner mark to corner mark, notches to posts. Straight down, never slide it.',
      'Close the lever. Keep the cap.',
    ],
    feel: () =>
      'It drops in with no force at all. The lever then takes real force, and that is normal.',
    cautions: ['Bent contacts do not come back. ' + EDGES],
  },
  memory: {
    title: s => `Press the ${s.what} into ${s.label}`,
    why: 'The board’s own table says which slots come first; colours do not.',
    minutes: MINUTES.memory,
    does: s => [
      'Open the latches. Notch to ridge.',
      'Press both ends down until they latch.',
      ...s.details.map(d => `${capital(d)}.`),
    ],
    feel: () => 'A click, and the latches stand.',
    cautions: [EDGES],
  },
  m2: {
    title: s => `Fit the ${s.what} in ${s.label}`,
    why: 'Later the cooler or a card lies over it.',
    minutes: MINUTES.m2,
    tools: ['small Phillips screwdriver'],
    fasteners: [SCREW.m2],
    does: () => [
      'Spacer at the stick’s length.',
      'In at about 30 degrees, then down flat. One small screw.',
      'Film off the heat pad, if there is one.',
    ],
    feel: () => 'It springs up a little until the screw holds it.',
  },
  cooler: {
    title: s => `Mount the ${s.what} on the processor`,
    why: 'It needs both hands on the board, and the back within reach.',
    minutes: s => (hasPins(s) ? MINUTES.pushPinCooler : MINUTES.screwedCooler),
    tools: [SCREWDRIVER],
    does: s => [
      s.manner?.endsWith('applied')
        ? 'Peel off the film: the paste is on already.'
        : 'Peel off the film. A drop of paste on the lid, or spread thin.',
      FASTENING[s.manner?.split(',')[0] ?? 'screws'] ?? '',
      'Untangle its fan lead, away from the blades.',
    ],
    feel: s =>
      hasPins(s)
        ? 'A click for each pin, and it does not move at all.'
        : 'It does not move at all.',
    cautions: ['Taken off once, it needs new paste.'],
  },
  'cooler-plug': {
    title: plugIn,
    why: 'It is within reach now, and a processor without its fan is lost in a minute.',
    minutes: MINUTES.plug,
    does: s => [`The processor’s header is marked ${s.label}.`, seatOf(s)],
    feel: () => 'Ridges in the guide, no gap.',
  },
  standoffs: {
    title: s => `Set the standoffs of the ${s.to} for the ${s.what}`,
    why: 'A standoff where the board has no hole is a short circuit that is found hours later.',
    minutes: MINUTES.standoffs,
    fasteners: [SCREW.standoff],
    tools: ['5 mm nut driver'],
    does: s => [
      'Hold the board over the tray and see which holes meet.',
      ...s.details,
      'Snug, not hard.',
    ],
    feel: () => 'Each stands straight and does not turn by hand.',
  },
  shield: {
    title: s => `Press the shield of the ${s.what} into the rear opening`,
    why: 'It cannot go in once the board is there.',
    minutes: MINUTES.shield,
    does: () => [
      'Use the board’s own shield, never the one in the case.',
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
    fasteners: [SCREW.boardOnStandoff],
    does: () => [
      'No cable beneath it. Sockets into the shield first, then down on the standoffs.',
      'Start every screw by a turn or two, opposite corners first, then tighten.',
    ],
    feel: () => 'Snug, never hard: a board cracks.',
    cautions: ['A driver that slips scars the board: hold its tip with two fingers.'],
  },
  'supply-in': {
    title: s => `Screw the ${s.what} into the ${s.to}`,
    why: 'Its cables are needed next; with the board in, you see where they go.',
    minutes: MINUTES.supplyIn,
    tools: [SCREWDRIVER],
    fasteners: [`4 ${SCREW.supply}`],
    does: () => ['Fan towards its vent.', 'Four screws, all started before one is tightened.'],
    feel: () => 'No movement.',
    cautions: ['Never open the supply. Its switch is off and the mains lead is out.'],
  },
  fan: {
    title: s => `Fasten the ${s.what} at the ${s.label}`,
    why: 'Screw holes at the wall are in reach while the case is empty.',
    minutes: MINUTES.fan,
    tools: [SCREWDRIVER],
    fasteners: [`4 ${SCREW.fan}`],
    does: () => [
      'Air enters the open side and leaves on the side with the frame’s arms and label.',
      'Lead towards the board.',
    ],
    feel: () => 'The blades turn freely by a breath.',
  },
  drive: {
    title: s => `Fasten the ${s.what} in the ${s.label}`,
    why: 'Its sockets must face the cables before cables come.',
    minutes: MINUTES.drive,
    tools: [SCREWDRIVER],
    fasteners: s => [`4 ${s.manner === '3.5' ? SCREW.disk35 : SCREW.disk25}`],
    does: () => ['Sockets toward the cabling side.', 'Four screws by hand, then snug.'],
    feel: () => 'No rattle.',
    cautions: ['A screw that is too long kills a drive.'],
  },
  radiator: {
    title: s => `Screw the radiator of the ${s.what} to the ${s.label}`,
    why: 'Its fans and its tubes decide what else goes in beside it.',
    minutes: MINUTES.radiator,
    tools: [SCREWDRIVER],
    fasteners: [SCREW.radiator],
    does: () => [
      'Fans on the radiator first, all blowing one way.',
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
    fasteners: [SCREW.panel],
    does: () => [
      'Take the slot cover off; keep its screw.',
      'Bracket in, lead towards the board, screw.',
    ],
    feel: () => 'It sits flush with its neighbours.',
    cautions: ['Break-off covers are sharp: wiggle them with pliers, not with fingers.'],
  },
  'outer-plug': {
    title: s => `Plug the ${s.what} into ${s.label} of the ${s.to}`,
    why: 'Outer plugs come last: the case stands where it will stay.',
    minutes: MINUTES.plug,
    does: s => [seatOf(s)],
    cautions: ['Wall socket, switch and earth are a matter for local rules and licensed people.'],
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
  'lay-lead': {
    title: s => `Lay the ${s.what} lead up behind the tray to ${s.label}`,
    why: 'Once the board is in, the gap at its upper edge is too narrow for the plug.',
    minutes: MINUTES.layLead,
    does: s => [
      s.manner === 'full'
        ? 'Take the cable by itself; its other end goes into the supply later.'
        : 'From the supply into the chamber behind the tray.',
      `Up to the hole nearest to ${s.label}, plug through, left hanging.`,
    ],
    feel: () => 'It reaches the hole without pull.',
  },
  'supply-cables': {
    title: s => `Plug the cables into the ${s.what}`,
    why: 'With the supply in its place no hand fits behind it.',
    minutes: MINUTES.supplyCables,
    does: s => [
      `These and no others: ${s.details.join(', ')}.`,
      'Only cables of this very supply: sockets look alike and are wired otherwise.',
      'The end printed for the supply. Press until each latches.',
    ],
    feel: () => 'A click for each; none moves when you tug.',
    cautions: ['The mains lead is out.'],
  },
  covers: {
    title: s =>
      `Take ${s.label.includes(',') ? 'covers' : 'cover'} ${s.label} off the rear of the ${s.to}`,
    why: 'The bracket of the card goes there.',
    minutes: MINUTES.covers,
    tools: [SCREWDRIVER],
    does: s => [
      'Counted from the processor’s end.',
      `Hold the ${s.what} over its slot first, without pressing, and see that these are the ones.`,
      'One screw each; or bend a break-off cover to and fro until it parts.',
    ],
    cautions: ['Broken edges cut.'],
  },
  card: {
    title: s => `Seat the ${s.what} in ${s.label}`,
    why: 'In one straight move, with its covers off and the leads beneath it plugged.',
    minutes: MINUTES.card,
    tools: [SCREWDRIVER],
    fasteners: [SCREW.panel],
    does: () => [
      'Open the latch at the end of the slot.',
      'Hold it by its edges. Bracket into the rear, contact edge over the slot, press at both ends until it clicks.',
      'Screw the bracket without forcing it.',
    ],
    feel: () => 'A click, the contact edge is even along the slot.',
    cautions: ['A heavy card sags: hold it until it is screwed, and support its end.'],
  },
  'take-out': {
    title: s => `Take the ${s.what} out of ${s.label} again`,
    why: 'What is plugged next lies beneath it.',
    minutes: MINUTES.takeOut,
    tools: [SCREWDRIVER],
    does: () => [
      'Off, and the mains lead out.',
      'Its power plug off first: press the latch, pull at the plug.',
      'Screw out, press the latch at the end of the slot, lift straight.',
    ],
    cautions: ['A latch that is not pressed breaks the slot.'],
  },
  refit: {
    title: s => `Seat the ${s.what} in ${s.label} again`,
    why: 'What lay beneath it is plugged.',
    minutes: MINUTES.card,
    tools: [SCREWDRIVER],
    fasteners: [SCREW.panel],
    does: () => [
      'Press at both ends until it clicks. Screw the bracket.',
      'Its power plug on again, until it clicks.',
    ],
    feel: () => 'A click, and no gap at the power plug.',
  },
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
    tools: ['boot stick'],
    does: s => [
      `Firmware ${s.label} or later on a stick, named as the manual says.`,
      'Stick into the marked socket at the rear. Supply’s switch on, press the board’s own button.',
      'Wait until its lamp stops blinking; then the supply’s switch off.',
    ],
    cautions: ['Never cut the power while it blinks.'],
  },
  'small-plug': plugStep('Small headers lie at the board’s edge: first, while there is room.'),
  panel: {
    title: s => `Wire the front-panel block of the ${s.to}`,
    why: 'A wrong switch lead means a machine that “does not start”.',
    minutes: s => (s.face === 'panel-block' ? MINUTES.plug : MINUTES.looseLeads),
    tools: ['torch', 'tweezers'],
    does: s => [
      'Follow the drawing on the Panel stage; turn it as you look at the board.',
      ...s.details.map(d => `${capital(d)}.`),
      'Switches work either way. Lights only one way: plus is the coloured wire or the small triangle.',
    ],
    feel: () => 'Each plug sits square on its two pins.',
    cautions: ['What you cannot read, try: a light that stays dark is turned round.'],
  },
  'fan-plug': plugStep('A fan nobody plugged in is the classic thing forgotten.'),
  'data-plug': {
    ...plugStep('Data before power: the wider plug would be in the way.'),
    title: s => `Plug the ${s.what} into ${s.label}`,
  },
  'power-plug': {
    ...plugStep('Stiff leads last: they cover the small ones.'),
    cautions: ['Hold the board from beneath against a stiff plug.'],
  },
  open: {
    title: s => `${capital(s.what)} of the ${s.to}: no partner`,
    why: 'Planned, and not possible as things are.',
    minutes: 0,
    does: s => s.details.map(d => `${capital(d)}.`),
  },
  'first-power': {
    title: () => 'First power-on',
    why: 'Side off, before anything is tied down: what is wrong is still in reach.',
    minutes: MINUTES.firstPower,
    does: () => [
      'Follow the list on the Proof stage: supply’s switch, then the button.',
      'Look at the processor’s fan at once. If it does not turn: off.',
      '“No boot device” is success at this point.',
    ],
    cautions: [
      'Fingers and sleeves away from blades.',
      'Wall socket, switch and earth are a matter for local rules and licensed people.',
    ],
  },
  dress: {
    title: s => `Dress the cables of the ${s.what}`,
    why: 'Only after the proof: ties are cut twice otherwise.',
    minutes: MINUTES.dress,
    tools: ['ties', 'side cutter'],
    does: () => [
      'Off, and the mains lead out.',
      'Thickest first, along the walls. Nothing against a fan, no pull on a plug.',
    ],
    cautions: ['Wait until the board’s mains lamp is out.'],
  },
  'panels-on': {
    title: s => `Close the ${s.what}`,
    why: 'Joints are made and proved.',
    minutes: MINUTES.panels,
    tools: [SCREWDRIVER],
    fasteners: [SCREW.panel],
    does: () => ['No cable between panel and frame.', 'Panels on, screws by hand.'],
  },
  record: {
    title: () => 'Write the record',
    why: 'What is inside, from when, with which serial: you will ask yourself.',
    minutes: MINUTES.record,
    does: () => ['Serials, what differs from the plan and why, leftover parts.'],
  },
}
