// Sizes with several sides: "a x b x c mm", letters for axes, sides told one by one in words.
import { INCH, measuresIn, numberOf, ROUNDED_INCHES, round } from './measures'
import { choiceIn } from './pattern'

export type Axis = 'length' | 'width' | 'height'
const LETTER: Record<string, Axis> = {
  l: 'length',
  d: 'length',
  w: 'width',
  h: 'height',
  b: 'width',
  t: 'length',
}
const WORD: readonly (readonly [RegExp, Axis])[] = [
  [/length|depth|deep|long/i, 'length'],
  [/width|wide/i, 'width'],
  [/height|high|tall/i, 'height'],
]

/**
 * Sizes written as a product: the values in mm in the order written, and the axes where letters or
 * words name them.
 */
export interface Product {
  readonly values: readonly number[]
  readonly axes: readonly Axis[] | null
  readonly words: string
}

/** "L: 165 1/2 mm (L)": a side of a product, its letter before or behind it. */
const SIDE_LETTER = String.raw`[LWHDB]\s*[:=]?\s*`
const SIDE_NUMBER = String.raw`\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?`
const SIDE_UNIT = String.raw`(?:\s*(?:mm|cm|inch(?:es)?|in\b\.?|"|″))?`
const SIDE_NAMED = String.raw`(?:\s*(?:\([LWHDB]\)|[LWHDB]\b(?!\s*(?:x|[:=]?\s*\d))))?`
const ITEM = `(?:${SIDE_LETTER})?${SIDE_NUMBER}${SIDE_UNIT}${SIDE_NAMED}`
/** What stands between two sides: a sign, or a space before the next letter. */
const TIMES = String.raw`\s*(?:x|×|\*|,?\s(?=[LWHDB]\s*[:=]?\s*\d))\s*`
const PRODUCT = new RegExp(`${ITEM}${TIMES}${ITEM}(?:${TIMES}${ITEM})?`, 'gi')

/**
 * Finds `a x b` or `a x b x c` with a length unit; `label` may tell the order: "Dimensions (L x W x
 * H)".
 */
export function productIn(said: string, saidLabel = ''): Product | null {
  const [text, label] = [
    inEnglish(said, `${said} ${saidLabel}`),
    inEnglish(saidLabel, `${said} ${saidLabel}`),
  ]
  // Where the label says "L / W / H", bars hold sides apart, not choices.
  const spoken = text.replace(/\bby\b/gi, ' x')
  const signs = SIDES_BY_BARS.test(label) ? spoken.replace(/\s*\/\s*(?=\d)/g, ' x ') : spoken
  const products = [...signs.matchAll(PRODUCT)].flatMap(m => {
    const product = readProduct(m, signs, label)
    return product ? [product] : []
  })
  const [first = null, second] = products
  return first && second && isSameInMm(first, second) ? second : first
}

/** "10.8 x 15.2 in (274 x 386 mm)": the same twice, and only the millimetres are exact. */
const isSameInMm = (first: Product, second: Product): boolean =>
  /\bin\b|inch|"|″/i.test(first.words) === false
    ? false
    : first.values.length === second.values.length &&
      first.values.every((v, i) => Math.abs(v - (second.values[i] ?? NaN)) <= ROUNDED_INCHES)

/** "L / W / H", "Length / width / height". */
const SIDES_BY_BARS =
  /\b(?:[LWHDB]|length|width|height|depth)\s*\/\s*(?:[LWHDB]|length|width|height|depth)\b/i
/** Beside a B for the breadth a T is the depth ("Tiefe"), no thickness. */
const inEnglish = (part: string, all: string): string =>
  /\bB\b/.test(all) && /\bT\b/.test(all) ? part.replace(/\bT\b/g, 'D') : part

