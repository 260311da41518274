// Numbers with units as makers write them: decimal comma, fractions of an inch, thousands, "a x b x
// c mm", letters for axes.
import type { Unit } from '../figures/units'

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

/** Units as written → the unit kept and the factor to it. An inch is 25.4 mm exactly. */
const UNIT: readonly (readonly [RegExp, Unit, number])[] = [
  [/^(?:mm|millimet(?:er|re)s?)\b/i, 'mm', 1],
  [/^(?:cm|centimet(?:er|re)s?)\b/i, 'mm', 10],
  [/^(?:m|met(?:er|re)s?)\b(?!\.2)/, 'mm', 1000],
  [/^(?:"|″|”|''|-?\s?inch(?:es)?\b|in\b\.?)/i, 'mm', 25.4],
  [/^(?:kg|kilograms?)\b/i, 'g', 1000],
  [/^(?:g|grams?)\b/i, 'g', 1],
  [/^(?:lbs?|pounds?)\b/i, 'g', 453.592],
  [/^mA\b/, 'A', 0.001],
  [/^(?:A|amps?|amperes?)\b/, 'A', 1],
  [/^mW\b/, 'W', 0.001],
  [/^(?:W|watts?)\b/i, 'W', 1],
  [/^(?:V|volts?)\b/i, 'V', 1],
  [/^(?:MT\/s|MTs|MT\s?per\s?second)\b/i, 'MTs', 1],
  [/^MHz\b/i, 'MHz', 1],
  [/^GHz\b/i, 'MHz', 1000],
  [/^(?:MB\/s|MBps|MB\s?per\s?second)\b/i, 'MBs', 1],
  [/^GB\/s\b/, 'MBs', 1000],
  [/^TB\b/, 'GB', 1000],
  [/^GB\b(?!\/s)/, 'GB', 1],
  [/^MB\b/, 'GB', 0.001],
]

const NUMBER = /(?<![\w.,])(\d{1,3}(?:,\d{3})+(?![\d])|\d+(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?/g
const FRACTION = /(?<![\w.,/])(\d+)\/(\d+)(?=\s*(?:"|″|in\b|inch))/g

/** A number as typed or printed: `1,234` are thousands, `16,5` is a decimal comma. */
export function plainNumber(text: string): number {
  if (/^\d{1,3}(?:,\d{3})+$/.test(text) && !text.startsWith('0'))
    return Number(text.replaceAll(',', ''))
  return Number(text.replace(',', '.'))
}

const round = (value: number): number => Math.round(value * 1e4) / 1e4

/** Every number of a text with the unit behind it, in order. Numbers without a unit have none. */
export function measuresIn(text: string): readonly Measure[] {
  const found: Measure[] = []
  for (const m of text.matchAll(FRACTION)) {
    const unit = unitAt(text, m.index + m[0].length) ?? unitAt(text, m.index + m[0].length + 1)
    if (unit && !/\d\s+$/.test(text.slice(0, m.index)))
      found.push({
        value: round((Number(m[1]) / Number(m[2])) * unit.times),
        unit: unit.unit,
        times: unit.times,
        at: m.index,
        end: unit.end,
        words: text.slice(m.index, unit.end),
      })
  }
  const fractions = [...found]
  for (const m of text.matchAll(NUMBER)) {
    if (fractions.some(f => m.index >= f.at && m.index < f.end)) continue
    const whole = plainNumber(m[1] ?? '') + (m[2] && m[3] ? Number(m[2]) / Number(m[3]) : 0)
    const at = m.index
    const end = at + m[0].length
    const gap = /^\s?-?/.exec(text.slice(end))?.[0].length ?? 0
    const unit = unitAt(text, end + gap) ?? unitAt(text, end)
    found.push(
      unit
        ? {
            value: round(whole * unit.times),
            unit: unit.unit,
            times: unit.times,
            at,
            end: unit.end,
            words: text.slice(at, unit.end),
          }
        : { value: whole, unit: null, times: 1, at, end, words: m[0] },
    )
  }
  const inOrder = found.sort((a, b) => a.at - b.at)
  // "3,500/2,900 MB/s": the unit at the end is that of both.
  return inOrder.map((m, i) => {
    const next = inOrder[i + 1]
    return m.unit === null && next?.unit && /^\s?\/\s?$/.test(text.slice(m.end, next.at))
      ? { ...m, unit: next.unit, times: next.times, value: round(m.value * next.times) }
      : m
  })
}

function unitAt(
  text: string,
  at: number,
): { readonly unit: Unit; readonly times: number; readonly end: number } | null {
  const rest = text.slice(at)
  for (const [pattern, unit, times] of UNIT) {
    const m = pattern.exec(rest)
    if (m) return { unit, times, end: at + m[0].length }
  }
  return null
}

export const firstOf = (text: string, unit: Unit): Measure | null =>
  measuresIn(text).find(m => m.unit === unit) ?? null

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

const ITEM = String.raw`(?:[LWHDB]\s*[:=]?\s*)?\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?(?:\s*(?:mm|cm|inch(?:es)?|in\b\.?|"|″))?(?:\s*(?:\([LWHDB]\)|[LWHDB]\b(?!\s*(?:x|[:=]?\s*\d))))?`
const PRODUCT = new RegExp(
  `${ITEM}\\s*(?:x|×|\\*|,?\\s(?=[LWHDB]\\s*[:=]?\\s*\\d))\\s*${ITEM}(?:\\s*(?:x|×|\\*|,?\\s(?=[LWHDB]\\s*[:=]?\\s*\\d))\\s*${ITEM})?`,
  'gi',
)

/**
 * Finds `a x b` or `a x b x c` with a length unit; `label` may tell the order: "Dimensions (L x W x
 * H)".
 */
export function productIn(text: string, label = ''): Product | null {
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

function readProduct(m: RegExpExecArray, text: string, label: string): Product | null {
  const parts = m[0].split(/\s*(?:x|×|\*)\s*(?=[LWHDB\d])|,?\s+(?=[LWHDB]\s*[:=]?\s*\d)/i)
  const after = text.slice(m.index + m[0].length)
  const unitText =
    [...m[0].matchAll(/mm|cm|inch(?:es)?|\bin\b|"|″/gi)].at(-1)?.[0] ??
    /^\s*(mm|cm|inch(?:es)?|in\b|"|″)/i.exec(after)?.[1]
  if (!unitText) return null
  const common = /cm/i.test(unitText) ? 10 : /mm/i.test(unitText) ? 1 : 25.4
  const values = parts.map(p => {
    const own = /cm/i.test(p) ? 10 : /mm/i.test(p) ? 1 : /in|"|″/i.test(p) ? 25.4 : common
    const n = /(\d+(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?/.exec(p)
    return round(
      (plainNumber(n?.[1] ?? '') + (n?.[2] && n[3] ? Number(n[2]) / Number(n[3]) : 0)) * own,
    )
  })
  if (values.length < 2 || values.some(v => !Number.isFinite(v))) return null
  return { values, axes: axesOf(parts, `${label} ${after.slice(0, 40)}`), words: m[0].trim() }
}

function axesOf(parts: readonly string[], around: string): readonly Axis[] | null {
  const own = parts.map(
    p =>
      LETTER[
        /([LWHDB])/i.exec(p.replace(/mm|cm|inch(?:es)?|in\b/gi, ''))?.[1]?.toLowerCase() ?? ''
      ] ?? null,
  )
  if (own.every(a => a !== null)) return own as readonly Axis[]
  const letters = /\(?\b([LWHDB])\s*[x×/*]\s*([LWHDB])(?:\s*[x×/*]\s*([LWHDB]))?\b\)?/i.exec(around)
  if (letters)
    return letters
      .slice(1)
      .filter(Boolean)
      .map(l => LETTER[(l ?? '').toLowerCase()] ?? 'length')
  const words =
    /(length|depth|width|height)\s*[x×/*]\s*(length|depth|width|height)(?:\s*[x×/*]\s*(length|depth|width|height))?/i.exec(
      around,
    )
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
