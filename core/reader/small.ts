// Sheets of processors, memory, drives, fans, hubs and lights: short, and each said in one file.
import { generationIn, socketsIn } from './common'
import { speedsIn } from './board'
import { ampsIn } from './cooler'
import { firstOf, measuresIn, plainNumber, productIn, spokenIn } from './measures'
import { isNo, whole, type Notes } from './notes'
import { phrasesOf, type Sheet, type Statement } from './statements'
import { countAround, leadingCount } from './things'

export function readProcessor(sheet: Sheet, notes: Notes): void {
  for (const s of sheet.statements) {
    const text = whole(s)
    const named = /socket\s*(?:type)?\s*:?\s*([A-Z][A-Z0-9]+(?:[- ]?\d+[A-Z]?)?)/i.exec(text)?.[1]
    const socket = named && /\d/.test(named) ? named : /socket|package/i.test(s.label) && !/power/i.test(s.label) ? socketsIn(s.value)[0] : undefined
    if (socket) notes.put(s, 'socket', socket)
    else notes.put(s, 'socket', s.line <= 3 && s.label === '' ? /(?:\bfor |^)([A-Z]{2,}-\d+[A-Z]?)(?=\s|$)/.exec(text)?.[1] : null)
    readPicture(s, notes)
    const type = [...text.matchAll(/DDR[2-5]/gi)].filter(m => !/^\S*\s*(?:is )?not supported/i.test(text.slice(m.index))).map(m => m[0].toUpperCase())
    if (type.length > 0) notes.put(s, 'memory', [...new Set(type)])
    const fast = /memory|ddr/i.test(text) ? [...speedsIn(text), ...[...text.matchAll(/DDR\d\s+((?:\d{3,5}\s*\/?\s*)+)/gi)].flatMap(m => (m[1]?.match(/\d{3,5}/g) ?? []).map(Number))] : []
    // "2x1R DDR5-5200, 4x2R DDR5-3600": a speed for each number of modules, the slower where ranks differ.
    const byModules = new Map<number, number>()
    for (const m of text.matchAll(/DDR\d[- ](\d{3,5})[^,;()]{0,6}\(\s*([1248])\s*(?:x\s*)?(?:DIMM|module|stick)s?\s*\)/gi)) byModules.set(Number(m[2]), Number(m[1]))
    for (const m of text.matchAll(/\b([1248])\s*[x×]\s*(?:[1248]R\s*)?(?:DDR\d[- ])(\d{3,5})/gi)) byModules.set(Number(m[1]), Math.min(byModules.get(Number(m[1])) ?? Infinity, Number(m[2])))
    if (byModules.size > 0) [...byModules].forEach(([modules, speed], i) => { notes.put(s, `speeds.${i}.modules`, modules, 'pcs'); notes.put(s, `speeds.${i}.speed`, speed, 'MTs') })
    else if (fast.length > 0) notes.put(s, 'speeds.0.speed', Math.max(...fast), 'MTs')
    if (/lanes/i.test(s.label)) notes.put(s, 'lanes', firstOf(s.value, 'pcs')?.value ?? leadingNumber(s.value), 'pcs')
    else { const lanes = /(\d+)\s*(?:x\s*)?(?:PCI(?:e|-E| Express)?(?: \d\.0)? )?lanes/i.exec(/PCI/i.test(text) ? s.value : '')?.[1]; if (lanes) notes.put(s, 'lanes', Number(lanes), 'pcs') }
    if (/^PCI/i.test(s.label)) notes.put(s, 'lanes', leadingNumber(/^\d(?:\.\d)?\s*x\s?(\d\d)$/.exec(s.value)?.[1] ?? ''), 'pcs')
    readLimit(s, notes)
  }
}
const leadingNumber = (text: string): number | null => { const m = /\d+/.exec(text); return m ? Number(m[0]) : null }

function readPicture(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (!/graphics|\bi?GPU\b/i.test(text)) return
  if (/discrete|required|\bno\b|without|none/i.test(s.label === '' ? text : s.value)) notes.put(s, 'picture', false)
  else if (/integrated|processor graphics|onboard|yes|included|graphics (?:model|cores?)/i.test(text)) notes.put(s, 'picture', true)
}

