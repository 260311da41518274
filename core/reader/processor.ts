// A processor's sheet: its socket, whether it draws a picture, memory and speeds, lanes, the power
// that lasts.
import { namedSocket, socketsIn } from './named'
import { firstOf, valueIn } from './measures'
import { whole, type Notes } from './notes'
import { oneOf } from './pattern'
import { speedsByModules, speedsIn } from './speeds'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { leadingNumber } from './things'

export function readProcessor(sheet: Sheet, notes: Notes): void {
  for (const s of sheet.statements) {
    notes.put(s, 'socket', socketOf(s))
    readPicture(s, notes)
    readMemory(s, notes)
    notes.put(s, 'lanes', lanesOf(s), 'pcs')
    if (/^PCI/i.test(s.label))
      notes.put(s, 'lanes', leadingNumber(/^\d(?:\.\d)?\s*x\s?(\d\d)$/.exec(s.value)?.[1]), 'pcs')
    readLimit(s, notes)
  }
}

/** Named choice: so far down a bare word such as "TERN-2" is the socket. */
const TITLE_LINES = 3

function socketOf(s: Statement): string | null {
  const text = whole(s)
  const named = namedSocket(text)
  if (named !== null) return named
  const labelled = /socket|package/i.test(s.label) && !/power/i.test(s.label)
  const [listed] = labelled ? socketsIn(s.value) : []
  if (listed !== undefined) return listed
  if (s.line > TITLE_LINES) return null
  const alone = phrasesOf(s.value).find(phrase => /^[A-Z]{2,}-\d+[A-Z]?$/.test(phrase))
  if (alone !== undefined && phrasesOf(s.value).length > 1) return alone
  if (s.label !== '') return null
  return /(?:\bfor |^)([A-Z]{2,}-\d+[A-Z]?)(?=\s|$)/.exec(text)?.[1] ?? null
}

function readMemory(s: Statement, notes: Notes): void {
  const text = whole(s)
  const types = [...text.matchAll(/DDR[2-5]/gi)]
    .filter(m => !/^\S*\s*(?:is )?not supported/i.test(text.slice(m.index)))
    .map(m => m[0].toUpperCase())
  if (types.length > 0) notes.put(s, 'memory', [...new Set(types)])
  const byModules = [...speedsByModules(text)]
  byModules.forEach(([modules, speed], i) => {
    notes.put(s, `speeds.${i}.modules`, modules, 'pcs')
    notes.put(s, `speeds.${i}.speed`, speed, 'MTs')
  })
  const fast = /memory|ddr/i.test(text) ? [...speedsIn(text), ...bareSpeedsIn(text)] : []
  if (byModules.length === 0 && fast.length > 0)
    notes.put(s, 'speeds.0.speed', Math.max(...fast), 'MTs')
}

/** "DDR5 5600 / 5200": a promise without a unit. */
const bareSpeedsIn = (text: string): readonly number[] =>
  [...text.matchAll(/DDR\d\s+((?:\d{3,5}\s*\/?\s*)+)/gi)].flatMap(m =>
    (m[1]?.match(/\d{3,5}/g) ?? []).map(Number),
  )

const LANES = /(\d+)\s*(?:x\s*)?(?:PCI(?:e|-E| Express)?(?: \d\.0)? )?lanes/i

function lanesOf(s: Statement): number | null {
  // "16x 5.0 + 4x 4.0": all of them.
  const groups = [...s.value.matchAll(/(?<![\d.])(\d{1,2})\s*x\s*(?:PCIe\s*)?[1-7]\.0\b/gi)]
  if (/lanes/i.test(s.label) && groups.length > 1)
    return groups.reduce((sum, m) => sum + Number(m[1]), 0)
  if (/lanes/i.test(s.label)) return valueIn(s.value, 'pcs') ?? leadingNumber(s.value)
  const usable = /(\d{1,2})\s*(?:lanes\s*)?usable/i.exec(s.value)?.[1]
  if (usable !== undefined && /lanes|PCI/i.test(whole(s))) return Number(usable)
  const isOfAll = /PCI/i.test(whole(s)) || /^\d+ lanes\b/i.test(s.value)
  const lanes = isOfAll ? LANES.exec(s.value)?.[1] : undefined
  return lanes === undefined ? null : Number(lanes)
}

function readPicture(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (!/graphics|\bi?GPU\b/i.test(text)) return
  if (/discrete|required|\bno\b|without|none/i.test(s.label === '' ? text : s.value))
    notes.put(s, 'picture', false)
  else if (
    /integrated|processor graphics|onboard|yes|included|graphics (?:model|cores?)|\biGPU:/i.test(
      text,
    ) ||
    /\d\s*(?:CUs?|EUs?|compute units?|execution units?)\b/i.test(s.value)
  )
    notes.put(s, 'picture', true)
}

const LIMITS = oneOf(
  ...[
    /PPT/,
    /turbo power/,
    /power limit/,
    /socket power/,
    /sustained/,
    /package power/,
    /PL2/,
    /maximum power/,
  ],
)
const LIMIT_NAMED = new RegExp(
  String.raw`(?:${LIMITS.source})[^\d]{0,24}(\d+(?:[.,]\d+)?)\s*W`,
  'i',
)
const LIMIT_BEHIND = /(\d+(?:[.,]\d+)?)\s*W\s*\(?(?:PPT|PL2|turbo|sustained)/i

/**
 * The limit that lasts: the highest that is promised to last; a cooling class alone is doubtful.
 */
function readLimit(s: Statement, notes: Notes): void {
  const text = whole(s)
  const limit = LIMIT_NAMED.exec(text) ?? LIMIT_BEHIND.exec(text)
  if (limit?.[1]) {
    notes.put(s, 'power.sustained', Number(limit[1].replace(',', '.')), 'W')
    return
  }
  const watts = firstOf(s.value, 'W')
  if (watts && /TDP|base power/i.test(text))
    notes.doubt(
      s,
      { path: 'power.sustained', value: watts.value, unit: 'W' },
      'this is the cooling class; the limit that lasts may be higher',
    )
}
