// The sockets at the rear of a board, by the phrases that name them.
import type { Notes } from './notes'
import { oneOf } from './pattern'
import { phrasesOf } from './phrases'
import type { Statement } from './statements'
import { leadingCount, thingsIn, type Thing } from './things'

type Rear =
  'hdmi' | 'displayport' | 'vga' | 'usb-c-socket' | 'usb-a' | 'network' | 'audio-jack' | 'ps2'
const REAR: readonly Thing<Rear>[] = [
  { key: 'hdmi', named: /HDMI/i },
  // Over a Type-C socket it has none of its own.
  {
    key: 'displayport',
    named: /DisplayPort|\bDP\b/i,
    not: /Type[- ]?C|USB-?C\b|USB ?4|\balt(?:ernate)?[- ]mode/i,
  },
  { key: 'vga', named: /\bVGA\b|D-?Sub/i },
  // What runs at its fourth generation has this socket and no other.
  {
    key: 'usb-c-socket',
    named: /USB[^,;]*?Type[- ]?C|USB-?C\b|Type[- ]?C|USB ?4(?:\.0)?\b(?!\s*x)/i,
  },
  {
    key: 'usb-a',
    named:
      /USB(?:\s?\d(?:\.\d)?)?(?:\s?Gen\s?\d(?:x\d)?)?(?:\s\d+\s?G(?:bps|b\/s)?)?\b|Type[- ]?A\b/i,
  },
  {
    key: 'network',
    named: /RJ-?45|(?:\d+(?:[.,]\d+)?\s?)?(?:GBASE-?T|GbE)\b|\bLAN\b|Ethernet|network/i,
  },
  {
    key: 'audio-jack',
    named: oneOf(
      /3[.,]5\s?mm(?: audio| stereo)?(?: jacks?| ports?| sockets?)?/,
      /audio(?: jacks?| ports?| sockets?| connectors?)?/,
      ...[
        /\bjacks?\b/,
        /line[- ](?:in|out)/,
        /(?:front|rear) speakers?/,
        /\bmic(?:rophone)?(?:[- ]in)?\b/,
      ],
    ),
    not: /S\/?PDIF|optical|HD audio/i,
  },
  { key: 'ps2', named: /PS\/?2/i },
]

const REAR_WORDS =
  /^video|^display|^(?:on-?board |integrated )?graphics$|rear|back|i\/o panel|external|outputs?\b/i
const PICTURE_SOCKET = /^(?:\d\s*x?\s*)?(?:HDMI|DisplayPort|DP|VGA|DVI)\b[\s\d.a-z]*$/i
/** "1 x HDMI port, supports a maximum resolution of …". */
const WHAT_IT_CAN =
  /^(?:supports?|supporting|with|max(?:imum)?|up to)\b|\bwith (?:DP|DisplayPort) alt(?:ernate)?[- ]mode/i
const PICTURE_LABEL = /^(?:HDMI|DisplayPort|DP|VGA|DVI(?:-[DI])?)(?: (?:ports?|outputs?))?$/i
const INSIDE = /internal|header|connector/i
/** "Back panel connectors" are none inside. */
const REAR_LIST = /^(?:rear|back)(?: panel| I\/O)? connectors?$/i
/** A line's own label says where it is; the heading only where the label does not. */
export const isRear = (s: Statement): boolean =>
  PICTURE_LABEL.test(s.label) ||
  REAR_WORDS.test(s.label) ||
  (REAR_WORDS.test(s.under) && !INSIDE.test(`${s.under.replace(REAR_LIST, '')} ${s.label}`)) ||
  (s.label === '' &&
    phrasesOf(s.value)
      .filter((p, i) => i === 0 || !WHAT_IT_CAN.test(p))
      .every(p => PICTURE_SOCKET.test(p)))

/** "4 x USB 10Gbps ports (3 x Type-A, 1 x Type-C)": the brackets say which they are. */
const SORTS = /\d\s*x\s*USB[^,;()]*\((\d\s*x?\s*(?:USB\s*)?(?:Type\b|[AC]\b)[^()]*,[^()]*)\)/gi
/** "(1x C, 1x A)". */
const BARE_TYPE = /(?<=\d\s*x?\s+)(?=[AC](?:\s*[,)]|$))/g

export function readRear(s: Statement, notes: Notes): void {
  const sorted = s.value.replace(SORTS, (_, each: string) => each.replace(BARE_TYPE, 'Type-'))
  const phrases = phrasesOf(sorted).filter(p => !WHAT_IT_CAN.test(p) || /\d\s*x\s/i.test(p))
  const [inLabel] = thingsIn(s.label, REAR)
  const found = phrases.flatMap(phrase => {
    const [here] = thingsIn(phrase, REAR)
    const count = inLabel && !here && /^\s*\d\s*$/.test(phrase) ? leadingCount(phrase) : null
    const thing = inLabel && count !== null ? { ...inLabel, count } : here
    return thing ? [{ ...thing, phrase }] : []
  })
  for (const { key, count, phrase } of found) notes.count(s, `rear.${key}`, count, phrase)
}
