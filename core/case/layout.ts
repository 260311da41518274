// Where things lie in a case of which only the outline is known: proportions by archetype, every
// derived place assumed.
import { FORM, type BoardForm } from '../standards/boards'
import { readFigure, type StoredFigure } from '../figures/units'
import type { Box, Vec3 } from '../geometry/space'
import { bayEndsOf, type Bay, type BayEnd } from './closed'

export interface Room {
  readonly key: string
  readonly min: Vec3
  readonly max: Vec3
}
export interface Opening {
  readonly key: string
  readonly label: string
  readonly at: Vec3
  readonly joins: readonly [string, string]
  readonly width: number
  readonly height: number
}

export interface Tie {
  readonly label: string
  readonly at: Vec3
}

/** A channel behind the tray that leads are laid in: its room, as deep as the case is there. */
export interface Channel extends Box {
  readonly label: string
}

export interface Layout {
  readonly inner: Inner
  readonly tray: Vec3
  readonly supply: Vec3
  readonly leadsFrom: Vec3
  readonly rooms: readonly Room[]
  readonly openings: readonly Opening[]
  /** Where leads can be tied to the case; null where nobody says. */
  readonly ties: readonly Tie[] | null
  readonly channels: readonly Channel[]
  /** True when holes and rooms were derived, not stated. */
  readonly assumed: boolean
  /**
   * How far a place on a board may be off, mm, where it was derived from the board’s form; 0 where
   * it is stated.
   */
  readonly boardUnsure: number
  /** Where a backplane closes bays: only its own plugs meet what is there. */
  readonly bayEnds: readonly BayEnd[]
}
export interface Inner {
  readonly x: number
  readonly y: number
  readonly z: number
  readonly behind: number
}

/** The inside of a case, and the chamber behind its tray. */
export const insideOf = ({ inner: { x, y, z, behind } }: Layout): Box => ({
  min: [0, 0, -behind],
  max: [x, y, z],
})

export const ARCHETYPES = [
  'tower-shroud',
  'tower-top',
  'cube',
  'shoebox',
  'desktop',
  'bench',
  'two-chamber',
] as const
export type Archetype = (typeof ARCHETYPES)[number]

interface StatedChannel {
  readonly label: string
  readonly at: readonly [number, number]
  readonly width: number
  readonly height: number
  readonly depth?: StoredFigure | undefined
}

/** What of a case decides where things lie in it. */
export interface Shell {
  readonly archetype: Archetype
  readonly boards?: readonly BoardForm[] | null | undefined
  readonly inner: Readonly<Partial<Record<keyof Inner, StoredFigure>>>
  readonly tray: { readonly at?: readonly [number, number] | undefined }
  readonly supply: { readonly at?: Vec3 | undefined }
  readonly leadsFrom?: Vec3 | undefined
  readonly bays?: readonly Bay[] | null | undefined
  readonly backplanes?: readonly { readonly bays: readonly string[] }[] | undefined
  readonly rooms?: readonly Room[] | undefined
  readonly openings?: readonly Opening[] | undefined
  readonly ties?: readonly { readonly label: string; readonly at?: Vec3 | undefined }[] | undefined
  readonly channels?: readonly StatedChannel[] | undefined
  readonly assumed?: readonly string[] | undefined
}

/**
 * What an archetype is called, and its typical insides where the sheet gives no dimension at all,
 * mm. Named choices.
 */
export const ARCHETYPE: Record<Archetype, { readonly says: string; readonly typical: Inner }> = {
  'tower-shroud': {
    says: 'Tower, the supply under a shroud',
    typical: { x: 420, y: 440, z: 185, behind: 22 },
  },
  'tower-top': {
    says: 'Tower, the supply on top',
    typical: { x: 410, y: 420, z: 175, behind: 12 },
  },
  cube: {
    says: 'Cube, the board over the supply',
    typical: { x: 330, y: 270, z: 200, behind: 105 },
  },
  shoebox: {
    says: 'Shoebox, the supply before the board',
    typical: { x: 320, y: 220, z: 130, behind: 0 },
  },
  desktop: {
    says: 'Flat desktop, the supply beside the board',
    typical: { x: 400, y: 410, z: 110, behind: 8 },
  },
  bench: { says: 'Open bench, no walls', typical: { x: 400, y: 340, z: 200, behind: 110 } },
  'two-chamber': {
    says: 'Two chambers, the supply behind the board',
    typical: { x: 430, y: 430, z: 185, behind: 105 },
  },
}

