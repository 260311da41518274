// What takes in at some ends and hands on at others: hubs and adapters share their inlets and
// outlets.
import { z } from 'zod'
import { at } from '../collections/at'
import { converted, of } from '../figures/quantity'
import { isOuter, isPower, PLUG_FACES, type PlugFace } from '../connectors/connectors'
import { figure, type Figure } from '../figures/units'
import { blank, type Ask } from './ask'
import { end, ownPlug, type End } from './end'
import { type ItemOf, type Kind } from './kind'
import { VOLTS } from '../standards/rails'
import { onlyRail, portsOf } from './standard-limits'

const face = z.enum(PLUG_FACES)
const one = {
  key: z.string(),
  label: z.string(),
  face,
  role: z.string().optional(),
  own: z.string().optional().describe('name of the maker’s own plug'),
  lead: figure(
    'mm',
    'length of its lead',
    'From the body, or from the other plug, to the tip of this one.',
    [0, 1200],
  ),
}
/** Fields of every part that hands on. */
export const relayFields = {
  inlets: z
    .array(z.looseObject({ ...one, need: z.enum(['must', 'should', 'may']).optional() }))
    .nullish(),
  outlets: z
    .array(
      z.looseObject({
        ...one,
        W12: figure(
          'W',
          '12 V it may carry',
          'Read it on the adapter: what its class allows.',
          [20, 700],
        ),
        amps: figure('A', 'current of this outlet', 'Read it in the part’s sheet.', [0.2, 10]),
        lights: figure(
          'pcs',
          'LEDs that this outlet drives',
          'Read it in the part’s sheet.',
          [1, 1000],
        ),
      }),
    )
    .nullish(),
  amps: figure('A', 'current of all outlets together', 'Read it in the part’s sheet.', [0.5, 20]),
  lights: figure('pcs', 'LEDs that it drives in all', 'Read it in the part’s sheet.', [1, 2000]),
}
export type Relay = z.infer<z.ZodObject<typeof relayFields>>
/** What is not known of a part that hands on. */
export const relayAsks = ({ part: p, name }: ItemOf<Relay & { kind: string }>): readonly Ask[] => [
  ...blank(p.inlets, 'inlets', PLUG_FACES, {
    question: `What does the ${name} plug into?`,
    take: 'Look at its plugs, and at what feeds it.',
  }),
  ...blank(p.outlets, 'outlets', PLUG_FACES, {
    question: `What can be plugged into the ${name}?`,
    take: 'Look at its sockets.',
  }),
]
type AnyRelay = Pick<Kind<string, z.ZodType<Relay & { kind: string }>>, 'leaf'>

/**
 * The ends of a part that hands on. Power comes in by sockets and goes out by plugs; everything
 * else comes in by plugs. What goes out has to have come in: each outlet follows the inlets. Leads
 * whose length nobody states are as `unstated` has them.
 */
export const relayEnds = (
  kind: AnyRelay,
  item: ItemOf<Relay & { kind: string }>,
  need: End['need'],
  unstated: (face: PlugFace) => Figure,
): readonly End[] => [
  ...(item.part.inlets ?? []).map((inlet, i) =>
    end({
      key: inlet.key,
      from: { list: 'inlets', index: i },
      face: inlet.face,
      label: inlet.label,
      need: inlet.need ?? need,
      role: inlet.role ?? null,
      traits: ownPlug(inlet.own),
      ...(isPower(inlet.face)
        ? FIXED_SOCKET
        : plugOn(kind, item, `inlets.${i}.lead`, unstated(inlet.face))),
    }),
  ),
  ...(item.part.outlets ?? []).map((outlet, i) => {
    return end({
      key: outlet.key,
      from: { list: 'outlets', index: i },
      face: outlet.face,
      label: outlet.label,
      rank: i,
      role: outlet.role ?? (isOuter(outlet.face) ? 'inner socket' : null),
      traits: ownPlug(outlet.own),
      follows: (item.part.inlets ?? []).filter(n => n.need !== 'may').map(n => n.key),
      gives: givesOf(kind, item, i),
      limits: limitsOf(kind, item, i),
      shared: sharedBy(kind, item),
      ...(isPower(outlet.face)
        ? plugOn(kind, item, `outlets.${i}.lead`, unstated(outlet.face))
        : FIXED_SOCKET),
    })
  }),
]

const FIXED_SOCKET = { sex: 'socket', at: [0, 0, 0] } as const
const plugOn = (
  kind: AnyRelay,
  item: ItemOf<Relay & { kind: string }>,
  path: string,
  unstated: Figure,
): Pick<End, 'sex' | 'lead'> => ({
  sex: 'plug',
  lead: {
    length: of(kind.leaf(item, path, unstated)),
    exit: [0, 0, 0],
  },
})

type OfRelay = ItemOf<Relay & { kind: string }>

/** What an outlet gives beside current: ports, LEDs, the class that its plug tells a card. */
function givesOf(kind: AnyRelay, item: OfRelay, i: number): End['gives'] {
  const { face, lights } = at(item.part.outlets ?? [], i)
  return {
    ...portsOf(face),
    ...(face === 'card-16' ? { class: of(kind.leaf(item, `outlets.${i}.W12`)) } : {}),
    ...(lights === undefined ? {} : { lights: of(kind.leaf(item, `outlets.${i}.lights`)) }),
  }
}

/** What its sheet states for all outlets together. */
function sharedBy(kind: AnyRelay, item: OfRelay): End['shared'] {
  const [amps, lights] = [kind.leaf(item, 'amps'), kind.leaf(item, 'lights')]
  const stated = (leaf: typeof amps) => (leaf.figure ? of(leaf) : null)
  return amps.figure || lights.figure
    ? { key: 'amps', amps: stated(amps), lights: stated(lights) }
    : null
}

/** The current that its sheet states for an outlet, A. */
function limitsOf(kind: AnyRelay, item: OfRelay, i: number): End['limits'] {
  const { face } = at(item.part.outlets ?? [], i)
  const watts = kind.leaf(item, `outlets.${i}.W12`)
  const amps = kind.leaf(item, `outlets.${i}.amps`)
  const rail = onlyRail(face)
  return {
    ...(watts.figure && face !== 'card-16'
      ? { '12': converted(of(watts), 1 / VOLTS['12'], 'A') }
      : {}),
    ...(amps.figure && rail ? { [rail]: of(amps) } : {}),
  }
}

/**
 * The inlets that feed an outlet: power from the power inlet where there is one, else from the lead
 * it hangs on.
 */
export function relayInlets({ inlets, outlets }: Relay, key: string): readonly string[] {
  if (!inlets || !outlets?.some(o => o.key === key)) return []
  const powered = inlets.filter(i => isPower(i.face))
  return (powered.length > 0 ? powered : inlets).map(i => i.key)
}
