// Every draw followed along its line to the supply: who draws what, from which rail, over which
// joints.
import { connector, isMechanical } from '../connectors/connectors'
import { endRef, itemOf, keyOf } from '../ids/ids'
import type { Joint } from '../joining/joint'
import { fact, of, plus, times, valueOf, type Sum } from '../figures/quantity'
import { kindOf, type Item } from '../parts'
import { BY_CONVERTER, type Draw, type Made, type Surges } from '../parts/kind'
import type { End } from '../parts/end'
import { DRAW } from '../standards/draws'
import type { Rail } from '../standards/rails'

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
  readonly surges: Surges | null
  /** The lines by which this draw arrives, each with its share. */
  readonly feeds: readonly Feed[]
}

/**
 * A line from what draws towards a supply: the joints on it, the one nearest to the supply last;
 * `supply` is null where the line ends before one.
 */
export interface Feed {
  readonly supply: string | null
  readonly joints: readonly string[]
  readonly share: number
}

/** Whether a draw reaches a supply at all. */
export const isFed = ({ feeds }: Load): boolean => feeds.some(f => f.supply !== null)

/**
 * What an item is to the power: what it draws, and by which of its own ends each of them is fed.
 */
export interface Source {
  readonly id: string
  readonly name: string
  readonly isSupply: boolean
  readonly draws: readonly Draw[]
  readonly inlets: Readonly<Record<string, readonly string[]>>
  /** What the processor that sits in it draws from. */
  readonly core: Made | null
  /** The socket that waits for a processor, by its key. */
  readonly socket: string | null
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
    core: kind.core?.(item) ?? null,
    socket: ends.find(e => e.face === 'processor-socket' && e.sex === 'socket')?.key ?? null,
  }
}

/** How far along a line it is, and what share of the draw is left to it. */
interface Line {
  readonly rail: Rail
  readonly share: number
  readonly passed: readonly string[]
}

/** How many contacts of a joint carry a rail; one where no row says. */
function wiresOf({ face }: Joint, rail: Rail): number {
  const wires = isMechanical(face) ? undefined : connector(face).wires
  return wires === undefined ? 1 : (wires[rail] ?? 0)
}

const jointsByEnd = (joints: readonly Joint[]): ReadonlyMap<string, Joint> =>
  new Map(joints.flatMap(j => [j.a, j.b].map(ref => [ref, j] as const)))

/**
 * All draws of a build, W by rail, each with its feeds along the joints; one that hangs on nothing
 * has none.
 */
export function loadsOf(sources: readonly Source[], joints: readonly Joint[]): readonly Load[] {
  const byEnd = jointsByEnd(joints)
  const byId = new Map(sources.map(s => [s.id, s]))

  /**
   * Walks from ends to what feeds them, part by part; current parts as the contacts of its rail do.
   * A line is never longer than there are items.
   */
  const feeds = (item: Source, keys: readonly string[], so: Line): readonly Feed[] => {
    const { rail, share, passed } = so
    const joined = keys.flatMap(key => byEnd.get(endRef(item.id, key)) ?? [])
    if (joined.length === 0)
      return passed.length > 0 ? [{ supply: null, joints: passed, share }] : []
    const wires = joined.map(joint => wiresOf(joint, rail))
    const all = wires.reduce((sum, n) => sum + n, 0)
    return joined.flatMap((joint, i): readonly Feed[] => {
      const otherRef = joint.items[0] === item.id ? joint.b : joint.a
      const other = byId.get(itemOf(otherRef))
      const along = [...passed, joint.id]
      const part = share * (all === 0 ? 1 / joined.length : (wires[i] ?? 0) / all)
      if (part === 0 || !other || along.length > sources.length) return []
      if (other.isSupply) return [{ supply: other.id, joints: along, share: part }]
      return feeds(other, other.inlets[keyOf(otherRef)] ?? [], { rail, share: part, passed: along })
    })
  }
  /** What the part that an end sits in makes a processor's voltage of. */
  const coreAt = (item: Source, keys: readonly string[]): Made => {
    const [joint] = keys.flatMap(key => byEnd.get(endRef(item.id, key)) ?? [])
    return byId.get(joint?.items[1] ?? '')?.core ?? BY_CONVERTER
  }

  const drawing = sources.flatMap(item =>
    item.draws.map((d): Load => {
      const drawn =
        d.rail === 'core' ? fromRail(d, coreAt(item, d.through)) : { ...d, rail: d.rail }
      return {
        item: item.id,
        name: item.name,
        rail: drawn.rail,
        rest: drawn.rest,
        work: drawn.work,
        worst: drawn.worst,
        start: drawn.start ?? drawn.work,
        spins: drawn.start !== undefined,
        surges: drawn.surges ?? null,
        feeds: feeds(item, d.through, { rail: drawn.rail, share: 1, passed: [] }),
      }
    }),
  )
  return [...drawing, ...sources.flatMap(s => awaited(s, byEnd))]
}

/** What a processor will draw that is not there yet: nobody knows it, and it makes every sum a range. */
function awaited(
  { id, socket, core }: Source,
  joined: ReadonlyMap<string, Joint>,
): readonly Load[] {
  if (socket === null || core === null || joined.has(endRef(id, socket))) return []
  const unknown = of({
    ...{ ref: `${id}:awaited`, item: null, path: '', label: 'power of the processor', unit: 'W' },
    ...{ figure: null, about: null },
  })
  const when = { rest: unknown, work: unknown, worst: unknown, start: unknown }
  const about = { item: id, name: 'the processor', rail: core.rail, spins: false, surges: null }
  return [{ ...about, ...when, feeds: [] }]
}

/** A processor's draw as its board takes it from a rail. */
function fromRail(draw: Draw, { rail, share }: Made): Draw & { readonly rail: Rail } {
  const drawn = (s: Sum): Sum => (share === 1 ? s : plus(times(s, 1 / share), loss(s, share)))
  return {
    ...draw,
    rail,
    rest: drawn(draw.rest),
    work: drawn(draw.work),
    worst: drawn(draw.worst),
  }
}

/** What is not known of the converters: a part of what they keep, either way. */
function loss(s: Sum, share: number): Sum {
  const kept = (valueOf(s) ?? 0) * (1 / share - 1)
  const unsure = kept * DRAW.converter.unsure
  return of(
    fact(`converter:${s.terms.map(t => t.leaf.ref).join()}`, `converters pass on ${share}`, 'W', {
      value: 0,
      basis: 'assumed',
      tol: unsure,
    }),
  )
}
