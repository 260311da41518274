// What an item leaves behind when it is taken out or moved: its joints and tasks are open again, and
// where it was in the machine already, it has to come out there.
import { endsOfJoint, freshName, isAgain, isJointOf, isTaskOn, itemOf, taskId } from '../../ids/ids'
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
  ...['take-came', 'lay-lead', 'piece-on', 'dress', 'panels-on'],
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
  const before = { entries: entriesOf(build.progress, done), leaving: build.leaving ?? [] }
  const others = before.leaving.map(l => ({ ...l, joints: l.joints.filter(isNotAt(item.id)) }))
  return {
    build: putBack(build, {
      entries: none(done),
      leaving: [...others, ...leavesBy(build, item, { joints: done, beside: others })],
    }),
    before,
  }
}

const none = (ids: readonly string[]): Record<string, null> =>
  Object.fromEntries(ids.map(id => [id, null]))

/** What else leaves was not joined with another copy. */
const isNotAt =
  (item: string) =>
  (joint: string): boolean =>
    endsOfJoint(joint)?.every(end => itemOf(end) !== item) ?? false

/** An item leaves where it was in already. */
function leavesBy(
  build: Build,
  item: StoredItem,
  { joints, beside }: { readonly joints: readonly string[]; readonly beside: readonly Leaving[] },
): readonly Leaving[] {
  const made = joints.filter(id => endsOfJoint(id) !== null && isMade(build.progress[id]))
  const id = freshName(
    beside.map(l => l.id),
    item.id,
  )
  return made.length > 0 ? [{ id, item, joints: made }] : []
}

/** The build without some of its joints: what was made already comes out there, and its item stays. */
export function movedFrom(
  build: Build,
  joints: readonly string[],
): { readonly build: Build; readonly before: Before } {
  const before = { entries: entriesOf(build.progress, joints), leaving: build.leaving ?? [] }
  const leaving = joints.reduce<readonly Leaving[]>((beside, joint) => {
    const [plug] = endsOfJoint(joint) ?? []
    const item = build.items.find(i => plug !== undefined && i.id === itemOf(plug))
    return item ? [...beside, ...leavesBy(build, item, { joints: [joint], beside })] : beside
  }, before.leaving)
  return { build: putBack(build, { entries: none(joints), leaving }), before }
}

/** Of what leaves what is in its place still and is wanted there again: it stays as it was made. */
export function stayingIn(
  build: Build,
  isWanted: (leaving: Leaving) => boolean,
  at: string,
): { readonly build: Build; readonly before: Before } {
  const leaving = build.leaving ?? []
  const stays = leaving.filter(
    l => isWanted(l) && !isMade(build.progress[taskId('take-old', l.id)]),
  )
  const joints = stays.flatMap(l => l.joints)
  const made: Progress = { state: 'made', at }
  return {
    build: putBack(build, {
      entries: Object.fromEntries(joints.map(id => [id, made])),
      leaving: leaving.filter(l => !stays.includes(l)),
    }),
    before: { entries: entriesOf(build.progress, joints), leaving },
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
