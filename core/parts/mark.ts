// A place of one copy that is broken or kept free: nothing is planned there.
import { z } from 'zod'

export const MARKS = ['broken', 'reserved'] as const
export type MarkedAs = (typeof MARKS)[number]

export const markSchema = z.looseObject({
  as: z.enum(MARKS),
  why: z.string().optional().describe('what is wrong with it, or for what it is kept free'),
})
export type Mark = z.infer<typeof markSchema>
/** By the name of the end, or of the hole (`holeKey`). */
export type Marks = Readonly<Record<string, Mark>>

/** Why nothing is planned at an end: as marked, not wanted, or without a picture. */
export type EndMark = MarkedAs | 'unwanted' | 'dead' | 'mains' | 'taken out'

/** How a mounting hole or a thread is named among the places of a part. */
export const holeKey = (label: string): string => `hole:${label}`

/** What is said of a marked place where something would have gone. */
export const markWords: Readonly<Record<EndMark, string>> = {
  broken: 'is marked broken',
  reserved: 'is kept free (marked reserved)',
  dead: 'is dead: the processor draws no picture',
  mains: 'carries mains: it is never a lead for a board',
  'taken out': 'is out with its cage',
  unwanted: 'is not wanted for what the machine is for',
}
