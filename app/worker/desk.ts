// The desk: the acts on builds, each answered with the whole new state. Runs in the worker.
import { analyse } from '../../core/analyse'
import { emptyBuild, type Build } from '../../core/build/build'
import type { Horizon } from '../../core/build/resolve'
import { difference, type Difference } from '../../core/compare'
import { isProblem, type Problem } from '../../core/build/command'
import { readFile } from '../../core/exchange/file'
import type { StoredBuild } from '../db/db'
import { LARGEST_FILE, tooLarge } from '../limits'
import { isPicture, noPicture, type Answer } from './keeper'
import { ShelfActs } from './shelf-acts'

export type { Answer, Ask, BuildLine, DeskState } from './keeper'

export class Desk extends ShelfActs {
  /** Keeps a picture beside the build and names it there. `about` is an item, a joint or a task; `picture` a small image as a data URL. */
  attach(build: string, about: string, name: string, picture: string): Promise<Answer> {
    const photo = { id: this.on.newId(), about, at: this.on.now(), name }
    return this.saving(async () => {
      if (!isPicture(picture)) return noPicture(name)
      await this.on.db.photos.put({ id: photo.id, picture })
      return this.edit(build, { do: 'attach', photo, at: photo.at })
    })
  }

  /** The pictures of a build by their ids. */
  async pictures(build: string): Promise<Readonly<Record<string, string>>> {
    const stored = await this.on.db.builds.get(build)
    const pages = (stored?.doc.items ?? []).flatMap(i => i.part.pages ?? [])
    const found = await this.on.db.photos.bulkGet(
      [...(stored?.doc.photos ?? []), ...pages].map(p => p.id),
    )
    return Object.fromEntries(found.flatMap(p => (p ? [[p.id, p.picture]] : [])))
  }

  /** Two builds side by side; null when one of them is not here. */
  async compare(
    one: string,
    other: string,
    horizon: Horizon,
  ): Promise<{
    readonly names: readonly [string, string]
    readonly difference: Difference
  } | null> {
    const [a, b] = await this.on.db.builds.bulkGet([one, other])
    if (!a || !b) return null
    const side = (stored: StoredBuild) =>
      analyse(stored.doc, this.memoOf(stored.id)).horizons[horizon]
    return { names: [a.name, b.name], difference: difference(side(a), side(b)) }
  }

  create(name: string): Promise<Answer> {
    return this.whole(async () => ({
      before: null,
      after: this.stored(emptyBuild(this.on.newId(), name)),
      line: `New build ${name}`,
    }))
  }

  copy(id: string, name: string): Promise<Answer> {
    return this.whole(async () => {
      const stored = await this.on.db.builds.get(id)
      if (!stored) return { problem: 'The build to copy is no longer here.' }
      return {
        before: null,
        after: this.stored({ ...stored.doc, id: this.on.newId(), name }),
        line: `Copied ${stored.name} as ${name}`,
      }
    })
  }

  remove(id: string): Promise<Answer> {
    return this.whole(async () => {
      const stored = await this.on.db.builds.get(id)
      return stored
        ? { before: stored, after: null, line: `Deleted ${stored.name}` }
        : { problem: 'This build was already deleted.' }
    })
  }

  /** Reads a file's builds. One that is here and was changed here stays; the file's then comes beside it. */
  async importText(text: string, name: string): Promise<Answer> {
    if (text.length > LARGEST_FILE) return tooLarge(name, text.length)
    const read = readFile(text, name)
    if ('problem' in read) return read
    const { builds } = read.file
    if (builds.length === 0)
      return {
        problem: `${name} holds no build. Choose a file with at least one; nothing was changed.`,
      }
    return this.saving(async () => {
      let last: string | null = null
      await this.on.db.photos.bulkPut(
        Object.entries(read.file.photos).map(([id, picture]) => ({ id, picture })),
      )
      for (const doc of builds) last = await this.bring(doc, name)
      if (read.file.parts.length > 0)
        await this.changeShelf(
          read.file.parts.map(after => ({
            id: after.id,
            before: this.shelf.isOwn(after.id) ? this.shelf.part(after.id) : null,
            after,
          })),
          `Parts of ${name} for the shelf`,
        )
      this.current = last
      return last
    })
  }

  private async whole(
    make: () => Promise<
      { before: StoredBuild | null; after: StoredBuild | null; line: string } | Problem
    >,
  ): Promise<Answer> {
    return this.saving(async () => {
      const made = await make()
      if (isProblem(made)) return made
      return this.record(made.before, made.after, made.line)
    })
  }

  private async record(
    before: StoredBuild | null,
    after: StoredBuild | null,
    line: string,
  ): Promise<string | null> {
    const id = (after ?? before)?.id ?? ''
    await this.forgetUndone(id)
    if (after) await this.on.db.builds.put(after)
    else await this.on.db.builds.delete(id)
    await this.on.db.changes.add({
      build: id,
      at: this.on.now(),
      line,
      undone: 0,
      scope: 'desk',
      edit: null,
      whole: { before, after },
    })
    if (after) this.current = id
    else if (this.current === id) this.current = null
    return this.current
  }

  private async bring(doc: Build, file: string): Promise<string | null> {
    const here = (await this.on.db.builds.get(doc.id)) ?? null
    const touched =
      here !== null && (await this.on.db.changes.where('build').equals(doc.id).count()) > 0
    const line = `Opened ${doc.name} from ${file}`
    if (!touched) return this.record(here, this.stored(doc), line)
    const names = new Set((await this.on.db.builds.toArray()).map(b => b.name))
    let n = 2
    while (names.has(`${doc.name} (${n})`)) n += 1
    return this.record(
      null,
      this.stored({ ...doc, id: this.on.newId(), name: `${doc.name} (${n})` }),
      line,
    )
  }
}
