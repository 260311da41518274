// A part's data as programs send it, one object of JSON: a line for each figure, as sheets have them.
import { A_MACHINE, kindLabelled } from './kind-words'

type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json }

/** One such object, or a list of them, each as a sheet of its own; null where the text is neither. */
export function sheetsOfJson(text: string): readonly string[] | null {
  const { before, data } = partedFrom(text)
  const said = /^[[{]/.test(data) ? parsed(data) : null
  const sheets = said === null ? null : sheetsOf(said)
  const last = sheets?.at(-1)
  // The name of a file above it is kept with the last.
  return sheets && last !== undefined && before !== ''
    ? [...sheets.slice(0, -1), `${last}\n${before}`]
    : sheets
}

/** "build.json" over the data: a line or two of words before the first bracket. */
function partedFrom(text: string): { readonly before: string; readonly data: string } {
  const [, before = ''] = WORDS_BEFORE.exec(text) ?? []
  return { before: before.trim(), data: text.slice(before.length).trim() }
}
const WORDS_BEFORE = /^((?:[^\n[{]{1,80}\n){1,2})(?=\s*[[{])/

function sheetsOf(said: Json): readonly string[] | null {
  const machine = isObject(said) ? (machineIn(said) ?? listIn(said)) : null
  if (machine) return machine
  const parts = said !== null && isObject(said) ? [said] : said
  return Array.isArray(parts) && parts.every(isObject)
    ? parts.map(part => linesOf(part, '').join('\n'))
    : null
}

/** {"cpu": "Corvo 7", "memory": ["…", "…"]}: a machine by the words for its parts, each a sheet; or null. */
function machineIn(said: { readonly [key: string]: Json }): readonly string[] | null {
  const parts = Object.entries(said).flatMap(([key, own]) => {
    const kind = kindLabelled(named(key))
    const each = Array.isArray(own) ? (own as readonly Json[]) : [own]
    return kind === null || !each.every(one => typeof one === 'string' || isObject(one))
      ? []
      : each.map(one => ({ kind, sheet: sheetOf(named(key), one) }))
  })
  const kinds = new Set(parts.map(({ kind }) => kind))
  const isMachine = kinds.size >= A_MACHINE && parts.length >= Object.keys(said).length
  return isMachine ? parts.map(({ sheet }) => sheet) : null
}
/** {"name": "…", "parts": [{"category": "Processor", …}]}: a list of which each says its kind; or null. */
function listIn(said: { readonly [key: string]: Json }): readonly string[] | null {
  const [key, list] = Object.entries(said).find(([, own]) => areParts(own)) ?? []
  if (key === undefined || !Array.isArray(list)) return null
  const sheets = (list as readonly Json[]).map(part => linesOf(part, '').join('\n'))
  const others = Object.entries(said).filter(([other]) => other !== key)
  const beside = others.map(([other, own]) => `beside: ${named(other)} ${saidIn(own)}`)
  return sheets.map((sheet, n) => (n === sheets.length - 1 ? [sheet, ...beside].join('\n') : sheet))
}
const areParts = (own: Json): boolean =>
  Array.isArray(own) && own.length > 1 && (own as readonly Json[]).every(saysItsKind)
const saysItsKind = (part: Json): boolean =>
  isObject(part) &&
  Object.entries(part).some(
    ([key, value]) =>
      KIND_KEY.test(key) && typeof value === 'string' && kindLabelled(value) !== null,
  )
const KIND_KEY = /^(?:category|type|kind|component|slot)$/i

const sheetOf = (label: string, one: Json): string =>
  isObject(one) ? [`Type: ${label}`, ...linesOf(one, '')].join('\n') : `${label}: ${saidIn(one)}`

/** The object as lines "label: value"; the text itself where it is none. */
export function linesOfJson(text: string): string {
  const part = /^\s*\{/.test(text) ? parsed(text) : null
  return part === null ? text : linesOf(part, '').join('\n')
}

/** Named choice: what is nested deeper is no part's data. */
const DEEPEST = 12
function isDeep(text: string): boolean {
  let depth = 0
  for (const [sign] of text.matchAll(/[[\]{}]/g)) {
    depth += sign === '[' || sign === '{' ? 1 : -1
    if (depth > DEEPEST) return true
  }
  return false
}

function parsed(text: string): Json {
  if (isDeep(text)) return null
  try {
    return JSON.parse(text) as Json
  } catch {
    return null
  }
}

const isObject = (value: Json): value is { readonly [key: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

function linesOf(value: Json, label: string): readonly string[] {
  if (isObject(value))
    return Object.entries(value).flatMap(([key, own]) => linesOf(own, labelOf(label, key)))
  return [`${label}: ${saidIn(value)}`]
}

/** "drive_bays" and "3.5" as "3.5 drive bays"; a unit at the end in brackets, that of the outer name too. */
function labelOf(outer: string, key: string): string {
  const own = named(key)
  if (SAYS_NOTHING.test(outer)) return own
  if (/^\d/.test(key)) return `${own} ${outer}`.trim()
  const [, unit] = UNIT_BEHIND.exec(outer) ?? []
  const hasUnit = UNIT_BEHIND.test(own)
  if (IS_OF_SIDES.test(outer)) return unit === undefined || hasUnit ? own : `${own} (${unit})`
  return outer === '' ? own : `${outer} ${own}`
}
/** What data is gathered under. */
const SAYS_NOTHING = /^(?:specs?|specifications?|details|attributes|features|properties|data)$/i
/** "dimensions (mm)": its sides name themselves. */
const IS_OF_SIDES = /^(?:outer |case |card |product )?(?:dimensions?|size)\b/i
const UNIT_BEHIND = /\(([a-z]{1,3})\)$/i

function named(key: string): string {
  const words = key.replaceAll('_', ' ').replace(/(?<=[a-z])(?=[A-Z])/g, ' ')
  return words.replace(/ (mm|cm|g|kg|w|a|v|gb|tb)$/i, (_, unit: string) => ` (${inCapitals(unit)})`)
}

/** Units that are written in capitals. */
const inCapitals = (unit: string): string =>
  /^(?:w|a|v|gb|tb)$/i.test(unit) ? unit.toUpperCase() : unit.toLowerCase()

const COUNT_KEY = /^(?:count|quantity|number|amount|qty)$/i
const FRAME_KEY = /^size(?:_?mm)?$/i
/** What an entry of a list says: its count in front, its frame with its unit. */
function saidIn(value: Json): string {
  if (Array.isArray(value)) return (value as readonly Json[]).map(saidIn).join(', ')
  if (!isObject(value)) return value === null ? '' : plain(value as string | number | boolean)
  const entries = Object.entries(value)
  const count = entries.find(([key]) => COUNT_KEY.test(key))
  const rest = entries
    .filter(entry => entry !== count)
    .map(([key, own]) =>
      FRAME_KEY.test(key) && typeof own === 'number' ? `${own} mm` : saidIn(own),
    )
  return [...(count ? [`${saidIn(count[1])} x`] : []), ...rest].join(' ')
}
function plain(value: string | number | boolean): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  return String(value)
}
