// A list of names alone, or of points, as people jot a machine down: told by words for parts and by figures.
import { LIST_POINT, isName, kindBehind, kindInFront } from '../called'
import { A_MACHINE, kindLabelled, kindNounsIn, type NamedKind } from '../kind-words'
import { withoutMarks } from '../markup'
import { CAPACITY_IN_FRONT } from '../name-words'
import { groupBy } from '../../collections/groups'
import { capital } from '../../figures/format'
import { choiceIn, oneOf } from '../pattern'
import { withoutTimes } from '../times'

/**
 * Named choices: so many lines are a list; where so many of them are names the others are words about
 * them; a longer line is no name.
 */
const FEWEST = 4
const MOSTLY = 0.75
const LONGEST = 100

/** What figures in a name tell: "850W Gold", "2TB", "32GB DDR5-6000". */
const BY_FIGURES: readonly (readonly [RegExp, NamedKind])[] = [
  [/^(?=.*\bDDR[2-5])(?=.*\d ?GB\b)(?!.*GDDR)/i, 'memory'],
  [/\d ?TB\b|\d ?GB\b.*\b(?:NVMe|SSD|HDD|SATA)\b/i, 'drive'],
  [
    /\b\d{3,4} ?W\b.*\b(?:gold|platinum|titanium|bronze|silver|modular|SFX)\b|80 ?(?:\+|plus)/i,
    'supply',
  ],
  [/\bGDDR\d|\b(?:8|10|12|16|20|24|32) ?GB\b(?!.*DDR)/i, 'card'],
  [/\b(?:micro|mini)?-?m?(?:ATX|ITX)\b|\bWi-?Fi\b/i, 'board'],
  [/\b\d{1,2}[- ]cores?\b|\b\d{1,2}C\/\d{1,2}T\b|\d ?GHz\b/i, 'processor'],
  [/\b(?:PWM|A?RGB)\b.*\bfans?\b|\bfans?\b.*\b(?:PWM|A?RGB)\b/i, 'fan'],
]

const nameIn = (line: string): string =>
  withoutTimes(withoutMarks(line).replace(LIST_POINT, '')).replace(CAPACITY_IN_FRONT, '')

/** A name in a line of its own: no sentence, nothing with a label. */
export const isBareName = (line: string): boolean => {
  const name = nameIn(line)
  return name.length <= LONGEST && isName(name) && !/[.!?:]$|:\s|[|\t;]/.test(name)
}

const kindOf = (line: string): NamedKind | null =>
  kindBehind(line) ?? kindInFront(line) ?? choiceIn(nameIn(line), BY_FIGURES)

/**
 * The lines of such a list, each the name of a part; none where a text is no such list. Between words
 * of a letter one paragraph may be the list.
 */
export function bareNames(
  lines: readonly string[],
  saysMore: (line: string) => boolean,
): readonly number[] {
  const said = lines.flatMap((line, at) => (saysMore(line.trim()) ? [{ line, at }] : []))
  const inAll = namesAmong(said)
  if (inAll.length > 0) return inAll
  // Lines that follow one another are as far from their place among what is said.
  const placed = said.map((one, n) => ({ ...one, apart: one.at - n }))
  const paragraphs = [...groupBy(placed, one => one.apart).values()]
  return paragraphs.map(namesAmong).find(names => names.length > 0) ?? []
}

interface Said {
  readonly line: string
  readonly at: number
}
function namesAmong(said: readonly Said[]): readonly number[] {
  const names = said.filter(({ line }) => isBareName(line))
  if (names.length < FEWEST || names.length < said.length * MOSTLY) return []
  const kinds = new Set(names.flatMap(({ line }) => kindOf(line) ?? []))
  return kinds.size >= A_MACHINE ? names.map(({ at }) => at) : []
}

const A_POINT = /^\s*[-•*]\s+\S/
/** "gpu still missing": nothing that somebody has. */
const NOT_THERE = /\b(?:missing|none yet|not yet|to be decided|TBD|undecided|fehlt)\b|\?\s*$/i
/** What says of one part how another may be: the points of a sheet. */
const OF_ANOTHER = oneOf(
  ...[/\b(?:up to|clearance|supports?|room|compatib\w+|included|recommended)\b/, /\bmax\b/],
  /\b(?:headers?|ports?|slots?|bays?|mounts?|places)\b/,
)
/** Of a point the kind that it calls: before a colon, by its first noun, by its figures. */
function kindJotted(point: string): NamedKind | null {
  const said = nameIn(point)
  const [, label = '', behind = ''] = /^([^:]{2,24}):\s+(.*)$/.exec(said) ?? []
  if (label !== '') return isName(capital(behind)) ? kindLabelled(label) : null
  return kindNounsIn(said)[0]?.kind ?? choiceIn(said, BY_FIGURES)
}

/** "- cpu corvo 5 8600", "- two sticks 16gb ddr5": the points of a list of parts; none where it is no such list. */
export function jottedNames(lines: readonly string[]): readonly number[] {
  const points = lines.flatMap((line, at) =>
    A_POINT.test(line) && !NOT_THERE.test(line) ? [{ at, kind: kindJotted(line) }] : [],
  )
  const others = lines.filter(line => line.trim() !== '' && !A_POINT.test(line))
  const named = points.filter(({ kind }) => kind !== null)
  const ofAnother = points.filter(({ at }) => OF_ANOTHER.test(lines[at] ?? ''))
  const isList = points.length >= FEWEST && others.length < points.length
  const areNamed = named.length - ofAnother.length >= points.length * MOSTLY
  const kinds = new Set(named.map(({ kind }) => kind))
  return isList && areNamed && kinds.size > A_MACHINE ? points.map(({ at }) => at) : []
}
