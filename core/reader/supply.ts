// A supply's sheet: its label, its rails, its class, and its plugs with their counts and lengths.
import { along, firstOf, measuresIn, plainNumber, productIn, spokenIn } from './measures'
import { isNo, whole, type Notes } from './notes'
import { phrasesOf, type Sheet, type Statement } from './statements'
import { leadingCount, thingsIn, type Thing } from './things'

type Plug =
  | 'main-24'
  | 'cpu-8'
  | 'cpu-4'
  | 'card-16'
  | 'card-8'
  | 'card-6'
  | 'sata-power'
  | 'drive-4'
  | 'drive-small-4'
const PLUGS: readonly Thing<Plug>[] = [
  { key: 'card-16', named: /12V-?2[x×]6|12VHPWR|16[- ]?pin|12\+4[- ]?pin/i },
  {
    key: 'main-24',
    named:
      /(?:ATX|main)?\s*(?:24[- ]?pins?|20\s?\+\s?4)(?:\s*(?:main|ATX))?|^(?:ATX|main)(?=\s*\d{3}\s*mm)|\bATX\s24\b/i,
  },
  {
    key: 'card-8',
    named:
      /(?:PCIe|PCI-E|VGA|PEG)(?!\s*(?:Gen\s*)?\d\.\d)[^,;\d]*(?:8[- ]?pin)?\s*\(?(?:6\s?\+\s?2)?|6\s?\+\s?2/i,
  },
  {
    key: 'cpu-8',
    named:
      /(?:EPS|CPU|P8)(?:12V)?[^,;\d]*(?:8[- ]?pins?|4\s?\+\s?4)|(?:EPS|CPU)\s8\b|4\s?\+\s?4|8[- ]?pin (?:EPS|CPU)|\bEPS(?:12V)?\b(?![^,;]*4[- ]?pin)/i,
  },
  {
    key: 'cpu-4',
    named: /4[- ]?pin (?:CPU|EPS|12\s?V|P4)|(?:CPU|P4|EPS)[^,;\d]*4[- ]?pin(?!\s*\+)/i,
  },
  { key: 'sata-power', named: /S-?ATA/i },
  { key: 'drive-4', named: /molex|peripheral|4[- ]?pin (?:drive|HDD)|PATA/i },
  { key: 'drive-small-4', named: /floppy|FDD|berg/i },
]
const CLASSES = ['titanium', 'platinum', 'gold', 'silver', 'bronze', 'white'] as const
const GUARDS: readonly (readonly [RegExp, string])[] = [
  [/\bOVP\b|over[- ]voltage/i, 'over-voltage'],
  [/\bUVP\b|under[- ]voltage/i, 'under-voltage'],
  [/\bOCP\b|over[- ]current/i, 'over-current'],
  [/\bOPP\b|over[- ](?:power|load)/i, 'over-power'],
  [/\bOTP\b|over[- ]temp/i, 'over-temperature'],
  [/\bSCP\b|short[- ]circuit/i, 'short-circuit'],
]
const RAILS = [
  ['W12', 12, /(?<![\d.-])\+?12\s?V\b(?!-)/i],
  ['W5', 5, /(?<![\d.-])\+?5\s?V\b(?!\s*sb|sb)/i],
  ['W3', 3.3, /\+?3[.,]3\s?V\b/i],
] as const

export function readSupply(sheet: Sheet, notes: Notes): void {
  // The form tells which of three sizes is the length: it comes first, wherever it stands.
  for (const s of sheet.statements) readForm(s, notes)
  for (const s of sheet.statements) {
    readLabel(s, notes)
    readRails(s, notes)
    readPlugs(s, notes)
    const guards = GUARDS.flatMap(([words, name]) => (words.test(s.value) ? [name] : []))
    if (guards.length > 1 || (guards.length === 1 && /protection/i.test(s.label)))
      notes.put(s, 'protections', guards)
    if (/\bPFC\b|power[- ]factor/i.test(whole(s)))
      notes.put(
        s,
        'pfc',
        /active/i.test(whole(s)) ? 'active' : /passive/i.test(whole(s)) ? 'passive' : null,
      )
  }
}

function readForm(s: Statement, notes: Notes): void {
  const text = whole(s)
  const form =
    /\bSFX-L\b/.exec(text)?.[0] ??
    /\bSFX\b/.exec(text)?.[0] ??
    /\bTFX\b/.exec(text)?.[0] ??
    (/\bflex\b/i.test(text) ? 'Flex' : null) ??
    (/\bATX(?:12V)?\b(?!\s*(?:24|20|main|connector))/i.test(text) && !/24|connector/i.test(s.label)
      ? 'ATX'
      : null)
  if (form && !/connector|cables?|24/i.test(s.label)) notes.put(s, 'form', form)
}

function readLabel(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/ATX\s?(?:12V\s?)?(?:v\s?)?3\.\d/i.test(text)) notes.put(s, 'guide', 'newer')
  const grade = CLASSES.find(c => new RegExp(`\\b${c}\\b`, 'i').test(text))
  if (grade && (/80|efficien|certif/i.test(text) || s.line === 1)) notes.put(s, 'efficiency', grade)
  if (/fixed cables?|^cables?: fixed/i.test(text)) notes.put(s, 'modular', 'fixed')
  else if (/modular/i.test(text) || /cable (?:type|design|management)|modularity/i.test(s.label))
    notes.put(
      s,
      'modular',
      /semi|part/i.test(text)
        ? 'part'
        : /non-?\s?modular|fixed/i.test(text) || isNo(s.value)
          ? 'fixed'
          : /full|yes|modular/i.test(text)
            ? 'full'
            : null,
    )
  const watts = measuresIn(text).find(m => m.unit === 'W' && m.value >= 100)
  const isRail =
    RAILS.some(
      ([, , named]) => named.test(s.label) || new RegExp(`^\\s*${named.source}`, 'i').test(s.value),
    ) || /combined/i.test(text)
  if (
    watts &&
    !isRail &&
    (/watt|power|output|rated|capacity|total/i.test(s.label) ||
      s.label === '' ||
      s.line === 1 ||
      /^\d+\s*W/i.test(s.label))
  )
    notes.put(s, 'watts', watts.value, 'W')
  const size = productIn(s.value, s.label)
  if (size && size.values.length === 3)
    notes.put(s, 'length', lengthOf(size.values, along(size, 'length', []), notes), 'mm')
  else if (/^(?:psu |unit |supply )?(?:length|depth)$/i.test(s.label))
    notes.put(s, 'length', firstOf(s.value, 'mm')?.value ?? null, 'mm')
  else notes.put(s, 'length', spokenIn(s.value).find(x => x.axis === 'length')?.value ?? null, 'mm')
}

