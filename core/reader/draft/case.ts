// A case from what its sheet said: through the outline, as the entry by a few numbers goes.
import { caseOf } from '../../outlines/case'
import type { CaseOutline } from '../../outlines/case-outline'
import { usualLeads } from '../../outlines/front-leads'
import type { Case, CaseLead } from '../../parts/case-schema'
import { RADIATORS, RADIATOR_SIZE } from '../../standards/modules'
import { boardForm } from './board'
import { count, given, hasAny, list, text, type About, type Fields, type Made } from './fields'

export function caseFrom(f: Fields, about: About): Made {
  const outline = outlineOf(f)
  const made = caseOf(outline, about, leadsOf(f, outline.boards))
  const means = text(f, 'cardRoomMeans') as Case['cardRoomMeans']
  const part: Case = {
    ...made,
    fans: fansOf(f),
    bays: allBays(f, made.bays),
    ...given('slots', count(f, 'slots')),
    radiators: radiatorsOf(f),
    ...(f.has('includes.hub') ? { spots: OWN_PLACE } : {}),
    partly: (made.partly ?? []).filter(path => path !== 'leads' || !hasAny(f, 'leads.')),
    assumed: (made.assumed ?? []).filter(path => path !== 'supply.forms' || !f.has('supply.forms')),
    supply: {
      ...made.supply,
      ...given('forms', list(f, 'supply.forms') as Case['supply']['forms'] | undefined),
    },
    ...given('cardRoomMeans', means),
    standoffs: {
      ...made.standoffs,
      ...given('supplied', count(f, 'standoffs.supplied')),
      ...given('fitted', list(f, 'standoffs.fitted') as Case['standoffs']['fitted'] | undefined),
    },
    tray: { ...made.tray, ...given('roomX', count(f, 'tray.roomX')) },
    inner: { ...made.inner, ...given('behind', statedBehind(f)) },
  }
  return {
    part,
    assumed: [
      ...(f.has('archetype')
        ? []
        : [['archetype', 'not stated; taken from the boards it holds'] as const]),
      ['inner', 'the inside is derived from the outside'] as const,
    ],
  }
}

/** Where a controller sits that comes in the case: nobody says where that is. */
const OWN_PLACE: Case['spots'] = [
  { key: 'controller', label: 'controller place', takes: ['hub'], axes: '+x +y +z' },
]

function statedBehind(f: Fields): Case['inner']['behind'] {
  const mm = count(f, 'inner.behind')
  return mm === null ? null : { mm, basis: 'spec' }
}

function outlineOf(f: Fields): CaseOutline {
  const boards = (list(f, 'boards') ?? []).flatMap(b => boardForm(b) ?? [])
  const small = boards.length > 0 && boards.every(b => b === 'Mini-ITX')
  return {
    archetype:
      (text(f, 'archetype') as Case['archetype'] | undefined) ??
      (small ? 'shoebox' : 'tower-shroud'),
    boards,
    length: count(f, 'outer.x'),
    height: count(f, 'outer.y'),
    width: count(f, 'outer.z'),
    coolerRoom: count(f, 'coolerRoom'),
    cardRoom: count(f, 'cardRoom'),
    supplyRoom: count(f, 'supply.room'),
    bays: count(f, 'bays.3.5'),
    fans: null,
  }
}

type Bays = NonNullable<Case['bays']>

/** Bays of all sizes; null where the sheet counts none of any. */
function allBays(f: Fields, large: Case['bays']): Case['bays'] {
  const others = (['2.5', '5.25'] as const).flatMap(size => baysOf(f, size) ?? [])
  const isCounted = ['3.5', '2.5', '5.25'].some(size => count(f, `bays.${size}`) !== null)
  return isCounted ? [...(large ?? []), ...others] : null
}

const baysOf = (f: Fields, size: '2.5' | '5.25'): Bays =>
  Array.from({ length: count(f, `bays.${size}`) ?? 0 }, (_, i) => ({
    key: `bay-${size}-${i + 1}`,
    label: `${size}-inch bay ${i + 1}`,
    size,
    front: size === '5.25',
    axes: '+x +y +z',
  }))

