// Every lead that is joined, with the way it takes: from where it leaves its part, or from socket
// to socket when it is loose.
import { compareBy } from '../collections/compare'
import type { EndOf, Joint } from '../joining/joint'
import { kept } from '../pipeline/kept'
import { lineId, type Line } from '../joining/lines'
import { pairId } from '../matching/candidate'
import { valueOf, type Sum } from '../figures/quantity'
import { CONNECTORS, isMechanical, isPower, type Face } from '../connectors/connectors'
import { cableOf, Filling, sectionOf } from '../case/holes'
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
  /** Where it is too short for its way: the best way through other holes. */
  readonly next: Reach | null
  /** One cable through every hole: all plugs of a chain share it. */
  readonly cable: string
}

/** What the ways of leads depend on: the joints, where things are, and what they are called. */
export interface Laying {
  readonly plugs: readonly Joint[]
  readonly lines: readonly Line[]
  readonly field: Field | null
  readonly names: ReadonlyMap<string, string>
}

/** A line with all that decides its way before holes are filled. */
interface ToLay {
  readonly line: Line
  readonly joints: readonly Joint[]
  readonly cable: string
  readonly field: Field
  readonly names: ReadonlyMap<string, string>
}

/**
 * Each joined lead with its way: the thickest first, each the best hidden way that it is long enough
 * for, through holes that its head passes and that have room left. Where those are too far round it is
 * pressed through full ones, and told as crowding them. Joints are not chosen again.
 */
export function leadsOf({ plugs, lines, field, names }: Laying): readonly LaidLead[] {
  if (!field) return []
  const byId = new Map(plugs.map(j => [j.id, j]))
  const filling = new Filling(field.layout)
  const thickestFirst = lines
    .map(line => ({ line, id: lineId(line), section: sectionOf(line.first.end.face) }))
    .sort(
      compareBy(
        l => -l.section,
        l => l.id,
      ),
    )
  const laid = new Map(
    thickestFirst.map(({ line, id }) => {
      const joints = line.pairs.flatMap(p => byId.get(pairId(p)) ?? [])
      const { item, ref, end } = line.first
      const cable = cableOf(item, end.lead?.chain, ref)
      const shut = filling.shutTo(cable, end.face)
      const lead = laidLead(id, { line, joints, cable, field, names }, shut)
      filling.put(cable, end.face, lead.reach?.way.through ?? [])
      return [line, lead] as const
    }),
  )
  return lines.flatMap(line => laid.get(line) ?? [])
}

/** One line laid: past the holes that are shut to it, else through them. */
const laidLead = kept(
  'lead',
  ({ line, joints, cable, field, names }: ToLay, shut: readonly string[]): LaidLead => {
    const { first: plug, goal, from, to } = line
    const about = { from, to, ref: plug.ref, label: `the ${plug.end.label}` }
    const { face } = plug.end
    const passage = passageOf(field.layout, plug.end)
    const laid = { field, about, face, length: line.length }
    const free = bestReach(laid, { ...passage, shut: [...new Set([...passage.shut, ...shut])] })
    const reaches = (r: Reach | null): boolean => r !== null && !r.isBlocked && fits(r, line.length)
    const pressed = reaches(free) ? free : bestReach(laid, passage)
    // Pressed through a full hole rather than too short for a free one, or past what stands there.
    const way = free && !reaches(pressed) ? free : pressed
    const name = (item: string): string => names.get(item) ?? ''
    return {
      joints,
      plug,
      cable,
      length: line.length,
      reach: way,
      noWay: !way,
      crowded: way !== null && way !== free,
      next: way && !fits(way, line.length) ? nextBest(field, about, passage, way) : null,
      label: labelOf(plug, joints, name),
      to: `${goal.end.label} of the ${name(goal.item)}`,
    }
  },
)

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
