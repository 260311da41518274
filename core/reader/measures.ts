// Numbers with units as makers write them: decimal comma, fractions of an inch, thousands, "a x b x
// c mm", letters for axes.
import type { Unit } from '../figures/units'
import { choiceIn } from './pattern'

/**
 * One value found in a text, in the unit it is kept in, and how many of those make the unit as
 * written; `words` are its own words.
 */
export interface Measure {
  readonly value: number
  readonly unit: Unit | null
  readonly times: number
  readonly at: number
  readonly end: number
  readonly words: string
}

/** A cubic foot a minute, m³/h: a foot is 0.3048 m exactly. */
const M3H_PER_CFM = 0.3048 ** 3 * 60
/** Units as written → the unit kept and the factor to it. An inch is 25.4 mm exactly. */
const UNIT: readonly (readonly [RegExp, Unit, number])[] = [
  [/^(?:mm|millimet(?:er|re)s?)\b/i, 'mm', 1],
  [/^(?:cm|centimet(?:er|re)s?)\b/i, 'mm', 10],
  [/^(?:m|met(?:er|re)s?)\b(?!\.2|[²³])/, 'mm', 1000],
  [/^(?:"|″|”|''|-?\s?inch(?:es)?\b|in\b\.?)/i, 'mm', 25.4],
  [/^(?:kg|kilograms?)\b/i, 'g', 1000],
  [/^(?:g|grams?)\b/i, 'g', 1],
  [/^(?:lbs?|pounds?)\b/i, 'g', 453.592],
  [/^mA\b/, 'A', 0.001],
  [/^(?:A(?!-?RGB)|amps?|amperes?)\b/, 'A', 1],
  [/^mW\b/, 'W', 0.001],
  [/^(?:W(?!\s*[=:])|watts?)\b/i, 'W', 1],
  [/^(?:V|volts?)\b/i, 'V', 1],
  [/^(?:MT\/s|MTs|MT\s?per\s?second)\b/i, 'MTs', 1],
  [/^MHz\b/i, 'MHz', 1],
  [/^GHz\b/i, 'MHz', 1000],
  [/^(?:m³\/h|m3\/h|cbm\/h|cubic met(?:re|er)s? per hour)/i, 'm3h', 1],
  [/^(?:CFM|cubic feet per minute)\b/i, 'm3h', M3H_PER_CFM],
  [/^(?:MB\/s|MBps|MB\s?per\s?second)\b/i, 'MBs', 1],
  [/^GB\/s\b/, 'MBs', 1000],
  [/^TB\b(?!\s?\/)/, 'GB', 1000],
  [/^GB\b(?!\/s)/, 'GB', 1],
  [/^MB\b/, 'GB', 0.001],
  [/^[kK]B\b/, 'GB', 1e-6],
]

const NUMBER = /(?<![\w.,])(\d{1,3}(?:,\d{3})+(?![\d])|\d+(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?/g
const FRACTION = /(?<![\w.,/])(\d+)\/(\d+)(?=\s*(?:"|″|in\b|inch))/g

/** A number as typed or printed: `1,234` are thousands, `16,5` is a decimal comma. */
export function plainNumber(text: string): number {
  if (/^\d{1,3}(?:,\d{3})+$/.test(text) && !text.startsWith('0'))
    return Number(text.replaceAll(',', ''))
  return Number(text.replace(',', '.'))
}

const round = (value: number): number => Math.round(value * 1e6) / 1e6

/** Every number of a text with the unit behind it, in order. Numbers without a unit have none. */
export function measuresIn(text: string): readonly Measure[] {
  const fractions = fractionsIn(text)
  const apart = (at: number): boolean => !fractions.some(f => at >= f.at && at < f.end)
  const numbers = [...text.matchAll(NUMBER)]
    .filter(m => apart(m.index))
    .map(m => measureAt(text, m))
  return sharingUnits(
    text,
    [...fractions, ...numbers].sort((a, b) => a.at - b.at),
  )
}

/** "3/4 in": a fraction that has a unit and no whole number before it. */
function fractionsIn(text: string): readonly Measure[] {
  return [...text.matchAll(FRACTION)].flatMap(m => {
    const behind = m.index + m[0].length
    const unit = unitAt(text, behind) ?? unitAt(text, behind + 1)
    if (!unit || /\d\s+$/.test(text.slice(0, m.index))) return []
    return [measured(text, m.index, Number(m[1]) / Number(m[2]), unit)]
  })
}

/** "6 1/2", "16,5": a number, and a fraction of one behind it. */
const numberOf = (whole = '', over?: string, under?: string): number =>
  plainNumber(whole) + (over && under ? Number(over) / Number(under) : 0)

function measureAt(text: string, m: RegExpExecArray): Measure {
  const value = numberOf(m[1], m[2], m[3])
  const end = m.index + m[0].length
  const gap = /^\s?-?/.exec(text.slice(end))?.[0].length ?? 0
  const unit = unitAt(text, end + gap) ?? unitAt(text, end)
  if (unit) return measured(text, m.index, value, unit)
  return { value, unit: null, times: 1, at: m.index, end, words: m[0] }
}

const measured = (
  text: string,
  at: number,
  value: number,
  { unit, times, end }: WrittenUnit,
): Measure => ({ value: round(value * times), unit, times, at, end, words: text.slice(at, end) })

/** "3,500/2,900 MB/s": the unit at the end is that of both. */
const sharingUnits = (text: string, inOrder: readonly Measure[]): readonly Measure[] =>
  inOrder.map((m, i) => {
    const next = inOrder[i + 1]
    return m.unit === null && next?.unit && /^\s?\/\s?$/.test(text.slice(m.end, next.at))
      ? { ...m, unit: next.unit, times: next.times, value: round(m.value * next.times) }
      : m
  })

interface WrittenUnit {
  readonly unit: Unit
  readonly times: number
  readonly end: number
}
function unitAt(text: string, at: number): WrittenUnit | null {
  const rest = text.slice(at)
  for (const [pattern, unit, times] of UNIT) {
    const m = pattern.exec(rest)
    if (m) return { unit, times, end: at + m[0].length }
  }
  return null
}

export const firstOf = (text: string, unit: Unit): Measure | null =>
  measuresIn(text).find(m => m.unit === unit) ?? null

/** The first value in a unit; null where there is none. */
export const valueIn = (text: string, unit: Unit): number | null =>
  firstOf(text, unit)?.value ?? null

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
  const signs = /\b[LWHDB]\s*\/\s*[LWHDB]\b/i.test(label)
    ? spoken.replace(/\s*\/\s*(?=\d)/g, ' x ')
    : spoken
  for (const m of signs.matchAll(PRODUCT)) {
    const product = readProduct(m, signs, label)
    if (product) return product
  }
  return null
}

/** Beside a B for the breadth a T is the depth ("Tiefe"), no thickness. */
const inEnglish = (part: string, all: string): string =>
  /\bB\b/.test(all) && /\bT\b/.test(all) ? part.replace(/\bT\b/g, 'D') : part

const INCH = 25.4
/** How many mm a length's unit makes, by the letters of it that stand there. */
const LENGTHS: readonly (readonly [RegExp, number])[] = [
  [/cm/i, 10],
  [/mm/i, 1],
  [/in|"|″/i, INCH],
]

function readProduct(m: RegExpExecArray, text: string, label: string): Product | null {
  const sides = m[0].split(/\s*(?:x|×|\*)\s*(?=[LWHDB\d])|,?\s+(?=[LWHDB]\s*[:=]?\s*\d)/i)
  const after = text.slice(m.index + m[0].length)
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
