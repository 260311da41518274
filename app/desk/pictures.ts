// Pictures beside the documents: what may be kept as one, and which of them nobody names any more.
import type { Build } from '../../core/document/build'
import type { Problem } from '../../core/document/command'
import { PICTURE } from '../../core/document/file'
import type { Part } from '../../core/parts'
import type { JunturaDb } from './db'
import { LARGEST_PICTURE } from './limits'

/** What may be kept as a picture: a small one, as a data URL. */
export const isPicture = (picture: string): boolean =>
  PICTURE.test(picture) && picture.length <= LARGEST_PICTURE
export const noPicture = (name: string): Problem => ({
  problem:
    `${name || 'This picture'} is no small JPEG, PNG or WebP (at most ` +
    `${LARGEST_PICTURE / 1000} kB). Choose another one.`,
})

/** The pictures that a build names: its own, and the pages kept with its parts. */
export const picturesOf = (build: Build): readonly string[] => [
  ...build.photos.map(p => p.id),
  ...build.items.flatMap(i => pagesOf(i.part)),
]
export const pagesOf = (part: Part): readonly string[] => (part.pages ?? []).map(p => p.id)

/** Pictures by their ids; ids that are not here are left out. */
export async function picturesBy(
  db: JunturaDb,
  ids: readonly string[],
): Promise<Readonly<Record<string, string>>> {
  const found = await db.photos.bulkGet([...ids])
  return Object.fromEntries(found.flatMap(p => (p ? [[p.id, p.picture]] : [])))
}

/**
 * Removes the pictures that nothing names: no build, none in the bin, no part of the shelf, no step
 * that could be taken back or done again. Whatever holds a picture's id as a word counts as naming
 * it.
 */
export async function sweepPictures(db: JunturaDb): Promise<number> {
  const ids = new Set(await db.photos.toCollection().primaryKeys())
  if (ids.size === 0) return 0
  const unnamed = new Set(ids)
  const look = (row: unknown): void => {
    for (const word of wordsIn(row)) unnamed.delete(word)
  }
  await db.builds.each(look)
  await db.parts.each(look)
  await db.steps.each(look)
  await db.photos.bulkDelete([...unnamed])
  return unnamed.size
}

function* wordsIn(value: unknown): Generator<string> {
  const open: unknown[] = [value]
  while (open.length > 0) {
    const next = open.pop()
    if (typeof next === 'string') yield next
    else if (typeof next === 'object' && next !== null)
      open.push(...(Object.values(next) as readonly unknown[]))
  }
}
