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
/** Sections that tell things apart by what they hang on list nothing again. */
const BY_SOURCE = /chipset|controller|processor|\bCPU\b|\bhub\b|cable/i
/** What only says that a thing is one. */
const FILLING =
  /\b\d+\b|[x×]|\b(?:ports?|connectors?|headers?|sockets?|plugs?|on board|internal|rear)\b|[^a-z\d.]/gi

const sectionOf = ({ under, label }: Statement): string => (under === '' ? label : under)

/** The counts that hold, in the order in which they were told. */
export function onceTold(told: readonly Told[]): readonly Told[] {
  const apart = told.filter((t, i) => !told.slice(0, i).some(before => isSaidAgain(before, t)))
  const held = [...groupBy(apart, t => sectionOf(t.s))].reduce<readonly Told[]>(
    (before, [section, own]) => [...before, ...notListedBefore(before, own, section)],
    [],
  )
  return told.filter(t => held.includes(t))
}

/** The same phrase in another section: "4 x SATA" under "Storage", and under "Internal connectors". */
function isSaidAgain(before: Told, now: Told): boolean {
  if (before.path !== now.path || before.n !== now.n) return false
  if (before.phrase === null || now.phrase === null) return false
  const [a, b] = [sectionOf(before.s), sectionOf(now.s)]
  return areLists(a, b) && bare(before.phrase) === bare(now.phrase)
}

/** Two sections of which each may list everything: not parts of one that share its name or tell the source. */
const areLists = (a: string, b: string): boolean =>
  a !== b && !BY_SOURCE.test(`${a} ${b}`) && !wordsOf(a).some(word => wordsOf(b).includes(word))
const wordsOf = (name: string): readonly string[] => name.toLowerCase().match(/[a-z\d]{3,}/g) ?? []
const bare = (phrase: string): string => phrase.toLowerCase().replace(FILLING, '')

/** Named choice: so many things alike in number are no chance. */
const SEVERAL = 2

/**
 * What a section counts, without what was listed before: where it is said to be the sum, or where
 * several things come to the same numbers as before.
 */
function notListedBefore(
  before: readonly Told[],
  own: readonly Told[],
  section: string,
): readonly Told[] {
  const again = [...new Set(own.map(t => t.path))].filter(p => before.some(t => t.path === p))
  const isSum = IN_ALL.test(section)
  const areEqual =
    again.length >= SEVERAL &&
    own.every(t => t.phrase !== null) &&
    again.every(p => sumOf(before, p) === sumOf(own, p)) &&
    !BY_SOURCE.test(section)
  return isSum || areEqual ? own.filter(t => !again.includes(t.path)) : own
}
const sumOf = (told: readonly Told[], path: string): number =>
  told.reduce((sum, t) => (t.path === path ? sum + t.n : sum), 0)
