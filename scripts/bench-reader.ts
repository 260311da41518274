// Times the reading of sheets, and says how much of wordings it was not written with is filled and wrong.
import { readSheet } from '../core/reader/read'
import { readBack } from '../core/test-helpers/wordings/machine'
import { clocked, exponentOf, median, type Row } from './bench-rows'

/**
 * How the time of reading a sheet grows with its length: the same kind of lines, each with words of
 * its own, and the same over and over.
 */
const SHEET_LENGTHS = [1250, 2500, 5000, 10_000, 20_000] as const
const SHEET_RUNS = 5
const GROWTH_LIMIT = 1.2
export function readerGrowth(): Row {
  const sheet = (length: number): string => {
    const lines: string[] = ['Saltpan M motherboard', 'Form factor: ATX']
    for (let i = 0, size = 0; size < length; i++) {
      const line = `Feature ${i}: ${i} x SATA 6 Gb/s ports, PWM fan header ${i} (up to ${i} A), note ${i}`
      lines.push(line)
      size += line.length + 1
    }
    return lines.join('\n').slice(0, length)
  }
  const points = SHEET_LENGTHS.map(length => {
    const text = sheet(length)
    readSheet(text)
    const times = Array.from({ length: SHEET_RUNS }, () => clocked(() => readSheet(text)))
    return [length, median(times)] as const
  })
  const value = exponentOf(points)
  return {
    name: `reader/growth (N characters; ${points.map(([, ms]) => ms.toFixed(0)).join(', ')} ms)`,
    value,
    unit: 'exponent',
    against: GROWTH_LIMIT,
    ratio: value / GROWTH_LIMIT,
    n: points.length,
  }
}

/** Named choices: how often each kind is written in each layout; what is asked of it. */
const ROUNDS = 40
const FILLED = 0.92
const WRONG = 0.003
export function readerKept(): readonly Row[] {
  const kept = readBack(ROUNDS).filter(o => o.isKept)
  const row = (end: 'filled' | 'wrong', against: number): Row => {
    const value = kept.filter(o => o.end === end).length / kept.length
    const name = `reader/kept/${end}`
    return { name, value, unit: 'share', against, ratio: value / against, n: kept.length }
  }
  return [row('filled', FILLED), row('wrong', WRONG)]
}
