// A table or a file of parts that was opened: what it would bring, and the parts themselves once
// nothing in it is wrong.
import { isProblem, type Problem } from '../../../core/document/command'
import type { Copy } from '../../../core/document/draft'
import { holdsWhat, listedParts, openNewPart } from '../../../core/document/open'
import {
  fieldsOfTable,
  guessColumns,
  kindOfTable,
  tableOf,
  type Mapped,
  type Table,
} from '../../../core/exchange/table/columns'
import { copyOf, isListOfCopies } from '../../../core/exchange/table/copy'
import { partOfRow, type TableProblem } from '../../../core/exchange/table/row'
import type { Part, PartKind } from '../../../core/parts'
import { groupOf } from '../../../core/shelf/groups'
import { differencesWith, type PartDifferences } from './beside'
import type { Chunks, Progress } from './chunks'
import type { Shelf } from './shelf'

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
  /** Those that are here otherwise: so many, and the first of them field by field. */
  readonly differ: number
  readonly differing: readonly PartDifferences[]
  readonly sample: readonly { readonly title: string; readonly name: string }[]
  readonly problems: readonly TableProblem[]
  readonly wrong: number
  readonly columns: readonly string[]
  readonly plan: TablePlan
  readonly fields: readonly { readonly path: string; readonly label: string }[]
}

/** Named choices: how many problems and examples are shown. */
const SHOWN = { problems: 60, sample: 6, differing: 40 }
const NO_PLAN: TablePlan = { kind: null, mapping: [] }

/** What was opened and is neither taken nor left yet. */
type Pending =
  | { readonly of: 'table'; readonly name: string; readonly table: Table }
  | {
      readonly of: 'file'
      readonly name: string
      readonly raw: readonly unknown[]
      readonly version: number
    }
/** A part, how many lines name it, and what each says of its copy. */
export interface CountedPart {
  readonly part: Part
  readonly count: number
  readonly copies?: readonly Copy[]
}
interface Parts {
  readonly parts: readonly Part[]
  /** Of how many lines each is, by its id. */
  readonly counts: ReadonlyMap<string, number>
  /** What a list of copies says of each, by the id of its part. */
  readonly copies: ReadonlyMap<string, readonly Copy[]>
  readonly problems: readonly TableProblem[]
}
type OnePart =
  | { readonly part: Part; readonly isNameOnly?: boolean; readonly copy?: Copy }
  | { readonly problems: readonly TableProblem[] }

export class IncomingParts {
  private pending: Pending | null = null

  constructor(
    private readonly shelf: Shelf,
    private readonly chunks: Chunks,
  ) {}

  /** Looks at a table or a file of parts; what it holds is kept here until it is taken or left. */
  async open(text: string, name: string, progress: Progress): Promise<ImportPreview | Problem> {
    const listed = listedParts(text)
    if (listed) {
      this.pending = { of: 'file', name, raw: listed.parts, version: listed.version }
      return this.preview(null, progress)
    }
    const table = tableOf(text)
    if (table.problem !== null) return { problem: `${name}: ${table.problem} Nothing was changed.` }
    this.pending = { of: 'table', name, table }
    const kind = kindOfTable(table)
    return this.preview({ kind, mapping: guessColumns(table.columns, kind ?? 'case') }, progress)
  }

  /** The columns taken otherwise, for another kind. */
  guess(kind: PartKind): readonly Mapped[] {
    return this.pending?.of === 'table' ? guessColumns(this.pending.table.columns, kind) : []
  }

  async preview(plan: TablePlan | null, progress: Progress): Promise<ImportPreview | Problem> {
    const { pending } = this
    if (!pending) return NOTHING_OPEN
    const read = await this.readAll(pending, plan ?? NO_PLAN, progress)
    if (isProblem(read)) return read
    const table = pending.of === 'table' ? pending.table : null
    const differing = differencesWith(this.shelf, read.parts)
    const kind = plan?.kind ?? (table && kindOfTable(table))
    return {
      name: pending.name,
      of: pending.of,
      count: read.parts.length,
      known: read.parts.filter(p => this.shelf.part(p.id)).length,
      differ: differing.length,
      differing: differing.slice(0, SHOWN.differing),
      sample: read.parts
        .slice(0, SHOWN.sample)
        .map(p => ({ title: groupOf(p).title, name: `${p.maker} ${p.model}`.trim() })),
      problems: read.problems.slice(0, SHOWN.problems),
      wrong: read.problems.length,
      columns: table?.columns ?? [],
      plan: plan ?? NO_PLAN,
      fields: fieldsOfTable(kind ?? 'case'),
    }
  }

