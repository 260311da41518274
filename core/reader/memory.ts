// A memory kit's sheet: its generation, modules, speed, volts, height, whether it is registered.
import { firstOf, measuresIn, plainNumber, spokenIn } from './measures'
import { isNo, whole, type Notes } from './notes'
import { speedsIn } from './speeds'
import type { Sheet } from './statements'
import { leadingNumber } from './things'

export function readMemory(sheet: Sheet, notes: Notes): void {
  const plain = !/registered|RDIMM/i.test(sheet.text)
  for (const s of sheet.statements) {
    const text = whole(s)
    const type = /DDR[2-5]|SIMM-?\d\d/i.exec(text)?.[0]
    if (type) notes.put(s, 'type', type.toUpperCase())
    const kit = /(\d)\s*(?:[x×]|modules? of)\s*(\d+(?:[.,]\d+)?)\s*(GB|MB)/i.exec(text)
    const turned = kit ? null : /(\d+(?:[.,]\d+)?)\s*(GB|MB)\s*[x×*]\s*(\d)\b/i.exec(text)
    if (turned) {
      notes.put(s, 'modules', Number(turned[3]), 'pcs')
      notes.put(
        s,
        'each',
        plainNumber(turned[1] ?? '') * (/mb/i.test(turned[2] ?? '') ? 0.001 : 1),
        'GB',
      )
    }
    if (kit) {
      notes.put(s, 'modules', Number(kit[1]), 'pcs')
      notes.put(s, 'each', Number(kit[2]) * (/mb/i.test(kit[3] ?? '') ? 0.001 : 1), 'GB')
    }
    if (/module count|modules$|number of modules/i.test(s.label))
      notes.put(s, 'modules', leadingNumber(s.value), 'pcs')
    if (/per module|module (?:size|capacity)/i.test(s.label))
      notes.put(s, 'each', firstOf(s.value, 'GB')?.value ?? null, 'GB')
    const fast = speedsIn(text)
    if (fast.length > 0) notes.put(s, 'speed', Math.max(...fast), 'MTs')
    const volts = firstOf(s.value, 'V')
    if (volts && volts.value < 6) notes.put(s, 'volts', volts.value, 'V')
    if (/height|low[- ]profile/i.test(text))
      notes.put(
        s,
        'height',
        measuresIn(
          s.label === '' || !/height|profile/i.test(s.label)
            ? s.value.slice(Math.max(0, s.value.search(/height/i)))
            : s.value,
        ).find(m => m.unit === 'mm')?.value ?? null,
        'mm',
      )
    else
      notes.put(s, 'height', spokenIn(s.value).find(x => x.axis === 'height')?.value ?? null, 'mm')
    if (/registered|buffered/i.test(s.label))
      notes.put(s, 'buffered', /unbuffered|un-?registered/i.test(s.value) ? false : !isNo(s.value))
    else if (/\bRDIMM\b|registered/i.test(text)) notes.put(s, 'buffered', true)
    else if (plain && /\bUDIMM\b|unbuffered/i.test(text)) notes.put(s, 'buffered', false)
  }
}
