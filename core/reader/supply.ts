// A supply's sheet: its label, its rails, its class, and its plugs with their counts and lengths.
import { along, measuresIn, plainNumber, productIn, spokenIn, valueIn } from './measures'
import { isNo, whole, type Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import { phrasesOf, type Sheet, type Statement } from './statements'
import { leadingCount, thingsIn, type Counted, type Thing } from './things'

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
    named: oneOf(
      /(?:ATX|main)?\s*(?:24[- ]?pins?|20\s?\+\s?4)(?:\s*(?:main|ATX))?/,
      ...[/^(?:ATX|main)(?=\s*\d{3}\s*mm)/, /\bATX\s24\b/],
    ),
  },
  {
    key: 'card-8',
    named: oneOf(
      new RegExp(
        [
          String.raw`(?:PCIe|PCI-E|VGA|PEG)(?!\s*(?:Gen\s*)?\d\.\d)`,
          String.raw`[^,;\d]*(?:8[- ]?pin)?\s*\(?(?:6\s?\+\s?2)?`,
        ].join(''),
      ),
      /6\s?\+\s?2/,
    ),
  },
  {
    key: 'cpu-8',
    named: oneOf(
      /(?:EPS|CPU|P8)(?:12V)?[^,;\d]*(?:8[- ]?pins?|4\s?\+\s?4)/,
      ...[/(?:EPS|CPU)\s8\b/, /4\s?\+\s?4/, /8[- ]?pin (?:EPS|CPU)/],
      /\bEPS(?:12V)?\b(?![^,;]*4[- ]?pin)/,
    ),
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
    readClass(s, notes)
    readModular(s, notes)
    readWatts(s, notes)
    readLength(s, notes)
    readRails(s, notes)
    readPlugs(s, notes)
    readGuards(s, notes)
  }
}

function readGuards(s: Statement, notes: Notes): void {
  const guards = GUARDS.flatMap(([words, name]) => (words.test(s.value) ? [name] : []))
  if (guards.length > 1 || (guards.length === 1 && /protection/i.test(s.label)))
    notes.put(s, 'protections', guards)
  const text = whole(s)
  if (/\bPFC\b|power[- ]factor/i.test(text))
    notes.put(
      s,
      'pfc',
      choiceIn(text, [
        [/active/i, 'active'],
        [/passive/i, 'passive'],
      ]),
    )
}

const SMALL_FORMS: readonly (readonly [RegExp, string])[] = [
  [/\bSFX-L\b/, 'SFX-L'],
  [/\bSFX\b/, 'SFX'],
  [/\bTFX\b/, 'TFX'],
  [/\bflex\b/i, 'Flex'],
]
const ATX = /\bATX(?:12V)?\b(?!\s*(?:24|20|main|connector))/i

function readForm(s: Statement, notes: Notes): void {
  if (/connector|cables?|24/i.test(s.label)) return
  const text = whole(s)
  notes.put(s, 'form', choiceIn(text, SMALL_FORMS) ?? (ATX.test(text) ? 'ATX' : null))
}

function readClass(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/ATX\s?(?:12V\s?)?(?:v\s?)?3\.\d/i.test(text)) notes.put(s, 'guide', 'newer')
  const grade = CLASSES.find(c => new RegExp(`\\b${c}\\b`, 'i').test(text))
  if (/80|efficien|certif/i.test(text) || s.line === 1) notes.put(s, 'efficiency', grade)
}

function readModular(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/fixed cables?|^cables?: fixed/i.test(text)) notes.put(s, 'modular', 'fixed')
  else if (/modular/i.test(text) || /cable (?:type|design|management)|modularity/i.test(s.label))
    notes.put(s, 'modular', modularIn(s))
}

function modularIn(s: Statement): string | null {
  const text = whole(s)
  if (/semi|part/i.test(text)) return 'part'
  if (/non-?\s?modular|fixed/i.test(text) || isNo(s.value)) return 'fixed'
  return /full|yes|modular/i.test(text) ? 'full' : null
}

