// A loose lead with a plug at each end: SATA data and its like.
import { z } from 'zod'
import { of } from '../quantity'
import { ASSUMED_LEAD_TOLERANCE, LEAD_LENGTH } from '../standards/leads'
import { assume, figure } from '../units'
import { base, defineKind, end, type Kind } from './kind'

export const leadSchema = z.looseObject({
  kind: z.literal('lead'), ...base,
  face: z.enum(['sata-data']),
  length: figure('mm', 'length', 'From tip to tip, straightened.', 80, 1000),
})
export type Lead = z.infer<typeof leadSchema>

export const lead: Kind<'lead', typeof leadSchema> = defineKind({
  kind: 'lead', title: 'Lead', schema: leadSchema,
  ends: item => (['board', 'device'] as const).map(side => end({
    key: side, face: item.part.face, sex: 'plug', label: `${side} end`, traits: { side: [side] }, among: { group: 'lead', how: 'both' },
    lead: { length: of(lead.leaf(item, 'length', assume(LEAD_LENGTH.sataData, 'mm', ASSUMED_LEAD_TOLERANCE))), exit: [0, 0, 0] },
  })),
})
