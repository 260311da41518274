// One lead with the way it takes: from where it leaves its part, or from socket to socket when it is
// loose.
import type { EndOf, Joint } from '../joining/joint'
import { kept } from '../pipeline/kept'
import { type Line } from '../joining/lines'
import { valueOf, type Sum } from '../figures/quantity'
import { CONNECTORS, isMechanical, isPower, type Face } from '../connectors/connectors'
import { SHARES } from '../ways/choices'
import type { Field } from '../ways/field'
import { passageOf, type Passage } from '../ways/heads'
import { reach, type LeadWay, type Reach } from '../ways/reach'
import { nextBest } from './next-best'

export interface LaidLead {
  /** The joints the lead makes: one at its free end, or two when it is loose. */
  readonly joints: readonly Joint[]
  readonly plug: EndOf
  readonly length: Sum
  readonly label: string
  readonly to: string
  /** Null when a place on its way is not stated. */
  readonly reach: Reach | null
  readonly noWay: boolean
  /** It is pressed through a hole that is full already: no other way is known that it reaches by. */
  readonly crowded: boolean
  /** Whether it goes another way than it would were the holes empty, and how much longer, mm. */
  readonly givesWay: boolean
  readonly detour: number
  /** Where it is too short for its way: the best way through other holes. */
  readonly next: Reach | null
  /** One cable through every hole: all plugs of a chain share it. */
  readonly cable: string
}

/** A line with all that decides its way before holes are filled. */
export interface ToLay {
  readonly line: Line
  readonly joints: readonly Joint[]
  readonly cable: string
  readonly field: Field
  readonly names: ReadonlyMap<string, string>
}
/** One line laid: past the holes that are shut to it, else through them. */
export const laidLead = kept(
  'lead',
  ({ line, joints, cable, field, names }: ToLay, shut: readonly string[]): LaidLead => {
    const { first: plug, goal, from, to } = line
    const about = { from, to, ref: plug.ref, label: `the ${plug.end.label}` }
    const { face } = plug.end
    const passage = passageOf(field.layout, plug.end)
    const laid = { field, about, face, length: line.length }
    const free = bestReach(laid, { ...passage, shut: [...new Set([...passage.shut, ...shut])] })
    const reaches = (r: Reach | null): boolean => r !== null && !r.isBlocked && fits(r, line.length)
    const alone = shut.length === 0 ? free : bestReach(laid, passage)
    // Pressed through a full hole rather than too short for a free one, or past what stands there.
    const way = reaches(free) || (free && !reaches(alone)) ? free : alone
    const name = (item: string): string => names.get(item) ?? ''
    return {
      joints,
      plug,
      cable,
      length: line.length,
      reach: way,
      noWay: !way,
      crowded: way !== null && way !== free,
      givesWay: way?.way.points.join() !== alone?.way.points.join(),
      detour: way && alone ? Math.max(0, way.way.length - alone.way.length) : 0,
      next: way && !fits(way, line.length) ? nextBest(field, about, passage, way) : null,
      label: labelOf(plug, joints, name),
      to: `${goal.end.label} of the ${name(goal.item)}`,
    }
  },
)

/** Whether a lead gets to where it goes along its way, as far as anybody knows. */
export const reachesAlong = ({ reach: way, length }: LaidLead): boolean =>
  way !== null && !way.isBlocked && fits(way, length)

/** Whether a lead is long enough, as far as its length is stated. */
function fits({ need }: Reach, length: Sum): boolean {
  const [mm, have] = [valueOf(need), valueOf(length)]
  return mm === null || have === null || mm <= have
}

interface Wanted {
  readonly field: Field
  readonly about: LeadWay
  readonly face: Face
  readonly length: Sum
}

/**
 * The way that is best hidden of those that the lead is long enough for; the shortest where it is too
 * short for all.
 */
function bestReach({ field, about, face, length }: Wanted, passage: Passage): Reach | null {
  const shares = SHARES[!isMechanical(face) && isPower(face) ? 'power' : 'signal']
  let found: Reach | null = null
  for (const share of shares) {
    found = reach(field, about, { ...passage, share })
    if (!found || fits(found, length)) return found
  }
  return found
}

/** What a lead is called: by its plug, or by its kind where it is loose; and what it runs over. */
function labelOf(plug: EndOf, joints: readonly Joint[], name: (item: string) => string): string {
  const { face, among, label } = plug.end
  const own = name(plug.item)
  const isLoose = among?.how === 'both' && !isMechanical(face)
  const called = isLoose ? `${CONNECTORS[face].name} lead ${own}` : `${label} of the ${own}`
  const over = new Set(
    joints
      .slice(1)
      .map(j => name(j.items[0]))
      .filter(n => n !== own),
  )
  return over.size > 0 ? `${called}, over the ${[...over].join(' and the ')},` : called
}
