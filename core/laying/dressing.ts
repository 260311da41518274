// How leads are dressed once all is proved: side by side of the case, the thickest first, tied where
// the case has points for it, and what is over put where it is in nobody's way.
import { compareBy } from '../collections/compare'
import type { Layout, Tie } from '../case/layout'
import { sectionOf } from '../case/holes'
import { wholeMm } from '../figures/format'
import { valueOf } from '../figures/quantity'
import type { Solid } from '../joining/solids'
import type { Item } from '../parts'
import { DRESSING } from '../standards/minutes'
import { openingLabel } from '../ways/way'
import { fansIn, lengthBefore } from './blades'
import { throughout } from './crossings'
import type { LaidLead } from './lay-lead'
import { lengthIn, lengthOf, nearness, stretchesOf, type Stretch } from './stretches'

export interface Dressing {
  readonly sides: readonly DressedSide[]
  readonly minutes: number
}
export interface DressedSide {
  readonly side: Stretch['side']
  /** In the order in which they are laid: what comes first lies undermost. */
  readonly leads: readonly DressedLead[]
  readonly ties: readonly TiedAt[]
}
export interface DressedLead {
  readonly id: string
  readonly label: string
  readonly to: string
  /** How much of it lies on this side, mm. */
  readonly mm: number
  readonly through: readonly string[]
  /** What is minded of it: where the rest goes, what it is kept off. */
  readonly notes: readonly string[]
}
export interface TiedAt {
  readonly label: string
  readonly leads: readonly string[]
}

export interface ToDress {
  readonly leads: readonly LaidLead[]
  readonly layout: Layout | null
  readonly solids: readonly Solid[]
  readonly items: readonly Item[]
}

/** Named choices: how near a lead passes a point that it is tied to; how far ties stand apart, mm. */
const TIED = { within: 45, every: 150 } as const
/** Named choices: from how much on a rest is stowed, and what a drive needs to slide out, mm. */
const REST = { from: 60, drive: 80 } as const

/** What is done to the leads of a machine, and how long that takes. */
export function dressingOf(all: ToDress): Dressing {
  const { leads, layout } = all
  const laid = leads
    .filter(l => l.reach !== null && !l.reach.isBlocked)
    .sort(
      compareBy(
        l => -sectionOf(l.plug.end.face),
        l => l.plug.ref,
      ),
    )
  const sides = (['behind', 'near'] as const).flatMap(side => sideOf(all, laid, side))
  const holes = layout?.openings.filter(o => laid.some(l => l.reach?.way.through.includes(o.key)))
  const ties = sides.reduce((sum, s) => sum + s.ties.length, 0)
  const minutes =
    DRESSING.begin +
    DRESSING.lead * laid.length +
    DRESSING.tie * ties +
    DRESSING.hole * (holes?.length ?? 0)
  return { sides, minutes: Math.round(minutes) }
}

interface OnSide {
  readonly lead: LaidLead
  readonly stretches: readonly Stretch[]
}

/** One side of the case; none where no lead lies there. */
function sideOf(
  all: ToDress,
  laid: readonly LaidLead[],
  side: Stretch['side'],
): readonly DressedSide[] {
  const here = laid.flatMap((lead): readonly OnSide[] => {
    const stretches = stretchesOf(lead.reach?.way.points ?? []).filter(s => s.side === side)
    return stretches.length > 0 ? [{ lead, stretches }] : []
  })
  if (here.length === 0) return []
  return [
    {
      side,
      leads: here.map(on => dressed(all, on, side)),
      ties: all.layout ? tiesOf(all.layout, here, side) : [],
    },
  ]
}

const onSide = ({ stretches }: OnSide): number =>
  stretches.reduce((sum, s) => sum + lengthOf(s.points), 0)

