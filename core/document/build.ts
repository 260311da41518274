// The build document: items, choices and progress. What was done to it stands apart, in its log
// (log.ts).
import { z } from 'zod'
import { AIR_WAYS } from '../case/air'
import { partSchema } from '../parts'
import { CONDITIONS, fittedSchema, STATES } from '../parts/kind'
import { markSchema } from '../parts/mark'
import { TURNS } from '../geometry/turn'
import { BUILD_ORDERS, WEIGHTS } from './build-orders'
import { PRACTICE_IDS } from '../standards/practices'
import { PURPOSES, USES } from '../standards/purposes'
import { SCHOOLS } from '../standards/supplies'
import { BASES } from '../figures/units'

/** What is looked at when a part arrives. */
export const ARRIVAL_CHECKS = ['kind', 'damage', 'film', 'contents'] as const
export type ArrivalCheck = (typeof ARRIVAL_CHECKS)[number]

export const storedFigure = z.union([
  z.number(),
  z.null(),
  z.looseObject({
    basis: z.enum(BASES).optional(),
    tol: z.number().nonnegative().optional(),
    on: z.string().optional(),
  }),
])

/** Ids are parts of joint ids, so they keep to letters, digits, dots and dashes. */
export const idSchema = z
  .string()
  .regex(/^[A-Za-z0-9.-]+$/, 'letters, digits, dots and dashes only')

export const itemSchema = z.looseObject({
  id: idSchema,
  part: partSchema,
  state: z.enum(STATES).default('wanted'),
  condition: z.enum(CONDITIONS).default('new'),
  serial: z.string().optional(),
  paid: z.number().nonnegative().nullish(),
  figures: z
    .record(z.string(), storedFigure)
    .default({})
    .describe('what was measured on this copy: path → figure; it overrides the part’s'),
  note: z.string().optional(),
  beyond: storedFigure
    .optional()
    .describe('declared to run so, beyond its rating: watts, of memory its speed'),
  jumpers: z
    .record(z.string(), z.string())
    .optional()
    .describe(
      'how the jumpers of this copy stand: by the jumper’s name its pins; of a drive `place`',
    ),
  out: z
    .array(z.string())
    .optional()
    .describe('pieces of this case that are taken out and stay out, by their keys'),
  turned: z
    .literal(TURNS)
    .optional()
    .describe('put in turned about, by so many quarters; of a supply its fan on the other side'),
  upright: z
    .boolean()
    .optional()
    .describe('of a card: it stands upright at the place of the case for that, on a riser'),
  airs: z
    .record(z.string(), z.enum(AIR_WAYS))
    .optional()
    .describe('which way air goes at places of this case, where it is not as they are meant'),
  bare: z
    .boolean()
    .optional()
    .describe('what comes with its part is left out of the build on purpose'),
  fitted: fittedSchema.optional(),
  cuts: z
    .array(z.string())
    .optional()
    .describe('what was cut or filed off this copy, for good: paths of its part'),
  marks: z
    .record(z.string(), markSchema)
    .optional()
    .describe('places of this copy that are broken or kept free: nothing is planned there'),
  purchase: z
    .looseObject({
      shop: z.string().optional(),
      from: z
        .number()
        .nonnegative()
        .optional()
        .describe('bought as soon as it costs so much or less'),
      arrives: z.iso.date().optional(),
      returnBy: z.iso.date().optional().describe('the last day on which the shop takes it back'),
      sentBack: z
        .array(z.looseObject({ on: z.string(), why: z.string() }))
        .optional()
        .describe('copies that arrived and went back to the shop'),
      checked: z
        .partialRecord(z.enum(ARRIVAL_CHECKS), z.string())
        .optional()
        .describe('what was looked at on arrival, and when'),
    })
    .optional(),
})
export type StoredItem = z.infer<typeof itemSchema>

export const reasonSchema = z.looseObject({ reason: z.string().min(1), at: z.string() })
export type Reasoned = z.infer<typeof reasonSchema>

export const PROGRESS = ['made', 'proved', 'crossed'] as const
export const progressSchema = z.looseObject({
  state: z.enum(PROGRESS),
  at: z.string(),
  by: z.string().optional(),
  took: z.number().nonnegative().optional().describe('seconds'),
  how: z.string().optional(),
})
export type Progress = z.infer<typeof progressSchema>

export const leavingSchema = z.looseObject({
  id: idSchema,
  item: itemSchema.describe('as it was in the machine'),
  joints: z.array(z.string()).describe('those that were made with it'),
})
/** What was in the machine and comes out of it. */
export type Leaving = z.infer<typeof leavingSchema>

export const buildSchema = z.looseObject({
  id: idSchema,
  name: z.string().min(1),
  note: z.string().default(''),
  currency: z.string().default('EUR'),
  budget: z.number().nonnegative().optional().describe('what the whole may cost'),
  items: z.array(itemSchema).default([]),
  choices: z
    .looseObject({
      school: z.enum(SCHOOLS).default('lean'),
      orderSchool: z.enum(BUILD_ORDERS).default('board-first'),
      orderWeights: z
        .partialRecord(z.enum(WEIGHTS), z.number().nonnegative())
        .optional()
        .describe(
          'what counts in the order, minutes, where the build order’s own weight is not taken',
        ),
      orderPins: z
        .array(z.tuple([z.string(), z.string()]))
        .default([])
        .describe('steps put by hand: the first before the second'),
      pins: z
        .record(z.string(), z.string())
        .default({})
        .describe('plug end → socket end, joined by hand'),
      purpose: z.enum(PURPOSES).optional().describe('what the machine is for'),
      wants: z
        .partialRecord(z.enum(USES), z.boolean())
        .optional()
        .describe('uses that are wanted or not, whatever the purpose says'),
      runs: z.string().min(1).optional().describe('the operating system, in the owner’s words'),
      practices: z
        .partialRecord(z.enum(PRACTICE_IDS), z.string())
        .optional()
        .describe('where careful people differ: what was chosen'),
      system: z.string().optional().describe('the drive that the system starts from, by its item'),
      leftOpen: z
        .record(z.string(), reasonSchema)
        .default({})
        .describe('demand → why it stays open'),
      accepted: z
        .record(z.string(), reasonSchema)
        .default({})
        .describe('finding → why it is accepted'),
    })
    .prefault({}),
  progress: z
    .record(z.string(), progressSchema)
    .default({})
    .describe('joint or task → what was done'),
  leaving: z
    .array(leavingSchema)
    .optional()
    .describe('what was in the machine, was taken out of the plan, and has to come out'),
  photos: z
    .array(
      z.looseObject({
        id: idSchema,
        about: z.string().describe('the item, the joint or the task that it shows'),
        at: z.string(),
        name: z.string().default(''),
      }),
    )
    .default([])
    .describe('pictures, kept beside the document'),
})
export type Build = z.infer<typeof buildSchema>

export const emptyBuild = (id: string, name: string): Build => buildSchema.parse({ id, name })