/** The limit that lasts: the highest that is promised to last; a cooling class alone is doubtful. */
function readLimit(s: Statement, notes: Notes): void {
  const text = whole(s)
  const limit = /(?:PPT|turbo power|power limit|sustained|package power|PL2|maximum power)[^\d]{0,24}(\d+(?:[.,]\d+)?)\s*W/i.exec(text) ?? /(\d+(?:[.,]\d+)?)\s*W\s*(?:PPT|PL2|turbo|sustained)/i.exec(text)
  if (limit?.[1]) { notes.put(s, 'power.sustained', Number(limit[1].replace(',', '.')), 'W'); return }
  const w = firstOf(s.value, 'W')
  if (w && /TDP|base power/i.test(text)) notes.doubt(s, 'power.sustained', w.value, 'W', 'this is the cooling class; the limit that lasts may be higher')
}

export function readMemory(sheet: Sheet, notes: Notes): void {
  const plain = !/registered|RDIMM/i.test(sheet.text)
  for (const s of sheet.statements) {
    const text = whole(s)
    const type = /DDR[2-5]|SIMM-?\d\d/i.exec(text)?.[0]
    if (type) notes.put(s, 'type', type.toUpperCase())
    const kit = /(\d)\s*(?:[x×]|modules? of)\s*(\d+(?:[.,]\d+)?)\s*(GB|MB)/i.exec(text)
    const turned = kit ? null : /(\d+(?:[.,]\d+)?)\s*(GB|MB)\s*[x×*]\s*(\d)\b/i.exec(text)
    if (turned) { notes.put(s, 'modules', Number(turned[3]), 'pcs'); notes.put(s, 'each', plainNumber(turned[1] ?? '') * (/mb/i.test(turned[2] ?? '') ? 0.001 : 1), 'GB') }
    if (kit) { notes.put(s, 'modules', Number(kit[1]), 'pcs'); notes.put(s, 'each', Number(kit[2]) * (/mb/i.test(kit[3] ?? '') ? 0.001 : 1), 'GB') }
    if (/module count|modules$|number of modules/i.test(s.label)) notes.put(s, 'modules', leadingNumber(s.value), 'pcs')
    if (/per module|module (?:size|capacity)/i.test(s.label)) notes.put(s, 'each', firstOf(s.value, 'GB')?.value ?? null, 'GB')
    const fast = speedsIn(text)
    if (fast.length > 0) notes.put(s, 'speed', Math.max(...fast), 'MTs')
    const volts = firstOf(s.value, 'V')
    if (volts && volts.value < 6) notes.put(s, 'volts', volts.value, 'V')
    if (/height|low[- ]profile/i.test(text)) notes.put(s, 'height', measuresIn(s.label === '' || !/height|profile/i.test(s.label) ? s.value.slice(Math.max(0, s.value.search(/height/i))) : s.value).find(m => m.unit === 'mm')?.value ?? null, 'mm')
    else notes.put(s, 'height', spokenIn(s.value).find(x => x.axis === 'height')?.value ?? null, 'mm')
    if (/registered|buffered/i.test(s.label)) notes.put(s, 'buffered', /unbuffered|un-?registered/i.test(s.value) ? false : !isNo(s.value))
    else if (/\bRDIMM\b|registered/i.test(text)) notes.put(s, 'buffered', true)
    else if (plain && /\bUDIMM\b|unbuffered/i.test(text)) notes.put(s, 'buffered', false)
  }
}

