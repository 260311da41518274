// Every lead that is joined, with the way it takes: from where it leaves its part, or from socket
// to socket when it is loose.
import type { EndOf, Joint } from '../joining/joint'
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

/**
 * Each joined lead with its way: the thickest first, each by the shortest way through holes that
 * its head passes and that have room left. Where none has, it takes the shortest way all the same,
 * and is told as crowding its holes. Joints are not chosen again. `keep` holds what was laid while
 * its line and the holes that are shut are the same.
 */
export function leadsOf(
  { plugs, lines, layout, names }: Laying,
  keep: <R>(name: string, inputs: readonly unknown[], compute: () => R) => R,
): readonly LaidLead[] {
  if (!layout) return []
  const byId = new Map(plugs.map(j => [j.id, j]))
  const filling = new Filling(layout)
  const named = lines.map(line => ({
    line,
    id: lineId(line),
    section: sectionOf(line.first.end.face),
  }))
  const laidLines = new Map(
    named
      .sort((a, b) => b.section - a.section || (a.id < b.id ? -1 : 1))
      .map(({ line, id }) => {
        const joints = line.pairs.flatMap(p => byId.get(pairId(p)) ?? [])
        const { face } = line.first.end
        const cable = cableOf(line.first.item, line.first.end.lead?.chain, line.first.ref)
        const shut = filling.shutTo(cable, face)
        const lead = keep(`lead/${id}`, [line, layout, names, shut.join(), ...joints], () =>
          laid(line, joints, layout, names, cable, shut),
        )
        filling.put(cable, face, lead.reach?.way.through ?? [])
        return [line, lead] as const
      }),
  )
  return lines.flatMap(line => laidLines.get(line) ?? [])
}

/** One line laid: past what is full, else through it. */
function laid(
  line: Line,
  joints: readonly Joint[],
  layout: Layout,
  names: Laying['names'],
  cable: string,
  shut: readonly string[],
): LaidLead {
  const { first: plug, goal } = line
  const wayPast = (without: readonly string[]): Reach | null =>
    reach(layout, line.from, line.to, plug.ref, `the ${plug.end.label}`, without)
  const tooNarrow = layout.openings.filter(o => !passes(o, plug.end.face)).map(o => o.key)
  const free = wayPast(shut)
  const way = free ?? wayPast(tooNarrow)
  const name = (item: string): string => names.get(item) ?? ''
  const over = joints
    .slice(1)
    .map(j => name(j.items[0]))
    .filter(n => n !== name(plug.item))
  const loose = plug.end.among?.how === 'both' && !isMechanical(plug.end.face)
  return {
    joints,
    plug,
    cable,
    length: line.length,
    reach: way,
    noWay: !way,
    crowded: !free && way !== null,
    label: `${loose && !isMechanical(plug.end.face) ? `${CONNECTORS[plug.end.face].name} lead ${name(plug.item)}` : `${plug.end.label} of the ${name(plug.item)}`}${over.length > 0 ? `, over the ${[...new Set(over)].join(' and the ')},` : ''}`,
    to: `${goal.end.label} of the ${name(goal.item)}`,
  }
}