/** Named choice: what is less is a rail or a fan, no supply, W. */
const FEEBLEST = 100

function readWatts(s: Statement, notes: Notes): void {
  const watts = measuresIn(whole(s)).find(m => m.unit === 'W' && m.value >= FEEBLEST)
  const about =
    /watt|power|output|rated|capacity|total|^\d+\s*W/i.test(s.label) ||
    s.label === '' ||
    s.line === 1
  if (about && !isAboutRails(s)) notes.put(s, 'watts', watts?.value, 'W')
}

const isAboutRails = (s: Statement): boolean =>
  /combined/i.test(whole(s)) ||
  RAILS.some(
    ([, , named]) => named.test(s.label) || new RegExp(`^\\s*${named.source}`, 'i').test(s.value),
  )

function readLength(s: Statement, notes: Notes): void {
  const size = productIn(s.value, s.label)
  const spoken = spokenIn(s.value).find(x => x.axis === 'length')?.value
  if (size?.values.length === 3)
    notes.put(s, 'length', lengthOf(size.values, along(size, 'length', []), notes), 'mm')
  else if (/^(?:psu |unit |supply )?(?:length|depth)$/i.test(s.label))
    notes.put(s, 'length', valueIn(s.value, 'mm'), 'mm')
  else notes.put(s, 'length', spoken, 'mm')
}

/** Width and height of each form, mm; the sheets of the small ones agree in them. */
const CROSS_SECTION: Readonly<Record<string, readonly number[]>> = {
  ATX: [150, 86],
  Flex: [81.5, 40.5],
}
const SMALL_CROSS_SECTION = [125, 63.5]

/** Without letters the length is what is neither the form's width nor its height. */
function lengthOf(values: readonly number[], named: number | null, notes: Notes): number | null {
  if (named !== null) return named
  const fixed = CROSS_SECTION[String(notes.value('form'))] ?? SMALL_CROSS_SECTION
  const left = fixed.reduce<readonly number[]>((rest, f) => {
    const i = rest.findIndex(v => Math.abs(v - f) < 2)
    return i < 0 ? rest : rest.filter((_, k) => k !== i)
  }, values)
  return left.length === 1 ? (left[0] ?? null) : null
}

/** What the two small rails give together is told as one figure. */
const TOGETHER = /combined|3[.,]3\s?V\s*(?:\+|and|&)\s*\+?5\s?V/i

/** Rails by amps times volts, or by watts where they are given. */
function readRails(s: Statement, notes: Notes): void {
  const together = TOGETHER.test(whole(s))
  if (together) {
    readCombined(s, notes)
    if (!/A\b/.test(s.value)) return
  }
  for (const [rail, volts, named] of RAILS) {
    const given = measuresIn(saidOfRail(s, named))
    const watts = given.find(x => x.unit === 'W')
    const amps = given.find(x => x.unit === 'A')
    if (watts && !together) notes.put(s, `rails.${rail}`, watts.value, 'W')
    else if (amps) notes.put(s, `rails.${rail}`, amps.value * volts, 'W')
  }
}

/** Where a line tells all rails, the word stands with the figure it is about. */
function readCombined(s: Statement, notes: Notes): void {
  const watts = measuresIn(s.value).filter(m => m.unit === 'W')
  const named = watts.find(
    m =>
      /^\)?\s*(?:max\.? )?(?:combined|together)/i.test(s.value.slice(m.end)) ||
      new RegExp(`(?:${TOGETHER.source})[^\\d]{0,12}$`, 'i').test(s.value.slice(0, m.at)),
  )
  const rails = RAILS.filter(([, , rail]) => rail.test(s.value)).length
  if (named || rails < RAILS.length)
    notes.put(s, 'rails.combined', (named ?? watts.at(-1))?.value, 'W')
}

