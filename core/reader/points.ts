// A first line that tells everything: a name, and behind it point by point what is to be said of the part.
import { isName, labelledName } from './called'
import { formsIn, socketsIn } from './named'
import { moneyAtTheEnd, withoutMoney } from './money'
import { phrasesOf } from './phrases'

/** Named choice: a title with so many cells or phrases behind it is a line of points. */
const POINTS = 2
/** Named choice: a longer line is no title, characters. */
const LONGEST = 500

/** "N9-12 | 12C/24T | TERN-3 | 120W TDP", "Reed 850W Gold, fully modular, 140 mm deep"; null where it is none. */
export function pointsOf(line: string): readonly string[] | null {
  const cells = line.split(/\s+\|\s+/)
  if (cells.length > POINTS + 1) return cells
  if (line.length > LONGEST) return null
  const named = labelledName(line)
  const money = moneyAtTheEnd(line)
  const said = withoutMoney(named?.name ?? line)
  if (!isTitle(said)) return null
  const [name = '', ...others] = phrasesOf(said.replace(A_DASH, ', '))
    .flatMap(opened)
    .reduce(together, [])
  // Behind the word for its kind one point is enough.
  if (others.length < (named ? 1 : POINTS)) return null
  const all = [named ? `${named.label}: ${name}` : name, ...others]
  return money === null ? all : [...all, money]
}

/** What stands between a name and what is said of it. */
const A_DASH = /\s[-–—]\s(?=\S)/g
const A_VERB =
  /\b(?:is|are|has|have|takes?|holds?|fits|comes?|offers?|brings?|puts?|powered|which|that)\b/
/** A name; no sentence, and nothing with labels of its own. */
const isTitle = (said: string): boolean =>
  isName(said) && !/[.!?]$|:\s|;/.test(said) && !A_VERB.test(said)

/** "Quill Q9 (8c/16t, 105 W, TERN-5)": what is listed in brackets are points as well. */
function opened(phrase: string): readonly string[] {
  const [, before, inside = '', behind = ''] =
    /^([^()]*[^()\s])\s*\(([^()]+)\)\s*([^()]*)$/.exec(phrase) ?? []
  const isList = inside.includes(',') || A_FIGURE.test(inside)
  return before !== undefined && isList
    ? [before, ...phrasesOf(inside), behind].filter(Boolean)
    : [phrase]
}
const A_FIGURE = /^\d+(?:[.,]\d+)? ?(?:mm|cm|W)$/

/** A socket, a form that goes on with those before it is no point of its own. */
function together(points: readonly string[], point: string): readonly string[] {
  const before = points.at(-1) ?? ''
  const goesOn =
    points.length > 1 &&
    ((isOnly(socketsIn, point) && socketsIn(before).length > 0) ||
      (isOnly(formsIn, point) && formsIn(before).length > 0) ||
      /^(?:and|or|up to|per|in|at|for|with|without)\b/.test(point))
  return goesOn ? [...points.slice(0, -1), `${before}, ${point}`] : [...points, point]
}
const isOnly = (named: (text: string) => readonly string[], point: string): boolean =>
  named(point).length > 0 && point.split(/\s*[/&]\s*|\s/).every(word => named(word).length > 0)
