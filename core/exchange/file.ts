// The file format *.juntura.json: one version, self-contained, read strictly, unknown keys kept.
import { z } from 'zod'
import { buildSchema, idSchema, type Build } from '../build/build'
import type { Part } from '../parts'
import { partSchema } from '../parts'

export const FORMAT = 'juntura'
export const VERSION = 1

/** A small image as a data URL: nothing else is kept as a picture. */
export const PICTURE = /^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/

export const fileSchema = z.looseObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  builds: z.array(buildSchema).default([]),
  parts: z.array(partSchema).default([]).describe('parts for the shelf, apart from any build'),
  photos: z
    .record(idSchema, z.string().regex(PICTURE, 'a JPEG, PNG or WebP as a data URL'))
    .default({})
    .describe('the pictures that builds name, by their ids'),
})
export type JunturaFile = z.infer<typeof fileSchema>

export type Read = { readonly file: JunturaFile } | { readonly problem: string }

/** Reads a file's text. What is wrong comes back as one sentence with the place and the remedy. */
export function readFile(text: string, name = 'The file'): Read {
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch (error) {
    return {
      problem: `${name} is not whole JSON (${placeIn(text, error)}). Export it again, or mend it there; nothing was changed.`,
    }
  }
  if (
    typeof data !== 'object' ||
    data === null ||
    (data as { format?: unknown }).format !== FORMAT
  ) {
    return {
      problem: `${name} is not a Juntura file: it does not say "format": "${FORMAT}". Choose a file that ends in .juntura.json; nothing was changed.`,
    }
  }
  const { version } = data as { version?: unknown }
  if (typeof version !== 'number' || version > VERSION) {
    return {
      problem: `${name} is of version ${String(version)}; this Juntura reads up to ${VERSION}. Update Juntura, then open it again; nothing was changed.`,
    }
  }
  const read = fileSchema.safeParse(data)
  if (read.success) return duplicateIds(read.data, name) ?? { file: read.data }
  const issue = read.error.issues[0]
  return {
    problem: `${name}: ${placeOf(data, issue?.path ?? [])}${issue?.message ?? 'does not fit the format'}. Mend it there, or export it again; nothing was changed.`,
  }
}

/** What a dropped text is: a build's file, parts for the shelf, or a table of parts. */
export function holdsWhat(text: string): 'builds' | 'parts' | 'table' {
  if (isPartsFile(text)) return 'parts'
  return /^\s*[{[]/.test(text.slice(0, 200)) ||
    !/[,;\t|]/.test(text.slice(0, 2000).split('\n')[0] ?? '')
    ? 'builds'
    : 'table'
}

/** Whether a text is a file of this format that holds parts for the shelf and no build: its parts are then looked at one by one. */
export function isPartsFile(text: string): boolean {
  if (!/^\s*\{/.test(text.slice(0, 100))) return false
  try {
    const data = JSON.parse(text) as {
      format?: unknown
      version?: unknown
      parts?: unknown
      builds?: unknown
    }
    return (
      data.format === FORMAT &&
      data.version === VERSION &&
      Array.isArray(data.parts) &&
      data.parts.length > 0 &&
      (!Array.isArray(data.builds) || data.builds.length === 0)
    )
  } catch {
    return false
  }
}

export function writeFile(
  builds: readonly Build[],
  parts: readonly Part[] = [],
  photos: Readonly<Record<string, string>> = {},
): string {
  return `${JSON.stringify({ format: FORMAT, version: VERSION, builds, parts, ...(Object.keys(photos).length > 0 ? { photos } : {}) }, null, 2)}\n`
}

function duplicateIds(file: JunturaFile, name: string): Read | null {
  for (const b of file.builds) {
    const seen = new Set<string>()
    for (const item of b.items) {
      if (seen.has(item.id))
        return {
          problem: `${name}: two items of ${b.name} have the id "${item.id}". Give one another id; nothing was changed.`,
        }
      seen.add(item.id)
    }
  }
  return null
}

/** Where in broken JSON the reader gave up, as line and column when that can be told. */
function placeIn(text: string, error: unknown): string {
  const position = /position (\d+)/.exec(error instanceof Error ? error.message : '')?.[1]
  const upTo = text.slice(0, position === undefined ? text.length : Number(position)).split('\n')
  return `line ${upTo.length}, column ${(upTo.at(-1)?.length ?? 0) + 1}`
}

/** A path in words: the names of builds, items and parts on the way, then the field. */
function placeOf(data: unknown, path: readonly PropertyKey[]): string {
  const words: string[] = []
  let here: unknown = data
  for (const key of path) {
    here =
      typeof here === 'object' && here !== null
        ? (here as Record<PropertyKey, unknown>)[key]
        : undefined
    const { name, model, id } = (typeof here === 'object' && here !== null ? here : {}) as {
      name?: unknown
      model?: unknown
      id?: unknown
    }
    const called = [name, model, id].find(v => typeof v === 'string')
    words.push(called === undefined ? String(key) : `${String(key)} “${String(called)}”`)
  }
  return words.length > 0 ? `at ${words.join(' › ')}: ` : ''
}
