// Power supplies: their outer forms, and how much room each school leaves.
import { SOURCE } from './sources'

export const SUPPLY_FORMS = ['ATX', 'SFX', 'SFX-L', 'TFX', 'Flex', 'AT'] as const
export type SupplyForm = (typeof SUPPLY_FORMS)[number]

/** Width × height × length, mm. ATX supplies are 125 to 220 long: the length is the part's own. */
export const SUPPLY_SIZE: Record<
  SupplyForm,
  { readonly width: number; readonly height: number; readonly length: number | null }
> = {
  ATX: { width: 150, height: 86, length: null },
  SFX: { width: 125, height: 63.5, length: 100 },
  'SFX-L': { width: 125, height: 63.5, length: 130 },
  TFX: { width: 85, height: 65, length: 175 },
  Flex: { width: 81.5, height: 40.5, length: 150 },
  AT: { width: 150, height: 86, length: null },
}

/** The sheet of a plate that a smaller supply is screwed to, mm. */
export const PLATE = { mm: 1.5, source: SOURCE.practice } as const

/** Where the fan of a supply draws its air in. */
export const SUPPLY_FANS = ['large face', 'end', 'no fan'] as const

/** What a supply may do without altogether. */
export const LACKS = ['3.3 V', 'standby'] as const
/** What AT supplies have not: they are older than the soft switch. */
const NEVER_HAD: Partial<Record<SupplyForm, readonly (typeof LACKS)[number][]>> = { AT: LACKS }
export const lacksByForm = (form: SupplyForm | null): readonly (typeof LACKS)[number][] =>
  (form && NEVER_HAD[form]) ?? []

/** The mains switch of an AT supply, as it comes. */
export const MAINS_SWITCHES = [
  'on the supply',
  'at the front, sleeved',
  'bare tabs',
  'none',
] as const

/** What a supply’s sheet may promise to switch off for. */
export const PROTECTIONS = [
  'over-voltage',
  'under-voltage',
  'over-current',
  'over-power',
  'over-temperature',
  'short-circuit',
] as const

/** Named choice: what has to be among them, so that a fault in the supply ends there. */
export const VITAL_PROTECTIONS: readonly (typeof PROTECTIONS)[number][] = [
  'over-voltage',
  'over-current',
  'short-circuit',
]

/** What the plugs of a modular supply add to its length, mm. */
export const MODULAR_PLUGS = { mm: 30, source: SOURCE.assumed } as const

/** How far a card may exceed its sustained power, for how long at most, s. */
export const SURGES = [
  { seconds: 1e-4, label: '100 µs', times: 3 },
  { seconds: 1e-3, label: '1 ms', times: 2.5 },
  { seconds: 1e-2, label: '10 ms', times: 2 },
  { seconds: 0.1, label: '100 ms', times: 1.5 },
] as const
export type Guide = 'newer' | 'newer-small' | 'older'
/**
 * What a supply rides through for those times, as a share of its label, by the guide it was built
 * to.
 */
export const RIDES: Record<
  Guide,
  {
    readonly shares: readonly [number, number, number, number]
    readonly basis: 'standard' | 'assumed'
    readonly says: string
    readonly source: string
  }
> = {
  newer: {
    shares: [2, 1.8, 1.6, 1.2],
    basis: 'standard',
    says: 'newer guide, with a 16-contact plug',
    source: SOURCE.atx12v,
  },
  'newer-small': {
    shares: [1.5, 1.45, 1.35, 1.1],
    basis: 'standard',
    says: 'newer guide, below 450 W or without a 16-contact plug',
    source: SOURCE.atx12v,
  },
  older: {
    shares: [1.3, 1.3, 1.3, 1.3],
    basis: 'assumed',
    says: 'older than the guide',
    source: SOURCE.assumed,
  },
}
/** Below this label the newer guide asks for less, W. */
export const SMALL_SUPPLY = { W: 450, source: SOURCE.atx12v } as const

export type Gauge = 16 | 18 | 20 | 22 | 24
/** What a wire of one cable carries, A, by gauge; taken as 18 AWG where the cable does not say. */
export const WIRE = { 16: 13, 18: 10, 20: 7, 22: 5, 24: 3.5, source: SOURCE.practice } as const
export const USUAL_GAUGE: Gauge = 18
/** Watts that one cable with two heads for a card should carry in all, by gauge. */
export const TWO_HEADS: {
  readonly W: Readonly<Partial<Record<Gauge, number>>>
  readonly source: string
} = { W: { 16: 225, 18: 150 }, source: SOURCE.practice }
/** What stays on at a supply that does not state it, A of 5 V. */
export const STANDBY = { A: 2.5, source: SOURCE.assumed } as const

export const SCHOOLS = ['lean', 'roomy', 'quiet'] as const
export type School = (typeof SCHOOLS)[number]

/**
 * Lean and roomy ask for the label to exceed the worst sustained load by a factor; quiet wants
 * typical work inside a band of the label.
 */
export const SCHOOL: Record<
  School,
  {
    readonly label: string
    readonly factor: number | null
    readonly band: readonly [number, number] | null
    readonly says: string
  }
> = {
  lean: { label: 'Lean', factor: 1.15, band: null, says: 'what the sum needs and a little more' },
  roomy: { label: 'Roomy', factor: 1.33, band: null, says: 'a third more, so that it runs cool' },
  quiet: {
    label: 'Quiet',
    factor: null,
    band: [0.4, 0.6],
    says: 'typical work at 40 to 60 % of the rating',
  },
}

/** What a 16-contact plug may be told over one 8-contact socket of its supply. */
export const CLASS_BY_ONE_SOCKET = { W: 300, source: SOURCE.atx12v } as const
