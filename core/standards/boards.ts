// Board forms and their mounting holes. Board frame: x from the rear edge, y from the top edge
// down, mm.
import { SOURCE } from './sources'

export const BOARD_FORMS = [
  'Mini-ITX',
  'FlexATX',
  'microATX',
  'ATX',
  'SSI-CEB',
  'E-ATX',
  'XL',
  'Baby-AT',
  'AT',
] as const
export type BoardForm = (typeof BOARD_FORMS)[number]

export const HOLES = ['A', 'B', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M', 'R', 'S'] as const
export type HoleName = (typeof HOLES)[number]

/** Where each hole lies from the board's top rear corner. */
export const HOLE_AT: Record<HoleName, readonly [x: number, y: number]> = {
  A: [10.16, 288.29],
  B: [10.16, 209.55],
  C: [10.16, 163.83],
  F: [33.02, 6.35],
  G: [165.1, 288.29],
  H: [165.1, 163.83],
  J: [165.1, 6.35],
  K: [237.49, 288.29],
  L: [237.49, 163.83],
  M: [237.49, 6.35],
  R: [237.49, 209.55],
  S: [165.1, 209.55],
}

/** A mounting hole or a thread: what it is called, and where it lies in the board's frame. */
export interface HolePlace {
  readonly label: string
  readonly at: readonly [x: number, y: number]
}
export const standardHole = (name: HoleName): HolePlace => ({ label: name, at: HOLE_AT[name] })

/**
 * Named choice: how far apart a hole and a thread that were measured by hand may lie and still meet,
 * mm. A screw of 3.5 in a hole of 3.96 has no more than a quarter of that; a ruler reads to 1.
 */
const HOLES_MEET = 2
/** Whether a screw goes through this hole into that thread. */
export const meet = (a: HolePlace, b: HolePlace): boolean =>
  Math.hypot(a.at[0] - b.at[0], a.at[1] - b.at[1]) <= HOLES_MEET

export interface FormRow {
  /** Length of the rear edge (along y) and depth (along x). */
  readonly edge: number
  readonly depth: number
  /** How the sockets reach the outside: by an opening of one size, or by a keyboard's hole. */
  readonly rear: 'aperture' | 'keyboard hole'
  /** Of a form that is sold in several depths: the least of them, and all that a case promises. */
  readonly least?: number
  readonly slots: number
  /** Null where the form promises no holes: the board's own list rules. */
  readonly holes: readonly HoleName[] | null
  readonly source: string
}

export const FORM: Record<BoardForm, FormRow> = {
  'Mini-ITX': {
    rear: 'aperture',
    edge: 170.18,
    depth: 170.18,
    slots: 1,
    holes: ['C', 'F', 'H', 'J'],
    source: SOURCE.miniItx,
  },
  FlexATX: {
    rear: 'aperture',
    edge: 228.6,
    depth: 190.5,
    slots: 3,
    holes: ['B', 'C', 'F', 'H', 'J', 'S'],
    source: SOURCE.atx,
  },
  microATX: {
    rear: 'aperture',
    edge: 243.84,
    depth: 243.84,
    slots: 4,
    holes: ['B', 'C', 'F', 'H', 'J', 'L', 'M', 'R', 'S'],
    source: SOURCE.atx,
  },
  ATX: {
    rear: 'aperture',
    edge: 304.8,
    depth: 243.84,
    slots: 7,
    holes: ['A', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M'],
    source: SOURCE.atx,
  },
  'SSI-CEB': {
    rear: 'aperture',
    edge: 304.8,
    depth: 266.7,
    slots: 7,
    holes: null,
    source: 'SSI CEB specification',
  },
  'E-ATX': {
    rear: 'aperture',
    edge: 304.8,
    depth: 330.2,
    least: 243.84,
    slots: 7,
    holes: null,
    source: 'SSI EEB specification',
  },
  XL: {
    rear: 'aperture',
    edge: 345,
    depth: 262,
    least: 243.84,
    slots: 8,
    holes: null,
    source: SOURCE.assumed,
  },
  'Baby-AT': {
    rear: 'keyboard hole',
    edge: 215.9,
    depth: 330.2,
    slots: 7,
    holes: null,
    source: SOURCE.practice,
  },
  AT: {
    rear: 'keyboard hole',
    edge: 304.8,
    depth: 350.5,
    slots: 8,
    holes: null,
    source: SOURCE.practice,
  },
}

/** How far a tray for this form reaches for sure: of a form sold in several depths, its least. */
export const sureDepth = (form: BoardForm): number => FORM[form].least ?? FORM[form].depth

interface Outline {
  readonly edge: number
  readonly depth: number
}
/** Whether a board of this size lies on a tray that is made for boards of this form. */
const liesWithin = ({ edge, depth }: Outline, tray: BoardForm): boolean =>
  edge <= FORM[tray].edge + FORM_TOLERANCE.mm && depth <= sureDepth(tray) + FORM_TOLERANCE.mm

const opensAlike = (a: BoardForm, b: BoardForm): boolean => FORM[a].rear === FORM[b].rear

/** The forms that a tray for this form takes too: nowhere larger, and open alike at the rear. */
export const smallerForms = (tray: BoardForm): readonly BoardForm[] =>
  BOARD_FORMS.filter(f => f === tray || (opensAlike(f, tray) && liesWithin(FORM[f], tray)))

/** What a board may be called by its size: its own form, and each form that is no smaller. */
export const formsBySize = (form: BoardForm, outline: Outline): readonly BoardForm[] => [
  form,
  ...BOARD_FORMS.filter(f => f !== form && opensAlike(f, form) && liesWithin(outline, f)),
]

/**
 * Boards that know no soft switch: the switch at the front of their case is a mains switch on the
 * supply's own wires.
 */
export const MAINS_AT_FRONT: readonly BoardForm[] = ['Baby-AT', 'AT']
/** What is said at such a case. */
export const MAINS_SWITCH =
  'The switch at the front of an AT case carries mains: it belongs to the power ' +
  'supply’s own four wires, as its maker wired them, and is never a lead for a board. ' +
  'Unplug the machine before a hand goes near it; its tabs must be sleeved. A case ' +
  'without the switch, or with bare tabs, is for a licensed electrician.'

/** How far a board may be off the size of its form. */
export const FORM_TOLERANCE = { mm: 0.25, source: SOURCE.atx } as const

/** How wide a mounting hole is, and the opening for the sockets of all boards but the oldest. */
export const HOLE_WIDE = { mm: 3.96, source: SOURCE.atx } as const
export const APERTURE = { width: 158.75, height: 44.45, source: SOURCE.atx } as const

/** Board thickness, and how high a standoff lifts it off the tray. */
/**
 * The block of sockets at the rear edge behind the shield: how far it reaches over the board, how
 * high it stands, and how wide the opening is, mm.
 */
export const REAR_SOCKETS = {
  ...{ deep: { mm: 24, tol: 4 }, high: { mm: 36, tol: 3 } },
  wide: { mm: 158.75, source: SOURCE.atx },
  source: SOURCE.practice,
} as const
export const BOARD_THICKNESS = { mm: 1.6, source: SOURCE.atx } as const
export const STANDOFF_HEIGHT = { mm: 6.5, source: SOURCE.assumed } as const
export const STANDOFF_RADIUS = { mm: 3, source: SOURCE.practice } as const
