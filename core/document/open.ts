// The one door for documents: whatever comes from a file or from the store is migrated and parsed
// here, and nowhere else.
import type { z } from 'zod'
import { partSchema, type Part } from '../parts'
import { canonical } from './canonical'
import { isProblem, type Problem } from './command'
import { beyondLimit } from './limits'
import type { Draft } from './draft'
import { fileBuildSchema, fileSchema, FORMAT, VERSION, type FileContent, type Logged } from './file'
import { MIGRATIONS, type Migration } from './migrations'

/** Named choices: how much of a long path and of a long name a sentence tells. */
const DEEPEST_TOLD = 8
const LONGEST_TOLD = 60

type Fields = Record<PropertyKey, unknown>
const isObject = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Reads a file's text. What is wrong comes back as one sentence with the place and the remedy. */
export function openFile(text: string, name = 'The file'): FileContent | Problem {
  const data = fileData(text, name)
  if (isProblem(data)) return data
  const beyond = tooLargeAt(data.raw)
  if (beyond !== null) return { problem: `${name}: ${beyond}. Mend it there; nothing was changed.` }
  const builds = listOf(data.raw, 'builds').map(raw => migrated(raw, data.version, 'build'))
  const parts = listOf(data.raw, 'parts').map(raw => migrated(raw, data.version, 'part'))
  const present = { ...data.raw, version: VERSION, ...filled({ builds, parts }, data.raw) }
  const read = fileSchema.safeParse(present)
  if (!read.success) return { problem: `${name}: ${wrongAt(present, read.error)}` }
  const { parts: shelf, photos, bin, drafts } = read.data
  const opened = read.data.builds.map(logged)
  const twice = twoOfOneId(opened, shelf, drafts)
  if (twice) return { problem: `${name}: ${twice} Give one another id; nothing was changed.` }
  return { builds: opened, parts: shelf, photos, bin, drafts }
}

/** A build as it lies in the store, of the version that its row says. */
export function openBuild(raw: unknown, version: unknown): Logged | Problem {
  const wrong = wrongVersion(version, 'This build')
  if (wrong) return wrong
  const present = migrated(raw, Number(version), 'build')
  const read = fileBuildSchema.safeParse(present)
  if (read.success) return logged(read.data)
  return { problem: `This build cannot be read: ${wrongAt(present, read.error)}` }
}

/** A part as it lies in the store or in a list of parts, of the version that stands beside it. */
export function openPart(raw: unknown, version: unknown): Part | Problem {
  const wrong = wrongVersion(version, 'This part')
  if (wrong) return wrong
  const present = migrated(raw, Number(version), 'part')
  const read = partSchema.safeParse(present)
  if (read.success) return read.data
  const [issue] = read.error.issues
  const place = issue?.path.length ? `at ${issue.path.join(' › ')}: ` : ''
  return { problem: `${place}${issue?.message ?? 'does not fit the format'}` }
}

/** What the store keeps of steps to be taken back, of an older version: the parts in it. */
export const carriedOver = (raw: unknown, version: number): unknown =>
  migrated(raw, version, 'build')

/** A part that may not be whole yet, of an older version. */
export const carriedPart = (raw: unknown, version: number): unknown =>
  migrated(raw, version, 'part')

/** A part that comes in new: by hand, from a table or a list. It is bound by the limits as well. */
export function openNewPart(raw: unknown, version: unknown): Part | Problem {
  const beyond = tooLargeAt(raw)
  return beyond === null ? openPart(raw, version) : { problem: beyond }
}

/** What of some data is beyond a limit, with its place; null when nothing is. */
export function tooLargeAt(data: unknown): string | null {
  const beyond = beyondLimit(data)
  return beyond && `${placeOf(data, beyond.path.slice(0, DEEPEST_TOLD))}${beyond.says}`
}

/**
 * The parts of a file that holds nothing else, each still to be opened; null when the text is no
 * such file.
 */
