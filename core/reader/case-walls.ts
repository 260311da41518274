// What a line of a case's sheet says of which wall: "Front: 3x 120; Top: …", "3 x 120 mm at the front".
import type { Statement } from './statements'

export const WALLS = ['front', 'top', 'rear', 'bottom', 'side'] as const
/** Any of them, in a pattern. */
export const WALL = `(${WALLS.join('|')})`
/** Walls, and other places that fans are at: what stands behind these is of no wall. */
const NAMED = new RegExp(`\\b(?:${WALL}|(?:PSU|supply) (?:cover|shroud)|shroud|basement)\\b`, 'gi')

/** What is said of one wall. */
export interface WallPart {
  readonly wall: string
  readonly text: string
}

/** "…, 420 mm not supported": what does not go there. */
export const NOT_SUPPORTED = new RegExp(
  [
    String.raw`[,;(]?\s*(?:but )?(?:\d\s*x\s*)?\d{2,3}(?:\s*mm)?(?: (?:fans?|radiators?))?`,
    String.raw`\s+(?:is |are )?not (?:supported|possible|compatible)\b`,
  ].join(''),
  'gi',
)

/** What a line says of each wall that it names. */
export function placesIn(said: Statement): readonly WallPart[] {
  const value = said.value
    .replace(THERE, '')
    .replace(NOT_SUPPORTED, '')
    .replace(BY_WALL, eachAtItsWall)
    .replace(LETTER, wallOfLetter)
    .replace(OTHER_NAME, wallOfName)
  const s = { ...said, value, label: said.label.replace(OTHER_NAME, wallOfName) }
  const context = WALLS.find(w => new RegExp(`\\b${w}\\b`, 'i').test(s.label))
  const counted = COUNTED_FIRST.test(s.value)
  const inSentence = s.label === '' || (!context && counted)
  const text = s.label === '' || !context ? `${context ?? ''} ${s.value}` : `${context}: ${s.value}`
  const startsWithWall = new RegExp(`^\\s*(?:fans?\\s+)?${WALL}\\b`, 'i').test(text.trim())
  const named = [...text.matchAll(NAMED)]
  const parts = inSentence && !startsWithWall ? saidBefore(text, named) : saidBehind(text, named)
  return parts.filter(({ wall }) => WALLS.some(w => w === wall))
}

/** "F 360/420, T 360": walls by their letters. */
const LETTER = /(?<![A-Za-z])([FTRBS])(?=[:\s]\s*\d)/g
const BY_LETTER: Readonly<Record<string, string>> = {
  ...{ F: 'front', T: 'top', R: 'rear', B: 'bottom', S: 'side' },
}
/** "3 x 120 mm at the front", "Room for 3 x 120 mm up front": what is counted stands before its wall. */
const COUNTED_FIRST = new RegExp(
  [
    String.raw`^\s*(?:(?:(?:room|space|places) for|supports|takes|fits|holds) )?(?:up to |max\.? )?`,
    String.raw`(?:\d|(?:one|two|three|four|five|six)\b)`,
  ].join(''),
  'i',
)
/** "(one 120 mm fan included at the back)" tells of a fan, not of a place. */
const THERE = /\([^()]*\bincluded\b[^()]*\)/gi
/** "10 x 120 mm: 3 bottom, 3 side, 1 rear": of which frame those at each wall are. */
const BY_WALL =
  /\d{1,2}\s*x\s*(\d{2,3})\s*mm(?: fans?)?\s*[:–-]\s*((?:\d\s+(?:at the )?[a-z]+(?:,\s*|\s+and\s+)?){2,})/gi
const eachAtItsWall = (_: string, frame: string, walls: string): string =>
  walls.replace(/(\d)\s+(?=[a-z])/gi, `$1 x ${frame} mm `)
/** Walls by other names. */
export const OTHER_NAME = /\b(?:roof|base|floor|back(?![- ](?:connect|panel|plate|plane)))\b/gi
const OTHER_NAMES: Readonly<Record<string, string>> = { roof: 'top', back: 'rear' }
export const wallOfName = (name: string): string => OTHER_NAMES[name.toLowerCase()] ?? 'bottom'
const wallOfLetter = (letter: string): string => BY_LETTER[letter] ?? letter

const wallOf = (m: RegExpExecArray): string => m[0].toLowerCase()

/** "Front: 3 x 120 mm": the words behind a wall's name are about it. */
const saidBehind = (text: string, named: readonly RegExpExecArray[]): readonly WallPart[] =>
  named.map((m, i) => ({
    wall: wallOf(m),
    text: text.slice(m.index + m[0].length, named[i + 1]?.index),
  }))

/** "420 mm at the front and top": a wall without a figure of its own shares the one before. */
const saidBefore = (text: string, named: readonly RegExpExecArray[]): readonly WallPart[] =>
  named.reduce<readonly WallPart[]>((parts, m, i) => {
    const before = text.slice(named[i - 1]?.index ?? 0, m.index)
    const behind = text.slice(m.index + m[0].length)
    // "Radiator at the top up to 240 mm": of one wall alone also what stands behind it is said.
    const own = named.length === 1 && !/\d/.test(before) ? `${before} ${behind}` : before
    if (/\b(?:no|none|not)\b[^,;\d]*$/i.test(own)) return parts
    const shared = /\d/.test(own) ? own : (parts.at(-1)?.text ?? own)
    return [...parts, { wall: wallOf(m), text: shared }]
  }, [])
