// The file format *.juntura.json: self-contained, of one version; unknown keys are kept.
import { z } from 'zod'
import { partSchema, type Part } from '../parts'
import { buildSchema, idSchema, type Build } from './build'
import { draftSchema, inOrder, type Draft } from './draft'
import { logEntrySchema, type LogEntry } from './log'

export const FORMAT = 'juntura'
/**
 * What a reader must know. It grows by one with every change of what a document may say; see
 * migrations/.
 */
export const VERSION = 14

/** A small image as a data URL: nothing else is kept as a picture. */
export const PICTURE = /^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/

/** In a file a build carries its log with it. */
export const fileBuildSchema = buildSchema.extend({
  log: z.array(logEntrySchema).default([]).describe('what was done to it: it only grows'),
})

export const fileSchema = z.looseObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  builds: z.array(fileBuildSchema).default([]),
  parts: z.array(partSchema).default([]).describe('parts for the shelf, apart from any build'),
  photos: z
    .record(idSchema, z.string().regex(PICTURE, 'a JPEG, PNG or WebP as a data URL'))
    .default({})
    .describe('the pictures that builds and parts name, by their ids'),
  bin: z
    .record(idSchema, z.string())
    .default({})
    .describe('the builds of this file that lay in the bin, and since when'),
  drafts: z
    .array(draftSchema)
    .default([])
    .describe('what came in for builds of this file and is in none yet'),
})

/** A build with what was done to it. */
export interface Logged {
  readonly build: Build
  readonly log: readonly LogEntry[]
}

export interface FileContent {
  readonly builds: readonly Logged[]
  readonly parts: readonly Part[]
  readonly photos: Readonly<Record<string, string>>
  readonly bin: Readonly<Record<string, string>>
  readonly drafts: readonly Draft[]
}

/** A file's text in the present version. */
export function writeFile(content: Partial<FileContent>): string {
  const { builds = [], parts = [], photos = {}, bin = {}, drafts = [] } = content
  const file = {
    format: FORMAT,
    version: VERSION,
    builds: builds.map(({ build, log }) => ({ ...build, log })),
    parts,
    ...(Object.keys(photos).length > 0 ? { photos } : {}),
    ...(Object.keys(bin).length > 0 ? { bin } : {}),
    ...(drafts.length > 0 ? { drafts: drafts.map(inOrder) } : {}),
  }
  return `${JSON.stringify(file, null, 2)}\n`
}
