// A table of a case's walls with a column for fans and one for radiators, as rows that say which is which: "Front |
// 3x 120 | 360" becomes "Front: fans 3x 120, radiator 360".
import { only } from './pattern'
import { isNo } from './absent'

/** What stands over the names of walls. */
const OVER_WALLS = only(/location/, /position/, /places?/, /wall/, /side/, /panel/, /where/, /area/)
const A_WALL = only(/front/, /top/, /roof/, /rear/, /back/, /bottom/, /floor/, /side/)
const HEADS = [
  ['fans', only(/fans?(?: support| places| mounts)?/)],
  ['radiator', only(/rad(?:iator)?s?(?: support| places)?/, /(?:liquid|water)[- ]cooling/)],
] as const

const CELLS = /\s*\|\s*|\t+| {3,}/
const cellsOf = (line: string): readonly string[] =>
  line
    .trim()
    .replace(/^\||\|$/g, '')
    .split(CELLS)
    .map(cell => cell.trim())

/** What each column behind the wall's name is of; null where a line heads no such table. */
function columnsIn(line: string): readonly string[] | null {
  const [corner = '', ...heads] = cellsOf(line)
  const named = heads.flatMap(head => HEADS.find(([, called]) => called.test(head))?.[0] ?? [])
  const isHead = (corner === '' || OVER_WALLS.test(corner)) && named.length === HEADS.length
  return isHead && named.length === heads.length ? named : null
}

/** The lines of a text, those of such a table as sentences on one wall each. */
export function wallsInRows(lines: readonly string[]): readonly string[] {
  const at = lines.findIndex(line => columnsIn(line) !== null)
  const columns = columnsIn(lines[at] ?? '')
  if (columns === null) return lines
  // The head keeps its first word: the others would stand over each wall.
  const head = cellsOf(lines[at] ?? '')[0] ?? ''
  return lines.map((line, i) => (i > at ? (wallIn(line, columns) ?? line) : line)).with(at, head)
}

function wallIn(line: string, columns: readonly string[]): string | null {
  const [wall = '', ...cells] = cellsOf(line)
  if (!A_WALL.test(wall) || cells.length !== columns.length) return null
  const said = cells.flatMap((cell, i) =>
    cell === '' || isNo(cell) ? [] : [`${columns[i] ?? ''} ${cell}`],
  )
  return `${wall}: ${said.join(', ') || 'none'}`
}
