// A sheet of lights: volts, number, amps, lead.
import { leadIn } from './common'
import { valueIn } from './measures'
import { whole, type Notes } from './notes'
import { choiceIn } from './pattern'
import type { Sheet, Statement } from './statements'
import { wordNumber } from './things'

export const LIT_FACES: readonly (readonly [RegExp, string])[] = [
  [/5\s?V\b|addressable|A-?RGB/i, 'light-5'],
  [/12\s?V\b/i, 'light-12'],
]
export const VOLTS_OF: Readonly<Record<string, number>> = { 'light-12': 12, 'light-5': 5 }

export function readLight(sheet: Sheet, notes: Notes): void {
  for (const s of sheet.statements) notes.put(s, 'face', choiceIn(whole(s), LIT_FACES))
  for (const s of sheet.statements) {
    notes.put(s, 'lights', countIn(s), 'pcs')
    notes.put(s, 'amps', ampsOf(s, VOLTS_OF[String(notes.value('face'))]), 'A')
    notes.put(s, 'lead', leadIn(s), 'mm')
    notes.put(s, 'pack', stripsIn(s), 'pcs')
  }
}

/** "2 magnetic strips", "2x LED strip": so many are in the pack. */
const STRIPS = /(?<![\d.])([2-9]|two|three|four)\s*x?\s+(?:[a-z]+ ){0,2}strips?\b/i
function stripsIn(s: Statement): number | null {
  const many = STRIPS.exec(s.value)?.[1]
  return many === undefined ? null : (wordNumber(many) ?? Number(many))
}

const LEDS = new RegExp(
  [
    String.raw`(\d{1,3}|six|eight|nine|ten|twelve)\s*(?:(?:addressable |A?RGB )?LEDs\b|x\s*(?:A?RGB )?LED\b`,
    String.raw`(?:addressable|A?RGB) LED\b(?! strip))`,
  ].join('|'),
  'i',
)
export function countIn(s: Statement): number | null {
  const labelled = /LEDs?|lights/i.test(s.label)
    ? /^\s*(\d{1,3})(?![.,\d]|\s*(?:m?A|W|V|mm|cm)\b)/.exec(s.value)?.[1]
    : undefined
  const leds = LEDS.exec(s.value)?.[1] ?? labelled
  return leds === undefined ? null : (wordNumber(leds) ?? Number(leds))
}

export function ampsOf(s: Statement, volts: number | undefined): number | null {
  const watts = valueIn(s.value, 'W')
  const worked = watts === null || volts === undefined ? null : watts / volts
  return valueIn(s.value, 'A') ?? worked
}
