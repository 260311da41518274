// From a reading to a part: what was read laid into its kind's shape, what the kind cannot do
// without taken as usual and told.
import { partSchema, type Part, type PartKind } from '../../parts'
import { put } from '../../parts/paths'
import type { ReadValue } from '../notes'
import type { Reading } from '../read'
import { boardFrom } from './board'
import { caseFrom } from './case'
import { EXPAND } from './expand'
import { includesOf } from './includes'
import { count, given, hasAny, text, type About, type Fields, type Made } from './fields'

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
    const why = d?.isOther ? `the sheet also says ${String(d.value)}` : (d?.why ?? null)
    return { path: f.path, words: f.words, why }
  })
  return {
    part: {
      ...made.part,
      ...given('pack', count(fields, 'pack')),
      ...given('software', text(fields, 'software')),
      ...includesOf(kind, fields, about),
    },
    marks,
    assumed: made.assumed.map(([path, why]) => ({ path, words: null, why })),
  }
}

/** Kinds that are known by an outline go through it. */
const SHAPE: Partial<Record<PartKind, (fields: Fields, about: About) => Made>> = {
  board: boardFrom,
  case: caseFrom,
}

/**
 * What a kind's schema cannot do without and nothing is decided by: empty groups. What decides (a
 * socket, a form, which plugs there are) is left open until somebody says it: the build asks.
 */
const NEEDED: Partial<Record<PartKind, Readonly<Record<string, ReadValue | object>>>> = {
  processor: { power: {} },
}

/** Fields that only count what EXPAND makes of them. */
const COUNTED: Partial<Record<PartKind, readonly string[]>> = {
  processor: ['speeds.'],
  supply: ['cables.'],
  card: ['power.', 'headers.'],
  hub: ['inlets.', 'outlets.'],
  device: ['plugs.'],
  cooler: ['liquid.fans', 'liquid.usb', 'lights.'],
}
const ABOUT = ['maker', 'model', 'price', 'pack']

/** Kinds whose paths are their schema's own: values are laid in; counts of plugs become plugs. */
function byPaths(kind: PartKind, f: Fields, about: About): Made {
  const needed = Object.entries(NEEDED[kind] ?? {})
  const isCounted = (path: string): boolean =>
    ['includes.', ...(COUNTED[kind] ?? [])].some(prefix => path.startsWith(prefix))
  const base: unknown = {
    ...Object.fromEntries(needed),
    ...(kind === 'cooler' && f.has('fan.face') ? { fan: { face: 'fan-4' } } : {}),
    kind,
    ...about,
    ...(about.price === null ? {} : { price: about.price }),
  }
  const laid = [...f.values()]
    .filter(x => !ABOUT.includes(x.path) && !isCounted(x.path))
    .reduce<unknown>((p, x) => put(p, x.path, x.value), base)
  const part = {
    ...(laid as object),
    ...(EXPAND[kind]?.(f, laid as Readonly<Record<string, unknown>>) ?? {}),
  }
  const checked = partSchema.safeParse(part)
  const assumed = needed.filter(
    ([path, value]) => typeof value !== 'object' && !f.has(path) && !hasAny(f, `${path}.`),
  )
  return {
    part: checked.success ? checked.data : (part as Part),
    assumed: [
      ...assumed.map(([path]) => [path, 'not stated; as usual until you look'] as const),
      ...(f.has('liquid.radiator') && !f.has('liquid.fans') ? [UNCOUNTED] : []),
    ],
  }
}

const UNCOUNTED = [
  'liquid.fans',
  'the sheet does not count them; as many as lie along the radiator',
] as const

/** A new, empty part of a kind, for a form that begins with nothing. */
export const blankOf = (kind: PartKind, id: string): Draft =>
  draftOf({ kind, fields: [], doubtful: [] }, kind, id)
