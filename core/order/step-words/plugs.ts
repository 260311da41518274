// Plugs that go into their sockets.
import { capital } from '../../figures/format'
import { CONNECTORS, feeds, isMechanical } from '../../connectors/connectors'
import { MINUTES } from '../../standards/minutes'
import type { PlannedStep, StepKind } from '../step'
import type { StepWords } from './words'

const seatOf = (s: PlannedStep): string =>
  s.face && !isMechanical(s.face) ? CONNECTORS[s.face].seat : 'Press until it sits.'
const lookAlike = (s: PlannedStep): readonly string[] =>
  s.face && !isMechanical(s.face) && CONNECTORS[s.face].lookAlike
    ? [`Look-alike: ${CONNECTORS[s.face].lookAlike}`]
    : []
const plugIn = (s: PlannedStep): string => `Plug the ${s.what} into ${s.label} on the ${s.to}`

/** Which way its lead goes, where it goes through anything. */
const wayTo = ({ through }: PlannedStep): readonly string[] =>
  through.length > 0 ? [`Its way: through the ${through.join(', then the ')}.`] : []

/** What feeds board and processor is stiff, and the board bends under it. */
const isStiffOnBoard = ({ face }: PlannedStep): boolean =>
  face !== null && ['board', 'processor'].includes(feeds(face) ?? '')

/** Each end is plugged, and each hole on the way is threaded. */
const plugMinutes = ({ joints, through }: PlannedStep): number =>
  MINUTES.plug * joints.length + MINUTES.throughHole * through.length

const plugStep = (why: string): StepWords => ({
  title: plugIn,
  does: s => [`It is the ${s.what}: read the print.`, ...wayTo(s), seatOf(s), ...lookAlike(s)],
  feel: () => 'It does not move when you tug it lightly, and there is no gap.',
  why,
  minutes: plugMinutes,
})

/** How each kind of plug is put in. */
export const PLUGGING = {
  'cooler-plug': {
    title: plugIn,
    why: 'It is within reach now, and a processor without its fan is lost in a minute.',
    minutes: MINUTES.plug,
    does: s => [`The processor’s header is marked ${s.label}.`, seatOf(s)],
    feel: () => 'Ridges in the guide, no gap.',
  },
  'outer-plug': {
    title: s => `Plug the ${s.what} into ${s.label} of the ${s.to}`,
    why: 'Outer plugs come last: the case stands where it will stay.',
    minutes: MINUTES.plug,
    does: s => [seatOf(s)],
    cautions: ['Wall socket, switch and earth are a matter for local rules and licensed people.'],
  },
  'small-plug': plugStep('Small headers lie at the board’s edge: first, while there is room.'),
  panel: {
    title: s => `Wire the front-panel block of the ${s.to}`,
    why: 'A wrong switch lead means a machine that “does not start”.',
    minutes: s => (s.face === 'panel-block' ? MINUTES.plug : MINUTES.looseLeads),
    tools: ['torch', 'tweezers'],
    does: s => [
      'Follow the drawing of the block; turn it as you look at the board.',
      ...wayTo(s),
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
    cautions: s => (isStiffOnBoard(s) ? ['Hold the board from beneath against a stiff plug.'] : []),
  },
} satisfies Partial<Record<StepKind, StepWords>>
