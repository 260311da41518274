// A case from eight numbers and its archetype: the rest is derived, marked assumed, with how far
// each figure may be off.
import { FORM, MAINS_AT_FRONT, MAINS_SWITCH, type BoardForm } from '../standards/boards'
import { DRIVE_SIZE, RADIATOR_SIZE, RADIATORS } from '../standards/modules'
import type { StoredFigure } from '../figures/units'
import type { Vec3 } from '../geometry/space'
import { ARCHETYPE, layoutOf, type Archetype, type Inner } from '../case/layout'
import { caseSchema, type Case } from '../parts/case-schema'

/**
 * Forms that share their mounting holes, the largest first: a case for one takes those behind it.
 */
const LADDER: readonly BoardForm[] = ['E-ATX', 'ATX', 'microATX', 'Mini-ITX']
/**
 * The forms that a case takes whose largest board is told; of a form that shares no holes only that
 * one.
 */
export const boardsUpTo = (largest: BoardForm): readonly BoardForm[] =>
  LADDER.includes(largest) ? LADDER.slice(LADDER.indexOf(largest)) : [largest]

/**
 * What is asked: the archetype, the largest board, and eight numbers, each of which may be unknown.
 * Lengths in mm.
 */
export interface CaseOutline {
  readonly archetype: Archetype
  readonly boards: readonly BoardForm[]
  readonly length: number | null
  readonly height: number | null
  readonly width: number | null
  readonly coolerRoom: number | null
  readonly cardRoom: number | null
  readonly supplyRoom: number | null
  readonly bays: number | null
  readonly fans: number | null
}

/** The eight numbers in the order in which they are asked, each with where it is taken. */
export const CASE_NUMBERS = [
  {
    key: 'length',
    label: 'Length',
    unit: 'mm',
    take: 'Outside, from rear to front.',
    least: 150,
    most: 900,
  },
  {
    key: 'height',
    label: 'Height',
    unit: 'mm',
    take: 'Outside, from the floor to the top, without feet.',
    least: 80,
    most: 900,
  },
  { key: 'width', label: 'Width', unit: 'mm', take: 'Outside, across.', least: 60, most: 500 },
  {
    key: 'coolerRoom',
    label: 'Cooler room',
    unit: 'mm',
    take: 'Tallest cooler, from the sheet.',
    least: 30,
    most: 220,
  },
  {
    key: 'cardRoom',
    label: 'Card room',
    unit: 'mm',
    take: 'Longest card, from the sheet.',
    least: 150,
    most: 500,
  },
  {
    key: 'supplyRoom',
    label: 'Supply room',
    unit: 'mm',
    take: 'Longest supply, from the sheet.',
    least: 80,
    most: 300,
  },
  { key: 'bays', label: '3.5-inch bays', unit: 'pcs', take: 'Count them.', least: 0, most: 20 },
  { key: 'fans', label: 'Fan places', unit: 'pcs', take: 'Count them.', least: 0, most: 14 },
] as const

/** Named choices: what walls, front and feet take from the outside, mm, and how far off that is. */
const SHELL = { x: 45, y: 30, z: 8, tol: 15 }
/**
 * How far an archetype's own inside may be off where the outside is not known: along and up, and
 * across, mm.
 */
const UNKNOWN = { long: 60, across: 25 }
/**
 * How fan places follow one another, how far the first is from the top and from the rear, what a
 * drive keeps to the front, where a bay begins over floor and tray, mm.
 */
const FAN = { pitch: 125, fromTop: 75, fromRear: 80, rearFromTop: 100, lowest: 60 }
const BAY = { gap: 6, front: 15, floor: 6, tray: 30 }
/** The least inside that is believed, mm. */
const LEAST_WIDTH = 60
/** How far a chamber's depth may be off, mm. */
const BEHIND_TOLERANCE = 8
/**
 * How many of a case's fan places are at the front before the rest go to the top; the first is at
 * the rear.
 */
