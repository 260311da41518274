// Why a demand found no partner: what is short, what is shut, what looks alike, or that nothing is
// there.
import { number } from '../figures/format'
import { itemOf, type EndRef } from '../ids/ids'
import type { Budget } from '../matching/budget'
import { at } from '../collections/at'
import { groupBy } from '../collections/groups'
import { valueOf } from '../figures/quantity'
import { faceName } from '../connectors/connectors'
import { whyLeft, type Binding } from './left-over'
import type { Weighed } from './weigh'
import type { Shut } from './cover'
import { type Demand, type Outline, type Short, type Unmet } from './joint'

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
  /** What sockets of one part give together, and which plug is in which socket. */
  readonly budgets: readonly Budget[]
  readonly plugIn: ReadonlyMap<string, string>
  /** Every end with its lead, and where it lies. */
  readonly binding: Binding
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
  return demands.map(demand => {
    const mine = about.get(demand.id) ?? []
    const isChosen = mine.some(w => w.candidate)
    return { demand, isChosen, ...reasonsFor(demand, mine, loose, tried) }
  })
}

type Why = Omit<Unmet, 'demand' | 'isChosen'>

/** A demand with what was weighed for it. */
interface Case extends Tried {
  readonly demand: Demand
  /** The ends on the other side that fit. */
  readonly fits: readonly Outline[]
  /** Why those that do not fit do not. */
  readonly refused: readonly string[]
}

/**
 * The reasons, the most telling first; the nearest lead that ends short, with its figures. `loose`
 * is what leads between two sockets could join.
 */
function reasonsFor(
  demand: Demand,
  mine: readonly Weighed[],
  loose: readonly Weighed[],
  tried: Tried,
): Why {
  const othersOf = (pairs: readonly Weighed[]): readonly Outline[] =>
    pairs.flatMap(w => tried.ends.get(demand.refs.includes(w.plug) ? w.socket : w.plug) ?? [])
  const refused = [
    ...new Set([...mine.flatMap(w => w.reason ?? []), ...lookAlikes(mine, othersOf)]),
  ]
  const fits = othersOf(mine.filter(w => w.candidate))
  const about: Case = { ...tried, demand, fits, refused }
  if (fits.length > 0) return portlessLead(about, loose) ?? allTaken(about)
  if (refused.length === 0) return { reasons: nothingThere(about), short: null, taken: [] }
  const [short] = mine.flatMap(w => w.short ?? []).sort((a, b) => missing(a) - missing(b))
  return { reasons: refused, short: short ?? null, taken: [] }
}

const isFree = ({ shut, joined }: Tried, { ref }: Outline): boolean =>
  !shut.has(ref) && !joined.has(ref)
const takenOf = ({ shut, joined }: Tried, ends: readonly Outline[]): readonly EndRef[] =>
  [...new Set(ends.flatMap(e => (joined.has(e.ref) && !shut.has(e.ref) ? [e.ref] : [])))].sort()

/**
 * A loose lead that is left over says why: what its other end would need. Null where something else
 * is free as well.
 */
function portlessLead(about: Case, loose: readonly Weighed[]): Why | null {
  const free = about.fits.filter(e => isFree(about, e))
  const nearEnds = free.filter(e => e.among?.how === 'both')
  if (nearEnds.length === 0 || free.length > nearEnds.length) return null
  const far = loose.filter(w => nearEnds.some(e => e.item === itemOf(w.plug) && e.ref !== w.plug))
  const ports = [...new Set(far.map(w => w.socket))].flatMap(ref => about.ends.get(ref) ?? [])
  const none = ports.length === 0 ? ['there is none of its kind'] : []
  const why = [...closures(ports, about), ...heldBy(ports, about), ...none].join('; ')
  return {
    reasons: [`no port is left for its lead: ${why}`, ...about.refused],
    short: null,
    taken: takenOf(about, ports),
  }
}

function allTaken(about: Case): Why {
  const { fits, refused } = about
  const closed = closures(fits, about)
  const spent = spentLimits(about)
  const free = fits.filter(e => isFree(about, e)).map(e => e.ref)
  const left =
    free.length > 0 ? whyLeft(about.demand.refs, free, about.binding) : heldBy(fits, about)
  return {
    reasons: [...(spent.length > 0 ? spent : left), ...closed, ...refused],
    short: null,
    taken: takenOf(about, fits),
  }
}
/** Free sockets whose part gives no more: what they give together is asked for already. */
function spentLimits(about: Case): readonly string[] {
  const free = new Set<string>(about.fits.filter(e => isFree(about, e)).map(e => e.ref))
  return about.budgets.flatMap(({ sockets, limit, takes }) => {
    const own = Math.max(0, ...about.demand.refs.map(ref => takes[ref] ?? 0))
    const used = sockets.reduce((sum, s) => sum + (takes[about.plugIn.get(s) ?? ''] ?? 0), 0)
    if (own === 0 || used + own <= limit || !sockets.some(s => free.has(s))) return []
    const labels = sockets.flatMap(s => about.ends.get(s)?.label ?? []).slice(0, NAMED)
    return [
      `${labels.join(', ')} give no more than ${number(limit, 2)} A in all, and ` +
        `${number(used, 2)} A hang on them`,
    ]
  })
}

/** What fits and another has: a few of them each with what is there, many of them by number. */
function heldBy(ends: readonly Outline[], about: Case): readonly string[] {
  const held = [...new Set(ends)].filter(e => about.joined.has(e.ref) && !about.shut.has(e.ref))
  const labels = held.map(e => e.label)
  if (held.length === 0) return []
  if (held.length > NAMED + 1)
    return [`${labels.slice(0, NAMED).join(', ')} and ${held.length - NAMED} more are taken`]
  if (held.length > NAMED) return [`${labels.join(', ')} are taken`]
  return held.map(e => {
    const other = about.ends.get(about.binding.other.get(e.ref) ?? '')
    return `${e.label} is taken${other ? ` by ${other.label}` : ''}`
  })
}

function nothingThere({ demand, ends }: Case): readonly string[] {
  const end = ends.get(demand.refs[0] ?? '')
  if (!end) return []
  return [`there is no ${end.sex === 'plug' ? 'socket' : 'plug'} for ${faceName(end.face)}`]
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
  const named = mine.flatMap(w => {
    const note = w.lookAlike
    return note === null ? [] : othersOf([w]).map(({ label }) => ({ note, label }))
  })
  return [...groupBy(named, n => n.note)].map(([note, all]) => {
    const labels = [...new Set(all.map(n => n.label))]
    const more = labels.length > NAMED ? ` and ${labels.length - NAMED} more` : ''
    const look = labels.length === 1 ? 'looks' : 'look'
    return `${labels.slice(0, NAMED).join(', ')}${more} ${look} alike, but: ${note}`
  })
}

/** Shut ends by what shuts them: one sentence each. */
function closures(ends: readonly Outline[], { ends: all, shut }: Tried): readonly string[] {
  const closed = ends.flatMap(({ ref, label }) => {
    const found = shut.get(ref)
    return found ? [{ ...found, label }] : []
  })
  const groups = groupBy(closed, c => `${itemOf(c.by.plug)} ${c.how}`)
  return [...groups.values()].map(group => {
    const { how, by } = at(group, 0)
    const labels = [...new Set(group.map(c => c.label))]
    const one = labels.length === 1
    const where = all.get(by.socket)?.label ?? ''
    return how === 'covered'
      ? `${labels.join(', ')} ${one ? 'lies' : 'lie'} under the card in ${where}`
      : `${labels.join(', ')} ${one ? 'is' : 'are'} switched off while ${where} is in use`
  })
}
