// How a cable of a supply hangs: the distances of its plugs, and how many there are on one, as a phrase says it.
import { measuresIn, plainNumber } from './measures'
import { oneOf } from './pattern'
import { leadingCount, wordNumber } from './things'

/**
 * How one phrase says a cable hangs: the first plug's distance, from plug to plug, plugs on a
 * cable.
 */
export interface Cable {
  readonly length: number | null
  readonly after: number | null
  readonly each: number | null
  /** Whether the phrase counts cables, and not plugs. */
  readonly isOfCables?: boolean
  /** Whether it is not how all cables of these plugs hang. */
  readonly areOtherwise?: boolean
}

const STEPS = new RegExp(
  [
    String.raw`(\d{2,4}(?:[.,]\d+)?)\s*(?:mm|cm)?`,
    String.raw`((?:\s*[+/]\s*\d{1,4}(?:[.,]\d+)?\s*(?:mm|cm)?)+)`,
  ].join(''),
  'i',
)

/**
 * "500+150+150 mm", "chain of 4 (500 mm, then every 120 mm)", "8 (3 per cable)", "600 mm".
 * Distances from plug to plug where they are all alike.
 */
export const cableIn = (phrase: string): Cable => steppedIn(phrase) ?? spokenCable(phrase)

/** "450 mm + 3 x 115 mm": the same step several times. */
const STEPS_ALIKE = /\s*\+\s*(\d)\s*[x×]\s*(\d{2,3})(?!\d)/g

/** "500+150+150 mm": a sum of steps with a unit. */
export function steppedIn(said: string): Cable | null {
  const phrase = said.replace(STEPS_ALIKE, (_, times: string, mm: string) =>
    ` + ${mm}`.repeat(Number(times)),
  )
  const sum = STEPS.exec(phrase)
  if (!sum) return null
  const [all, first = '', more = ''] = sum
  const unit = unitOf(phrase, sum)
  const times = unit?.toLowerCase() === 'cm' ? 10 : 1
  const steps = [...more.matchAll(/\d+(?:[.,]\d+)?/g)].map(x => plainNumber(x[0]) * times)
  const [step = null] = steps
  const length = plainNumber(first) * times
  if (unit === undefined && !areDistances(length, steps)) return null
  if (all.includes('/') && steps.some(x => x >= length)) return placesOn(phrase, [length, ...steps])
  return {
    length,
    after: steps.every(x => x === step) ? step : null,
    each: steps.length + 1,
  }
}

/** "2 x 650 mm", "2 x 650mm+150mm (daisy)": cables by how long they are. */
const BY_LENGTH =
  /^\s*\d\s*[x×]\s*\d{2,4}\s*(?:mm|cm)?(?:\s*\+\s*\d{2,4}\s*(?:mm|cm)?)*\s*(?:\([^()]*\))?$/i

/** Several groups of cables, each with how many of them; null where phrases say anything else. */
export const countedCables = (
  phrases: readonly string[],
): readonly { readonly n: number; readonly cable: Cable }[] | null =>
  phrases.length > 1 && phrases.every(p => BY_LENGTH.test(p))
    ? phrases.map(p => ({ n: leadingCount(p) ?? 1, cable: cableIn(p) }))
    : null

/** "300/420/540 mm": where each plug of one cable lies; "650/750 mm" are two cables. */
function placesOn(phrase: string, places: readonly number[]): Cable | null {
  const [length = 0, ...more] = places
  const steps = more.map((mm, i) => mm - (places[i] ?? 0))
  const isOneCable =
    places.length > 2 || /[x×]\s*1\b|\b(?:1|one) cable\b|\btwo plugs\b/i.test(phrase)
  if (!isOneCable || steps.some(step => step <= 0)) return null
  const [step = 0] = steps
  return { length, after: steps.every(s => s === step) ? step : null, each: places.length }
}

/** Named choices, mm: bare numbers that long are distances along a cable. */
const BARE = { first: 250, step: 60 }
const areDistances = (first: number, steps: readonly number[]): boolean =>
  first >= BARE.first && steps.every(step => step >= BARE.step)

const unitOf = (phrase: string, { 0: all, index }: RegExpExecArray): string | undefined =>
  /(cm|mm)\s*$/i.exec(all)?.[1] ?? /^\s*(cm|mm)/i.exec(phrase.slice(index + all.length))?.[1]

/** "then every 120 mm", "110 mm apart". */
const STEP = /\b(?:every|then)\s+([\d.,]+\s*(?:mm|cm))|([\d.,]+\s*(?:mm|cm))\s+apart\b/i

