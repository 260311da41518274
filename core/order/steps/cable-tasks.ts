// The steps of a supply's cables and leads: into the supply, behind the tray, dressed at the end.
import { feeds } from '../../connectors/connectors'
import { taskId } from '../../ids/ids'
import type { DressedSide, Dressing } from '../../laying/dressing'
import type { ItemOf } from '../../parts/kind'
import type { Supply } from '../../parts/supply-schema'
import type { CablesAtSupply } from '../../plan/supply-sockets'
import { every } from '../../plan/situation'
import type { Habits } from '../habits'
import type { PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { task } from './task'

/** A cable, and what is printed at its socket. */
const cableLine = ({ cable, sockets }: CablesAtSupply['inUse'][number]): string =>
  sockets.length > 0 ? `Cable ${cable} into ${sockets.join(' and ')}.` : `Cable ${cable}.`

/** A modular supply's cables, and the processor's lead where a build order lays it early. */
export const ofSupply = (s: StepsFrom, habits: Habits): readonly PlannedStep[] =>
  every(s, 'supply').flatMap(supply => [
    ...cablesInto(s, supply),
    ...(habits.lead === 'early' ? leadBehind(s, supply) : []),
  ])

function cablesInto(s: StepsFrom, { id: item, name }: ItemOf<Supply>): readonly PlannedStep[] {
  const there = s.cablesAtSupply.find(c => c.supply === item)
  if (!there || there.inUse.length === 0) return []
  const id = taskId('supply-cables', item)
  return [
    task('supply-cables', {
      ...{ id, marks: [id], items: [item], what: name },
      details: there.inUse.map(cableLine),
      label: there.unused.join(', '),
    }),
  ]
}

function leadBehind(s: StepsFrom, { id: item, name }: ItemOf<Supply>): readonly PlannedStep[] {
  const lead = s.plugs.find(j => j.items[0] === item && feeds(j.socketFace) === 'processor')
  const isIn = s.seats.some(j => j.items[0] === item)
  if (!lead || !isIn || staysInFront(s.dressing, lead.a)) return []
  const id = taskId('lay-lead', item)
  return [
    task('lay-lead', {
      ...{ id, marks: [id], items: [item], to: name },
      what: s.outlines.get(lead.a)?.label ?? '',
      label: s.outlines.get(lead.b)?.label ?? '',
      details: lastHole(s.dressing, lead.a),
    }),
  ]
}

const laidOn = ({ sides }: Dressing, side: DressedSide['side'], plug: string) =>
  sides.find(d => d.side === side)?.leads.find(l => l.id === plug)
/** A lead whose way is known, and nowhere goes behind the tray. */
const staysInFront = (dressing: Dressing, plug: string): boolean =>
  laidOn(dressing, 'near', plug) !== undefined && !laidOn(dressing, 'behind', plug)
/** The hole by which a lead comes from behind the tray, where its way is known. */
const lastHole = (dressing: Dressing, plug: string): readonly string[] =>
  laidOn(dressing, 'behind', plug)?.through.slice(-1) ?? []

const SIDE = { behind: 'Behind the tray', near: 'On the near side' } as const

/** What is done to the leads, side by side: their order, where they are tied, what is minded. */
export const dressingLines = ({ sides }: Dressing): readonly string[] =>
  sides.flatMap(({ side, leads, ties }) => [
    `${SIDE[side]}: ${inOrder(leads.map(l => l.label))}.`,
    ...ties.map(t => `A tie ${t.label}.`),
  ])

/** The thickest by name, the thin ones after them by their number: Cables lists them all. */
function inOrder(labels: readonly string[]): string {
  const first = labels.slice(0, NAMED)
  const more = labels.length - first.length
  return `${first.join('; ')}${more > 0 ? `; then ${more} thinner` : ''}`
}
/** Named choice: so many leads are named at the bench. */
const NAMED = 5
