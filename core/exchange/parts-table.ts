// Parts as a table, one line a part: written so that it is read back equal, and read from anyone's
// spreadsheet by mapped columns.
import Papa from 'papaparse'
import type { z } from 'zod'
import { beyondLimit } from '../document/limits'
import { KINDS, PART_KINDS, partSchema, type Part, type PartKind } from '../parts'
import { called, formOf, type FormField } from '../forms/form'
import { at, put } from '../parts/paths'
import { draftOf } from '../reader/draft/draft'
import type { ReadField, ReadValue } from '../reader/notes'
import { readTyped } from '../reader/typed'
import { aboutFigure, UNITS, type Unit } from '../figures/units'

/**
 * A column of a table that a field of the parts is taken from, and the unit its bare numbers are
 * in, where it is not the field's own.
 */
export interface Mapped {
  readonly column: string
  readonly path: string | null
  readonly unit?: string | undefined
}
export interface TableProblem {
  readonly line: number
  readonly column: string
  readonly sentence: string
}
export interface Table {
  readonly columns: readonly string[]
  readonly rows: readonly (readonly string[])[]
  readonly problem: string | null
}

const FIRST = ['kind', 'id', 'maker', 'model', 'price', 'note']
const isObject = (v: unknown): v is Readonly<Record<string, unknown>> =>
  typeof v === 'object' && v !== null && !Array.isArray(v)
/**
 * Keys with a dot in them, and nothing at all, cannot be told as a path: such objects stay whole.
 */
const isOpen = (v: Readonly<Record<string, unknown>>): boolean => {
  const keys = Object.keys(v)
  return (
    keys.length > 0 &&
    keys.every(k => k === k.trim() && k !== '' && !k.includes('.') && k !== '__proto__')
  )
}

// --- writing ---

/**
 * A cell that a spreadsheet would take for a formula gets an apostrophe, as people write it;
 * reading takes one off.
 */
const guard = (text: string): string => (/^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text)
const unguard = (text: string): string => (/^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text)
/** Text is written as it is, unless it would be read as something else. */
const written = (text: string, known: boolean): string =>
  guard(
    text === '' ||
      text === 'null' ||
      /^["\s]|[\s]$|[\r\0]/.test(text) ||
      (!known && readsOtherwise(text))
      ? JSON.stringify(text)
      : text,
  )
const readsOtherwise = (text: string): boolean => {
  try {
    JSON.parse(text)
    return true
  } catch {
    return false
  }
}

/** A part as cells by their paths. */
export type Cells = ReadonlyMap<string, string>
export function cellsOf(part: Part): Cells {
  const cells = new Map<string, string>()
  const walk = (value: unknown, path: string): void => {
    if (value === undefined) return
    const node = nodeAt(part.kind, path)
    if (isObject(value) && isOpen(value) && node && defOf(node).type === 'object') {
      for (const [key, inner] of Object.entries(value))
        walk(inner, path === '' ? key : `${path}.${key}`)
      return
    }
    cells.set(
      path,
      typeof value === 'string'
        ? written(value, node !== null && isText(node))
        : JSON.stringify(value),
    )
  }
  for (const [key, inner] of Object.entries(part)) walk(inner, key)
  return cells
}

/**
 * The table of parts as CSV: their kind, name and price first, then every path that any of them
 * has.
 */
export const partsTableCsv = (parts: readonly Part[]): string => tableCsv(parts.map(cellsOf))

/** The table from cells that are made already. */
export function tableCsv(cells: readonly Cells[]): string {
  const paths = new Set(cells.flatMap(c => [...c.keys()]))
  const columns = [
    ...FIRST.filter(p => paths.has(p)),
    ...[...paths].filter(p => !FIRST.includes(p)).sort(),
  ]
  return `${Papa.unparse({ fields: columns, data: cells.map(c => columns.map(p => c.get(p) ?? '')) }, { newline: '\r\n' })}\r\n`
}

// --- the schema behind a path ---

interface Def {
  readonly type: string
  readonly innerType?: z.core.$ZodType
  readonly shape?: Readonly<Record<string, z.core.$ZodType>>
  readonly element?: z.core.$ZodType
  readonly options?: readonly z.core.$ZodType[]
}
const defOf = (node: z.core.$ZodType): Def => bare(node)._zod.def
function bare(node: z.core.$ZodType): z.core.$ZodType {
  let here = node
  for (
    let inner = (here._zod.def as unknown as Def).innerType;
    inner;
    inner = (here._zod.def as unknown as Def).innerType
  )
    here = inner
  return here
}
const isText = (node: z.core.$ZodType): boolean =>
  ['string', 'enum', 'literal'].includes(defOf(node).type)

/** What a record holds under a key of its own: not what every object knows by birth. */
const own = <T>(record: Readonly<Record<string, T>> | undefined, key: string): T | null =>
  record && Object.hasOwn(record, key) ? (record[key] ?? null) : null

const nodes = new Map<string, z.core.$ZodType | null>()
function nodeAt(kind: PartKind, path: string): z.core.$ZodType | null {
  const name = `${kind} ${path}`
  const known = nodes.get(name)
  if (known !== undefined) return known
  let here: z.core.$ZodType | null = KINDS[kind].schema
  for (const key of path === '' ? [] : path.split('.'))
    here = here ? own(defOf(here).shape, key) : null
  const found = here && bare(here)
  nodes.set(name, found)
  return found
}

// --- reading ---

/** The longest head of a column, and the deepest path in one: no field has more. Named choices. */
const LONGEST_HEAD = 200
const DEEPEST_PATH = 12

/**
 * Takes a text apart into columns and lines. An empty table, or one without a head, is a problem.
 */
export function tableOf(text: string): Table {
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  })
  const [head, ...rows] = data
  const columns = (head ?? []).map(c => c.trim())
  if (columns.length < 2 || rows.length === 0)
    return {
      columns,
      rows,
      problem:
        'This is no table of parts: its first line has to name the columns, and a line for each part follows. Save it as CSV with a head.',
    }
  const deep = columns.findIndex(c => c.length > LONGEST_HEAD || c.split('.').length > DEEPEST_PATH)
  if (deep >= 0)
    return {
      columns,
      rows,
      problem: `The head of column ${deep + 1} is no field: it has ${columns[deep]?.length ?? 0} characters and ${(columns[deep]?.split('.').length ?? 1) - 1} points. Give it a short name, or take the column out.`,
    }
  const twice = columns.find((c, i) => c !== '' && columns.indexOf(c) !== i)
  return {
    columns,
    rows,
    problem:
      twice === undefined
        ? null
        : `Two columns are called “${twice}”. Give one of them another name.`,
  }
}

