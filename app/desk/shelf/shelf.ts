// The shelf: shipped parts and one's own over them, as the store has them.
import { isProblem } from '../../../core/document/command'
import { openPart } from '../../../core/document/open'
import { slug } from '../../../core/exchange/table/row'
import type { Part } from '../../../core/parts'
import { indexOf, type ShelfIndex } from '../../../core/shelf/find'
import type { JunturaDb } from '../db'

/** A part in the store that cannot be read, and why. */
export interface AsidePart {
  readonly id: string
  readonly why: string
}

export class Shelf {
  private own = new Map<string, Part>()
  /** Parts in the store that cannot be read. */
  aside: readonly AsidePart[] = []
  /** Counts up whenever the shelf is otherwise. */
  loads = 0
  index: ShelfIndex

  constructor(
    readonly db: JunturaDb,
    private readonly shipped: readonly Part[],
  ) {
    this.index = indexOf(shipped)
  }

  /**
   * Takes one's own parts anew from the store. One that cannot be read is set aside and named; the
   * others are there.
   */
  async load(): Promise<void> {
    const before = this.own
    const own = new Map<string, Part>()
    const aside: AsidePart[] = []
    for (const row of await this.db.parts.toArray()) {
      const read = openPart(row.part, row.version ?? 1)
      if (isProblem(read)) {
        aside.push({ id: row.id, why: read.problem })
        continue
      }
      const known = before.get(row.id)
      own.set(row.id, known && JSON.stringify(known) === JSON.stringify(read) ? known : read)
    }
    this.own = own
    this.aside = aside
    this.index = indexOf(this.all(), this.index)
    this.loads += 1
  }

  all(): readonly Part[] {
    return [...this.shipped.filter(p => !this.own.has(p.id)), ...this.own.values()]
  }
  part(id: string): Part | null {
    return this.own.get(id) ?? this.shippedPart(id)
  }
  /** The parts of these ids that are here. */
  parts(ids: readonly string[]): readonly Part[] {
    return ids.flatMap(id => this.part(id) ?? [])
  }
  ownParts(): readonly Part[] {
    return [...this.own.values()]
  }
  shippedPart(id: string): Part | null {
    return this.shipped.find(p => p.id === id) ?? null
  }
  isOwn(id: string): boolean {
    return this.own.has(id)
  }

  /** An id from a name that no part here has. */
  freshId(name: string, taken: ReadonlySet<string> = new Set()): string {
    const base = slug(name)
    const nth = (n: number): string => (n === 1 ? base : `${base}-${n}`)
    let n = 1
    while (this.part(nth(n)) || taken.has(nth(n))) n += 1
    return nth(n)
  }

  /** All makers that are known. */
  makers(): readonly string[] {
    return [...new Set(this.all().map(p => p.maker))].filter(Boolean)
  }
}
