// Acts on the shelf, on the same history as everything else: parts come and go, are measured for every copy, keep their manual's pages.
import { asOnShelf } from '../../core/build/newer'
import { isProblem, type Command } from '../../core/build/command'
import { partSchema, type Part } from '../../core/parts'
import { put } from '../../core/parts/paths'
import type { ShelfChange } from '../db/db'
import { isPicture, Keeper, noPicture, type Answer } from './keeper'
import type { Progress, TablePlan } from './shelf'

export class ShelfActs extends Keeper {
  /** Puts parts on the shelf, new ones or others in the place of those with their ids. */
  keepParts(parts: readonly Part[], line: string): Promise<Answer> {
    return this.saving(() =>
      this.changeShelf(
        parts.map(after => ({
          id: after.id,
          before: this.shelf.isOwn(after.id) ? this.shelf.part(after.id) : null,
          after,
        })),
        line,
      ),
    )
  }

  /** One part, as it was entered; a sentence when it is not whole. */
  async keepPart(raw: unknown): Promise<Answer> {
    const read = partSchema.safeParse(raw)
    return read.success
      ? this.keepParts(
          [read.data],
          `${this.shelf.part(read.data.id) ? 'Changed' : 'Added'} ${read.data.model} on the shelf`,
        )
      : { problem: 'This part is not whole yet. Look at what is marked.' }
  }

  /** Takes one's own parts off the shelf. A shipped part that was changed is as it was shipped again. */
  dropParts(ids: readonly string[]): Promise<Answer> {
    return this.saving(async () => {
      const own = ids.filter(id => this.shelf.isOwn(id))
      if (own.length === 0)
        return { problem: 'Parts that came with the program stay on the shelf.' }
      return this.changeShelf(
        own.map(id => ({ id, before: this.shelf.part(id), after: null })),
        own.length === 1
          ? `Took ${this.shelf.part(own[0] ?? '')?.model ?? ''} off the shelf`
          : `Took ${own.length} parts off the shelf`,
      )
    })
  }

  /** Takes in what was opened: all of it, or nothing. */
  async importParts(plan: TablePlan | null, progress: Progress): Promise<Answer> {
    const taken = await this.shelf.take(plan, progress)
    if ('problem' in taken) return taken
    const answer = await this.keepParts(taken.parts, `Imported ${taken.parts.length} parts`)
    if (!('problem' in answer)) this.shelf.close()
    return answer
  }

  /** A page of a part's manual or a photo of it, kept with the part. */
  addPage(part: string, title: string, picture: string): Promise<Answer> {
    const id = this.on.newId()
    return this.saving(async () => {
      const known = this.shelf.part(part)
      if (!known) return { problem: 'This part is no longer on the shelf.' }
      if (!isPicture(picture)) return noPicture(title)
      await this.on.db.photos.put({ id, picture })
      const after = { ...known, pages: [...(known.pages ?? []), { id, title }] }
      return this.changeShelf(
        [{ id: part, before: this.shelf.isOwn(part) ? known : null, after }],
        `Page ${title ? `“${title}” ` : ''}with ${known.model}`,
      )
    })
  }
  removePage(part: string, page: string): Promise<Answer> {
    return this.saving(async () => {
      const known = this.shelf.part(part)
      if (!known?.pages?.some(p => p.id === page))
        return { problem: 'This page is not here any more.' }
      return this.changeShelf(
        [
          {
            id: part,
            before: this.shelf.isOwn(part) ? known : null,
            after: { ...known, pages: known.pages.filter(p => p.id !== page) },
          },
        ],
        `Removed a page of ${known.model}`,
      )
    })
  }
  async pagesOf(part: string): Promise<Readonly<Record<string, string>>> {
    const found = await this.on.db.photos.bulkGet(
      (this.shelf.part(part)?.pages ?? []).map(p => p.id),
    )
    return Object.fromEntries(found.flatMap(p => (p ? [[p.id, p.picture]] : [])))
  }

  /** A figure that holds for every copy: it goes to the part in this build, and to the shelf where the part is. */
  measurePart(build: string, id: string, path: string, figure: unknown): Promise<Answer> {
    const command: Command = { do: 'setPartFigure', id, path, figure, at: this.on.now() }
    return this.telling(build, () =>
      this.saving(async () => {
        const done = await this.edit(build, command)
        if (isProblem(done)) return done
        const item = (await this.on.db.builds.get(build))?.doc.items.find(i => i.id === id)
        const known = item && this.shelf.part(item.part.id)
        if (!item || !known) return done
        // Only this figure: what else the shelf knows otherwise, and what belongs to the copy, stays where it is.
        const after = partSchema.parse(put(known, path.split('.'), figure))
        const change = { id: known.id, before: this.shelf.isOwn(known.id) ? known : null, after }
        await this.putShelf([change])
        const last = await this.on.db.changes.orderBy('seq').last()
        if (last) await this.on.db.changes.update(last.seq, { shelf: [change] })
        return done
      }),
    )
  }

  /** Takes over what the shelf says of these items' parts now. */
  async takeNewer(build: string, items: readonly string[]): Promise<Answer> {
    const own = ((await this.on.db.builds.get(build))?.doc.items ?? []).filter(i =>
      items.includes(i.id),
    )
    const parts = own.flatMap(i => {
      const known = this.shelf.part(i.part.id)
      return known ? [[i.id, asOnShelf(i.part, known)] as const] : []
    })
    return this.run(build, {
      do: 'setParts',
      parts: Object.fromEntries(parts),
      title:
        own.length === 1
          ? `${own[0]?.part.model ?? ''}: as it is on the shelf now`
          : `${own.length} parts as they are on the shelf now`,
    })
  }

  protected async changeShelf(shelf: readonly ShelfChange[], line: string): Promise<string | null> {
    await this.forgetUndone(this.current ?? '')
    await this.putShelf(shelf)
    await this.on.db.changes.add({
      build: '',
      at: this.on.now(),
      line,
      undone: 0,
      scope: 'desk',
      edit: null,
      whole: null,
      shelf,
    })
    return this.current
  }
}
