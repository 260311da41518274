// From a reading to a part: what was read laid into its kind's shape, what the kind cannot do
// without taken as usual and told.
import { partSchema, type Part, type PartKind } from '../parts'
import { boardOf, type BoardOutline } from '../outlines/board'
import { caseOf, usualLeads, type CaseOutline } from '../outlines/case'
import { BOARD_FORMS, type BoardForm } from '../standards/boards'
import { ANY_SLOT, type AnySlot } from '../standards/cards'
import { CONNECTORS, type PlugFace } from '../connectors/connectors'
import type { Board } from '../parts/board'
import type { Case } from '../parts/case'
import { put } from '../parts/paths'
import type { ReadField, ReadValue } from './notes'
import type { Reading } from './read'

/**
 * One thing the form has to show beside a value: the words it came from, or why it is only assumed.
 */
export interface DraftMark {
  readonly path: string
  readonly words: string | null
  readonly why: string | null
}

export interface Draft {
  readonly part: Part
  readonly marks: readonly DraftMark[]
  /** What the kind needs and nobody stated: taken as usual until someone looks. */
  readonly assumed: readonly DraftMark[]
}

type Fields = ReadonlyMap<string, ReadField>
const text = (f: Fields, path: string): string | undefined => {
  const v = f.get(path)?.value
  return typeof v === 'string' ? v : undefined
}
const count = (f: Fields, path: string): number | null => {
  const v = f.get(path)?.value
  return typeof v === 'number' ? v : null
}
const list = (f: Fields, path: string): readonly string[] | undefined => {
  const v = f.get(path)?.value
  return Array.isArray(v) ? (v as readonly string[]) : undefined
}
const flag = (f: Fields, path: string): boolean | undefined => {
  const v = f.get(path)?.value
  return typeof v === 'boolean' ? v : undefined
}
const counts = (f: Fields, prefix: string): Partial<Record<PlugFace, number>> =>
  Object.fromEntries(
    [...f].flatMap(([path, { value }]) =>
      path.startsWith(prefix) &&
      typeof value === 'number' &&
      path.slice(prefix.length) in CONNECTORS
        ? [[path.slice(prefix.length), value]]
        : [],
    ),
  )

/**
 * A part from a reading. `id` is the part's own; a kind that was not recognised has to be chosen
 * first.
 */
export function draftOf(
  reading: Pick<Reading, 'kind' | 'fields' | 'doubtful'>,
  kind: PartKind,
  id: string,
): Draft {
  // Doubtful values fill the form as well, marked: the first that was said of a path stands.
  const fields: Fields = new Map([...reading.doubtful, ...reading.fields].map(f => [f.path, f]))
  const about = {
    id,
    maker: text(fields, 'maker') ?? '',
    model: text(fields, 'model') ?? '',
    price: count(fields, 'price'),
  }
  const made = SHAPE[kind]?.(fields, about) ?? byPaths(kind, fields, about)
  const marks = [...fields.values()].map(f => {
    const d = reading.doubtful.find(x => x.path === f.path)
    return { path: f.path, words: f.words, why: d?.why ?? null }
  })
  return {
    part: made.part,
    marks,
    assumed: made.assumed.map(([path, why]) => ({ path, words: null, why })),
  }
}

type About = {
  readonly id: string
  readonly maker: string
  readonly model: string
  readonly price: number | null
}
type Made = { readonly part: Part; readonly assumed: readonly (readonly [string, string])[] }
type Shape = (fields: Fields, about: About) => Made

const indexed = (f: Fields, prefix: string): number =>
  Math.max(
    0,
    ...[...f.keys()].flatMap(p => {
      const m = new RegExp(`^${prefix}\\.(\\d+)\\.`).exec(p)
      return m ? [Number(m[1]) + 1] : []
    }),
  )
const form = (v: string | undefined): BoardForm | null => BOARD_FORMS.find(b => b === v) ?? null