export function readDrive(sheet: Sheet, notes: Notes): void {
  const medium = /optical|dvd|blu-?ray|cd-rom/i.test(sheet.text) ? 'optical' : /card reader/i.test(sheet.text) ? 'cards' : /floppy/i.test(sheet.text) ? 'floppy' : /hard (?:disk|drive)|\bHDD\b|\bRPM\b|rotation|spindle/i.test(sheet.text) ? 'disk' : /\bSSD\b|solid[- ]state|NVMe|M\.2|read.{0,20}MB\/s|MB\/s.{0,8}read/i.test(sheet.text) ? 'flash' : null
  const [first] = sheet.statements
  if (first) { notes.put(first, 'medium', medium); if (medium === 'disk') notes.put(first, 'spins', true) }
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
  if (m2) { notes.put(s, 'shape', 'M.2'); notes.put(s, 'm2.length', /\b(22(?:30|42|60|80)|22110)\b/.exec(text)?.[1] ?? null) }
  else {
    const inch = /\b(2[.,]5|3[.,]5|5[.,]25)\s*(?:"|″|-?\s?inch|in\b)/i.exec(text)?.[1]?.replace(',', '.')
    if (inch) notes.put(s, 'shape', inch)
    const high = spokenIn(s.value).find(x => x.axis === 'height' || x.axis === 'thickness')?.value
    if (high !== undefined && high < THICKEST) notes.put(s, 'thickness', high, 'mm')
    const thin = high !== undefined ? undefined : /(?:2[.,]5\s*(?:"|″|-?\s?inch)|thick(?:ness)?|height)\D{0,4}(\d+(?:[.,]\d+)?)\s*mm/i.exec(text)?.[1]
    const product = productIn(s.value, s.label)
    if (product && product.values.length === 3 && !m2) { notes.put(s, 'length', Math.max(...product.values), 'mm'); notes.put(s, 'thickness', Math.min(...product.values), 'mm') }
    else if (thin) notes.put(s, 'thickness', Number(thin.replace(',', '.')), 'mm')
    else if (inch === '2.5') notes.put(s, 'thickness', measuresIn(s.value).find(x => x.unit === 'mm' && x.value < 16)?.value ?? null, 'mm')
    if (/^length$/i.test(s.label)) notes.put(s, 'length', firstOf(s.value, 'mm')?.value ?? null, 'mm')
    if (medium === 'optical' && (/depth|length/i.test(s.label) || /^(?:depth|length)\b/i.test(s.value))) notes.put(s, 'length', firstOf(s.value, 'mm')?.value ?? null, 'mm')
  }
  if (/NVMe|PCI(?:e| Express)/i.test(text)) { notes.put(s, 'protocol', 'NVMe'); notes.put(s, 'm2.generation', generationIn(text)) }
  else if (/S-?ATA/i.test(text)) notes.put(s, 'protocol', 'SATA')
  else if (/\bUSB\b/i.test(text)) { notes.put(s, 'protocol', 'USB'); notes.put(s, 'usb', /lead|cable/i.test(text) ? firstOf(s.value, 'mm')?.value ?? null : null, 'mm') }
  else if (/\b(?:IDE|PATA)\b/.test(text)) notes.put(s, 'protocol', 'IDE')
}

function readWork(s: Statement, notes: Notes, medium: string | null): void {
  const text = whole(s)
  const size = measuresIn(text).find(m => m.unit === 'GB' && m.value >= 1)
  if (size && !/cache|buffer/i.test(text)) notes.put(s, 'gigabytes', size.value, 'GB')
  const speed = measuresIn(s.value).find(m => m.unit === 'MBs')
  if (speed && (!/write/i.test(s.label) || /read|r\/w/i.test(s.label))) notes.put(s, 'sequential', speed.value, 'MBs')
  const pair = /idle\s*\/\s*(?:operating|active|busy)/i.test(s.label)
  const watts = measuresIn(s.value).filter(m => m.unit === 'W')
  if (pair && watts.length >= 2) { notes.put(s, 'rest', watts[0]?.value, 'W'); notes.put(s, 'busy', watts[1]?.value, 'W'); return }
  for (const w of watts) {
    const before = s.value.slice(Math.max(0, w.at - 14), w.at)
    const near = `${before} ${/[,;]/.test(s.value.slice(w.end, w.end + 1)) ? '' : s.value.slice(w.end, w.end + 10)}`
    const said = /idle|standby|rest|active|operating|busy|max|typical|read|write/i.test(near) ? near : s.label
    if (/idle|standby|at rest/i.test(said)) { if (w.value >= 0.1) notes.put(s, 'rest', w.value, 'W') }
    else if (s.line === 1 || /power|active|operating|busy|max|consumption|typical/i.test(`${said} ${s.label}`)) notes.put(s, 'busy', w.value, 'W')
  }
  if (medium === 'disk' && /start|spin-?up/i.test(text)) notes.put(s, /(?<![\d.])5\s?V\b/.test(text) && !/12\s?V\b/.test(text) ? 'start.A5' : 'start.A12', firstOf(s.value, 'A')?.value ?? null, 'A')
}

/** The length of a lead: labelled so, or said beside the word. */
function leadIn(s: Statement): number | null {
  if (/cable|lead|cord/i.test(s.label)) return firstOf(s.value, 'mm')?.value ?? null
  const m = /(\d+(?:[.,]\d+)?)\s*(mm|cm)\s+(?:lead|cable|cord)/i.exec(s.value) ?? /(?:lead|cable|cord)(?:\s+length)?\s*[:=]?\s+(\d+(?:[.,]\d+)?)\s*(mm|cm)/i.exec(s.value)
  return m?.[1] ? Number(m[1].replace(',', '.')) * (m[2]?.toLowerCase() === 'cm' ? 10 : 1) : null
}

export function readFan(sheet: Sheet, notes: Notes): void {
  // What a fan's lights take is no matter of the fan.
  for (const s of sheet.statements.filter(x => !/\bLEDs?\b|\blights?\b|RGB/i.test(x.label))) {
    const text = whole(s)
    const product = productIn(s.value, s.label)
    if (product && product.values.length === 3) { notes.put(s, 'size', String(Math.round(Math.max(...product.values)))); notes.put(s, 'thickness', Math.min(...product.values), 'mm') }
    const frame = /\b(40|60|80|92|120|140|200)\s*mm\b/i.exec(s.value)?.[1]
    if (frame && !product && !/cable|lead|thick/i.test(s.label)) notes.put(s, 'size', frame)
    const thick = /thick/i.test(s.label) ? firstOf(s.value, 'mm')?.value : spokenIn(s.value).find(x => x.axis === 'thickness')?.value
    if (thick !== undefined) notes.put(s, 'thickness', Number(String(thick).replace(',', '.')), 'mm')
    const pins = /\b([34])[- ]?(?:pins?|wires?)\b/i.exec(text)?.[1]
    if (pins) notes.put(s, 'face', `fan-${pins}`)
    else if (/\bPWM\b/.test(text) && !/hub|speed/i.test(s.label)) notes.put(s, 'face', 'fan-4')
    if (/current|power|input|rated|consumption|amp/i.test(s.label) || s.label === '') notes.put(s, 'amps', ampsIn(s.value), 'A')
    notes.put(s, 'lead', leadIn(s), 'mm')
  }
}

export function readHub(sheet: Sheet, notes: Notes): void {
  const serves = /\bfans?\b/i.test(sheet.text) ? 'fans' : /\bA?RGB\b|LED|light/i.test(sheet.text) ? 'lights' : /\bUSB\b/i.test(sheet.text) ? 'USB' : null
  const [first] = sheet.statements
  if (first) notes.put(first, 'serves', serves)
  const face = serves === 'fans' ? 'fan-4' : serves === 'lights' ? (/12\s?V/.test(sheet.text) ? 'light-12' : 'light-5') : /USB\s?3(?![-\d])/.test(sheet.text) ? 'usb-3' : 'usb-2'
  for (const s of sheet.statements) {
    const text = whole(s)
    if (/output|channel|connectors?$|ports?$|headers?$/i.test(s.label) && !/power|total|interface/i.test(s.label)) { const m = /4[- ]?pin|3[- ]?pin|PWM|header/i.exec(s.value); notes.put(s, `outlets.${face}`, (m ? countAround(s.value, m.index, m.index + m[0].length) : null) ?? leadingCount(s.value), 'pcs') }
    const named = /\b(\d{1,2})[- ]?(?:port|way|channel|fan)s?\b/i.exec(s.label === '' ? s.value : '')?.[1]
    if (named) notes.put(s, `outlets.${face}`, Number(named), 'pcs')
    if (serves === 'fans' || serves === 'lights') readSync(s, notes, serves)
    const spoken = s.label === '' && !named && !/A?RGB|\bLED/i.test(s.value) ? /(?:fan|light|led|usb)?\s*(?:outputs?|channels?|connectors?|sockets?|ports)/i.exec(s.value) : null
    if (spoken && !/power/i.test(s.value)) notes.put(s, `outlets.${face}`, countAround(s.value, spoken.index, spoken.index + spoken[0].length), 'pcs')
    if (/power|input/i.test(s.label === '' ? s.value : s.label) && /SATA/i.test(s.value)) notes.put(s, 'inlets.sata-power', 1, 'pcs')
    else if (/power/i.test(s.label) && /molex/i.test(s.value)) notes.put(s, 'inlets.drive-4', 1, 'pcs')
    if (serves === 'fans' && /PWM (?:sync|input|signal|control)|(?:to|from) (?:the )?(?:motherboard|mainboard|board)|(?:mother|main)?board inputs?/i.test(text) && /4[- ]?pin|PWM/i.test(text)) notes.put(s, 'inlets.fan-4', 1, 'pcs')
    if (serves === 'USB' && (/^(?:upstream|input|host|connection)$/i.test(s.label) || (s.label === '' && /^(?:connects?|plugs?) (?:to|into)\b/i.test(s.value)))) notes.put(s, `inlets.${/USB\s?3/.test(s.value) ? 'usb-3' : 'usb-2'}`, 1, 'pcs')
    if (/\bUSB\s?2/i.test(text) && /internal|interface|header/i.test(text) && serves !== 'USB') notes.put(s, 'inlets.usb-2', 1, 'pcs')
    if (/current|total|output/i.test(s.label === '' ? s.value : s.label)) { const a = totalIn(s.value); const w = firstOf(s.value, 'W')?.value; notes.put(s, 'amps', a ?? (w === undefined ? null : w / (serves === 'lights' && face === 'light-5' ? 5 : 12)), 'A') }
  }
}

/** Lights by the phrases that name them: what comes from the board, and what goes out of a hub for fans. */
function readSync(s: Statement, notes: Notes, serves: 'fans' | 'lights'): void {
  for (const phrase of phrasesOf(s.value)) {
    const m = /A-?RGB/i.exec(phrase)
    const named = /A-?RGB/i.test(s.label)
    if (!m && !named) continue
    const n = m ? countAround(phrase, m.index, m.index + m[0].length) : leadingCount(phrase)
    if (/\binputs?\b|from (?:the )?(?:mother|main)?board/i.test(whole(s))) notes.put(s, 'inlets.light-5', n ?? 1, 'pcs')
    else if (serves === 'fans' && n !== null && /ports?|outputs?|headers?|channels?|sockets?/i.test(whole(s))) notes.put(s, 'outlets.light-5', n, 'pcs')
  }
}

/** Amps of all outlets together: what a word says is the total, else the only figure there is; one outlet's are not. */
function totalIn(text: string): number | null {
  const amps = measuresIn(text).filter(m => m.unit === 'A')
  const total = amps.find(m => /^\s*(?:in )?(?:total|together|combined)/i.test(text.slice(m.end)) || /(?:total|together|combined)\D{0,14}$/i.test(text.slice(0, m.at)))
  return (total ?? amps.find(m => !/^\s*(?:per|each|\/)\s*(?:channel|port|outlet|fan|header)?/i.test(text.slice(m.end)) && !/(?:per|each)\D{0,14}$/i.test(text.slice(0, m.at))))?.value ?? null
}

export function readLight(sheet: Sheet, notes: Notes): void {
  for (const s of sheet.statements) {
    const text = whole(s)
    if (/5\s?V\b/i.test(text) || /addressable|A-?RGB/i.test(text)) notes.put(s, 'face', 'light-5')
    else if (/12\s?V\b/i.test(text)) notes.put(s, 'face', 'light-12')
  }
  for (const s of sheet.statements) {
    const leds = /(\d{1,3})\s*(?:(?:addressable |A?RGB )?LEDs\b|x\s*(?:A?RGB )?LED\b|(?:addressable|A?RGB) LED\b(?! strip))/i.exec(s.value)?.[1] ?? (/LEDs?|lights/i.test(s.label) ? /^\s*(\d{1,3})(?![.,\d]|\s*(?:m?A|W|V|mm|cm)\b)/.exec(s.value)?.[1] : undefined)
    if (leds) notes.put(s, 'lights', Number(leds), 'pcs')
    const volts = notes.value('face') === 'light-12' ? 12 : notes.value('face') === 'light-5' ? 5 : null
    const watts = firstOf(s.value, 'W')?.value
    notes.put(s, 'amps', firstOf(s.value, 'A')?.value ?? (watts === undefined || volts === null ? null : watts / volts), 'A')
    notes.put(s, 'lead', leadIn(s), 'mm')
  }
}
