// A table that was copied cell by cell: labels and values on lines of their own become rows again.
import { BULLET } from './markup'

type Lines = readonly string[]
interface Cell {
  readonly text: string
  readonly at: number
}

/** The lines of a text, each label with what stands below it; as they are where it is no such table. */
export const joined = (lines: Lines): Lines => inTurn(lines) ?? underAHead(lines) ?? lines

const cellsIn = (lines: Lines): readonly Cell[] =>
  lines.flatMap((text, at) => (text.trim() === '' ? [] : [{ text: text.trim(), at }]))
/** Whether most cells are held apart by nothing but their lines. */
const areBare = (cells: readonly Cell[]): boolean =>
  cells.filter(c => /[:|\t]|\S {3,}\S/.test(c.text) || BULLET.test(c.text)).length <=
  cells.length * MOST_MARKED

/** Labels and values in turn, throughout: each pair becomes one row. */
function inTurn(lines: Lines): Lines | null {
  const cells = cellsIn(lines)
  if (!areBare(cells)) return null
  const pairsFrom = (start: number) =>
    Array.from(
      { length: Math.floor((cells.length - start) / 2) },
      (_, i) => [cells[start + i * 2], cells[start + i * 2 + 1]] as const,
    )
  const fit = (start: number): number => {
    const pairs = pairsFrom(start)
    return (
      pairs.filter(([label, value]) => label && value && isName(label.text) && !isName(value.text))
        .length / Math.max(1, pairs.length)
    )
  }
  const start = fit(0) > fit(1) ? 0 : 1
  // Under a heading several values follow each other; in such a table hardly any do.
  const runs = cells.filter(
    (c, i) => i > 0 && !isName(c.text) && !isName(cells[i - 1]?.text ?? ''),
  ).length
  if (cells.length < FEWEST_CELLS || fit(start) < MOST_PAIRS || runs > cells.length * MOST_RUNS)
    return null
  const rows = new Map(
    pairsFrom(start).flatMap(([label, value]) =>
      label && value
        ? ([
            [label.at, `${label.text}\t${value.text}`],
            [value.at, ''],
          ] as const)
        : [],
    ),
  )
  return lines.map((line, at) => rows.get(at) ?? line)
}

/** What stands over such a table on a page that says other things as well. */
const OVER_A_TABLE =
  /^(?:technical (?:data|details|specifications?)|(?:tech )?specs|specifications?|key facts):?$/i
/** Named choices: so many labels with something below them are a table; with more values they head lists. */
const FEWEST_LABELS = 4
const MOST_VALUES = 2

/** A label with its values behind it; the lines of these are empty then. */
const rowOf = ([label, ...values]: readonly Cell[]): readonly (readonly [number, string])[] =>
  label
    ? [
        [label.at, `${label.text}\t${values.map(({ text }) => text).join(', ')}`],
        ...values.map(({ at }) => [at, ''] as const),
      ]
    : []

/** Behind "Technical data": each label with all that stands below it, up to the next. */
function underAHead(lines: Lines): Lines | null {
  const head = lines.findIndex(line => OVER_A_TABLE.test(line.trim()))
  const cells = cellsIn(lines).filter(({ at }) => at > head)
  if (head < 0 || !areBare(cells)) return null
  const names = cells.flatMap(({ text }, n) => (isName(text) ? [n] : []))
  // A name with another at once below it heads nothing.
  const groups = names
    .map((from, i) => cells.slice(from, names[i + 1]))
    .filter(group => group.length > 1)
  const values = groups.flat().length - groups.length
  if (groups.length < FEWEST_LABELS || values > groups.length * MOST_VALUES) return null
  const rows = new Map(groups.flatMap(rowOf))
  return lines.map((line, at) => rows.get(at) ?? line)
}

/**
 * Named choices: from how many cells on a text is taken for such a table, which share of its pairs
 * has to look like one, which share may be values in a row, which share may hold marks of another
 * kind of table.
 */
const FEWEST_CELLS = 6
const MOST_PAIRS = 0.6
const MOST_RUNS = 0.15
const MOST_MARKED = 0.25
const NUMBERS_IN_NAMES = new RegExp(
  [
    /(?:\d\+)?\d{1,2}(?:[.,]\d+)?\s*(?:"|″|-?inch|-?pin)/,
    /^80 PLUS/,
    /^[+-]?\d{1,2}(?:[.,]\d)?\s?V(?= [A-Za-z])/,
    /\b(?:USB|PCIe?|M\.|DDR)\s?\d(?:\.\d)?/,
  ]
    .map(p => p.source)
    .join('|'),
  'gi',
)
/** A name of a figure is words; sizes in inches and counts of pins may be among them. */
const isName = (text: string): boolean =>
  /^[^.;!?]{2,44}$/.test(text.replace(/\bMax\.|\d[.,]\d/gi, '')) &&
  !/\d/.test(text.replace(NUMBERS_IN_NAMES, '')) &&
  !/^(?:yes|no|none|n\/a)$/i.test(text)