const WALLS = ['rear', 'front', 'top', 'bottom', 'side'] as const
type Wall = (typeof WALLS)[number]
/** Where a place in a wall points, and which way air usually goes there; a side says nothing. */
const IN_WALL: Record<Wall, { readonly axes: string; readonly air?: 'in' | 'out' }> = {
  rear: { axes: '+y +z +x', air: 'out' },
  front: { axes: '+y +z -x', air: 'in' },
  top: { axes: '+x +z -y', air: 'out' },
  bottom: { axes: '+x +z +y', air: 'in' },
  side: { axes: '+x +y +z' },
}

type FanPlaces = NonNullable<Case['fans']>

/** Fan places by wall; null where the sheet names none. */
function fansOf(f: Fields): Case['fans'] {
  const fans = WALLS.flatMap(wall => fansAt(f, wall))
  return fans.length > 0 ? fans : null
}

function fansAt(f: Fields, wall: Wall): FanPlaces {
  const places = count(f, `fans.${wall}`) ?? 0
  const takes = (size: string, n: number): boolean => (count(f, `fans.${wall}.${size}`) ?? n) >= n
  return Array.from({ length: places }, (_, i) => ({
    key: `${wall}-${i + 1}`,
    label: `${wall} fan place${places > 1 ? ` ${i + 1}` : ''}`,
    sizes: (list(f, `fans.${wall}.sizes`) ?? ['120']).filter(size =>
      takes(size, i + 1),
    ) as FanPlaces[number]['sizes'],
    ...IN_WALL[wall],
  }))
}

type Radiators = NonNullable<Case['radiators']>

/** Radiators by wall; null where the sheet names none. */
function radiatorsOf(f: Fields): Case['radiators'] {
  const radiators = WALLS.flatMap((wall): Radiators => {
    const size = text(f, `radiators.${wall}`)
    if (!size) return []
    const places = count(f, `fans.${wall}`) ?? 0
    return [
      {
        key: `radiator-${wall}`,
        label: `radiator place at the ${wall}`,
        sizes: withSmaller(list(f, `radiators.${wall}.sizes`) ?? [size]),
        instead: Array.from({ length: places }, (_, i) => `${wall}-${i + 1}`),
        axes: IN_WALL[wall].axes,
        ...given('memoryRoom', count(f, `radiators.${wall}.memoryRoom`)),
      },
    ]
  })
  return radiators.length > 0 ? radiators : null
}

/** The sizes that are stated, and those of fewer fans of the same frame: they take the same holes. */
const withSmaller = (stated: readonly string[]): Radiators[number]['sizes'] =>
  RADIATORS.filter(r =>
    RADIATORS.some(
      s =>
        stated.includes(s) &&
        RADIATOR_SIZE[s].fan === RADIATOR_SIZE[r].fan &&
        RADIATOR_SIZE[r].fans <= RADIATOR_SIZE[s].fans,
    ),
  )

/**
 * Switches and lights are on every front, though nobody stated them; ports as the sheet counts them,
 * two to a wide lead.
 */
function leadsOf(f: Fields, boards: CaseOutline['boards']): CaseLead[] {
  const pairs = (face: 'usb-3' | 'usb-2', name: string): CaseLead[] => {
    const ports = count(f, `leads.${face}`) ?? 0
    return Array.from({ length: Math.ceil(ports / 2) }, (_, i) => ({
      key: `${face}-${i + 1}`,
      label: `front ${name}${ports > 2 ? `, pair ${i + 1}` : ''}`,
      face,
      ports: Math.min(2, ports - i * 2),
    }))
  }
  return [
    ...usualLeads(boards).filter(l => l.face === 'panel-lead'),
    ...pairs('usb-3', 'USB 3'),
    ...pairs('usb-2', 'USB 2'),
    ...Array.from({ length: count(f, 'leads.usb-c') ?? 0 }, (_, i) => ({
      key: `usb-c-${i + 1}`,
      label: 'front USB-C',
      face: 'usb-c' as const,
      ports: 1,
    })),
    ...(count(f, 'leads.audio-hd')
      ? [{ key: 'audio-hd', label: 'front audio', face: 'audio-hd' as const }]
      : []),
  ]
}
