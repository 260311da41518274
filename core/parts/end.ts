// A place where an item can be joined: its shape, where it is, what has to agree there, what passes.
import type { Box, Frame, Vec3 } from '../geometry/space'
import type { Sum } from '../figures/quantity'
import type { Face } from '../connectors/connectors'
import type { Rail } from '../standards/rails'
import { isSameName, isSameSocket } from '../standards/names'
import type { EndMark } from './mark'

export type Need = 'must' | 'should' | 'may'

/** A member of a list in a part's data, counted from 0. */
export interface Member {
  readonly list: string
  readonly index: number
}

/** What can have to agree where two ends are joined, in the order in which it is told. */
export const TRAITS = [
  ...(['key', 'length', 'protocol', 'size', 'face', 'form'] as const),
  ...(['job', 'own', 'side', 'socket', 'type', 'use', 'volts'] as const),
] as const

export type Trait = (typeof TRAITS)[number]

export type Traits = Readonly<Partial<Record<Trait, readonly string[]>>>

/** The traits that both ends name. Asked of every plug and socket that could meet: one loop. */
export function inCommon(plug: Traits, socket: Traits): readonly Common[] {
  const common: Common[] = []
  for (const trait of TRAITS) {
    const [wanted, offered] = [plug[trait], socket[trait]]
    if (wanted && offered) common.push({ trait, wanted, offered })
  }
  return common
}
/** Traits that are names: sheets spell them in several ways. */
const SPELT: Readonly<Partial<Record<Trait, (a: string, b: string) => boolean>>> = {
  own: isSameName,
  socket: isSameSocket,
}

/** Whether one of what is wanted is offered. */
export const isMet = ({ trait, wanted, offered }: Common): boolean =>
  wanted.some(w => offered.includes(w)) || wanted.some(w => offered.some(o => SPELT[trait]?.(w, o)))

interface Common {
  readonly trait: Trait
  readonly wanted: readonly string[]
  readonly offered: readonly string[]
}

/**
 * What passes between socket and plug and is counted: current, ports for data, LEDs, the power class
 * that a plug tells its card.
 */
export type Supplied = 'amps' | 'ports' | 'lights' | 'class'

/** What a cable that comes off its supply finds there. */
export interface AtSupply {
  /** The sockets that take it, by key, and how many of them it needs. */
  readonly into: readonly string[]
  readonly takes: number
  /** How far the farthest of them is from the middle of their side, mm; 0 where nobody states it. */
  readonly fromMiddle: number
}

