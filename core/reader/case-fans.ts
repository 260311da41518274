// Fans that a case comes with: how many of each frame, at which wall, and what they are.
import type { Wall } from '../case/air'
import { groupBy } from '../collections/groups'
import { INCLUDED, usesHeading, WALL, type Line } from './in-the-box'
import { whole, type Notes } from './notes'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { wordNumber } from './things'

const NUMBER = String.raw`(\d{1,2}|\b(?:one|two|three|four|five|six)\b)`
const SIZES = '60|70|80|92|120|140|180|200'
const FRAME = `(${SIZES})`
/** "3 x 120 mm", "three 120 mm fans", "1 x ARGB 120 mm". */
const FANS = new RegExp(
  String.raw`(?<![\d.])(?:${NUMBER}(?:\s*[x×]\s*|\s+)(?:[a-z][a-z\d-]*\s+){0,2}\(?)?${FRAME}\s*-?\s*mm`,
  'gi',
)
/** Under a label that they are there a count and a frame say it: "3x 140 ARGB front". */
const BARE_FANS = new RegExp(String.raw`(?<![\d.])${NUMBER}\s*[x×]\s*${FRAME}(?![\d.])`, 'gi')
/** "(1 included)", "two are pre-installed": so many of those that fit. */
const SOME_OF = new RegExp(
  [
    String.raw`${NUMBER}\s*[x×]?\s*(?:\d{2,3}(?:\s*mm)?\s+)?(?:fans?\s+)?(?:are |is |of them )?`,
    String.raw`(?:pre-?\s?installed|included|supplied|fitted)`,
  ].join(''),
  'i',
)

const numberOf = (text: string | undefined): number =>
  text === undefined ? 1 : (wordNumber(text) ?? Number(text))

/** So many fans of one frame, and the wall that they are at, where the line says so. */
interface Told extends Line {
  readonly size: string
  readonly n: number
  readonly wall: Wall | null
}

/** Fans that are in a case when it is bought: `includes.fan.120`, and of them `includes.fan.120.front`. */
export function readCaseFans(lines: readonly Line[], sheet: Sheet, notes: Notes): void {
  const told = lines.flatMap(toldOf)
  for (const alike of groupBy(told, t => t.size).values()) putAlike(alike, notes)
  for (const { s, heading } of told) {
    whatTheyAre(s, notes, [s.label, ...aboutFans(s)])
    usesHeading(sheet, notes, heading)
  }
}

/**
 * Fans of one frame: what is told wall by wall and all in all is the same fans told twice. More of
 * them all in all stand at walls that nobody named.
 */
function putAlike(told: readonly Told[], notes: Notes): void {
  const { size = '' } = told[0] ?? {}
  const path = `includes.fan.${size}`
  const walled = [...groupBy(told, t => t.wall)].flatMap(([wall, own]) =>
    wall ? once(own).map(t => ({ ...t, wall })) : [],
  )
  for (const { s, n, wall } of walled) {
    notes.count(s, path, n)
    notes.count(s, `${path}.${wall}`, n)
  }
  const atWalls = sum(walled)
  const inAll = once(told.filter(t => t.wall === null))
  const [first] = inAll
  if (!first) return
  // Counted with the walls: a line that is said to be the sum counts nothing by itself.
  const { s: beside } = walled[0] ?? first
  if (sum(inAll) > atWalls) notes.count(beside, path, sum(inAll) - atWalls)
  else if (sum(inAll) < atWalls) notes.put(first.s, path, sum(inAll), 'pcs')
  for (const { s } of told) notes.use(s)
}
const sum = (told: readonly Told[]): number => told.reduce((all, t) => all + t.n, 0)

/** Told in several places, the largest of them: under one heading, or in one line, all counts. */
function once(told: readonly Told[]): readonly Told[] {
  const blocks = [...groupBy(told, t => (t.heading === '' ? t.s : t.heading)).values()]
  return blocks.reduce((most, block) => (sum(block) > sum(most) ? block : most), [])
}

/** "3 x 120 mm, dust filters included": the filters are. */
const aboutFans = (s: Statement): readonly string[] =>
  phrasesOf(s.value).filter(p => !OTHER_THINGS.test(p))

/** "120 mm ARGB x 3": the count stands behind. */
const BEHIND = new RegExp(
  String.raw`(?<!\d\s*[x×]\s*)\b((?:${SIZES})\s*mm(?: [A-Za-z]+){0,2})\s*[x×]\s*(\d)(?!\d)`,
  'g',
)
/** "Dust filters (top, bottom), ties, 1 x 120 mm fan (rear)": the walls of the filters are not the fan's. */
const fansOf = (s: Statement): string =>
  OTHER_THINGS.test(s.value) && !OTHER_THINGS.test(aboutFans(s).join())
    ? aboutFans(s).join(', ')
    : s.value

/** "Besides the pre-installed 200 mm front fan the roof takes two of 140 mm": those may come. */
const MAY_COME =
  /(?:\b(?:the|its)\s+\w+\s+)?\b(?:takes|fits|holds|accepts|has room for|can (?:take|hold))\b.*$/i
