// A liquid cooler's sheet: radiator, fans, tubes, pump, its USB lead.
import { RADIATORS, RADIATOR_SIZE } from '../standards/modules'
import { ampsIn, fanPlugIn, flowIn, leadIn } from './common'
import { valueIn } from './measures'
import { productIn } from './sides'
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { countOf, leadingCount } from './things'

/**
 * Named choice: how far a radiator's length and width lie from its class's usual ones at most, mm.
 */
const SLACK = 20
function classOf(values: readonly number[]): string | null {
  const [, width = 0, length = 0] = [...values].sort((x, y) => x - y)
  return (
    RADIATORS.find(
      c =>
        Math.abs(length - RADIATOR_SIZE[c].length) <= SLACK &&
        Math.abs(width - RADIATOR_SIZE[c].width) <= SLACK,
    ) ?? null
  )
}

/** Whether a cooler's sheet is that of a liquid one. */
export const isLiquid = ({ text }: Sheet): boolean =>
  /radiator|all[- ]in[- ]one|\bAIO\b|liquid|water cooling/i.test(text)

export function readLiquid(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/radiator(?! fans?\b)/i.test(text) || /^rad\.?$/i.test(s.label)) readRadiator(s, notes)
  if (TUBE.test(text)) notes.put(s, 'liquid.tube', valueIn(saidOf(s, TUBE), 'mm'), 'mm')
  if (/pump/i.test(text)) {
    const value = withoutFans(s)
    notes.put(s, 'liquid.pump.face', fanPlugIn(value))
    notes.put(s, 'liquid.pump.amps', ampsIn(value), 'A')
    notes.put(s, 'liquid.pump.lead', leadIn(s), 'mm')
    const beside = fansBeside(s)
    if (beside !== undefined) readFans({ ...s, label: '', value: beside }, notes)
  } else if (/\bfans?\b/i.test(text) && !/radiator(?! fans?\b)/i.test(s.label)) readFans(s, notes)
  if (NO_FANS.test(text)) notes.put(s, 'liquid.fans', 0, 'pcs')
  if (/USB/i.test(text)) notes.put(s, 'liquid.usb', usbLead(s) ?? !isNo(s.value))
}

const TUBE = /tubes?|tubing|hoses?/i
/** What of a line is about a thing: all where its label names it, else the phrases that do. */
const saidOf = ({ label, value }: Statement, named: RegExp): string => {
  const phrases = phrasesOf(value)
  return named.test(label) || phrases.length < 3
    ? value
    : phrases.filter(phrase => named.test(phrase)).join(', ')
}

/** A cooler that comes without them; "27 mm without fans" only tells a size. */
const NO_FANS =
  /\bno fans\b|\bfans?\b\W*(?:are |is )?(?:not included|sold separately|none\b|bring your own)/i

