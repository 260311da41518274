// An adapter: a short lead that changes one plug into others, or makes one longer. It hangs where
// its plugs are.
import { words } from './facets'
import { z } from 'zod'
import { ASSUMED_LEAD_TOLERANCE } from '../connectors/leads'
import { usual } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { relayAsks, relayEnds, relayFields, relayInlets } from './relay'

/** An adapter plugs in where its body is, unless it states a lead. */
const DIRECT = usual(0, 'mm', ASSUMED_LEAD_TOLERANCE)

export const adapterSchema = z.looseObject({
  kind: z.literal('adapter'),
  ...base,
  costs: z.string().optional().describe('what it costs besides money: speed, a port, a plug'),
  ...relayFields,
})
export type Adapter = z.infer<typeof adapterSchema>

export const adapter: Kind<'adapter', typeof adapterSchema> = defineKind({
  kind: 'adapter',
  title: 'Adapter',
  schema: adapterSchema,
  facets: [words('inlets.*.face', 'from'), words('outlets.*.face', 'to')],
  serves: p => [...(p.inlets ?? []), ...(p.outlets ?? [])].map(e => e.face).join(),
  dispensable: true,
  bridges: 'adapter',
  ends: item => relayEnds(adapter, item, 'may', () => DIRECT),
  asks: relayAsks,
  inlets: (item, key) => relayInlets(item.part, key),
})
