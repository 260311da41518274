// What is known of one connector: its row is the only place that says any of it.
import type { Rail } from '../standards/rails'
import type { Look } from './look'

/** The kinds of step that plug something in. */
export const PLUG_STEPS = [
  'power-plug',
  'data-plug',
  'small-plug',
  'fan-plug',
  'panel',
  'outer-plug',
] as const
export type PlugStep = (typeof PLUG_STEPS)[number]

/** Where a connector is found, beside boards and their rear, which may have any. */
export type Carrier =
  | 'supply'
  | 'card'
  | 'card inlet'
  | 'case'
  | 'bracket'
  | 'lead'
  | 'fan'
  | 'light'
  | 'drive'
  | 'backplane'

/**
 * A socket of another shape that the plug fits, and what that costs. `stop` goes in and does not
 * work; `harm` goes in and destroys. Neither is ever planned; a hand can still do it.
 */
export interface OtherSocket {
  readonly socket: string
  readonly verdict: 'clear' | 'watch' | 'stop' | 'harm'
  readonly note: string
  readonly source: string
}

/** What passes at most on each rail, A; `by practice` where no standard says so. */
export interface RailLimit {
  readonly amps: Readonly<Partial<Record<Rail, number>>>
  readonly by: 'standard' | 'practice'
}

/** An adapter from this plug to another one: what it means to feed the other from here. */
export interface Feeding {
  readonly to: readonly string[]
  readonly verdict: 'watch' | 'harm'
  readonly note: string
  readonly source: string
}

export interface Connector {
  readonly name: string
  /** What its socket is, where the name says only what is carried. */
  readonly socket?: 'header' | 'port'
  readonly shape: string
  /** Its socket as one looks into it. */
  readonly look: Look
  readonly key: string
  readonly carries: string
  /** What it may deliver at most: amps on each rail, devices, LEDs. */
  readonly limit: { readonly rails?: RailLimit; readonly ports?: number } | null
  /** Of a power plug: what it feeds, and how many wires of its cable carry each rail. */
  readonly feeds?: 'board' | 'processor' | 'card' | 'drive'
  readonly wires?: Readonly<Partial<Record<Rail, number>>>
  /** What it should not feed by an adapter, and why. */
  readonly adapted?: readonly Feeding[]
  readonly on: readonly Carrier[]
  /** Whether the branches of a lead with several plugs all start at this one. */
  readonly fansOut?: true
  /** Whether a sheet counts it among the headers of a board. */
  readonly counted?: true
  /**
   * How long and thick such a lead usually is, and how large its head, mm. All assumed. `bend` where
   * its pairs lie in one screened jacket: the least radius of its middle, by practice.
   */
  readonly lead: {
    readonly length: number
    readonly thick: number
    readonly head: readonly [number, number]
    readonly bend?: number
  }
  /**
   * How far it stands over its socket before its lead may bend, the plug included, mm. By practice:
   * as such plugs are made; a plug with a bent neck needs less.
   */
  readonly straight?: number
  /** How long such a lead may be by its standard, end to end, mm. */
  readonly longest?: number
  /** What such a plug usually comes apart into, the largest first. */
  readonly pieces?: readonly string[]
  /** Of a plug that comes in two, side by side: the face of its twin. */
  readonly twin?: string
  /** Of a socket: the face of a plug by itself that fills what a smaller one leaves free. */
  readonly further?: string
  /** Whether a picture comes out there. */
  readonly video?: true
  readonly step: PlugStep
  readonly lookAlike: string | null
  readonly seat: string
  readonly alsoInto?: readonly OtherSocket[]
  readonly source: string
}