const upToVerb = (value: string): string => {
  const there = value.replace(MAY_COME, '')
  return INCLUDED.test(there) ? there : value
}

/** "front 3x140 or 3x120 (3 included), rear 1x120": of which frame they are is not said. */
const OF_EITHER =
  /\d\s*[x×]\s*\d{2,3}\s*(?:or|\/)\s*\d\s*[x×]\s*\d{2,3}(?!\d|\s*mm)[^,;]*\(\d included\)/i
/** "included x 2" as "2 included". */
const TURNED = /\b(included|pre-?installed)\s*[x×]\s*(\d)\b/gi

/** "2x 120 mm (1 front, 1 rear)": the brackets part them by wall. */
const PARTED = new RegExp(
  String.raw`(\d)\s*[x×]\s*((?:${SIZES})\s*mm(?: [a-z]+)?)\s*\(((?:\d x? ?[a-z]+(?:, | and )?){2,})\)`,
  'gi',
)
/** "Two 120 mm, one at the front and one at the rear": the words as brackets. */
const PARTED_IN_WORDS = new RegExp(
  String.raw`${NUMBER}\s*[x×]?\s*((?:${SIZES})\s*mm)(?: fans?)?\s*[,:–-]\s*` +
    String.raw`((?:(?:\d|one|two|three)\s+(?:at|in|on) the [a-z]+(?:, | and )?){2,})`,
  'gi',
)
const inBrackets = (_: string, count: string, frame: string, inside: string): string => {
  const each = phrasesOf(inside).map(
    p => `${numberOf(/\d|one|two|three/i.exec(p)?.[0])} ${wallsIn(p)[0] ?? ''}`,
  )
  return `${numberOf(count)} x ${frame} (${each.join(', ')})`
}
const byWall = (value: string): string =>
  value
    .replace(PARTED_IN_WORDS, inBrackets)
    .replace(PARTED, (all, count: string, frame: string, inside: string) => {
      const each = phrasesOf(inside)
      const sum = each.reduce((n, p) => n + Number(/\d/.exec(p)?.[0] ?? 0), 0)
      const isParted = sum === Number(count) && each.every(p => wallsIn(p).length === 1)
      const parts = each.map(p => `${/\d/.exec(p)?.[0] ?? ''} x ${frame} ${wallsIn(p)[0] ?? ''}`)
      return isParted ? parts.join(', ') : all
    })

/** "3 x 140 mm supplied: 2 front, 1 rear": what stands behind the colon parts them. */
const COUNTED_LABEL = /^\s*\d\s*[x×]\s*\d{2,3}\s*mm\b/i
function unfolded(s: Statement): Statement {
  if (!COUNTED_LABEL.test(s.label) || !INCLUDED.test(s.label)) return s
  const fans = s.label.replace(INCLUDED, '').trim()
  const walls = s.value.replace(/\([^()]*\)/g, '').trim()
  return { ...s, label: 'fans included', value: `${fans} (${walls})` }
}

function toldOf(line: Line): readonly Told[] {
  const { heading } = line
  const said = unfolded(line.s)
  const s = {
    ...said,
    value: byWall(
      upToVerb(fansOf(said))
        .replace(HOW_THICK, '')
        .replace(TURNED, '$2 $1')
        .replace(BEHIND, '$2 x $1'),
    ),
  }
  const isIncluded = INCLUDED.test(
    [withoutBrackets(s.under), withoutBrackets(heading), s.label, ...aboutFans(s)]
      .join(' ')
      .replace(NONE_INCLUDED, ''),
  )
  if (!isOfFans(s) || !isIncluded || OTHER_THINGS.test(s.label) || OF_EITHER.test(s.value))
    return []
  const some = SOME_OF.exec(s.value)
  const areEach = [...s.value.matchAll(new RegExp(SOME_OF, 'gi'))].length > 1
  const found = someOfThem(
    s,
    framesIn(s),
    INCLUDED.test(withoutBrackets(`${s.under} ${heading} ${s.label}`)),
  )
  const behind = (m: RegExpExecArray, i: number): string =>
    s.value.slice(m.index, found[i + 1]?.index)
  return (some && !areEach ? found.slice(0, 1) : found).map((m, i) => ({
    ...{ ...line, size: m[2] ?? '' },
    n: numberOf((areEach ? SOME_OF.exec(behind(m, i)) : some)?.[1] ?? m[1]),
    wall: wallOfLabel(s.label) ?? wallBeside(s.value, found, i),
  }))
}

/** "Fan support (including preinstalled)": what a heading says aside holds not for all below it. */
const withoutBrackets = (heading: string): string => heading.replace(/\([^()]*\)/g, ' ')

