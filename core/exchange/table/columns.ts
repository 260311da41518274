// A table of anyone's: its columns and lines, and which column is probably which field.
import { keysOf, lastKey } from '../../parts/paths'
import { PLUG_FACES, connector } from '../../connectors/connectors'
import Papa from 'papaparse'
import { formOf, type FormField } from '../../forms/form'
import { KINDS, PART_KINDS, type PartKind } from '../../parts'
import { nodeAt } from './schema'

/**
 * A column of a table that a field of the parts is taken from, and the unit its bare numbers are
 * in, where it is not the field's own.
 */
export interface Mapped {
  readonly column: string
  readonly path: string | null
  readonly unit?: string | undefined
}
export interface Table {
  readonly columns: readonly string[]
  readonly rows: readonly (readonly string[])[]
  readonly problem: string | null
}

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
  const [head = [], ...rows] = data
  const columns = head.map(c => c.trim())
  return { columns, rows, problem: whatIsWrong(columns, rows.length) }
}

function whatIsWrong(columns: readonly string[], lines: number): string | null {
  if (columns.length < 2 || lines === 0)
    return (
      'This is no table of parts: its first line has to name the columns, and a line for each ' +
      'part follows. Save it as CSV with a head.'
    )
  const points = (column: string): number => keysOf(column).length - 1
  const deep = columns.find(c => c.length > LONGEST_HEAD || points(c) >= DEEPEST_PATH)
  if (deep !== undefined)
    return (
      `The head of column ${columns.indexOf(deep) + 1} is no field: it has ${deep.length} ` +
      `characters and ${points(deep)} points. Give it a short name, or take the column out.`
    )
  const twice = columns.find((c, i) => c !== '' && columns.indexOf(c) !== i)
  return twice === undefined
    ? null
    : `Two columns are called “${twice}”. Give one of them another name.`
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
    ...PLUG_FACES.filter(f => connector(f).counted).map(f => ({
      path: `headers.${f}`,
      label: `${f} headers (count)`,
    })),
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

const ALIAS: ReadonlyMap<string, string> = new Map(
  Object.entries({
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
  }),
)
/** A unit or a currency at the end of a head: "Height (mm)", "Height in cm", "Price EUR". */
const HEAD_UNIT =
  /(?:[\s,]+in|,)?\s+(mm|cm|m|inch(?:es)?|g|kg|W|A|V|GB|TB|MHz|EUR|USD|GBP|CHF|€|\$|£)\s*$/i
export const simple = (text: string): string =>
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
  // A table that was saved here holds all kinds, its heads are paths.
  const isOwn = ['kind', 'id'].every(head => columns.includes(head))
  const isField = (path: string, column: string): boolean =>
    fields.some(f => f.path === path) ||
    nodeAt(kind, path) !== null ||
    (path === column && (column.includes('.') || (isOwn && isOfAnyKind(path))))
  const taken = new Set<string>()
  return columns.map(column => {
    const path = likelyPaths(column, kind, fields).find(p => !taken.has(p) && isField(p, column))
    if (path !== undefined) taken.add(path)
    const unit = /[([]\s*([^)\]]+?)\s*[)\]]/.exec(column)?.[1] ?? HEAD_UNIT.exec(column)?.[1]
    return { column, path: path ?? null, ...(unit ? { unit } : {}) }
  })
}

const isOfAnyKind = (path: string): boolean => PART_KINDS.some(kind => nodeAt(kind, path) !== null)

/** What a head may mean, the likeliest first. */
function likelyPaths(
  column: string,
  kind: PartKind,
  fields: ReturnType<typeof fieldsOfTable>,
): readonly string[] {
  const short = simple(column)
  // "Fan size" in a table of fans is the size.
  const called = namesOf(kind).map(simple).join('|')
  const plain = short.replace(new RegExp(`^(${called})(?=.)`), '')
  const meant = [...new Set([short, plain])].flatMap(name => [
    ALIAS.get(name),
    fields.find(f => simple(f.label) === name)?.path,
    fields.find(f => simple(lastKey(f.path)) === name)?.path,
  ])
  return [column, ...meant.flatMap(path => path ?? [])]
}

/** What tables of earlier versions call kinds that have another title now. */
const FORMER: Partial<Readonly<Record<PartKind, string>>> = {
  bracket: 'rear bracket',
  device: 'outer device',
  light: 'lights',
  stick: 'boot stick',
}
/** What a kind is called in tables: its own word, its title with and without the short form. */
const namesOf = (kind: PartKind): readonly string[] => {
  const title = KINDS[kind].title.toLowerCase()
  const former = FORMER[kind]
  return [kind, title, title.replace(/ \(.*\)$/, ''), ...(former ? [former] : [])]
}

/** What kind a cell names. */
export const kindNamed = (text: string): PartKind | null =>
  PART_KINDS.find(k => namesOf(k).includes(text.trim().toLowerCase())) ??
  (/graphics/i.test(text) ? 'card' : null)

/** The kind that the first line of a table names in a column of kinds; null where it has none. */
export function kindOfTable({ columns, rows }: Table): PartKind | null {
  const i = columns.findIndex(c => ['kind', 'type', 'category'].includes(simple(c)))
  return i < 0 ? null : kindNamed(rows[0]?.[i] ?? '')
}
