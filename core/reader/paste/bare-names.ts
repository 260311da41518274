// A list of names alone, as people jot a machine down: hardly a word for a part, told by their figures.
import { BEFORE, isName, kindBehind, kindInFront } from '../called'
import { A_MACHINE, type NamedKind } from '../kind-words'
import { withoutMarks } from '../markup'
import { CAPACITY_IN_FRONT } from '../name-words'
import { choiceIn } from '../pattern'
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
  withoutTimes(withoutMarks(line).replace(BEFORE, '')).replace(CAPACITY_IN_FRONT, '')

/** A name in a line of its own: no sentence, nothing with a label. */
export const isBareName = (line: string): boolean => {
  const name = nameIn(line)
  return name.length <= LONGEST && isName(name) && !/[.!?:]$|:\s|[|\t;]/.test(name)
}

const kindOf = (line: string): NamedKind | null =>
  kindBehind(line) ?? kindInFront(line) ?? choiceIn(nameIn(line), BY_FIGURES)

/** The lines of such a list, each the name of a part; none where a text is no such list. */
export function bareNames(
  lines: readonly string[],
  saysMore: (line: string) => boolean,
): readonly number[] {
  const said = lines.flatMap((line, at) => (saysMore(line.trim()) ? [{ line, at }] : []))
  const names = said.filter(({ line }) => isBareName(line))
  if (names.length < FEWEST || names.length < said.length * MOSTLY) return []
  const kinds = new Set(names.flatMap(({ line }) => kindOf(line) ?? []))
  return kinds.size >= A_MACHINE ? names.map(({ at }) => at) : []
}
