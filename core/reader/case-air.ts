// Fans and radiators by wall: "Front: 3 x 120mm / 2 x 140mm; Top: …", or a line for each wall.
import { RADIATORS } from '../standards/modules'
import {
  NOT_SUPPORTED,
  OTHER_NAME,
  placesIn,
  WALL,
  wallOfName,
  WALLS,
  type WallPart,
} from './case-walls'
import { CLEARANCES } from './clearances'
import { fanPlacesIn } from './fan-places'
import { plainNumber } from './measures'
import { whole, type Notes } from './notes'
import { oneOf } from './pattern'
import type { Statement } from './statements'

const LIQUID = /radiator|\brads?\b|water ?cooling|liquid cool(?:ing|ers?)|\bAIO\b/i
/** A clearance that tells with or without which radiator it is counted names no radiator place. */
const COUNTED_WITH = /w\/o radiator|with(?:out)? (?:front )?radiator/i
/** Lines on what the fans of a case are, not where they go. */
const NO_PLACES = oneOf(
  ...[/filter/, /dust/, /pre-?installed/, /includ(?:ed|es?)\b/, /supplied/, /fitted/, /bundled/],
  ...[/\b(?:comes?|ships?|delivered) with\b/, /\bin the box\b/, /(?:^|\s)clearances?$/],
)
/** Fans that are there tell nothing of how many there may be. */
const THERE_ALREADY = oneOf(
  /\bfans?\b[^.]*\b(?:are|is|come|comes) (?:already )?(?:fitted|installed|mounted)\b/,
  /\bfans?\b[^.,;]*\b(?:included|supplied|pre-?installed|pre-?fitted)\b/,
  /\b(?:comes?|ships?|delivered|supplied) with\b[^.]*\bfans?\b/,
)
const namesNoPlaces = (s: Statement): boolean =>
  s.label === ''
    ? THERE_ALREADY.test(s.value) || isOfClearances(s.value)
    : NO_PLACES.test(`${s.under} ${s.label}`) || CLEARANCES.some(r => r.named.test(s.label))
const isOfClearances = (text: string): boolean =>
  /up to \d/i.test(text) &&
  !/radiators?|\bfans? (?:up to|places|mounts)/i.test(text) &&
  CLEARANCES.some(r => r.named.test(text))
const A_FRAME = /\d{2,3}\s*(?:-)?\s*(?:mm)?/

export function readAir(s: Statement, notes: Notes): void {
  const text = whole(s)
  const isWall = WALLS.some(w => s.label.toLowerCase() === w)
  const radiators = LIQUID.test(isWall ? `${s.under} ${text}` : text) && !COUNTED_WITH.test(text)
  if (!(radiators || isWall || isOfFans(s)) || namesNoPlaces(s)) return
  if (radiators && s.label === '' && SAYS_BOTH.test(s.value)) readClauses(s, notes)
  else readPlaces(s, notes, radiators)
}

const OF_FANS = /fans?\b|cooling/i
const isOfFans = (s: Statement): boolean =>
  OF_FANS.test(whole(s)) ||
  (s.label === '' && COUNTED_AT_A_WALL.test(s.value)) ||
  (/^(?:places|positions|mounts)$/i.test(s.label) && OF_FANS.test(s.under))
/** "2x 120 mm at the top". */
const COUNTED_AT_A_WALL = new RegExp(
  String.raw`^\d\s*x\s*(?:80|92|120|140|200)\s*mm\s+(?:(?:at|on|in) (?:the )?)?${WALL}\b`,
  'i',
)
function readPlaces(s: Statement, notes: Notes, areRadiators: boolean): void {
  const places = placesIn(s).filter(p => A_FRAME.test(p.text))
  if (areRadiators) return readRadiators(s, notes, places)
  for (const { wall, text } of places)
    if (!/(?:usb|type|audio|jack)/i.test(text)) readFans(s, notes, wall, text)
}

/** A sentence on fans and on radiators, each with its size. */
const SAYS_BOTH =
  /\d\s*mm[^,;.]*\bfans?\b.*\d(?:\s*mm)?\s+rad(?:iator)?s?\b|\brad(?:iator)?s?\b.*\d\s*mm[^,;.]*\bfans?\b/i

/** "The roof takes two of 140 mm, or a 280 mm radiator": clause by clause, at the wall named last. */
function readClauses(s: Statement, notes: Notes): void {
  const clauses = s.value
    .replace(NOT_SUPPORTED, '')
    .replace(OTHER_NAME, wallOfName)
    .split(/[,;]\s|\s(?:and|or)\s/)
  let wall: string | undefined
  for (const clause of clauses) {
    const named = [...clause.matchAll(new RegExp(`\\b${WALL}\\b`, 'gi'))]
    wall = named.at(-1)?.[0].toLowerCase() ?? wall
    if (wall === undefined) continue
    if (LIQUID.test(clause)) readRadiator(s, notes, wall, clause)
    else if (/\d\s*x\s*\d{2,3}\D*\bfans?\b/i.test(clause)) readFans(s, notes, wall, clause)
  }
}

function readRadiators(s: Statement, notes: Notes, places: readonly WallPart[]): void {
  for (const { wall, text } of places) {
    if (onlyFans(s, text)) {
      readFans(s, notes, wall, text)
      continue
    }
    const { fans, radiators } = partedIn(text)
    readRadiator(s, notes, wall, radiators)
    if (fans !== '') readFans(s, notes, wall, fans)
  }
  readMemoryUnder(s, notes)
}

