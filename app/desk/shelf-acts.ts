// Acts on the shelf, on a history of its own: parts come and go, keep their manual's pages, and are
// measured for every copy.
import { isProblem, type Problem } from '../../core/document/command'
import { VERSION } from '../../core/document/file'
import { mergeChange, sameContent } from '../../core/document/merge'
import { openPart, tooLargeAt } from '../../core/document/open'
import type { Part } from '../../core/parts'
import { outcome, type Outcome } from './acts'
import type { ShelfChange } from './db'
import { nothingTo, type History, type Way } from './history'
import { isPicture, noPicture } from './pictures'
import type { Shelf } from './shelf/shelf'
import type { Clock, Store } from './store'

const GONE: Problem = { problem: 'This part is no longer on the shelf.' }

export class ShelfActs {
  constructor(
    private readonly store: Store,
    private readonly history: History,
    private readonly shelf: Shelf,
    private readonly clock: Clock,
  ) {}

  /** Puts parts on the shelf, new ones or others in the place of those with their ids. */
  keep(parts: readonly Part[], line: string): Promise<Outcome> {
    return this.step(
      parts.map(after => ({ id: after.id, before: this.shelf.part(after.id), after })),
      line,
    )
  }

  /** One part, as it was entered; a sentence when it is not whole. */
  async keepOne(raw: unknown): Promise<Outcome | Problem> {
    const beyond = tooLargeAt(raw)
    if (beyond !== null) return { problem: `This part cannot be kept: ${beyond}. Make it shorter.` }
    const part = openPart(raw, VERSION)
    if (isProblem(part)) return { problem: 'This part is not whole yet. Look at what is marked.' }
    const verb = this.shelf.part(part.id) ? 'Changed' : 'Added'
    return this.keep([part], `${verb} ${part.model} on the shelf`)
  }

  /**
   * Takes one's own parts off the shelf. A shipped part that was changed is as it was shipped
   * again.
   */
  async drop(ids: readonly string[]): Promise<Outcome | Problem> {
    const own = ids.filter(id => this.shelf.isOwn(id))
    const [first] = own
    if (first === undefined)
      return { problem: 'Parts that came with the program stay on the shelf.' }
    const what = own.length === 1 ? (this.shelf.part(first)?.model ?? '') : `${own.length} parts`
    return this.step(
      own.map(id => ({ id, before: this.shelf.part(id), after: this.shelf.shippedPart(id) })),
      `Took ${what} off the shelf`,
    )
  }

  /** A page of a part's manual or a photo of it, kept with the part. */
  async addPage(
    part: string,
    page: { readonly id: string; readonly title: string; readonly picture: string },
  ): Promise<Outcome | Problem> {
    const known = this.shelf.part(part)
    if (!known) return GONE
    const { id, title, picture } = page
    if (!isPicture(picture)) return noPicture(title)
    await this.store.db.photos.put({ id, picture })
    const after = { ...known, pages: [...(known.pages ?? []), { id, title }] }
    return this.step(
      [{ id: part, before: known, after }],
      `Page ${title ? `“${title}” ` : ''}with ${known.model}`,
    )
  }

  async removePage(part: string, page: string): Promise<Outcome | Problem> {
    const known = this.shelf.part(part)
    if (!known?.pages?.some(p => p.id === page))
      return { problem: 'This page is not here any more.' }
    const after = { ...known, pages: known.pages.filter(p => p.id !== page) }
    return this.step([{ id: part, before: known, after }], `Removed a page of ${known.model}`)
  }

  /**
   * Takes the latest change of the shelf back, or does it again: what was changed otherwise since
   * stays, and is named.
   */
  async turnLatest(way: Way): Promise<Outcome | Problem> {
    const step = await this.history.next('shelf', way)
    if (!step) return nothingTo(way)
    const left = await this.turn(step.shelf, way)
    await this.history.turned(step, way)
    return outcome(null, left)
  }

  /**
   * Does changes of the shelf, or takes them back, where nobody changed the same since. What was
   * left, as a sentence.
   */
  async turn(changes: readonly ShelfChange[], way: Way): Promise<string | null> {
    const left: string[] = []
    const done: ShelfChange[] = []
    for (const { id, before, after } of changes) {
      const now = this.shelf.part(id)
      // A shipped part that nobody changed has no row of its own: none stands for it.
      const shipped = this.shelf.shippedPart(id)
      const [was, is] = [before ?? shipped, after ?? shipped]
      const [from, to] = way === 'undo' ? [is, was] : [was, is]
      const merged = mergeChange(now, from, to)
      if (merged.left.length > 0) left.push(leftOf(now ?? to ?? from, merged.left))
      if (merged.value !== now) done.push({ id, before: now, after: merged.value as Part | null })
    }
    await this.put(done)
    if (left.length === 0) return null
    return `Left as it is, because it was changed since: ${left.join('; ')}.`
  }

  /**
   * Puts parts as they are now. What is as it was shipped lies there by itself. Inside a change
   * only.
   */
  async put(changes: readonly ShelfChange[]): Promise<void> {
    if (changes.length === 0) return
    const { parts } = this.store.db
    const changed = this.clock.now()
    const isShipped = ({ id, after }: ShelfChange): boolean =>
      after !== null && sameContent(after, this.shelf.shippedPart(id))
    const kept = changes.filter(c => c.after !== null && !isShipped(c))
    await parts.bulkPut(kept.map(c => ({ id: c.id, version: VERSION, part: c.after, changed })))
    await parts.bulkDelete(changes.filter(c => !kept.includes(c)).map(c => c.id))
    await this.shelf.load()
  }

  private async step(changes: readonly ShelfChange[], line: string): Promise<Outcome> {
    await this.put(changes)
    await this.history.push({
      stack: 'shelf',
      at: this.clock.now(),
      forward: null,
      back: null,
      about: {},
      line,
      shelf: changes,
    })
    return outcome(null)
  }
}

const leftOf = (part: Part | null, paths: readonly string[]): string => {
  const name = part?.model ?? 'a part'
  const fields = paths.filter(p => p !== '')
  return fields.length === 0
    ? `${name} on the shelf`
    : `${fields.join(', ')} of ${name} on the shelf`
}
