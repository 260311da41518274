// The shelf: shipped parts and one's own over them, found by every keystroke, read from sheets,
// tables and files. Runs in the worker.
import type { Part, PartKind } from '../../core/parts'
import { boardOf, type BoardOutline } from '../../core/outlines/board'
import { boardsUpTo, caseOf, type CaseOutline } from '../../core/outlines/case'
import { formOf, type FormField } from '../../core/forms/form'
import {
  fieldsOfTable,
  guessColumns,
  kindOfTable,
  partOfRow,
  cellsOf,
  slug,
  tableCsv,
  tableOf,
  type Mapped,
  type Table,
  type TableProblem,
} from '../../core/exchange/parts-table'
import { isProblem } from '../../core/document/command'
import { VERSION, writeFile } from '../../core/document/file'
import { listedParts, openNewPart, openPart } from '../../core/document/open'
import { quantity } from '../../core/figures/format'
import { blankOf, draftOf, type Draft } from '../../core/reader/draft/draft'
import { labelOfField } from '../../core/reader/labels'
import { READABLE, readSheet, type Reading } from '../../core/reader/read'
import {
  find,
  indexOf,
  rangesOf,
  type FacetRange,
  type Query,
  type ShelfIndex,
} from '../../core/shelf/find'
import { facetsOf, GROUPS, groupOf, valuesAt } from '../../core/shelf/groups'
import { sideBySide, type SideRow } from '../../core/shelf/side-by-side'
import { checkPart, type PartCheck } from '../../core/shelf/check'
import type { BoardForm } from '../../core/standards/boards'
import type { JunturaDb } from './db'
import { pagesOf, picturesBy } from './pictures'

/** A part as its line in the table: light enough that all of them go to the page at once. */
export interface ShelfRow {
  readonly id: string
  readonly kind: PartKind
  readonly group: string
  readonly title: string
  readonly maker: string
  readonly model: string
  readonly price: number | null
  readonly own: boolean
  readonly cells: Readonly<Record<string, string>>
}

/**
 * A sheet that was read: the part it makes, each field with its words, what is doubtful, what was
 * not read.
 */
export interface ReadDraft {
  readonly kind: PartKind | null
  readonly draft: Draft | null
  readonly read: readonly {
    readonly path: string
    readonly label: string
    readonly value: string
    readonly words: string
    readonly why: string | null
  }[]
  readonly unread: readonly string[]
  readonly unlooked: number
}

export interface TablePlan {
  readonly kind: PartKind | null
  readonly mapping: readonly Mapped[]
}
/**
 * What an import would do: how many parts, what is wrong and where, how many of them are here
 * already.
 */
export interface ImportPreview {
  readonly name: string
  readonly of: 'table' | 'file'
  readonly count: number
  readonly known: number
  readonly sample: readonly { readonly title: string; readonly name: string }[]
  readonly problems: readonly TableProblem[]
  readonly wrong: number
  readonly columns: readonly string[]
  readonly plan: TablePlan
  readonly fields: readonly { readonly path: string; readonly label: string }[]
}
export type Progress = (done: number, of: number) => void

/**
 * Named choices: how many parts are read before the worker listens again, how many problems and
 * examples are shown.
 */
