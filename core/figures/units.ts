// What a figure is: a physical value, where it comes from, and how far it may be off.
import { z } from 'zod'
import { bare, elementOf, fieldsIn, type Node } from '../schema/node'

/**
 * Where a figure comes from, the strongest basis first. `told` is hearsay: a shop, somebody's
 * review.
 */
export const BASES = ['measured', 'standard', 'spec', 'told', 'assumed'] as const
export type Basis = (typeof BASES)[number]

/** The units that figures are kept in; the unit is the field's name in a file. */
export const UNITS = [
  'mm',
  'W',
  'A',
  'V',
  'g',
  'dBA',
  'min',
  'pcs',
  'MTs',
  'GB',
  'MHz',
  'MBs',
  'm3h',
] as const
export type Unit = (typeof UNITS)[number]

/** A figure ready for arithmetic. `tol` is in the figure's own unit and is never negative. */
export interface Figure {
  readonly value: number
  readonly basis: Basis
  readonly tol: number
  /** No more than usual of such things: by itself it condemns nothing. */
  readonly usual?: true
}

/** A figure as files hold it: a bare number is the spec sheet's, `null` is "not stated". */
export type StoredFigure =
  | number
  | null
  | {
      readonly basis?: Basis | undefined
      readonly tol?: number | undefined
      readonly on?: string | undefined
      readonly [unit: string]: unknown
    }

/**
 * What is said about a figure once, in its kind's schema: its name, where to put the rule, and
 * which values are likely.
 */
export interface FigureAbout {
  readonly unit: Unit
  readonly label: string
  readonly take: string
  readonly least: number
  readonly most: number
}

const registry = z.registry<FigureAbout>()

/**
 * A schema field that holds a figure. `take` says how to measure it; `likely` bounds the values that
 * are likely (others are questioned, not refused).
 */
export function figure(
  unit: Unit,
  label: string,
  take: string,
  [least, most]: readonly [least: number, most: number],
): z.ZodOptional<z.ZodType<StoredFigure>> {
  const full = z.looseObject({
    [unit]: z.number(),
    basis: z.enum(BASES).optional(),
    tol: z.number().nonnegative().optional(),
    on: z.string().optional(),
  })
  const schema = z
    .union([z.number(), z.null(), full])
    .describe(`${label}, ${unit}`) as z.ZodType<StoredFigure>
  registry.add(schema, { unit, label, take, least, most })
  return schema.optional()
}

/** What is said about a figure field; null for any other field. */
export const aboutFigure = (node: Node): FigureAbout | null =>
  registry.get(node as z.ZodType) ?? null

const LENGTH_TOLERANCE: Record<Basis, number> = {
  measured: 0.5,
  standard: 0.25,
  spec: 1,
  told: 5,
  assumed: 15,
}
const ELECTRICAL_SHARE: Record<Basis, number> = {
  measured: 0,
  standard: 0,
  spec: 0.03,
  told: 0.1,
  assumed: 0.25,
}
const COUNTED: readonly Unit[] = ['pcs', 'MTs', 'GB', 'MHz', 'MBs']

/**
 * The tolerance a figure has when it does not state one: millimetres absolutely, electrical values
 * as a share, counts exactly.
 */
export function defaultTolerance(unit: Unit, value: number, basis: Basis): number {
  if (unit === 'mm') return LENGTH_TOLERANCE[basis]
  if (COUNTED.includes(unit)) return 0
  return Math.abs(value) * ELECTRICAL_SHARE[basis]
}

/** Reads a stored figure, a bare number by the basis of its part; `null` when it is not stated. */
export function readFigure(
  stored: StoredFigure | undefined,
  unit: Unit,
  bare: Basis = 'spec',
): Figure | null {
  if (stored === null || stored === undefined) return null
  if (typeof stored === 'number')
    return { value: stored, basis: bare, tol: defaultTolerance(unit, stored, bare) }
  const value = stored[unit]
  if (typeof value !== 'number') return null
  const basis = stored.basis ?? bare
  return { value, basis, tol: stored.tol ?? defaultTolerance(unit, value, basis) }
}

/** A figure that nobody stated: marked as assumed, with the tolerance of what derived it. */
export function assume(
  value: number,
  unit: Unit,
  tol = defaultTolerance(unit, value, 'assumed'),
): Figure {
  return { value, basis: 'assumed', tol }
}

/** What such things usually are, by custom and not by a standard: it is asked for, never held against. */
export const usual = (
  value: number,
  unit: Unit,
  tol = defaultTolerance(unit, value, 'assumed'),
): Figure => ({ value, basis: 'assumed', tol, usual: true })

/** Between nothing and a ceiling that a standard sets, where the maker is silent. */
export const upTo = (ceiling: number): Figure => ({
  value: ceiling / 2,
  basis: 'assumed',
  tol: ceiling / 2,
})

/** The weakest of several bases: what a verdict built on them is worth. */
export function weakest(bases: readonly Basis[]): Basis {
  return bases.reduce<Basis>(
    (worst, basis) => (BASES.indexOf(basis) > BASES.indexOf(worst) ? basis : worst),
    'measured',
  )
}

/**
 * Finds every figure field of a schema by its path, array members written as `*`
 * (`leads.*.length`).
 */
export function figuresOf(schema: z.ZodType): ReadonlyMap<string, FigureAbout> {
  const found = new Map<string, FigureAbout>()
  const walk = (field: Node, path: readonly string[]): void => {
    const { node } = bare(field)
    const about = aboutFigure(node)
    if (about) {
      found.set(path.join('.'), about)
      return
    }
    const element = elementOf(node)
    if (element) walk(element, [...path, '*'])
    for (const [key, child] of fieldsIn(node)) walk(child, [...path, key])
  }
  walk(schema, [])
  return found
}
