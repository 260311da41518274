// Why a demand found no partner: what is short, what is shut, what looks alike, or that nothing is there.
import { valueOf } from '../quantity'
import { faceName } from '../standards/connectors'
import type { Weighed } from './candidates'
import type { Shut } from './cover'
import type { Demand, EndOf, Short, Unmet } from './joint'

/** An end that is shut, and by what is seated where. */
export interface ShutBy extends Shut { readonly by: Weighed }

/** The reasons, the most telling first; the nearest lead that ends short, with its figures. */
export function reasonsFor(demand: Demand, byRef: ReadonlyMap<string, EndOf>, weighed: readonly Weighed[], shut: ReadonlyMap<string, ShutBy>, joined: ReadonlySet<string>): Omit<Unmet, 'demand'> {
  const mine = weighed.filter(w => demand.refs.includes(w.plug.ref) || demand.refs.includes(w.socket.ref))
  const otherOf = (w: Weighed): EndOf => (demand.refs.includes(w.plug.ref) ? w.socket : w.plug)
  const fits = mine.filter(w => w.candidate)
  const closed = closures(fits.map(otherOf), shut)
  const free = fits.filter(w => !shut.has(otherOf(w).ref) && !joined.has(otherOf(w).ref))
  const lengths = mine.flatMap(w => (w.short ? [w.short] : [])).sort((a, b) => missing(a) - missing(b))
  const refused = [...new Set([...lookAlikes(mine, otherOf), ...mine.flatMap(w => (w.reason === null ? [] : [w.reason]))])]
  const short = fits.length === 0 ? lengths[0] ?? null : null
  // A loose lead that is left over says why: what its other end would need.
  const farEnds = free.map(otherOf).filter(e => e.end.among?.how === 'both')
  const far = weighed.filter(w => w.candidate && w.plug.end.among?.how === 'both' && farEnds.some(e => e.item === w.plug.item && e.ref !== w.plug.ref))
  const ports = [...new Map(far.map(w => [w.socket.ref, w.socket])).values()]
  const farClosed = closures(ports, shut)
  if (farEnds.length > 0 && free.length === farEnds.length) return { reasons: [`no port is left for its lead: ${[...farClosed, ports.length > 0 ? 'the others are taken' : 'none is there'].join('; ')}`, ...refused], short: null }
  if (fits.length > 0) return { reasons: [free.length > 0 ? 'what is left over does not reach, or lacks its other end' : closed.length === fits.length ? 'none that fits can be reached' : 'every one that fits is taken', ...closed, ...refused], short: null }
  if (refused.length > 0) return { reasons: refused, short }
  const end = byRef.get(demand.refs[0] ?? '')?.end
  return { reasons: end ? [`there is no ${end.sex === 'plug' ? 'socket' : 'plug'} for ${faceName(end.face)}`] : [], short: null }
}

const missing = ({ need, have }: Short): number => (valueOf(need) ?? 0) - (valueOf(have) ?? 0)

/** Named choice: how many ends a sentence names. */
const NAMED = 3

/** Sockets that take a plug which should not go there: one sentence for each thing that would happen. */
function lookAlikes(mine: readonly Weighed[], otherOf: (w: Weighed) => EndOf): readonly string[] {
  const by = new Map<string, Set<string>>()
  for (const w of mine) if (w.lookAlike !== null) (by.get(w.lookAlike) ?? by.set(w.lookAlike, new Set()).get(w.lookAlike))?.add(otherOf(w).end.label)
  return [...by].map(([note, labels]) => {
    const [more, named] = [labels.size - NAMED, [...labels].slice(0, NAMED).join(', ')]
    return `${named}${more > 0 ? ` and ${more} more` : ''} ${labels.size === 1 ? 'looks' : 'look'} alike, but: ${note}`
  })
}

/** Shut ends by what shuts them: one sentence each. */
function closures(ends: readonly EndOf[], shut: ReadonlyMap<string, ShutBy>): readonly string[] {
  const by = new Map<string, { labels: string[]; how: Shut['how']; at: string }>()
  for (const end of ends) {
    const found = shut.get(end.ref)
    if (!found) continue
    const key = `${found.by.plug.item} ${found.how}`
    const known = by.get(key) ?? { labels: [], how: found.how, at: found.by.socket.end.label }
    if (!known.labels.includes(end.end.label)) known.labels.push(end.end.label)
    by.set(key, known)
  }
  return [...by.values()].map(({ labels, how, at }) => {
    const one = labels.length === 1
    return how === 'covered' ? `${labels.join(', ')} ${one ? 'lies' : 'lie'} under the card in ${at}` : `${labels.join(', ')} ${one ? 'is' : 'are'} switched off while ${at} is in use`
  })
}