/** Every field that a column can be taken for, by its path, with what it is called. */
export function fieldsOfTable(
  kind: PartKind,
): readonly { readonly path: string; readonly label: string }[] {
  const leaves = (
    fields: readonly FormField[],
    path: string,
    label: string,
  ): readonly { path: string; label: string }[] =>
    fields.flatMap(f => {
      const here = path === '' ? f.key : `${path}.${f.key}`
      const said = label === '' ? f.label : `${label}, ${f.label}`
      return f.takes === 'group' ? leaves(f.fields, here, said) : [{ path: here, label: said }]
    })
  return [
    { path: 'kind', label: 'kind' },
    { path: 'id', label: 'id' },
    ...leaves(formOf(kind), '', ''),
    ...(COUNTED[kind] ?? []),
  ]
}

/** Boards and cases are mostly counted in tables: as many headers, bays, fans. */
const COUNTED: Partial<
  Record<PartKind, readonly { readonly path: string; readonly label: string }[]>
> = {
  board: [
    { path: 'memory.slots', label: 'memory slots (count)' },
    { path: 'm2', label: 'M.2 sockets (count)' },
    ...[
      'sata-data',
      'fan-4',
      'usb-3',
      'usb-c',
      'usb-2',
      'light-5',
      'light-12',
      'cpu-8',
      'cpu-4',
    ].map(f => ({ path: `headers.${f}`, label: `${f} headers (count)` })),
  ],
  case: [
    { path: 'bays.3.5', label: '3.5-inch bays (count)' },
    { path: 'bays.2.5', label: '2.5-inch bays (count)' },
    { path: 'bays.5.25', label: '5.25-inch bays (count)' },
    ...['front', 'top', 'rear'].map(w => ({ path: `fans.${w}`, label: `${w} fan places (count)` })),
    { path: 'leads.usb-3', label: 'front USB 3 ports (count)' },
    { path: 'leads.usb-c', label: 'front USB-C ports (count)' },
  ],
}

const ALIAS: Readonly<Record<string, string>> = {
  brand: 'maker',
  manufacturer: 'maker',
  make: 'maker',
  vendor: 'maker',
  name: 'model',
  product: 'model',
  cost: 'price',
  msrp: 'price',
  type: 'kind',
  category: 'kind',
  form: 'form',
  formfactor: 'form',
  notes: 'note',
  comment: 'note',
  plug: 'face',
  connector: 'face',
}
/** A unit or a currency at the end of a head: "Height (mm)", "Height in cm", "Price EUR". */
const HEAD_UNIT =
  /(?:[\s,]+in|,)?\s+(mm|cm|m|inch(?:es)?|g|kg|W|A|V|GB|TB|MHz|EUR|USD|GBP|CHF|€|\$|£)\s*$/i
