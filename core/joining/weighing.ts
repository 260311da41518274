// Every plug weighed against every socket that has to do with it.
import { groupBy } from '../collections/groups'
import { isMechanical, socketFaces, type Face } from '../connectors/connectors'
import { kept } from '../pipeline/kept'
import type { EndOf } from './joint'
import type { PlugSides } from './plug-field'
import {
  placedPlug,
  placesOfEnd,
  weigh,
  type PlacedPlug,
  type PlacedSocket,
  type Places,
  type Weighed,
  type Whereabouts,
} from './weigh'

type Sockets = readonly PlacedSocket[]

const NO_ENDS: readonly EndOf[] = []

const socketsByFace = kept(
  'sockets',
  (ends: readonly EndOf[], all: readonly EndOf[], places: Places): ReadonlyMap<Face, Sockets> => {
    const ofItem = groupBy(all, e => e.item)
    const placed = (end: EndOf): PlacedSocket => ({
      end,
      where: placesOfEnd({ places }, end),
      // What a seat may shut are ends of the socket's own part: only then are they looked at.
      siblings:
        end.end.shuts.length > 0 || isMechanical(end.end.face)
          ? (ofItem.get(end.item) ?? NO_ENDS)
          : NO_ENDS,
    })
    return groupBy(ends.filter(e => e.end.sex === 'socket').map(placed), s => s.end.end.face)
  },
)

const plugsByFace = kept(
  'plugs',
  (
    ends: readonly EndOf[],
    places: Places,
    sides: PlugSides,
  ): ReadonlyMap<Face, readonly PlacedPlug[]> =>
    groupBy(
      ends.filter(e => e.end.sex === 'plug').map(end => placedPlug(end, { places, sides })),
      p => p.end.end.face,
    ),
)

/** The sockets that a plug's face has to do with, face by face. */
type Around = (Sockets | undefined)[]
interface OnePlug extends Pick<Whereabouts, 'field' | 'lengths'> {
  readonly plug: PlacedPlug
}
interface OneFace extends Pick<Whereabouts, 'field' | 'lengths'> {
  readonly at: string
  readonly plugs: readonly PlacedPlug[]
}

/** What one plug finds; kept as long as the sockets that take it and all their places stay. */
const weighPlug = kept(
  'weighed-plug',
  ({ plug, field, lengths }: OnePlug, ...around: Around): readonly Weighed[] =>
    around
      .flatMap(sockets => sockets ?? [])
      .flatMap(socket =>
        plug.end.item === socket.end.item
          ? []
          : (weigh(plug, socket, { field, lengths, isPinned: false }) ?? []),
      ),
)

/** What the plugs of one face find. */
const weighFace = kept(
  'weighed-face',
  ({ at, plugs, field, lengths }: OneFace, ...around: Around): readonly Weighed[] =>
    plugs.flatMap(plug => weighPlug(`${at}/${plug.end.ref}`, { plug, field, lengths }, ...around)),
)
const together = kept('weighed', (...found: (readonly Weighed[])[]): readonly Weighed[] =>
  found.flat(),
)

/** The ends that are weighed, and those that seats may shut. */
export interface Weighing {
  readonly ends: readonly EndOf[]
  readonly all: readonly EndOf[]
}

/**
 * Every plug of `ends` with every socket of theirs that has to do with it. `at` names what is
 * weighed: the same name with the same ends and places finds what it found before.
 */
export function weighAll(
  at: string,
  { ends, all }: Weighing,
  { places, sides, field, lengths }: Whereabouts,
): readonly Weighed[] {
  const sockets = socketsByFace(at, ends, all, places)
  const found = [...plugsByFace(at, ends, places, sides)].map(([face, plugs]) => {
    const around = socketFaces(face).map(f => sockets.get(f))
    return weighFace(`${at}/${face}`, { at, plugs, field, lengths }, ...around)
  })
  return together(at, ...found)
}
