// A supply's rails on its sheet: amps or watts of each, and what the small ones give together.
import { measuresIn, plainNumber, valueIn } from './measures'
import { whole, type Notes } from './notes'
import { oneOf } from './pattern'
import type { Sheet, Statement } from './statements'

const RAILS = [
  ['W12', 12, /(?<![\w.-])\+?12\s?V\b(?!-)/i],
  ['W5', 5, /(?<![\d.-])\+?5\s?V\b(?!\s*sb|sb)/i],
  ['W3', 3.3, /\+?3[.,]3\s?V\b/i],
] as const

/** Whether a line is about rails, not about the supply as a whole. */
export const isAboutRails = (s: Statement): boolean =>
  /combined|together/i.test(whole(s)) ||
  /^rails?\b/i.test(whole(s).trim()) ||
  RAILS.some(
    ([, , named]) => named.test(s.label) || new RegExp(`^\\s*${named.source}`, 'i').test(s.value),
  )

const STANDBY = /\+?5\s?V\s?(?:SB|stand-?by)\b|\bstand-?by\b/i
/** What stays on while the machine is off, A. */
function readStandby(s: Statement, notes: Notes): void {
  const amps = measuresIn(saidOfRail(s, STANDBY)).find(m => m.unit === 'A')
  notes.put(s, 'rails.standby', amps?.value, 'A')
}

/** What the two small rails give together is told as one figure. */
const TOGETHER = oneOf(
  ...[/combined/, /\bboth\b/, /\btogether\b/],
  /3[.,]3\s?V?\s*(?:\+|and|&)\s*\+?5(?:\s?V\b|\s*:)/,
  /5\s?V?\s*(?:\+|and|&)\s*\+?3[.,]3(?:\s?V\b|\s*:)/,
)

/** "Max. +12 V combined 744 W": the large rails together are no small ones. */
const ONLY_LARGE = /^(?=.*\b12\s?V)(?!.*(?:3[.,]3|(?<![\d.])5\s?V)).*combined/i

/** Named choice: watts that are told may be rounded up so much from volts times amps. */
const ROUNDED_UP = 1.05

/** "62 amps on its single 12-volt rail (744 W)", "20 A each on 3.3 and 5 V": the figure stands before its rail. */
const BEFORE_ITS_RAIL = new RegExp(
  [
    String.raw`(\d+(?:[.,]\d+)?)\s*(?:A|amps?|amperes?)\s+(?:each )?(?:on|at)`,
    String.raw` (?:its |the |a |one )?(?:single )?`,
    String.raw`\+?((?:12|5|3[.,]3)(?:\s?V)?(?: and \+?(?:12|5|3[.,]3))*)(?=[- ]?(?:V\b|volts?\b))`,
  ].join(''),
  'gi',
)
function readBeforeRails(s: Statement, notes: Notes): boolean {
  const found = [...s.value.matchAll(BEFORE_ITS_RAIL)]
  for (const [, amps = '', said = ''] of found)
    for (const [rail, volts] of RAILS)
      if (said.split(/\s?V?\s+and\s+\+?/i).some(one => plainNumber(one) === volts))
        notes.put(s, `rails.${rail}`, plainNumber(amps) * volts, 'W')
  return found.length > 0
}

/** Rails by amps times volts, or by watts where they are given. */
export function readRails(s: Statement, notes: Notes): void {
  readStandby(s, notes)
  if (readBothSmall(s, notes)) return
  const together = TOGETHER.test(whole(s)) && !ONLY_LARGE.test(whole(s))
  if (together) readCombined(s, notes)
  if (readBeforeRails(s, notes) || (together && !/A\b/.test(s.value))) return
  for (const rail of RAILS) readRail(s, notes, rail, together)
}