/** "top 360 radiator, front 3x140 or 3x120": of several walls this one is told by its fans alone. */
const onlyFans = (s: Statement, text: string): boolean =>
  !LIQUID.test(`${s.under} ${s.label}`) &&
  !LIQUID.test(text) &&
  /\d\s*[x×]\s*(?:80|92|120|140|200)(?!\d)/i.test(text)

/** "2 x 120 mm fan or 240 mm radiator (max. 52 mm thick)": what of it is of which. */
function partedIn(text: string): { readonly fans: string; readonly radiators: string } {
  const bare = text.replace(/\([^()]*\bthick[^()]*\)/gi, '')
  const parts = withItsRadiators(withItsFans(bare.split(/\s+(?:or|and)\s+|\s*[/;]\s+|,\s+/i)))
  const [fans, radiators] = [/\bfans?\b/i, /\brad(?:iator)?s?\b/i].map(named =>
    parts.filter(p => named.test(p) && /\d/.test(p)),
  )
  const areApart = fans && radiators && fans.length > 0 && radiators.length > 0
  const isEither = areApart && fans.some(p => radiators.includes(p))
  return areApart && !isEither
    ? { fans: fans.join(', '), radiators: radiators.join(', ') }
    : { fans: '', radiators: text }
}

/** "2 x 120 mm or 2 x 140 mm fans", "360 radiator / 3x120": what is only counted is fans. */
function withItsFans(parts: readonly string[]): readonly string[] {
  const areBeside = parts.some(p => LIQUID.test(p))
  return parts.reduceRight<readonly string[]>((behind, part) => {
    const isBareCount = /^[\s:]*\d\s*x\s*(?:80|92|120|140|200)\s*(?:mm)?\s*$/i.test(part)
    const isOfFans = isBareCount && (areBeside || /\bfans?\b/i.test(behind[0] ?? ''))
    return [isOfFans ? `${part} fans` : part, ...behind]
  }, [])
}

/** "radiator 360 / 420": a bare size behind a radiator is one as well. */
const withItsRadiators = (parts: readonly string[]): readonly string[] =>
  parts.reduce<readonly string[]>((before, part) => {
    const isSize = /^\s*\d{3}(?!\d|\s*x)/.test(part) && /\bradiators?\b/i.test(before.at(-1) ?? '')
    return [...before, isSize ? `radiator ${part.trim()}` : part]
  }, [])

function readRadiator(s: Statement, notes: Notes, wall: string, said: string): void {
  const named = [...said.matchAll(/(?<!\d)(120|240|280|360|420)(?!\d)/g)].map(m => Number(m[1]))
  const [, least, most] = /(?<!\d)(\d{3})\s*(?:-|–|to)\s*(\d{3})(?!\d)/.exec(said) ?? []
  const between = RADIATORS.map(Number).filter(r => r > Number(least) && r < Number(most))
  const sizes = [...named, ...between]
  if (sizes.length === 0) return
  notes.put(s, `radiators.${wall}`, String(Math.max(...sizes)))
  const all = [...new Set(sizes)].sort((a, b) => a - b)
  if (all.length > 1) notes.put(s, `radiators.${wall}.sizes`, all.map(String))
}

/** "(RAM up to 35 mm high)": how high modules may be with a radiator there. */
const MEMORY = /\b(?:memory|RAM|DIMMs?|modules|components?)\b/i
const HIGH = String.raw`(\d{2}(?:[.,]\d+)?)\s*mm`
const MEMORY_ROOM = new RegExp(
  String.raw`${MEMORY.source}[^\d;()]{0,40}?${HIGH}|${HIGH}\s+(?:high |tall )?${MEMORY.source}`,
  'gi',
)
function readMemoryUnder(s: Statement, notes: Notes): void {
  const text = whole(s).replace(OTHER_NAME, wallOfName)
  for (const { 0: said, 1: behind, 2: before, index } of text.matchAll(MEMORY_ROOM)) {
    const mm = behind ?? before ?? ''
    const wall = wallAround(text, index, index + said.length)
    if (wall !== null) notes.put(s, `radiators.${wall}.memoryRoom`, plainNumber(mm), 'mm')
  }
}

/** Of which wall something is said: the one that its own bracket names, else the last before it, else the next. */
function wallAround(text: string, from: number, to: number): string | null {
  const open = Math.max(text.lastIndexOf('(', from), text.lastIndexOf('[', from))
  const isInside = open > Math.max(text.lastIndexOf(')', from), text.lastIndexOf(']', from))
  const namedIn = (part: string): readonly string[] =>
    [...part.matchAll(new RegExp(`\\b${WALL}\\b`, 'gi'))].map(m => m[0].toLowerCase())
  const inBracket = isInside ? namedIn(text.slice(open, from)).at(-1) : undefined
  return inBracket ?? namedIn(text.slice(0, to)).at(-1) ?? namedIn(text.slice(to))[0] ?? null
}

function readFans(s: Statement, notes: Notes, wall: string, said: string): void {
  const places = fanPlacesIn(said)
  const most = Math.max(0, ...places.values())
  if (most === 0) return
  notes.put(s, `fans.${wall}`, most, 'pcs')
  notes.put(
    s,
    `fans.${wall}.sizes`,
    [...places.keys()].sort((a, b) => Number(a) - Number(b)),
  )
  for (const [size, count] of places)
    if (count < most) notes.put(s, `fans.${wall}.${size}`, count, 'pcs')
}
