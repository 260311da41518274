// The joints of a horizon: every pair weighed, seats and plugs chosen, frames handed down.
import { itemOf, endsOfJoint, isTask } from '../ids/ids'
import { groupBy } from '../collections/groups'
import { isMechanical } from '../connectors/connectors'
import { askingOf, shapesOf } from '../joining/asking'
import { join } from '../joining/join'
import { bodyEnds, leadEnds } from '../joining/joinable'
import { endsByRef } from '../joining/joint'
import { withinReach } from '../joining/loose-leads'
import { bodiesOf } from '../joining/places'
import { placesOf, sittingsOf } from '../joining/sitting'
import { weighAll, type Pins, pinned } from '../joining/weighing'
import { leadsOf } from '../laying/leads'
import { stage } from '../pipeline/stage'
import { loadsOf } from '../power/loads'
import { chosenPins, progress } from './given'
import { allEnds, cases, layout, modelPrints, names, prints, shells, sources } from './items'

/** What was made is pinned hard; what was pinned by hand comes after it. */
export const pins = stage('pins', { chosenPins, progress }, ({ chosenPins, progress }): Pins => {
  const made = Object.entries(progress).flatMap(([id, p]) => {
    const ends = endsOfJoint(id)
    return ends && p.state !== 'crossed' ? [ends] : []
  })
  return { ...chosenPins, ...Object.fromEntries(made) } as Pins
})

/** What holds between ends, and how each end is called. */
const asking = stage('asking', { allEnds }, ({ allEnds }) => askingOf(allEnds))
const shapes = stage('shapes', { allEnds }, ({ allEnds }) => shapesOf(allEnds))
/** Every end without its figures. */
export const outlines = stage('outlines', { asking }, ({ asking }) => asking.outlines)

const seatPairs = stage('seat-pairs', { shapes, pins }, ({ shapes, pins }) =>
  weighAll(
    'seats',
    { ends: bodyEnds(shapes), all: shapes, pins },
    { places: new Map(), layout: null, lengths: false },
  ),
)
const sittings = stage('sittings', { seatPairs, shapes }, ({ seatPairs, shapes }) =>
  sittingsOf(seatPairs, endsByRef(shapes)),
)
/** Every place that each part could take. */
const places = stage('places', { cases, sittings }, ({ cases, sittings }) =>
  placesOf(cases, sittings),
)
const plugPairs = stage(
  'plug-pairs',
  { shapes, pins, places, layout },
  ({ shapes, pins, places, layout }) => {
    const anywhere = { places, layout, lengths: false }
    const weighed = weighAll('plan', { ends: leadEnds(shapes), all: shapes, pins }, anywhere)
    return withinReach('plan', weighed, { ends: endsByRef(shapes), pins }, anywhere)
  },
)

/** Items of which one may stand for the other, by a common name: those with nothing pinned. */
function groupsOf(
  printed: readonly { readonly id: string; readonly print: string }[],
  pins: Pins,
): ReadonlyMap<string, string> {
  const byHand = new Set(pinned(pins).flat().map(itemOf))
  const groups = groupBy(
    printed.filter(p => !byHand.has(p.id)),
    p => p.print,
  )
  return new Map(
    [...groups.values()].flatMap(([first, ...others]) =>
      first && others.length > 0
        ? [first, ...others].map(member => [member.id, first.id] as const)
        : [],
    ),
  )
}
const interchangeable = stage('interchangeable', { prints, pins }, ({ prints, pins }) =>
  groupsOf(prints, pins),
)
const sameModel = stage('same-model', { modelPrints, pins }, ({ modelPrints, pins }) =>
  groupsOf(modelPrints, pins),
)

const joined = stage(
  'joined',
  { asking, shapes, pins, layout, cases, interchangeable, sameModel, seatPairs, plugPairs },
  join,
)
export const seats = stage('seats', { joined }, ({ joined }) => joined.seats)
export const plugs = stage('plugs', { joined }, ({ joined }) => joined.plugs)
export const unmet = stage('unmet', { joined }, ({ joined }) => joined.unmet)
export const frames = stage('frames', { joined }, ({ joined }) => joined.frames)
export const exact = stage('exact', { joined }, ({ joined }) => joined.exact)
const lines = stage('lines', { joined }, ({ joined }) => joined.lines)

const seatEnds = stage('seat-ends', { allEnds }, ({ allEnds }) =>
  allEnds.filter(e => isMechanical(e.end.face)),
)
export const bodies = stage(
  'bodies',
  { shells, frames, seatEnds, seats },
  ({ shells, frames, seatEnds, seats }) => bodiesOf(shells, frames, endsByRef(seatEnds), seats),
)
export const loads = stage('loads', { sources, seats, plugs }, ({ sources, seats, plugs }) =>
  loadsOf(sources, [...seats, ...plugs]),
)
export const leads = stage('leads', { plugs, lines, layout, names }, leadsOf)

/** Tasks that make no joint and are made: `task:…`. */
export const tasksDone = stage('tasks-done', { progress }, ({ progress }) =>
  Object.entries(progress)
    .filter(([id, p]) => isTask(id) && p.state !== 'crossed')
    .map(([id]) => id),
)
