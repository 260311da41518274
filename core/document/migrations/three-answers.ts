// From version 2 to 3: what an older program filled in by itself is no longer taken for stated.

type Fields = Readonly<Record<string, unknown>>
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

const PART_OF_2 = new Set([
  ...['case', 'board', 'processor', 'cooler', 'memory', 'drive', 'card', 'supply', 'fan', 'hub'],
  ...['light', 'adapter', 'lead', 'bracket', 'rail', 'sensor', 'beeper', 'stick', 'device'],
  'sundry',
])
const isPart = (value: Fields): boolean =>
  typeof value['kind'] === 'string' && PART_OF_2.has(value['kind']) && 'model' in value

/** Every part in a document, however deep, by what `part` makes of it. */
export function eachPart(raw: unknown, part: (raw: Fields) => Fields): unknown {
  if (Array.isArray(raw)) return raw.map(inner => eachPart(inner, part))
  if (!isFields(raw)) return raw
  if (isPart(raw)) return part(raw)
  return Object.fromEntries(Object.entries(raw).map(([key, v]) => [key, eachPart(v, part)]))
}

/** A part without the key where it is so; what a default wrote is not told from what was stated. */
const without = (raw: Fields, ...keys: readonly string[]): Fields =>
  Object.fromEntries(Object.entries(raw).filter(([key]) => !keys.includes(key)))
const emptied = (raw: Fields, keys: readonly string[]): Fields =>
  without(raw, ...keys.filter(key => Array.isArray(raw[key]) && raw[key].length === 0))

const OLD_DEFAULTS: Readonly<Record<string, (raw: Fields) => Fields>> = {
  board: raw => emptied(raw, ['m2', 'slots']),
  card: raw => (raw['does'] === 'graphics' ? emptied(raw, ['power']) : raw),
  case: caseOf,
  supply: supplyOf,
}

/** A case's lists that were empty unless somebody filled them, and a front of which nobody said a word. */
function caseOf(raw: Fields): Fields {
  const known = emptied(raw, ['bays', 'fans', 'radiators', 'leads'])
  const { standoffs, leads } = known
  const stood = isFields(standoffs) ? { standoffs: emptied(standoffs, ['fitted']) } : {}
  if (!Array.isArray(leads) || !leads.some(isMadeUp)) return { ...known, ...stood }
  return { ...known, ...stood, leads: leads.filter(l => !isMadeUp(l)), partly: ['leads'] }
}

/** The one wide lead that a case by a few numbers was given, whatever its front has. */
const isMadeUp = (lead: unknown): boolean =>
  isFields(lead) && lead['key'] === 'usb' && lead['length'] === undefined && lead['ports'] === 2

/** 18 AWG and the older guide were written wherever nothing was. */
function supplyOf(raw: Fields): Fields {
  const { cables, guide } = raw
  const known = guide === 'older' ? without(raw, 'guide') : raw
  if (!Array.isArray(cables)) return known
  if (cables.length === 0) return without(known, 'cables')
  const plain = cables.map((c: unknown) =>
    isFields(c) && c['gauge'] === 18 ? without(c, 'gauge') : c,
  )
  return { ...known, cables: plain }
}

/** What a form or an archetype had made up, by kind; version 2 marked only that there was some. */
const DERIVED: Readonly<Record<string, Fields>> = {
  board: {
    assumed: ['places', 'headers.*.label', 'panel.pins', 'memory.table.*.slots'],
    partly: ['headers'],
  },
  case: { assumed: ['places', 'supply.forms', 'slots'] },
}

export function threeAnswers(raw: Fields): Fields {
  const kind = String(raw['kind'])
  const stated = OLD_DEFAULTS[kind]?.(raw) ?? raw
  if (stated['places'] !== 'derived') return stated
  const known = isPictureMadeUp(stated) ? without(stated, 'picture') : stated
  return { ...without(known, 'places'), ...DERIVED[kind], ...partlyOf(stated, kind) }
}

/** A board by its form was given video sockets where no socket of its rear was named. */
const isPictureMadeUp = (board: Fields): boolean =>
  board['kind'] === 'board' && board['picture'] === true && !Array.isArray(board['rear'])

const partlyOf = (stated: Fields, kind: string): Fields =>
  kind === 'case' && Array.isArray(stated['partly']) ? { partly: stated['partly'] } : {}
