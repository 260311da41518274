// A Zod schema taken apart: the one place that looks inside one. Forms, tables, checks and the
// format's page ask here what a field takes.
import type { z } from 'zod'

export type Node = z.core.$ZodType

/** What Zod keeps of a schema, as far as it is asked for here. */
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

/** A schema without what wraps it: what may be left out, what has a default. */
export interface Bare {
  readonly node: Node
  /** Zod's word for what it takes: string, number, boolean, enum, object, array, tuple, union. */
  readonly type: string
  readonly optional: boolean
}

const WRAPPERS = ['optional', 'nullable', 'default', 'prefault', 'nonoptional', 'readonly']

export function bare(node: Node): Bare {
  let inner = node
  let optional = false
  for (let def = defOf(inner); def.innerType && WRAPPERS.includes(def.type); def = defOf(inner)) {
    optional = optional || def.type !== 'readonly'
    inner = def.innerType
  }
  return { node: inner, type: defOf(inner).type, optional }
}

/** The fields of an object, in the order of the schema; none for anything else. */
export const fieldsIn = (node: Node): readonly (readonly [key: string, Node])[] =>
  Object.entries(defOf(bare(node).node).shape ?? {})

/** What an object holds under a key of its own: not what every object knows by birth. */
export function fieldIn(node: Node, key: string): Node | null {
  const { shape } = defOf(bare(node).node)
  return shape && Object.hasOwn(shape, key) ? (shape[key] ?? null) : null
}

/** What a list is of; null for anything else. */
export const elementOf = (node: Node): Node | null => defOf(bare(node).node).element ?? null

/** The values of a choice; none for anything else. */
export const choicesOf = (node: Node): readonly (string | number)[] =>
  Object.values(defOf(bare(node).node).entries ?? {})

/** The sorts that a union takes; none for anything else. */
export const sortsOf = (node: Node): readonly Node[] => defOf(bare(node).node).options ?? []

/** The one value that a literal is; undefined for anything else. */
export const literalOf = (node: Node): string | number | undefined => defOf(node).values?.[0]

/** How many numbers a point has. */
export const sizeOf = (node: Node): number => defOf(bare(node).node).items?.length ?? 0

/** The least or the most that a number may be; null where it has no such bound. */
export function boundOf(node: Node, side: 'least' | 'most'): number | null {
  const check = side === 'least' ? 'greater_than' : 'less_than'
  const defs = defOf(bare(node).node).checks?.map(c => c._zod.def) ?? []
  const value = defs.find(d => d.check === check)?.value
  return typeof value === 'number' ? value : null
}

/** What the schema itself says of a field, outside or inside of its wrappers. */
export const descriptionOf = (node: Node): string =>
  describedAs(node) || describedAs(bare(node).node)
const describedAs = (node: Node): string => (node as z.ZodType).description ?? ''
