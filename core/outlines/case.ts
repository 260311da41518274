// A case from ten numbers and its archetype: the rest is derived, marked assumed, with how far
// each figure may be off.
import { ARCHETYPE, layoutOf, PLACES, type Archetype, type Inner } from '../case/layout'
import type { StoredFigure } from '../figures/units'
import { caseSchema, type Case } from '../parts/case-schema'
import { MAINS_SWITCH, type BoardForm } from '../standards/boards'
import type { CaseOutline } from './case-outline'
import { BAY, bayPlaces, fanPlaces, radiatorPlaces } from './case-places'
import { hasMainsSwitch, usbLeads, usualLeads } from './front-leads'

/** Named choices: what walls, front and feet take from the outside, mm, and how far off that is. */
const SHELL = { x: 45, y: 30, z: 8, tol: 15 }
/**
 * How far an archetype's own inside may be off where the outside is not known: along and up, and
 * across, mm.
 */
const UNKNOWN = { long: 60, across: 25 }

/** The least inside that is believed, mm. */
const LEAST_WIDTH = 60
/** How far a chamber's depth may be off, mm. */
const BEHIND_TOLERANCE = 8

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
  leads: Case['leads'] = [...usualLeads(outline.boards), ...usbLeads(portsOf(outline))],
): Case {
  const { archetype, boards } = outline
  const inner = innerOf(outline)
  const base: Case = caseSchema.parse({
    // What is still to be written or chosen does not keep the rest from being derived.
    kind: 'case',
    ...about,
    model: about.model || '?',
    ...(hasMainsSwitch(boards) ? { note: MAINS_SWITCH } : {}),
    assumed: [PLACES, 'supply.forms'],
    partly: frontKnown(outline) ? [] : ['leads'],
    archetype,
    boards: boards.length > 0 ? boards : null,
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
    leads,
  })
  const layout = layoutOf(base)
  const fans = outline.fans === null ? null : fanPlaces(inner, outline.fans)
  return {
    ...base,
    model: about.model,
    bays: outline.bays === null ? null : bayPlaces(inner, outline.bays),
    fans,
    radiators: fans && radiatorPlaces(inner, fans),
    // What its walls would take is worked out: its maker may say otherwise.
    partly: [...(base.partly ?? []), 'radiators'],
    leadsFrom: [inner.x, layout.tray[1], BAY.tray],
  }
}

/** Whether somebody counted the sockets of the front. */
const frontKnown = (outline: CaseOutline): boolean =>
  Object.values(portsOf(outline)).every(count => count !== null)

const portsOf = ({ usbA = null, usbC = null }: CaseOutline) => ({ usbA, usbC })

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