/**
 * Named choices: the shroud's height, how far a board keeps from the top, what a supply on top
 * needs, mm.
 */
const SHROUD_HEIGHT = 100
const TOP_MARGIN = 35
const SUPPLY_ON_TOP = 95
/** How much of an open bench lies beyond the edges of its plate, mm. */
const PLATE_EDGE = 30
/** A cable hole's size where none is stated, mm. */
const HOLE = { width: 60, height: 30 }
/** The board's surface above the tray: where leads end, mm. */
const STANDOFF = 8.1

const read = (stored: StoredFigure | undefined): number | null =>
  readFigure(stored, 'mm')?.value ?? null

/** Among what nobody stated: where things lie. */
export const PLACES = 'places'

/** Named choice: how far a header may lie from where its board’s form puts it, mm. */
const DERIVED_BOARD = 40

/**
 * The layout of a case: what its sheet states, the rest from its archetype scaled to the dimensions
 * known.
 */
export function layoutOf(part: Shell, boardDerived = false): Layout {
  const inner = innerOf(part)
  const derived = DERIVE[part.archetype](inner, part)
  const tray: Vec3 = part.tray.at ? [part.tray.at[0], part.tray.at[1], STANDOFF] : derived.tray
  return {
    inner,
    tray,
    supply: part.supply.at ?? derived.supply,
    leadsFrom: part.leadsFrom ?? [inner.x, inner.y / 2, inner.z / 2],
    rooms: part.rooms ?? derived.rooms,
    openings: part.openings ?? derived.openings,
    ties: part.ties?.flatMap(({ label, at }) => (at ? [{ label, at }] : [])) ?? null,
    channels: (part.channels ?? []).map(channel => channelIn(inner, channel)),
    assumed: isDerived(part) || boardDerived,
    boardUnsure: boardDerived ? DERIVED_BOARD : 0,
    bayEnds: bayEndsOf(part),
  }
}

/** As deep as it is stated, else as the room behind the tray. */
function channelIn({ behind }: Inner, { label, at: [x, y], ...size }: StatedChannel): Channel {
  const deep = read(size.depth) ?? behind
  return { label, min: [x, y, -deep], max: [x + size.width, y + size.height, 0] }
}

const isDerived = ({ rooms, openings, assumed }: Shell): boolean =>
  rooms === undefined || openings === undefined || assumed?.includes(PLACES) === true

function innerOf({ archetype, inner }: Shell): Inner {
  const { typical } = ARCHETYPE[archetype]
  const sized = (side: keyof Inner): number => read(inner[side]) ?? typical[side]
  return { x: sized('x'), y: sized('y'), z: sized('z'), behind: sized('behind') }
}

type Derived = Pick<Layout, 'tray' | 'supply' | 'rooms' | 'openings'>
type Pass = readonly [key: string, label: string, at: Vec3, joins: readonly [string, string]]
const passes = (list: readonly Pass[]): readonly Opening[] =>
  list.map(([key, label, at, joins]) => ({ key, label, at, joins, ...HOLE }))
const main = (i: Inner, floor = 0): Room => ({
  key: 'main',
  min: [0, floor, 0],
  max: [i.x, i.y, i.z],
})
const chamber = (i: Inner): Room => ({ key: 'chamber', min: [0, 0, -i.behind], max: [i.x, i.y, 0] })
const HOLE_X = FORM.ATX.depth + 25
/** The holes of a tray with a chamber behind it: beside the board, and above it. */
const throughTray = (i: Inner): readonly Pass[] => [
  ['top', 'hole above the board', [Math.min(60, i.x), i.y - 20, 0], ['main', 'chamber']],
  [
    'side-high',
    'upper side hole',
    [Math.min(HOLE_X, i.x - 20), i.y * 0.75, 0],
    ['main', 'chamber'],
  ],
  ['side-low', 'lower side hole', [Math.min(HOLE_X, i.x - 20), i.y * 0.45, 0], ['main', 'chamber']],
]
const edgeOf = (part: Shell): number => FORM[part.boards?.[0] ?? 'ATX'].edge

