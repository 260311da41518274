// What is bought by the bag or the tube: screws, standoffs, paste, ties.
import { z } from 'zod'
import { figure } from '../units'
import { base, defineKind } from './kind'

export const sundrySchema = z.looseObject({
  kind: z.literal('sundry'), ...base,
  use: z.enum(['standoff', 'screw', 'paste', 'tie', 'other']),
  count: figure('pcs', 'count', 'Count them.', 1, 500),
})
export type Sundry = z.infer<typeof sundrySchema>

export const sundry = defineKind({ kind: 'sundry', title: 'Sundry', schema: sundrySchema, ends: () => [] })
