// Which way the air goes at the places of a case, and in which of its walls there are openings: as
// somebody chose or stated it, else as such cases have it.
import type { Vec3 } from '../geometry/space'
import type { Archetype } from './layout'

export const AIR_WAYS = ['in', 'out'] as const
export type AirWay = (typeof AIR_WAYS)[number]
export const WALLS = ['rear', 'front', 'floor', 'top', 'near', 'far'] as const
export type Wall = (typeof WALLS)[number]
/** What a wall is called. */
export const WALL_NAME: Readonly<Record<Wall, string>> = {
  ...{ floor: 'floor', top: 'top', front: 'front', rear: 'rear' },
  ...{ near: 'near panel', far: 'far panel' },
}

/** Which way it is inward from a wall, in the case's frame. */
export const INWARD: Readonly<Record<Wall, Vec3>> = {
  ...{ rear: [1, 0, 0], front: [-1, 0, 0] },
  ...{ floor: [0, 1, 0], top: [0, -1, 0] },
  ...{ far: [0, 0, 1], near: [0, 0, -1] },
}

/** The wall that a place is in, by where its own axes point: the last one inward. */
const WALL_BY_AXIS: Readonly<Record<string, Wall>> = {
  '+x': 'rear',
  '-x': 'front',
  '+y': 'floor',
  '-y': 'top',
  '-z': 'near',
  '+z': 'far',
}
export const wallOf = (axes: string): Wall =>
  WALL_BY_AXIS[axes.slice(axes.lastIndexOf(' ') + 1)] ?? 'rear'

/** Warm air leaves at the rear and at the top; everywhere else it comes in. */
const USUAL_WAY: Readonly<Record<Wall, AirWay>> = {
  rear: 'out',
  top: 'out',
  front: 'in',
  floor: 'in',
  near: 'in',
  far: 'in',
}

/** Where such cases have openings beside their fan places: for a supply, and for what breathes there. */
const USUAL_VENTS: Readonly<Record<Archetype, readonly Wall[]>> = {
  'tower-shroud': ['floor', 'rear', 'front', 'top'],
  'tower-top': ['rear', 'front'],
  cube: ['far', 'rear', 'front', 'top'],
  shoebox: ['near', 'far', 'rear', 'top'],
  desktop: ['near', 'rear', 'front'],
  bench: [],
  'two-chamber': ['far', 'rear', 'front', 'top'],
}

/** Which way air goes, and who says so. */
export interface Air {
  readonly way: AirWay
  readonly said: 'chosen' | 'stated' | 'usual'
}

/** What a place is for, whatever was chosen there. */
export const meantFor = ({
  air,
  axes,
}: {
  readonly air?: AirWay | undefined
  readonly axes: string
}): Air => (air ? { way: air, said: 'stated' } : { way: USUAL_WAY[wallOf(axes)], said: 'usual' })

/** Which way air goes at a place: as chosen for this copy, else what the place is for. */
export function airAt(
  { key, meant }: { readonly key: string; readonly meant: Air },
  chosen: Readonly<Record<string, AirWay>> | undefined,
): Air {
  const own = chosen?.[key]
  return own ? { way: own, said: 'chosen' } : meant
}

/** The walls with openings; `usual` where nobody stated them. */
export function ventsOf({
  archetype,
  vents,
}: {
  readonly archetype: Archetype
  readonly vents?: readonly Wall[] | null | undefined
}): { readonly walls: readonly Wall[]; readonly usual: boolean } {
  return vents ? { walls: vents, usual: false } : { walls: USUAL_VENTS[archetype], usual: true }
}
