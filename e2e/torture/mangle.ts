// Files mangled by chance: bytes, lines and values, as a bad cable, a careless editor or a hostile
// hand leaves them.
import type { Chance } from './chance'

type Mangler<T> = (given: T, by: Chance) => T

/** Two places in something of this length, the first before the second. */
function stretch(length: number, by: Chance): readonly [number, number] {
  const [a, b] = [by.below(length + 1), by.below(length + 1)]
  return a < b ? [a, b] : [b, a]
}
/**
 * Named choice: how long a stretch that is repeated or put in may be, so that no file grows beyond
 * reason.
 */
const LONGEST_STRETCH = 4000
const LEAST_FLIPS = 1
const MOST_FLIPS = 40

const BYTES: readonly Mangler<Buffer>[] = [
  // Cut short.
  (bytes, by) => bytes.subarray(0, by.below(bytes.length)),
  // Begun late.
  (bytes, by) => bytes.subarray(by.below(bytes.length)),
  // Bits turned over.
  (bytes, by) => {
    const copy = Buffer.from(bytes)
    const flips = LEAST_FLIPS + by.below(MOST_FLIPS)
    for (let n = 0; n < flips && copy.length > 0; n++) {
      const at = by.below(copy.length)
      copy[at] = (copy[at] ?? 0) ^ (1 << by.below(8))
    }
    return copy
  },
  // A stretch gone.
  (bytes, by) => {
    const [from, to] = stretch(bytes.length, by)
    return Buffer.concat([bytes.subarray(0, from), bytes.subarray(to)])
  },
  // A stretch twice.
  (bytes, by) => {
    const from = by.below(bytes.length)
    const to = from + by.below(LONGEST_STRETCH)
    return Buffer.concat([bytes.subarray(0, to), bytes.subarray(from)])
  },
  // A stretch of nothing, as a disk that failed leaves it.
  (bytes, by) => {
    const [from, to] = stretch(bytes.length, by)
    return Buffer.from(bytes).fill(0, from, to)
  },
  // Any bytes put in.
  (bytes, by) => {
    const at = by.below(bytes.length)
    const put = Buffer.from(Array.from({ length: 1 + by.below(400) }, () => by.below(256)))
    return Buffer.concat([bytes.subarray(0, at), put, bytes.subarray(at)])
  },
  () => Buffer.alloc(0),
  bytes => Buffer.from(bytes.toString('utf8'), 'utf16le'),
  bytes => Buffer.concat([Buffer.from([0xef, 0xbb, 0xbf]), bytes]),
  bytes => Buffer.concat([bytes, bytes]),
]

const ODD_WORDS = [
  '',
  'constructor',
  'toString',
  '__proto__',
  'hasOwnProperty',
  '1e308',
  '-1',
  'NaN',
  '∞',
  '\u0000',
  '\ud800',
  '\u202etxet',
  '👷🏽‍♀️',
  '"',
  '=1+1',
  '<script>',
  '.'.repeat(5000),
  'x'.repeat(100_000),
  '(((((((((((((((((((((((((((((((',
]
const DELIMITERS = [',', ';', '\t', '|', '  ', ':']

/** Lines of a text, as a table or a spec sheet has them. */
const TEXTS: readonly Mangler<string>[] = [
  (text, by) => text.replace(/\d+/, () => by.one(ODD_WORDS)),
  (text, by) => text.replaceAll(/\d+/g, number => (by.share() < 0.2 ? by.one(ODD_WORDS) : number)),
  (text, by) => {
    const lines = text.split('\n')
    lines.splice(by.below(lines.length), 0, by.one(lines))
    return lines.join('\n')
  },
  (text, by) => {
    const lines = text.split('\n')
    lines.splice(by.below(lines.length), 1 + by.below(3))
    return lines.join('\n')
  },
  (text, by) => text.replaceAll(by.one(DELIMITERS), by.one(DELIMITERS)),
  (text, by) => {
    const words = text.split(' ')
    words[by.below(words.length)] = by.one(ODD_WORDS)
    return words.join(' ')
  },
  (text, by) => {
    const lines = text.split('\n')
    lines[by.below(Math.min(3, lines.length))] = Array.from({ length: 1 + by.below(60) }, () =>
      by.one(ODD_WORDS.filter(w => w.length < 100)),
    ).join(by.one(DELIMITERS))
    return lines.join('\n')
  },
  text => text.replaceAll('\n', '\r'),
  text => text.split('').reverse().join(''),
  (text, by) => by.one(ODD_WORDS).repeat(1 + by.below(50)) + text,
]

const ODD_VALUES: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1.5,
  1e308,
  '',
  'constructor',
  '__proto__',
  '1',
  [],
  {},
  [[[[]]]],
  { constructor: { prototype: 1 } },
  'x'.repeat(100_000),
]

interface Place {
  readonly holder: Record<string, unknown>
  readonly key: string
}
function placesIn(value: unknown): readonly Place[] {
  if (typeof value !== 'object' || value === null) return []
  const holder = value as Record<string, unknown>
  return Object.keys(holder).flatMap(key => [{ holder, key }, ...placesIn(holder[key])])
}

/** One place of a parsed document. */
const VALUES: readonly ((place: Place, by: Chance) => void)[] = [
  ({ holder, key }, by) => {
    holder[key] = by.one(ODD_VALUES)
  },
  ({ holder, key }) => {
    delete holder[key]
  },
  ({ holder, key }, by) => {
    const name = by.one(['constructor', 'toString', '__proto__', 'version', 'id'])
    Object.defineProperty(holder, name, { value: holder[key], enumerable: true, writable: true })
  },
  ({ holder, key }) => {
    const inner = holder[key]
    if (Array.isArray(inner)) holder[key] = [...inner, ...inner]
  },
  ({ holder, key }, by) => {
    const inner = holder[key]
    if (typeof inner === 'number') holder[key] = by.one([-inner, inner * 1000, inner / 7, 1e308])
    if (typeof inner === 'string') holder[key] = by.one(ODD_WORDS)
  },
  ({ holder, key }) => {
    holder[key] = [holder[key]]
  },
  ({ holder, key }, by) => {
    const keys = Object.keys(holder)
    holder[key] = holder[by.one(keys)]
  },
]
const DEEP = 5000

function mangledJson(bytes: Buffer, by: Chance): Buffer {
  if (by.share() < 0.03) {
    const [open, close] = by.one([
      ['[', ']'],
      ['{"a":', '}'],
    ] as const)
    return Buffer.from(`${open.repeat(DEEP)}1${close.repeat(DEEP)}`)
  }
  const document: unknown = JSON.parse(bytes.toString('utf8'))
  const changes = 1 + by.below(3)
  for (let n = 0; n < changes; n++) {
    const places = placesIn(document)
    if (places.length === 0) break
    by.one(VALUES)(by.one(places), by)
  }
  return Buffer.from(JSON.stringify(document))
}

export type Form = 'json' | 'text' | 'bytes'

/** Named choice: how often a file is mangled by its bytes although its form is known. */
const BY_BYTES = 0.35

/** The file after one to three mangles that suit its form. */
export function mangled(bytes: Buffer, form: Form, by: Chance): Buffer {
  if (form === 'bytes' || by.share() < BY_BYTES) {
    let now = bytes
    const times = 1 + by.below(3)
    for (let n = 0; n < times; n++) now = by.one(BYTES)(now, by)
    return now
  }
  if (form === 'json') return mangledJson(bytes, by)
  let text = bytes.toString('utf8')
  const times = 1 + by.below(3)
  for (let n = 0; n < times; n++) text = by.one(TEXTS)(text, by)
  return Buffer.from(text)
}
