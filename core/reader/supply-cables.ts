// A supply's plugs on its sheet: how many, how long their cables, how they hang in a chain.
import { cableIn, countedCables, steppedIn, withEach, type Cable } from './cable-hangs'
import { measuresIn } from './measures'
import { isNo } from './absent'
import type { Notes } from './notes'
import { phrasesOf } from './phrases'
import type { Statement } from './statements'
import { PLUGS, type Plug } from './supply-plugs'
import { leadingCount, thingsIn, type Counted } from './things'

/** Labels that name a plug by what it is for: the value may say another. */
const GENERIC = /peripheral|drive connectors/i

const NO_PLUGS =
  /protection|dimension|size|output$|efficien|\bversion\b|complian|^(?:ATX |safety )?standards?$/i
const A_LENGTH = /^[\d.,]+\s*(?:mm|cm)(?: each)?\.?$/
const STEPS = /^\d{2,4}(?:\s*\+\s*\d{2,4})+\s*(?:mm|cm)$/
/** What a lead may carry counts none. */
const A_RATING = /^\s*(?:up to )?\d+\s*W\s*$/i

export function readPlugs(s: Statement, notes: Notes): void {
  if (NO_PLUGS.test(s.label) || countsNone(s.value)) return
  if (readMixed(s, notes)) return
  const [inLabel] = thingsIn(s.label, PLUGS)
  const said = inOneForm(s.value)
  const phrases = phrasesOf(said)
    .flatMap(p => p.split(NEXT_PLUG))
    .map(countInFront)
  const cables = inLabel ? countedCables(phrases) : null
  if (inLabel && cables) readCountedCables(s, notes, inLabel.key, cables)
  else readPhrases(s, notes, { said, phrases, inLabel })
}

interface Phrases {
  readonly said: string
  readonly phrases: readonly string[]
  readonly inLabel: Counted<Plug> | undefined
}
function readPhrases(s: Statement, notes: Notes, { said, phrases, inLabel }: Phrases): void {
  let last: Plug | null = null
  // "PCI Express: 1 x 12V-2x6, 3 x 6+2-pin": each is counted and named by itself.
  const isOfOne = inLabel !== undefined && !areCounted(phrases)
  for (const phrase of phrases) {
    const plug = plugIn(s.label, phrase, inLabel)
    if (!plug) {
      readBehind(s, notes, last ?? inLabel ?? null, phrase)
      continue
    }
    last = plug.key
    if (namesNoPlug(phrase)) continue
    if (isBesideAnother(said, phrase)) notes.count(s, `cables.${plug.key}`, plug.count)
    else readCable(s, notes, plug.key, { phrase, count: plug.count })
    if (isOfOne) break
  }
}

/** "PCIe 6+2: 2 x 650 mm, 2 x 650+150 mm": under a plug's name cables, group by group. */
function readCountedCables(
  s: Statement,
  notes: Notes,
  key: Plug,
  cables: NonNullable<ReturnType<typeof countedCables>>,
): void {
  const path = `cables.${key}`
  const value = cables.reduce((sum, { n, cable }) => sum + n * (cable.each ?? 1), 0)
  const why = 'whether the cables are counted or their plugs is not said'
  if (cables.some(({ n, cable }) => cable.each !== null && n >= cable.each))
    notes.doubt(s, { path, value, unit: 'pcs' }, why)
  else notes.count(s, path, value)
  for (const { cable } of cables) putCable(s, notes, key, cable)
}

/** What sheets write in several ways, written in one. */
const inOneForm = (value: string): string =>
  value
    .replace(LEADS_BEHIND, '$2 x $1')
    .replace(ALONG_IT, all => all.replace(/\s/g, ''))
    .replace(COUNT_ALONE, '$1 x ')
    .replace(EACH_BEHIND, ' ')
    .replace(TWO_ENDS, asSteps)

/** "SATA 2x & Molex 1x (45/60/75 cm)": on the cable of the plugs before it. */
const isBesideAnother = (said: string, phrase: string): boolean =>
  /\d\s*[x×]\s*&\s*$/.test(said.slice(0, said.indexOf(phrase)))

