// A first line that tells everything: a name, and behind it point by point what is to be said of the part.
import { capital } from '../figures/format'
import { isName, kindInFront, labelledName } from './called'
import { namesAFigure } from './entries'
import { kindNounsIn } from './kind-words'
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
  return line.length > LONGEST ? null : (titledList(line) ?? pointsBehind(line))
}

/** A name, and phrases behind it. */
function pointsBehind(line: string): readonly string[] | null {
  const named = labelledName(line)
  const said = withoutMoney(named?.name ?? titled(line) ?? line)
  if (!isTitle(said) && titled(line) === null) return null
  const money = moneyAtTheEnd(line)
  const [first = '', ...behind] = phrasesOf(said.replace(A_DASH, ', '))
  const [name = '', ...others] = [...opened(first), ...behind].reduce(together, [])
  // Behind the word for its kind one point is enough.
  if (others.length < (named ? 1 : POINTS)) return null
  const all = [named ? `${named.label}: ${name}` : name, ...others]
  return money === null ? all : [...all, money]
}

/** "Lagoon 280 liquid cooler: radiator 30 mm thick, two fans": behind a colon stand points as well. */
function titled(line: string): string | null {
  const [, name = '', points = ''] = BEHIND_A_NAME.exec(line) ?? []
  const isOne = callsAPart(name) && phrasesOf(points).length > POINTS
  return isOne && !/[.!?]$|:\s/.test(points) ? `${name}, ${points}` : null
}

/** "Rook 10G adapter: PCIe 3.0 x4, fits x8 too; one RJ45; 12 W": points held apart by semicolons, whole. */
function titledList(line: string): readonly string[] | null {
  const [, name = '', points = ''] = BEHIND_A_NAME.exec(line) ?? []
  const each = points.split(/;\s+/)
  const isList =
    each.length > 1 && phrasesOf(points).length > POINTS && !BEGINS_A_SENTENCE.test(points)
  return callsAPart(name) && isList ? [name, ...each.flatMap(inPoints)] : null
}
/** "Ottery Rill 280: the radiator measures …". */
const BEGINS_A_SENTENCE = /^(?:the|its?|this|these|an?)\b/i
/** A long point without a label of its own is a list of points again. */
function inPoints(point: string): readonly string[] {
  const each = phrasesOf(point)
  const isList = each.length >= LONG_POINT && !/^[^,]{2,30}:\s/.test(point)
  return isList ? each.reduce(together, ['']).slice(1) : [point]
}
/** Named choice: so many phrases are no one point. */
const LONG_POINT = 4

const BEHIND_A_NAME = /^([^:,;]{4,60}):\s+(\S.*)$/
/** "PWM hub HX-10", "Gust Trio 120", "Plume XF": a kind's word, or a model behind a name. */
const callsAPart = (name: string): boolean =>
  !OF_A_BOX.test(name) &&
  (kindInFront(name) !== null ||
    (isName(capital(name)) &&
      (kindNounsIn(name).length > 0 || (A_MODEL.test(name) && !namesAFigure(name)))))
const A_MODEL = /^[A-Z][A-Za-z]+ .*(?:\d|\b[A-Z]{2,}\b)/

const OF_A_BOX = /\b(?:box|contents|included|comes)\b/i

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
    ((ONLY_A_SOCKET.test(point) && socketsIn(before).length > 0) ||
      (isOnlyForms(point) && formsIn(before).length > 0) ||
      /^(?:and|or|up to|per|in|at|for|with|without)\b/.test(point))
  return goesOn ? [...points.slice(0, -1), `${before}, ${point}`] : [...points, point]
}
/** "TERN-5", "KNOT-6/7". */
const ONLY_A_SOCKET = /^[A-Z]{2,}[- ]?\d+[A-Z]?(?:\s*[/&]\s*[A-Z\d-]+)*(?:\s*\([^()]*\))?\.?$/
const isOnlyForms = (point: string): boolean =>
  point.split(/\s*[/&]\s*|\s/).every(word => formsIn(word).length > 0)
