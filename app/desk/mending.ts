// A part is put right from where one stands: this copy, all of the build, the shelf as well; and what comes
// with parts is added.
import { isProblem, type Problem } from '../../core/document/command'
import { VERSION } from '../../core/document/file'
import { openPart } from '../../core/document/open'
import { counted } from '../../core/figures/format'
import type { Part } from '../../core/parts'
import { corrected, correctionsOf } from '../../core/parts/corrections'
import { added, missingOf } from '../../core/stages/comes-with'
import type { Act, Outcome } from './acts'
import type { ShelfChange } from './db'
import type { Edits } from './edits'
import type { Shelf } from './shelf/shelf'
import type { Store } from './store'

export class Mending {
  constructor(
    private readonly store: Store,
    private readonly shelf: Shelf,
    private readonly edits: Edits,
  ) {}

  /**
   * Other data for a part: of one copy, or of all copies in the build, which are a part of their own
   * from then on where the shelf or another copy has it otherwise; or of the part wherever it is, on
   * the shelf too. One step back in each case.
   */
  async mend(act: Extract<Act, { act: 'mendPart' }>): Promise<Outcome | Problem> {
    const build = await this.store.build(act.build)
    if (isProblem(build)) return build
    const item = build.items.find(i => i.id === act.item)
    if (!item) return { problem: 'This part is not in the build any more. Nothing was changed.' }
    const read = openPart(act.part, VERSION)
    if (isProblem(read)) return { problem: 'This part is not whole yet. Look at what is marked.' }
    const alike = build.items.filter(i => i.part.id === item.part.id)
    const copies = act.where === 'copy' ? [item] : alike
    const taken = new Set(build.items.map(i => i.part.id))
    const isItsOwn = alike.length === copies.length && this.shelf.part(read.id) === null
    const part =
      act.where === 'shelf' || isItsOwn
        ? read
        : { ...read, id: this.shelf.freshId(`${read.id}-own`, taken) }
    const parts = Object.fromEntries(copies.map(i => [i.id, part]))
    const title = `${part.model}: data changed${WHERE[act.where]}`
    const shelf = act.where === 'shelf' ? [this.onTheShelf(item.part, part)] : []
    return this.edits.run(act.build, { do: 'setParts', parts, title }, { shelf })
  }

  /** Only what was changed: what the shelf knows otherwise besides stays as it is there. */
  private onTheShelf(was: Part, now: Part): ShelfChange {
    const before = this.shelf.part(now.id)
    const merged = before ? corrected(before, correctionsOf(was, now)).part : now
    const read = openPart(merged, VERSION)
    return { id: now.id, before, after: isProblem(read) ? now : read }
  }

  /** Adds what comes with these items and is not in the build yet, in the state that they have. */
  async addIncluded(id: string, items: readonly string[]): Promise<Outcome | Problem> {
    const build = await this.store.build(id)
    if (isProblem(build)) return build
    const commands = missingOf(build.items)
      .filter(m => items.includes(m.item))
      .flatMap(m => added(m, build.items))
    if (commands.length === 0)
      return { problem: 'Everything that comes with these parts is in the build already.' }
    const title = `Added ${counted(commands.length, 'part')} that came with others`
    return this.edits.run(id, { do: 'together', commands, title })
  }
}

const WHERE = {
  copy: ' of this copy',
  build: ' in this build',
  shelf: ', on the shelf too',
} as const
