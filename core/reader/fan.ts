// A fan's sheet: its frame, its plug, its amps, its lead.
import { ampsIn, flowIn, leadIn } from './common'
import { readBesideLights } from './lit'
import { valueIn } from './measures'
import { productIn, spokenIn } from './sides'
import { whole, type Notes } from './notes'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'

export function readFan(sheet: Sheet, notes: Notes): void {
  const hasOwn = sheet.statements.some(
    s => !OF_CONTROLLER.test(s.label) && OWN_PLUG.test(whole(s).replace(OF_USB, '')),
  )
  const read = (s: Statement): void => {
    readSize(s, notes)
    readPlug(s, notes, hasOwn)
    readAmps(s, notes)
    notes.put(s, 'lead', leadIn(s), 'mm')
    notes.put(s, 'flow', flowIn(s.value), 'm3h')
  }
  readBesideLights(sheet, { notes, path: 'lights', read })
}

const START = /start(?:ing|[- ]?up)?\b|inrush|peak/i
/** "0.18 A rated (0.28 A max at start)": what stands in brackets is another current. */
const BRACKETS = /\s*\(([^()]*)\)/g
function readAmps(s: Statement, notes: Notes): void {
  const phrases = phrasesOf(
    s.value.replace(BRACKETS, (all, inner: string) => (START.test(inner) ? `, ${inner}` : all)),
  )
  const own = phrases.filter(phrase => !START.test(phrase))
  if (START.test(s.label)) {
    notes.put(s, 'startAmps', valueIn(s.value, 'A'), 'A')
    return
  }
  const start = phrases.find(phrase => START.test(phrase))
  if (start) notes.put(s, 'startAmps', valueIn(start, 'A'), 'A')
  const isAbout = /current|power|input|rated|consumption|amp|voltage/i.test(s.label)
  if (isAbout || s.label === '' || s.line === 1) notes.put(s, 'amps', mostIn(s, own), 'A')
}

/** "(max 0.2 A)", "/ 0.16 A max". */
const MOST = /\(\s*max\.?[^()]*\)|(?:\/|,)\s*[\d.,]+\s*m?A max\b/i
/** Of a typical current and the most it draws the most counts: "0.13 A (max 0.2 A)". */
function mostIn(s: Statement, own: readonly string[]): number | null {
  const most = valueIn(MOST.exec(s.value)?.[0] ?? '', 'A')
  return most ?? ampsIn(own.join(', '))
}

function readSize(s: Statement, notes: Notes): void {
  readBareSize(s, notes)
  const product = productIn(s.value, s.label)
  const frame = /\b(40|60|80|92|120|140|200)\s*mm\b/i.exec(s.value)?.[1]
  if (product?.values.length === 3) {
    notes.put(s, 'size', String(Math.round(Math.max(...product.values))))
    notes.put(s, 'thickness', Math.min(...product.values), 'mm')
  } else if (!product && !OF_ITS_LEAD.test(whole(s))) notes.put(s, 'size', frame)
  const thick = /thick/i.test(s.label)
    ? valueIn(s.value, 'mm')
    : spokenIn(s.value).find(x => x.axis === 'thickness')?.value
  notes.put(s, 'thickness', thick, 'mm')
}

const OF_ITS_LEAD = /^(?:[a-z]+ )?(?:cable|lead|thick)/i

/** "200x200x30": a square frame and its thickness need no unit. */
function readBareSize(s: Statement, notes: Notes): void {
  const [, frame, thick] =
    /(?<![\d.])(40|60|80|92|120|140|200)\s*x\s*\1\s*x\s*(\d{2})(?![\d.])/i.exec(s.value) ?? []
  if (frame === undefined) return
  notes.put(s, 'size', frame)
  notes.put(s, 'thickness', Number(thick), 'mm')
}

/** A plug of the maker’s own: what is said of pins and signals is of its controller. */
const OWN_PLUG = /\b[5-9][- ]?pin\b|proprietary|own (?:plug|connector)/i
const OF_CONTROLLER = /^(?:fan )?(?:controller|hub)\b/i
/** "USB 2.0 9-pin" is a plug of its controller. */
const OF_USB = /\bUSB[^,;]*/gi
const DENIED = /\b(?:no|not|without)\s+(?:an? )?(?:[34][- ]?pins?|PWM)\b/gi

function readPlug(s: Statement, notes: Notes, hasOwn: boolean): void {
  if (hasOwn || OF_CONTROLLER.test(s.label)) return
  const text = whole(s).replace(DENIED, '')
  const pins = /\b([34])[- ]?(?:pins?|wires?)\b/i.exec(text)?.[1]
  const counted = /^(?:number of )?pins$/i.test(s.label) ? /^[34]$/.exec(s.value)?.[0] : undefined
  if (counted) notes.put(s, 'face', `fan-${counted}`)
  else if (pins) notes.put(s, 'face', `fan-${pins}`)
  else if (/\bPWM\b/.test(text) && !/hub|speed/i.test(s.label)) notes.put(s, 'face', 'fan-4')
}
