// One cell of a table, read as its field takes it.
import { aboutFigure, UNITS, type FigureAbout } from '../../figures/units'
import { called } from '../../forms/form'
import type { PartKind } from '../../parts'
import { readTyped } from '../../reader/typed'
import { bare, choicesOf, elementOf, type Node } from '../../schema/node'
import { simple } from './columns'
import { isText, nodeAt } from './schema'
import { readsOtherwise, unguard } from './write'

export type Cell = { readonly value: unknown } | { readonly problem: string }

/** Reads a cell; `unit` is what the head of its column says bare numbers are in. */
export function readCell(
  kind: PartKind,
  path: string,
  raw: string,
  unit: string | undefined,
): Cell {
  const text = unguard(raw)
  if (text.startsWith('"')) return readJson(text)
  if (text === 'null') return { value: null }
  const node = nodeAt(kind, path)
  if (!node) return readsOtherwise(text) ? readJson(text) : { value: text }
  const about = aboutFigure(node)
  if (about) return readFigureCell(text, about, unit)
  return (BY_TYPE[bare(node).type] ?? readJson)(text, node)
}

function readJson(text: string): Cell {
  try {
    return { value: JSON.parse(text) as unknown }
  } catch {
    return { problem: `“${text.slice(0, 40)}” is not whole JSON` }
  }
}

function readFigureCell(text: string, about: FigureAbout, unit: string | undefined): Cell {
  const isPlain = /^\d+(?:\.\d+)?(?:e[+-]?\d+)?$/i.test(text)
  if (text.startsWith('{') || (!unit && isPlain)) return readJson(text)
  const isOwn = unit === about.unit && (UNITS as readonly string[]).includes(unit)
  const bareNumber = /^[\d.,\s]+$/.test(text)
  const typed = readTyped(bareNumber && unit && !isOwn ? `${text} ${unit}` : text, about.unit)
  return 'value' in typed ? { value: typed.value } : typed
}

const BY_TYPE: Partial<Record<string, (text: string, node: Node) => Cell>> = {
  string: text => ({ value: text }),
  literal: text => ({ value: text }),
  enum: (text, node) => ({ value: choiceOf(node, text) }),
  number: readNumber,
  boolean: readFlag,
  array: readList,
  union: text =>
    text.startsWith('{') || /^-?\d+(?:\.\d+)?$/.test(text) ? readJson(text) : { value: text },
}

function readNumber(text: string): Cell {
  const exact = text.trim() === '' ? NaN : Number(text)
  const value = Number.isFinite(exact) ? exact : Number(numberIn(text))
  return Number.isFinite(value) && /\d/.test(text)
    ? { value }
    : { problem: `“${text}” is no number` }
}

/** "EUR 1,234.50": the number in a text, without thousands, with a point for a decimal comma. */
const numberIn = (text: string): string =>
  text
    .replace(/^[^\d-]*(-?[\d.,]+).*$/, '$1')
    .replace(/,(?=\d{1,2}$)/, '.')
    .replace(/,/g, '')

function readFlag(text: string): Cell {
  if (/^(?:true|yes|y|1|ja|x)$/i.test(text)) return { value: true }
  if (/^(?:false|no|n|0|nein)$/i.test(text)) return { value: false }
  return { problem: `“${text}” is neither yes nor no` }
}

/** A list as JSON, as a count of things, or as words between signs. */
function readList(text: string, node: Node): Cell {
  if (text.startsWith('[')) return readJson(text)
  const element = elementOf(node)
  if (/^\d+$/.test(text) && !isText(element ?? node)) return { value: Number(text) }
  const words = text.split(/\s*[;/]\s*|,\s+/).filter(Boolean)
  return { value: words.map(word => (element ? choiceOf(element, word) : word)) }
}

/**
 * A choice in other letters, by its name, or by its number of contacts where only one has so many,
 * is the same choice.
 */
function choiceOf(node: Node, text: string): string {
  const entries = choicesOf(node).map(String)
  const wires = /^(\d+)[- ]?(?:pins?|wires?)\b/i.exec(text)?.[1]
  const plugs =
    wires === undefined
      ? []
      : entries.filter(e => new RegExp(`^${wires}-(?:pin|wire)\\b`).test(called(e)))
  // By its number alone a fan's plug is meant, where the part can have one.
  const fans = plugs.filter(e => called(e).endsWith('fan'))
  const counted = fans.length > 0 ? fans : plugs
  const named = (e: string): boolean =>
    [e, called(e), FORMERLY[e] ?? e].some(name => simple(name) === simple(text))
  return (
    entries.find(e => e === text) ??
    entries.find(named) ??
    (counted.length === 1 ? counted[0] : undefined) ??
    text
  )
}
/** What tables of earlier versions call plugs that have another name now. */
const FORMERLY: Readonly<Record<string, string>> = {
  'drive-4': 'large 4-pin drive power',
  'drive-small-4': 'small 4-pin drive power',
  'light-12': '12 V lights',
  'light-5': '5 V lights',
  speaker: 'beeper',
}
