// How parts are grouped for those who look for one, and which of their figures and words matter
// then.
import type { Part, PartKind } from '../parts'
import { KINDS, PART_KINDS } from '../parts'
import { at } from '../parts/paths'
import { readFigure, type StoredFigure, type Unit } from '../figures/units'

/** A thing to look for: a kind, or those of a kind that do one thing. */
export interface Group {
  readonly id: string
  readonly title: string
  readonly kind: PartKind
  readonly of: (part: Part) => boolean
}

const all = (kind: PartKind, title: string): Group => ({
  id: kind,
  title,
  kind,
  of: p => p.kind === kind,
})
const OWN: Partial<Record<PartKind, readonly Group[]>> = {
  card: [
    {
      id: 'graphics',
      title: 'Graphics card',
      kind: 'card',
      of: p => p.kind === 'card' && p.does === 'graphics',
    },
    {
      id: 'card',
      title: 'Card',
      kind: 'card',
      of: p => p.kind === 'card' && p.does !== 'graphics',
    },
  ],
  hub: [
    {
      id: 'fan-hub',
      title: 'Fan hub',
      kind: 'hub',
      of: p => p.kind === 'hub' && p.serves === 'fans',
    },
    {
      id: 'light-hub',
      title: 'Light hub',
      kind: 'hub',
      of: p => p.kind === 'hub' && p.serves === 'lights',
    },
    {
      id: 'usb-hub',
      title: 'USB hub',
      kind: 'hub',
      of: p => p.kind === 'hub' && p.serves === 'USB',
    },
  ],
}
export const GROUPS: readonly Group[] = PART_KINDS.flatMap(
  kind => OWN[kind] ?? [all(kind, KINDS[kind].title)],
)
export const groupOf = (part: Part): Group =>
  GROUPS.find(g => g.of(part)) ?? all(part.kind, KINDS[part.kind].title)

/** One thing that matters about a kind: a figure to bound, or words to choose among. */
export interface Facet {
  readonly path: string
  readonly label: string
  readonly unit: Unit | null
  readonly words: boolean
}

const figureFacet = (kind: PartKind, path: string, label?: string): Facet => {
  const about = KINDS[kind].figures.get(path)
  return { path, label: label ?? about?.label ?? path, unit: about?.unit ?? null, words: false }
}
const words = (path: string, label: string): Facet => ({ path, label, unit: null, words: true })
const plain = (path: string, label: string, unit: Unit | null = null): Facet => ({
  path,
  label,
  unit,
  words: false,
})

const FACETS: Record<PartKind, readonly Facet[]> = {
  case: [
    words('archetype', 'layout'),
    words('boards', 'boards'),
    figureFacet('case', 'coolerRoom'),
    figureFacet('case', 'cardRoom'),
  ],
  board: [
    words('form', 'form'),
    words('processor.socket', 'socket'),
    words('memory.type', 'memory'),
    figureFacet('board', 'memory.most', 'largest memory'),
  ],
  processor: [
    words('socket', 'socket'),
    words('memory', 'memory'),
    words('picture', 'draws a picture'),
    figureFacet('processor', 'power.sustained', 'sustained'),
  ],
  cooler: [
    words('sockets', 'sockets'),
    words('liquid.radiator', 'radiator'),
    figureFacet('cooler', 'height'),
    figureFacet('cooler', 'cools', 'carries away'),
  ],
  memory: [
    words('type', 'type'),
    plain('modules', 'modules'),
    figureFacet('memory', 'each', 'each'),
    figureFacet('memory', 'speed', 'speed'),
    figureFacet('memory', 'height', 'height'),
  ],
  drive: [
    words('shape', 'size'),
    words('protocol', 'protocol'),
    words('medium', 'medium'),
    plain('gigabytes', 'capacity', 'GB'),
  ],
  card: [
    words('does', 'does'),
    words('size', 'slot'),
    figureFacet('card', 'length'),
    figureFacet('card', 'watts', 'sustained'),
  ],
  supply: [
    words('form', 'form'),
    words('modular', 'modular'),
    words('efficiency', 'class'),
    figureFacet('supply', 'watts', 'rated'),
    figureFacet('supply', 'length'),
  ],
  fan: [
    words('size', 'frame'),
    words('face', 'plug'),
    figureFacet('fan', 'thickness'),
    figureFacet('fan', 'amps', 'current'),
  ],
  hub: [words('serves', 'serves'), figureFacet('hub', 'amps', 'together')],
  light: [
    words('face', 'plug'),
    plain('lights', 'lights'),
    figureFacet('light', 'amps', 'current'),
  ],
  adapter: [words('inlets.*.face', 'from'), words('outlets.*.face', 'to')],
  lead: [words('face', 'plug'), figureFacet('lead', 'length')],
  bracket: [words('leads.*.face', 'plug'), words('profile', 'height')],
  rail: [words('takes', 'takes'), words('fits', 'fits')],
  sensor: [figureFacet('sensor', 'lead', 'lead')],
  beeper: [figureFacet('beeper', 'lead', 'lead')],
  stick: [
    figureFacet('stick', 'gigabytes', 'size'),
    figureFacet('stick', 'sticksOut', 'sticks out'),
  ],
  device: [words('does', 'does'), words('plugs.*.face', 'plugs')],
  sundry: [words('use', 'for'), figureFacet('sundry', 'count', 'count')],
}
export const facetsOf = (kind: PartKind): readonly Facet[] => FACETS[kind]

/** What a part has at a facet: words, or one number; none where it does not say. */
export function valuesAt(part: Part, facet: Facet): readonly (string | number)[] {
  const [list, inside] = facet.path.split('.*.')
  const found =
    list !== undefined && inside !== undefined
      ? ((at(part, list) ?? []) as readonly unknown[]).map(one => at(one, inside))
      : [at(part, facet.path)]
  const said = (v: unknown): readonly (string | number)[] =>
    facet.words ? wordsOf(v) : numberOf(v, facet.unit)
  return [...new Set(found.flatMap(said))]
}

function wordsOf(value: unknown): readonly string[] {
  if (Array.isArray(value)) return value.map(String)
  if (typeof value === 'boolean') return [value ? 'yes' : 'no']
  return typeof value === 'string' || typeof value === 'number' ? [String(value)] : []
}

function numberOf(value: unknown, unit: Unit | null): readonly number[] {
  if (typeof value === 'number') return [value]
  const figure = unit === null ? null : readFigure(value as StoredFigure, unit)
  return figure ? [figure.value] : []
}