const DERIVE: Record<Archetype, (inner: Inner, part: Shell) => Derived> = {
  /** Supply under a shroud at the rear, board above, a chamber behind the tray. */
  'tower-shroud': i => ({
    tray: [0, i.y - TOP_MARGIN, STANDOFF],
    supply: [0, 5, 10],
    rooms: [
      main(i, SHROUD_HEIGHT),
      { key: 'shroud', min: [0, 0, 0], max: [i.x, SHROUD_HEIGHT, i.z] },
      chamber(i),
    ],
    openings: passes([
      ...throughTray(i),
      [
        'shroud-top',
        'slot in the shroud',
        [HOLE_X - 40, SHROUD_HEIGHT, i.z * 0.3],
        ['main', 'shroud'],
      ],
      [
        'shroud-back',
        'from the shroud to the chamber',
        [HOLE_X - 40, SHROUD_HEIGHT / 2, 0],
        ['shroud', 'chamber'],
      ],
    ]),
  }),
  /**
   * Supply at the top of the rear wall, the board beneath it, all in one room with a shallow
   * chamber behind.
   */
  'tower-top': i => ({
    tray: [0, i.y - SUPPLY_ON_TOP - 5, STANDOFF],
    supply: [0, i.y - SUPPLY_ON_TOP, 10],
    rooms: [main(i), chamber(i)],
    openings: passes(throughTray(i)),
  }),
  /** The board lies over a lower chamber that holds the supply. */
  cube: (i, part) => ({
    tray: [0, Math.min(i.y - 10, edgeOf(part) + 10), STANDOFF],
    supply: [0, 10, 5 - i.behind],
    rooms: [main(i), chamber(i)],
    openings: passes(throughTray(i).slice(1)),
  }),
  /** Board at the rear, supply in front of it, a wall with one hole between. */
  shoebox(i, part) {
    const form = FORM[part.boards?.[0] ?? 'Mini-ITX']
    const wall = Math.min(i.x * 0.6, form.depth + 10)
    return {
      tray: [0, Math.min(i.y - 10, form.edge + 10), STANDOFF],
      supply: [i.x, 5, 5],
      rooms: [
        { key: 'board', min: [0, 0, 0], max: [wall, i.y, i.z] },
        { key: 'supply', min: [wall, 0, 0], max: [i.x, i.y, i.z] },
      ],
      openings: passes([['wall', 'middle wall', [wall, i.y / 2, i.z / 2], ['board', 'supply']]]),
    }
  },
  /** A tower lying on its side: one room, the supply beside the board. */
  desktop: i => ({
    tray: [0, i.y - 5, STANDOFF],
    supply: [0, 5, 5],
    rooms: [main(i)],
    openings: [],
  }),
  /** No walls: the board on its plate, the supply under it, and leads around the plate's edges. */
  bench: i => ({
    tray: [0, i.y - 10, STANDOFF],
    supply: [0, 10, 5 - i.behind],
    rooms: [main(i), chamber(i)],
    openings: [
      {
        ...{ key: 'front-edge', label: 'front edge of the plate', joins: ['main', 'chamber'] },
        ...{ at: [i.x - PLATE_EDGE / 2, i.y / 2, 0], width: PLATE_EDGE, height: i.y },
      },
      {
        ...{ key: 'lower-edge', label: 'lower edge of the plate', joins: ['main', 'chamber'] },
        ...{ at: [i.x / 2, PLATE_EDGE / 2, 0], width: i.x, height: PLATE_EDGE },
      },
    ],
  }),
  /** The supply stands behind the tray, in a chamber as deep as it needs. */
  'two-chamber': i => ({
    tray: [0, i.y - TOP_MARGIN, STANDOFF],
    supply: [0, i.y - 200, 5 - i.behind],
    rooms: [main(i), chamber(i)],
    openings: passes(throughTray(i)),
  }),
}