const FRONT_FANS = 3
const BAY_PITCH = DRIVE_SIZE['3.5'].height + BAY.gap

/** How the supply lies, where that is not along the case's own axes. */
const SUPPLY_AXES: Partial<Record<Archetype, { readonly axes: string }>> = {
  // Its width goes across the case, not along its height.
  'tower-shroud': { axes: '+x +z +y' },
  'tower-top': { axes: '+x +z +y' },
  shoebox: { axes: '-x +y +z' },
}

const assumed = (mm: number, tol: number): StoredFigure => ({
  mm: Math.round(mm * 10) / 10,
  basis: 'assumed',
  tol,
})
const spec = (mm: number | null): StoredFigure => mm

/**
 * A whole case from its outline. What is not known is left out where a missing figure is better
 * than a guess.
 */
export function caseOf(
  outline: CaseOutline,
  about: {
    readonly id: string
    readonly maker: string
    readonly model: string
    readonly price?: number | null
  },
  leads: Case['leads'] = usualLeads(outline.boards),
): Case {
  const { archetype, boards } = outline
  const inner = innerOf(outline)
  const slots = boards.length > 0 ? Math.max(...boards.map(b => FORM[b].slots)) : undefined
  const base: Case = caseSchema.parse({
    // What is still to be written or chosen does not keep the rest from being derived.
    kind: 'case',
    ...about,
    model: about.model || '?',
    ...(hasMainsSwitch(boards) ? { note: MAINS_SWITCH } : {}),
    places: 'derived',
    archetype,
    boards: boards.length > 0 ? boards : ['ATX'],
    outer: { x: spec(outline.length), y: spec(outline.height), z: spec(outline.width) },
    inner: insideOf(outline, inner),
    standoffs: {},
    coolerRoom: spec(outline.coolerRoom),
    coolerRoomFrom: null,
    cardRoom: spec(outline.cardRoom),
    cardRoomFrom: null,
    cardRoomMeans: null,
    supply: {
      forms: supplyForms(archetype, boards),
      room: spec(outline.supplyRoom),
      ...SUPPLY_AXES[archetype],
    },
    slots,
    leads,
  })
  const layout = layoutOf(base)
  const fans = fanPlaces(inner, outline.fans ?? 0)
  return {
    ...base,
    model: about.model,
    boards: [...boards],
    bays: bayPlaces(inner, outline.bays ?? 0),
    fans,
    radiators: radiatorPlaces(fans),
    leadsFrom: [inner.x, layout.tray[1], BAY.tray],
  }
}

/** The inside as figures: the less is known of the outside, the wider the tolerance. */
const insideOf = (
  { length, height, width }: CaseOutline,
  { x, y, z, behind }: Inner,
): Case['inner'] => ({
  x: assumed(x, length === null ? UNKNOWN.long : SHELL.tol),
  y: assumed(y, height === null ? UNKNOWN.long : SHELL.tol),
  z: assumed(z, width === null ? UNKNOWN.across : SHELL.tol),
  behind: assumed(behind, BEHIND_TOLERANCE),
})

/** The inside from the outside; an archetype's own where the outside is not known. */
function innerOf({ archetype, length, height, width }: CaseOutline): Inner {
  const { typical } = ARCHETYPE[archetype]
  const scaled =
    width === null ? typical.z : Math.max(LEAST_WIDTH, width - SHELL.z - typical.behind)
  return {
    x: length === null ? typical.x : length - SHELL.x,
    y: height === null ? typical.y : height - SHELL.y,
    z: scaled,
    behind: typical.behind,
  }
}

function supplyForms(archetype: Archetype, boards: readonly BoardForm[]): Case['supply']['forms'] {
  if (boards.length > 0 && boards.every(b => b === 'AT' || b === 'Baby-AT')) return ['AT']
  return archetype === 'shoebox' ? ['SFX', 'SFX-L'] : ['ATX']
}

