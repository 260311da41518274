// Every lead that is joined, laid one after the other, the thickest first.
import { compareBy } from '../collections/compare'
import { cableOf, Filling, sectionOf } from '../case/holes'
import type { Layout } from '../case/layout'
import type { Joint } from '../joining/joint'
import { lineId, type Line } from '../joining/lines'
import { pairId } from '../matching/candidate'
import type { Field } from '../ways/field'
import { laidLead, type LaidLead, type ToLay } from './lay-lead'
import { madeRoom, type Lying } from './making-room'

/** What the ways of leads depend on: the joints, where things are, and what they are called. */
export interface Laying {
  readonly plugs: readonly Joint[]
  readonly lines: readonly Line[]
  readonly field: Field | null
  readonly names: ReadonlyMap<string, string>
}

/**
 * Each joined lead with its way: the thickest first, each the best hidden way that it is long enough
 * for, through holes that its head passes and that have room left. Where one finds no room, others
 * make it, as long as they reach another way. Joints are not chosen again.
 */
export function leadsOf({ plugs, lines, field, names }: Laying): readonly LaidLead[] {
  if (!field) return []
  const byId = new Map(plugs.map(j => [j.id, j]))
  const thickestFirst = lines
    .map((line): ToLay => {
      const { item, ref, end } = line.first
      const joints = line.pairs.flatMap(p => byId.get(pairId(p)) ?? [])
      return { line, joints, cable: cableOf(item, end.lead?.chain, ref), field, names }
    })
    .sort(
      compareBy(
        l => -sectionOf(l.line.first.end.face),
        l => lineId(l.line),
      ),
    )
  const laid = madeRoom(field.layout, layOneByOne(field.layout, thickestFirst))
  return lines.flatMap(line => laid.find(l => l.toLay.line === line)?.lead ?? [])
}

const layOneByOne = (layout: Layout, toLay: readonly ToLay[]): readonly Lying[] => {
  const filling = new Filling(layout)
  return toLay.map(own => {
    const lead = laidLead(lineId(own.line), own, filling.shutTo(own.cable, own.line.first.end.face))
    filling.put(own.cable, own.line.first.end.face, lead.reach?.way.through ?? [])
    return { toLay: own, lead }
  })
}
