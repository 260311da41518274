// A form from a kind's schema: which fields there are, what each is called, what it takes, what is
// likely, what it means.
import {
  bare,
  boundOf,
  choicesOf,
  descriptionOf,
  elementOf,
  fieldsIn,
  literalOf,
  sizeOf,
  sortsOf,
  type Node,
} from '../schema/node'
import { CONNECTORS, type PlugFace } from '../connectors/connectors'
import { capital } from '../figures/format'
import { TERMS } from '../words/fields'
import { aboutFigure, type FigureAbout } from '../figures/units'
import { KINDS, type PartKind } from '../parts'
import { ARCHETYPE, type Archetype } from '../case/layout'

/** A value that can be chosen, and what it is called. */
export interface Option {
  readonly value: string | number
  readonly label: string
}
interface About {
  readonly key: string
  readonly label: string
  readonly help: string
  readonly optional: boolean
  /** Whether it stands under “more”. */
  readonly isRare: boolean
}
/** One field of a form, by what it takes. Lists hold one form for each of their entries. */
export type FormField = About &
  (
    | { readonly takes: 'figure'; readonly about: FigureAbout }
    | { readonly takes: 'text' }
    | { readonly takes: 'number'; readonly least: number | null; readonly most: number | null }
    | { readonly takes: 'flag' }
    | { readonly takes: 'choice' | 'choices'; readonly options: readonly Option[] }
    | { readonly takes: 'texts' }
    | { readonly takes: 'point'; readonly size: number }
    | { readonly takes: 'group'; readonly fields: readonly FormField[] }
    | { readonly takes: 'list'; readonly fields: readonly FormField[]; readonly one: string }
  )

/** Fields that people do not fill in: the kind itself, ids, what is kept beside the part. */
const HIDDEN = new Set(['kind', 'id', 'pages', 'assumed', 'partly', 'read', 'reads'])
/** Words of the schema that read better otherwise. */
const WORDS: Readonly<Record<string, string>> = {
  at: 'place',
  m2: 'M.2',
  keys: 'notches',
  pfc: 'power-factor correction',
  usb: 'USB',
  W12: '12 V',
  W5: '5 V',
  W3: '3.3 V',
  A12: '12 V',
  A5: '5 V',
  tall: 'what stands high on it',
  knows: 'processors it knows',
  does: 'what it does',
  among: 'alternatives',
  to: 'plug at the other end',
  other: 'second plug',
  through: 'hands power on',
  key: 'short name',
  face: 'connector',
  role: 'what it is for',
  rank: 'order of filling',
  ranks: 'ranks (single 1, dual 2)',
  axes: 'which way it lies',
  outlets: 'outputs',
  serves: 'what it feeds',
  own: 'maker’s own plug',
  onward: 'hands its lights on',
  pack: 'sold in packs of',
  includes: 'comes with it',
}
/** What hardly anybody has to fill in: it stands under “more”. */
const RARE: ReadonlySet<string> = new Set([
  ...['key', 'axes', 'rank', 'serves', 'role', 'note', 'pack', 'includes'],
])

/** The form of a kind, in the order of its schema. */
export const formOf = (kind: PartKind): readonly FormField[] => fieldsOf(KINDS[kind].schema)

/**
 * The field of a form that a path leads to; entries of a list by their number. Null where the form
 * has none.
 */
export function fieldAt(fields: readonly FormField[], path: readonly string[]): FormField | null {
  const [first] = path
  const [key, ...more] = first !== undefined && /^\d+$/.test(first) ? path.slice(1) : path
  const field = fields.find(f => f.key === key)
  if (!field || more.length === 0) return field ?? null
  return 'fields' in field ? fieldAt(field.fields, more) : null
}

const fieldsOf = (node: Node): readonly FormField[] =>
  fieldsIn(node).flatMap(([key, child]) => (HIDDEN.has(key) ? [] : (fieldOf(key, child) ?? [])))

/**
 * The schema’s own words are for this very field; a term of the trade stands in where there are
 * none.
 */
const sentence = (words: string): string =>
  words === '' ? '' : `${capital(words)}${words.endsWith('.') ? '' : '.'}`

function fieldOf(key: string, child: Node): FormField | null {
  const { node, optional } = bare(child)
  const figure = aboutFigure(node)
  const about: About = {
    key,
    label: figure?.label ?? WORDS[key] ?? spaced(key),
    help: sentence(figure?.take || descriptionOf(child) || (TERMS[key] ?? '')),
    optional: optional || figure !== null,
    isRare: RARE.has(key),
  }
  return figure ? { ...about, takes: 'figure', about: figure } : plainField(about, node)
}

const OF_TYPE: Partial<Record<string, (about: About, node: Node) => FormField | null>> = {
  string: about => ({ ...about, takes: 'text' }),
  number: (about, node) => ({
    ...about,
    takes: 'number',
    least: boundOf(node, 'least'),
    most: boundOf(node, 'most'),
  }),
  boolean: about => ({ ...about, takes: 'flag' }),
  enum: (about, node) => ({ ...about, takes: 'choice', options: choicesOf(node).map(option) }),
  union: unionOf,
  tuple: (about, node) => ({ ...about, takes: 'point', size: sizeOf(node) }),
  object: (about, node) => ({ ...about, takes: 'group', fields: fieldsOf(node) }),
  array: listOf,
}
const plainField = (about: About, node: Node): FormField | null =>
  OF_TYPE[bare(node).type]?.(about, node) ?? null

/** A connector and an archetype are called by their names, everything else by itself. */
export function called(value: string | number): string {
  if (typeof value !== 'string') return String(value)
  if (value in CONNECTORS) return CONNECTORS[value as PlugFace].name
  return value in ARCHETYPE ? ARCHETYPE[value as Archetype].says : value
}
const option = (value: string | number): Option => ({ value, label: called(value) })

/** A union of plain values is a choice; one that may be a bare text is written as one. */
function unionOf(about: About, node: Node): FormField | null {
  const sorts = sortsOf(node)
  if (sorts.some(sort => bare(sort).type === 'string')) return { ...about, takes: 'text' }
  const values = sorts.flatMap(sort => literalOf(sort) ?? [])
  return values.length === sorts.length && values.length > 0
    ? { ...about, takes: 'choice', options: values.map(option) }
    : null
}

function listOf(about: About, node: Node): FormField | null {
  const element = elementOf(node)
  if (!element) return null
  const { type } = bare(element)
  if (type === 'string') return { ...about, takes: 'texts' }
  if (type === 'enum')
    return { ...about, takes: 'choices', options: choicesOf(element).map(option) }
  if (type !== 'object') return null
  const fields = fieldsIn(element).flatMap(([key, child]) => fieldOf(key, child) ?? [])
  return { ...about, takes: 'list', fields, one: singular(about.label) }
}

const spaced = (key: string): string =>
  key.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)
const singular = (label: string): string => label.replace(/ies$/, 'y').replace(/(?<!s)s$/, '')
