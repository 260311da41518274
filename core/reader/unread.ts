// What of a sheet was not read: whole lines, and phrases of lines that were read only in part.
// Nothing falls silently.
import type { Notes, ReadField } from './notes'
import { phrasesOf } from './phrases'
import type { Footnote, Sheet, Statement } from './statements'

/**
 * Named choices: how much finding this may cost, counted in characters that are read anew. So many
 * times the whole sheet, and a start for short ones: the cost grows with the length and no faster,
 * whatever the text.
 */
const READINGS = 12
const START = 60_000

export interface Unread {
  /** In the order of the sheet. */
  readonly phrases: readonly string[]
  /**
   * Of how many phrases it was not looked whether they were read: the sheet is too long for that.
   */
  readonly unlooked: number
}

/** Something of the sheet that may say nothing: a phrase of a line, or a footnote. */
interface Piece {
  readonly of: Statement | Footnote
  readonly text: string
  readonly says: string
}
/** One line of the answer: said at once, or when it turns out that its piece says nothing. */
interface Line {
  readonly says: string
  readonly piece: Piece | null
}

/**
 * Lists what of a sheet no field came from. A phrase of a line that was read counts as unread where
 * it says nothing by itself (beyond what its label says) and the sheet reads the same without it:
 * `read` reads a sheet that was changed so. Pieces are left out many at a time; only where that
 * changes what is read are they looked at in halves.
 */
export function unreadIn(sheet: Sheet, notes: Notes, read: (variant: Sheet) => Notes): Unread {
  const said = saysOf(notes)
  const lines = [
    ...linesOf(sheet, notes, read),
    ...sheet.footnotes.map(ofFootnote),
    ...sheet.asides.map(says => ({ says, piece: null })),
  ]
  const pieces = lines.flatMap(line => line.piece ?? [])
  const length = sheet.statements.reduce((sum, s) => sum + s.value.length, 0)
  let left = READINGS * length + START
  const silent = new Set<Piece>()
  let unlooked = 0
  const look = (group: readonly Piece[]): void => {
    if (group.length === 0) return
    left -= length
    if (left < 0) {
      unlooked += group.length
      return
    }
    if (sameSet(saysOf(read(without(sheet, group))), said)) {
      for (const piece of group) silent.add(piece)
      return
    }
    if (group.length === 1) return
    const half = Math.ceil(group.length / 2)
    look(group.slice(0, half))
    look(group.slice(half))
  }
  look(pieces)
  const phrases = lines.filter(line => line.piece === null || silent.has(line.piece))
  return { phrases: [...new Set(phrases.map(line => line.says))], unlooked }
}

/**
 * Lines that were not read, and the phrases of the others that say nothing by themselves. Each
 * wording is looked at once.
 */
function linesOf(sheet: Sheet, notes: Notes, read: (variant: Sheet) => Notes): readonly Line[] {
  const said = withoutNames(notes)
  const saysAlone = onceFor((s: Statement, value: string) =>
    withoutNames(read(alone(sheet, s, value))),
  )
  const ownOf = (s: Statement, part: string): readonly string[] => {
    const bare = saysAlone(s, '')
    return [...saysAlone(s, part)].filter(says => said.has(says) && !bare.has(says))
  }
  return sheet.statements.flatMap((s): readonly Line[] => {
    if (!notes.wasRead(s)) return [{ says: s.words, piece: null }]
    return partsOf(s.value).flatMap((part): readonly Line[] => {
      const own = ownOf(s, part)
      const says = s.label === '' ? part : `${s.label}: ${part}`
      if (own.length === 0) return [{ says, piece: { of: s, text: part, says } }]
      return COUNTS.test(part) && own.every(isOfShape) ? [{ says, piece: null }] : []
    })
  })
}

/** "PSU shroud: 2 x 120 mm" tells that there is a shroud; what it counts is not read by that. */
const COUNTS = /\d\s*x\s/i
const isOfShape = (says: string): boolean => says.startsWith('archetype ')

function ofFootnote(f: Footnote): Line {
  const says = `${f.mark} ${f.says}`
  return { says, piece: { of: f, text: f.says, says } }
}

/** A condition stands by itself, wherever it is said. */
const SWITCHES = /\b(?:disable[ds]|unavailable|off|share[ds]?|shares|when|if|only)\b/i

/** The phrases of a line that says several things, and what stands in brackets with a figure. */
function partsOf(value: string): readonly string[] {
  const phrases = phrasesOf(value)
  const brackets = [...value.matchAll(/\([^()]*\d[^()]*\)/g)]
    .map(m => m[0])
    .filter(b => !phrases.includes(b))
  const inBrackets = [...value.matchAll(/\(([^()]*,[^()]*)\)/g)].flatMap(m =>
    phrasesOf(m[1] ?? '').filter(p => SWITCHES.test(p)),
  )
  return [...(phrases.length > 1 ? phrases : []), ...brackets, ...inBrackets].filter(p =>
    /[A-Za-z0-9]{2}/.test(p),
  )
}

const alone = (sheet: Sheet, s: Statement, value: string): Sheet => ({
  ...sheet,
  statements: [{ ...s, value }],
  footnotes: [],
})

/** The sheet without these pieces. */
function without(sheet: Sheet, pieces: readonly Piece[]): Sheet {
  const gone = new Map<Statement | Footnote, string[]>()
  for (const { of, text } of pieces) gone.set(of, [...(gone.get(of) ?? []), text])
  return {
    ...sheet,
    footnotes: sheet.footnotes.filter(f => !gone.has(f)),
    statements: sheet.statements.map(s => {
      const parts = gone.get(s)
      return parts ? { ...s, value: parts.reduce((v, part) => v.replace(part, ''), s.value) } : s
    }),
  }
}

const fieldsOf = (notes: Notes): readonly ReadField[] => [...notes.fields(), ...notes.doubtful()]
const saysOf = (notes: Notes): ReadonlySet<string> => new Set(fieldsOf(notes).map(pairOf))
const pairOf = ({ path, value }: ReadField): string => `${path} ${JSON.stringify(value)}`
/** Any words at all make a name of a line alone, so that names say nothing here. */
const withoutNames = (notes: Notes): ReadonlySet<string> =>
  new Set(
    fieldsOf(notes)
      .filter(f => f.path !== 'maker' && f.path !== 'model')
      .map(pairOf),
  )
const sameSet = (a: ReadonlySet<string>, b: ReadonlySet<string>): boolean =>
  a.size === b.size && [...a].every(x => b.has(x))

/** Done once for each wording of a line: a text that says the same a hundred times is read once. */
function onceFor<T>(make: (s: Statement, value: string) => T): typeof make {
  const known = new Map<string, T>()
  return (s, value) => {
    const name = JSON.stringify([s.label, s.under, value])
    const found = known.get(name) ?? make(s, value)
    known.set(name, found)
    return found
  }
}
