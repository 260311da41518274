// The lights of a fan or a cooler, which have a lead of their own: told apart from what is said of the fan.
import { leadIn } from './common'
import { ampsOf, countIn, LIT_FACES, VOLTS_OF } from './light'
import { whole, type Notes } from './notes'
import { choiceIn } from './pattern'
import type { Sheet, Statement } from './statements'

const LIGHTS = /\bLEDs?\b|A-?RGB|\bRGB\b|addressable|\blight(?:s|ing)?\b|illuminat/i
/** Lights that are lit by a lead of their own; those of one colour hang on the fan's. */
const BY_A_LEAD = /A-?RGB|\bRGB\b|addressable|(?:LEDs?|light).*(?:connector|plug|header|socket)/i
const NONE = /\bnon[- ]?A?RGB|\b(?:no|without)\s+(?:A?RGB|LEDs?|light)/i
const OWN =
  /proprietary|own (?:plug|connector|controller)|(?:only )?with (?:the|its) (?:supplied|included) controller/i
/** Where one thing that is said ends and the next begins. */
const PHRASE = /,(?!\d)|[;+&/]|\band\b|\bplus\b|(?=\((?:LEDs?|A?-?RGB)\s+\d)/i

/**
 * Reads what is said of the lights into the fields under a path, and leaves the rest to `read`; a line
 * may speak of both.
 */
export function readBesideLights(
  sheet: Sheet,
  { notes, path, read }: { notes: Notes; path: string; read: (s: Statement) => void },
): void {
  const apart = sheet.statements.map(s => ({ s, ...lightsApart(s) }))
  for (const { rest } of apart) if (rest) read(rest)
  readLit(
    apart.flatMap(a => a.lit ?? []),
    notes,
    path,
  )
  // What was read of a half was read of the line.
  for (const { s, rest, lit } of apart)
    if ([rest, lit].some(half => half !== null && notes.wasRead(half))) notes.use(s)
}

/** "3-pin 5V ARGB" is of the lights alone; "120 mm ARGB fan" is of the fan as well. */
const isOfLightsAlone = (phrase: string): boolean =>
  LIGHTS.test(phrase) && ITS_LEAD.test(phrase) && !/PWM|\bfans?\b(?! (?:has|have))/i.test(phrase)
const ITS_LEAD = /pin|\d\s?V\b|\d\s?m?A\b|cable|lead|header|connector/i

interface Halves {
  readonly rest: Statement | null
  readonly lit: Statement | null
}
function lightsApart(s: Statement): Halves {
  if (LIGHTS.test(s.label)) return { rest: null, lit: s }
  if (!LIGHTS.test(s.value) || NONE.test(s.value)) return { rest: s, lit: null }
  const phrases = s.value.split(PHRASE)
  const half = (isLit: boolean): Statement => ({
    ...s,
    value: phrases.filter(p => (isLit ? LIGHTS.test(p) : !isOfLightsAlone(p))).join(', '),
  })
  return { rest: half(false), lit: half(true) }
}

function readLit(lit: readonly Statement[], notes: Notes, path: string): void {
  for (const s of lit) {
    const text = whole(s)
    if (NONE.test(text) || /^\s*(?:no|none|not?\b|-|–)/i.test(s.value) || !BY_A_LEAD.test(text))
      continue
    const face = OWN.test(text) ? 'light-own' : choiceIn(text, LIT_FACES)
    if (face) notes.put(s, `${path}.face`, face)
    else if (/\bRGB\b/.test(text))
      notes.doubt(
        s,
        { path: `${path}.face`, value: 'light-12' },
        'RGB alone may be either: 12 V with four pins, 5 V with three',
      )
  }
  if (!notes.has(`${path}.face`)) return
  for (const s of lit) {
    notes.put(s, `${path}.lights`, countIn(s), 'pcs')
    notes.put(s, `${path}.amps`, ampsOf(s, VOLTS_OF[String(notes.value(`${path}.face`))]), 'A')
    notes.put(s, `${path}.lead`, /cabl|lead|cord/i.test(whole(s)) ? litLead(s) : null, 'mm')
    if (/daisy|pass[- ]?through|in series|chain/i.test(whole(s)))
      notes.put(s, `${path}.onward`, true)
  }
}

/** Its label says that it is of the lights: the words for those say nothing more. */
const litLead = (s: Statement): number | null =>
  leadIn({ ...s, label: s.label.replace(new RegExp(LIGHTS.source, 'gi'), '').trim() || 'lead' })
