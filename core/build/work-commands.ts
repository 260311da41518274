// Commands on the work: what was made, proved, crossed off, accepted, noted.
import { z } from 'zod'
import { ORDER_SCHOOL, ORDER_SCHOOLS } from '../order/schools'
import { SCHOOLS } from '../standards/supplies'
import { progressSchema, type Build, type Progress } from './build'
import { defineCommand } from './command'

const ids = z.array(z.string().min(1)).min(1)
const title = z.string().default('')

function withProgress(build: Build, entries: Readonly<Record<string, Progress | null>>): Build {
  const progress = { ...build.progress }
  for (const [id, entry] of Object.entries(entries)) {
    if (entry === null) delete progress[id]
    else progress[id] = entry
  }
  return { ...build, progress }
}

/** What stands now under these ids, as the inverse needs it. */
const standing = (build: Build, of: readonly string[]): Record<string, Progress | null> =>
  Object.fromEntries(of.map(id => [id, build.progress[id] ?? null]))

/** Puts progress entries as they are given: the inverse of make, prove and cross off. */
export const setProgress = defineCommand({
  name: 'setProgress',
  args: z.looseObject({
    entries: z.record(z.string(), progressSchema.nullable()),
    title,
    at: z.string(),
  }),
  run: (build, { entries, title: what }) => ({
    build: withProgress(build, entries),
    inverse: { do: 'setProgress', entries: standing(build, Object.keys(entries)), title: what },
    line: `Set back: ${what}`,
  }),
})

function progressCommand(name: string, state: Progress['state'], verb: string) {
  return defineCommand({
    name,
    args: z.looseObject({
      ids,
      title,
      at: z.string(),
      by: z.string().optional(),
      took: z.number().nonnegative().optional(),
      how: z.string().optional(),
    }),
    run(build, { ids: which, title: what, at, by, took, how }) {
      const entry: Progress = {
        state,
        at,
        ...(by === undefined ? {} : { by }),
        ...(took === undefined ? {} : { took }),
        ...(how === undefined ? {} : { how }),
      }
      return {
        build: withProgress(build, Object.fromEntries(which.map(id => [id, entry]))),
        inverse: { do: 'setProgress', entries: standing(build, which), title: what },
        line: `${verb} ${what || which.join(', ')}${how ? ` (${how})` : ''}`,
      }
    },
  })
}

export const make = progressCommand('make', 'made', 'Made:')
export const prove = progressCommand('prove', 'proved', 'Proved:')
/** Crossing off takes a reason, given as `how`. */
export const crossOff = progressCommand('crossOff', 'crossed', 'Crossed off:')

/** What was proved is no longer: joints stay made, points of a list that stand for nothing else are open again. */
export const unprove = defineCommand({
  name: 'unprove',
  args: z.looseObject({ ids, title, at: z.string() }),
  run(build, { ids: which, title: what }) {
    const back = (id: string): Progress | null => {
      const known = build.progress[id]
      return known && id.includes('~') ? { ...known, state: 'made' } : null
    }
    return {
      build: withProgress(build, Object.fromEntries(which.map(id => [id, back(id)]))),
      inverse: { do: 'setProgress', entries: standing(build, which), title: what },
      line: `Not proved: ${what || which.join(', ')}`,
    }
  },
})

function reasonCommands(
  set: string,
  unset: string,
  book: 'accepted' | 'leftOpen',
  verb: string,
  back: string,
) {
  const put = (build: Build, id: string, entry: { reason: string; at: string } | null): Build => {
    const next = { ...build.choices[book] }
    if (entry === null) delete next[id]
    else next[id] = entry
    return { ...build, choices: { ...build.choices, [book]: next } }
  }
  const undoOf = (build: Build, id: string, what: string) => {
    const known = build.choices[book][id]
    return known
      ? { do: set, id, title: what, reason: known.reason }
      : { do: unset, id, title: what }
  }
  return [
    defineCommand({
      name: set,
      args: z.looseObject({
        id: z.string(),
        title,
        reason: z.string().trim().min(1, 'give a reason'),
        at: z.string(),
      }),
      run: (build, { id, title: what, reason, at }) => ({
        build: put(build, id, { reason, at }),
        inverse: undoOf(build, id, what),
        line: `${verb} ${what || id} (${reason})`,
      }),
    }),
    defineCommand({
      name: unset,
      args: z.looseObject({ id: z.string(), title, at: z.string() }),
      run: (build, { id, title: what }) => ({
        build: put(build, id, null),
        inverse: undoOf(build, id, what),
        line: `${back} ${what || id}`,
      }),
    }),
  ]
}

export const reasons = [
  ...reasonCommands('accept', 'unaccept', 'accepted', 'Accepted:', 'No longer accepted:'),
  ...reasonCommands('leaveOpen', 'askAgain', 'leftOpen', 'Left open:', 'Asked for again:'),
]