const CHUNK = 50
const SHOWN = { problems: 60, sample: 6 }
const breath = (): Promise<void> => new Promise(done => setTimeout(done, 0))

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
  private index: ShelfIndex = { entries: [] }
  private pending: {
    readonly name: string
    readonly table: Table | null
    readonly raw: readonly unknown[]
    readonly version: number
  } | null = null
  private cancelled = false

  constructor(
    private readonly db: JunturaDb,
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
  ownParts(): readonly Part[] {
    return [...this.own.values()]
  }
  shippedPart(id: string): Part | null {
    return this.shipped.find(p => p.id === id) ?? null
  }
  isOwn(id: string): boolean {
    return this.own.has(id)
  }

  rows(): readonly ShelfRow[] {
    return this.index.entries.map(({ part: p, group }) => ({
      id: p.id,
      kind: p.kind,
      group: group.id,
      title: group.title,
      maker: p.maker,
      model: p.model,
      price: p.price ?? null,
      own: this.own.has(p.id),
      cells: Object.fromEntries(
        facetsOf(p.kind).map(f => [
          f.path,
          valuesAt(p, f)
            .map(v => (typeof v === 'number' ? quantity(v, f.unit ?? 'pcs') : v))
            .join(', '),
        ]),
      ),
    }))
  }
  groups(): readonly {
    readonly id: string
    readonly title: string
    readonly kind: PartKind
    readonly count: number
  }[] {
    return GROUPS.map(g => ({
      id: g.id,
      title: g.title,
      kind: g.kind,
      count: this.index.entries.filter(e => e.group.id === g.id).length,
    }))
  }
  find(query: Query): readonly number[] {
    return find(this.index, query)
  }
  ranges(group: string): readonly FacetRange[] {
    const g = GROUPS.find(x => x.id === group)
    return g ? rangesOf(this.index, g) : []
  }
  compare(ids: readonly string[]): readonly SideRow[] {
    return sideBySide(ids.flatMap(id => this.part(id) ?? []))
  }

  // --- one part ---

  read(text: string, kind: PartKind | null): ReadDraft {
    const reading = readSheet(text, {
      ...(kind ? { kind } : {}),
      makers: [
        ...new Set(
          this.all()
            .map(p => p.maker)
            .filter(Boolean),
        ),
      ],
    })
    const what = reading.kind
    const draft =
      what && READABLE.includes(what) ? draftOf(reading, what, this.freshId(nameOf(reading))) : null
    const line = (f: Reading['fields'][number], why: string | null) => ({
      path: f.path,
      label: what ? labelOfField(what, f.path) : f.path,
      value:
        typeof f.value === 'number'
          ? quantity(f.value, f.unit)
          : Array.isArray(f.value)
            ? f.value.join(', ')
            : f.value === true
              ? 'yes'
              : f.value === false
                ? 'no'
                : String(f.value),
      words: f.words,
      why,
    })
    return {
      kind: what,
      draft,
      read: [
        ...reading.fields.map(f => line(f, null)),
        ...reading.doubtful.map(d => line(d, d.why)),
      ],
      unread: reading.unread,
      unlooked: reading.unlooked,
    }
  }
  blank(kind: PartKind): Draft {
    return blankOf(kind, this.freshId(kind))
  }
  fromCase(
    { largest, ...outline }: Omit<CaseOutline, 'boards'> & { readonly largest: BoardForm },
    maker: string,
    model: string,
  ): Part {
    return caseOf(
      { ...outline, boards: boardsUpTo(largest) },
      { id: this.freshId(`${maker} ${model}`), maker, model },
    )
  }
  fromBoard(outline: BoardOutline, maker: string, model: string): Part {
    return boardOf(outline, { id: this.freshId(`${maker} ${model}`), maker, model })
  }
  /** A copy to be varied: everything of the part, another id and name. */
  vary(id: string): Part | null {
    const p = this.part(id)
    return p && { ...p, id: this.freshId(`${p.maker} ${p.model}`), model: `${p.model} (copy)` }
  }
  form(kind: PartKind): readonly FormField[] {
    return formOf(kind)
  }
  check(part: unknown): PartCheck {
    return checkPart(part)
  }

  private freshId(name: string): string {
    const base = slug(name)
    let n = 1
    while (this.part(n === 1 ? base : `${base}-${n}`)) n += 1
    return n === 1 ? base : `${base}-${n}`
  }

  // --- many parts ---

  /** Looks at a table or a file of parts; what it holds is kept here until it is taken or left. */
  async open(
    text: string,
    name: string,
    progress: Progress,
  ): Promise<ImportPreview | { readonly problem: string }> {
    const listed = listedParts(text)
    if (listed) {
      this.pending = { name, table: null, raw: listed.parts, version: listed.version }
      return this.preview(null, progress)
    }
    const table = tableOf(text)
    if (table.problem !== null) return { problem: `${name}: ${table.problem} Nothing was changed.` }
    this.pending = { name, table, raw: [], version: VERSION }
    const kind = kindOfTable(table)
    return this.preview({ kind, mapping: guessColumns(table.columns, kind ?? 'case') }, progress)
  }

  /** The columns taken otherwise, for another kind. */
  guess(kind: PartKind): readonly Mapped[] {
    return guessColumns(this.pending?.table?.columns ?? [], kind)
  }

  async preview(
    plan: TablePlan | null,
    progress: Progress,
  ): Promise<ImportPreview | { readonly problem: string }> {
    const read = await this.readPending(plan, progress)
    if ('problem' in read) return read
    const { pending } = this
    const kind = plan?.kind ?? (pending?.table ? kindOfTable(pending.table) : null)
    return {
      name: pending?.name ?? '',
      of: pending?.table ? 'table' : 'file',
      count: read.parts.length,
      known: read.parts.filter(p => this.part(p.id)).length,
      sample: read.parts
        .slice(0, SHOWN.sample)
        .map(p => ({ title: groupOf(p).title, name: `${p.maker} ${p.model}`.trim() })),
      problems: read.problems.slice(0, SHOWN.problems),
      wrong: read.problems.length,
      columns: pending?.table?.columns ?? [],
      plan: plan ?? { kind: null, mapping: [] },
      fields: fieldsOfTable(kind ?? 'case'),
    }
  }

  /** The parts of what was opened; a problem when one of them is wrong, or when it was left off. */
  async take(
    plan: TablePlan | null,
    progress: Progress,
  ): Promise<{ readonly parts: readonly Part[] } | { readonly problem: string }> {
    const read = await this.readPending(plan, progress)
    if ('problem' in read) return read
    if (read.problems.length > 0)
      return {
        problem: `${this.pending?.name ?? 'The file'} has ${read.problems.length} problems. Mend them first: nothing is imported by halves.`,
      }
    return { parts: read.parts }
  }

  cancel(): void {
    this.cancelled = true
  }
  close(): void {
    this.pending = null
  }

  private async readPending(
    plan: TablePlan | null,
    progress: Progress,
  ): Promise<
    | { readonly parts: readonly Part[]; readonly problems: readonly TableProblem[] }
    | { readonly problem: string }
  > {
    const { pending } = this
    if (!pending) return { problem: 'There is no file open. Choose one.' }
    const parts: Part[] = []
    const problems: TableProblem[] = []
    const lines = new Map<string, number>()
    const read = await this.through<unknown, void>(
      pending.table?.rows ?? pending.raw,
      (row, i) => {
        const line = pending.table ? i + 2 : i + 1
        const one = pending.table
          ? partOfRow(row as readonly string[], line, plan?.mapping ?? [], plan?.kind ?? null)
          : partOfFile(row, line, pending.version)
        if ('problems' in one) {
          problems.push(...one.problems)
          return
        }
        const before = lines.get(one.part.id)
        if (before === undefined) {
          lines.set(one.part.id, line)
          parts.push(one.part)
        } else
          problems.push({
            line,
            column: 'id',
            sentence: `“${one.part.id}” is the id of line ${before} as well. Give one of them another id or model`,
          })
      },
      progress,
    )
    if (!read) return { problem: 'Left off. Nothing was imported.' }
    return { parts, problems }
  }

  // --- out ---

  /** The parts as a table; null when it was left off. */
  async csv(ids: readonly string[], progress: Progress): Promise<string | null> {
    const cells = await this.through(
      ids.flatMap(id => this.part(id) ?? []),
      cellsOf,
      progress,
    )
    return cells && tableCsv(cells)
  }

  /** The parts as a file in the open format, with their pages; null when it was left off. */
  async file(ids: readonly string[], progress: Progress): Promise<string | null> {
    const parts = await this.through(
      ids.flatMap(id => this.part(id) ?? []),
      p => p,
      progress,
    )
    if (!parts) return null
    const pages = await picturesBy(this.db, parts.flatMap(pagesOf))
    return writeFile({ parts, photos: pages })
  }

  /** Does something with each, a breath between chunks; null when it is left off meanwhile. */
  private async through<T, R>(
    list: readonly T[],
    each: (one: T, i: number) => R,
    progress: Progress,
  ): Promise<readonly R[] | null> {
    this.cancelled = false
    const done: R[] = []
    for (let i = 0; i < list.length; i += CHUNK) {
      if (i > 0) {
        progress(i, list.length)
        await breath()
      }
      if (this.cancelled) return null
      for (let k = i; k < Math.min(i + CHUNK, list.length); k++) done.push(each(list[k] as T, k))
    }
    progress(list.length, list.length)
    return done
  }
}

const nameOf = (reading: Reading): string =>
  ['maker', 'model']
    .map(path => [...reading.fields, ...reading.doubtful].find(f => f.path === path)?.value ?? '')
    .join(' ')

/** One part of a file, or what is wrong with it by its place in the list. */
function partOfFile(
  raw: unknown,
  line: number,
  version: number,
): { readonly part: Part } | { readonly problems: readonly TableProblem[] } {
  const read = openNewPart(raw, version)
  return isProblem(read)
    ? { problems: [{ line, column: '', sentence: read.problem }] }
    : { part: read }
}
