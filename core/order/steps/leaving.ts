// The steps of what comes out of a machine that stands: each where it was, before anything takes its
// place. What only goes to another place comes out there first.
import { endsOfJoint, itemOf, keyOf, taskId, type EndRef } from '../../ids/ids'
import type { Leaving } from '../../document/build'
import type { PartKind } from '../../parts'
import { OUTSIDE, type OldMoves, type PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { task } from './task'

/** What is plugged from outside. */
const FROM_OUTSIDE: readonly PartKind[] = ['device', 'stick']

/** One step for each, with what its plugs were in. */
export const leavingSteps = (s: StepsFrom): readonly PlannedStep[] =>
  s.leaving.map(old => {
    const id = taskId('take-old', old.id)
    const { kind, model } = old.item.part
    const at = placesOf(old)
    const moves = movesTo(s, old)
    return task('old-out', {
      ...{ id, marks: [id], what: moves?.what ?? model, to: firstHolder(s, old) },
      label: FROM_OUTSIDE.includes(kind) ? OUTSIDE : '',
      details: at.flatMap(place => hangsOn(s, old, place)),
      manner: { of: 'old', kind, at, moves },
      pose: FROM_OUTSIDE.includes(kind) ? 'standing' : 'lying',
    })
  })

/** The ends of other items that it was joined with. */
const placesOf = ({ item, joints }: Leaving): readonly EndRef[] =>
  joints.flatMap(id => (endsOfJoint(id) ?? []).filter(end => itemOf(end) !== item.id))

/** Of what stays in the build and goes to another place: its end, and how; null where it leaves. */
function movesTo(s: StepsFrom, { item, joints }: Leaving): OldMoves | null {
  const here = s.items.find(i => i.id === item.id)
  if (here?.part.id !== item.part.id) return null
  const [end] = endsOfJoint(joints[0] ?? '') ?? []
  const outline = end === undefined ? undefined : s.outlines.get(end)
  if (end === undefined || !outline) return null
  const isSeat = s.seats.some(j => j.a === end)
  const hangs = isSeat ? here.name : `${outline.label} of the ${here.name}`
  return { end, what: hangs, isSeat }
}

const firstHolder = (s: StepsFrom, old: Leaving): string => {
  const [, socket] = endsOfJoint(old.joints[0] ?? '') ?? []
  return s.items.find(i => socket !== undefined && i.id === itemOf(socket))?.name ?? ''
}

/** What of another part was joined with it: the print there, and whose it is. */
function hangsOn(s: StepsFrom, { item }: Leaving, place: EndRef): readonly string[] {
  const owner = s.items.find(i => i.id === itemOf(place))
  const label = s.outlines.get(place)?.label ?? keyOf(place)
  return owner && owner.id !== item.id ? [`${label} of the ${owner.name}`] : []
}

/** What lies over where it was: the coolers on its board, and what lies over what comes there now. */
export function overOld(old: PlannedStep, made: readonly PlannedStep[]): readonly string[] {
  if (old.manner?.of !== 'old') return []
  const { kind, at } = old.manner
  const over = made.filter(step => step.joints.some(j => endsOfJoint(j)?.some(e => at.includes(e))))
  const boards = at.map(itemOf)
  const coolers = made.filter(
    step => step.kind === 'cooler' && step.items.some(i => boards.includes(i)),
  )
  const ids = [
    ...over.flatMap(step => step.under),
    ...(kind === 'processor' ? coolers : []).map(c => c.id),
  ]
  return [...new Set(ids)]
}