  /** The parts of what was opened; a problem when one of them is wrong, or when it was left off. */
  async take(plan: TablePlan | null, progress: Progress): Promise<readonly Part[] | Problem> {
    const { pending } = this
    if (!pending) return NOTHING_OPEN
    const read = await this.readAll(pending, plan ?? NO_PLAN, progress)
    if (isProblem(read)) return read
    const wrong = read.problems.length
    if (wrong === 0) return read.parts
    return {
      problem:
        `${pending.name} has ${wrong} problems. ` +
        'Mend them first: nothing is imported by halves.',
    }
  }

  /**
   * The parts of a text that is a file or a table of parts and whole; null where it is neither, or
   * where something in it is wrong: then it is read as a sheet, or looked at as a table. What is wrong
   * in a list of copies is told: no sheet looks like one.
   */
  async partsOf(
    text: string,
    name: string,
    progress: Progress,
  ): Promise<readonly CountedPart[] | Problem | null> {
    if (holdsWhat(text) === 'builds') return null
    const preview = await this.open(text, name, progress)
    const { pending } = this
    const isTable = !isProblem(preview) && preview.wrong === 0 && preview.count > 0
    const read = isTable && pending ? await this.readAll(pending, preview.plan, progress) : null
    this.close()
    const [wrong] = isProblem(preview) ? [] : preview.problems
    if (wrong && !isProblem(preview) && isListOfCopies(preview.columns))
      return { problem: `${name}, line ${wrong.line}: ${wrong.sentence}. Nothing was changed.` }
    if (read === null || isProblem(read)) return null
    return read.parts.map(part => {
      const copies = read.copies.get(part.id)
      return { part, count: read.counts.get(part.id) ?? 1, ...(copies && { copies }) }
    })
  }

  close(): void {
    this.pending = null
  }

  private async readAll(
    pending: Pending,
    plan: TablePlan,
    progress: Progress,
  ): Promise<Parts | Problem> {
    const found = new Found(this.shelf)
    const read =
      pending.of === 'table'
        ? await this.chunks.through(
            pending.table.rows,
            (cells, i) => {
              const line = i + BELOW_HEAD
              found.add(line, lineOf(pending.table.columns, { cells, line, plan }))
            },
            progress,
          )
        : await this.chunks.through(
            pending.raw,
            (raw, i) => {
              found.add(i + 1, partOfFile(raw, i + 1, pending.version))
            },
            progress,
          )
    return read ? found : { problem: 'Left off. Nothing was imported.' }
  }
}
const NOTHING_OPEN: Problem = { problem: 'There is no file open. Choose one.' }
/** The head of a table is its line 1. */
const BELOW_HEAD = 2

/** Parts as they are found, each id once. */
class Found implements Parts {
  readonly parts: Part[] = []
  readonly counts = new Map<string, number>()
  readonly copies = new Map<string, Copy[]>()
  readonly problems: TableProblem[] = []
  private readonly lineOf = new Map<string, number>()

  constructor(private readonly shelf: Shelf) {}

  add(line: number, one: OnePart): void {
    if ('problems' in one) {
      this.problems.push(...one.problems)
      return
    }
    const isNameOnly = one.isNameOnly ?? false
    const part = isNameOnly ? this.knownBy(one.part) : one.part
    const { id } = part
    if (one.copy) this.copies.set(id, [...(this.copies.get(id) ?? []), one.copy])
    const before = this.lineOf.get(id)
    if (before === undefined) {
      this.lineOf.set(id, line)
      this.parts.push(part)
      this.counts.set(id, 1)
      return
    }
    // A list of what is in a machine names a part once for each copy.
    if (isNameOnly) {
      this.counts.set(id, (this.counts.get(id) ?? 1) + 1)
      return
    }
    const sentence =
      `“${id}” is the id of line ${before} as well. ` + 'Give one of them another id or model'
    this.problems.push({ line, column: 'id', sentence })
  }

  /** A part that is only named is the shelf’s, where that knows it. */
  private knownBy(part: Part): Part {
    const known = this.shelf
      .all()
      .find(p => p.kind === part.kind && p.maker === part.maker && p.model === part.model)
    return known ?? part
  }
}

/** One line of a table, with what it says of its copy where it is a list of copies. */
function lineOf(
  columns: readonly string[],
  { cells, line, plan }: { cells: readonly string[]; line: number; plan: TablePlan },
): OnePart {
  const read = partOfRow({ cells, line, mapping: plan.mapping }, plan.kind)
  if ('problems' in read || !isListOfCopies(columns)) return read
  const copy = copyOf({ columns, cells, line })
  return 'sentence' in copy ? { problems: [copy] } : { ...read, copy }
}

/** One part of a file, or what is wrong with it by its place in the list. */
function partOfFile(raw: unknown, line: number, version: number): OnePart {
  const read = openNewPart(raw, version)
  return isProblem(read)
    ? { problems: [{ line, column: '', sentence: read.problem }] }
    : { part: read }
}
