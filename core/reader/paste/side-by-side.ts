// Parts of one sort told side by side: a column for each ("Model | Tide 240 | Tide 360"), or a row for each under
// the names of its figures ("Model | Length (mm) | Power (W)").
import { kindBehind } from '../called'
import { namesAFigure } from '../entries'
import { only } from '../pattern'
import type { Cells } from './columns'
import { blocksOf, isDrawn, WAYS_TO_PART, type PartTable } from './tables'

type Lines = readonly string[]

/** The first such table of a text; null where there is none, or where not enough is said of each. */
export function sideBySideIn(lines: Lines, isSheet: (lines: Lines) => boolean): PartTable | null {
  for (const { cellsOf } of WAYS_TO_PART)
    for (const { from, rows } of blocksOf(lines, cellsOf)) {
      const told = rows.filter(row => !isDrawn(row))
      const parts = byColumns(told) ?? byRows(told)
      if (parts?.every(isSheet)) return { from, to: from + rows.length, parts }
    }
  return null
}

/** What stands over names of parts, or before them. */
const OVER_NAMES = only(
  ...[/(?:product |item )?(?:name|model)/, /product/, /items?/, /article/, /part/, /version/],
  ...[/modell/, /produkt/, /artikel/, /bezeichnung/],
)
/** What stands over the names of figures: names beside it hold digits. */
const OVER_FIGURES = only(
  ...[/spec(?:s|ification)?s?/, /features?/, /propert(?:y|ies)/, /technical data/, /details?/],
)
/** Named choices: fewer parts are no comparison, fewer rows of figures no table. */
const FEWEST_PARTS = 2
const FEWEST_FIGURES = 2

/** What a part may be called; a word for a figure only behind a name ("Petrel 7600 graphics card"). */
const isOfAPart = (name: string): boolean =>
  /[A-Za-z]{2}/.test(name) && (!namesAFigure(name) || kindBehind(name) !== null)

/** "Model | Tide 240 | Tide 360" over a row for each figure. */
function byColumns([head = [], ...rows]: readonly Cells[]): readonly Lines[] | null {
  const [corner = '', ...names] = head
  const areNamed =
    OVER_NAMES.test(corner) ||
    ((corner === '' || OVER_FIGURES.test(corner)) && names.every(name => /\d/.test(name)))
  const areParts = names.length >= FEWEST_PARTS && names.every(isOfAPart)
  const figures = rows.filter(row => row.length === head.length && namesAFigure(row[0] ?? ''))
  if (!areNamed || !areParts || figures.length < FEWEST_FIGURES) return null
  return names.map((name, n) => [name, ...rows.map(row => saidOfOne(row, n + 1, head.length))])
}

/** Of a row what is said of one column; what stands there once is said of all. */
function saidOfOne(row: Cells, column: number, width: number): string {
  const [label = '', only = ''] = row
  return row.length === width ? `${label}: ${row[column] ?? ''}` : `${label}: ${only}`
}

/** "Model | Length (mm) | Power (W)" over a row for each part. */
function byRows([head = [], ...rows]: readonly Cells[]): readonly Lines[] | null {
  const [corner = '', ...labels] = head
  const areFigures =
    labels.length >= FEWEST_FIGURES && labels.filter(namesAFigure).length * 2 > labels.length
  const areParts =
    rows.length >= FEWEST_PARTS &&
    rows.every(row => row.length === head.length && isOfAPart(row[0] ?? ''))
  if (!OVER_NAMES.test(corner) || !areFigures || !areParts) return null
  return rows.map(([name = '', ...cells]) => [
    name,
    ...cells.flatMap((cell, n) => (cell === '' ? [] : [`${labels[n] ?? ''}: ${cell}`])),
  ])
}
