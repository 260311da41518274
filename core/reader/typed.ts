// How typed values are read: "6 1/2 in", "16,5 cm", "0.3 kg", "200 mA". Beside `format`, the other
// part of the core that views may call.
import { measuresIn, plainNumber } from './measures'
import type { Unit } from '../figures/units'

export type Typed =
  { readonly value: number; readonly converted: boolean } | { readonly problem: string }

const NAME: Partial<Record<Unit, string>> = { pcs: 'a number', MTs: 'MT/s', MBs: 'MB/s' }
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
  min: '10',
  dBA: '24',
}
const said = (unit: Unit): string => NAME[unit] ?? unit

/**
 * Reads what was typed as a value in `unit`; a bare number is in that unit. What is not one is told
 * with an example.
 */
export function readTyped(text: string, unit: Unit): Typed {
  const plain = text.trim()
  const problem = {
    problem: `Type ${unit === 'pcs' ? 'a whole number' : `a value in ${said(unit)}`}, such as ${EXAMPLE[unit] ?? '12.5'}.`,
  }
  if (/^[-−]/.test(plain)) return { problem: `This cannot be negative. ${problem.problem}` }
  const bare = /^(\d{1,3}(?:,\d{3})+|\d*[.,]?\d+|\d+[.,])$/.exec(plain)
  if (bare) {
    const value = plainNumber(plain.replace(/[.,]$/, ''))
    return Number.isFinite(value) ? { value, converted: false } : problem
  }
  const found = measuresIn(plain)
  const [m] = found
  if (!m || found.length !== 1 || m.at !== 0 || plain.slice(m.end).trim() !== '') return problem
  if (m.unit === null) return /\s/.test(plain) ? { value: m.value, converted: true } : problem
  const value = m.unit === unit ? m.value : unit === 'MTs' && m.unit === 'MHz' ? m.value : null
  return value === null
    ? { problem: `${m.words} is no ${said(unit)}. ${problem.problem}` }
    : { value, converted: m.words.replace(/\s/g, '') !== `${value}${unit}` }
}

/**
 * A likely value is taken; an unlikely one is questioned, never refused: "1650 mm? Mostly 20 to
 * 200."
 */
export function question(
  value: number,
  [least, most]: readonly [number, number],
  unit: Unit,
  label: string,
): string | null {
  if (value >= least && value <= most) return null
  const tenth =
    value / 10 >= least && value / 10 <= most
      ? ` Is it ${value / 10}?`
      : value * 10 >= least && value * 10 <= most
        ? ` Is it ${Math.round(value * 10 * 1000) / 1000}?`
        : ' Is it right?'
  return `Unusual: a ${label} is mostly ${least} to ${most}${unit === 'pcs' ? '' : ` ${said(unit)}`}, not ${value}.${tenth}`
}
