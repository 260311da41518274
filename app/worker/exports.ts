// What leaves the desk: files in the open format, the parts list, the build sheet, the drawing.
import { analyse } from '../../core/analyse'
import type { Horizon } from '../../core/build/resolve'
import { drawingSvg } from '../../core/exchange/drawing-svg'
import { writeFile } from '../../core/exchange/file'
import { partsCsv } from '../../core/exchange/parts-csv'
import { sheetMarkdown } from '../../core/exchange/sheet-markdown'
import type { JunturaDb } from '../db/db'

/** Whole builds with their pictures. Ids that are not here are left out. */
export async function fileText(db: JunturaDb, ids: readonly string[]): Promise<string> {
  const builds = (await db.builds.bulkGet([...ids])).flatMap(s => (s ? [s.doc] : []))
  const pictures = await db.photos.bulkGet(
    builds.flatMap(b => [...b.photos, ...b.items.flatMap(i => i.part.pages ?? [])].map(p => p.id)),
  )
  return writeFile(
    builds,
    [],
    Object.fromEntries(pictures.flatMap(p => (p ? [[p.id, p.picture]] : []))),
  )
}

export async function csvText(db: JunturaDb, id: string): Promise<string> {
  const stored = await db.builds.get(id)
  return stored ? partsCsv(stored.doc) : ''
}

/** The build sheet of one horizon as Markdown. */
export async function sheetText(db: JunturaDb, id: string, horizon: Horizon): Promise<string> {
  const stored = await db.builds.get(id)
  return stored ? sheetMarkdown(stored.doc, analyse(stored.doc).horizons[horizon]) : ''
}

/** The case from the near side with the ways of its leads, in millimetres; null when there is no case. */
export async function drawingText(
  db: JunturaDb,
  id: string,
  horizon: Horizon,
): Promise<string | null> {
  const stored = await db.builds.get(id)
  if (!stored) return null
  const {
    drawings: [near],
    paths,
  } = analyse(stored.doc).horizons[horizon]
  return near ? drawingSvg(stored.name, near, paths) : null
}
