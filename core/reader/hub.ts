// A hub's sheet: what it serves, how many outlets, where it takes power and signal from, amps in
// all.
import { firstOf, measuresIn, type Measure } from './measures'
import { whole, type Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { countOf, leadingCount, wordNumber } from './things'

const SERVES: readonly (readonly [RegExp, Service])[] = [
  [/\bfans?\b|\bPWM\b/i, 'fans'],
  [/\bA?RGB\b|LED|light/i, 'lights'],
  [/\bUSB\b/i, 'USB'],
]
type Service = 'fans' | 'lights' | 'USB'

/** What its outlets are, by what it serves and the volts or the generation that the sheet names. */
const OUTLETS: Record<Service, (text: string) => string> = {
  fans: () => 'fan-4',
  lights: text => (/12\s?V/.test(text) ? 'light-12' : 'light-5'),
  USB: text => (/USB\s?3(?![-\d])/.test(text) ? 'usb-3' : 'usb-2'),
}

/** A hub as its sheet shows it: what it serves, and by which sockets. */
interface Hub {
  readonly serves: Service | null
  readonly outlet: string
}

/** `usual` is what such a hub serves where nothing is said. */
export function readHub(sheet: Sheet, notes: Notes, usual: Service | null = null): void {
  const serves = choiceIn(sheet.text, SERVES) ?? usual
  const hub: Hub = { serves, outlet: OUTLETS[serves ?? 'USB'](sheet.text) }
  const [first] = sheet.statements
  if (first) notes.put(first, 'serves', serves)
  for (const s of sheet.statements) {
    readOutlets(s, notes, hub)
    readSpokenOutlets(s, notes, hub)
    if (serves === 'fans') readBoth(s, notes)
    readPower(s, notes)
    readSignal(s, notes, hub)
    readAmps(s, notes, hub)
  }
}

function readOutlets(s: Statement, notes: Notes, { serves, outlet }: Hub): void {
  const about = /output|outlet|channel|connectors?$|ports?$|headers?$/i.test(s.label)
  const isOfOthers = serves === 'fans' && /A-?RGB|\bLED|light/i.test(s.label)
  if (about && !isOfOthers && !/power|total|interface/i.test(s.label)) {
    const m = /4[- ]?pin|3[- ]?pin|PWM|header/i.exec(s.value)
    const count = (m ? countOf(s.value, m) : null) ?? leadingCount(s.value)
    notes.put(s, `outlets.${outlet}`, count, 'pcs')
  }
  const ways = waysIn(s)
  if (ways !== null) notes.put(s, `outlets.${outlet}`, ways, 'pcs')
  if (serves === 'fans' || serves === 'lights') readSync(s, notes, serves)
}

/** Without a label, or behind its own name: "PWM hub HX-10: 10 outlets, …". */
const isOfHub = (s: Statement): boolean => s.label === '' || /\b(?:hub|controller)\b/i.test(s.label)

/** "10-port", "8-way": a name that counts. */
function waysIn(s: Statement): number | null {
  const text = isOfHub(s) ? s.value : ''
  const named = /(?<![\w-])(\d{1,2})[- ]?(?:port|way|channel|fan)s?\b/i.exec(text)?.[1]
  const [, served] = SERVED.exec(text) ?? []
  const spelt = /^\d/.test(served ?? '') ? Number(served) : wordNumber(served ?? '')
  return named === undefined ? spelt : Number(named)
}

/** "for six fans", "takes up to 8 PWM fans". */
const SERVED = new RegExp(
  [
    String.raw`\b(?:for|takes|drives|serves|supports|connects)(?: up to)?`,
    String.raw` (\d{1,2}|three|four|five|six|eight|ten) (?:(?:[34]-pin|PWM) )?fans\b`,
  ].join(''),
  'i',
)

const SPOKEN =
  /(?:\b(?:fan|light|led|usb)\s+)?\b(?:outputs?|outlets?|channels?|connectors?|sockets?|ports|out)\b/i

function readSpokenOutlets(s: Statement, notes: Notes, { outlet }: Hub): void {
  if (!isOfHub(s) || waysIn(s) !== null) return
  for (const phrase of phrasesOf(s.value).flatMap(p => p.split(' to '))) {
    const spoken = /A?RGB|\bLED|power|input/i.test(phrase) ? null : SPOKEN.exec(phrase)
    if (spoken) notes.put(s, `outlets.${outlet}`, countOf(phrase, spoken), 'pcs')
  }
}

/** "6 PWM + 6 ARGB": ports of both sorts, each by its number. */
const BOTH = /(\d{1,2})\s*[x×]?\s*PWM(?: fans?)?\s*(?:\+|and|\/|,)\s*(\d{1,2})\s*[x×]?\s*A-?RGB\b/i
function readBoth(s: Statement, notes: Notes): void {
  const [, fans, lights] = BOTH.exec(s.value) ?? []
  if (fans === undefined || lights === undefined) return
  notes.put(s, 'outlets.fan-4', Number(fans), 'pcs')
  notes.put(s, 'outlets.light-5', Number(lights), 'pcs')
}

function readPower(s: Statement, notes: Notes): void {
  const about = isOfHub(s) ? s.value : s.label
  if (/power|input/i.test(about) && /SATA/i.test(s.value))
    notes.put(s, 'inlets.sata-power', 1, 'pcs')
  else if (/power/i.test(about) && /molex/i.test(s.value)) notes.put(s, 'inlets.drive-4', 1, 'pcs')
}

const FROM_BOARD = oneOf(
  ...[/PWM (?:sync|input|signal|control)/, /(?:mother|main)?board inputs?/],
  ...[
    /(?:to|from) (?:the )?(?:motherboard|mainboard|board)/,
    /to CPU_?FAN/,
    /signal (?:cable|lead)/,
  ],
)

function readSignal(s: Statement, notes: Notes, { serves }: Hub): void {
  const text = whole(s)
  if (serves === 'fans' && FROM_BOARD.test(text) && /4[- ]?pin|PWM|CPU_?FAN|signal/i.test(text))
    notes.put(s, 'inlets.fan-4', 1, 'pcs')
  if (serves === 'USB' && isUpstream(s))
    notes.put(s, `inlets.${/USB\s?3/.test(s.value) ? 'usb-3' : 'usb-2'}`, 1, 'pcs')
  const internal = /\bUSB\s?2/i.test(text) && /internal|interface|header/i.test(text)
  if (internal && serves !== 'USB') notes.put(s, 'inlets.usb-2', 1, 'pcs')
}

const isUpstream = (s: Statement): boolean =>
  /\b(?:9|10|19|20)[- ]?pin inputs?\b/i.test(s.value) ||
  /^(?:upstream|input|host|connection)$/i.test(s.label) ||
  (s.label === '' && /^(?:connects?|plugs?) (?:to|into)\b/i.test(s.value))

/** "Max. current per port". */
const OF_ONE = /\b(?:per|each|of one)\b/i

function readAmps(s: Statement, notes: Notes, { outlet }: Hub): void {
  if (!/current|total|output|up to \d+ ?W/i.test(isOfHub(s) ? s.value : s.label)) return
  const isOfOne = OF_ONE.test(s.label)
  const watts = firstOf(s.value, 'W')?.value
  const volts = outlet === 'light-5' ? 5 : 12
  const ofAll = watts === undefined || isOfOne ? null : watts / volts
  const amps = totalIn(s.value, isOfOne) ?? ofAll
  notes.put(s, 'amps', amps, 'A')
}

/**
 * Lights by the phrases that name them: what comes from the board, and what goes out of a hub for
 * fans.
 */
function readSync(s: Statement, notes: Notes, serves: 'fans' | 'lights'): void {
  const text = whole(s)
  for (const phrase of phrasesOf(s.value)) {
    const m = /A-?RGB/i.exec(phrase)
    if (!m && !/A-?RGB/i.test(s.label)) continue
    const count = m ? countOf(phrase, m) : leadingCount(phrase)
    if (/\binputs?\b|from (?:the )?(?:mother|main)?board/i.test(text))
      notes.put(s, 'inlets.light-5', count ?? 1, 'pcs')
    else if (
      serves === 'fans' &&
      /ports?|\bout(?:puts?)?\b|headers?|channels?|sockets?/i.test(text)
    )
      notes.put(s, 'outlets.light-5', count, 'pcs')
  }
}

/**
 * Amps of all outlets together: what a word says is the total, else the only figure there is; one
 * outlet's are not.
 */
function totalIn(text: string, isAboutOne: boolean): number | null {
  const amps = measuresIn(text).filter(m => m.unit === 'A')
  const only = isAboutOne ? undefined : amps.find(m => !isOfOne(text, m))
  const total = amps.find(m => isTotal(text, m)) ?? only
  return total?.value ?? null
}
const isTotal = (text: string, { at, end }: Measure): boolean =>
  /^\s*(?:in )?(?:total|together|combined)/i.test(text.slice(end)) ||
  /(?:total|together|combined)\D{0,14}$/i.test(text.slice(0, at))
const isOfOne = (text: string, { at, end }: Measure): boolean =>
  /^\s*(?:per|each|\/)\s*(?:channel|port|outlet|fan|header)?/i.test(text.slice(end)) ||
  /(?:per|each)\D{0,14}$/i.test(text.slice(0, at))
