// The values of written sheets: drawn by chance as a field has them, and in the words of a phrase.

export type Value = number | string | boolean | readonly string[]

/**
 * "80 190 mm" a number between, in the steps that the unit names; "pick a b" one of these; "is JSON" always
 * the same.
 */
export function valueBy(drawn: string, next: () => number): Value {
  if (drawn.startsWith('is ')) return JSON.parse(drawn.slice(3)) as Value
  const [first = '', ...others] = drawn.split(' ')
  if (first === 'pick') {
    const one = others[Math.floor(next() * others.length)] ?? ''
    return /^\d+$/.test(one) ? Number(one) : one
  }
  const [most = first, unit = ''] = others
  const step = STEPS[unit] ?? 1
  const steps = Math.round((Number(most) - Number(first)) / step)
  return Number((Number(first) + Math.floor(next() * (steps + 1)) * step).toFixed(3))
}
const STEPS: Readonly<Record<string, number>> = { A2: 0.01, V2: 0.05, W1: 0.1, W50: 50 }

const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'] as const
const MM_PER_INCH = 25.4
const FAN_VOLTS = 12
const CFM = 0.588578
const comma = (n: number): string => String(n).replace('.', ',')
const grouped = (n: number, mark: string): string => n.toLocaleString('en-US').replaceAll(',', mark)
const cut = (n: number, digits: number): number => Number(n.toFixed(digits))

/** How a number stands in a phrase. */
const NUMBERS: Readonly<Record<string, (n: number) => string>> = {
  n: String,
  'n,': comma,
  cm: n => String(cut(n / 10, 2)),
  'cm,': n => comma(cut(n / 10, 2)),
  in: n => String(cut(n / MM_PER_INCH, 3)),
  k: n => n.toLocaleString('en-US'),
  us: n => `${n.toLocaleString('en-US')}.00`,
  eu: n => `${grouped(n, '.')},00`,
  sp: n => `${grouped(n, ' ')},00`,
  dot: n => grouped(n, '.'),
  kg: n => String(cut(n / 1000, 3)),
  'kg,': n => comma(cut(n / 1000, 3)),
  mA: n => String(cut(n * 1000, 0)),
  W12: n => String(cut(n * FAN_VOLTS, 3)),
  cfm: n => String(cut(n * CFM, 2)),
  w: n => WORDS[n] ?? String(n),
  TB: n => (n >= 1000 ? `${n / 1000} TB` : `${n} GB`),
  rank: n => (n === 1 ? 'single' : 'dual'),
  eights: n => Array.from({ length: n }, () => '8-pin').join(' + '),
}
/** And a word. */
const TEXTS: Readonly<Record<string, (text: string) => string>> = {
  Word: text => `${text.charAt(0).toUpperCase()}${text.slice(1)}`,
  WORD: text => text.toUpperCase(),
  kit: text => kitOf(text).join(' x ') + ' GB',
  total: text => String(kitOf(text).reduce((a, b) => a * b, 1)),
}
const kitOf = (text: string): readonly number[] => text.split('x').map(Number)

/** A phrase with its value in it. */
export const wordsOf = (phrase: string, value: Value): string =>
  phrase.replace(/\{([^}]+)\}/g, (whole, how: string) => {
    if (typeof value === 'number') return NUMBERS[how]?.(value) ?? whole
    return TEXTS[how]?.(String(value)) ?? whole
  })

/** What is to be read: mostly the value at its path. */
export function expectedOf(path: string, value: Value): readonly (readonly [string, Value])[] {
  if (path === 'kit') {
    const [modules = 0, each = 0] = kitOf(String(value))
    return [
      ['modules', modules],
      ['each', each],
    ]
  }
  if (path === 'rails.A12') return [['rails.W12', Number(value) * FAN_VOLTS]]
  // A frame is one of a list, not a figure.
  if (path === 'size') return [[path, String(value)]]
  return [[path, value]]
}
