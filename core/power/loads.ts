// Every draw followed along its line to the supply: who draws what, from which rail, over which plug.
import type { Joint } from '../joints/joint'
import { itemOfRef, keyOfRef, refOf } from '../joints/joint'
import { kindOf, type Item } from '../parts'
import type { Draw, Rail } from '../parts/kind'
import type { Sum } from '../quantity'

export interface Load {
  readonly item: string
  readonly name: string
  readonly rail: Rail
  readonly rest: Sum
  readonly work: Sum
  readonly worst: Sum
  /** The supply and the joint at its plug by which this draw arrives; null while the line is broken. */
  readonly feed: { readonly supply: string; readonly joint: string } | null
}

/** All draws of the items, each with its feed. `drawsOf` tells what one item draws. */
export function loadsOf(items: readonly Item[], joints: readonly Joint[], drawsOf: (item: Item) => readonly Draw[]): readonly Load[] {
  const byEnd = new Map(joints.flatMap(j => [[j.a, j], [j.b, j]] as const))
  const byId = new Map(items.map(i => [i.id, i]))

  /** Walks from an end to what feeds it, part by part; a line is never longer than there are items. */
  const feed = (item: Item, key: string, steps: number): Load['feed'] => {
    const joint = byEnd.get(refOf(item.id, key))
    if (!joint || steps === 0) return null
    const otherRef = joint.a === refOf(item.id, key) ? joint.b : joint.a
    const other = byId.get(itemOfRef(otherRef))
    if (!other) return null
    if (other.part.kind === 'supply') return { supply: other.id, joint: joint.id }
    const onward = kindOf(other).inlet?.(other, keyOfRef(otherRef))
    return onward ? feed(other, onward, steps - 1) : null
  }

  return items.flatMap(item => drawsOf(item).map(d => ({
    item: item.id, name: item.name, rail: d.rail, rest: d.rest, work: d.work, worst: d.worst, feed: feed(item, d.through, items.length),
  })))
}
