// How numbers, units and minutes are written. The one part of the core that views may call.
const THIN_SPACE = '\u2009'
const MINUS = '\u2212'

/** Numbers of at least so many digits before the point stand in groups of three. */
const GROUPED = 10_000

/**
 * A number with a fixed count of decimals, a true minus sign and thin spaces in its thousands; no
 * locale.
 */
export function number(value: number, decimals = 1): string {
  const plain = Math.abs(value).toFixed(decimals)
  const text =
    Math.abs(value) < GROUPED ? plain : plain.replace(/\d(?=(\d{3})+(\.|$))/g, `$&${THIN_SPACE}`)
  return value < 0 && Number(text) !== 0 ? MINUS + text : text
}

/** Counts and speeds are written whole, amps and volts with two decimals, other values with one. */
const WHOLE = new Set(['pcs', 'MTs', 'MHz', 'MBs', 'min', 'g', 'm3h'])
const FINE = new Set(['A', 'V'])
function decimalsOf(unit: string): number {
  if (WHOLE.has(unit)) return 0
  return FINE.has(unit) ? 2 : 1
}
const WRITTEN: Record<string, string> = { pcs: '', MTs: 'MT/s', MBs: 'MB/s', m3h: 'm³/h' }

/** Storage smaller than one of its unit is written in the next smaller one: 0.256 GB as 256 MB. */
function storage(gigabytes: number): string {
  const small = ['GB', 'MB', 'kB'] as const
  const steps = gigabytes === 0 ? 0 : Math.floor(Math.log10(Math.abs(gigabytes)) / -3 + 1)
  const step = Math.min(Math.max(steps, 0), small.length - 1)
  const value = gigabytes * 1000 ** step
  return number(value, Number.isInteger(value) ? 0 : 1) + THIN_SPACE + small[step]
}

/** A value with its unit and a thin space between. */
export function quantity(value: number, unit: string | null): string {
  if (unit === 'GB') return storage(value)
  const text = number(value, unit === null ? 1 : decimalsOf(unit))
  const written = unit === null ? '' : (WRITTEN[unit] ?? unit)
  return written === '' ? text : text + THIN_SPACE + written
}

/** Millimetres that nobody measures finer: whole. */
export const wholeMm = (value: number): string => `${number(value, 0)}${THIN_SPACE}mm`

/** Watts in a summary: whole. */
export const watts = (value: number): string => `${number(value, 0)}${THIN_SPACE}W`

/** Figures stand with four decimals at most; what is finer is nothing to a builder. */
const FINEST = 4

/** A tolerance, in the unit of its value: as many decimals as it takes to be seen. */
export function tolerance(tol: number, unit: string | null): string {
  let decimals = Math.max(1, unit === null ? 1 : decimalsOf(unit))
  while (tol > 0 && decimals < FINEST && Number(tol.toFixed(decimals)) === 0) decimals += 1
  return `± ${number(tol, decimals)}`
}

/** A margin: with its sign. */
export const margin = (value: number, unit: string | null): string =>
  (value >= 0 ? '+' : '') + quantity(value, unit)

interface Measured {
  readonly need: number | null
  readonly have: number | null
  readonly margin: number | null
  readonly unit: string | null
}
/** What a finding comes to, beside its sentence: of counts so many of so many, else a margin, if any. */
export function comesTo({ need, have, margin: left, unit }: Measured): string {
  if (left === null) return ''
  return unit === 'pcs' && need !== null && have !== null
    ? `${quantity(need, unit)} of ${quantity(have, unit)}`
    : margin(left, unit)
}

/** Minutes as hours and minutes. */
export function minutes(total: number): string {
  const whole = Math.round(total)
  return whole < 60
    ? `${whole}${THIN_SPACE}min`
    : `${Math.floor(whole / 60)}${THIN_SPACE}h ${whole % 60}${THIN_SPACE}min`
}

/** Money: the currency's code behind the figure. */
export const money = (value: number, currency: string): string =>
  `${number(value, 2)}${THIN_SPACE}${currency}`

/** A count with its word: `1 joint`, `3 joints`. */
export const counted = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${n === 1 ? one : many}`

/** Names in a sentence: `A1, A2 and B1`. */
export const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`

/** What of a part is meant, "fan of the Highbank 165"; the part itself where nothing is said. */
export const ofPart = (what: string, name: string): string =>
  what ? `${what} of the ${name}` : name

/** A sentence’s first letter. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** A title within a sentence: its first letter small, but not that of an abbreviation. */
export const within = (title: string): string =>
  /^[A-Z][a-z]/.test(title) ? title.charAt(0).toLowerCase() + title.slice(1) : title

/** Seconds as a clock: `2:05`. */
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

/**
 * Two steps put in a sequence by hand, by their titles, as people read it; a step that is gone has
 * none.
 */
export const pairLine = (before: string | undefined, after: string | undefined): string =>
  `${quoted(before)} before ${quoted(after)}`
const quoted = (title: string | undefined): string =>
  title === undefined ? 'a step that is not there now' : `“${title}”`

/** A size of stored data, in steps of a thousand. */
export function bytes(count: number): string {
  if (count < 1000) return `${count} B`
  if (count < 1e6) return `${Math.round(count / 1e3)} kB`
  return count < 1e9 ? `${(count / 1e6).toFixed(1)} MB` : `${(count / 1e9).toFixed(1)} GB`
}

/** From which value on, or up to which, a figure settles its question. */
export interface Passing {
  readonly side: 'least' | 'most'
  readonly value: number
}
/** That value in words: lengths fit, all else is enough. */
export const passing = ({ side, value }: Passing, unit: string): string =>
  `${unit === 'mm' ? 'fits' : 'enough'} if at ${side} ${quantity(value, unit)}`

/** What is said of how far a step is. */
export const PROGRESS_WORD = {
  planned: 'planned',
  ready: 'ready',
  made: 'done',
  proved: 'tested',
  crossed: 'skipped',
} as const
