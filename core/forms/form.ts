// A form from a kind's schema: which fields there are, what each is called, what it takes, what is
// likely, what it means.
import type { z } from 'zod'
import { CONNECTORS, type PlugFace } from '../connectors/connectors'
import { capital } from '../figures/format'
import { TERMS } from '../standards/terms'
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
const HIDDEN = new Set(['kind', 'id', 'pages', 'places'])
/** Words of the schema that read better otherwise. */
const WORDS: Readonly<Record<string, string>> = {
  at: 'place',
  m2: 'M.2',
  pfc: 'power-factor correction',
  usb: 'USB',
  W12: '12 V',
  W5: '5 V',
  W3: '3.3 V',
  A12: '12 V',
  A5: '5 V',
  knows: 'processors it knows',
  does: 'what it does',
  among: 'alternatives',
  to: 'plug at the other end',
}

/** The form of a kind, in the order of its schema. */
export function formOf(kind: PartKind): readonly FormField[] {
  return fieldsOf(KINDS[kind].schema)
}

/**
 * The field of a form that a path leads to; entries of a list by their number. Null where the form
 * has none.
 */
export function fieldAt(fields: readonly FormField[], path: readonly string[]): FormField | null {
  const [key, ...more] = path[0] !== undefined && /^\d+$/.test(path[0]) ? path.slice(1) : path
  const field = fields.find(f => f.key === key)
  return !field || more.length === 0
    ? (field ?? null)
    : 'fields' in field
      ? fieldAt(field.fields, more)
      : null
}

type Node = z.core.$ZodType
interface Def {
  readonly type: string
  readonly innerType?: Node
  readonly element?: Node
  readonly shape?: Readonly<Record<string, Node>>
  readonly entries?: Readonly<Record<string, string | number>>
  readonly items?: readonly Node[]
  readonly options?: readonly Node[]
  readonly values?: readonly (string | number)[]
  readonly checks?: readonly {
    readonly _zod: { readonly def: { readonly check: string; readonly value?: unknown } }
  }[]
}
const defOf = (node: Node): Def => node._zod.def

function fieldsOf(node: Node): readonly FormField[] {
  return Object.entries(inner(node).def.shape ?? {}).flatMap(([key, child]) =>
    HIDDEN.has(key) ? [] : (fieldOf(key, child) ?? []),
  )
}

/** A node without its wrappers: what may be left out, what has a default. */
function inner(node: Node): { readonly def: Def; readonly node: Node; readonly optional: boolean } {
  let at = node
  let optional = false
  for (
    let def = defOf(at);
    def.innerType &&
    ['optional', 'nullable', 'default', 'prefault', 'nonoptional', 'readonly'].includes(def.type);
    def = defOf(at)
  ) {
    optional = optional || def.type !== 'readonly'
    at = def.innerType
  }
  return { def: defOf(at), node: at, optional }
}

const describedAs = (node: Node): string => (node as z.ZodType).description ?? ''

/**
 * The schema’s own words are for this very field; a term of the trade stands in where there are
 * none.
 */
const sentence = (words: string): string =>
  words === '' ? '' : `${capital(words)}${words.endsWith('.') ? '' : '.'}`

function fieldOf(key: string, child: Node): FormField | null {
  const { def, node, optional } = inner(child)
  const figure = aboutFigure(node)
  const about: About = {
    key,
    label: figure?.label ?? WORDS[key] ?? spaced(key),
    help: sentence(figure?.take || describedAs(child) || describedAs(node) || (TERMS[key] ?? '')),
    optional: optional || figure !== null,
  }
  if (figure) return { ...about, takes: 'figure', about: figure }
  switch (def.type) {
    case 'string':
      return { ...about, takes: 'text' }
    case 'number':
      return {
        ...about,
        takes: 'number',
        least: bound(def, 'greater_than'),
        most: bound(def, 'less_than'),
      }
    case 'boolean':
      return { ...about, takes: 'flag' }
    case 'enum':
      return { ...about, takes: 'choice', options: Object.values(def.entries ?? {}).map(option) }
    case 'union':
      return unionOf(about, def)
    case 'tuple':
      return { ...about, takes: 'point', size: def.items?.length ?? 0 }
    case 'object':
      return { ...about, takes: 'group', fields: fieldsOf(node) }
    case 'array':
      return listOf(about, def)
    default:
      return null
  }
}

/** A connector is called by its name, everything else by itself. */
export const called = (value: string | number): string =>
  typeof value !== 'string'
    ? String(value)
    : value in CONNECTORS
      ? CONNECTORS[value as PlugFace].name
      : value in ARCHETYPE
        ? ARCHETYPE[value as Archetype].says
        : value
const option = (value: string | number): Option => ({ value, label: called(value) })

/** A union of plain values is a choice; one that may be a bare text is written as one. */
function unionOf(about: About, def: Def): FormField | null {
  if ((def.options ?? []).some(o => defOf(o).type === 'string')) return { ...about, takes: 'text' }
  const values = (def.options ?? []).map(o => defOf(o).values?.[0])
  return values.every(v => v !== undefined) && values.length > 0
    ? {
        ...about,
        takes: 'choice',
        options: values.flatMap(v => (v === undefined ? [] : [option(v)])),
      }
    : null
}

function listOf(about: About, def: Def): FormField | null {
  if (!def.element) return null
  const one = inner(def.element)
  if (one.def.type === 'string') return { ...about, takes: 'texts' }
  if (one.def.type === 'enum')
    return { ...about, takes: 'choices', options: Object.values(one.def.entries ?? {}).map(option) }
  if (one.def.type !== 'object') return null
  return {
    ...about,
    takes: 'list',
    fields: Object.entries(one.def.shape ?? {}).flatMap(
      ([key, child]) => fieldOf(key, child) ?? [],
    ),
    one: singular(about.label),
  }
}

function bound(def: Def, check: string): number | null {
  const found = def.checks?.map(c => c._zod.def).find(c => c.check === check)
  return typeof found?.value === 'number' ? found.value : null
}

const spaced = (key: string): string =>
  key.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)
const singular = (label: string): string => label.replace(/ies$/, 'y').replace(/(?<!s)s$/, '')
