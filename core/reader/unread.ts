// What of a sheet was not read: whole lines, and phrases of lines that were read only in part. Nothing falls silently.
import type { Notes } from './notes'
import { phrasesOf, type Sheet, type Statement } from './statements'

/**
 * Lists what of a sheet no field came from, in the order of the sheet. A phrase of a line that was read counts as unread
 * where it says nothing by itself and the sheet reads the same without it: `read` reads a sheet that was changed so.
 */
export function unreadIn(sheet: Sheet, notes: Notes, read: (variant: Sheet) => Notes): readonly string[] {
  const said = saysOf(notes)
  const lines = sheet.statements.flatMap(s => {
    if (!notes.wasRead(s)) return [s.words]
    const bare = once(() => saysOf(read(alone(sheet, s, ''))))
    return partsOf(s.value).filter(part => !speaks(saysOf(read(alone(sheet, s, part))), said, bare()) && sameSet(saysOf(read(without(sheet, s, part))), said)).map(part => (s.label === '' ? part : `${s.label}: ${part}`))
  })
  const notesBelow = sheet.footnotes.filter(f => sameSet(saysOf(read({ ...sheet, footnotes: sheet.footnotes.filter(other => other !== f) })), said)).map(f => `${f.mark} ${f.says}`)
  return [...new Set([...lines, ...notesBelow])]
}

/** The phrases of a line that says several things, and what stands in brackets with a figure. */
function partsOf(value: string): readonly string[] {
  const phrases = phrasesOf(value)
  const brackets = [...value.matchAll(/\([^()]*\d[^()]*\)/g)].map(m => m[0]).filter(b => !phrases.includes(b))
  return [...(phrases.length > 1 ? phrases : []), ...brackets].filter(p => /[A-Za-z0-9]{2}/.test(p))
}

const alone = (sheet: Sheet, s: Statement, value: string): Sheet => ({ ...sheet, statements: [{ ...s, value }], footnotes: [] })
const without = (sheet: Sheet, s: Statement, part: string): Sheet => ({ ...sheet, statements: sheet.statements.map(x => (x === s ? { ...s, value: s.value.replace(part, '') } : x)) })

const saysOf = (notes: Notes): ReadonlySet<string> => new Set([...notes.fields(), ...notes.doubtful()].map(f => `${f.path} ${JSON.stringify(f.value)}`))
const sameSet = (a: ReadonlySet<string>, b: ReadonlySet<string>): boolean => a.size === b.size && [...a].every(x => b.has(x))
/** Whether a phrase by itself says something that was kept, beyond what its label says. */
const speaks = (own: ReadonlySet<string>, said: ReadonlySet<string>, bare: ReadonlySet<string>): boolean => [...own].some(x => said.has(x) && !bare.has(x))

function once<T>(make: () => T): () => T {
  let kept: { readonly value: T } | null = null
  return () => (kept ??= { value: make() }).value
}
