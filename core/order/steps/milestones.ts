// The starts of a build order that tries what is there as soon as it can, and again with every stage:
// a fault is then among the few steps since the last start.
import { feeds } from '../../connectors/connectors'
import { taskId } from '../../ids/ids'
import type { Joint } from '../../joining/joint'
import { panelJoints } from '../../panel/block'
import type { PartKind } from '../../parts'
import { every } from '../../plan/situation'
import type { Habits } from '../habits'
import type { PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { hasMains } from './on-table'
import { task } from './task'

/** The trials before the first power-on of the whole machine; none where there is no button to press. */
export function milestones(s: StepsFrom, { proof }: Habits): readonly PlannedStep[] {
  const [board] = every(s, 'board')
  const hasAll = every(s, 'supply').length > 0 && every(s, 'processor').length > 0
  if (proof !== 'in the case' || !board || !hasAll || hasMains(s)) return []
  const least = leastOf(s)
  const drives = joinedTo(s, 'drive')
  const hasMore = s.seats.some(j => j.face === 'slot')
  return [
    trial(s, { key: 'least', what: 'board, processor and memory', needs: least }),
    ...(drives.length > 0 && hasMore
      ? [trial(s, { key: 'drives', what: 'its drives', needs: [...least, ...drives] })]
      : []),
  ]
}

interface Trial {
  readonly key: string
  readonly what: string
  readonly needs: readonly Joint[]
}
function trial(s: StepsFrom, { key, what, needs }: Trial): PlannedStep {
  const id = taskId('milestone', key)
  const items = [...new Set(needs.flatMap(j => j.items))]
  const isDark = !every(s, 'processor').some(p => p.part.picture)
  return task('milestone', {
    ...{ id, marks: [id], items, what, label: key, opens: needs.map(j => j.id) },
    details: isDark ? ['no picture yet: the card comes later'] : [],
  })
}

/** What a board needs to start in the case: what sits on it, its power, what cools it, the switch. */
function leastOf(s: StepsFrom): readonly Joint[] {
  const boards = every(s, 'board').map(b => b.id)
  const coolers = every(s, 'cooler').map(c => c.id)
  const isOn = (j: Joint): boolean => boards.includes(j.items[1])
  const switches = panelJoints(s, 'power-switch').map(p => p.joint)
  const kindOf = (id: string): PartKind | null => s.items.find(i => i.id === id)?.part.kind ?? null
  return [
    ...s.seats.filter(
      j =>
        (isOn(j) && STARTS.includes(kindOf(j.items[0]))) ||
        boards.includes(j.items[0]) ||
        kindOf(j.items[0]) === 'supply' ||
        coolers.includes(j.items[0]),
    ),
    ...s.plugs.filter(
      j =>
        ['board', 'processor'].includes(feeds(j.socketFace) ?? '') ||
        coolers.includes(j.items[0]) ||
        switches.includes(j.id),
    ),
  ]
}
/** Without these nothing starts. */
const STARTS: readonly (PartKind | null)[] = ['processor', 'memory', 'cooler']

/** The joints of every part of a kind. */
function joinedTo(s: StepsFrom, kind: 'drive'): readonly Joint[] {
  const ids = every(s, kind).map(d => d.id)
  return [...s.seats, ...s.plugs].filter(j => j.items.some(i => ids.includes(i)))
}
