// What is bought by the bag or the tube: screws, standoffs, paste, ties.
import { amount, words } from './facets'
import { z } from 'zod'
import { figure } from '../figures/units'
import { base, defineKind } from './kind'

export const sundrySchema = z.looseObject({
  kind: z.literal('sundry'),
  ...base,
  use: z
    .enum([
      'standoff',
      'screw',
      'paste',
      'pad',
      'tie',
      'tape',
      'battery',
      'retainer',
      'riser',
      'post',
      'tool',
      'other',
    ])
    .nullish(),
  thread: z.string().optional().describe('of screws and standoffs: 6-32 UNC, M3, M2'),
  grams: figure('g', 'contents', 'Read it on the tube.', [0.5, 500]),
  count: figure('pcs', 'count', 'Count them.', [1, 500]),
  ribbon: figure(
    'mm',
    'riser length',
    'Along its ribbon, from the edge in the board’s slot to the socket for the card.',
    [50, 600],
  ),
  generation: z
    .number()
    .nullish()
    .describe('of a riser: the generation of PCI Express that it is made for'),
})
export type Sundry = z.infer<typeof sundrySchema>

export const sundry = defineKind({
  kind: 'sundry',
  title: 'Consumables',
  schema: sundrySchema,
  facets: [words('use', 'for'), amount('count', 'count')],
  dispensable: true,
  ends: () => [],
})
