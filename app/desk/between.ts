// What passes between a build and the shelf: the shelf's data of a part for the build, a figure that
// was measured for both.
import { VERSION } from '../../core/document/file'
import { isProblem, type Problem } from '../../core/document/command'
import { asOnShelf } from '../../core/document/newer'
import { openPart } from '../../core/document/open'
import { put } from '../../core/parts/paths'
import type { Act, Outcome } from './acts'
import type { ShelfChange } from './db'
import type { Edits } from './edits'
import type { Shelf } from './shelf/shelf'
import type { Store } from './store'

export class Between {
  constructor(
    private readonly store: Store,
    private readonly shelf: Shelf,
    private readonly edits: Edits,
  ) {}

  /** Takes over what the shelf says of these items' parts now. */
  async takeNewer(id: string, items: readonly string[]): Promise<Outcome | Problem> {
    const build = await this.store.build(id)
    if (isProblem(build)) return build
    const own = build.items.filter(i => items.includes(i.id))
    const parts = own.flatMap(i => {
      const known = this.shelf.part(i.part.id)
      return known ? [[i.id, asOnShelf(i.part, known)] as const] : []
    })
    const title =
      own.length === 1
        ? `${own[0]?.part.model ?? ''}: as it is on the shelf now`
        : `${own.length} parts as they are on the shelf now`
    return this.edits.run(id, { do: 'setParts', parts: Object.fromEntries(parts), title })
  }

  /**
   * A figure that holds for every copy: it goes to the part in this build, and to the shelf where
   * the part is, as one step of the build.
   */
  async measurePart(act: Extract<Act, { act: 'measurePart' }>): Promise<Outcome | Problem> {
    const { build: id, item, path, figure } = act
    const build = await this.store.build(id)
    if (isProblem(build)) return build
    const part = build.items.find(i => i.id === item)?.part
    const known = part ? this.shelf.part(part.id) : null
    const shelf: ShelfChange[] = []
    if (known) {
      // Only this figure: what else the shelf knows otherwise, and what belongs to the copy, stays
      // where it is.
      const after = openPart(put(known, path, figure), VERSION)
      if (!isProblem(after)) shelf.push({ id: known.id, before: known, after })
    }
    return this.edits.run(id, { do: 'setPartFigure', id: item, path, figure }, { shelf })
  }
}