/** A place where an item can be joined. */
export interface End {
  /** Unique within the part and stable. */
  readonly key: string
  /** What of the part's data it stands for, where that is a member of a list. */
  readonly from: Member | null
  readonly face: Face
  readonly sex: 'plug' | 'socket'
  /** What is printed there. */
  readonly label: string
  /**
   * Where it is in the part’s own frame; null when it hangs on a lead or its place is not known.
   */
  readonly at: Vec3 | null
  /**
   * The own end whose place its own frame is, where the part lies in several: a radiator’s fans are
   * where the radiator is. Null for the part’s own.
   */
  readonly stays: string | null
  /** The frame of whatever is joined here, within the part’s own; for mechanical sockets. */
  readonly seat: Frame | null
  /** The lead it hangs on; plugs of one cable name their chain, and say when they share it. */
  readonly lead: {
    readonly length: Sum
    readonly exit: Vec3
    readonly chain?: string
    /** The largest piece of its plug, where that comes in pieces: so it goes through holes. */
    readonly head?: Face
    /** Whether it does come in pieces, where such plugs usually do: stated, or nobody says. */
    readonly apart?: 'stated' | 'not stated'
    readonly shared?: boolean
    /** For a cable that comes off its supply. */
    readonly atSupply?: AtSupply | undefined
  } | null
  /** What has to agree: each trait named by both sides must share a value. */
  readonly traits: Traits
  readonly takes: Readonly<Partial<Record<Supplied, Sum>>>
  readonly gives: Readonly<Partial<Record<Supplied, Sum>>>
  /** The current that its contacts stand, rail by rail, whichever way it flows. */
  readonly limits: Readonly<Partial<Record<Rail, Sum>>>
  readonly need: Need
  /** Broken, kept free or not wanted: nothing is planned there. */
  readonly marked: EndMark | null
  /** Nobody stated that it is there: such parts usually have it. */
  readonly assumed: boolean
  /** Lower is preferred by the part’s own table (memory slots, numbered ports). */
  readonly rank: number
  /** How fast it is, GB/s one way: what a socket carries, what a plug makes use of. */
  readonly pace: number | null
  /** How many like pairs of ends a joint here stands for: the screws of a board. */
  readonly count: number
  /** What it is meant for, where sockets of one face differ in purpose. */
  readonly role: string | null
  /**
   * Ends of which only some are used. `one-of`: exactly one. `whole-or-split`: the whole, or its
   * halves. `both`: a lead joins at all of its ends or at none. `any-of`: one is enough, more may
   * be used.
   */
  readonly among: {
    readonly group: string
    readonly how: 'one-of' | 'whole-or-split' | 'both' | 'any-of'
    readonly whole?: boolean
  } | null
  /** Own ends that have to be joined as soon as this one is: an adapter's inlets. */
  readonly follows: readonly string[]
  /**
   * Own ends that die when something is joined here, always or only when what is joined has such a
   * trait: shares and switches.
   */
  readonly shuts: readonly {
    readonly keys: readonly string[]
    readonly when: readonly [trait: Trait, value: string] | null
  }[]
  /** Where its part stands in the case's frame, where that is not at the socket: on a riser. */
  readonly standsAt: Frame | null
  /** How high what is joined here stands over the part, mm; 0 where it leaves sideways. */
  readonly joinedHeight: number
  /**
   * The body that comes with this plug, in the frame of the seat: it covers what needs more height
   * than it leaves.
   */
  readonly solid: Box | null
  /** What sockets of one part have together: the amps of a hub, the LEDs that it drives. */
  readonly shared: {
    readonly key: string
    readonly amps: Sum | null
    readonly lights: Sum | null
  } | null
}

/** Whether it is a pump's plug, wherever its owner wants it. */
export const isPump = ({ role }: Pick<End, 'role'>): boolean =>
  role === 'pump' || role === GUARDED_PUMP
/** A pump that is wanted on the processor's header, where the board sees it stand still. */
export const GUARDED_PUMP = 'guarded pump'

/** The lead that a socket hangs on: it comes to meet the plug. Null where the socket is fixed. */
export const ownLead = ({ sex, lead }: End): Sum | null =>
  sex === 'socket' && lead ? lead.length : null

type Named = Pick<End, 'key' | 'face' | 'sex' | 'label'>
const NOTHING = {}
const NOBODY: readonly never[] = []
/** What is usual of an end. A literal each time: filled up, it is thirty times faster than a spread. */
const usual = (): Omit<End, keyof Named> => ({
  from: null,
  at: null,
  stays: null,
  seat: null,
  lead: null,
  traits: NOTHING,
  takes: NOTHING,
  gives: NOTHING,
  limits: NOTHING,
  need: 'may',
  marked: null,
  assumed: false,
  rank: 0,
  pace: null,
  count: 1,
  role: null,
  among: null,
  follows: NOBODY,
  shuts: NOBODY,
  standsAt: null,
  joinedHeight: 0,
  solid: null,
  shared: null,
})

/** An end with what is said of it; all else is usual. */
export const end = (about: Named & Partial<End>): End => Object.assign(usual(), about)

/** A maker’s own plug meets only a socket of the same name. */
export const ownPlug = (name: string | undefined): Traits =>
  name === undefined ? {} : { own: [name] }
