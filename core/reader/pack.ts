// How many come in one pack: "3-pack", "pack of three", "triple pack", "set of 3 fans".
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { only } from './pattern'
import type { Statement } from './statements'
import { wordNumber } from './things'

const NUMBER = String.raw`(\d{1,2}|two|three|four|five|six|ten)`
const PACK = new RegExp(
  [
    String.raw`\b${NUMBER}(?:er)?[- ]?(?:pack|pk|pcs?\.? pack|piece (?:pack|set))\b`,
    String.raw`\b(\d)er[- ]?set\b`,
    String.raw`\b(?:pack|set|bundle|box) of ${NUMBER}\b`,
    String.raw`\b(twin|double|duo|dual|triple|quad)[- ]?(?:pack|set)\b`,
  ].join('|'),
  'i',
)
const LABEL = only(
  ...[/pack(?:age)? quantity/, /pack size/, /quantity per pack/],
  /(?:units|pieces|pcs|items|number of items|fans) (?:per|in(?: the| a)?) pack(?:age)?/,
)
/** Nothing but a count: the sides of a box are none. */
const ALONE = /^\s*(\d{1,2})\s*(?:pcs?|pieces?|units?|items?|fans?)?\s*$/i
const SPELT: Readonly<Record<string, number>> = {
  twin: 2,
  double: 2,
  duo: 2,
  dual: 2,
  triple: 3,
  quad: 4,
}

/** A bag of screws is no pack of the part. */
const OF_SMALL_THINGS = /screw|\bties\b|\bpads?\b|(?<!\d[- ]?)\bpins?\b|rivet/i

/** Of memory a kit says how many modules it has; of everything else a pack is so many parts. */
export function readPack(s: Statement, notes: Notes): void {
  const labelled = LABEL.test(s.label) ? ALONE.exec(s.value)?.[1] : undefined
  const said = labelled === undefined ? numberIn(whole(s)) : Number(labelled)
  if (said !== null && said > 1 && !isNo(s.value) && !OF_SMALL_THINGS.test(s.value))
    notes.put(s, 'pack', said, 'pcs')
}

function numberIn(text: string): number | null {
  const found = PACK.exec(text)?.slice(1).find(Boolean)?.toLowerCase()
  if (found === undefined) return null
  return SPELT[found] ?? wordNumber(found) ?? Number(found)
}
