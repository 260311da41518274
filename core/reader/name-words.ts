// The words around a name: what ends one, what stands before it, what is none.
import { oneOf, only } from './pattern'

/** What ends a model's name in a title besides the word for its kind: signs, and words that describe. */
const DESCRIBING = oneOf(
  ...[/-\s/, /–\s/, /\|/, /is\b/, /are\b/, /board\b/, /(?:dual|single|twin)[- ]tower/, /midi/],
  ...[/computer\b/, /cube case/, /desktop\b/, /low[- ]?profile/, /all[- ]in[- ]one/, /liquid/],
  ...[/water ?cool/, /air cooler/, /kit\b/, /graphics\b/, /(?:audio )?capture/],
  ...[/(?:SATA|PCIe|serial|FireWire|radio|USB|controller) (?:card|expansion)/, /internal\b/],
  ...[/storage controller/, /NVMe/, /solid[- ]state/, /DVD/, /Blu/, /optical/, /card reader/],
  ...[/floppy/, /PWM\b/, /PCI(?:-?e| Express)?\b/, /ARGB\b/, /LED\b/, /light strip/],
  ...[/lights\b/, /\d+-?cores?\b/],
  ...[/\d-?(?:er)?[- ]?(?:pack|set)\b/, /(?:single|twin|double|triple) pack/],
  ...[/ATX\b/, /(?:micro|mini)[- ]?(?:atx|itx)/, /m-?ATX/, /E-?ATX/, /SFX\b/, /DDR\d/],
  ...[/small form/, /cable\b/, /lead\b/, /adapter\b/],
)
export const STOPS = new RegExp(String.raw`\s+(?:${DESCRIBING.source})`, 'i')
/** Of boards it belongs to the name. */
export const RADIO_STOP = /\s+wi-?fi/i
/** The first of its figures ends a name too. */
const FIGURES = oneOf(
  ...[/-?\s?inch/, /x\s*\d+(?:\s*GB)?\b/, /GB/, /MT\/s/, /MHz/, /mm/, /W\b/, /watts?/, /V\b/, /"/],
)
export const FIGURE_STOP = new RegExp(String.raw`\s+\d+(?:[.,]\d+)?\s*(?:${FIGURES.source})`, 'i')
export const CAPACITY = /\s+\d+(?:[.,]\d+)?\s*(?:GB|TB)\b/i

/** What stands before a name besides the word for a kind. */
const BEFORE_A_NAME = oneOf(
  ...[/(?:meet|our new)(?: the)?/, /the/, /device/, /part/, /product/, /name/, /model/],
  ...[/drive/, /laser printer/, /disk drive/],
  ...[/graphics/, /(?:storage|USB) (?:controller|card|adapter)/],
)
export const LEADING_KIND = new RegExp(
  String.raw`^(?:${BEFORE_A_NAME.source})\s+(?:[·–|-]\s+)?`,
  'i',
)
/** "64GB Bramble Trail". */
export const CAPACITY_IN_FRONT = /^\d+ ?[GT]B\s+(?=[A-Z][a-z])/
/** "Technical data – Halvard B8": what a page is, and of what. */
export const HEAD_IN_FRONT = new RegExp(
  [
    String.raw`^(?:technical data|(?:product |technical )?specifications?|data ?sheet`,
    String.raw`|product (?:page|information|details)|overview)\s*(?:[-–—:|]|of|for)\s+(?=\S)`,
  ].join(''),
  'i',
)

/** Words that tell what a thing is, not what it is called. */
export const NO_NAME = only(
  ...[/air/, /liquid/, /all/, /optical/, /A?RGB/, /LED/, /light/, /memory/, /graphics/],
  ...[/processor/, /case/, /cooler/, /fan/, /power/, /supply/, /drive/, /disk/, /board/],
  ...[/what/, /how/, /which/, /motherboard/, /internal/, /external/, /new/, /for/, /the/],
  ...[/an?/, /kit/, /modules?/],
  ...[/storage/, /sound/, /network/, /controller/, /card/, /specs?/, /specifications?/],
  ...[/features/, /cores?/, /size/, /type/, /name/, /overview/, /technical/, /data/],
  ...[/DDR\d/, /U?R?DIMM/, /\d+(?:[.,]\d+)?(?:"|″|mm|GB|TB|W)?/],
)
export const HEADING_WORD = only(
  ...[/tower/, /technical/, /product/, /information/, /(?:data)?sheet/, /description/, /details?/],
  ...[/model/, /brand/, /capacity/, /form/, /factor/, /interface/, /seq/, /sequential/, /read/],
  ...[/write/, /r/, /w/, /TBW/, /speed/, /price/, /qty/, /height/, /width/, /length/, /weight/],
)
