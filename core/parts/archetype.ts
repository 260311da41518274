// Where things lie in a case of which only the outline is known: proportions by archetype, every derived place assumed.
import type { Case } from './case'
import { FORM } from '../standards/boards'
import { readFigure } from '../units'
import type { Vec3 } from '../geometry/space'

export interface Room { readonly key: string; readonly min: Vec3; readonly max: Vec3 }
export interface Opening { readonly key: string; readonly label: string; readonly at: Vec3; readonly joins: readonly [string, string]; readonly width: number; readonly height: number }

export interface Layout {
  readonly inner: { readonly x: number; readonly y: number; readonly z: number; readonly behind: number }
  readonly tray: Vec3
  readonly supply: Vec3
  readonly leadsFrom: Vec3
  readonly rooms: readonly Room[]
  readonly openings: readonly Opening[]
  /** True when holes and rooms were derived, not stated. */
  readonly assumed: boolean
}

/** Typical insides where the sheet gives no dimension at all, mm. Named choices. */
const TYPICAL: Record<Case['archetype'], Layout['inner']> = {
  shoebox: { x: 320, y: 220, z: 130, behind: 0 },
  'tower-shroud': { x: 420, y: 440, z: 185, behind: 22 },
}
/** Named choices: the shroud's height, and how far a board keeps from the top, mm. */
const SHROUD_HEIGHT = 100
const TOP_MARGIN = 35
/** A cable hole's size where none is stated, mm. */
const HOLE = { width: 60, height: 30 }
/** The board's surface above the tray: where leads end, mm. */
const STANDOFF = 8.1

const read = (stored: Parameters<typeof readFigure>[0]): number | null => readFigure(stored, 'mm')?.value ?? null

/** The layout of a case: what its sheet states, the rest from its archetype scaled to the dimensions known. */
export function layoutOf(part: Case): Layout {
  const typical = TYPICAL[part.archetype]
  const inner = { x: read(part.inner.x) ?? typical.x, y: read(part.inner.y) ?? typical.y, z: read(part.inner.z) ?? typical.z, behind: read(part.inner.behind) ?? typical.behind }
  const derived = part.archetype === 'shoebox' ? shoebox(part, inner) : towerWithShroud(inner)
  const tray: Vec3 = part.tray.at ? [part.tray.at[0], part.tray.at[1], STANDOFF] : derived.tray
  return {
    inner, tray,
    supply: part.supply.at ?? derived.supply,
    leadsFrom: part.leadsFrom ?? [inner.x, inner.y / 2, inner.z / 2],
    rooms: part.rooms ?? derived.rooms,
    openings: part.openings ?? derived.openings,
    assumed: part.rooms === undefined || part.openings === undefined,
  }
}

type Derived = Pick<Layout, 'tray' | 'supply' | 'rooms' | 'openings'>

/** Board at the rear, supply in front of it, a wall with one hole between. */
function shoebox(part: Case, inner: Layout['inner']): Derived {
  const form = FORM[part.boards[0] ?? 'Mini-ITX']
  const wall = Math.min(inner.x * 0.6, form.depth + 10)
  return {
    tray: [0, Math.min(inner.y - 10, form.edge + 10), STANDOFF],
    supply: [inner.x, 5, 5],
    rooms: [{ key: 'board', min: [0, 0, 0], max: [wall, inner.y, inner.z] }, { key: 'supply', min: [wall, 0, 0], max: [inner.x, inner.y, inner.z] }],
    openings: [{ key: 'wall', label: 'middle wall', at: [wall, inner.y / 2, inner.z / 2], joins: ['board', 'supply'], ...HOLE }],
  }
}

/** Supply under a shroud at the rear, board above, a chamber behind the tray. */
function towerWithShroud(inner: Layout['inner']): Derived {
  const holeX = FORM.ATX.depth + 25
  const passes: readonly (readonly [string, string, Vec3, readonly [string, string]])[] = [
    ['top', 'hole above the board', [60, inner.y - 20, 0], ['main', 'chamber']],
    ['side-high', 'upper side hole', [holeX, inner.y * 0.75, 0], ['main', 'chamber']],
    ['side-low', 'lower side hole', [holeX, inner.y * 0.45, 0], ['main', 'chamber']],
    ['shroud-top', 'slot in the shroud', [holeX - 40, SHROUD_HEIGHT, inner.z * 0.3], ['main', 'shroud']],
    ['shroud-back', 'from the shroud to the chamber', [holeX - 40, SHROUD_HEIGHT / 2, 0], ['shroud', 'chamber']],
  ]
  return {
    tray: [0, inner.y - TOP_MARGIN, STANDOFF],
    supply: [0, 5, 10],
    rooms: [
      { key: 'main', min: [0, SHROUD_HEIGHT, 0], max: [inner.x, inner.y, inner.z] },
      { key: 'shroud', min: [0, 0, 0], max: [inner.x, SHROUD_HEIGHT, inner.z] },
      { key: 'chamber', min: [0, 0, -inner.behind], max: [inner.x, inner.y, 0] },
    ],
    openings: passes.map(([key, label, at, joins]) => ({ key, label, at, joins, ...HOLE })),
  }
}