export const note = defineCommand({
  name: 'note',
  args: z.looseObject({ note: z.string(), at: z.string() }),
  run: (build, { note: text }) => ({
    build: { ...build, note: text },
    inverse: { do: 'note', note: build.note },
    line: 'Changed the note',
  }),
})

export const rename = defineCommand({
  name: 'rename',
  args: z.looseObject({ name: z.string().trim().min(1, 'a build needs a name'), at: z.string() }),
  run: (build, { name }) => ({
    build: { ...build, name },
    inverse: { do: 'rename', name: build.name },
    line: `Renamed ${build.name} to ${name}`,
  }),
})

export const chooseSchool = defineCommand({
  name: 'chooseSchool',
  args: z.looseObject({ school: z.enum(SCHOOLS), at: z.string() }),
  run: (build, { school }) => ({
    build: { ...build, choices: { ...build.choices, school } },
    inverse: { do: 'chooseSchool', school: build.choices.school },
    line: `Supply sized by the ${school} school`,
  }),
})

function withJoining(
  build: Build,
  pins: Readonly<Record<string, string | null>>,
  entries: Readonly<Record<string, Progress | null>>,
): Build {
  const next = { ...build.choices.pins }
  for (const [plug, socket] of Object.entries(pins)) {
    if (socket === null) delete next[plug]
    else next[plug] = socket
  }
  const changed = withProgress(build, entries)
  return { ...changed, choices: { ...changed.choices, pins: next } }
}

/** Puts pins and progress as they are given: the inverse of joining by hand. */
export const setJoining = defineCommand({
  name: 'setJoining',
  args: z.looseObject({
    pins: z.record(z.string(), z.string().nullable()),
    entries: z.record(z.string(), progressSchema.nullable()),
    title,
    at: z.string(),
  }),
  run: (build, { pins, entries, title: what }) => ({
    build: withJoining(build, pins, entries),
    inverse: {
      do: 'setJoining',
      pins: Object.fromEntries(
        Object.keys(pins).map(plug => [plug, build.choices.pins[plug] ?? null]),
      ),
      entries: standing(build, Object.keys(entries)),
      title: what,
    },
    line: `Joined as before: ${what}`,
  }),
})

/**
 * Joins a plug by hand, or lets it find its own place. A plug is in one socket and a socket holds one plug: what was pinned
 * or made otherwise of either is let go.
 */
export const pin = defineCommand({
  name: 'pinJoint',
  args: z.looseObject({ plug: z.string(), socket: z.string().nullable(), title, at: z.string() }),
  run(build, { plug, socket, title: what }) {
    const others =
      socket === null
        ? []
        : Object.entries(build.choices.pins)
            .filter(([p, s]) => p !== plug && s === socket)
            .map(([p]) => p)
    const undone =
      socket === null
        ? []
        : Object.keys(build.progress).filter(id => {
            const [p, s] = id.split('~')
            return s !== undefined && (p === plug) !== (s === socket)
          })
    const pins = { ...Object.fromEntries(others.map(p => [p, null])), [plug]: socket }
    return {
      build: withJoining(build, pins, Object.fromEntries(undone.map(id => [id, null]))),
      inverse: {
        do: 'setJoining',
        pins: Object.fromEntries(Object.keys(pins).map(p => [p, build.choices.pins[p] ?? null])),
        entries: standing(build, undone),
        title: what,
      },
      line: socket === null ? `Unpinned ${what || plug}` : `Pinned ${what || plug}`,
    }
  },
})

export const chooseOrder = defineCommand({
  name: 'chooseOrder',
  args: z.looseObject({ school: z.enum(ORDER_SCHOOLS), at: z.string() }),
  run: (build, { school }) => ({
    build: { ...build, choices: { ...build.choices, orderSchool: school } },
    inverse: { do: 'chooseOrder', school: build.choices.orderSchool },
    line: `Order by the school “${ORDER_SCHOOL[school].label}”`,
  }),
})

/** Puts one step before another by hand, or takes such a wish back. */
export const pinOrder = defineCommand({
  name: 'pinOrder',
  args: z.looseObject({
    before: z.string().min(1),
    after: z.string().min(1),
    off: z.boolean().default(false),
    title,
    at: z.string(),
  }),
  run(build, { before, after, off, title: what }) {
    if (before === after)
      return { problem: 'A step cannot come before itself. Choose another one.' }
    const others = build.choices.orderPins.filter(
      ([a, b]) => !(a === before && b === after) && !(a === after && b === before),
    )
    const known = build.choices.orderPins.some(([a, b]) => a === before && b === after)
    const turned = build.choices.orderPins.some(([a, b]) => a === after && b === before)
    const orderPins = off ? others : [...others, [before, after] as [string, string]]
    const inverse = turned
      ? { do: 'pinOrder', before: after, after: before, title: what }
      : { do: 'pinOrder', before, after, off: !known, title: what }
    return {
      build: { ...build, choices: { ...build.choices, orderPins } },
      inverse,
      line: `${off ? 'No longer put' : 'Put'} by hand: ${what || `${before} before ${after}`}`,
    }
  },
})
