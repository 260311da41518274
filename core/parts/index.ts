// All kinds of part, and how one is read from a file.
import { z } from 'zod'
import { adapter, adapterSchema, type Adapter } from './adapter'
import { boardSchema, type Board } from './board-schema'
import { board } from './board'
import { card, cardSchema, type Card } from './card'
import { caseSchema, type Case } from './case-schema'
import { pcCase } from './case'
import { cooler, coolerSchema, type Cooler } from './cooler'
import { drive, driveSchema, type Drive } from './drive'
import { fan, fanSchema, type Fan } from './fan'
import { beeper, beeperSchema, type Beeper } from './beeper'
import { bracket, bracketSchema, type Bracket } from './bracket'
import { device, deviceSchema, type Device } from './device'
import { rail, railSchema, type Rail } from './rail'
import { sensor, sensorSchema, type Sensor } from './sensor'
import { stick, stickSchema, type Stick } from './stick'
import type { Facet } from './facets'
import type { Box } from '../geometry/space'
import type { Draw, End, ItemOf } from './kind'
import { hub, hubSchema, type Hub } from './hub'
import { lead, leadSchema, type Lead } from './lead'
import { light, lightSchema, type Light } from './light'
import { memory, memorySchema, type Memory } from './memory'
import { processor, processorSchema, type Processor } from './processor'
import { sundry, sundrySchema, type Sundry } from './sundry'
import { supply, supplySchema, type Supply } from './supply'
import type { FigureAbout } from '../figures/units'

export interface PartOf {
  case: Case
  board: Board
  processor: Processor
  cooler: Cooler
  memory: Memory
  drive: Drive
  card: Card
  supply: Supply
  fan: Fan
  hub: Hub
  light: Light
  adapter: Adapter
  lead: Lead
  bracket: Bracket
  rail: Rail
  sensor: Sensor
  beeper: Beeper
  stick: Stick
  device: Device
  sundry: Sundry
}
export type PartKind = keyof PartOf
export type Part = PartOf[PartKind]
export type Item<K extends PartKind = PartKind> = { [P in K]: ItemOf<PartOf[P]> }[K]

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
  body?(item: Item): Box | null
  draws?(item: Item): readonly Draw[]
  inlets?(item: Item, key: string): readonly string[]
}

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
  stick,
  device,
  sundry,
} as const
export const PART_KINDS = Object.keys(KINDS) as readonly PartKind[]

export const partSchema = z.discriminatedUnion('kind', [
  caseSchema,
  boardSchema,
  processorSchema,
  coolerSchema,
  memorySchema,
  driveSchema,
  cardSchema,
  supplySchema,
  fanSchema,
  hubSchema,
  lightSchema,
  adapterSchema,
  leadSchema,
  bracketSchema,
  railSchema,
  sensorSchema,
  beeperSchema,
  stickSchema,
  deviceSchema,
  sundrySchema,
])

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