/** Without letters the length is what is neither the form's width nor its height. */
function lengthOf(values: readonly number[], named: number | null, notes: Notes): number | null {
  if (named !== null) return named
  const fixed =
    notes.value('form') === 'ATX'
      ? [150, 86]
      : notes.value('form') === 'Flex'
        ? [81.5, 40.5]
        : [125, 63.5]
  const left = fixed.reduce<readonly number[]>((rest, f) => {
    const i = rest.findIndex(v => Math.abs(v - f) < 2)
    return i < 0 ? rest : rest.filter((_, k) => k !== i)
  }, values)
  return left.length === 1 ? (left[0] ?? null) : null
}

/** Rails by amps times volts, or by watts where they are given. */
function readRails(s: Statement, notes: Notes): void {
  const together = /combined|3[.,]3\s?V\s*(?:\+|and|&)\s*\+?5\s?V/i.test(whole(s))
  if (together) {
    const w = measuresIn(s.value).filter(m => m.unit === 'W')
    // Where a line tells all rails, the word stands with the figure it is about.
    const named = w.find(
      m =>
        /^\)?\s*(?:max\.? )?(?:combined|together)/i.test(s.value.slice(m.end)) ||
        /(?:combined|3[.,]3\s?V\s*(?:\+|and|&)\s*\+?5\s?V)[^\d]{0,12}$/i.test(
          s.value.slice(0, m.at),
        ),
    )
    const rails = RAILS.filter(([, , rail]) => rail.test(s.value)).length
    if (w.length > 0 && (named || rails < 3))
      notes.put(s, 'rails.combined', (named ?? w.at(-1))?.value, 'W')
    if (!/A\b/.test(s.value)) return
  }
  for (const [rail, volts, named] of RAILS) {
    const own = named.exec(s.label)
    const m = own ?? named.exec(s.value)
    if (!m) continue
    const rest = own
      ? s.value
      : s.value.slice(m.index + m[0].length, nextRail(s.value, m.index + m[0].length))
    const given = measuresIn(rest)
    const w = given.find(x => x.unit === 'W')
    const a = given.find(x => x.unit === 'A')
    if (w && !together) notes.put(s, `rails.${rail}`, w.value, 'W')
    else if (a) notes.put(s, `rails.${rail}`, a.value * volts, 'W')
  }
}
const nextRail = (text: string, from: number): number => {
  const m = /[,/;]?\s*[+-]?(?:12|5|3[.,]3)\s?V/i.exec(text.slice(from))
  return m ? from + m.index : text.length
}

