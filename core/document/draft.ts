// A part that came in and is not in its build yet: the words of its sheet, and what a hand made of them.
import { z } from 'zod'
import { PART_KINDS, type PartKind } from '../parts'
import { itemSchema } from './build'

const KIND_NAMES = PART_KINDS as readonly [PartKind, ...PartKind[]]

const answerSchema = z.object({
  path: z.string(),
  value: z.union([z.string(), z.number(), z.boolean(), z.array(z.string()).readonly()]),
  says: z.enum(['right', 'wrong']),
})
/** What a person answered about a value that was read: it holds for the very value. */
export type ValueAnswer = Readonly<z.infer<typeof answerSchema>>

/** What is said of one copy. */
export const copySchema = z.strictObject({
  state: itemSchema.shape.state.unwrap().optional(),
  condition: itemSchema.shape.condition.unwrap().optional(),
  paid: itemSchema.shape.paid.unwrap().unwrap().optional(),
  serial: itemSchema.shape.serial,
  note: itemSchema.shape.note,
})
export type Copy = Readonly<z.infer<typeof copySchema>>

export const draftSchema = z.looseObject({
  id: z.string().min(1),
  build: z.string().min(1).describe('the build it came in for, by its id'),
  at: z.string(),
  place: z.number().int().nonnegative().describe('its place among what came in with it'),
  text: z.string().describe('the words of its sheet; empty where it came as a part'),
  forced: z
    .enum(KIND_NAMES)
    .nullable()
    .describe('the kind that was chosen over what the sheet seems to be about'),
  part: z.unknown().describe('as a hand left it, whole or not; null: as it was read'),
  count: z.number().int().nonnegative().describe('how many there are; 0: as its pack says'),
  answers: z.array(answerSchema).readonly().optional(),
  bare: z.boolean().optional().describe('whether what comes with it is left out'),
  copies: z
    .array(copySchema)
    .readonly()
    .optional()
    .describe('what its list says of each copy, in its order'),
  version: z
    .number()
    .int()
    .optional()
    .describe('the version of the format its part was written in; left out: 10'),
})
export type Draft = Readonly<z.infer<typeof draftSchema>>

/** A draft with its fields in the order of the format, so that a file comes back to the byte. */
export const inOrder = (draft: Draft): Draft =>
  Object.assign(
    Object.fromEntries(
      Object.keys(draftSchema.shape).flatMap(key => (key in draft ? [[key, draft[key]]] : [])),
    ),
    draft,
  )
