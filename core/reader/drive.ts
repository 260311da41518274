// A drive's sheet: what it stores on, its shape, its protocol, what it draws at rest, busy and when
// it spins up.
import { generationIn } from './common'
import { firstOf, measuresIn, productIn, spokenIn } from './measures'
import { whole, type Notes } from './notes'
import type { Sheet, Statement } from './statements'

export function readDrive(sheet: Sheet, notes: Notes): void {
  const medium = /optical|dvd|blu-?ray|cd-rom/i.test(sheet.text)
    ? 'optical'
    : /card reader/i.test(sheet.text)
      ? 'cards'
      : /floppy/i.test(sheet.text)
        ? 'floppy'
        : /hard (?:disk|drive)|\bHDD\b|\bRPM\b|rotation|spindle/i.test(sheet.text)
          ? 'disk'
          : /\bSSD\b|solid[- ]state|NVMe|M\.2|read.{0,20}MB\/s|MB\/s.{0,8}read/i.test(sheet.text)
            ? 'flash'
            : null
  const [first] = sheet.statements
  if (first) {
    notes.put(first, 'medium', medium)
    if (medium === 'disk') notes.put(first, 'spins', true)
  }
  for (const s of sheet.statements) {
    readBody(s, notes, medium)
    readWork(s, notes, medium)
  }
}

/** What is more is no thickness of a drive, mm. A named choice. */
const THICKEST = 60

function readBody(s: Statement, notes: Notes, medium: string | null): void {
  const text = whole(s)
  const m2 = /M\.2|\bM2\b/i.test(text)
  if (m2) {
    notes.put(s, 'shape', 'M.2')
    notes.put(s, 'm2.length', /\b(22(?:30|42|60|80)|22110)\b/.exec(text)?.[1] ?? null)
  } else {
    const inch = /\b(2[.,]5|3[.,]5|5[.,]25)\s*(?:"|″|-?\s?inch|in\b)/i
      .exec(text)?.[1]
      ?.replace(',', '.')
    if (inch) notes.put(s, 'shape', inch)
    const high = spokenIn(s.value).find(x => x.axis === 'height' || x.axis === 'thickness')?.value
    if (high !== undefined && high < THICKEST) notes.put(s, 'thickness', high, 'mm')
    const thin =
      high !== undefined
        ? undefined
        : /(?:2[.,]5\s*(?:"|″|-?\s?inch)|thick(?:ness)?|height)\D{0,4}(\d+(?:[.,]\d+)?)\s*mm/i.exec(
            text,
          )?.[1]
    const product = productIn(s.value, s.label)
    if (product && product.values.length === 3 && !m2) {
      notes.put(s, 'length', Math.max(...product.values), 'mm')
      notes.put(s, 'thickness', Math.min(...product.values), 'mm')
    } else if (thin) notes.put(s, 'thickness', Number(thin.replace(',', '.')), 'mm')
    else if (inch === '2.5')
      notes.put(
        s,
        'thickness',
        measuresIn(s.value).find(x => x.unit === 'mm' && x.value < 16)?.value ?? null,
        'mm',
      )
    if (/^length$/i.test(s.label))
      notes.put(s, 'length', firstOf(s.value, 'mm')?.value ?? null, 'mm')
    if (
      medium === 'optical' &&
      (/depth|length/i.test(s.label) || /^(?:depth|length)\b/i.test(s.value))
    )
      notes.put(s, 'length', firstOf(s.value, 'mm')?.value ?? null, 'mm')
  }
  if (/NVMe|PCI(?:e| Express)/i.test(text)) {
    notes.put(s, 'protocol', 'NVMe')
    notes.put(s, 'm2.generation', generationIn(text))
  } else if (/S-?ATA/i.test(text)) notes.put(s, 'protocol', 'SATA')
  else if (/\bUSB\b/i.test(text)) {
    notes.put(s, 'protocol', 'USB')
    notes.put(
      s,
      'usb',
      /lead|cable/i.test(text) ? (firstOf(s.value, 'mm')?.value ?? null) : null,
      'mm',
    )
  } else if (/\b(?:IDE|PATA)\b/.test(text)) notes.put(s, 'protocol', 'IDE')
}

function readWork(s: Statement, notes: Notes, medium: string | null): void {
  const text = whole(s)
  const size = measuresIn(text).find(m => m.unit === 'GB' && m.value >= 1)
  if (size && !/cache|buffer/i.test(text)) notes.put(s, 'gigabytes', size.value, 'GB')
  const speed = measuresIn(s.value).find(m => m.unit === 'MBs')
  if (speed && (!/write/i.test(text) || /read|r\/w/i.test(text)))
    notes.put(s, 'sequential', speed.value, 'MBs')
  const pair = /idle\s*\/\s*(?:operating|active|busy)/i.test(s.label)
  const watts = measuresIn(s.value).filter(m => m.unit === 'W')
  if (pair && watts.length >= 2) {
    notes.put(s, 'rest', watts[0]?.value, 'W')
    notes.put(s, 'busy', watts[1]?.value, 'W')
    return
  }
  for (const w of watts) {
    const before = s.value.slice(Math.max(0, w.at - 14), w.at)
    const near = `${before} ${/[,;]/.test(s.value.slice(w.end, w.end + 1)) ? '' : s.value.slice(w.end, w.end + 10)}`
    const said = /idle|standby|rest|active|operating|busy|max|typical|read|write/i.test(near)
      ? near
      : s.label
    if (/idle|standby|at rest/i.test(said)) {
      if (w.value >= 0.1) notes.put(s, 'rest', w.value, 'W')
    } else if (
      s.line === 1 ||
      /power|active|operating|busy|max|consumption|typical/i.test(`${said} ${s.label}`)
    )
      notes.put(s, 'busy', w.value, 'W')
  }
  if (medium === 'disk' && /start|spin-?up/i.test(text))
    notes.put(
      s,
      /(?<![\d.])5\s?V\b/.test(text) && !/12\s?V\b/.test(text) ? 'start.A5' : 'start.A12',
      firstOf(s.value, 'A')?.value ?? null,
      'A',
    )
}