/**
 * How one phrase says a cable hangs: the first plug's distance, from plug to plug, plugs on a
 * cable.
 */
interface Cable {
  readonly length: number | null
  readonly after: number | null
  readonly each: number | null
}

/**
 * "500+150+150 mm", "chain of 4 (500 mm, then every 120 mm)", "8 (3 per cable)", "600 mm".
 * Distances from plug to plug where they are all alike.
 */
function cableIn(phrase: string): Cable {
  const sum =
    /(\d{2,4}(?:[.,]\d+)?)\s*(?:mm|cm)?((?:\s*\+\s*\d{1,4}(?:[.,]\d+)?\s*(?:mm|cm)?)+)/i.exec(
      phrase,
    )
  const unit = sum
    ? (/(cm|mm)\s*$/i.exec(sum[0])?.[1] ??
      /^\s*(cm|mm)/i.exec(phrase.slice(sum.index + sum[0].length))?.[1])
    : undefined
  if (sum && unit) {
    const times = unit.toLowerCase() === 'cm' ? 10 : 1
    const steps = [...(sum[2] ?? '').matchAll(/\d+(?:[.,]\d+)?/g)].map(
      x => plainNumber(x[0]) * times,
    )
    return {
      length: plainNumber(sum[1] ?? '') * times,
      after: steps.every(x => x === steps[0]) ? (steps[0] ?? null) : null,
      each: steps.length + 1,
    }
  }
  const each =
    /\b(?:chain|cable) (?:of|with) (\d)\b/i.exec(phrase)?.[1] ??
    /(\d)\s*(?:plugs?\s*|connectors?\s*)?(?:per|on each|a) cable/i.exec(phrase)?.[1]
  return {
    length: lengthIn(phrase),
    after: measuresIn(/\bevery\s+([\d.,]+\s*(?:mm|cm))/i.exec(phrase)?.[1] ?? '')[0]?.value ?? null,
    each: each ? Number(each) : null,
  }
}

/** Named choice: what is shorter is no cable of a supply, mm. */
const SHORTEST = 150
const lengthIn = (text: string): number | null =>
  measuresIn(text).find(m => m.unit === 'mm' && m.value >= SHORTEST)?.value ?? null

function readPlugs(s: Statement, notes: Notes): void {
  if (/protection|dimension|size|output$|efficien/i.test(s.label) || isNo(s.value)) return
  const [inLabel] = thingsIn(s.label, PLUGS)
  let last: Plug | null = null
  for (const phrase of phrasesOf(s.value)) {
    const [here] = thingsIn(phrase, PLUGS)
    const key = inLabel?.key ?? here?.key
    // "1x ATX 24-pin, 610 mm": a bare length belongs to the plug before it.
    if (last && /^[\d.,]+\s*(?:mm|cm)$/.test(phrase))
      notes.put(s, `cables.${last}.length`, measuresIn(phrase)[0]?.value, 'mm')
    if (!key) continue
    last = key
    if (/supply|certif/i.test(phrase) && !/\d\s*x|pin/i.test(phrase)) continue
    const cable = cableIn(phrase)
    // A number of chains counts as many plugs as hang on them; "Cable lengths: ATX 550 mm" counts
    // none.
    const count = inLabel
      ? (leadingCount(phrase) ?? (here && here.count > 1 ? here.count : 1))
      : (here?.count ?? 1)
    const chains = /\b(?:chain|cable) (?:of|with) \d\b/i.test(phrase) ? (cable.each ?? 1) : 1
    if (inLabel || !/lengths?\b/i.test(s.label)) notes.count(s, `cables.${key}`, count * chains)
    notes.put(s, `cables.${key}.length`, cable.length ?? (inLabel ? lengthIn(s.value) : null), 'mm')
    notes.put(s, `cables.${key}.after`, cable.after, 'mm')
    notes.put(s, `cables.${key}.each`, cable.each, 'pcs')
    if (inLabel) break
  }
}
