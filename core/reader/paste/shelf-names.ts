// Parts that are known by their names: a line that says nothing else is that part.
import { kindLabelled } from '../kind-words'
import { withoutMarks } from '../markup'
import { isMoney, withoutMoney } from '../money'
import { countLine, withoutTimes } from '../times'
import { tellsState } from './copy-said'
import { isSum } from '../sums'

export interface KnownName {
  readonly id: string
  readonly maker: string
  readonly model: string
}

const plain = (text: string): string => text.toLowerCase().replace(/\s+/g, ' ').trim()

/**
 * Which of the known parts the words of one name: by maker and model, or by a model of several
 * words that only one of them has; beside it stand at most a count and a price. Null where it is
 * none of them, or where more is said.
 */
export function namedAmong(parts: readonly KnownName[]): (text: string) => string | null {
  const byName = new Map<string, string | null>()
  const put = (name: string, id: string): void => {
    const known = byName.get(name)
    byName.set(name, known === undefined || known === id ? id : null)
  }
  for (const { id, maker, model } of parts) {
    put(plain(`${maker} ${model}`), id)
    if (/\s/.test(model.trim())) put(plain(model), id)
  }
  return text => {
    const [first = '', ...others] = text.split('\n').filter(line => line.trim() !== '')
    return others.every(saysNoMore) ? (byName.get(plain(nameIn(first))) ?? null) : null
  }
}

/** A line that says what it costs, how many there are, where it is sold, what all come to. */
const saysNoMore = (line: string): boolean =>
  countLine(line) !== null ||
  isMoney(line) ||
  isSum(line) ||
  tellsState(line) ||
  withoutMarks(line).trim() === ''

/** The name in a line of a list. */
function nameIn(line: string): string {
  const bare = withoutTimes(withoutMarks(line).replace(/^\s*(?:[-•*]\s+|\d{1,2}[.)]\s+)?/, ''))
  const [, label = '', name = bare] =
    /^([^:|]{2,24}?)\s*(?:[:|]|\s[-–—])\s+(\S.*)$/.exec(bare) ?? []
  return withoutMoney(withoutTimes(kindLabelled(label) === null ? bare : name))
}
