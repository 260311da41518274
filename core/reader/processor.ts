// A processor's sheet: its socket, whether it draws a picture, memory and speeds, lanes, the power
// that lasts.
import { socketsIn } from './common'
import { firstOf } from './measures'
import { whole, type Notes } from './notes'
import { speedsByModules, speedsIn } from './speeds'
import type { Sheet, Statement } from './statements'
import { leadingNumber } from './things'

export function readProcessor(sheet: Sheet, notes: Notes): void {
  for (const s of sheet.statements) {
    const text = whole(s)
    const named = /socket\s*(?:type)?\s*:?\s*([A-Z][A-Z0-9]+(?:[- ]?\d+[A-Z]?)?)/i.exec(text)?.[1]
    const socket =
      named && /\d/.test(named)
        ? named
        : /socket|package/i.test(s.label) && !/power/i.test(s.label)
          ? socketsIn(s.value)[0]
          : undefined
    if (socket) notes.put(s, 'socket', socket)
    else
      notes.put(
        s,
        'socket',
        s.line <= 3 && s.label === ''
          ? /(?:\bfor |^)([A-Z]{2,}-\d+[A-Z]?)(?=\s|$)/.exec(text)?.[1]
          : null,
      )
    readPicture(s, notes)
    const type = [...text.matchAll(/DDR[2-5]/gi)]
      .filter(m => !/^\S*\s*(?:is )?not supported/i.test(text.slice(m.index)))
      .map(m => m[0].toUpperCase())
    if (type.length > 0) notes.put(s, 'memory', [...new Set(type)])
    const fast = /memory|ddr/i.test(text)
      ? [
          ...speedsIn(text),
          ...[...text.matchAll(/DDR\d\s+((?:\d{3,5}\s*\/?\s*)+)/gi)].flatMap(m =>
            (m[1]?.match(/\d{3,5}/g) ?? []).map(Number),
          ),
        ]
      : []
    const byModules = speedsByModules(text)
    if (byModules.size > 0)
      [...byModules].forEach(([modules, speed], i) => {
        notes.put(s, `speeds.${i}.modules`, modules, 'pcs')
        notes.put(s, `speeds.${i}.speed`, speed, 'MTs')
      })
    else if (fast.length > 0) notes.put(s, 'speeds.0.speed', Math.max(...fast), 'MTs')
    if (/lanes/i.test(s.label))
      notes.put(s, 'lanes', firstOf(s.value, 'pcs')?.value ?? leadingNumber(s.value), 'pcs')
    else {
      const lanes = /(\d+)\s*(?:x\s*)?(?:PCI(?:e|-E| Express)?(?: \d\.0)? )?lanes/i.exec(
        /PCI/i.test(text) ? s.value : '',
      )?.[1]
      if (lanes) notes.put(s, 'lanes', Number(lanes), 'pcs')
    }
    if (/^PCI/i.test(s.label))
      notes.put(
        s,
        'lanes',
        leadingNumber(/^\d(?:\.\d)?\s*x\s?(\d\d)$/.exec(s.value)?.[1] ?? ''),
        'pcs',
      )
    readLimit(s, notes)
  }
}

function readPicture(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (!/graphics|\bi?GPU\b/i.test(text)) return
  if (/discrete|required|\bno\b|without|none/i.test(s.label === '' ? text : s.value))
    notes.put(s, 'picture', false)
  else if (
    /integrated|processor graphics|onboard|yes|included|graphics (?:model|cores?)/i.test(text)
  )
    notes.put(s, 'picture', true)
}

/**
 * The limit that lasts: the highest that is promised to last; a cooling class alone is doubtful.
 */
function readLimit(s: Statement, notes: Notes): void {
  const text = whole(s)
  const limit =
    /(?:PPT|turbo power|power limit|sustained|package power|PL2|maximum power)[^\d]{0,24}(\d+(?:[.,]\d+)?)\s*W/i.exec(
      text,
    ) ?? /(\d+(?:[.,]\d+)?)\s*W\s*(?:PPT|PL2|turbo|sustained)/i.exec(text)
  if (limit?.[1]) {
    notes.put(s, 'power.sustained', Number(limit[1].replace(',', '.')), 'W')
    return
  }
  const w = firstOf(s.value, 'W')
  if (w && /TDP|base power/i.test(text))
    notes.doubt(
      s,
      'power.sustained',
      w.value,
      'W',
      'this is the cooling class; the limit that lasts may be higher',
    )
}
