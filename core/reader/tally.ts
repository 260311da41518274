// Counts that several lines of a sheet make up together. What one section lists and another lists again is
// there once.
import { groupBy } from '../collections/groups'
import type { Statement } from './statements'

/** So many of one thing, as a phrase of a line counts them. */
export interface Told {
  readonly s: Statement
  readonly path: string
  readonly n: number
  /** The phrase that counts; null for what is there again where it is listed again: cables alike. */
  readonly phrase: string | null
}

/** "In total", "Connectors (sum)": all that was counted before, once more. */
const IN_ALL = /\b(?:in total|totals?|in all|sum|summary|overall)\b/i
/** "Total supports 3 x M.2 slots and 4 x SATA": a line that sums up what others list one by one. */
const SUMS_UP = /^\s*(?:in )?total(?:ly)?\b/i
/** "9 x USB ports": of whatever sort. */
const OF_ANY_SORT = /^\s*\d+\s*x\s*USB ports?\s*$/i
/** Sections that tell things apart by what they hang on list nothing again. */
const BY_SOURCE = /chipset|controller|processor|\bCPU\b|\bhub\b|cable/i
/** What only says that a thing is one. */
const FILLING =
  /\b\d+\b|[x×]|\b(?:ports?|connectors?|headers?|sockets?|plugs?|on board|internal|rear)\b|[^a-z\d.]/gi

const sectionOf = ({ under, label }: Statement): string => (under === '' ? label : under)

/** The counts that hold, in the order in which they were told. O(n) for n counts. */
export function onceTold(told: readonly Told[]): readonly Told[] {
  const apart = withoutSums(notSaidAgain(asInside(atRear(told))))
  const before = new Map<string, number>()
  const holds = new Set<Told>()
  for (const [section, own] of groupBy(apart, t => sectionOf(t.s)))
    for (const t of notListedBefore(before, own, section)) {
      holds.add(t)
      before.set(t.path, (before.get(t.path) ?? 0) + t.n)
    }
  return told.filter(t => holds.has(t))
}

/** Without the lines that sum up, where others tell the same one by one. */
const withoutSums = (told: readonly Told[]): readonly Told[] => {
  const isSum = ({ s, phrase }: Told): boolean =>
    SUMS_UP.test(s.label === '' ? s.value : s.label) || OF_ANY_SORT.test(phrase ?? '')
  const oneByOne = new Set(told.flatMap(t => (isSum(t) ? [] : [t.path])))
  return told.filter(t => !isSum(t) || !oneByOne.has(t.path))
}

const OF_PICTURES = /^rear\.(?:hdmi|displayport|vga|dvi|usb-c-socket)$/
const AT_REAR = /\b(?:rear|back)\b/i
const ON_GRAPHICS = /graphics|display|video/i
/** What a section on graphics says of sockets counts nothing where the rear panel lists them. */
function atRear(told: readonly Told[]): readonly Told[] {
  const listed = new Set(
    told.filter(t => OF_PICTURES.test(t.path) && AT_REAR.test(sectionOf(t.s))).map(t => t.path),
  )
  const isOther = ({ s, path }: Told): boolean =>
    listed.has(path) && ON_GRAPHICS.test(sectionOf(s)) && !AT_REAR.test(sectionOf(s))
  return told.filter(t => !isOther(t))
}

const ALL_INSIDE = /^internal (?:I\/O|connectors|headers)/i
/** What a list of all that is inside counts just as others do together is there once. */
function asInside(told: readonly Told[]): readonly Told[] {
  const isInList = ({ s }: Told): boolean => ALL_INSIDE.test(sectionOf(s))
  const [listed, others] = [told.filter(isInList), told.filter(t => !isInList(t))]
  const sums = (of: readonly Told[], path: string): number =>
    of.reduce((sum, t) => (t.path === path ? sum + t.n : sum), 0)
  return told.filter(t => isInList(t) || sums(listed, t.path) !== sums(others, t.path))
}

/** Without the same phrase in another section: "4 x SATA" under "Storage", and among the connectors. */
function notSaidAgain(told: readonly Told[]): readonly Told[] {
  const sections = new Map<string, Set<string>>()
  return told.filter(({ s, path, n, phrase }) => {
    if (phrase === null) return true
    const own = sectionOf(s)
    const name = `${path} ${n} ${bare(phrase)}`
    const before = sections.get(name) ?? new Set<string>()
    sections.set(name, before.add(own))
    const isHeader = /\bheaders?\b|\bconnectors?\b/i.test(phrase)
    return ![...before].some(section => areLists(section, own, isHeader))
  })
}

/**
 * Two sections of which each may list everything: not parts of one that share its name or tell the
 * source. What is inside is inside for both, whatever they are called: "Front USB", "USB".
 */
const areLists = (a: string, b: string, isInside: boolean): boolean =>
  a !== b &&
  !BY_SOURCE.test(`${a} ${b}`) &&
  (isInside || isRelated(a, b) || !wordsOf(a).some(word => wordsOf(b).includes(word)))
/** "Storage", and "Storage related" among what is inside. */
const isRelated = (a: string, b: string): boolean => {
  const plain = (name: string): string => name.toLowerCase().replace(/\s*\brelated\b/, '')
  return plain(a) === plain(b)
}
const wordsOf = (name: string): readonly string[] => name.toLowerCase().match(/[a-z\d]{3,}/g) ?? []
const bare = (phrase: string): string => phrase.toLowerCase().replace(FILLING, '')

/** Named choice: so many things alike in number are no chance. */
const SEVERAL = 2

/**
 * What a section counts, without what was listed before: where it is said to be the sum, or where
 * several things come to the same numbers as before.
 */
function notListedBefore(
  before: ReadonlyMap<string, number>,
  own: readonly Told[],
  section: string,
): readonly Told[] {
  const sums = new Map<string, number>()
  for (const { path, n } of own) sums.set(path, (sums.get(path) ?? 0) + n)
  const again = new Set([...sums.keys()].filter(path => before.has(path)))
  const areEqual =
    again.size >= SEVERAL &&
    own.every(t => t.phrase !== null) &&
    [...again].every(path => before.get(path) === sums.get(path)) &&
    !BY_SOURCE.test(section)
  return IN_ALL.test(section) || areEqual ? own.filter(t => !again.has(t.path)) : own
}
