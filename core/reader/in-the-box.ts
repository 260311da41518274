// How sheets say that something comes with a part; their lines, each with what stands over it.
import { isNo } from './absent'
import type { Notes } from './notes'
import { oneOf } from './pattern'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { countOf } from './things'

export const INCLUDED = oneOf(
  ...[
    /pre-?\s?(?:installed|fitted|mounted)/,
    /\bfans? fitted\b/,
    /\b\d[^()]* fitted\)/,
    /\bincluded\b/,
    /\bincludes\b/,
    /\bincl\b/,
  ],
  ...[/\bsupplied\b/, /\bbundled\b/, /(?:comes?|ships?|delivered) with\b/, /\bfactory[- ]fitted/],
  // Not "when a fan is mounted at the front".
  /(?<!\b(?:when|if|while|once)\b[^.;,()]{0,30})\b(?:is|are|come|comes) (?:already )?(?:fitted|installed|mounted)\b/,
)
/** Labels under which everything is in the box. */
export const CONTENTS = oneOf(
  ...[/^(?:package|packaging|box) contents?$/, /^in the box$/, /^scope of delivery$/],
  ...[/^contents(?: of.*)?$/, /^(?:supplied )?accessories$/, /^included(?: accessories)?$/],
  ...[/^(?:in the )?(?:box|package)$/, /^what['’]?s in the box$/, /^delivery$/],
  ...[
    /^what you get$/,
    /^(?:bundle|bundled items|box includes|package includes)$/,
    /^lieferumfang$/,
  ],
)
/** What lies in boxes, by its own label. */
const THINGS = oneOf(
  ...[/\b(?:cables?|leads?|cords?|screws?|ties?|stand-?offs?|spacers?|clips?|bags?|kit)\b/],
  ...[/\b(?:manual|guide|shield|adapt[eo]rs?|brackets?|paste|tools?|stickers?)\b/],
  ...[/\bM[23]\b|\bM[23]\s*x|\b6-32/],
)
/**
 * Whether a line lists what lies in the box: its label says so, or the heading that it stands under;
 * a figure under a label of its own is the part's again.
 */
export const isContentsLine = ({ label, under }: Statement): boolean =>
  CONTENTS.test(label) || (CONTENTS.test(under) && (label === '' || THINGS.test(label)))
/** Walls of a case at the beginning of a line. */
export const WALL = /^(?:front|rear|top|bottom|side|roof)\b/i

/** One line of a sheet, the line over it that is no wall of a case, and whether all of it is in the box. */
export interface Line {
  readonly s: Statement
  readonly heading: string
  readonly isContents: boolean
}

/** The lines that state something: "Fans pre-installed" stands over the walls below it. */
export function linesOf({ statements }: Sheet): readonly Line[] {
  let [heading, under] = ['', '']
  return statements.flatMap(s => {
    if (s.under !== under) [heading, under] = ['', s.under]
    if (isNo(s.value)) return []
    if (!WALL.test(s.label)) heading = s.label === '' && !/\d/.test(s.value) ? s.value : ''
    return [{ s, heading, isContents: isContentsLine(s) }]
  })
}

/** The line over the walls is read with them. */
export function usesHeading(sheet: Sheet, notes: Notes, heading: string): void {
  const over = sheet.statements.find(s => heading !== '' && s.label === '' && s.value === heading)
  if (over) notes.use(over)
}
/** Something that is named in the value of a line, by its count. */
export function counted(
  s: Statement,
  notes: Notes,
  { what, named }: { readonly what: string; readonly named: RegExp },
): boolean {
  const phrase = phrasesOf(s.value).find(p => named.test(p)) ?? s.value
  const found = named.exec(phrase)
  if (found) notes.put(s, `includes.${what}`, countOf(phrase, found) ?? 1, 'pcs')
  return found !== null
}