function spokenCable(phrase: string): Cable {
  const each =
    /\b(?:chain|cable) (?:of|with) (\d)\b/i.exec(phrase)?.[1] ??
    /(\d)\s*(?:plugs?\s*|connectors?\s*)?(?:per|on each|a) cable/i.exec(phrase)?.[1]
  const every = STEP.exec(phrase)?.slice(1).find(Boolean)
  return {
    length: lengthIn(phrase),
    after: measuresIn(every ?? '')[0]?.value ?? null,
    each: each ? Number(each) : null,
  }
}

/** Named choice: what is shorter is no cable of a supply, mm. */
const SHORTEST = 150
const lengthIn = (text: string): number | null =>
  measuresIn(text).find(m => m.unit === 'mm' && m.value >= SHORTEST)?.value ?? null

/** "2 x 6+2 pin (500 + 150 mm), 2 connectors each": so many on each of the cables that are counted. */
export function withEach(cable: Cable, phrase: string): Cable {
  const onOne = plugsOnOne(phrase)
  if (onOne !== null) return { ...cable, each: onOne }
  const inBrackets = eachInBrackets(phrase)
  if (inBrackets) return { ...cable, ...inBrackets }
  const said = EACH.exec(phrase)?.slice(1).find(Boolean)
  if (said === undefined) return cable
  return { ...cable, each: wordNumber(said) ?? Number(said), isOfCables: true }
}
/** How many hang on one cable, where plugs and cables are both counted; null where they are not. */
function plugsOnOne(phrase: string): number | null {
  const [, plugs, cables] = ON_CABLES.exec(phrase) ?? PLUGS_ON_CABLES.exec(phrase) ?? []
  if (plugs === undefined || cables === undefined) return null
  const [many, all] = [plugs, cables].map(word => wordNumber(word) ?? Number(word))
  // Five on two cables hang otherwise on each.
  return many !== undefined && all !== undefined && many % all === 0 ? many / all : null
}
const PLUGS = String.raw`(\d{1,2}|two|three|four|six|eight)`
const CABLES = String.raw`(\d|one|two|three|four)\s+(?:cables?|leads?|strings?)`
/** "16x on 4 cables", "6x (3 cables)"; not of "6+2 on one lead". */
const ON_CABLES = new RegExp(String.raw`(?<!\+\s?)\b${PLUGS}\s*x?\s*(?:on\s+|\()${CABLES}\b`, 'i')
/** "4 x PCIe 6+2 (two cables with two each)", "12 x SATA (3 cables)", "two 6+2 on one lead". */
const PLUGS_ON_CABLES = new RegExp(
  String.raw`^\s*${PLUGS}\s*[x×]?\s+[^()]*?(?:\(|\bon\s+)${CABLES}(?=\)| with|\s*$)`,
  'i',
)
/** "1x SATA (4 plugs)", "2x PCIe (2x 6+2-pin each, …)": what hangs on them. */
const IN_BRACKETS = new RegExp(
  [
    String.raw`\(\s*(\d)\s*(?:[x×]\s*)?(?:`,
    String.raw`(?:6\s?\+\s?2|8)[- ]?(?:pins?)?(?:\s+(?:plugs?|connectors?))?(?=\s+each)`,
    String.raw`|(?:plugs?|connectors?|heads?)\b)(\s+each)?`,
  ].join(''),
  'i',
)
function eachInBrackets(phrase: string): Pick<Cable, 'each' | 'isOfCables'> | null {
  const [, many, areEach] = IN_BRACKETS.exec(phrase) ?? []
  if (many === undefined) return null
  const counted = leadingCount(phrase) ?? 1
  if (areEach || counted === 1) return { each: Number(many), isOfCables: true }
  return Number(many) > counted ? { each: Math.ceil(Number(many) / counted) } : null
}
const ONE_TO_FOUR = '(\\d|one|two|three|four)'
const EACH = oneOf(
  new RegExp(`\\b${ONE_TO_FOUR}\\s+(?:[\\w+-]+\\s+)?(?:plugs?|connectors?|heads?)\\s+each\\b`),
  new RegExp(`\\beach (?:with|has) ${ONE_TO_FOUR}\\b`),
  new RegExp(`\\bwith\\s+${ONE_TO_FOUR}\\s+(?:plugs?|connectors?|heads?)\\b`),
  new RegExp(`\\bcables?\\s+with\\s+${ONE_TO_FOUR}\\b(?!\\s*\\+)`),
)
