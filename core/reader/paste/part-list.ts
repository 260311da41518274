// A list of the parts of a machine in one text: each under what it is ("Case: …", "GPU: …"), or by its title
// in a basket, with or without lines on it below.
import { groupBy } from '../../collections/groups'
import { isName, kindBehind, kindInFront, labelledName } from '../called'
import { A_MACHINE, kindLabelled, OF_EVERY_MACHINE, type NamedKind } from '../kind-words'
import { isMoney } from '../money'
import { countLine } from '../times'
import { bareNames, isBareName, jottedNames } from './bare-names'
import { isSum } from '../sums'

/** Named choices: so many things, each with its number of pieces, are what somebody buys; */
const A_BASKET = 2
/** where so many of the lines are names, the others are names as well; */
const MOSTLY = 0.6
/** and a basket has so few lines on each. */
const LINES_EACH = 5

interface Named {
  readonly at: number
  readonly kind: NamedKind
}
type Lines = readonly string[]

const isMachine = (named: readonly Named[]): boolean =>
  new Set(named.map(n => n.kind).filter(kind => OF_EVERY_MACHINE.includes(kind))).size >= A_MACHINE

/** The lines at which the parts of a list begin; none where a text is no such list. */
export function partsListed(lines: Lines, isKnown: (line: string) => boolean): readonly number[] {
  const ways = [
    () => underKinds(lines),
    () => byWordsForKinds(lines),
    () => byKnownNames(lines, isKnown),
    () => bareNames(lines, saysMore),
    () => boughtIn(lines),
    () => jottedNames(lines),
    () => byTitles(lines),
  ]
  for (const way of ways) {
    const starts = way()
    if (starts.length > 0) return starts
  }
  const labelled = labelledIn(lines)
  return isMachine(labelled) ? labelled.map(n => n.at) : []
}

const labelledIn = (lines: Lines): readonly Named[] =>
  namedBy(line => labelledName(line)?.kind ?? null, lines)

/** "Cooler" in a line of its own, and below it what that is called; most paragraphs begin so. */
function underKinds(lines: Lines): readonly number[] {
  const starts = lines.flatMap((line, at) => (line.trim() !== '' && isApart(lines, at) ? [at] : []))
  const heads = starts.flatMap(at => {
    const kind = kindLabelled((lines[at] ?? '').trim().replace(/:$/, ''))
    return kind !== null && isName((lines[at + 1] ?? '').trim()) ? [{ at, kind }] : []
  })
  const areMost = heads.length >= starts.length * MOSTLY
  return areMost && isMachine(heads) ? heads.map(({ at }) => at) : []
}

/** Most lines name a part by the word for its kind. */
function byWordsForKinds(lines: Lines): readonly number[] {
  const labelled = labelledIn(lines)
  const named = namedBy(line => kindBehind(line) ?? kindInFront(line), lines)
  const areLabelled = new Set(labelled.map(n => n.at))
  const inAll = [...labelled, ...named.filter(n => !areLabelled.has(n.at))]
  if (!isMachine(inAll)) return []
  const most = countOfSaid(lines) * MOSTLY
  const numbered = lines.flatMap((line, at) => (NUMBERED.test(line) ? [at] : []))
  if (numbered.length >= most) return numbered
  return inAll.length >= most ? namesBetween(lines, inAll) : []
}

/** Most lines are names that are known. */
function byKnownNames(lines: Lines, isKnown: (line: string) => boolean): readonly number[] {
  const known = lines.flatMap((line, at) => (isKnown(line) ? [{ at }] : []))
  const areMost = known.length >= A_BASKET && known.length >= countOfSaid(lines) * MOSTLY
  return areMost ? namesBetween(lines, known) : []
}

/** Paragraphs, of which enough begin with a title of a part. */
function byTitles(lines: Lines): readonly number[] {
  const titles = namedBy(kindBehind, lines).filter(n => isApart(lines, n.at))
  const isList = isMachine(titles) && countOfSaid(lines) <= titles.length * LINES_EACH
  return isList ? paragraphs(lines, titles) : []
}

/** "1) Corvo 7", "2. Lumen B7". */
const NUMBERED = /^\s*\d{1,2}[.)]\s+[A-Z]/

/** Where most paragraphs begin with what a part is called, those that begin with a bare name do as well. */
function paragraphs(lines: Lines, titles: readonly Named[]): readonly number[] {
  const known = titles.map(n => n.at)
  const starts = lines.flatMap((line, at) => (line.trim() !== '' && isApart(lines, at) ? [at] : []))
  const named = starts.filter(at => known.includes(at) || isBareName(lines[at] ?? ''))
  return known.length >= starts.length * MOSTLY ? named : known
}

/** Named choice: a line that comes so often is a button of the shop. */
const A_BUTTON = 3
/** How many lines say something of a part: no price, no sum, nothing that stands under each of a shop. */
function countOfSaid(lines: Lines): number {
  const own = lines.map(line => line.trim()).filter(saysMore)
  const alike = groupBy(own, line => line)
  return own.filter(line => /\d/.test(line) || (alike.get(line) ?? []).length < A_BUTTON).length
}
const saysMore = (line: string): boolean =>
  line !== '' && !isMoney(line) && !isSum(line) && countLine(line) === null

const namedBy = (kindIn: (line: string) => NamedKind | null, lines: Lines): readonly Named[] =>
  lines.flatMap((line, at) => {
    const kind = kindIn(line)
    return kind === null ? [] : [{ at, kind }]
  })

const isApart = (lines: Lines, at: number): boolean => (lines[at - 1] ?? '').trim() === ''

/** A name without a word for what it is, between others that have one. */
const ONLY_A_NAME =
  /^\s*(?:[-•*]\s+|\d{1,2}[.)]\s+)?(?:\d{1,2}\s*[x×]\s+(?:\d+ ?GB )?)?[A-Z][\w'&-]* ?[^:.!?]*\d[^:.!?]*$/

const A_NUMBER = /^\s*(?:SKU|MPN|EAN|GTIN|art(?:ikel|icle)?|item|order|part|serial)\b/i
const isOnlyAName = (line: string): boolean =>
  ONLY_A_NAME.test(line) && !isSum(line) && !A_NUMBER.test(line)
const indentOf = (line = ''): number => line.search(/\S|$/)

/** In a list of names each line is one, from the first that surely is to the line behind the last. */
function namesBetween(lines: Lines, sure: readonly { readonly at: number }[]): readonly number[] {
  const known = new Set(sure.map(({ at }) => at))
  const [first, last] = [Math.min(...known), Math.max(...known)]
  return lines.flatMap((line, at) => {
    const isBetween = at > first && at <= last + 1 && indentOf(line) <= indentOf(lines[first])
    return known.has(at) || (isBetween && isOnlyAName(line)) ? [at] : []
  })
}

/** Paragraphs that say how many of a thing are bought: each begins with what it is called. */
function boughtIn(lines: Lines): readonly number[] {
  const starts = lines.flatMap((line, at) => (line.trim() !== '' && isApart(lines, at) ? [at] : []))
  const bought = starts.filter((from, n) => {
    const own = lines.slice(from + 1, starts[n + 1])
    return own.some(line => countLine(line) !== null) && !isSum(lines[from] ?? '')
  })
  return bought.length >= A_BASKET ? bought : []
}
