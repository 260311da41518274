// All kinds of part, and how one is read from a file.
import { z } from 'zod'
import { adapter } from './adapter'
import { board } from './board'
import { card } from './card'
import { pcCase } from './case'
import { cooler } from './cooler'
import { drive } from './drive'
import { battery } from './battery'
import { fan } from './fan'
import { beeper } from './beeper'
import { bracket } from './bracket'
import { device } from './device'
import { rail } from './rail'
import { sensor } from './sensor'
import { stick } from './stick'
import type { Facet } from './facets'
import type { Spot } from '../geometry/solid'
import type { Draw, ItemOf, Made } from './kind'
import type { Ask } from './ask'
import type { Measure, PartSolid } from './bodies/solid'
import type { End } from './end'
import { hub } from './hub'
import { lead } from './lead'
import { light } from './light'
import { memory } from './memory'
import { processor } from './processor'
import { sundry } from './sundry'
import { supply } from './supply'
import type { FigureAbout } from '../figures/units'

/** In the order in which a builder names them. */
export const KINDS = {
  case: pcCase,
  board,
  processor,
  cooler,
  memory,
  drive,
  card,
  supply,
  fan,
  hub,
  light,
  adapter,
  lead,
  bracket,
  rail,
  sensor,
  beeper,
  battery,
  stick,
  device,
  sundry,
} as const

export type PartOf = { [K in keyof typeof KINDS]: z.infer<(typeof KINDS)[K]['schema']> }
export type PartKind = keyof PartOf
export type Part = PartOf[PartKind]
export type Item<K extends PartKind = PartKind> = { [P in K]: ItemOf<PartOf[P]> }[K]
export const PART_KINDS = Object.keys(KINDS) as readonly PartKind[]

interface AnyGroup {
  readonly id: string
  readonly title: string
  of(part: Part): boolean
}

/** What is asked of a kind when only the item is at hand. */
interface AnyKind {
  readonly kind: PartKind
  readonly title: string
  readonly figures: ReadonlyMap<string, FigureAbout>
  readonly facets: readonly Facet[]
  readonly groups?: readonly AnyGroup[]
  readonly dispensable?: true
  readonly bridges?: 'adapter' | 'hub' | 'card' | 'lead'
  readonly filmed?: true
  readonly step?: 'hub' | 'strip'
  serves?(part: Part): string
  ends(item: Item): readonly End[]
  asks?(item: Item): readonly Ask[]
  solids?(item: Item, of: Measure): readonly PartSolid[]
  seatAt?(item: Item, end: End, of: Measure): Spot['origin'] | null
  measures(item: Item): Measure
  draws?(item: Item): readonly Draw[]
  inlets?(item: Item, key: string): readonly string[]
  core?(item: Item): Made
}

const schemas = PART_KINDS.map(kind => KINDS[kind].schema)
type AnySchema = (typeof schemas)[number]
export const partSchema = z.discriminatedUnion('kind', schemas as [AnySchema, ...AnySchema[]])

/**
 * A kind, and that of an item. The one place that forgets which kind it is: the item's own `kind`
 * says it again.
 */
export const specOf = (kind: PartKind): AnyKind => KINDS[kind]
export const kindOf = (item: { readonly part: { readonly kind: PartKind } }): AnyKind =>
  specOf(item.part.kind)

export const isKind =
  <K extends PartKind>(kind: K) =>
  (item: Item): item is Item & ItemOf<PartOf[K]> =>
    item.part.kind === kind