const simple = (text: string): string =>
  text
    .replace(HEAD_UNIT, '')
    .toLowerCase()
    .replace(/\([^)]*\)|\[[^\]]*\]/g, '')
    .replace(/[^a-z0-9.*]+/g, '')

/**
 * Which column is probably which field: by its path, by what the field is called, by what people
 * call it. Units in brackets or at the end count.
 */
export function guessColumns(columns: readonly string[], kind: PartKind): readonly Mapped[] {
  const fields = fieldsOfTable(kind)
  const taken = new Set<string>()
  return columns.map(column => {
    const short = simple(column)
    // "Fan size" in a table of fans is the size.
    const plain = short.replace(new RegExp(`^${simple(KINDS[kind].title)}(?=.)`), '')
    const path = [
      column,
      ...[...new Set([short, plain])].flatMap(name => [
        own(ALIAS, name) ?? undefined,
        fields.find(f => simple(f.label) === name)?.path,
        fields.find(f => simple(f.path.split('.').at(-1) ?? '') === name)?.path,
      ]),
    ].find(
      p =>
        p !== undefined &&
        !taken.has(p) &&
        (fields.some(f => f.path === p) ||
          nodeAt(kind, p) !== null ||
          (p === column && column.includes('.'))),
    )
    if (path !== undefined) taken.add(path)
    const unit = /[([]\s*([^)\]]+?)\s*[)\]]/.exec(column)?.[1] ?? HEAD_UNIT.exec(column)?.[1]
    return { column, path: path ?? null, ...(unit ? { unit } : {}) }
  })
}

/** What kind a cell names: the kind's own word or its title. */
export const kindNamed = (text: string): PartKind | null =>
  PART_KINDS.find(
    k =>
      k === text.trim().toLowerCase() || KINDS[k].title.toLowerCase() === text.trim().toLowerCase(),
  ) ?? (/graphics/i.test(text) ? 'card' : null)

/** The kind that the first line of a table names in a column of kinds; null where it has none. */
export function kindOfTable({ columns, rows }: Table): PartKind | null {
  const i = columns.findIndex(c => ['kind', 'type', 'category'].includes(simple(c)))
  return i < 0 ? null : kindNamed(rows[0]?.[i] ?? '')
}

type Cell = { readonly value: unknown } | { readonly problem: string }

