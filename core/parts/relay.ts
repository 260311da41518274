// What takes in at some ends and hands on at others: hubs and adapters share their inlets and
// outlets.
import { z } from 'zod'
import { at } from '../collections/at'
import { of, type Sum } from '../figures/quantity'
import { isPower, PLUG_FACES, connector } from '../connectors/connectors'
import { ASSUMED_LEAD_TOLERANCE } from '../connectors/leads'
import { assume, figure } from '../figures/units'
import { end, ownPlug, type End } from './end'
import { type ItemOf, type Kind } from './kind'
import { portsOf } from './standard-limits'

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
    .min(1),
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
      }),
    )
    .min(1),
  amps: figure('A', 'current of all outlets together', 'Read it in the part’s sheet.', [0.5, 20]),
}
type Relay = z.infer<z.ZodObject<typeof relayFields>>
type AnyRelay = Pick<Kind<string, z.ZodType<Relay & { kind: string }>>, 'leaf'>

/**
 * The ends of a part that hands on. Power comes in by sockets and goes out by plugs; everything
 * else comes in by plugs. What goes out has to have come in: each outlet follows the inlets.
 */
export const relayEnds = (
  kind: AnyRelay,
  item: ItemOf<Relay & { kind: string }>,
  need: End['need'],
): readonly End[] => [
  ...item.part.inlets.map((inlet, i) =>
    end({
      key: inlet.key,
      from: { list: 'inlets', index: i },
      face: inlet.face,
      label: inlet.label,
      need: inlet.need ?? need,
      role: inlet.role ?? null,
      traits: ownPlug(inlet.own),
      ...(isPower(inlet.face) ? FIXED_SOCKET : plugOn(kind, item, `inlets.${i}.lead`)),
    }),
  ),
  ...item.part.outlets.map((outlet, i) => {
    const amps = kind.leaf(item, 'amps')
    return end({
      key: outlet.key,
      from: { list: 'outlets', index: i },
      face: outlet.face,
      label: outlet.label,
      rank: i,
      role: outlet.role ?? null,
      traits: ownPlug(outlet.own),
      follows: item.part.inlets.filter(n => n.need !== 'may').map(n => n.key),
      gives: givesOf(kind, item, i),
      shared: amps.figure ? { key: 'amps', amps: of(amps) } : null,
      ...(isPower(outlet.face) ? plugOn(kind, item, `outlets.${i}.lead`) : FIXED_SOCKET),
    })
  }),
]

const FIXED_SOCKET = { sex: 'socket', at: [0, 0, 0] } as const
const plugOn = (
  kind: AnyRelay,
  item: ItemOf<Relay & { kind: string }>,
  path: string,
): Pick<End, 'sex' | 'lead'> => ({
  sex: 'plug',
  lead: {
    length: of(kind.leaf(item, path, assume(0, 'mm', ASSUMED_LEAD_TOLERANCE))),
    exit: [0, 0, 0],
  },
})

/** What an outlet gives: as its part states it, else what its connector carries by its standard. */
function givesOf(kind: AnyRelay, item: ItemOf<Relay & { kind: string }>, i: number): End['gives'] {
  const { face } = at(item.part.outlets, i)
  const { limit } = connector(face)
  const stated = (path: string, value: number): Sum =>
    of(kind.leaf(item, `outlets.${i}.${path}`, { value, basis: 'standard', tol: 0 }))
  return {
    ...(limit?.W12 !== undefined ? { W12: stated('W12', limit.W12) } : {}),
    ...(limit?.A !== undefined ? { amps: stated('amps', limit.A) } : {}),
    ...portsOf(face),
  }
}

/**
 * The inlets that feed an outlet: power from the power inlet where there is one, else from the lead
 * it hangs on.
 */
export function relayInlets({ inlets, outlets }: Relay, key: string): readonly string[] {
  if (!outlets.some(o => o.key === key)) return []
  const powered = inlets.filter(i => isPower(i.face))
  return (powered.length > 0 ? powered : inlets).map(i => i.key)
}
