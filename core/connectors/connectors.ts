// Every plug and header the program knows, and which plug goes into which socket.
import type { Carrier, Connector, OtherSocket } from './connector'
import { MECHANICAL, type MechanicalFace } from './mechanical'
import { DATA } from './rows/data'
import { FANS_AND_LIGHTS } from './rows/fans-and-lights'
import { FRONT } from './rows/front'
import { POWER } from './rows/power'
import { REAR } from './rows/rear'

export const CONNECTORS = { ...POWER, ...DATA, ...FRONT, ...FANS_AND_LIGHTS, ...REAR } as const

type Rows = typeof CONNECTORS
export type PlugFace = keyof Rows
export type Face = PlugFace | MechanicalFace
export type FaceOn<C extends Carrier> = {
  [F in PlugFace]: C extends Rows[F]['on'][number] ? F : never
}[PlugFace]

export const PLUG_FACES = Object.keys(CONNECTORS) as readonly PlugFace[]
/** Sockets on the outside, at the rear: what is plugged there is plugged last. */
export const REAR_FACES = Object.keys(REAR) as readonly (keyof typeof REAR)[]

export const isMechanical = (face: Face): face is MechanicalFace => face in MECHANICAL

/** A socket or plug that comes in two, side by side: the face of its twin. */
export const twinOf = (face: PlugFace): PlugFace | null => {
  const row = CONNECTORS[face]
  return 'twin' in row ? row.twin : null
}
/** What such a plug usually comes apart into, the largest first; itself where it does not. */
export const usualPieces = (face: PlugFace): readonly PlugFace[] => {
  const row = CONNECTORS[face]
  return 'pieces' in row ? row.pieces : [face]
}
/** How the twin of an end is called beside it. */
export const TWIN_KEY = '.9'

/** A socket that a smaller plug fills in part: the face of the plug that fills the rest. */
export const furtherOf = (face: PlugFace): PlugFace | null => {
  const row = CONNECTORS[face]
  return 'further' in row ? row.further : null
}
/** Whether it is the plug that fills such a rest. */
export const isFurther = (face: Face): boolean => PLUG_FACES.some(f => furtherOf(f) === face)
/** How the rest of such a socket is called beside it. */
export const FURTHER_KEY = '.4'

/** The row of a connector. */
export const connector = (face: PlugFace): Connector => CONNECTORS[face]

/** The connectors that such a thing may have. */
export const facesOn = <C extends Carrier>(carrier: C): readonly FaceOn<C>[] =>
  PLUG_FACES.filter((f): f is FaceOn<C> => connector(f).on.includes(carrier))

/** Power flows from plug to socket; everything else from socket to plug. */
export const isPower = (face: Face): boolean => stepWith(face) === 'power-plug'
export const isOuter = (face: Face): boolean => stepWith(face) === 'outer-plug'
/**
 * Data leads with a board's and a device's end: the ends of one lead are no partners for each
 * other's sockets.
 */
export const isData = (face: Face): boolean => stepWith(face) === 'data-plug'

/** What a power plug feeds; null of any other face. */
export const feeds = (face: Face): NonNullable<Connector['feeds']> | null =>
  isMechanical(face) ? null : (connector(face).feeds ?? null)

/** The kind of step that joins such ends; null where the part's kind says. */
export const stepWith = (face: Face) =>
  isMechanical(face) ? MECHANICAL[face].step : CONNECTORS[face].step

export interface Mating extends Omit<OtherSocket, 'socket'> {
  readonly plug: PlugFace
  readonly socket: PlugFace
}

/** Plugs in sockets of another shape. Same into same is clear and needs no row. */
export const MATINGS: readonly Mating[] = PLUG_FACES.flatMap(plug => {
  const row = CONNECTORS[plug]
  return 'alsoInto' in row ? row.alsoInto.map(other => ({ plug, ...other })) : []
})

/** What a plug in a socket means; null where it does not go in. */
export function mating(plug: Face, socket: Face): Omit<OtherSocket, 'socket'> | null {
  if (plug === socket) return { verdict: 'clear', note: '', source: faceSource(plug) }
  return MATINGS.find(m => m.plug === plug && m.socket === socket) ?? null
}

/** The socket faces that a plug goes into at all, its own first. */
export const socketFaces = (plug: Face): readonly Face[] => [
  plug,
  ...MATINGS.filter(m => m.plug === plug).map(m => m.socket),
]

export const faceName = (face: Face): string =>
  isMechanical(face) ? MECHANICAL[face].name : CONNECTORS[face].name
/** What a plug goes into, by its full name: "4-wire fan header". */
export function socketName(face: PlugFace): string {
  const { name, socket } = connector(face)
  return socket ? `${name} ${socket}` : name
}

export const faceSource = (face: Face): string =>
  isMechanical(face) ? MECHANICAL[face].source : CONNECTORS[face].source
