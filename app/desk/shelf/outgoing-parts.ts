// Parts on their way out: as a table, or as a file in the open format.
import { writeFile } from '../../../core/document/file'
import { cellsOf, tableCsv } from '../../../core/exchange/table/write'
import { pagesOf, picturesBy } from '../pictures'
import type { Chunks, Progress } from './chunks'
import type { Shelf } from './shelf'

export class OutgoingParts {
  constructor(
    private readonly shelf: Shelf,
    private readonly chunks: Chunks,
  ) {}

  /** The parts as a table; null when it was left off. */
  async csv(ids: readonly string[], progress: Progress): Promise<string | null> {
    const cells = await this.chunks.through(this.shelf.parts(ids), cellsOf, progress)
    return cells && tableCsv(cells)
  }

  /** The parts as a file in the open format, with their pages; null when it was left off. */
  async file(ids: readonly string[], progress: Progress): Promise<string | null> {
    const parts = await this.chunks.through(this.shelf.parts(ids), p => p, progress)
    if (!parts) return null
    const photos = await picturesBy(this.shelf.db, parts.flatMap(pagesOf))
    return writeFile({ parts, photos })
  }
}