/** "Apart from the 24-pin cable it brings one 8-pin EPS plug": another plug behind the verb. */
const NEXT_PLUG = new RegExp(
  [
    String.raw`\s+(?:it |they |which )?(?:brings?|carr(?:y|ies)|offers?|adds?|has|have|there (?:is|are))`,
    String.raw`\s+(?=(?:an?|one|two|three|four|five|six|eight|\d)\b)`,
  ].join(''),
  'i',
)
/** "CPU 4+4, 450 mm (2 leads)": how many of them stands in brackets at the end. */
const LEADS_BEHIND =
  /^(?=[A-Za-z])(?!.*\d\s*[x×])(?!one|two|three)(.+?)\s*\((\d|two|three)\s+(?:leads|cables)\)$/i
/** "250 / 100 / 100 mm": the plugs along one cable. */
const ALONG_IT = /\d{2,4}(?:\s\/\s\d{2,4}){2,}(?=\s*(?:mm|cm))/g
/** "Two, 4+4-pin, 70 cm each": the count stands by itself in front. */
const COUNT_ALONE = /^(one|two|three|four|six|eight|\d),\s+(?=\d\s?\+\s?\d|[A-Za-z])/i
/** "SATA x4 - 300/100 mm, x4 - 300/100 mm": as many again of the same. */
const MORE_OF_THEM = /^\s*x\s?(\d)\s*[-–:(]/i
/** A phrase that names no plug: it goes on about the one before it, or about the one in the label. */
function readBehind(
  s: Statement,
  notes: Notes,
  plug: Plug | Counted<Plug> | null,
  phrase: string,
): void {
  if (plug === null) return
  if (typeof plug !== 'string') return readNamedOnly(s, notes, plug, phrase)
  const more = MORE_OF_THEM.exec(phrase)?.[1]
  if (more !== undefined) notes.count(s, `cables.${plug}`, Number(more))
  putCable(s, notes, plug, cableAlone(phrase))
}

/** "24-pin: 500 mm": how long it is, and as many as the label says. */
function readNamedOnly(s: Statement, notes: Notes, { key }: Counted<Plug>, phrase: string): void {
  const path = `cables.${key}`
  const count = leadingCount(s.label)
  putCable(s, notes, key, cableAlone(phrase))
  if (count !== null) notes.count(s, path, count)
  else if (!notes.has(path))
    notes.doubt(s, { path, value: 1, unit: 'pcs' }, 'its length is told, not how many there are')
}

/** "SATA x2", or "2 SATA": a plug of those on a cable with others, and its count. */
const COUNT_LAST = /^(.*\S)\s*[x×]\s*(\d)$/i
const COUNT_FIRST = /^(\d)\s*[x×]?\s*([A-Za-z].*)$/
function plugAmong(part: string): readonly { readonly key: Plug; readonly n: number }[] {
  const [, named, digits] = COUNT_LAST.exec(part) ?? []
  const [, first, behind = ''] = COUNT_FIRST.exec(part) ?? []
  const [plug] = thingsIn(named ?? behind, PLUGS)
  return plug ? [{ key: plug.key, n: Number(digits ?? first) }] : []
}

/** "SATA x2 + Molex x1", "1 x 2 SATA + 1 Molex": plugs of two kinds on one cable, each with its count. */
function readMixed(s: Statement, notes: Notes): boolean {
  const said = s.label === '' ? s.value.replace(/\s[-–—]\s.*$/, '') : s.label
  const [, cables = '1', plugs = said] = /^(\d)\s*[x×]\s+(\d\s.*)$/i.exec(said.trim()) ?? []
  const parts = plugs.split(/\s*\+\s*(?=[A-Za-z]|\d\s)/).map(part => part.trim())
  const found = parts.flatMap(plugAmong)
  if (found.length < parts.length || parts.length === 1) return false
  for (const { key, n } of found) notes.count(s, `cables.${key}`, n * Number(cables))
  return true
}

const areCounted = (phrases: readonly string[]): boolean =>
  phrases.length > 1 &&
  phrases.every(p => leadingCount(p) !== null && thingsIn(p, PLUGS).length > 0)
const countsNone = (value: string): boolean =>
  isNo(value) || A_RATING.test(value) || /^\s*0\s*$/.test(value)
const isLength = (phrase: string, isNamed: boolean): boolean =>
  A_LENGTH.test(phrase) || (isNamed && STEPS.test(phrase))

/** "ATX power supply", "EPS certified": the words without a plug. */
const namesNoPlug = (phrase: string): boolean =>
  (/supply|certif/i.test(phrase) && !/\d\s*x|pin/i.test(phrase)) ||
  /\b(?:EPS|ATX) ?12V\s*(?:v|ver\.?\s*)\d|\b(?:EPS|ATX)(?: ?12V)? \d\.\d/i.test(phrase)

/** The plug that a phrase is about, and how many it counts. */
function plugIn(
  label: string,
  phrase: string,
  inLabel: Counted<Plug> | undefined,
): Counted<Plug> | undefined {
  if (isLength(phrase, inLabel !== undefined)) return undefined
  const [here] = thingsIn(phrase, PLUGS)
  if (!inLabel) return here ?? plugTogether(label, phrase)
  const count = leadingCount(phrase) ?? here?.count ?? 1
  const isOther = here !== undefined && here.key !== inLabel.key && leadingCount(phrase) !== null
  return { ...(here && (isOther || GENERIC.test(label)) ? here : inLabel), count }
}

/** "CPU power: 2 x 8-pin": label and value name the plug between them. */
function plugTogether(label: string, phrase: string): Counted<Plug> | undefined {
  const count = leadingCount(phrase) ?? 1
  const [plug] = thingsIn(`${label} ${phrase.replace(/^\s*\d{1,2}\s*[x×]?\s+/, '')}`, PLUGS)
  return plug ? { ...plug, count } : undefined
}

function readCable(
  s: Statement,
  notes: Notes,
  key: Plug,
  { phrase, count }: { readonly phrase: string; readonly count: number },
): void {
  const inLabel = thingsIn(s.label, PLUGS).length > 0
  const own = withEach(cableIn(phrase), phrase)
  // Under a label of its own the whole line is about the one plug.
  const cable = inLabel && own.length === null ? { ...cableIn(s.value), ...eachOf(own) } : own
  const path = `cables.${key}`
  // "Cable lengths: ATX 550 mm" counts none.
  if (IN_PRAISE.test(phrase) && leadingCount(phrase) === null)
    notes.doubt(s, { path, value: count, unit: 'pcs' }, 'it is named, not counted')
  else if (inLabel || !/lengths?\b/i.test(s.label))
    notes.count(s, path, plugsOn(cable, phrase, count))
  putCable(s, notes, key, NOT_ALIKE.test(phrase) ? { ...cable, areOtherwise: true } : cable)
  if (key === 'card-16') notes.put(s, 'cables.card-16.class', classIn(phrase), 'W')
}

/** "ATX 3.1 ready with native 12V-2x6 connector": what another line counts. */
const IN_PRAISE = /\b(?:native|ready|supports?|supporting|compatible)\b/i

/** "3 x PCIe (2 cables: 1x 500 mm, 1x 500+150 mm)": cables of one kind that are not alike. */
const NOT_ALIKE = /\(\s*\d\s+cables?\s*:[^()]*,/i

/** A number of cables counts as many plugs as hang on them. */
function plugsOn(cable: Cable, phrase: string, count: number): number {
  const each = cable.each ?? 1
  const isOfCables = /\b(?:chain|cable) (?:of|with) \d\b/i.test(phrase) || cable.isOfCables
  if (isOfCables) return (leadingCount(phrase) ?? count) * each
  const [, plugs, cables] = PLUGS_TIMES_CABLES.exec(phrase) ?? []
  if (cables !== undefined && Number(plugs) === each) return each * Number(cables)
  // Fewer than hang on one cable can only be cables: "2 x SATA (450 + 150 + 150 mm)".
  return cablesTimesPlugs(phrase, cable) ?? (count < each ? count * each : count)
}

/** How many hang on one cable, where a phrase says so. */
const eachOf = ({ each, isOfCables }: Cable): Partial<Cable> =>
  each === null ? {} : { each, ...(isOfCables ? { isOfCables } : {}) }

/** "2x 4 SATA 450+120+120+120 mm": cables, and the plugs on each. */
const CABLES_TIMES_PLUGS =
  /^\s*\d\s*[x×]\s+(?:(\d)\s*[x×]?\s+[A-Z]|\d\s*[x×]\s*[A-Z]|PCIe?\s+\d\s*[x×]\s*\()/i

function cablesTimesPlugs(phrase: string, { each }: Cable): number | null {
  const [all, plugs = 1] = CABLES_TIMES_PLUGS.exec(phrase) ?? []
  return all === undefined ? null : (leadingCount(phrase) ?? 1) * (each ?? Number(plugs))
}

/** "500+150+150+150 mm, 4 x 3": the plugs on a cable, and how many of those. */
const PLUGS_TIMES_CABLES = /^\s*(\d)\s*x\s*(\d)\s*$/i
/** "(67 and 82 cm)": the first plug and the next, both from the supply. */
const TWO_ENDS = /\((\d{2,4}) and (\d{2,4}) (mm|cm)\)/g
const asSteps = (all: string, first: string, next: string, unit: string): string =>
  Number(next) > Number(first) ? `(${first}+${Number(next) - Number(first)} ${unit})` : all
/** "400/550 mm x 1": where the plugs of one cable are. */
const LISTED = /\d\s*\/\s*\d{3}/
/** "PCIe 6+2P 400mm x2": how many there are stands behind the length. */
const countInFront = (phrase: string): string =>
  LISTED.test(phrase)
    ? phrase
    : phrase.replace(/^(?!\s*\d\s*[x×])(.*\d\s*(?:mm|cm)\)?)\s*[x×*]\s*(\d)\s*$/i, '$2x $1')
/** ", 2 connectors each" goes with what stands before it. */
const EACH_BEHIND = /,\s+(?=\w+\s+(?:plugs?|connectors?|heads?)\s+each\b)/gi

/** What its sense contacts promise: "12V-2x6 (600 W)". */
const classIn = (phrase: string): number | null =>
  measuresIn(phrase).find(m => m.unit === 'W')?.value ?? null

/**
 * "1x ATX 24-pin, 610 mm", "4 x SATA, 450 + 150 + 150 mm": a bare length, and the steps along a cable,
 * belong to the plug before them.
 */
const cableAlone = (phrase: string): Cable | null =>
  thenEvery(phrase) ??
  (A_LENGTH.test(phrase)
    ? { length: measuresIn(phrase)[0]?.value ?? null, after: null, each: null }
    : steppedIn(phrase))

/** ", then 15 cm each": from plug to plug. */
function thenEvery(phrase: string): Cable | null {
  const step = /^then (?:every )?(\d[\d.,]*\s*(?:mm|cm))/i.exec(phrase)?.[1]
  if (step === undefined) return null
  return { length: null, after: measuresIn(step)[0]?.value ?? null, each: null }
}

function putCable(s: Statement, notes: Notes, key: Plug, cable: Cable | null): void {
  const before = notes.value(`cables.${key}.length`)
  notes.put(s, `cables.${key}.length`, cable?.length, 'mm')
  const chain = [
    { path: `cables.${key}.after`, value: cable?.after, unit: 'mm' },
    { path: `cables.${key}.each`, value: cable?.each, unit: 'pcs' },
  ] as const
  const isOther = before !== undefined && cable?.length != null && before !== cable.length
  for (const { path, value, unit } of chain)
    if (isOther || cable?.areOtherwise)
      notes.doubt(s, { path, value, unit }, 'other cables of these plugs are otherwise')
    else notes.put(s, path, value, unit)
}