const SHAPE: Partial<Record<PartKind, Shape>> = {
  board(f, about) {
    const own = form(text(f, 'form'))
    const outline: BoardOutline = {
      form: own ?? 'ATX',
      edge: count(f, 'edge'),
      depth: count(f, 'depth'),
      socket: text(f, 'processor.socket') ?? '',
      memory: {
        type: text(f, 'memory.type') ?? '',
        slots: count(f, 'memory.slots') ?? 0,
        most: count(f, 'memory.most'),
        speed: count(f, 'memory.speed'),
      },
      m2: Array.from({ length: count(f, 'm2') ?? 0 }, (_, i) => ({
        ...given('keys', list(f, `m2.${i}.keys`)),
        ...given('lengths', list(f, `m2.${i}.lengths`)),
        ...given('protocols', list(f, `m2.${i}.protocols`)),
        ...given('generation', count(f, `m2.${i}.generation`) ?? undefined),
      })),
      slots: Array.from({ length: indexed(f, 'slots') }, (_, i) => ({
        size: slotSize(text(f, `slots.${i}.size`)),
        ...given('lanes', count(f, `slots.${i}.lanes`) ?? undefined),
        ...given('generation', count(f, `slots.${i}.generation`) ?? undefined),
      })),
      // What a sheet does not list is not there, except the plugs that no board goes without.
      headers: {
        'main-24': 1,
        'cpu-8': count(f, 'headers.cpu-4') === null ? 1 : 0,
        'fan-4': 0,
        'sata-data': 0,
        'usb-3': 0,
        'usb-2': 0,
        'audio-hd': 0,
        'light-5': 0,
        'light-12': 0,
        ...counts(f, 'headers.'),
      },
      ...given(
        'picture',
        [...f.keys()].some(p => /^rear\.(hdmi|displayport|vga)$/.test(p)) ? true : undefined,
      ),
      ...given('flashes', flag(f, 'firmware.flashes')),
      shield: text(f, 'shield') === 'fixed' ? 'fixed' : 'loose',
    }
    const board = boardOf(outline, about)
    const m2 = board.m2.map((m, i) => ({ ...m, shuts: shutsOf(f, `m2.${i}.shuts`) ?? m.shuts }))
    const assumed = [
      ...(own
        ? []
        : [
            [
              'form',
              'not stated; sockets lie as on an ATX board until you choose and derive anew',
            ] as const,
          ]),
      ...(count(f, 'memory.slots') === null
        ? [['memory.slots', 'not stated; none until you add them'] as const]
        : []),
      ...([...f.keys()].some(p => p.startsWith('rear.'))
        ? []
        : [['picture', 'not stated; taken as having sockets for it'] as const]),
      ['headers', 'where each header lies is derived from the form'] as const,
      ...(count(f, 'headers.main-24') === null
        ? [['headers.main-24', 'not stated; no board goes without'] as const]
        : []),
    ]
    return {
      part: { ...board, ...(own ? {} : { form: undefined }), m2, rear: rearOf(f) } as Part,
      assumed,
    }
  },
  case(f, about) {
    const boards = (list(f, 'boards') ?? []).flatMap(b => form(b) ?? [])
    const outline: CaseOutline = {
      archetype:
        (text(f, 'archetype') as Case['archetype'] | undefined) ??
        (boards.every(b => b === 'Mini-ITX') && boards.length > 0 ? 'shoebox' : 'tower-shroud'),
      boards,
      length: count(f, 'outer.x'),
      height: count(f, 'outer.y'),
      width: count(f, 'outer.z'),
      coolerRoom: count(f, 'coolerRoom'),
      cardRoom: count(f, 'cardRoom'),
      supplyRoom: count(f, 'supply.room'),
      bays: count(f, 'bays.3.5'),
      fans: 0,
    }
    const made = caseOf(outline, about, leadsOf(f, outline.boards))
    const means = text(f, 'cardRoomMeans')
    const part: Part = {
      ...made,
      fans: fansOf(f, made),
      bays: [...made.bays, ...bays(f, '2.5'), ...bays(f, '5.25')],
      ...given('slots', count(f, 'slots') ?? undefined),
      radiators: radiatorsOf(f),
      supply: {
        ...made.supply,
        ...given('forms', list(f, 'supply.forms') as Case['supply']['forms'] | undefined),
      },
      ...(means ? { cardRoomMeans: means as NonNullable<Case['cardRoomMeans']> } : {}),
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
  },
}

const given = <K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> =>
  value === undefined ? {} : ({ [key]: value } as Record<K, V>)
/** What a socket switches off; only with a SATA stick where the sheet says so. */
function shutsOf(f: Fields, path: string): Board['m2'][number]['shuts'] | null {
  const keys = list(f, path)
  return keys
    ? [
        {
          keys: [...keys],
          ...(/SATA[- ]?(?:type|mode|M\.2|device|drive|SSD|stick)/i.test(f.get(path)?.words ?? '')
            ? { protocol: 'SATA' }
            : {}),
        },
      ]
    : null
}
const slotSize = (size: string | undefined): AnySlot => ANY_SLOT.find(s => s === size) ?? 'x16'
const rearOf = (f: Fields) =>
  Object.entries(counts(f, 'rear.')).flatMap(([face, n]) =>
    Array.from({ length: n }, (_, i) => ({
      key: `rear-${face}-${i + 1}`,
      label: `${CONNECTORS[face as PlugFace].name}${n > 1 ? ` ${i + 1}` : ''}`,
      face: face as 'hdmi',
      ...(face === 'hdmi' || face === 'displayport' || face === 'vga' ? { ofProcessor: true } : {}),
    })),
  )
const bays = (f: Fields, size: '2.5' | '5.25'): Case['bays'] =>
  Array.from({ length: count(f, `bays.${size}`) ?? 0 }, (_, i) => ({
    key: `bay-${size}-${i + 1}`,
    label: `${size}-inch bay ${i + 1}`,
    size,
    front: size === '5.25',
    axes: '+x +y +z',
  }))
const WALLS = ['rear', 'front', 'top', 'bottom', 'side'] as const

function fansOf(f: Fields, made: Case): Case['fans'] {
  return WALLS.flatMap(wall =>
    Array.from({ length: count(f, `fans.${wall}`) ?? 0 }, (_, i) => ({
      key: `${wall}-${i + 1}`,
      label: `${wall} fan place${(count(f, `fans.${wall}`) ?? 0) > 1 ? ` ${i + 1}` : ''}`,
      sizes: (list(f, `fans.${wall}.sizes`) ?? ['120']).filter(
        size => (count(f, `fans.${wall}.${size}`) ?? i + 1) > i,
      ) as Case['fans'][number]['sizes'],
      axes: made.fans.find(x => x.key.startsWith(wall))?.axes ?? '+x +y +z',
      ...(wall === 'side'
        ? {}
        : { air: wall === 'front' || wall === 'bottom' ? ('in' as const) : ('out' as const) }),
    })),
  )
}
function radiatorsOf(f: Fields): Case['radiators'] {
  return WALLS.flatMap(wall => {
    const size = text(f, `radiators.${wall}`)
    return size
      ? [
          {
            key: `radiator-${wall}`,
            label: `radiator place at the ${wall}`,
            sizes: [size as '240'],
            instead: Array.from(
              { length: count(f, `fans.${wall}`) ?? 0 },
              (_, i) => `${wall}-${i + 1}`,
            ),
            axes: '+x +y +z',
          },
        ]
      : []
  })
}
/** Switches and lights are on every front; ports as the sheet counts them, two to a wide lead. */
function leadsOf(f: Fields, boards: CaseOutline['boards']): Case['leads'] {
  const wide = count(f, 'leads.usb-3') ?? 0
  const slow = count(f, 'leads.usb-2') ?? 0
  const pairs = (face: 'usb-3' | 'usb-2', n: number, name: string): Case['leads'] =>
    Array.from({ length: Math.ceil(n / 2) }, (_, i) => ({
      key: `${face}-${i + 1}`,
      label: `front ${name}${n > 2 ? `, pair ${i + 1}` : ''}`,
      face,
      ports: Math.min(2, n - i * 2),
    }))
  return [
    ...usualLeads(boards).filter(l => l.face === 'panel-lead'),
    ...pairs('usb-3', wide, 'USB 3'),
    ...pairs('usb-2', slow, 'USB 2'),
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

/**
 * What a kind's schema cannot do without and nothing is decided by: empty lists and groups, how a
 * cooler is held. What decides (a socket, a form, whether there is a picture) is left open until
 * somebody says it: the form asks.
 */
const NEEDED: Partial<Record<PartKind, Readonly<Record<string, ReadValue | object>>>> = {
  processor: { power: {} },
  cooler: { fastening: 'screws' },
  supply: { cables: [] },
  hub: { inlets: [], outlets: [] },
  adapter: { inlets: [], outlets: [] },
  bracket: { leads: [] },
  device: { plugs: [] },
}

/** Kinds whose paths are their schema's own: values are laid in; counts of plugs become plugs. */
function byPaths(kind: PartKind, f: Fields, about: About): Made {
  const needed = Object.entries(NEEDED[kind] ?? {})
  const plain = [...f.values()].filter(
    x => !/^(?:maker|model|price)$/.test(x.path) && !isCounted(kind, x.path),
  )
  const base: unknown = {
    ...Object.fromEntries(needed),
    ...(kind === 'cooler' && f.has('fan.face') ? { fan: { face: 'fan-4' } } : {}),
    kind,
    ...about,
    ...(about.price === null ? {} : { price: about.price }),
  }
  const laid = plain.reduce<unknown>((p, x) => put(p, x.path.split('.'), x.value), base)
  const part = {
    ...(laid as object),
    ...(EXPAND[kind]?.(f, laid as Readonly<Record<string, unknown>>) ?? {}),
  }
  const checked = partSchema.safeParse(part)
  return {
    part: checked.success ? checked.data : (part as Part),
    assumed: needed
      .filter(
        ([path, value]) =>
          typeof value !== 'object' &&
          !f.has(path) &&
          ![...f.keys()].some(p => p.startsWith(`${path}.`)),
      )
      .map(([path]) => [path, 'not stated; as usual until you look'] as const),
  }
}

const isCounted = (kind: PartKind, path: string): boolean =>
  (kind === 'processor' && path.startsWith('speeds.')) ||
  (kind === 'supply' && path.startsWith('cables.')) ||
  (kind === 'card' && (path.startsWith('power.') || path.startsWith('headers.'))) ||
  (kind === 'hub' && /^(?:in|out)lets\./.test(path)) ||
  (kind === 'cooler' && /^liquid\.(?:fans|usb)/.test(path))

const plugsOf = (f: Fields, prefix: string) =>
  Object.entries(counts(f, prefix)) as [PlugFace, number][]
const numbered = (n: number, i: number): string => (n > 1 ? ` ${i + 1}` : '')

const EXPAND: Partial<
  Record<PartKind, (f: Fields, laid: Readonly<Record<string, unknown>>) => object>
> = {
  // A speed without a number of modules is promised for one at least.
  processor: f => ({
    speeds: Array.from({ length: indexed(f, 'speeds') }, (_, i) => ({
      modules: count(f, `speeds.${i}.modules`) ?? 1,
      speed: count(f, `speeds.${i}.speed`),
    })),
  }),
  // A stick that says no key has the usual one.
  drive: (f, laid) =>
    text(f, 'shape') === 'M.2'
      ? {
          m2: {
            keys: [text(f, 'protocol') === 'SATA' ? 'B+M' : 'M'],
            length: '2280',
            ...(laid['m2'] as object | undefined),
          },
        }
      : {},
  supply: f => ({
    cables: plugsOf(f, 'cables.').flatMap(([face, n]) =>
      cablesOf(face, n, {
        length: count(f, `cables.${face}.length`),
        after: count(f, `cables.${face}.after`),
        each: count(f, `cables.${face}.each`),
      }),
    ),
  }),
  card: f => ({
    power: plugsOf(f, 'power.').flatMap(([face, n]) =>
      Array.from({ length: n }, (_, i) => ({
        key: `${face}-${i + 1}`,
        face,
        label: `${CONNECTORS[face].name}${numbered(n, i)}`,
        edge: 'upper',
      })),
    ),
    headers: plugsOf(f, 'headers.').flatMap(([face, n]) =>
      Array.from({ length: n }, (_, i) => ({
        key: `${face}-${i + 1}`,
        face,
        label: `${CONNECTORS[face].name}${numbered(n, i)}`,
      })),
    ),
  }),
  hub: f => ({
    inlets: plugsOf(f, 'inlets.').flatMap(([face, n]) =>
      Array.from({ length: n }, (_, i) => ({
        key: `in-${face}${n > 1 ? `-${i + 1}` : ''}`,
        face,
        label: `${CONNECTORS[face].name}${numbered(n, i)}`,
      })),
    ),
    outlets: plugsOf(f, 'outlets.').flatMap(([face, n]) =>
      Array.from({ length: n }, (_, i) => ({
        key: `out-${i + 1}`,
        face,
        label: `${CONNECTORS[face].name}${numbered(n, i)}`,
      })),
    ),
  }),
  cooler: (f, laid) =>
    f.has('liquid.radiator') || f.has('liquid.fans')
      ? {
          liquid: {
            radiator: '240',
            pump: { face: 'fan-3' },
            ...(laid['liquid'] as object | undefined),
            ...(flag(f, 'liquid.usb') ? { usb: null } : {}),
            fans: Array.from({ length: count(f, 'liquid.fans') ?? 0 }, () => ({
              size: text(f, 'liquid.fans.size') ?? '120',
              face: text(f, 'liquid.fans.face') ?? 'fan-4',
              ...given('amps', count(f, 'liquid.fans.amps') ?? undefined),
            })),
          },
        }
      : {},
}

/**
 * How plugs usually hang: SATA and the large four in chains, all others a cable each; halves where
 * the plug splits.
 */
const CHAIN: Partial<Record<PlugFace, number>> = { 'sata-power': 4, 'drive-4': 3 }
function cablesOf(
  face: PlugFace,
  n: number,
  {
    length,
    after,
    each,
  }: {
    readonly length: number | null
    readonly after: number | null
    readonly each: number | null
  },
): object[] {
  const perCable = each ?? CHAIN[face] ?? 1
  return Array.from({ length: Math.ceil(n / perCable) }, (_, i) => ({
    key: `${face}-${i + 1}`,
    ...(length === null ? {} : { length }),
    plugs: Array.from({ length: Math.min(perCable, n - i * perCable) }, (_plug, k) => ({
      face,
      ...(after !== null && k < perCable - 1 ? { after } : {}),
      ...(face === 'cpu-8'
        ? { label: 'processor 4+4', split: ['cpu-4', 'cpu-4'] }
        : face === 'card-8'
          ? { label: 'card 6+2', split: ['card-6'] }
          : {}),
    })),
  }))
}

/** A new, empty part of a kind, for a form that begins with nothing. */
export const blankOf = (kind: PartKind, id: string): Draft =>
  draftOf({ kind, fields: [], doubtful: [] }, kind, id)
