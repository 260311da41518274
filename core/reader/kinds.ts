// Which kind of part a sheet is about: by the words that only such sheets use, those of its title
// counting most.
import type { PartKind } from '../parts'
import { labelledName } from './called'
import { CUES, type Cue } from './kind-cues'
import { kindLabelled, kindNounsIn } from './kind-words'
import { withoutMoney } from './money'
import type { Sheet } from './statements'

const TITLE = 3
/** Labels whose values name what it is, wherever they stand. */
const NAMING = /^(?:type|category|class|product(?: name)?|item|name|model|device|part|brand|gpu)$/i

const ITS_NAME = /^(?:product(?: name)?|name|model|item)$/i

/** Leads and what parts them have no sheets that are read. */
const OF_NONE =
  /\b(?:fan|PWM|A?RGB|SATA|power|USB)[- ](?:splitter|extension|adapter cable)\b|\bY[- ]cable\b/i
/** What goes on another part, or between two. */
const AN_ADDITION =
  /^(?:(?:M\.2|SSD) (?:SSD )?heat ?sink|thermal (?:paste|pads?|grease|compound)|(?:PCIe )?riser(?: cable)?)\b/i
/** Cables of a supply by themselves, not "… power supply with a 12V-2x6 cable". */
const EXTENSIONS = /\bextension (?:kit|cables?|set)\b/i
const A_CABLE = /\b(?:12V-?2x6|12VHPWR|PCIe|EPS|24-pin) (?:power )?cable\b/i
const OF_A_WHOLE = /\bwith\b|\bincl|\d{3,4} ?W\b|80 ?plus/i
const isOnlyALead = (title: string, [first]: Sheet['statements']): boolean =>
  OF_NONE.test(title) ||
  AN_ADDITION.test(title.trim()) ||
  (!OF_A_WHOLE.test(title) &&
    kindNounsIn(title).length === 0 &&
    // "24-pin cable: 600 mm" is a row of a supply's sheet.
    (EXTENSIONS.test(title) || (first?.label === '' && A_CABLE.test(title))))

/** "GPU: 400 mm" names nothing: so long it may be. */
const A_ROOM = /^\s*(?:max\.? |up to )?\d+(?:[.,]\d+)?\s*(?:mm|cm)\b/i

/** A title ends where a sentence does, and before what lies in the box. */
const TITLE_ENDS = /[.;](?=\s|$)|(?:what.s )?in the box\b|\bbox contents?\b|\bcontents\b/i

/** What a sheet calls its part: its first row, and rows that name it. */
function titleOf({ statements }: Sheet): string {
  // Where a row of a table names it, the first row is one like the others.
  const isNamedLater = statements.some((s, i) => i > 0 && ITS_NAME.test(s.label))
  return statements
    .filter(
      (s, i) =>
        (i === 0 && !(isNamedLater && s.label !== '')) ||
        (NAMING.test(s.label) && !A_ROOM.test(s.value)),
    )
    .map(s => `${s.label} ${s.value}`.split(TITLE_ENDS)[0] ?? '')
    .join(' \n ')
}

/**
 * Kinds by how much the words speak for them, the likeliest first, each as a share of the first;
 * none where no word speaks for any.
 */
export function kindsOfSheet(
  sheet: Sheet,
  makers: readonly string[] = [],
): readonly { readonly kind: PartKind; readonly share: number }[] {
  // A maker's name may hold a kind's word.
  const plain = (text: string): string =>
    makers.reduce((t, m) => t.replaceAll(m, ''), text.replace(ITS_OWN_COOLER, ''))
  const [body, title] = [plain(sheet.text), plain(titleOf(sheet))]
  if (isOnlyALead(title, sheet.statements)) return []
  const called = calledFirst(sheet)
  if (called !== null) return [{ kind: called, share: 1 }]
  const scores = (Object.entries(CUES) as [PartKind, readonly Cue[]][])
    .map(([kind, cues]) => ({ kind, score: scoreOf(cues, body, title) }))
    .sort((a, b) => b.score - a.score)
  const best = scores[0]?.score ?? 0
  return best > 0 ? scores.map(({ kind, score }) => ({ kind, share: score / best })) : []
}

/** "Processor, boxed without cooler", "(with the boxed cooler)": no sheet of a cooler. */
const ITS_OWN_COOLER =
  /\b(?:with(?:out)?|incl(?:\.|uding)?|no)\s+(?:(?:an?|the|boxed|stock|own|its)\s+)*(?:cooler|heat ?sink)\b/gi

/** How much the words of a kind speak for it, as a share of all that could. */
function scoreOf(cues: readonly Cue[], body: string, title: string): number {
  const said = cues.reduce(
    (sum, [words, weight]) =>
      sum + (words.test(body) ? weight : 0) + (words.test(title) ? weight * TITLE : 0),
    0,
  )
  return said / Math.sqrt(cues.reduce((sum, [, weight]) => sum + weight, 0))
}

/** Named choice: with more labels it is a table, and its first row is one like the others. */
const FEW_LABELS = 4
/**
 * "PSU: Dunlin A650, 80+ Gold", "Gust 140 (fan)": what stands before the name at the top, or in brackets
 * behind it, says what it is.
 */
function calledFirst({ statements }: Sheet): PartKind | null {
  const [first] = statements
  const labels = new Set(statements.map(s => s.label).filter(label => label !== ''))
  if (!first || labels.size > FEW_LABELS) return null
  if (first.label !== '') return labelledName(`${first.label}: ${first.value}`)?.kind ?? null
  return kindLabelled(IN_BRACKETS.exec(withoutMoney(first.value))?.[1] ?? '')
}
/** "(fan)", "(Netzteil) ab". */
const IN_BRACKETS = /\S\s+\(([A-Za-z][A-Za-z ./-]{1,24})\)\s*(?:ab|from)?$/