/** What is said of a rail: the value under its label, else the words behind its name. */
function saidOfRail(s: Statement, named: RegExp): string {
  if (named.test(s.label)) return s.value
  const m = named.exec(s.value)
  if (!m) return ''
  const behind = m.index + m[0].length
  return s.value.slice(behind, nextRail(s.value, behind))
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

const STEPS = new RegExp(
  [
    String.raw`(\d{2,4}(?:[.,]\d+)?)\s*(?:mm|cm)?`,
    String.raw`((?:\s*\+\s*\d{1,4}(?:[.,]\d+)?\s*(?:mm|cm)?)+)`,
  ].join(''),
  'i',
)

/**
 * "500+150+150 mm", "chain of 4 (500 mm, then every 120 mm)", "8 (3 per cable)", "600 mm".
 * Distances from plug to plug where they are all alike.
 */
const cableIn = (phrase: string): Cable => steppedIn(phrase) ?? spokenCable(phrase)

/** "500+150+150 mm": a sum of steps with a unit. */
function steppedIn(phrase: string): Cable | null {
  const sum = STEPS.exec(phrase)
  if (!sum) return null
  const [all, first = '', more = ''] = sum
  const unit =
    /(cm|mm)\s*$/i.exec(all)?.[1] ?? /^\s*(cm|mm)/i.exec(phrase.slice(sum.index + all.length))?.[1]
  if (unit === undefined) return null
  const times = unit.toLowerCase() === 'cm' ? 10 : 1
  const steps = [...more.matchAll(/\d+(?:[.,]\d+)?/g)].map(x => plainNumber(x[0]) * times)
  const [step = null] = steps
  return {
    length: plainNumber(first) * times,
    after: steps.every(x => x === step) ? step : null,
    each: steps.length + 1,
  }
}

function spokenCable(phrase: string): Cable {
  const each =
    /\b(?:chain|cable) (?:of|with) (\d)\b/i.exec(phrase)?.[1] ??
    /(\d)\s*(?:plugs?\s*|connectors?\s*)?(?:per|on each|a) cable/i.exec(phrase)?.[1]
  const every = /\bevery\s+([\d.,]+\s*(?:mm|cm))/i.exec(phrase)?.[1]
  return {
    length: lengthIn(phrase),
    after: measuresIn(every ?? '')[0]?.value ?? null,
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
    // "1x ATX 24-pin, 610 mm": a bare length belongs to the plug before it.
    if (last && /^[\d.,]+\s*(?:mm|cm)$/.test(phrase))
      notes.put(s, `cables.${last}.length`, measuresIn(phrase)[0]?.value, 'mm')
    const [here] = thingsIn(phrase, PLUGS)
    const plug = inLabel ?? here
    if (!plug) continue
    last = plug.key
    if (/supply|certif/i.test(phrase) && !/\d\s*x|pin/i.test(phrase)) continue
    readCable(s, notes, plug.key, { phrase, count: plugCount(phrase, inLabel, here) })
    if (inLabel) break
  }
}

function plugCount(
  phrase: string,
  inLabel: Counted<Plug> | undefined,
  here: Counted<Plug> | undefined,
): number {
  const named = here?.count ?? 1
  return inLabel ? (leadingCount(phrase) ?? named) : named
}

function readCable(
  s: Statement,
  notes: Notes,
  key: Plug,
  { phrase, count }: { readonly phrase: string; readonly count: number },
): void {
  const inLabel = thingsIn(s.label, PLUGS).length > 0
  const cable = cableIn(phrase)
  // A number of chains counts as many plugs as hang on them; "Cable lengths: ATX 550 mm" counts none.
  const chains = /\b(?:chain|cable) (?:of|with) \d\b/i.test(phrase) ? (cable.each ?? 1) : 1
  if (inLabel || !/lengths?\b/i.test(s.label)) notes.count(s, `cables.${key}`, count * chains)
  notes.put(s, `cables.${key}.length`, cable.length ?? (inLabel ? lengthIn(s.value) : null), 'mm')
  notes.put(s, `cables.${key}.after`, cable.after, 'mm')
  notes.put(s, `cables.${key}.each`, cable.each, 'pcs')
}
