// The ports at a case's front: each stands for a lead that hangs from it.
import type { Notes } from './notes'
import { oneOf } from './pattern'
import { phrasesOf } from './phrases'
import type { Statement } from './statements'
import { isAbsent } from './absent'
import { countAround } from './things'

const LABELS = oneOf(
  ...[
    /ports? (?:at the )?front/,
    /front[- ](?:i\/?o|panel|ports?|connectors?|connections?|usb)/,
    /^front$/,
    /i\/o/,
    /^io$/,
    /^panel$/,
    /ports?$/,
  ],
)
const HEADING = /^(?:front )?(?:ports|i\/o|panel|connections)/i
const SPOKEN = oneOf(/front (?:panel|i\/o)/, /^front\b/, /ports?\b/, /^\W*USB.*,/)
const AUDIO = oneOf(/audio/, /headset/, /headphones?/, /microphone/, /mic\b/, /jack/)

const TYPE_C = oneOf(/USB[^,;]*?(?:Type[- ]?C|-C\b)/, /Type[- ]?C/)
const USB_2 = /USB(?:-A)?\s?2(?:\.0)?/i
const USB_3 = oneOf(
  ...[/(?:USB(?:-A)?\s?|Type[- ]?A\s?)(?:3(?:\.\d)?|5\s?G)/, /USB-A\s?3/],
  ...[/Type[- ]?A(?:\s+5\s?G|\b)/, /USB\s+5\s?G/],
)
/** What a phrase may name, the most telling first; a USB port that is no more than that is a 3. */
const PORTS = [
  ['usb-c', TYPE_C],
  ['usb-2', USB_2],
  ['usb-3', USB_3],
  ['usb-3', /USB/i],
] as const

const isAbout = (s: Statement): boolean => {
  if (s.label !== '') return LABELS.test(s.label)
  return HEADING.test(s.under) || (SPOKEN.test(s.value) && /usb|audio|headset/i.test(s.value))
}

/** "4 x USB-A (2 x 3.0, 2 x 2.0)": the brackets tell how many of which. */
const BY_RATE = /\d\s*x\s*USB(?:-A)?\s*\((\d\s*x\s*[23]\.\d(?:[^()]*,\s*\d\s*x\s*[23]\.\d)+)\)/gi
const eachWithName = (_: string, inside: string): string =>
  inside.replace(/(\d\s*x\s*)(?=[23]\.\d)/gi, '$1USB ')

export function readPorts(s: Statement, notes: Notes): void {
  if (!isAbout(s) || /radiator/i.test(s.label)) return
  for (const phrase of phrasesOf(s.value.replace(BY_RATE, eachWithName))) {
    readPort(s, notes, phrase)
    if (AUDIO.test(phrase) && !notes.has('leads.audio-hd')) notes.put(s, 'leads.audio-hd', 1, 'pcs')
  }
}

/** "USB 3.0 (2)". */
const inBrackets = (phrase: string): number | null => {
  const digit = /\((\d)\)/.exec(phrase)?.[1]
  return digit === undefined ? null : Number(digit)
}

function readPort(s: Statement, notes: Notes, phrase: string): void {
  const port = PORTS.find(([, words]) => words.test(phrase))
  const found = port?.[1].exec(phrase)
  if (!port || !found || isAbsent(phrase, found.index)) return
  const named = /USB|Type[- ]?[AC]/i.exec(phrase) ?? found
  const end = Math.max(named.index + named[0].length, found.index + found[0].length)
  notes.count(
    s,
    `leads.${port[0]}`,
    countAround(phrase, named.index, end) ?? inBrackets(phrase) ?? 1,
    phrase,
  )
}
