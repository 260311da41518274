// Every draw followed along its line to the supply: who draws what, from which rail, over which
// plug.
import { endRef, itemOf, keyOf } from '../ids/ids'
import type { Joint } from '../joining/joint'
import { kindOf, type Item } from '../parts'
import type { Draw, Rail } from '../parts/kind'
import type { End } from '../parts/end'
import type { Sum } from '../figures/quantity'

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
export interface Feed {
  readonly supply: string
  readonly joints: readonly string[]
  readonly share: number
}

/**
 * What an item is to the power: what it draws, and by which of its own ends each of them is fed.
 */
export interface Source {
  readonly id: string
  readonly name: string
  readonly isSupply: boolean
  readonly draws: readonly Draw[]
  readonly inlets: Readonly<Record<string, readonly string[]>>
}

/** An item as a source of draws; `ends` are its own. */
export function sourceOf(item: Item, ends: readonly End[]): Source {
  const kind = kindOf(item)
  const fed = ends.map(e => [e.key, kind.inlets?.(item, e.key)] as const)
  return {
    id: item.id,
    name: item.name,
    isSupply: item.part.kind === 'supply',
    draws: kind.draws?.(item) ?? [],
    inlets: kind.inlets ? Object.fromEntries(fed.map(([key, own]) => [key, own ?? []])) : {},
  }
}

/**
 * All draws of a build, W by rail, each with its feed along the joints; one that reaches no supply
 * has none.
 */
export function loadsOf(sources: readonly Source[], joints: readonly Joint[]): readonly Load[] {
  const byEnd = new Map(
    joints.flatMap(
      j =>
        [
          [j.a, j],
          [j.b, j],
        ] as const,
    ),
  )
  const byId = new Map(sources.map(s => [s.id, s]))

  /**
   * Walks from ends to what feeds them, part by part, in equal shares; a line is never longer than
   * there are items.
   */
  const feeds = (
    item: Source,
    keys: readonly string[],
    share: number,
    passed: readonly string[],
  ): readonly Feed[] => {
    const joined = keys.flatMap(key => byEnd.get(endRef(item.id, key)) ?? [])
    return joined.flatMap((joint): readonly Feed[] => {
      const otherRef = joint.items[0] === item.id ? joint.b : joint.a
      const other = byId.get(itemOf(otherRef))
      const along = [...passed, joint.id]
      if (!other || along.length > sources.length) return []
      if (other.isSupply) return [{ supply: other.id, joints: along, share: share / joined.length }]
      return feeds(other, other.inlets[keyOf(otherRef)] ?? [], share / joined.length, along)
    })
  }

  return sources.flatMap(item =>
    item.draws.map(d => ({
      item: item.id,
      name: item.name,
      rail: d.rail,
      rest: d.rest,
      work: d.work,
      worst: d.worst,
      start: d.start ?? d.work,
      spins: d.start !== undefined,
      surges: d.surges ?? false,
      feeds: feeds(item, d.through, 1, []),
    })),
  )
}