/** Bays stand one over the other at the front, from the floor up. */
function bayPlaces(inner: Inner, count: number): Case['bays'] {
  return Array.from({ length: count }, (_, i) => ({
    key: `bay-${i + 1}`,
    label: `bay ${i + 1}`,
    size: '3.5' as const,
    front: false,
    at: [
      Math.max(0, inner.x - DRIVE_SIZE['3.5'].length - BAY.front),
      BAY.floor + i * BAY_PITCH,
      BAY.tray,
    ] as [number, number, number],
    axes: '+x +z +y',
  }))
}

/** The first fan place is at the rear, the next at the front from the top down, the rest on top. */
function fanPlaces({ x, y, z }: Inner, count: number): Case['fans'] {
  const front = Math.min(FRONT_FANS, Math.max(0, count - 1))
  const at = (p: Vec3): [number, number, number] => [p[0], p[1], p[2]]
  return Array.from({ length: count }, (_, i) => {
    if (i === 0)
      return {
        key: 'rear',
        label: 'rear fan place',
        sizes: ['120' as const],
        at: at([0, Math.max(FAN.lowest, y - FAN.rearFromTop), z / 2]),
        axes: '+y +z +x',
        air: 'out' as const,
      }
    if (i <= front)
      return {
        key: `front-${i}`,
        label: `front fan place ${i}`,
        sizes: ['120' as const, '140' as const],
        at: at([x, Math.max(FAN.lowest, y - FAN.fromTop - (i - 1) * FAN.pitch), z / 2]),
        axes: '+y +z -x',
        air: 'in' as const,
      }
    const n = i - front
    return {
      key: `top-${n}`,
      label: `top fan place ${n}`,
      sizes: ['120' as const],
      at: at([FAN.fromRear + (n - 1) * FAN.pitch, y, z / 2]),
      axes: '+x +z -y',
      air: 'out' as const,
    }
  })
}

/** Fan places in a row take a radiator of as many fans; the largest that fits is named last. */
function radiatorPlaces(fans: Case['fans']): Case['radiators'] {
  return (['front', 'top'] as const).flatMap(wall => {
    const own = fans.filter(f => f.key.startsWith(`${wall}-`))
    const [first] = own
    if (!first) return []
    const sizes = RADIATORS.filter(
      r => RADIATOR_SIZE[r].fans <= own.length && first.sizes.includes(RADIATOR_SIZE[r].fan),
    )
    return [
      {
        key: `radiator-${wall}`,
        label: `radiator place at the ${wall}`,
        sizes: [...sizes],
        instead: own.map(f => f.key),
        at: first.at,
        axes: first.axes,
      },
    ]
  })
}

/**
 * Whether a case takes only boards of the age in which the switch at the front was a mains switch.
 */
const hasMainsSwitch = (boards: readonly BoardForm[]): boolean =>
  boards.length > 0 && boards.every(form => MAINS_AT_FRONT.includes(form))

/**
 * The leads that nearly every front has: lengths are assumed by the kind of lead. An AT case has no
 * switch lead for a board.
 */
export function usualLeads(boards: readonly BoardForm[] = []): Case['leads'] {
  const toSwitch = {
    key: 'power-switch',
    label: 'power switch',
    face: 'panel-lead',
    job: 'power-switch',
    wide: 2,
  } as const
  return [
    ...(hasMainsSwitch(boards) ? [] : [toSwitch]),
    { key: 'reset', label: 'reset switch', face: 'panel-lead', job: 'reset', wide: 2 },
    { key: 'power-light', label: 'power light', face: 'panel-lead', job: 'power-light', wide: 2 },
    { key: 'disk-light', label: 'disk light', face: 'panel-lead', job: 'disk-light', wide: 2 },
    { key: 'usb', label: 'front USB 3', face: 'usb-3', ports: 2 },
    { key: 'audio-hd', label: 'front audio', face: 'audio-hd' },
  ]
}
