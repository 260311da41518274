// What every kind of part tells about itself: its schema, its ends, its body, what it draws.
import { z } from 'zod'
import { WALLS, type AirWay, type Wall } from '../case/air'
import type { Spot } from '../geometry/solid'
import type { Turn } from '../geometry/turn'
import { of, type Leaf, type Sum } from '../figures/quantity'
import type { Facet } from './facets'
import { at, holderOf } from './paths'
import {
  BASES,
  figuresOf,
  type Basis,
  readFigure,
  type Figure,
  type FigureAbout,
  type StoredFigure,
} from '../figures/units'
import { DRAW } from '../standards/draws'
import type { Rail } from '../standards/rails'
import type { Ask } from './ask'
import type { Measure, PartSolid } from './bodies/solid'
import type { End } from './end'
import type { Marks } from './mark'

export const READ_IN = ['sheet', 'manual', 'label', 'shop', 'review'] as const
/** Where somebody else's words stand for the maker's. */
const HEARSAY: readonly string[] = ['shop', 'review']
const read = z.looseObject({
  in: z.enum(READ_IN),
  title: z.string().optional(),
  on: z.string().optional(),
})

/** Set on a member of a list that nobody stated. */
export const assumed = z
  .boolean()
  .optional()
  .describe('nobody stated it: such parts usually have it')

/** Whether something sits in its place when the case comes, and at which wall. */
export const fittedSchema = z
  .union([z.boolean(), z.enum(WALLS)])
  .describe('it sits in its place when its case comes: at a wall, or wherever that is')
export type Fitted = boolean | Wall

/** What every part file carries. Unknown keys survive. */
export const base = {
  id: z.string().min(1).describe('unique on the shelf'),
  maker: z.string().default(''),
  model: z.string().min(1),
  price: z.number().nonnegative().nullish().describe('what it costs new, in the shelf’s currency'),
  note: z.string().optional(),
  pack: z
    .number()
    .int()
    .min(2)
    .max(100)
    .nullish()
    .describe('how many are sold as one pack: the price is that of the pack'),
  includes: z
    .array(
      z.looseObject({
        count: z.number().int().min(1).max(30).default(1),
        part: z.looseObject({ kind: z.string(), model: z.string().min(1) }),
        fitted: fittedSchema.optional(),
      }),
    )
    .max(20)
    .optional()
    .describe('what comes with it and is a part of its own: fans, a controller, leads, adapters'),
  software: z
    .union([z.string(), z.looseObject({ needs: z.string(), basis: z.enum(BASES).optional() })])
    .nullish()
    .describe(
      'operating systems and control programs it needs; a bare text is the spec sheet’s, not stated means ask',
    ),
  pages: z
    .array(
      z.looseObject({ id: z.string().regex(/^[A-Za-z0-9.-]+$/), title: z.string().default('') }),
    )
    .optional()
    .describe('pages of its manual and photos, kept beside it, shown at its joints'),
  assumed: z
    .array(z.string())
    .optional()
    .describe(
      'fields that nobody stated: a form, a layout or a default made them up; `*` stands for every ' +
        'member of a list',
    ),
  partly: z
    .array(z.string())
    .optional()
    .describe('lists of which no more than a part is known: there may be more'),
  read: read.optional().describe('where its data was read'),
  reads: z
    .record(z.string(), read)
    .optional()
    .describe('fields that were read elsewhere: path → where'),
}

/** A point in mm in the part’s own frame. */
export const point = z.tuple([z.number(), z.number(), z.number()])

export const point2 = z.tuple([z.number(), z.number()])

/** What is lent is joined like what is here, costs nothing, and is given back by a step. */
export const STATES = ['have', 'ordered', 'wanted', 'later', 'spare', 'lent'] as const

export type State = (typeof STATES)[number]

export const CONDITIONS = ['new', 'known good', 'unknown', 'suspect'] as const

export type Condition = (typeof CONDITIONS)[number]

/** One copy of a part in a build, its own measurements laid over the part’s figures. */
export interface ItemOf<P> {
  readonly id: string
  readonly name: string
  readonly part: P
  readonly state: State
  readonly condition: Condition
  /** Places of this copy that are broken or kept free. */
  readonly marks?: Marks
  /** Its rating, where it is declared to run beyond it. */
  readonly rated?: StoredFigure
  /** How its jumpers stand, by their names. */
  readonly jumpers?: Readonly<Record<string, string>>
  /** Of a case: the pieces that are left out. */
  readonly out?: readonly string[]
  /** Put in turned about, by so many quarters. */
  readonly turned?: Turn
  /** Of a case: which way air goes at its places, where it is not as they are meant. */
  readonly airs?: Readonly<Record<string, AirWay>>
  /** Of a card: it stands upright, on a riser. */
  readonly upright?: boolean
  /** It came with its case, in its place. */
  readonly fitted?: Fitted
  /** What was cut or filed off this copy. */
  readonly cuts?: readonly string[]
}

/**
 * What an item draws from one rail, W, and the ends it comes in by, as many as are joined. `core` is the
 * processor's own voltage: which rail it is made of is the matter of what the processor sits in.
 */
export interface Draw {
  readonly rail: Rail | 'core'
  readonly rest: Sum
  readonly work: Sum
  readonly worst: Sum
  /** In the first seconds, where that is more than at work: disks that spin up. */
  readonly start?: Sum
  /** For what may exceed its sustained draw for moments: by its standard, or as such things do. */
  readonly surges?: Surges
  readonly through: readonly string[]
}

export type Surges = 'by standard' | 'as usual'

