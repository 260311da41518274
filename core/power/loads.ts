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
  /** In the first seconds; `spins` where that differs from working. */
  readonly start: Sum
  readonly spins: boolean
  readonly surges: boolean
  /** The lines by which this draw arrives, each with its share; none while they are broken. */
  readonly feeds: readonly Feed[]
}

/** A line from what draws to the supply: the joints on it, the supply's plug last. */
export interface Feed { readonly supply: string; readonly joints: readonly string[]; readonly share: number }

/** All draws of the items, each with its feed. `drawsOf` tells what one item draws. */
export function loadsOf(items: readonly Item[], joints: readonly Joint[], drawsOf: (item: Item) => readonly Draw[]): readonly Load[] {
  const byEnd = new Map(joints.flatMap(j => [[j.a, j], [j.b, j]] as const))
  const byId = new Map(items.map(i => [i.id, i]))

  /** Walks from ends to what feeds them, part by part, in equal shares; a line is never longer than there are items. */
  const feeds = (item: Item, keys: readonly string[], share: number, passed: readonly string[]): readonly Feed[] => {
    const joined = keys.flatMap(key => byEnd.get(refOf(item.id, key)) ?? [])
    return joined.flatMap((joint): readonly Feed[] => {
      const otherRef = joint.items[0] === item.id ? joint.b : joint.a
      const other = byId.get(itemOfRef(otherRef))
      const along = [...passed, joint.id]
      if (!other || along.length > items.length) return []
      if (other.part.kind === 'supply') return [{ supply: other.id, joints: along, share: share / joined.length }]
      return feeds(other, kindOf(other).inlets?.(other, keyOfRef(otherRef)) ?? [], share / joined.length, along)
    })
  }

  return items.flatMap(item => drawsOf(item).map(d => ({
    item: item.id, name: item.name, rail: d.rail, rest: d.rest, work: d.work, worst: d.worst, start: d.start ?? d.work, spins: d.start !== undefined, surges: d.surges ?? false, feeds: feeds(item, d.through, 1, []),
  })))
}
