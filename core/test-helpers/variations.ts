// For tests: a part with one of its fields otherwise, for every field that its schema knows.
import {
  boundOf,
  choicesOf,
  elementOf,
  fieldsIn,
  literalOf,
  sortsOf,
  bare,
  type Node,
} from '../schema/node'
import { AXES_PATTERN } from '../geometry/space'
import { aboutFigure } from '../figures/units'
import { KINDS, partSchema, type Part, type PartKind } from '../parts'

/** A field by its path, members of lists as `*`, and the part with another value there. */
export interface Variation {
  readonly field: string
  readonly part: Part
}

/** The fields that a kind's schema knows, by their paths. */
export function fieldsOfKind(kind: PartKind): readonly string[] {
  const under = (node: Node, path: string): readonly string[] => {
    if (aboutFigure(bare(node).node)) return [path]
    const element = elementOf(node)
    if (element) return [path, ...under(element, `${path}.*`).filter(p => p !== `${path}.*`)]
    const fields = fieldsIn(node)
    if (fields.length === 0) return [path]
    return fields.flatMap(([key, field]) => under(field, path === '' ? key : `${path}.${key}`))
  }
  return [...new Set(under(KINDS[kind].schema, ''))]
}

/** How many members of a list, and how many other values of a field, are tried. */
export interface Breadth {
  readonly members: number
  readonly values: number
}
/** Named choice: what shows in none of these shows nowhere. */
export const WHOLE: Breadth = { members: 14, values: 4 }

/** The variations of a part one after the other, of those fields that are wanted by then. */
export function* variationsOf(
  part: Part,
  isWanted: (field: string) => boolean = () => true,
  breadth = WHOLE,
): Generator<Variation> {
  for (const { field, value } of otherwise(KINDS[part.kind].schema, part, '', breadth)) {
    if (!isWanted(field)) continue
    const read = partSchema.safeParse(value)
    if (read.success) yield { field, part: read.data }
  }
}

interface Other {
  readonly field: string
  readonly value: unknown
}

function otherwise(node: Node, value: unknown, field: string, breadth: Breadth): readonly Other[] {
  const inner = bare(node).node
  const about = aboutFigure(inner)
  if (about) {
    const values = [about.least, about.most, (about.least + about.most) / 2]
    return values
      .slice(0, breadth.values)
      .map(v => ({ field, value: { [about.unit]: v, basis: 'measured' } }))
  }
  const element = elementOf(inner)
  if (element) return ofList(element, Array.isArray(value) ? value : [], field, breadth)
  const fields = fieldsIn(inner)
  if (fields.length > 0) return ofObject(fields, value, field, breadth)
  return simple(inner, value)
    .slice(0, breadth.values)
    .map(v => ({ field, value: v }))
}

function ofObject(
  fields: readonly (readonly [string, Node])[],
  value: unknown,
  field: string,
  breadth: Breadth,
): readonly Other[] {
  const own = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>
  return fields.flatMap(([key, node]) =>
    otherwise(node, own[key], field === '' ? key : `${field}.${key}`, breadth).map(o => ({
      field: o.field,
      value: { ...own, [key]: o.value },
    })),
  )
}

function ofList(
  element: Node,
  list: readonly unknown[],
  field: string,
  breadth: Breadth,
): readonly Other[] {
  const shorter = list.length > 0 ? [{ field, value: list.slice(0, -1) }] : []
  const isPlain = fieldsIn(element).length === 0
  const tried = list.length > 0 ? list.slice(0, breadth.members) : [undefined]
  const changed = tried.flatMap((one, i) =>
    otherwise(element, one, isPlain ? field : `${field}.*`, breadth).map(o => ({
      field: o.field,
      value: list.length > 0 ? list.map((x, k) => (k === i ? o.value : x)) : [o.value],
    })),
  )
  return [...shorter, ...changed]
}

/** Other values of a field that holds no others. */
function simple(node: Node, value: unknown): readonly unknown[] {
  const { type } = bare(node)
  const choices = choicesOf(node).filter(c => c !== value)
  if (choices.length > 0) return choices
  if (type === 'boolean') return [value !== true]
  if (type === 'string' && AXES_PATTERN.test(String(value))) return OTHER_AXES
  if (type === 'string') return [`${typeof value === 'string' ? value : ''}x`]
  if (type === 'number') return numbers(node, value)
  if (type === 'tuple' && Array.isArray(value))
    return value.map((_, i) => value.map((n: number, k) => (k === i ? n + SHIFT : n)))
  if (type === 'tuple')
    return [
      [10, 10],
      [10, 10, 10],
    ]
  if (type === 'literal') return value === undefined ? [literalOf(node)] : []
  return sortsOf(node).flatMap(sort => simple(sort, value))
}
/** Other ways for a thing to lie. */
const OTHER_AXES = ['-x +y +z', '+y +z +x', '+z +x +y']
/** Far enough to matter, mm. */
const SHIFT = 60

function numbers(node: Node, value: unknown): readonly number[] {
  const [least, most] = [boundOf(node, 'least') ?? 0, boundOf(node, 'most') ?? 1000]
  const now = typeof value === 'number' ? value : least
  return [now + 1, now - 1, least, most].filter(n => n !== value)
}
