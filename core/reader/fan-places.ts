// How many fans of which frame a text counts: "3 x 120 / 2 x 140 mm".
import { wordNumber } from './things'

const FRAME = String.raw`(?<![\d.])(?:40|60|80|92|120|140|200)(?![\d.])`
/** "120mm*3" says it the other way round: the count goes in front. */
const COUNT_BEHIND = new RegExp(String.raw`(${FRAME}(?:\s*mm)?)\s*[x×*]\s*(\d)(?!\d|\s*mm)`, 'gi')
const FRAMES = new RegExp(
  [
    String.raw`(?:(\d{1,2})\s*[x×]\s*|\b(one|two|three|four|five|six)\s+)?`,
    String.raw`(${FRAME}(?:\s*-?\s*mm)?`,
    String.raw`(?:\s*(?:\/|or|,)\s*${FRAME}(?!\s*[x×])(?:\s*-?\s*mm)?)*)`,
  ].join(''),
  'gi',
)
/**
 * How many fans of each size: "3 x 120/140 mm", "3 x 120 / 2 x 140mm". A bare number without count
 * or unit is no fan.
 */
export function fanPlacesIn(said: string): ReadonlyMap<string, number> {
  const places = new Map<string, number>()
  const found = [...said.replace(COUNT_BEHIND, '$2 x $1').matchAll(FRAMES)].map(toldIn)
  // Beside fans that are counted a bare size is that of something else.
  const counted = found.filter(({ count }) => count !== null)
  for (const { sizes, count } of counted.length > 0 ? counted : found.filter(hasUnit))
    for (const size of sizes.match(/\d+/g) ?? [])
      places.set(size, Math.max(places.get(size) ?? 0, count ?? 1))
  return places
}

/** The frames that are named together, and how many of them. */
interface Told {
  readonly sizes: string
  readonly count: number | null
}
const hasUnit = ({ sizes }: Told): boolean => /mm/i.test(sizes)
const toldIn = ([, digits, word, sizes = '']: RegExpExecArray): Told => ({
  sizes,
  count: digits ? Number(digits) : wordNumber(word ?? ''),
})
