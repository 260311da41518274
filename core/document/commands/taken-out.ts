// What an item leaves behind when it is taken out: its joints and tasks are open again, and where it
// was in the machine already, it has to come out there.
import { endsOfJoint, freshName, isAgain, isJointOf, isTaskOn, taskId } from '../../ids/ids'
import { buildInOrder, entriesOf, itemInOrder, withEntries } from '../canonical'
import type { Build, Leaving, Progress, StoredItem } from '../build'

/** Progress and what leaves, as they stood: what takes a taking-out back. */
export interface Before {
  readonly entries: Record<string, Progress | null>
  readonly leaving: readonly Leaving[]
}

/** What is done to a case itself: another one is as it comes. */
const ON_A_CASE = [
  ...['panels-off', 'piece-off', 'standoffs', 'covers'],
  ...['lay-lead', 'piece-on', 'dress', 'panels-on'],
].map(what => taskId(what))

/** What was done with an item that is no longer there. */
function doneWith(build: Build, { id: item, part }: StoredItem): readonly string[] {
  const isOnCase = (id: string): boolean =>
    part.kind === 'case' &&
    (isAgain(id) || ON_A_CASE.some(task => id === task || id.startsWith(`${task}:`)))
  return Object.keys(build.progress).filter(
    id => isJointOf(id, item) || isTaskOn(id, item) || isOnCase(id),
  )
}

const isMade = (entry: Progress | undefined): boolean =>
  entry?.state === 'made' || entry?.state === 'proved'

/** The build without what was done with an item, which comes out where it was in already. */
export function takenOut(
  build: Build,
  item: StoredItem,
): { readonly build: Build; readonly before: Before } {
  const done = doneWith(build, item)
  const joints = done.filter(id => endsOfJoint(id) !== null && isMade(build.progress[id]))
  const leaving = build.leaving ?? []
  const id = freshName(
    leaving.map(l => l.id),
    item.id,
  )
  const leaves = joints.length > 0 ? [{ id, item, joints }] : []
  return {
    build: putBack(build, {
      entries: Object.fromEntries(done.map(id => [id, null])),
      leaving: [...leaving, ...leaves],
    }),
    before: { entries: entriesOf(build.progress, done), leaving },
  }
}

/** The build with progress and what leaves put as given; what is not given stays. */
export function putBack(
  build: Build,
  { entries = {}, leaving }: { readonly [K in keyof Before]?: Before[K] | undefined },
): Build {
  const { leaving: known, ...rest } = build
  const next = leaving ?? known ?? []
  return buildInOrder({
    ...rest,
    progress: withEntries(build.progress, entries),
    ...(next.length > 0 && {
      leaving: next.map(l => ({ ...l, item: itemInOrder(l.item) })),
    }),
  })
}
