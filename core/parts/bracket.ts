// A rear bracket: sockets in the place of a slot cover, each on a lead to a header of the board.
import { words } from './facets'
import { facesOn, isData } from '../connectors/connectors'
import { z } from 'zod'
import { fact, of } from '../figures/quantity'
import { USUAL_LENGTH, usualLead } from '../connectors/leads'
import { figure } from '../figures/units'
import { base, defineKind, type Kind } from './kind'
import { blank } from './ask'
import { end } from './end'
import { outerEnds, outerSchema } from './outer'

export const bracketSchema = z.looseObject({
  kind: z.literal('bracket'),
  ...base,
  covers: z
    .number()
    .int()
    .min(1)
    .max(2)
    .default(1)
    .describe('rear slot covers it takes the place of'),
  profile: z.enum(['full', 'low', 'both']).optional(),
  leads: z
    .array(
      z.looseObject({
        key: z.string(),
        label: z.string(),
        face: z.enum(facesOn('bracket')),
        ports: z.number().int().min(1).max(4).optional(),
        wiring: z.string().optional().describe('of a serial lead: which of the two wirings'),
        length: figure(
          'mm',
          'lead length',
          'From the bracket to the tip of the plug.',
          [100, 1000],
        ),
      }),
    )
    .nullish(),
  rear: z.array(outerSchema).optional().describe('sockets on it'),
  outputs: z.array(z.string()).optional().describe('what else is on it, in words'),
})
export type Bracket = z.infer<typeof bracketSchema>

export const bracket: Kind<'bracket', typeof bracketSchema> = defineKind({
  kind: 'bracket',
  title: 'Slot bracket',
  schema: bracketSchema,
  facets: [words('leads.*.face', 'plug'), words('profile', 'height')],
  asks: ({ part: p, name }) =>
    blank(p.leads, 'leads', facesOn('bracket'), {
      question: `Which leads hang from the ${name}?`,
      take: 'Look at the plugs on them.',
    }),
  ends: item => [
    end({ key: 'cover', face: 'rear-cover', sex: 'plug', label: 'bracket', need: 'must' }),
    ...(item.part.leads ?? []).map((l, i) =>
      end({
        key: l.key,
        from: { list: 'leads', index: i },
        face: l.face,
        sex: 'plug',
        label: l.label,
        need: 'should',
        rank: i,
        traits: isData(l.face) ? { side: ['board'] } : {},
        lead: {
          length: of(
            bracket.leaf(item, `leads.${i}.length`, usualLead(l.face, USUAL_LENGTH.bracket)),
          ),
          exit: [0, 0, 0],
        },
        takes:
          l.ports === undefined
            ? {}
            : {
                ports: of(
                  fact(`${item.id}:${l.key}.ports`, `ports on the ${l.label}`, 'pcs', {
                    value: l.ports,
                    basis: 'spec',
                    tol: 0,
                  }),
                ),
              },
      }),
    ),
    ...outerEnds(
      item.part.rear ?? [],
      [0, 0, 0],
      (item.part.leads ?? []).map(l => l.key),
    ),
  ],
  // What is plugged into its sockets is fed over its leads.
  inlets: ({ part }, key) =>
    part.rear?.some(r => r.key === key) ? (part.leads ?? []).map(l => l.key) : [],
})
