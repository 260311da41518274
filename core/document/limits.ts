// How large what comes in new may be, each with its reason. What lies in the store already opens
// all the same.

/** So much at most, and why. */
export interface Limit {
  readonly most: number
  readonly why: string
}

const KEYED: readonly (Limit & { readonly keys: readonly string[] })[] = [
  {
    keys: [
      'id',
      'name',
      'maker',
      'model',
      'label',
      'title',
      'shop',
      'serial',
      'currency',
      'key',
      'by',
    ],
    most: 300,
    why: 'it stands in every sentence about its part',
  },
  {
    keys: ['note', 'reason', 'how', 'line'],
    most: 20_000,
    why: 'longer ones belong into a file of their own',
  },
]
/** The words of a sheet, as they were pasted. */
const SHEET = 'text'
export const LIMITS = {
  text: { most: 4000, why: 'no field asks for more' },
  sheet: { most: 20_000, why: 'no maker’s sheet of one part is longer' },
  picture: { most: 400_000, why: 'pictures are made small before they are kept' },
  number: { most: 1e9, why: 'no length, draw or price of a computer is beyond' },
  list: { most: 2000, why: 'no part or build has more of one thing' },
  long: { most: 100_000, why: 'logs grow, and shelves are large' },
  fields: { most: 20_000, why: 'no build has more joints' },
  levels: { most: 40, why: 'nothing in the format lies deeper than a dozen' },
} as const satisfies Readonly<Record<string, Limit>>

/** Lists that grow with the work, and the pictures of a file. */
const LONG: readonly string[] = ['log', 'parts', 'builds', 'drafts']
const PICTURES = 'photos'

/** All limits in words, for the format's page. */
export const limitLines = (): readonly (Limit & { readonly of: string })[] => [
  ...KEYED.map(({ keys, most, why }) => ({ of: `characters of ${keys.join(', ')}`, most, why })),
  { of: 'characters of any other text', ...LIMITS.text },
  { of: 'characters of a sheet', ...LIMITS.sheet },
  { of: 'characters of a picture', ...LIMITS.picture },
  { of: 'any number, without its sign', ...LIMITS.number },
  { of: `entries of ${LONG.join(', ')}`, ...LIMITS.long },
  { of: 'entries of any other list', ...LIMITS.list },
  { of: 'fields of one record', ...LIMITS.fields },
  { of: 'levels, one inside another', ...LIMITS.levels },
]

export interface Beyond {
  readonly path: readonly string[]
  /** What is too large, how large, and how much it may be; without a full stop. */
  readonly says: string
}

interface Place {
  readonly value: unknown
  readonly path: readonly string[]
}

/**
 * The first thing in a document that is beyond a limit; null when nothing is. Walks without
 * recursion: nothing can be too deep for it.
 */
export function beyondLimit(document: unknown): Beyond | null {
  const open: Place[] = [{ value: document, path: [] }]
  for (let place = open.pop(); place; place = open.pop()) {
    const says = wrongWith(place)
    if (says !== null) return { path: place.path, says }
    const { value, path } = place
    if (typeof value !== 'object' || value === null) continue
    for (const [key, inner] of Object.entries(value))
      open.push({ value: inner, path: [...path, key] })
  }
  return null
}

function wrongWith({ value, path }: Place): string | null {
  if (path.length > LIMITS.levels.most)
    return tooMuch('levels, one inside another', path.length, LIMITS.levels)
  if (typeof value === 'string') return wrongText(value, path)
  if (typeof value === 'number')
    return Math.abs(value) > LIMITS.number.most
      ? `${value} is beyond ${LIMITS.number.most}: ${LIMITS.number.why}`
      : null
  if (Array.isArray(value)) {
    const limit = LONG.includes(path.at(-1) ?? '') ? LIMITS.long : LIMITS.list
    return value.length > limit.most ? tooMuch('entries', value.length, limit) : null
  }
  if (typeof value !== 'object' || value === null) return null
  const { length } = Object.keys(value)
  return length > LIMITS.fields.most ? tooMuch('fields', length, LIMITS.fields) : null
}

function wrongText(text: string, path: readonly string[]): string | null {
  const key = path.at(-1) ?? ''
  const own: Limit | undefined = KEYED.find(({ keys }) => keys.includes(key))
  const other = key === SHEET ? LIMITS.sheet : LIMITS.text
  const limit = path.at(-2) === PICTURES ? LIMITS.picture : (own ?? other)
  return text.length > limit.most ? tooMuch('characters', text.length, limit) : null
}

const tooMuch = (of: string, count: number, { most, why }: Limit): string =>
  `${count} ${of}, at most ${most} are taken: ${why}`
