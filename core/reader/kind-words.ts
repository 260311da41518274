// What people, shops and makers call each kind of part: in the title of a sheet, and before a colon in a
// list. The one table of it.
import { inEnglish } from './in-english'
import { oneOf, only } from './pattern'

/** The kinds that lists of parts name. */
export type NamedKind = (typeof NAMED_KINDS)[number]
const NAMED_KINDS = [
  ...(['case', 'board', 'processor', 'cooler', 'memory', 'drive', 'card', 'supply'] as const),
  ...(['fan', 'hub', 'light', 'device'] as const),
]
/** Those that every machine has one of, more or less. */
export const OF_EVERY_MACHINE: readonly NamedKind[] = NAMED_KINDS.slice(0, 8)
/** Named choice: who names so many sorts of parts lists a machine. */
export const A_MACHINE = 3

/** Nouns for a kind, wherever they stand. */
const NOUNS: Readonly<Record<NamedKind, readonly RegExp[]>> = {
  case: [/(?:(?:mid|full|mini|midi|micro|cube)[- ]?)?tower/, /(?:pc |computer )?case/, /chassis/],
  board: [/mother ?board/, /main ?board/],
  processor: [/(?:desktop )?processor/, /CPU/],
  cooler: [
    /(?:(?:CPU|processor|air|liquid|water|tower|AIO|all[- ]in[- ]one|top[- ]?flow) )*cooler/,
    ...[/AIO/, /heat ?sink/, /(?:liquid|water) cooling/],
  ],
  memory: [/(?:(?:DDR\d|desktop) )?memory(?: (?:kit|modules?))?/, /RAM(?: kit)?/, /memory kit/],
  drive: [
    ...[/(?:(?:NVMe|M\.2|SATA|internal) )*SSD/, /HDD/, /hard (?:disk|drive)(?: drive)?/],
    ...[/solid[- ]state (?:drive|disk)/, /(?:optical|NVMe|M\.2|DVD|Blu-?ray) drive/],
  ],
  card: [
    /(?:graphics?|video|VGA|sound|network|capture|wi-?fi(?: \d[A-Z]?)?|expansion) (?:cards?|adapter)/,
    ...[/GPU/],
  ],
  supply: [/power suppl(?:y|ies)(?: unit)?/, /PSU/],
  fan: [/(?:(?:PC|case|radiator|chassis) )*fans?/],
  hub: [/(?:fan |light |LED |A?RGB |USB |PWM )*(?:hub|controller)/],
  light: [/(?:(?:LED|light|A?RGB) )*strip/],
  device: [...[/monitor/, /keyboard/, /mouse/, /headset/, /headphones/, /speakers/, /printer/]],
}

/** What stands only before a colon, or at the head of a row. */
const SHORT: Readonly<Partial<Record<NamedKind, readonly RegExp[]>>> = {
  board: [/mobo/, /MB/, /board/],
  cooler: [/cool(?:ing|er)/, /CPU fan/],
  memory: [/memory/],
  drive: [
    /(?:(?:boot|system|data|main|second|storage|game) )*(?:SSD|HDD|NVMe|drive|disk|storage)(?: ?\d)?/,
    ...[/M\.2/, /boot/, /scratch/, /archive/, /cache/, /backup/, /ODD/, /(?:optical|DVD|Blu-?ray)/],
  ],
  card: [
    /(?:expansion )?card/,
    /VGA/,
    /graphics/,
    /NIC/,
    /sound/,
    /network/,
    /capture/,
    /wi-?fi/,
    /LAN/,
  ],
  fan: [/(?:(?:case|extra|front|rear|top|additional) )*fans?(?: ?\d)?/],
  device: [/screen/, /display/],
}

const AS_LABELS = NAMED_KINDS.map(
  kind => [kind, only(...(SHORT[kind] ?? []), ...NOUNS[kind])] as const,
)

/** The kind that a word before a colon calls; null where it calls none. */
export function kindLabelled(label: string): NamedKind | null {
  const word = inEnglish(label.trim()).replace(/\s*\([^()]*\)$/, '')
  return AS_LABELS.find(([, called]) => called.test(word))?.[0] ?? null
}

const AS_NOUNS = NAMED_KINDS.map(
  kind => [kind, new RegExp(String.raw`\b(?:${oneOf(...NOUNS[kind]).source})\b`, 'gi')] as const,
)

/** A noun for a kind in a text. */
export interface KindNoun {
  readonly kind: NamedKind
  readonly from: number
  readonly to: number
}
/** The nouns for kinds in a text, in their order; of "CPU cooler" and "CPU" only the longer. */
export function kindNounsIn(text: string): readonly KindNoun[] {
  const all = AS_NOUNS.flatMap(([kind, noun]) =>
    [...text.matchAll(noun)].map(m => ({ kind, from: m.index, to: m.index + m[0].length })),
  )
  const isWithin = (a: KindNoun): boolean =>
    all.some(b => b !== a && b.from <= a.from && b.to >= a.to && b.to - b.from > a.to - a.from)
  return all.filter(noun => !isWithin(noun)).sort((a, b) => a.from - b.from)
}
