// How typed values are read: "6 1/2 in", "16,5 cm", "0.3 kg", "200 mA". Beside `format`, the other
// part of the core that views may call.
import { measuresIn, plainNumber } from './measures'
import type { Unit } from '../figures/units'

export type Typed =
  { readonly value: number; readonly converted: boolean } | { readonly problem: string }

const NAME: Partial<Record<Unit, string>> = {
  pcs: 'a number',
  MTs: 'MT/s',
  MBs: 'MB/s',
  m3h: 'm³/h',
}
const EXAMPLE: Partial<Record<Unit, string>> = {
  mm: '166.5, 16,5 cm or 6 1/2 in',
  W: '65',
  A: '0.2 or 200 mA',
  V: '1.35',
  g: '640 or 0.64 kg',
  GB: '16 or 2 TB',
  MTs: '6000',
  MBs: '550 or 3.5 GB/s',
  MHz: '3200 or 3.2 GHz',
  pcs: '4',
  m3h: '90 or 53 CFM',
  min: '10',
  dBA: '24',
}
const nameOf = (unit: Unit): string => NAME[unit] ?? unit

/** What to type instead, with an example. */
function hintFor(unit: Unit): string {
  const what = unit === 'pcs' ? 'a whole number' : `a value in ${nameOf(unit)}`
  return `Type ${what}, such as ${EXAMPLE[unit] ?? '12.5'}.`
}

/**
 * Reads what was typed as a value in `unit`; a bare number is in that unit. What is not one is told
 * with an example.
 */
export function readTyped(text: string, unit: Unit): Typed {
  const plain = text.trim()
  if (/^[-−]/.test(plain)) return { problem: `This cannot be negative. ${hintFor(unit)}` }
  return readBare(plain) ?? readMeasure(plain, unit) ?? { problem: hintFor(unit) }
}

const SIGN = String.raw`(?:€|\$|£|EUR|USD|GBP|CHF|euros?)?`
/** Thousands by point, comma, blank, apostrophe or none; one or two places, or a dash for them. */
const AMOUNT = new RegExp(
  String.raw`^${SIGN}\s*(\d{1,3}(?:[.,'’ ]\d{3})+|\d+)(?:[.,](?:(\d{1,2})|[-–—]+))?\s*${SIGN}$`,
  'i',
)

/**
 * Reads what was typed as an amount of money: "1299", "1.299,50", "€ 12.5"; three digits after a point
 * are thousands.
 */
export function readTypedAmount(text: string): Typed {
  const [, whole, cents] = AMOUNT.exec(text.trim()) ?? []
  if (whole === undefined) return { problem: 'This is no amount. Type one such as 129 or 1299.50.' }
  const value = Number(`${whole.replace(/\D/g, '')}.${cents ?? '0'}`)
  return { value, converted: false }
}

function readBare(plain: string): Typed | null {
  if (!/^(\d{1,3}(?:,\d{3})+|\d*[.,]?\d+|\d+[.,])$/.test(plain)) return null
  const value = plainNumber(plain.replace(/[.,]$/, ''))
  return Number.isFinite(value) ? { value, converted: false } : null
}

/** A number with a unit, alone in the text; or a fraction without one. */
function readMeasure(plain: string, unit: Unit): Typed | null {
  const found = measuresIn(plain)
  const [m] = found
  if (!m || found.length !== 1 || m.at !== 0 || plain.slice(m.end).trim() !== '') return null
  if (m.unit === null) return /\s/.test(plain) ? { value: m.value, converted: true } : null
  // Memory is sold by MT/s and spoken of in MHz: people mean the same figure.
  const fits = m.unit === unit || (unit === 'MTs' && m.unit === 'MHz')
  if (!fits) return { problem: `${m.words} is no ${nameOf(unit)}. ${hintFor(unit)}` }
  return { value: m.value, converted: m.words.replace(/\s/g, '') !== `${m.value}${unit}` }
}

/** What is asked about: a figure's unit and name, and what it mostly is. */
interface Asked {
  readonly unit: Unit
  readonly label: string
  readonly likely: readonly [least: number, most: number]
}

/**
 * A likely value is taken; an unlikely one is questioned, never refused: "1650 mm? Mostly 20 to
 * 200."
 */
export function question(value: number, { unit, label, likely }: Asked): string | null {
  const [least, most] = likely
  const isLikely = (v: number): boolean => v >= least && v <= most
  if (isLikely(value)) return null
  const meant = [value / 10, Math.round(value * 10 * 1000) / 1000].find(isLikely)
  const guess = meant === undefined ? 'Is it right?' : `Is it ${meant}?`
  const range = `${least} to ${most}${unit === 'pcs' ? '' : ` ${nameOf(unit)}`}`
  return `Unusual: a ${label} is mostly ${range}, not ${value}. ${guess}`
}
