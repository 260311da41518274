// What comes in from a file never takes the place of what is here: a picture whose id is taken by
// another gets a new one.
import type { Build } from '../../core/document/build'
import type { FileContent } from '../../core/document/file'
import type { Part } from '../../core/parts'
import type { JunturaDb } from './db'

/**
 * The file's content with ids of pictures that are free here; its pictures are put into the store.
 * Inside a change only.
 */
export async function apart(
  db: JunturaDb,
  content: FileContent,
  newId: () => string,
): Promise<FileContent> {
  const ids = Object.keys(content.photos)
  const here = await db.photos.bulkGet(ids)
  const renamed = new Map<string, string>()
  for (const [i, id] of ids.entries()) {
    const known = here[i]
    if (known && known.picture !== content.photos[id]) renamed.set(id, newId())
  }
  const idOf = (id: string): string => renamed.get(id) ?? id
  const pictures = Object.entries(content.photos)
  await db.photos.bulkPut(pictures.map(([id, picture]) => ({ id: idOf(id), picture })))
  if (renamed.size === 0) return content
  const withPages = <P extends Part>(part: P): P =>
    part.pages ? { ...part, pages: part.pages.map(p => ({ ...p, id: idOf(p.id) })) } : part
  const withPhotos = (build: Build): Build => ({
    ...build,
    photos: build.photos.map(p => ({ ...p, id: idOf(p.id) })),
    items: build.items.map(i => ({ ...i, part: withPages(i.part) })),
  })
  return {
    ...content,
    builds: content.builds.map(({ build, log }) => ({ build: withPhotos(build), log })),
    parts: content.parts.map(withPages),
  }
}
