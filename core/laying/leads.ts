// Every lead that is joined, with the way it takes: from where it leaves its part, or from socket
// to socket when it is loose.
import { compareBy } from '../collections/compare'
import type { EndOf, Joint } from '../joining/joint'
import { kept } from '../pipeline/kept'
import { lineId, type Line } from '../joining/lines'
import { pairId } from '../matching/candidate'
import type { Sum } from '../figures/quantity'
import type { Layout } from '../case/layout'
import { CONNECTORS, isMechanical } from '../connectors/connectors'
import { cableOf, Filling, passes, sectionOf } from '../case/holes'
import { reach, type Reach } from '../case/reach'

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
  /** Every way there leads through a hole that is full already. */
  readonly crowded: boolean
  /** One cable through every hole: all plugs of a chain share it. */
  readonly cable: string
}

/** What the ways of leads depend on: the joints, where things are, and what they are called. */
export interface Laying {
  readonly plugs: readonly Joint[]
  readonly lines: readonly Line[]
  readonly layout: Layout | null
  readonly names: ReadonlyMap<string, string>
}

/** A line with all that decides its way before holes are filled. */
interface ToLay {
  readonly line: Line
  readonly joints: readonly Joint[]
  readonly cable: string
  readonly layout: Layout
  readonly names: ReadonlyMap<string, string>
}

/**
 * Each joined lead with its way: the thickest first, each by the shortest way through holes that
 * its head passes and that have room left. Where none has, it takes the shortest way all the same,
 * and is told as crowding its holes. Joints are not chosen again.
 */
export function leadsOf({ plugs, lines, layout, names }: Laying): readonly LaidLead[] {
  if (!layout) return []
  const byId = new Map(plugs.map(j => [j.id, j]))
  const filling = new Filling(layout)
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
      const lead = laidLead(id, { line, joints, cable, layout, names }, shut)
      filling.put(cable, end.face, lead.reach?.way.through ?? [])
      return [line, lead] as const
    }),
  )
  return lines.flatMap(line => laid.get(line) ?? [])
}

/** One line laid: past the holes that are shut to it, else through them. */
const laidLead = kept(
  'lead',
  ({ line, joints, cable, layout, names }: ToLay, shut: readonly string[]): LaidLead => {
    const { first: plug, goal, from, to } = line
    const about = { from, to, ref: plug.ref, label: `the ${plug.end.label}` }
    const tooNarrow = layout.openings.filter(o => !passes(o, plug.end.face)).map(o => o.key)
    const free = reach(layout, about, shut)
    const way = free ?? reach(layout, about, tooNarrow)
    const name = (item: string): string => names.get(item) ?? ''
    return {
      joints,
      plug,
      cable,
      length: line.length,
      reach: way,
      noWay: !way,
      crowded: !free && way !== null,
      label: labelOf(plug, joints, name),
      to: `${goal.end.label} of the ${name(goal.item)}`,
    }
  },
)

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
