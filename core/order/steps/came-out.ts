// The steps of what sits in a case when it comes and is not to stay there: out of its place before
// anything takes it.
import type { Wall } from '../../case/air'
import { taskId, type TaskId } from '../../ids/ids'
import type { ComesOut } from '../../plan/came'
import type { PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { task } from './task'

export const outOfPlaceTask = ({ id }: Pick<ComesOut, 'id'>): TaskId => taskId('take-came', id)

/** A wall as it is said; nothing where nobody says which it is. */
function placeAt(wall: Wall | null): string {
  if (wall === 'near' || wall === 'far') return `${wall} side`
  return wall ?? ''
}

/** One step for each of them. */
export const cameOutSteps = (s: Pick<StepsFrom, 'comesOut' | 'items'>): readonly PlannedStep[] =>
  s.comesOut.map(thing => {
    const id = outOfPlaceTask(thing)
    const pc = s.items.find(i => i.id === thing.case)?.name ?? ''
    return task('came-out', {
      ...{ id, marks: [id], what: thing.model, to: pc },
      items: thing.item === null ? [] : [thing.item],
      label: placeAt(thing.wall),
      manner: {
        of: 'came',
        isKept: thing.item !== null,
        seats: [...thing.inPlace, ...(thing.seat ? [thing.seat] : [])].map(j => j.id),
      },
    })
  })