/** One cell read as its field takes it. */
function readCell(kind: PartKind, path: string, raw: string, unit: string | undefined): Cell {
  const text = unguard(raw)
  const node = nodeAt(kind, path)
  const asJson = (): Cell => {
    try {
      return { value: JSON.parse(text) as unknown }
    } catch {
      return { problem: `“${text.slice(0, 40)}” is not whole JSON` }
    }
  }
  if (/^"/.test(text)) return asJson()
  if (text === 'null') return { value: null }
  if (!node) return readsOtherwise(text) ? asJson() : { value: text }
  const about = aboutFigure(node)
  if (about) {
    if (text.startsWith('{') || (!unit && /^\d+(?:\.\d+)?(?:e[+-]?\d+)?$/i.test(text)))
      return asJson()
    const typed = readTyped(
      /^[\d.,\s]+$/.test(text) && unit && !(UNITS as readonly string[]).includes(unit)
        ? `${text} ${unit}`
        : /^[\d.,\s]+$/.test(text) && unit && unit !== about.unit
          ? `${text} ${unit}`
          : text,
      about.unit,
    )
    return 'value' in typed ? { value: typed.value } : typed
  }
  switch (defOf(node).type) {
    case 'string':
    case 'literal':
      return { value: text }
    case 'enum':
      return { value: choiceOf(node, text) }
    case 'number': {
      const exact = Number(text)
      const n =
        text.trim() !== '' && Number.isFinite(exact)
          ? exact
          : Number(
              text
                .replace(/^[^\d-]*(-?[\d.,]+).*$/, '$1')
                .replace(/,(?=\d{1,2}$)/, '.')
                .replace(/,/g, ''),
            )
      return Number.isFinite(n) && /\d/.test(text)
        ? { value: n }
        : { problem: `“${text}” is no number` }
    }
    case 'boolean':
      return /^(?:true|yes|y|1|ja|x)$/i.test(text)
        ? { value: true }
        : /^(?:false|no|n|0|nein)$/i.test(text)
          ? { value: false }
          : { problem: `“${text}” is neither yes nor no` }
    case 'array':
      return text.startsWith('[')
        ? asJson()
        : /^\d+$/.test(text) && !isText(defOf(node).element ?? node)
          ? { value: Number(text) }
          : {
              value: text
                .split(/\s*[;/]\s*|,\s+/)
                .filter(Boolean)
                .map(word => {
                  const one = defOf(node).element
                  return one ? choiceOf(one, word) : word
                }),
            }
    case 'union':
      return text.startsWith('{') || /^-?\d+(?:\.\d+)?$/.test(text) ? asJson() : { value: text }
    default:
      return asJson()
  }
}

/**
 * A choice in other letters, by its name, or by its number of contacts where only one has so many,
 * is the same choice.
 */
function choiceOf(node: z.core.$ZodType, text: string): string {
  const entries = Object.values(
    (bare(node)._zod.def as unknown as { entries?: Readonly<Record<string, string>> }).entries ??
      {},
  )
  const wires = /^(\d+)[- ]?(?:pins?|wires?)\b/i.exec(text)?.[1]
  const plugs =
    wires === undefined
      ? []
      : entries.filter(e => new RegExp(`^${wires}-(?:pin|wire)\\b`).test(called(e)))
  return (
    entries.find(e => String(e) === text) ??
    entries.find(e => [String(e), called(e)].some(name => simple(name) === simple(text))) ??
    (plugs.length === 1 ? plugs[0] : undefined) ??
    text
  )
}

/**
 * One line as a part, or what is wrong with it, cell by cell. `line` is as a spreadsheet counts,
 * the head being line 1. Where the table names no kind, `kind` is every line's.
 */
export function partOfRow(
  row: readonly string[],
  line: number,
  mapping: readonly Mapped[],
  kind: PartKind | null,
): { readonly part: Part } | { readonly problems: readonly TableProblem[] } {
  const problems: TableProblem[] = []
  const wrong = (column: string, sentence: string): void => {
    problems.push({ line, column, sentence })
  }
  const cell = (path: string): { text: string; column: string } | null => {
    const i = mapping.findIndex(m => m.path === path)
    const text = row[i]?.trim() ?? ''
    return i < 0 || text === '' ? null : { text, column: mapping[i]?.column ?? '' }
  }
  const named = cell('kind')
  const own = named ? kindNamed(named.text) : kind
  if (!own) {
    wrong(
      named?.column ?? 'kind',
      named
        ? `“${named.text}” is no kind of part. Write one of ${PART_KINDS.join(', ')}`
        : 'says no kind. Choose one for the whole table, or add a column',
    )
    return { problems }
  }
  const values = new Map<string, unknown>([['kind', own]])
  mapping.forEach(({ column, path, unit }, i) => {
    const raw = row[i] ?? ''
    if (path === null || path === 'kind' || raw === '') return
    const read = readCell(own, path, raw, unit)
    if ('problem' in read) wrong(column, read.problem)
    else values.set(path, read.value)
  })
  if (row.length > mapping.length)
    wrong(
      '',
      `has ${row.length} cells for ${mapping.length} columns. Put cells with a comma between quotes`,
    )
  if (problems.length > 0) return { problems }
  const part =
    (own === 'board' && !values.has('headers')) ||
    (own === 'case' && !values.has('leads') && !values.has('inner.x'))
      ? counted(own, values)
      : [...values].reduce<unknown>((p, [path, value]) => put(p, path.split('.'), value), {})
  const said = part as { id?: unknown; maker?: unknown; model?: unknown }
  const checked = partSchema.safeParse({
    ...(part as object),
    id:
      typeof said.id === 'string' && said.id !== ''
        ? said.id
        : slug(`${String(said.maker ?? '')} ${String(said.model ?? '')}`),
  })
  if (checked.success) {
    const beyond = beyondLimit(checked.data)
    if (!beyond) return { part: checked.data }
    const column = mapping.find(m => m.path === beyond.path.join('.'))?.column
    wrong(column ?? beyond.path.join('.'), beyond.says)
    return { problems }
  }
  for (const issue of checked.error.issues.slice(0, 3)) {
    const path = issue.path.join('.')
    const label = fieldsOfTable(own).find(f => f.path === path)?.label ?? path
    wrong(
      mapping.find(m => m.path === path)?.column ?? label,
      at(part, path) === undefined
        ? `${label} is not stated, and a ${KINDS[own].title.toLowerCase()} needs it`
        : issue.code === 'invalid_value'
          ? `“${String(at(part, path))}” is no ${label}. Write one of: ${issue.values.map(v => called(String(v))).join(', ')}`
          : `${label}: ${issue.message.toLowerCase()}`,
    )
  }
  return { problems }
}

/** Boards and cases by their counts, as the reader of sheets does it. */
function counted(kind: 'board' | 'case', values: ReadonlyMap<string, unknown>): unknown {
  const fields: readonly ReadField[] = [...values]
    .filter(([path]) => path !== 'kind' && path !== 'id')
    .map(([path, value]) => ({
      path,
      value: value as ReadValue,
      unit: null as Unit | null,
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