export function listedParts(
  text: string,
): { readonly version: number; readonly parts: readonly unknown[] } | null {
  if (!/^\s*\{/.test(text.slice(0, 100))) return null
  const data = fileData(text, '')
  if (isProblem(data)) return null
  const parts = listOf(data.raw, 'parts')
  if (parts.length === 0 || listOf(data.raw, 'builds').length > 0) return null
  return { version: data.version, parts }
}

/** What a dropped text is: a build's file, parts for the shelf, or a table of parts. */
export function holdsWhat(text: string): 'builds' | 'parts' | 'table' {
  if (listedParts(text)) return 'parts'
  const [head = ''] = text.slice(0, 2000).split('\n')
  return /^\s*[{[]/.test(text.slice(0, 200)) || !/[,;\t|]/.test(head) ? 'builds' : 'table'
}

function fileData(
  text: string,
  name: string,
): { readonly raw: Fields; readonly version: number } | Problem {
  let data: unknown
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    return {
      problem:
        `${name} is not whole JSON (${placeIn(text, error)}). Export it again, or mend it ` +
        'there; nothing was changed.',
    }
  }
  if (!isObject(data) || data['format'] !== FORMAT) {
    return {
      problem:
        `${name} is not a Juntura file: it does not say "format": "${FORMAT}". Choose a file ` +
        'that ends in .juntura.json; nothing was changed.',
    }
  }
  return wrongVersion(data['version'], name) ?? { raw: data, version: Number(data['version']) }
}

/** Why a version is none that can be read; null when it is one. */
function wrongVersion(version: unknown, what: string): Problem | null {
  const rest = 'nothing was changed.'
  if (version === undefined || version === null)
    return {
      problem:
        `${what} does not say of which version of the format it is. Write "version": ` +
        `${VERSION} at its top if this Juntura made it, or export it again; ${rest}`,
    }
  if (typeof version !== 'number')
    return {
      problem:
        `${what} writes its version as ${JSON.stringify(version)}; it is a number without ` +
        `quotes, from 1 to ${VERSION}. Mend it there; ${rest}`,
    }
  if (version > VERSION)
    return {
      problem:
        `${what} is of version ${version}; this Juntura reads up to ${VERSION}. Update ` +
        `Juntura, then open it again; ${rest}`,
    }
  if (!Number.isInteger(version) || version < 1)
    return {
      problem:
        `${what} says version ${version}, which there never was: versions are whole numbers ` +
        `from 1 to ${VERSION}. Mend it there; ${rest}`,
    }
  return null
}

/** Data of some version as data of the present one, step by step. */
function migrated(raw: unknown, version: number, what: 'build' | 'part'): unknown {
  const steps = MIGRATIONS.filter(({ from }) => from >= version)
  return steps.reduce((data, step: Migration) => step[what](data), raw)
}

const listOf = (raw: Fields, key: string): readonly unknown[] =>
  Array.isArray(raw[key]) ? raw[key] : []
/** Lists that were there, migrated; what was no list stays as it was, to be told by the schema. */
const filled = (lists: Readonly<Record<string, readonly unknown[]>>, raw: Fields): Fields =>
  Object.fromEntries(Object.entries(lists).filter(([key]) => Array.isArray(raw[key])))

function logged({ log, ...doc }: z.infer<typeof fileBuildSchema>): Logged {
  return { build: canonical(doc), log }
}

function twoOfOneId(
  builds: readonly Logged[],
  parts: readonly Part[],
  drafts: readonly Draft[],
): string | null {
  for (const { build } of builds) {
    const item = repeated(build.items.map(i => i.id))
    if (item !== null) return `two items of ${build.name} have the id "${item}".`
    const photo = repeated(build.photos.map(p => p.id))
    if (photo !== null) return `two pictures of ${build.name} have the id "${photo}".`
  }
  const part = repeated(parts.map(p => p.id))
  if (part !== null) return `two parts have the id "${part}".`
  const draft = repeated(drafts.map(d => d.id))
  return draft === null ? null : `two drafts have the id "${draft}".`
}

function repeated(ids: readonly string[]): string | null {
  const seen = new Set<string>()
  for (const id of ids) {
    if (seen.has(id)) return id
    seen.add(id)
  }
  return null
}

/** Where in broken JSON the reader gave up, as line and column when that can be told. */
function placeIn(text: string, error: unknown): string {
  const position = /position (\d+)/.exec(error instanceof Error ? error.message : '')?.[1]
  if (position === undefined) return 'where, the reader could not tell'
  const upTo = text.slice(0, Number(position)).split('\n')
  return `line ${upTo.length}, column ${(upTo.at(-1)?.length ?? 0) + 1}`
}

function wrongAt(data: unknown, error: z.ZodError): string {
  const [issue] = error.issues
  const place = placeOf(data, issue?.path ?? [])
  return (
    `${place}${issue?.message ?? 'does not fit the format'}. Mend it there, or export it ` +
    'again; nothing was changed.'
  )
}

/** A path in words: the names of builds, items and parts on the way, then the field. */
function placeOf(data: unknown, path: readonly PropertyKey[]): string {
  const words: string[] = []
  let here: unknown = data
  for (const key of path) {
    here = typeof here === 'object' && here !== null ? (here as Fields)[key] : undefined
    const { name, model, id } = isObject(here) ? here : ({} as Fields)
    const called = [name, model, id].find(v => typeof v === 'string')
    words.push(
      called === undefined
        ? String(key)
        : `${String(key)} “${String(called).slice(0, LONGEST_TOLD)}”`,
    )
  }
  return words.length > 0 ? `at ${words.join(' › ')}: ` : ''
}
