// A hub's sheet: what it serves, how many outlets, where it takes power and signal from, amps in
// all.
import { firstOf, measuresIn } from './measures'
import { whole, type Notes } from './notes'
import { phrasesOf, type Sheet, type Statement } from './statements'
import { countAround, leadingCount } from './things'

export function readHub(sheet: Sheet, notes: Notes): void {
  const serves = /\bfans?\b/i.test(sheet.text)
    ? 'fans'
    : /\bA?RGB\b|LED|light/i.test(sheet.text)
      ? 'lights'
      : /\bUSB\b/i.test(sheet.text)
        ? 'USB'
        : null
  const [first] = sheet.statements
  if (first) notes.put(first, 'serves', serves)
  const face =
    serves === 'fans'
      ? 'fan-4'
      : serves === 'lights'
        ? /12\s?V/.test(sheet.text)
          ? 'light-12'
          : 'light-5'
        : /USB\s?3(?![-\d])/.test(sheet.text)
          ? 'usb-3'
          : 'usb-2'
  for (const s of sheet.statements) {
    const text = whole(s)
    if (
      /output|channel|connectors?$|ports?$|headers?$/i.test(s.label) &&
      !/power|total|interface/i.test(s.label)
    ) {
      const m = /4[- ]?pin|3[- ]?pin|PWM|header/i.exec(s.value)
      notes.put(
        s,
        `outlets.${face}`,
        (m ? countAround(s.value, m.index, m.index + m[0].length) : null) ?? leadingCount(s.value),
        'pcs',
      )
    }
    const named = /\b(\d{1,2})[- ]?(?:port|way|channel|fan)s?\b/i.exec(
      s.label === '' ? s.value : '',
    )?.[1]
    if (named) notes.put(s, `outlets.${face}`, Number(named), 'pcs')
    if (serves === 'fans' || serves === 'lights') readSync(s, notes, serves)
    const spoken =
      s.label === '' && !named && !/A?RGB|\bLED/i.test(s.value)
        ? /(?:fan|light|led|usb)?\s*(?:outputs?|channels?|connectors?|sockets?|ports)/i.exec(
            s.value,
          )
        : null
    if (spoken && !/power/i.test(s.value))
      notes.put(
        s,
        `outlets.${face}`,
        countAround(s.value, spoken.index, spoken.index + spoken[0].length),
        'pcs',
      )
    if (/power|input/i.test(s.label === '' ? s.value : s.label) && /SATA/i.test(s.value))
      notes.put(s, 'inlets.sata-power', 1, 'pcs')
    else if (/power/i.test(s.label) && /molex/i.test(s.value))
      notes.put(s, 'inlets.drive-4', 1, 'pcs')
    if (
      serves === 'fans' &&
      /PWM (?:sync|input|signal|control)|(?:to|from) (?:the )?(?:motherboard|mainboard|board)|(?:mother|main)?board inputs?/i.test(
        text,
      ) &&
      /4[- ]?pin|PWM/i.test(text)
    )
      notes.put(s, 'inlets.fan-4', 1, 'pcs')
    if (
      serves === 'USB' &&
      (/^(?:upstream|input|host|connection)$/i.test(s.label) ||
        (s.label === '' && /^(?:connects?|plugs?) (?:to|into)\b/i.test(s.value)))
    )
      notes.put(s, `inlets.${/USB\s?3/.test(s.value) ? 'usb-3' : 'usb-2'}`, 1, 'pcs')
    if (/\bUSB\s?2/i.test(text) && /internal|interface|header/i.test(text) && serves !== 'USB')
      notes.put(s, 'inlets.usb-2', 1, 'pcs')
    if (/current|total|output/i.test(s.label === '' ? s.value : s.label)) {
      const a = totalIn(s.value)
      const w = firstOf(s.value, 'W')?.value
      notes.put(
        s,
        'amps',
        a ?? (w === undefined ? null : w / (serves === 'lights' && face === 'light-5' ? 5 : 12)),
        'A',
      )
    }
  }
}

/**
 * Lights by the phrases that name them: what comes from the board, and what goes out of a hub for
 * fans.
 */
function readSync(s: Statement, notes: Notes, serves: 'fans' | 'lights'): void {
  for (const phrase of phrasesOf(s.value)) {
    const m = /A-?RGB/i.exec(phrase)
    const named = /A-?RGB/i.test(s.label)
    if (!m && !named) continue
    const n = m ? countAround(phrase, m.index, m.index + m[0].length) : leadingCount(phrase)
    if (/\binputs?\b|from (?:the )?(?:mother|main)?board/i.test(whole(s)))
      notes.put(s, 'inlets.light-5', n ?? 1, 'pcs')
    else if (
      serves === 'fans' &&
      n !== null &&
      /ports?|outputs?|headers?|channels?|sockets?/i.test(whole(s))
    )
      notes.put(s, 'outlets.light-5', n, 'pcs')
  }
}

/**
 * Amps of all outlets together: what a word says is the total, else the only figure there is; one
 * outlet's are not.
 */
function totalIn(text: string): number | null {
  const amps = measuresIn(text).filter(m => m.unit === 'A')
  const total = amps.find(
    m =>
      /^\s*(?:in )?(?:total|together|combined)/i.test(text.slice(m.end)) ||
      /(?:total|together|combined)\D{0,14}$/i.test(text.slice(0, m.at)),
  )
  return (
    (
      total ??
      amps.find(
        m =>
          !/^\s*(?:per|each|\/)\s*(?:channel|port|outlet|fan|header)?/i.test(text.slice(m.end)) &&
          !/(?:per|each)\D{0,14}$/i.test(text.slice(0, m.at)),
      )
    )?.value ?? null
  )
}
