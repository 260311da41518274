// The joints of a horizon: seats and plugs chosen beside what is made, frames handed down.
import { compareBy } from '../collections/compare'
import { endsOfJoint, isTask } from '../ids/ids'
import { groupBy } from '../collections/groups'
import { askingOf, shapesOf } from '../joining/asking'
import { joinKeeping, type MadeAtOnce } from '../joining/keeping'
import { solidsOf } from '../joining/solids'
import type { Pins } from '../joining/pinned-pairs'
import { stage } from '../pipeline/stage'
import { loadsOf } from '../power/loads'
import { chosenPins, progress, system } from './given'
import { isKind } from '../parts'
import { socketsInPlace } from '../parts/supply-sockets'
import {
  allEnds,
  cases,
  layout,
  limiting,
  modelPrints,
  plainItems,
  prints,
  shells,
  sources,
} from './items'

/** What was made, act by act, in the order of time. */
const made = stage('made', { progress }, ({ progress }): readonly MadeAtOnce[] => {
  const acts = Object.entries(progress).flatMap(([id, { state, at }]) => {
    const ends = endsOfJoint(id)
    return ends && state !== 'crossed' ? [{ at, ends }] : []
  })
  return [...groupBy(acts, a => a.at)]
    .sort(compareBy(([at]) => at))
    .map(([, act]) => act.map(a => a.ends))
})

/** What holds between ends, and how each end is called. */
const asking = stage('asking', { allEnds }, ({ allEnds }) => askingOf(allEnds))
const shapes = stage('shapes', { allEnds }, ({ allEnds }) => shapesOf(allEnds))
/** Every end without its figures. */
export const outlines = stage('outlines', { asking }, ({ asking }) => asking.outlines)

/** The supplies of which it is stated where their sockets are. */
const inPlace = stage('sockets-in-place', { plainItems }, ({ plainItems }) =>
  plainItems.filter(isKind('supply')).filter(({ part }) => socketsInPlace(part).length > 0),
)
const bodies = stage('bodies', { shells, limiting, inPlace }, s => ({
  shells: s.shells,
  limiting: s.limiting,
  supplies: s.inPlace,
}))

const joined = stage(
  'joined',
  { asking, shapes, layout, cases, system, prints, modelPrints, bodies, chosenPins, made },
  ({ chosenPins, made, ...of }) => joinKeeping(of, chosenPins as Pins, made),
)
export const seats = stage('seats', { joined }, ({ joined }) => joined.seats)
export const plugs = stage('plugs', { joined }, ({ joined }) => joined.plugs)
export const unmet = stage('unmet', { joined }, ({ joined }) => joined.unmet)
export const frames = stage('frames', { joined }, ({ joined }) => joined.frames)
export const exact = stage('exact', { joined }, ({ joined }) => joined.exact)
/** The space that leads are laid in, with all that sits in it. */
export const field = stage('field', { joined }, ({ joined }) => joined.field)
export const lines = stage('lines', { joined }, ({ joined }) => joined.lines)
/** The sides of plugs of modular supplies as they lie, and the sockets of each cable, by its name. */
export const sides = stage('sides', { joined }, ({ joined }) => joined.sides)
export const sockets = stage('sockets', { joined }, ({ joined }) => joined.sockets)

/** All solids of the machine in the case's frame, as they are judged. */
export const solids = stage('solids', { shells, seats }, ({ shells, seats }) =>
  solidsOf(shells, seats),
)
export const loads = stage('loads', { sources, seats, plugs }, ({ sources, seats, plugs }) =>
  loadsOf(sources, [...seats, ...plugs]),
)

/** Tasks that make no joint and are made: `task:…`. */
export const tasksDone = stage('tasks-done', { progress }, ({ progress }) =>
  Object.entries(progress)
    .filter(([id, p]) => isTask(id) && p.state !== 'crossed')
    .map(([id]) => id),
)