function dressed(all: ToDress, on: OnSide, side: Stretch['side']): DressedLead {
  const { lead } = on
  return {
    id: lead.plug.ref,
    label: lead.label,
    to: lead.to,
    mm: onSide(on),
    through: (lead.reach?.way.through ?? []).map(key =>
      openingLabel(all.layout?.openings ?? [], key),
    ),
    notes: [
      ...restOf(all, lead, side),
      ...(side === 'near' ? bladesBy(all, on) : channelsOf(all, on)),
    ],
  }
}

/** What a lead has over, and where that goes: said on the side where it is stowed. */
function restOf({ items }: ToDress, lead: LaidLead, side: Stretch['side']): readonly string[] {
  const [need, have] = [lead.reach ? valueOf(lead.reach.need) : null, valueOf(lead.length)]
  if (need === null || have === null || have < need) return []
  const drive = items.find(
    i => i.part.kind === 'drive' && lead.joints.some(j => j.items.includes(i.id)),
  )
  const rest = have - need
  const over = Math.round((rest - (drive ? REST.drive : 0)) / 10) * 10
  const where = stowedOn(lead)
  return [
    ...(where === side && over >= REST.from
      ? [`about ${wholeMm(over)} over: ${STOWED[where]}`]
      : []),
    ...(drive && side === 'near' ? [slidesOut(drive.name, rest)] : []),
  ]
}

/** The side on which there is room for a rest: behind the tray where it goes there at all. */
const stowedOn = (lead: LaidLead): Stretch['side'] =>
  stretchesOf(lead.reach?.way.points ?? []).some(s => s.side === 'behind') ? 'behind' : 'near'
const STOWED = { behind: 'folded here', near: 'in a loop beside its way, out of the air' } as const

const slidesOut = (drive: string, rest: number): string =>
  rest >= REST.drive
    ? `leave ${wholeMm(REST.drive)} of it at the ${drive}, so that it slides out`
    : `unplug it before the ${drive} slides out: little is left over`

/** The channels that it lies in. */
const channelsOf = ({ layout }: ToDress, { stretches }: OnSide): readonly string[] =>
  (layout?.channels ?? [])
    .filter(
      channel =>
        stretches.reduce((mm, s) => mm + lengthIn(s.points, throughout(channel)), 0) > CHANNEL,
    )
    .map(({ label }) => `in the ${label}`)
/** Named choice: what lies in a channel for no more only crosses it, mm. */
const CHANNEL = 60

/** The fans before which it hangs. */
function bladesBy({ solids, items }: ToDress, { lead }: OnSide): readonly string[] {
  return fansIn(solids)
    .filter(fan => lengthBefore(fan, lead) > 0)
    .map(fan => {
      const name = items.find(i => i.id === fan.item)?.name ?? fan.item
      return `tied down before the ${name}: nothing reaches its blades`
    })
}

/**
 * The points of the case that leads of a side pass; where nobody says where there are any, one every
 * 150 mm of the longest of them.
 */
function tiesOf(
  { ties }: Layout,
  here: readonly OnSide[],
  side: Stretch['side'],
): readonly TiedAt[] {
  if (ties === null) {
    const longest = here.reduce((most, on) => Math.max(most, onSide(on)), 0)
    const count = Math.floor(longest / TIED.every)
    const leads = here.map(on => on.lead.label)
    return Array.from({ length: count }, (_, i) => ({
      label: `where they run together, ${wholeMm((i + 1) * TIED.every)} along`,
      leads,
    }))
  }
  return ties
    .filter(tie => isOn(tie, side))
    .flatMap(tie => {
      const held = here.filter(on =>
        on.stretches.some(s => nearness(s.points, levelled(tie, s)) <= TIED.within),
      )
      return held.length > 0 ? [{ label: tie.label, leads: held.map(on => on.lead.label) }] : []
    })
}

/** A point of the tray itself serves behind it. */
const isOn = ({ at }: Tie, side: Stretch['side']): boolean => at[2] > 0 === (side === 'near')

/** A point as high as leads lie on its side. */
const levelled = ({ at: [x, y, z] }: Tie, { side, points }: Stretch) =>
  [x, y, side === 'behind' ? Math.min(...points.map(p => p[2])) : z] as const
