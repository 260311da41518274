// A hub: fans, lights or USB from one header and a power plug of its own. It has a place in the
// case.
import { amount, words } from './facets'
import { z } from 'zod'
import { usualLead } from '../connectors/leads'
import { hubSolids } from './bodies/small'
import { base, defineKind, type Kind } from './kind'
import { end, type End } from './end'
import { relayAsks, relayEnds, relayFields, relayInlets } from './relay'

export const hubSchema = z.looseObject({
  kind: z.literal('hub'),
  ...base,
  serves: z.enum(['fans', 'lights', 'USB']).nullish(),
  size: z
    .tuple([z.number(), z.number(), z.number()])
    .optional()
    .describe('length, width, height, mm'),
  controls: z.boolean().default(false).describe('sets speeds or colours by itself, by a program'),
  reports: z
    .enum(['one', 'all', 'none'])
    .optional()
    .describe('whose speed it tells the board: a dead fan behind “one” is silent'),
  ...relayFields,
})
export type Hub = z.infer<typeof hubSchema>

export const hub: Kind<'hub', typeof hubSchema> = defineKind({
  kind: 'hub',
  title: 'Hub',
  schema: hubSchema,
  facets: [words('serves', 'serves'), amount('amps', 'together')],
  groups: [
    { id: 'fan-hub', title: 'Fan hub', of: p => p.serves === 'fans' },
    { id: 'light-hub', title: 'LED controller', of: p => p.serves === 'lights' },
    { id: 'usb-hub', title: 'USB hub', of: p => p.serves === 'USB' },
  ],
  serves: p => p.serves ?? '',
  dispensable: true,
  bridges: 'hub',
  step: 'hub',
  ends: item => [
    end({
      key: 'stick',
      face: 'spot',
      sex: 'plug',
      label: 'back',
      traits: { use: ['hub'] },
      need: 'may',
    }),
    ...relayEnds(hub, item, 'must', face => usualLead(face)).map(e => asOfHub(e, item.part)),
  ],
  solids: hubSolids,
  asks: relayAsks,
  inlets: (item, key) => relayInlets(item.part, key),
})

/** What hangs on a fan hub turns as the hub has it: its outlets are for that. */
const asOfHub = (e: End, { serves, inlets }: Hub): End =>
  serves === 'fans' && e.role === null && !inlets?.some(i => i.key === e.key)
    ? { ...e, role: 'hub' }
    : e