/** "2 x 120 mm side (none included), 1 x 92 mm rear (included)": what stands behind each frame is of it. */
function someOfThem(
  { value }: Statement,
  found: readonly RegExpExecArray[],
  areAll: boolean,
): readonly RegExpExecArray[] {
  const behind = found.map((m, i) => value.slice(m.index, found[i + 1]?.index))
  const own = found.filter((_, i) => INCLUDED.test((behind[i] ?? '').replace(NONE_INCLUDED, '')))
  return areAll || own.length === 0 ? found : own
}

const WALL_NAMED = /\b(front|rear|back|top|roof|bottom|floor|base|side)\b/gi
const BY_NAME: Readonly<Record<string, Wall>> = {
  ...{ front: 'front', rear: 'rear', back: 'rear', top: 'top', roof: 'top' },
  ...{ bottom: 'floor', floor: 'floor', base: 'floor', side: 'far' },
}
/** The walls that a text names, in their order. */
const wallsIn = (text: string): readonly Wall[] =>
  [...text.matchAll(WALL_NAMED)].flatMap(m => BY_NAME[m[0].toLowerCase()] ?? [])
/** The one wall that is named in a text; null where there is none, or more than one. */
function wallIn(text: string): Wall | null {
  const named = new Set(wallsIn(text))
  const [only] = named
  return named.size === 1 ? (only ?? null) : null
}
const wallOfLabel = (label: string): Wall | null => wallIn(label)

/** "2 x 140 mm front, 1 x 120 mm rear", or "front 2 x 140 mm, rear 1 x 120 mm". */
function wallBeside(value: string, found: readonly RegExpExecArray[], i: number): Wall | null {
  const [own, next] = [found[i], found[i + 1]]
  if (!own) return null
  const endOf = (m: RegExpExecArray): number => m.index + m[0].length
  // Frames that are places only stand between the walls as well.
  const [framed = found] = [FANS, BARE_FANS]
    .map(frames => [...value.matchAll(frames)])
    .filter(frames => frames.length > 0)
  const all = framed
  const isFirst = wallsIn(value.slice(0, all[0]?.index)).length > 0
  const before = all.findLast(m => endOf(m) <= own.index)
  return isFirst
    ? (wallsIn(value.slice(before ? endOf(before) : 0, own.index)).at(-1) ?? null)
    : wallIn(value.slice(endOf(own), next?.index))
}

const PRE_INSTALLED = /^pre-?\s?(?:installed|fitted)\b/i
/** Each frame with its count; without a unit under a label that they are there. */
function framesIn(s: Statement): readonly RegExpExecArray[] {
  const named = [...saidOfThem(s.value).matchAll(FANS)]
  const isThere =
    PRE_INSTALLED.test(s.label) ||
    (/\bfans?\b/i.test(s.label) && INCLUDED.test(s.label)) ||
    INCLUDED.test(s.value.replace(NONE_INCLUDED, ''))
  const isBare = named.length === 0 && isThere
  return isBare ? [...s.value.matchAll(BARE_FANS)] : named
}
const NONE_INCLUDED = new RegExp(
  [
    String.raw`\b(?:none|not|no fans?|without fans?|0)\b[^,;()]{0,12}`,
    String.raw`(?:included|pre-?\s?installed|supplied|fitted)|\bincludes? (?:none|no\b)`,
  ].join(''),
  'gi',
)
const COOLING = /\bcooling\b/i
/** "360 mm (max. thickness 60 mm incl. fans)": how deep a radiator may be. */
const HOW_THICK = /\b(?:thick(?:ness)?|deep|depth)\b[^,;()]*/gi
const isOfFans = (s: Statement): boolean =>
  /\bfans?\b/i.test(whole(s)) ||
  WALL.test(s.label) ||
  COOLING.test(s.label) ||
  PRE_INSTALLED.test(s.label)
/** "3 x 120 mm or 2 x 140 mm (3 x 120 mm pre-installed)": the brackets that say so, where a size is in them. */
function saidOfThem(value: string): string {
  const brackets = [...value.matchAll(/\(([^()]*)\)/g)].map(m => m[1] ?? '')
  const own = brackets.find(b => INCLUDED.test(b) && b.search(FANS) >= 0)
  return own ?? value
}

const OTHER_THINGS = /filter|hub|controller|screw|bracket|tray|cable|splitter|\bties\b/i

const LIT = /A-?RGB|addressable/i

function whatTheyAre(s: Statement, notes: Notes, phrases: readonly string[]): void {
  const text = phrases.join(', ')
  const isLit = LIT.test(text)
  const fans = phrases.filter(p => p.search(FANS) >= 0 || p.search(BARE_FANS) >= 0)
  const path = 'includes.fan.lights'
  if (isLit && (fans.length < 2 || fans.every(p => LIT.test(p)))) notes.put(s, path, 'light-5')
  else if (isLit) notes.doubt(s, { path, value: 'light-5' }, 'it is not said of all of them')
  if (/\bPWM\b|4[- ]?pin/i.test(text)) notes.put(s, 'includes.fan.face', 'fan-4')
  else if (!isLit && /3[- ]?pin/i.test(text)) notes.put(s, 'includes.fan.face', 'fan-3')
}
