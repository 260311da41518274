// A sheet of lights: volts, number, amps, lead.
import { leadIn } from './common'
import { firstOf } from './measures'
import { whole, type Notes } from './notes'
import type { Sheet } from './statements'

export function readLight(sheet: Sheet, notes: Notes): void {
  for (const s of sheet.statements) {
    const text = whole(s)
    if (/5\s?V\b/i.test(text) || /addressable|A-?RGB/i.test(text)) notes.put(s, 'face', 'light-5')
    else if (/12\s?V\b/i.test(text)) notes.put(s, 'face', 'light-12')
  }
  for (const s of sheet.statements) {
    const leds =
      /(\d{1,3})\s*(?:(?:addressable |A?RGB )?LEDs\b|x\s*(?:A?RGB )?LED\b|(?:addressable|A?RGB) LED\b(?! strip))/i.exec(
        s.value,
      )?.[1] ??
      (/LEDs?|lights/i.test(s.label)
        ? /^\s*(\d{1,3})(?![.,\d]|\s*(?:m?A|W|V|mm|cm)\b)/.exec(s.value)?.[1]
        : undefined)
    if (leds) notes.put(s, 'lights', Number(leds), 'pcs')
    const volts =
      notes.value('face') === 'light-12' ? 12 : notes.value('face') === 'light-5' ? 5 : null
    const watts = firstOf(s.value, 'W')?.value
    notes.put(
      s,
      'amps',
      firstOf(s.value, 'A')?.value ??
        (watts === undefined || volts === null ? null : watts / volts),
      'A',
    )
    notes.put(s, 'lead', leadIn(s), 'mm')
  }
}