/** The rail that feeds what sits at an end, and how much of it arrives. */
export interface Made {
  readonly rail: Rail
  readonly share: number
}

/** Most processors are fed from 12 V, through converters that keep a part of it. */
export const BY_CONVERTER: Made = { rail: '12', share: DRAW.converter.share }

export interface PartGroup<P> {
  readonly id: string
  readonly title: string
  readonly of: (part: P) => boolean
}

export interface KindSpec<K extends string, S extends z.ZodType> {
  readonly kind: K
  readonly title: string
  readonly schema: S
  readonly facets: readonly Facet[]
  /** What parts of the kind are called apart, where they do different things. */
  readonly groups?: readonly PartGroup<z.infer<S>>[]
  /** What one is there for: a disk is no stand-in for a reader. */
  readonly serves?: (part: z.infer<S>) => string
  /** Whether a machine starts without it. */
  readonly dispensable?: true
  /** Whether one more of it can join two ends that do not meet. */
  readonly bridges?: 'adapter' | 'hub' | 'card' | 'lead'
  /** Whether a protective film may be stuck to it. */
  readonly filmed?: true
  /** The kind of step that puts it at its place, where the place does not say. */
  readonly step?: 'hub' | 'strip'
  /** The places where it can be joined, as far as they are known. */
  readonly ends: (item: ItemOf<z.infer<S>>) => readonly End[]
  /** What is not known of those places. */
  readonly asks?: (item: ItemOf<z.infer<S>>) => readonly Ask[]
  /** Its solids in its own frame, made of its figures; none where it has no body that counts. */
  readonly solids?: (item: ItemOf<z.infer<S>>, of: Measure) => readonly PartSolid[]
  /** Where the seat of one of its sockets lies, where that is more than a stated place. */
  readonly seatAt?: (item: ItemOf<z.infer<S>>, end: End, of: Measure) => Spot['origin'] | null
  readonly draws?: (item: ItemOf<z.infer<S>>) => readonly Draw[]
  /**
   * For parts that hand power on: the ends by which what is joined at `key` is fed, in equal parts.
   */
  readonly inlets?: (item: ItemOf<z.infer<S>>, key: string) => readonly string[]
  /** What a processor's own voltage is made of, for parts that a processor sits in. */
  readonly core?: (item: ItemOf<z.infer<S>>) => Made
}

export interface Kind<K extends string, S extends z.ZodType> extends KindSpec<K, S> {
  /** Every figure field of the kind by its path, array members as `*`. */
  readonly figures: ReadonlyMap<string, FigureAbout>
  /**
   * One figure of an item as a leaf for sums; `fallback` where the kind has a default (assumed).
   */
  leaf(item: ItemOf<z.infer<S>>, path: string, fallback?: Figure): Leaf
  /** Its figures as sums, by their paths. */
  measures(item: ItemOf<z.infer<S>>): Measure
}

/**
 * Completes a kind with the reading of its figures. Throws RangeError when a rule asks for a figure
 * that the schema does not have.
 */
export function defineKind<K extends string, S extends z.ZodType>(
  spec: KindSpec<K, S>,
): Kind<K, S> {
  const figures = figuresOf(spec.schema)
  const leaf: Kind<K, S>['leaf'] = (item, path, fallback) => {
    const about = figures.get(patternOf(path))
    if (!about) throw new RangeError(`${spec.kind} has no figure "${path}"`)
    const stored = at(item.part, path) as StoredFigure | undefined
    return {
      ref: `${item.id}:${path}`,
      item: item.id,
      path,
      label: `${figureName(item.part, path, about)} of the ${item.name}`,
      unit: about.unit,
      figure: readFigure(stored, about.unit, basisAt(item.part, path)) ?? fallback ?? null,
      about,
    }
  }
  const measures: Kind<K, S>['measures'] = item => (path, fallback) =>
    of(leaf(item, path, fallback))
  return { ...spec, figures, leaf, measures }
}

/**
 * A figure's name, with that of the lead, header or cable it belongs to where there are several.
 */
export function figureName(part: unknown, path: string, about: FigureAbout): string {
  if (!/(^|\.)\d+\./.test(path)) return about.label
  const holders = [holderOf(path), holderOf(holderOf(path))].map(h => at(part, h))
  const whose = holders
    .flatMap(owner => ['label', 'key'].map(k => at(owner, k)))
    .find(v => typeof v === 'string')
  return typeof whose === 'string' ? `${about.label} (${whose})` : about.label
}

type Told = Readonly<{
  assumed?: readonly string[] | undefined
  reads?: Readonly<Record<string, z.infer<typeof read>>> | undefined
  read?: z.infer<typeof read> | undefined
}>

/** What a field of a part rests on that says nothing of it by itself. */
export function basisAt(part: unknown, path: string): Basis {
  const { assumed, reads, read } = part as Told
  if (isAssumed(assumed, path)) return 'assumed'
  const where = reads?.[path] ?? read
  return where !== undefined && HEARSAY.includes(where.in) ? 'told' : 'spec'
}

/** Whether a field, or what it lies in, is among those that nobody stated. */
function isAssumed(assumed: readonly string[] | undefined, path: string): boolean {
  if (assumed === undefined) return false
  const pattern = patternOf(path)
  return assumed.some(a => pattern === a || pattern.startsWith(`${a}.`))
}

/** A path with its array positions written as `*`, as schemas name them. */
export function patternOf(path: string): string {
  const known = patterns.get(path) ?? path.replace(/(^|\.)\d+(?=\.|$)/g, '$1*')
  patterns.set(path, known)
  return known
}

/** Paths are few and asked for all the time. */
const patterns = new Map<string, string>()
