// What takes in at some ends and hands on at others: hubs and adapters share their inlets and
// outlets.
import { z } from 'zod'
import { fact, of, type Sum } from '../figures/quantity'
import { CONNECTORS, isPower, type PlugFace } from '../connectors/connectors'
import { ASSUMED_LEAD_TOLERANCE } from '../connectors/leads'
import { assume, figure } from '../figures/units'
import { end, ownPlug, type End, type ItemOf, type Kind } from './kind'

const face = z.enum(Object.keys(CONNECTORS) as [PlugFace, ...PlugFace[]])
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
export function relayEnds(
  kind: AnyRelay,
  item: ItemOf<Relay & { kind: string }>,
  need: End['need'],
): readonly End[] {
  const { inlets, outlets } = item.part
  const lead = (list: 'inlets' | 'outlets', i: number): End['lead'] => ({
    length: of(kind.leaf(item, `${list}.${i}.lead`, assume(0, 'mm', ASSUMED_LEAD_TOLERANCE))),
    exit: [0, 0, 0],
  })
  return [
    ...inlets.map((inlet, i) => {
      const sex = isPower(inlet.face) ? ('socket' as const) : ('plug' as const)
      return end({
        key: inlet.key,
        face: inlet.face,
        sex,
        label: inlet.label,
        need: inlet.need ?? need,
        role: inlet.role ?? null,
        traits: ownPlug(inlet.own),
        ...(sex === 'plug' ? { lead: lead('inlets', i) } : { at: [0, 0, 0] as const }),
      })
    }),
    ...outlets.map((outlet, i) => {
      const sex = isPower(outlet.face) ? ('plug' as const) : ('socket' as const)
      const { limit } = CONNECTORS[outlet.face]
      const gives: Record<string, Sum> = {}
      if (limit && 'W12' in limit)
        gives['W12'] = of(
          kind.leaf(item, `outlets.${i}.W12`, { value: limit.W12, basis: 'standard', tol: 0 }),
        )
      if (limit && 'A' in limit)
        gives['amps'] = of(
          kind.leaf(item, `outlets.${i}.amps`, { value: limit.A, basis: 'standard', tol: 0 }),
        )
      if (limit && 'ports' in limit)
        gives['ports'] = of(
          fact(`ports:${outlet.face}`, `ports of a ${CONNECTORS[outlet.face].name}`, 'pcs', {
            value: limit.ports,
            basis: 'standard',
            tol: 0,
          }),
        )
      return end({
        key: outlet.key,
        face: outlet.face,
        sex,
        label: outlet.label,
        rank: i,
        role: outlet.role ?? null,
        traits: ownPlug(outlet.own),
        follows: inlets.filter(n => n.need !== 'may').map(n => n.key),
        gives,
        shared: kind.leaf(item, 'amps').figure
          ? { key: 'amps', amps: of(kind.leaf(item, 'amps')) }
          : null,
        ...(sex === 'plug' ? { lead: lead('outlets', i) } : { at: [0, 0, 0] as const }),
      })
    }),
  ]
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
