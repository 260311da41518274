// Numbers with units as makers write them: decimal comma, fractions of an inch, thousands. Sizes with
// several sides: sides.ts.
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

export const round = (value: number): number => Math.round(value * 1e6) / 1e6

/** Every number of a text with the unit behind it, in order. Numbers without a unit have none. */
export function measuresIn(text: string): readonly Measure[] {
  const fractions = fractionsIn(text)
  const apart = (at: number): boolean => !fractions.some(f => at >= f.at && at < f.end)
  const numbers = [...text.matchAll(NUMBER)]
    .filter(m => apart(m.index))
    .map(m => measureAt(text, m))
  return withoutInches(
    text,
    sharingUnits(
      text,
      [...fractions, ...numbers].sort((a, b) => a.at - b.at),
    ),
  )
}

/** How many mm an inch makes, exactly. */
export const INCH = 25.4
/** "12.6 in (320 mm)": the same twice, and only the millimetres are exact. */
const withoutInches = (text: string, inOrder: readonly Measure[]): readonly Measure[] =>
  inOrder.filter((m, i) => {
    const next = inOrder[i + 1]
    const isSameAgain =
      m.times === INCH &&
      next?.unit === 'mm' &&
      next.times !== INCH &&
      /^\s?[([/]\s?$/.test(text.slice(m.end, next.at)) &&
      Math.abs(m.value - next.value) <= ROUNDED_INCHES
    return !isSameAgain
  })
/** Named choice: a length in inches beside that in millimetres is rounded by so much, mm. */
export const ROUNDED_INCHES = 1.3

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
export const numberOf = (whole = '', over?: string, under?: string): number =>
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
