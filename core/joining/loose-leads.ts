// Loose leads: an end in a socket is worth nothing where no socket for its other end lies within
// reach.
import { groupBy } from '../collections/groups'
import type { Field } from '../ways/field'
import { extentOf } from '../ways/reach'
import type { Frame, Vec3 } from '../geometry/space'
import { itemOf } from '../ids/ids'
import { kept } from '../pipeline/kept'
import { type EndOf } from './joint'
import { pinned, type Pins } from './pinned-pairs'
import { stationOf } from './places'
import type { Places, Weighed, Whereabouts } from './weigh'
import { nearestWay, pointsAt, type WayFound } from './ways'

/** Two names: of the plan that asks, and of where everything is, which other plans may share. */
export interface Asked {
  readonly at: string
  readonly there: string
}

/** What was weighed, without the pairs of loose leads whose other end finds nothing near enough. */
export function withinReach(
  { at, there }: Asked,
  weighed: readonly Weighed[],
  { ends, pins }: { readonly ends: ReadonlyMap<string, EndOf>; readonly pins: Pins },
  { places, field }: Whereabouts,
): readonly Weighed[] {
  if (!field) return weighed
  const byHand = new Set(pinned(pins).map(([plug]) => itemOf(plug)))
  const loose = [...ends.values()].filter(e => e.end.among?.how === 'both' && !byHand.has(e.item))
  return checkedLeads(at, { there, weighed, loose, ends, places, field })
}

interface Checking {
  readonly there: string
  readonly weighed: readonly Weighed[]
  readonly loose: readonly EndOf[]
  readonly ends: ReadonlyMap<string, EndOf>
  readonly places: Places
  readonly field: Field
}

const checkedLeads = kept(
  'within-reach',
  ({ there, weighed, loose, ends, places, field }: Checking): readonly Weighed[] => {
    const own = groupBy(loose, e => e.item)
    const ofLead = groupBy(
      weighed.filter(w => w.candidate && own.has(itemOf(w.plug))),
      w => itemOf(w.plug),
    )
    const checked = new Map(
      [...ofLead].flatMap(([lead, list]) => {
        const sockets = list.map(w => {
          const socket = ends.get(w.socket)
          return { socket, where: (socket && places.get(stationOf(socket))) ?? [] }
        })
        const found = ofOneLead(`${there}/${lead}`, list, own.get(lead) ?? [], sockets, field)
        return list.map((w, i) => [w, found[i] ?? w] as const)
      }),
    )
    return weighed.map(w => checked.get(w) ?? w)
  },
)

/** A socket that an end of a lead could go into, with its places. */
interface Goal {
  readonly socket: EndOf | undefined
  readonly where: readonly Frame[]
}

/**
 * One lead's ways to each of its sockets, those struck out that no socket for its other end lies
 * near enough to.
 */
const ofOneLead = kept(
  'lead-reach',
  (
    list: readonly Weighed[],
    own: readonly EndOf[],
    goals: readonly Goal[],
    field: Field,
  ): readonly Weighed[] => {
    const labelOf = ({ socket }: Goal): string => socket?.end.label ?? ''
    const points = goals.map(({ socket, where }): readonly Vec3[] =>
      socket?.end.at ? pointsAt(where, socket.end.at) : [],
    )
    return list.map((w, i) => {
      const end = own.find(e => e.ref === w.plug)?.end
      const from = points[i] ?? []
      const others = list.flatMap((o, k) => {
        const [goal, to] = [goals[k], points[k]]
        return o.plug !== w.plug && goal && to && to.length > 0
          ? [{ to, label: labelOf(goal) }]
          : []
      })
      if (!end?.lead || from.length === 0 || others.length === 0) return w
      const { lead } = end
      const refs = [w.plug, w.socket] as const
      const ways = others.map(({ to, label }) => {
        const between = {
          from,
          nearer: 0,
          to,
          length: lead.length,
          plug: end,
          line: 'lead',
          goal: label,
          refs,
        }
        return { label, way: nearestWay(field, between) }
      })
      return struckOut(w, ways, extentOf(lead.length).value ?? 0, ownGoal(goals[i], labelOf))
    })
  },
)

/** What the lead’s own end goes into, where that is no device’s. */
const ownGoal = (goal: Goal | undefined, labelOf: (goal: Goal) => string): string | null =>
  !goal || goal.socket?.end.traits.side?.includes('device') === true ? null : labelOf(goal)

/** A pair as it is after the ways of the lead's other end were looked at; `own` names its goal. */
function struckOut(
  w: Weighed,
  ways: readonly { readonly label: string; readonly way: WayFound }[],
  have: number,
  own: string | null,
): Weighed {
  if (ways.some(({ way }) => way.reason === null)) return w
  const byLength = ways.filter(({ way }) => way.short).sort((a, b) => a.way.mm - b.way.mm)
  const best = byLength[0] ?? ways[0]
  if (!best) return w
  const label = own ?? best.label
  const { short, mm } = best.way
  const reason = short
    ? `the lead ends ${Math.round(mm - have)} mm short of ${label}`
    : (best.way.reason ?? `no hole leads from the lead to ${label}`)
  return { ...w, candidate: null, reason, short }
}