/** How many mm a length's unit makes, by the letters of it that stand there. */
const LENGTHS: readonly (readonly [RegExp, number])[] = [
  [/cm/i, 10],
  [/mm/i, 1],
  [/in|"|″/i, INCH],
]

function readProduct(m: RegExpExecArray, text: string, label: string): Product | null {
  const sides = m[0].split(/\s*(?:x|×|\*)\s*(?=[LWHDB\d])|,?\s+(?=[LWHDB]\s*[:=]?\s*\d)/i)
  const after = text.slice(m.index + m[0].length)
  // "5x 3.5 mm jacks" counts sockets.
  if (/^\s*(?:audio )?(?:jacks?|sockets?)\b/i.test(after)) return null
  // "170 mm x 69 mm x 2-slot": what counts slots is no side.
  const parts = /^[- ]?slots?\b/i.test(after) ? sides.slice(0, -1) : sides
  const unitText =
    [...m[0].matchAll(/mm|cm|inch(?:es)?|\bin\b|"|″/gi)].at(-1)?.[0] ??
    /^\s*(mm|cm|inch(?:es)?|in\b|"|″)/i.exec(after)?.[1]
  if (!unitText) return null
  const common = choiceIn(unitText, LENGTHS) ?? INCH
  const values = parts.map(p => {
    const n = /(\d+(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?/.exec(p)
    return round(numberOf(n?.[1], n?.[2], n?.[3]) * (choiceIn(p, LENGTHS) ?? common))
  })
  if (values.length < 2 || values.some(v => !Number.isFinite(v))) return null
  return { values, axes: axesOf(parts, `${label} ${after.slice(0, 40)}`), words: m[0].trim() }
}

const SIDE = '(length|depth|width|height)'
const SPELT = new RegExp(`${SIDE}\\s*[x×/*]\\s*${SIDE}(?:\\s*[x×/*]\\s*${SIDE})?`, 'i')

function axesOf(parts: readonly string[], around: string): readonly Axis[] | null {
  const own = parts.map(
    p =>
      LETTER[
        /([LWHDB])/i.exec(p.replace(/mm|cm|inch(?:es)?|in\b/gi, ''))?.[1]?.toLowerCase() ?? ''
      ] ?? null,
  )
  if (own.every(a => a !== null)) return own
  const letters = /\(?\b([LWHDB])\s*[x×/*]\s*([LWHDB])(?:\s*[x×/*]\s*([LWHDB]))?\b\)?/i.exec(around)
  if (letters)
    return letters
      .slice(1)
      .filter(Boolean)
      .map(l => LETTER[(l ?? '').toLowerCase()] ?? 'length')
  const words = SPELT.exec(around)
  return words
    ? words
        .slice(1)
        .filter(Boolean)
        .map(w => WORD.find(([p]) => p.test(w ?? ''))?.[1] ?? 'length')
    : null
}

/** The value of one axis of a product; by its letters, else by `order`. */
export function along(p: Product, axis: Axis, order: readonly Axis[]): number | null {
  const axes = p.axes && p.axes.length === p.values.length ? p.axes : order
  const i = axes.indexOf(axis)
  return i < 0 ? null : (p.values[i] ?? null)
}

/** Sizes told one by one in words: "39 cm deep, 15 cm high", "depth 525 mm", "245 mm (length)". */
export interface Spoken {
  readonly axis: Axis | 'thickness'
  readonly value: number
}
const AFTER: readonly (readonly [RegExp, Spoken['axis']])[] = [
  [/^\s*\(?(?:deep|long|length|depth)\b|^\s*\([DL]\)/i, 'length'],
  [/^\s*\(?(?:wide|width)\b|^\s*\(W\)/i, 'width'],
  [/^\s*\(?(?:(?:total|overall) )?(?:high|tall|height)\b|^\s*\(H\)/i, 'height'],
  [/^\s*\(?(?:thick|thickness)\b/i, 'thickness'],
]
const BEFORE: readonly (readonly [RegExp, Spoken['axis']])[] = [
  [/\b(?:[DL]|depth|length)\s*[:=]?\s*$/i, 'length'],
  [/\b(?:W|width)\s*[:=]?\s*$/i, 'width'],
  [/\b(?:H|height)\s*[:=]?\s*$/i, 'height'],
  [/\bthickness\s*[:=]?\s*$/i, 'thickness'],
]
/**
 * Every length of a text whose axis is named beside it, in mm. The word behind counts before the
 * word ahead.
 */
export function spokenIn(text: string): readonly Spoken[] {
  return measuresIn(text)
    .filter(m => m.unit === 'mm')
    .flatMap(m => {
      const axis = (AFTER.find(([words]) => words.test(text.slice(m.end))) ??
        BEFORE.find(([words]) => words.test(text.slice(0, m.at))))?.[1]
      return axis ? [{ axis, value: m.value }] : []
    })
}
