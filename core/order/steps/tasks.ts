// The steps that make no joint: making ready, standoffs, covers, first power-on, closing, writing
// down; and places that found no partner.
import { within } from '../../figures/format'
import { endRef, giveBackTask, taskId } from '../../ids/ids'
import { specOf, type PartKind } from '../../parts'
import { labelsOf, standoffPlan, standoffTask } from '../../plan/standoffs'
import { every, joinedBy } from '../../plan/situation'
import { cardsInCase, heldCards, slotRows } from '../../rules/fit/cards-in-case'
import { jumpersAtWork, settingOf } from '../../rules/joints/jumper'
import type { Supply } from '../../parts/supply-schema'
import type { Habits } from '../habits'
import { OUTSIDE, type PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { dressingLines, ofSupply } from './cable-tasks'
import { milestones } from './milestones'
import { flashes, hasMains, tableStart } from './on-table'
import { panelSteps, pieceSteps } from './pieces'
import { task } from './task'

/** What is done besides joining, as a build order wants it. */
export const tasksOf = (s: StepsFrom, habits: Habits): readonly PlannedStep[] => [
  ...always(s),
  ...pieceSteps(s),
  ...standoffs(s),
  ...jumpers(s),
  ...retainers(s),
  ...mainsSwitches(s),
  ...covers(s),
  ...ofSupply(s, habits),
  ...flashes(s, habits),
  ...tableStart(s, habits),
  ...milestones(s, habits),
  ...lent(s),
]

/** Making ready, the first power-on, closing, writing down. */
function always(s: StepsFrom): readonly PlannedStep[] {
  const [pc] = every(s, 'case')
  const starts = every(s, 'supply').length > 0 && every(s, 'board').length > 0
  const isMains = hasMains(s)
  return [
    task('bench'),
    ...panelSteps(s, 'panels-off'),
    ...(starts ? [task('first-power', { manner: { of: 'power', isMains } })] : []),
    ...(pc ? [dressing(s, pc)] : []),
    ...panelSteps(s, 'panels-on'),
    task('record'),
  ]
}

const dressing = (
  s: StepsFrom,
  { id, name: what }: { readonly id: string; readonly name: string },
): PlannedStep => {
  const laid = s.dressing
  return task('dress', {
    ...{ items: [id], what, details: dressingLines(laid) },
    manner: { of: 'dressing', minutes: laid.minutes, free: freeLeads(s, id) },
    pose: laid.sides[0]?.side === 'behind' ? 'behind' : 'lying',
  })
}

/** Leads of a case that are plugged into nothing; a switch that carries mains is no such lead. */
function freeLeads(s: StepsFrom, id: string): readonly string[] {
  const pc = s.items.find(i => i.id === id)
  const taken = new Set(s.plugs.map(j => j.a))
  const isMains = hasMains(s)
  if (pc?.part.kind !== 'case') return []
  return (pc.part.leads ?? [])
    .filter(lead => !taken.has(endRef(id, lead.key)))
    .filter(lead => !(isMains && lead.job?.includes('power-switch') === true))
    .map(lead => lead.label)
}

/** Standoffs to take out and to fit before each board, where there are any. */
const standoffs = (s: StepsFrom): readonly PlannedStep[] =>
  joinedBy(s, 'tray', 'board', 'case').flatMap(({ plug: board, socket: pc }) => {
    const plan = standoffPlan(board, pc)
    if (plan.fit.length + plan.takeOut.length + plan.posts.length === 0) return []
    const id = standoffTask(board.id)
    const about = { id, marks: [id], items: [pc.id, board.id], what: board.name, to: pc.name }
    const manner = { of: 'standoffs', fitted: plan.fit.length } as const
    return [task('standoffs', { ...about, manner, details: standoffLines(plan) })]
  })

function standoffLines({
  takeOut,
  keep,
  fit,
  posts,
  onPegs,
}: ReturnType<typeof standoffPlan>): readonly string[] {
  const line = (these: typeof fit, says: (labels: string) => string): readonly string[] =>
    these.length > 0 ? [says(labelsOf(these))] : []
  return [
    ...line(takeOut, at => `Take out ${at}.`),
    ...line(keep, at => `Keep ${at}.`),
    ...line(fit, at => `Fit ${at}.`),
    ...line(
      posts,
      at =>
        `Plastic posts into the board at ${at}, from below until they snap; ` +
        'their feet slide into the slots of the tray.',
    ),
    ...line(onPegs, at => `At ${at} stands a guide peg: it holds the board and takes no screw.`),
  ]
}

/** Jumpers of boards that what is in the machine decides. */
function jumpers(s: StepsFrom): readonly PlannedStep[] {
  return every(s, 'board').flatMap(board => {
    const own = jumpersAtWork(s).filter(work => work.board.id === board.id)
    const details = own.flatMap(work => settingOf(work) ?? [])
    const id = taskId('jumpers', board.id)
    if (details.length === 0) return []
    return [task('jumpers', { id, marks: [id], items: [board.id], what: board.name, details })]
  })
}

/** What holds a card at its far end, where it is a part by itself. */
const retainers = (s: StepsFrom): readonly PlannedStep[] =>
  every(s, 'sundry')
    .filter(i => i.part.use === 'retainer')
    .flatMap(clip =>
      heldCards(s)
        .filter(held => held.slot.retainer === 'separate')
        .map(({ card, board, slot }) => {
          const id = taskId('retainer', card.id)
          const items = [board.id, clip.id, card.id]
          return task('retainer', { id, marks: [id], items, what: clip.name, label: slot.label })
        }),
    )

/**
 * The mains switch of an old supply goes into the front of its case. One that is missing or bare is
 * no step for a builder: that stops, and is for a licensed electrician.
 */
const mainsSwitches = (s: StepsFrom): readonly PlannedStep[] =>
  every(s, 'supply')
    .filter(i => i.part.form === 'AT' && FITTED_BY_HAND.includes(i.part.mainsSwitch ?? null))
    .flatMap(supply =>
      every(s, 'case').map(pc => {
        const id = taskId('mains-switch', supply.id)
        const items = [supply.id, pc.id]
        return task('mains-switch', { id, marks: [id], items, what: supply.name, to: pc.name })
      }),
    )

/** Sleeved as it comes; where nobody looked, the step looks first. */
const FITTED_BY_HAND: readonly (Supply['mainsSwitch'] | null)[] = ['at the front, sleeved', null]

/** Whether it is taken off from outside, or out of the machine. */
const giveBackAs = (kind: PartKind): string =>
  kind === 'device' || kind === 'stick' ? OUTSIDE : within(specOf(kind).title)

/** What was lent for the set-up goes back: what is inside before the machine is closed. */
const lent = (s: StepsFrom): readonly PlannedStep[] =>
  s.items
    .filter(i => i.state === 'lent')
    .map(item => {
      const id = giveBackTask(item.id)
      const about = { id, marks: [id], items: [item.id], what: item.name }
      return task('give-back', { ...about, label: giveBackAs(item.part.kind) })
    })

/** Covers off before each card. */
const covers = (s: StepsFrom): readonly PlannedStep[] =>
  cardsInCase(s).map(c => {
    const id = taskId('covers', c.card.id)
    return task('covers', {
      ...{ id, marks: [id], items: [c.pc.id, c.card.id] },
      ...{ what: c.card.name, to: c.pc.name, label: slotRows(c).join(', ') },
      manner: { of: 'covers', rows: slotRows(c) },
    })
  })

/**
 * Demands that found no partner stand in the order as open places: they are solved, left open, or
 * they stop.
 */
export function openPlaces(s: StepsFrom): readonly PlannedStep[] {
  return s.unmet
    .filter(u => u.demand.need !== 'may')
    .map(u => {
      const name = s.items.find(i => i.id === u.demand.item)?.name ?? u.demand.item
      return task('open', {
        id: `open:${u.demand.id}`,
        marks: [],
        demand: u.demand.id,
        items: [u.demand.item],
        what: u.demand.label,
        to: name,
        details: u.reasons,
      })
    })
}
