// One line of a table as a part, or what is wrong with it, cell by cell.
import { within } from '../../figures/format'
import type { z } from 'zod'
import { beyondLimit } from '../../document/limits'
import { called } from '../../forms/form'
import { KINDS, PART_KINDS, partSchema, type Part, type PartKind } from '../../parts'
import { at, put } from '../../parts/paths'
import { draftOf } from '../../reader/draft/draft'
import type { ReadField, ReadValue } from '../../reader/notes'
import { readCell } from './cell'
import { fieldsOfTable, kindNamed, type Mapped } from './columns'

export interface TableProblem {
  readonly line: number
  readonly column: string
  readonly sentence: string
}

/** A line as it stands in its table: what its cells are, and which line a spreadsheet calls it. */
export interface TableLine {
  readonly cells: readonly string[]
  /** The head is line 1. */
  readonly line: number
  readonly mapping: readonly Mapped[]
}
type Complaint = Omit<TableProblem, 'line'>
type Read =
  /** `isNameOnly`: the line names the part and says nothing of what it is. */
  | { readonly part: Part; readonly isNameOnly: boolean }
  | { readonly problems: readonly TableProblem[] }

/** What a list of a machine's parts says of each. */
const NAMING: ReadonlySet<string> = new Set(['kind', 'id', 'maker', 'model', 'price', 'note'])

/** Reads a line. Where the table names no kind, `kind` is every line's. */
export function partOfRow(row: TableLine, kind: PartKind | null): Read {
  const wrong = (...complaints: readonly Complaint[]): Read => ({
    problems: complaints.map(c => ({ line: row.line, ...c })),
  })
  const own = kindOf(row, kind)
  if (typeof own !== 'string') return wrong(own)
  const values = valuesOf(row, own)
  if (!(values instanceof Map)) return wrong(...values)
  const part = laidOut(own, values)
  const checked = partSchema.safeParse({ ...part, id: idOf(part) })
  if (!checked.success)
    return wrong(
      ...checked.error.issues
        .slice(0, MOST_TOLD)
        .map(issue => complaintOf(issue, part, own, row.mapping)),
    )
  const beyond = beyondLimit(checked.data)
  const isNameOnly = [...values.keys()].every(path => NAMING.has(path))
  if (!beyond) return { part: checked.data, isNameOnly }
  const path = beyond.path.join('.')
  return wrong({ column: columnOf(row.mapping, path) ?? path, sentence: beyond.says })
}
/** Named choice: so much that is wrong with one line is told at once. */
const MOST_TOLD = 3

const columnOf = (mapping: readonly Mapped[], path: string): string | undefined =>
  mapping.find(m => m.path === path)?.column

function kindOf({ cells, mapping }: TableLine, kind: PartKind | null): PartKind | Complaint {
  const i = mapping.findIndex(m => m.path === 'kind')
  const text = cells[i]?.trim() ?? ''
  if (text === '')
    return (
      kind ?? {
        column: 'kind',
        sentence: 'says no kind. Choose one for the whole table, or add a column',
      }
    )
  const named = kindNamed(text)
  return (
    named ?? {
      column: mapping[i]?.column ?? 'kind',
      sentence: `“${text}” is no kind of part. Write one of ${PART_KINDS.join(', ')}`,
    }
  )
}

/** The values of a line by their paths, or what is wrong with its cells. */
function valuesOf(
  { cells, mapping }: TableLine,
  kind: PartKind,
): Map<string, unknown> | readonly Complaint[] {
  const values = new Map<string, unknown>([['kind', kind]])
  const complaints: Complaint[] = []
  mapping.forEach(({ column, path, unit }, i) => {
    const raw = cells[i] ?? ''
    if (path === null || path === 'kind' || raw === '') return
    const read = readCell(kind, path, raw, unit)
    if ('problem' in read) complaints.push({ column, sentence: read.problem })
    else values.set(path, read.value)
  })
  if (cells.length > mapping.length)
    complaints.push({
      column: '',
      sentence:
        `has ${cells.length} cells for ${mapping.length} columns. ` +
        'Put cells with a comma between quotes',
    })
  return complaints.length > 0 ? complaints : values
}

/** Values laid into a part by their paths; boards and cases that are only counted, by an outline. */
function laidOut(kind: PartKind, values: ReadonlyMap<string, unknown>): Named {
  const isCounted =
    (kind === 'board' && !values.has('headers')) ||
    (kind === 'case' && !values.has('leads') && !values.has('inner.x'))
  if (isCounted) return counted(kind, values)
  const begun: unknown = kind === 'processor' ? { power: {} } : {}
  return [...values].reduce<unknown>(
    (part, [path, value]) => put(part, path, value),
    begun,
  ) as Named
}

/** What of an unchecked part makes its id. */
interface Named {
  readonly id?: unknown
  readonly maker?: unknown
  readonly model?: unknown
}
function idOf({ id, maker, model }: Named): string {
  if (typeof id === 'string' && id !== '') return id
  const text = (v: unknown): string =>
    typeof v === 'string' || typeof v === 'number' ? String(v) : ''
  return slug(`${text(maker)} ${text(model)}`)
}

function complaintOf(
  issue: z.core.$ZodIssue,
  part: Named,
  kind: PartKind,
  mapping: readonly Mapped[],
): Complaint {
  const path = issue.path.join('.')
  const label = fieldsOfTable(kind).find(f => f.path === path)?.label ?? path
  const column = columnOf(mapping, path) ?? label
  const value = at(part, path)
  if (value === undefined)
    return {
      column,
      sentence: `${label} is not stated, and a ${within(KINDS[kind].title)} needs it`,
    }
  if (issue.code !== 'invalid_value')
    return { column, sentence: `${label}: ${issue.message.toLowerCase()}` }
  const choices = issue.values.map(v => called(String(v))).join(', ')
  return {
    column,
    sentence: `“${textOf(value)}” is no ${label}. Write one of: ${choices}`,
  }
}
const textOf = (value: unknown): string =>
  typeof value === 'string' ? value : JSON.stringify(value)

/** Boards and cases by their counts, as the reader of sheets does it. */
function counted(kind: PartKind, values: ReadonlyMap<string, unknown>): Named {
  const fields: readonly ReadField[] = [...values]
    .filter(([path]) => path !== 'kind' && path !== 'id')
    .map(([path, value]) => ({
      path,
      value: value as ReadValue,
      unit: null,
      basis: 'spec',
      words: '',
    }))
  const id = values.get('id')
  const { part } = draftOf({ kind, fields, doubtful: [] }, kind, typeof id === 'string' ? id : '-')
  return { ...part, id: id ?? '' }
}

/** An id from a name: letters and digits, dashes between. */
export const slug = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'part'