/** "Radiator with pump block, 3 x 140 mm fans": of a line that is about the pump, what is of the fans. */
const fansBeside = ({ value }: Statement): string | undefined =>
  phrasesOf(value).find(
    phrase => /^\d\s*[x×]\s*\d{2,3}\s*mm\b[^(]*\bfans\b/i.test(phrase) && !/pump/i.test(phrase),
  )

/** "Radiator with pump block, 3 x 140 mm fans (PWM)": the fans' plug is not the pump's. */
const withoutFans = ({ label, value }: Statement): string =>
  /pump/i.test(label)
    ? value
    : phrasesOf(value)
        .filter(phrase => /pump/i.test(phrase) || !/\bfans\b|\d ?mm fan/i.test(phrase))
        .join(', ')

/** The length of its USB lead; another length in the line is that of something else. */
const usbLead = (s: Statement): number | null =>
  /USB|cable|lead/i.test(s.label) || /cable|lead|cord/i.test(s.value)
    ? valueIn(saidOf(s, /USB|cable|lead|cord/i), 'mm')
    : null

/** Sizes written as a product, however many. */
const PRODUCTS = /\d+(?:[.,]\d+)?\s*(?:mm)?(?:\s*[x×]\s*\d+(?:[.,]\d+)?\s*(?:mm)?){1,2}/gi
const BARE_SIDES = /(\d{3}(?:\.\d)?\s*x\s*\d{3}(?:\.\d)?\s*x\s*\d{2}(?:\.\d)?)(?![\d.])/i
function readRadiator(s: Statement, notes: Notes): void {
  // "276x120x27": a radiator's three sides are in mm where nobody says so.
  const product = productIn(s.value, s.label) ?? productIn(s.value.replace(BARE_SIDES, '$1 mm'))
  const rest = s.value.replace(PRODUCTS, '').replace(/\d+\s*mm fans?/gi, '')
  const size =
    /\b(120|240|280|360|420)\b(?:\s*mm)?/.exec(rest)?.[1] ??
    /\b(120|240|280|360|420)\b/.exec(s.label)?.[1]
  if (size) notes.put(s, 'liquid.radiator', size)
  else if (product)
    notes.doubt(
      s,
      { path: 'liquid.radiator', value: classOf(product.values) },
      'worked out from the radiator’s length',
    )
  if (product?.values.length !== 3) return
  notes.put(s, 'liquid.length', product.values[0], 'mm')
  notes.put(s, 'liquid.width', product.values[1], 'mm')
  notes.put(s, 'liquid.thickness', product.values[2], 'mm')
}

/** "120 x 120 x 25 mm *3", "120 x 120 x 25 mm (3 pcs)". */
function countBehind({ value }: Statement): number | null {
  const digit = /mm\s*(?:[x×*]\s*(\d)|\(\s*(\d)\s*(?:pcs|pieces)\.?\s*\))\s*$/i
    .exec(value)
    ?.slice(1)
    .find(Boolean)
  return digit === undefined ? null : Number(digit)
}

/** "Its 397 x 120 x 27 mm radiator carries three fans": the sides of the radiator are no frames. */
const OF_THE_RADIATOR =
  /(?<![\d.])(?:1[5-9]|[2-4]\d)\d(?:\.\d)?\s*(?:mm)?\s*x\s*\d{2,3}\s*(?:mm)?\s*x\s*\d{2}(?:\.\d)?\s*(?:mm)?/gi

/** How many fans a line counts, of a frame or of none. */
function manyIn(s: Statement, frame: RegExpExecArray | null): number | null {
  const spoken = /\bfan count\s*:?\s*(\d)\b/i.exec(s.value) ?? /^(\d) fans\b/i.exec(s.label)
  if (spoken?.[1]) return Number(spoken[1])
  if (/number of fans|fan count|fans? included/i.test(s.label)) return leadingCount(s.value)
  const named = frame ?? /fans?/i.exec(s.value)
  const count = named && (countOf(s.value, named) ?? countBehind(s) ?? leadingCount(s.value))
  // "120 x 25" is a frame and how thick it is.
  return count !== null && count <= MOST_FANS ? count : null
}
/** Named choice: no radiator carries more fans, on both its sides. */
const MOST_FANS = 8

function readFans(line: Statement, notes: Notes): void {
  const s = { ...line, value: line.value.replace(OF_THE_RADIATOR, ' ') }
  notes.use(line)
  const frame = /(?<!\d)(80|92|120|140)(?=\s*mm|\s*[x×]\s*\d)/i.exec(s.value)
  notes.put(s, 'liquid.fans', manyIn(s, frame), 'pcs')
  if (frame?.[1]) notes.put(s, 'liquid.fans.size', frame[1])
  notes.put(s, 'liquid.fans.face', fanPlugIn(s.value))
  notes.put(s, 'liquid.fans.amps', ampsIn(s.value), 'A')
  notes.put(s, 'liquid.fans.flow', flowIn(s.value), 'm3h')
  const deep = productIn(s.value.replace(/^\s*\d\s*x\s+(?=\d{2,3}\s*x)/i, ''), s.label)
  if (deep?.values.length === 3 && deep.values[0] === deep.values[1])
    notes.put(s, 'liquid.fans.thickness', Math.min(...deep.values), 'mm')
}