function readRail(
  s: Statement,
  notes: Notes,
  [rail, volts, named]: (typeof RAILS)[number],
  together: boolean,
): void {
  const said = saidOfRail(s, named)
  const [watts, amps] = [valueIn(said, 'W'), valueIn(said, 'A')]
  const byAmps = amps === null ? null : amps * volts
  const isTotal = /\btotal\b/i.test(said) && RAILS.length === railsIn(s)
  const isOfBoth = rail !== 'W12' && (isTotal || isMore(watts, byAmps))
  if (isOfBoth) notes.put(s, 'rails.combined', watts, 'W')
  const own = together || isOfBoth ? null : watts
  notes.put(s, `rails.${rail}`, own ?? byAmps, 'W')
}
/** "+3.3 V 20 A / +5 V 20 A (max 120 W)": more than it gives by itself is what both give. */
const isMore = (watts: number | null, byAmps: number | null): boolean =>
  watts !== null && byAmps !== null && watts > byAmps * ROUNDED_UP

const VOLTAGE = /[+-]?\d+(?:[.,]\d+)?\s?V(?:sb)?\b/gi
const AMPS = /\d+(?:[.,]\d+)?\s?A\b/gi
/**
 * The label of a supply, copied row by row: voltages in one, as many currents in the next.
 */
export function readRailColumns({ statements }: Sheet, notes: Notes): void {
  statements.forEach((s, i) => {
    const heads = whole(s).match(VOLTAGE) ?? []
    const below = statements.slice(i + 1).find(x => whole(x).search(AMPS) >= 0)
    const amps = (below && whole(below).match(AMPS)) ?? []
    const isHead = RAILS.every(([, , named]) => heads.some(h => named.test(h)))
    if (!below || !isHead || heads.length !== amps.length || whole(s).search(AMPS) >= 0) return
    notes.use(s)
    for (const [rail, volts, named] of RAILS) {
      const at = heads.findIndex(h => named.test(h))
      notes.put(
        below,
        `rails.${rail}`,
        plainNumber((amps[at] ?? '').replace(/\s?A$/i, '')) * volts,
        'W',
      )
    }
  })
}

/** "+3.3V/+5V: 20A / 20A (120W)": the currents in the order of the rails, the watts of both together. */
function readBothSmall(s: Statement, notes: Notes): boolean {
  const small = RAILS.slice(1)
  const at = small.map(([, , named]) => s.label.search(named))
  const amps = measuresIn(s.value).filter(m => m.unit === 'A')
  if (at.some(i => i < 0) || amps.length !== small.length || /12\s?V/.test(s.label)) return false
  const inOrder = [...small].sort((a, b) => s.label.search(a[2]) - s.label.search(b[2]))
  inOrder.forEach(([rail, volts], i) => {
    notes.put(s, `rails.${rail}`, (amps[i]?.value ?? NaN) * volts, 'W')
  })
  const watts = measuresIn(s.value).find(m => m.unit === 'W')
  notes.put(s, 'rails.combined', watts?.value, 'W')
  return true
}

/** Where a line tells all rails, the word stands with the figure it is about. */
function readCombined(s: Statement, notes: Notes): void {
  const watts = measuresIn(s.value).filter(m => m.unit === 'W')
  const named = watts.find(
    m =>
      /^\)?\s*(?:max\.? )?(?:combined|together)/i.test(s.value.slice(m.end)) ||
      new RegExp(`(?:${TOGETHER.source})[^\\d]{0,12}$`, 'i').test(s.value.slice(0, m.at)),
  )
  if (named || railsIn(s) < RAILS.length)
    notes.put(s, 'rails.combined', (named ?? watts.at(-1))?.value, 'W')
}

const railsIn = ({ value }: Statement): number =>
  RAILS.filter(([, , rail]) => rail.test(value)).length

/** What is said of a rail: the value under its label, else the words behind its name. */
function saidOfRail(s: Statement, named: RegExp): string {
  if (named.test(s.label)) return s.value.slice(0, nextRail(s.value, 0))
  const m = named.exec(s.value)
  if (!m) return ''
  const behind = m.index + m[0].length
  return s.value.slice(behind, nextRail(s.value, behind))
}

const nextRail = (text: string, from: number): number => {
  const m = /[,/;|]?\s*(?<![\d.,])[+-]?(?:12|5|3[.,]3)\s?V/i.exec(text.slice(from))
  return m ? from + m.index : text.length
}
