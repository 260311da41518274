// What of a sheet was not read: whole lines, and phrases of lines that were read only in part. Nothing falls silently.
import type { Notes } from './notes'
import { phrasesOf, type Sheet, type Statement } from './statements'

/**
 * Lists what of a sheet no field came from, in the order of the sheet. A phrase of a line that was read counts as unread
 * where it says nothing by itself (beyond what its label says) and the sheet reads the same without it: `read` reads a sheet
 * that was changed so. Reads the whole sheet once for each such phrase.
 */
export function unreadIn(
  sheet: Sheet,
  notes: Notes,
  read: (variant: Sheet) => Notes,
): readonly string[] {
  const said = saysOf(notes)
  const paths = pathsOf(notes)
  const lines = sheet.statements.flatMap(s => {
    if (!notes.wasRead(s)) return [s.words]
    const bare = once(() => pathsOf(read(alone(sheet, s, ''))))
    return partsOf(s.value)
      .filter(
        part =>
          ![...pathsOf(read(alone(sheet, s, part)))].some(
            path => paths.has(path) && !bare().has(path),
          ) && sameSet(saysOf(read(without(sheet, s, part))), said),
      )
      .map(part => (s.label === '' ? part : `${s.label}: ${part}`))
  })
  const notesBelow = sheet.footnotes
    .filter(f =>
      sameSet(
        saysOf(read({ ...sheet, footnotes: sheet.footnotes.filter(other => other !== f) })),
        said,
      ),
    )
    .map(f => `${f.mark} ${f.says}`)
  return [...new Set([...lines, ...notesBelow])]
}

/** The phrases of a line that says several things, and what stands in brackets with a figure. */
function partsOf(value: string): readonly string[] {
  const phrases = phrasesOf(value)
  const brackets = [...value.matchAll(/\([^()]*\d[^()]*\)/g)]
    .map(m => m[0])
    .filter(b => !phrases.includes(b))
  return [...(phrases.length > 1 ? phrases : []), ...brackets].filter(p => /[A-Za-z0-9]{2}/.test(p))
}

const alone = (sheet: Sheet, s: Statement, value: string): Sheet => ({
  ...sheet,
  statements: [{ ...s, value }],
  footnotes: [],
})
const without = (sheet: Sheet, s: Statement, part: string): Sheet => ({
  ...sheet,
  statements: sheet.statements.map(x => (x === s ? { ...s, value: s.value.replace(part, '') } : x)),
})

const saysOf = (notes: Notes): ReadonlySet<string> =>
  new Set([...notes.fields(), ...notes.doubtful()].map(f => `${f.path} ${JSON.stringify(f.value)}`))
/** Paths that were read; any words at all make a name of a line alone, so that names say nothing here. */
const pathsOf = (notes: Notes): ReadonlySet<string> =>
  new Set(
    [...notes.fields(), ...notes.doubtful()]
      .map(f => f.path)
      .filter(path => path !== 'maker' && path !== 'model'),
  )
const sameSet = (a: ReadonlySet<string>, b: ReadonlySet<string>): boolean =>
  a.size === b.size && [...a].every(x => b.has(x))

function once<T>(make: () => T): () => T {
  let kept: { readonly value: T } | null = null
  return () => (kept ??= { value: make() }).value
}
