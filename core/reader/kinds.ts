// Which kind of part a sheet is about: by the words that only such sheets use, those of its title
// counting most.
import type { PartKind } from '../parts'
import { labelledName } from './called'
import { CUES, type Cue } from './kind-cues'
import { oneOf } from './pattern'
import type { Sheet } from './statements'

const TITLE = 3
/** Labels whose values name what it is, wherever they stand. */
const NAMING = /^(?:type|category|class|product(?: name)?|item|name|model|device|part|brand|gpu)$/i

const ITS_NAME = /^(?:product(?: name)?|name|model|item)$/i

/** Leads and what parts them have no sheets that are read. */
const OF_NONE = oneOf(
  ...[
    /\b(?:fan|PWM|A?RGB|SATA|power|USB)[- ](?:splitter|extension|adapter cable)\b/,
    /\bY[- ]cable\b/,
  ],
  ...[
    /\bextension (?:kit|cables?|set)\b/,
    /\b(?:12V-?2x6|12VHPWR|PCIe|EPS|24-pin) (?:power )?cable\b/,
  ],
)

/** "GPU: 400 mm" names nothing: so long it may be. */
const A_ROOM = /^\s*(?:max\.? |up to )?\d+(?:[.,]\d+)?\s*(?:mm|cm)\b/i

/**
 * Kinds by how much the words speak for them, the likeliest first, each as a share of the first;
 * none where no word speaks for any.
 */
/** A title ends where a sentence does, and before what lies in the box. */
const TITLE_ENDS = /[.;](?=\s|$)|(?:what.s )?in the box\b|\bbox contents?\b|\bcontents\b/i

export function kindsOfSheet(
  sheet: Sheet,
  makers: readonly string[] = [],
): readonly { readonly kind: PartKind; readonly share: number }[] {
  // A maker's name may hold a kind's word.
  const plain = (text: string): string => makers.reduce((t, m) => t.replaceAll(m, ''), text)
  const body = plain(sheet.text)
  // Where a row of a table names it, the first row is one like the others.
  const isNamedLater = sheet.statements.some((s, i) => i > 0 && ITS_NAME.test(s.label))
  const title = plain(
    sheet.statements
      .filter(
        (s, i) =>
          (i === 0 && !(isNamedLater && s.label !== '')) ||
          (NAMING.test(s.label) && !A_ROOM.test(s.value)),
      )
      .map(s => `${s.label} ${s.value}`.split(TITLE_ENDS)[0] ?? '')
      .join(' \n '),
  )
  if (OF_NONE.test(title)) return []
  const scores = (Object.entries(CUES) as [PartKind, readonly Cue[]][])
    .map(([kind, cues]) => ({
      kind,
      score:
        cues.reduce(
          (sum, [words, weight]) =>
            sum + (words.test(body) ? weight : 0) + (words.test(title) ? weight * TITLE : 0),
          0,
        ) / Math.sqrt(cues.reduce((sum, [, weight]) => sum + weight, 0)),
    }))
    .sort((a, b) => b.score - a.score)
  const called = calledFirst(sheet)
  if (called !== null) return [{ kind: called, share: 1 }]
  const best = scores[0]?.score ?? 0
  return best > 0 ? scores.map(({ kind, score }) => ({ kind, share: score / best })) : []
}

/** Named choice: with more labels it is a table, and its first row is one like the others. */
const FEW_LABELS = 4
/** "PSU: Dunlin A650, 80+ Gold": what stands before the name at the top says what it is. */
function calledFirst({ statements }: Sheet): PartKind | null {
  const [first] = statements
  const labels = new Set(statements.map(s => s.label).filter(label => label !== ''))
  return first && first.label !== '' && labels.size <= FEW_LABELS
    ? (labelledName(`${first.label}: ${first.value}`)?.kind ?? null)
    : null
}
