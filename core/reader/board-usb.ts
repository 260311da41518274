// USB sockets of which a line tells where they are: some at the rear, some on headers inside. How many
// headers those are is told elsewhere, or follows from the ports.
import type { Notes } from './notes'
import { clausesOf, phrasesOf } from './phrases'
import type { Statement } from './statements'
import { leadingCount } from './things'

interface Implied {
  readonly s: Statement
  readonly path: string
  readonly n: number
  readonly phrase: string
}
/** A line without the phrases that tell where sockets are, and what those come to. */
interface Apart {
  readonly rest: Statement
  readonly implied: readonly Implied[]
}

const AT_REAR = /\b(?:back|rear)\b(?: (?:panel|I\/O))?/i
const INSIDE = /\binternal\b|\bheaders?\b|\bfront\b/i
/** A bare header is listed as one, with its own count: no port is told. */
const A_HEADER = /^\s*(?:\d+\s*x?\s*)?[^()]*\bheaders?\b/i
/** "4 x USB 2.0 (Front)": brackets that say where, and nothing else. */
const A_PLACE = /^(?:at the )?(?:front|rear|back)(?: (?:panel|I\/O))?$/i
/** "2 front": so many ports of those. */
const AT_FRONT = /^\s*\d\s*(?:x\s*)?front\b/i
const THROUGH = /\b(?:through|via|from|by|on)\b[^,;()]*\bheaders?\b/i

/**
 * "4 x USB 3.2 Gen 1 ports (2 ports on the back panel, 2 ports available through the internal USB
 * header)", "2 x USB 2.0 ports on the back panel".
 */
export function usbByPlace(s: Statement): Apart {
  if (!/\bUSB|Type-?C/i.test(`${s.label} ${s.value}`)) return { rest: s, implied: [] }
  const clauses = clausesOf(s.value)
  const told = clauses.map(clause => impliedBy(s, clause))
  const left = clauses.filter((_, i) => (told[i] ?? []).length === 0)
  const implied = told.flat()
  return implied.length === 0
    ? { rest: s, implied }
    : { rest: { ...s, value: left.join(', ') }, implied }
}

/** What no other line counts holds. */
export function putImplied(implied: readonly Implied[], notes: Notes): void {
  const open = implied.filter(({ path }) => !notes.has(path))
  for (const { s, path, n, phrase } of open) notes.count(s, path, n, phrase)
  for (const { s } of implied) notes.use(s)
}

type Sort = 'usb-c' | 'usb-3' | 'usb-2'
function sortOf(text: string): Sort | null {
  if (/Type[- ]?C|USB-?C\b/i.test(text)) return 'usb-c'
  if (!/\bUSB|Type[- ]?A/i.test(text)) return null
  return /USB\s?(?:2|1)(?:\.\d)?(?:\/\d\.\d)?(?![\d.]*\s?G)/i.test(text) ? 'usb-2' : 'usb-3'
}

function impliedBy(s: Statement, clause: string): readonly Implied[] {
  const sort = sortOf(clause)
  if (!sort) return []
  const [, outside = '', inside] = /^([^(]*)\(([^()]*)\)/.exec(clause) ?? []
  const places = inside === undefined ? [] : phrasesOf(inside).flatMap(p => p.split('+'))
  const areSplit = places.some(p => AT_REAR.test(p) || THROUGH.test(p) || AT_FRONT.test(p))
  const all = leadingCount(clause)
  const [only] = places
  if (only !== undefined && A_PLACE.test(only)) return placed(s, only, sort, all)
  if (areSplit && !A_HEADER.test(outside))
    return places.flatMap(p => placed(s, p, sortOf(p) ?? sort, leadingCount(p)))
  return THROUGH.test(clause) || AT_REAR.test(clause) ? placed(s, clause, sort, all) : []
}

function placed(
  s: Statement,
  phrase: string,
  sort: Sort,
  ports: number | null,
): readonly Implied[] {
  if (ports === null) return []
  if (AT_REAR.test(phrase))
    return [{ s, phrase, n: ports, path: `rear.${sort === 'usb-c' ? 'usb-c-socket' : 'usb-a'}` }]
  if (!INSIDE.test(phrase)) return []
  return [{ s, phrase, n: headersFor(phrase, sort, ports), path: `headers.${sort}` }]
}

/** Two ports hang on one header, one of Type-C on its own. */
export const PORTS_A_HEADER = 2
function headersFor(phrase: string, sort: Sort, ports: number): number {
  if (sort === 'usb-c') return ports
  return /\bheader\b/i.test(phrase) ? 1 : Math.ceil(ports / PORTS_A_HEADER)
}
