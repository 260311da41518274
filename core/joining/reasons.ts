// Why a demand found no partner: what is short, what is shut, what looks alike, or that nothing is
// there.
import { valueOf } from '../figures/quantity'
import { faceName } from '../connectors/connectors'
import type { Weighed } from './candidates'
import type { Shut } from './cover'
import { itemOfRef, type Demand, type Outline, type Short, type Unmet } from './joint'

/** An end that is shut, and by what is seated where. */
export interface ShutBy extends Shut {
  readonly by: Weighed
}

/** What demands are held against: the ends, what was weighed, what is shut and what is joined. */
export interface Tried {
  readonly ends: ReadonlyMap<string, Outline>
  readonly weighed: readonly Weighed[]
  readonly shut: ReadonlyMap<string, ShutBy>
  readonly joined: ReadonlySet<string>
}

/** Demands that found no partner, each with the reasons. */
export function unmetOf(demands: readonly Demand[], tried: Tried): readonly Unmet[] {
  const asking = new Map(demands.flatMap(d => d.refs.map(ref => [ref, d.id] as const)))
  const about = new Map(demands.map(d => [d.id, [] as Weighed[]]))
  for (const w of tried.weighed)
    for (const id of new Set([asking.get(w.plug), asking.get(w.socket)]))
      if (id !== undefined) about.get(id)?.push(w)
  const loose = tried.weighed.filter(
    w => w.candidate && tried.ends.get(w.plug)?.among?.how === 'both',
  )
  return demands.map(demand => ({
    demand,
    ...reasonsFor(demand, about.get(demand.id) ?? [], loose, tried),
  }))
}

/**
 * The reasons, the most telling first; the nearest lead that ends short, with its figures. `loose`
 * is what leads between two sockets could join.
 */
function reasonsFor(
  demand: Demand,
  mine: readonly Weighed[],
  loose: readonly Weighed[],
  { ends, shut, joined }: Tried,
): Omit<Unmet, 'demand'> {
  const othersOf = (pairs: readonly Weighed[]): readonly Outline[] =>
    pairs.flatMap(w => ends.get(demand.refs.includes(w.plug) ? w.socket : w.plug) ?? [])
  const fits = othersOf(mine.filter(w => w.candidate))
  const closed = closures(fits, ends, shut)
  const free = fits.filter(e => !shut.has(e.ref) && !joined.has(e.ref))
  const lengths = mine
    .flatMap(w => (w.short ? [w.short] : []))
    .sort((a, b) => missing(a) - missing(b))
  const refused = [
    ...new Set([
      ...lookAlikes(mine, othersOf),
      ...mine.flatMap(w => (w.reason === null ? [] : [w.reason])),
    ]),
  ]
  const short = fits.length === 0 ? (lengths[0] ?? null) : null
  const taken = (held: readonly Outline[]): readonly string[] =>
    [...new Set(held.flatMap(e => (joined.has(e.ref) && !shut.has(e.ref) ? [e.ref] : [])))].sort()
  // A loose lead that is left over says why: what its other end would need.
  const farEnds = free.filter(e => e.among?.how === 'both')
  const far = loose.filter(w => farEnds.some(e => e.item === itemOfRef(w.plug) && e.ref !== w.plug))
  const ports = [...new Set(far.map(w => w.socket))].flatMap(ref => ends.get(ref) ?? [])
  const farClosed = closures(ports, ends, shut)
  if (farEnds.length > 0 && free.length === farEnds.length)
    return {
      reasons: [
        `no port is left for its lead: ${[...farClosed, ports.length > 0 ? 'the others are taken' : 'none is there'].join('; ')}`,
        ...refused,
      ],
      short: null,
      taken: taken(ports),
    }
  if (fits.length > 0)
    return {
      reasons: [
        free.length > 0
          ? 'what is left over does not reach, or lacks its other end'
          : closed.length === fits.length
            ? 'none that fits can be reached'
            : 'every one that fits is taken',
        ...closed,
        ...refused,
      ],
      short: null,
      taken: taken(fits),
    }
  if (refused.length > 0) return { reasons: refused, short, taken: [] }
  const end = ends.get(demand.refs[0] ?? '')
  return {
    reasons: end
      ? [`there is no ${end.sex === 'plug' ? 'socket' : 'plug'} for ${faceName(end.face)}`]
      : [],
    short: null,
    taken: [],
  }
}

const missing = ({ need, have }: Short): number => (valueOf(need) ?? 0) - (valueOf(have) ?? 0)

/** Named choice: how many ends a sentence names. */
const NAMED = 3

/**
 * Sockets that take a plug which should not go there: one sentence for each thing that would
 * happen.
 */
function lookAlikes(
  mine: readonly Weighed[],
  othersOf: (pairs: readonly Weighed[]) => readonly Outline[],
): readonly string[] {
  const by = new Map<string, Set<string>>()
  for (const w of mine)
    if (w.lookAlike !== null)
      for (const { label } of othersOf([w]))
        (by.get(w.lookAlike) ?? by.set(w.lookAlike, new Set()).get(w.lookAlike))?.add(label)
  return [...by].map(([note, labels]) => {
    const [more, named] = [labels.size - NAMED, [...labels].slice(0, NAMED).join(', ')]
    return `${named}${more > 0 ? ` and ${more} more` : ''} ${labels.size === 1 ? 'looks' : 'look'} alike, but: ${note}`
  })
}

/** Shut ends by what shuts them: one sentence each. */
function closures(
  ends: readonly Outline[],
  all: ReadonlyMap<string, Outline>,
  shut: ReadonlyMap<string, ShutBy>,
): readonly string[] {
  const by = new Map<string, { labels: string[]; how: Shut['how']; at: string }>()
  for (const end of ends) {
    const found = shut.get(end.ref)
    if (!found) continue
    const key = `${itemOfRef(found.by.plug)} ${found.how}`
    const known = by.get(key) ?? {
      labels: [],
      how: found.how,
      at: all.get(found.by.socket)?.label ?? '',
    }
    if (!known.labels.includes(end.label)) known.labels.push(end.label)
    by.set(key, known)
  }
  return [...by.values()].map(({ labels, how, at }) => {
    const one = labels.length === 1
    return how === 'covered'
      ? `${labels.join(', ')} ${one ? 'lies' : 'lie'} under the card in ${at}`
      : `${labels.join(', ')} ${one ? 'is' : 'are'} switched off while ${at} is in use`
  })
}
