// What sheets of all kinds say: maker, model, price, needed software; forms of boards and supplies;
// generations.
import type { BoardForm } from '../standards/boards'
import { FAN_HEADER } from '../standards/draws'
import type { Notes } from './notes'
import type { Sheet, Statement } from './statements'
import { firstOf, plainNumber } from './measures'

/**
 * Words that end a model's name in a title: what kind of thing it is, or the first of its figures.
 */
const STOPS =
  /\s+(?:-\s|–\s|\||is\b|are\b|(?:mother|main)?board\b|mid[- ]?tower|full[- ]?tower|mini[- ]?tower|(?:dual|single|twin)[- ]tower|midi|tower\b|computer\b|cube case|desktop\b|case fan|case\b|chassis|low[- ]?profile|CPU\b|all[- ]in[- ]one|AIO\b|liquid|water ?cool|air cooler|cooler|memory\b|kit\b|graphics? card|video card|graphics\b|(?:audio )?capture|sound card|storage controller|(?:SATA|PCIe|serial|FireWire) card|strip\b|network (?:card|adapter)|wi-?fi|radio card|USB (?:card|expansion)|controller card|internal\b|NVMe|SSD\b|solid[- ]state|hard (?:disk|drive)|HDD\b|DVD|Blu|optical|card reader|floppy|power supply|PSU\b|PWM\b|fan\b|ARGB\b|LED\b|light strip|lights\b|hub\b|processor\b|ATX\b|(?:micro|mini)[- ]?(?:atx|itx)|m-?ATX|E-?ATX|SFX\b|DDR\d|small form|cable\b|lead\b|adapter\b)/i
const FIGURE_STOP =
  /\s+\d+(?:[.,]\d+)?\s*(?:-?\s?inch|x\s*\d+\s*GB|GB|MT\/s|MHz|mm|W\b|watts?|V\b|")/i
const CAPACITY = /\s+\d+(?:[.,]\d+)?\s*(?:GB|TB)\b/i
const LEADING_KIND =
  /^(?:the|case|gpu|cpu|processor|psu|device|part|product|name|model|(?:optical|hard|disk) (?:drive|disk)|(?:air|cpu|liquid) cooler|graphics(?: card)?|(?:case )?fan(?: controller)?|(?:storage|network|sound|capture|USB) (?:controller|card|adapter)|memory(?: kit)?|power supply|mother ?board|mainboard|SSD|drive)\s+/i
/** Words that tell what a thing is, not what it is called. */
const NO_NAME =
  /^(?:air|liquid|all|optical|A?RGB|LED|light|memory|graphics|processor|case|cooler|fan|power|supply|drive|disk|board|motherboard|internal|external|new|for|the|an?|kit|modules?|storage|sound|network|controller|card|specs?|specifications?|features|cores?|size|type|name|overview|technical|data|DDR\d|U?R?DIMM|\d+(?:[.,]\d+)?(?:"|″|mm|GB|TB|W)?)$/i

/**
 * Maker and model: by their labels, else from the first line that names a maker that is known, else
 * from the first line at all.
 */
export function readNames(
  sheet: Sheet,
  notes: Notes,
  kind: string | null,
  makers: readonly string[],
): void {
  for (const s of sheet.statements) {
    const made =
      s.label === '' && s.line > 1
        ? /\b(?:made by|manufacturer|brand)\s+([A-Z][\w&-]+)/i.exec(s.value)?.[1]
        : undefined
    const called =
      s.label === '' && s.line > 1 ? /\bmodel\s+([A-Z][\w -]*)/.exec(s.value)?.[1] : undefined
    notes.put(s, 'maker', made)
    notes.put(s, 'model', called?.trim())
    if (/^(?:(?:part|article|order|product) (?:number|no\.?|code)|MPN|SKU)$/i.test(s.label))
      notes.doubt(
        s,
        'model',
        s.value,
        null,
        'this is its number in a catalogue; its name may be another',
      )
    if (/^(?:maker|manufacturer|brand|hersteller(?: \/ maker)?|vendor|make)$/i.test(s.label))
      notes.put(s, 'maker', s.value)
    if (
      /^(?:model|model name|model number|processor number|board name|name|product(?: name)?|series|part|processor|gpu|cpu|device|case)$/i.test(
        s.label,
      ) ||
      (s.line === 1 &&
        /^(?:graphics(?: card)?|drive|SSD|HDD|board|mother ?board|mainboard|cooler|fan|memory|kit|PSU|power supply|chassis|hub|strip)$/i.test(
          s.label,
        ))
    ) {
      const title = /^model\b/i.test(s.label)
        ? calledIn(s.value, makers)
        : titleOf(s.value, kind, makers)
      if (title.maker !== null) notes.put(s, 'maker', title.maker)
      else if (/^(?:cpu|processor|gpu|case)$/i.test(s.label)) continue
      if (title.model !== '') notes.put(s, 'model', title.model)
    }
  }
  if (notes.has('model') && notes.has('maker')) return
  // A first line that is nothing but the kind is a heading; the title stands below it.
  const isKind = (s: Statement): boolean =>
    s.label === '' &&
    s.value.split(/[\s/]+/).every(w => NO_NAME.test(w) || /^(?:tower|technical|product)$/i.test(w))
  const first = sheet.statements.find(s => !isKind(s))
  const named =
    sheet.statements.slice(0, 4).find(s => makerIn(`${s.label} ${s.value}`, makers) !== null) ??
    first
  if (!named || notes.has('model')) return
  // A line with a label is no title, unless it names a maker that is known.
  if (named.label !== '' && makerIn(`${named.label} ${named.value}`, makers) === null) return
  const title = titleOf(titleText(named, makers), kind, makers)
  if (title.maker !== null && !notes.has('maker')) notes.put(named, 'maker', title.maker)
  if (title.model === '' || notes.has('model')) return
  if (title.maker !== null || notes.has('maker')) {
    notes.put(named, 'model', title.model)
    return
  }
  // A word for the kind is no name.
  if (NO_NAME.test(title.model.split(/\s+/)[0] ?? '')) return
  const [maker = '', ...rest] = title.quoted ? [title.model] : title.model.split(/\s+/)
  notes.doubt(
    named,
    'maker',
    rest.length > 0 ? maker : null,
    null,
    'taken from the first word of the title: this maker is not known',
  )
  notes.doubt(
    named,
    'model',
    rest.length > 0 ? rest.join(' ') : maker,
    null,
    'taken from the title',
  )
}

/** A title before a colon is whole; a maker alone in its cell goes on in the next. */
function titleText(s: Statement, makers: readonly string[]): string {
  const inLabel = makerIn(s.label, makers)
  if (s.label === '') return s.value
  if (/^\d+(?:[.,]\d+)?\s*[GT]B$/.test(s.value)) return `${s.label} ${s.value}`
  return inLabel && s.label.length > inLabel.at + inLabel.words.length + 1
    ? s.label
    : `${s.label} ${s.value}`
}

const makerIn = (
  text: string,
  makers: readonly string[],
): { readonly at: number; readonly words: string } | null => {
  for (const maker of [...makers].sort((a, b) => b.length - a.length)) {
    const at = text.toLowerCase().indexOf(maker.toLowerCase())
    if (
      maker !== '' &&
      at >= 0 &&
      !/\w/.test(text[at - 1] ?? '') &&
      !/\w/.test(text[at + maker.length] ?? '')
    )
      return { at, words: text.slice(at, at + maker.length) }
  }
  return null
}

/**
 * What is labelled a model is its name as a whole, but for the maker before it and what commas and
 * brackets add.
 */
function calledIn(
  text: string,
  makers: readonly string[],
): { readonly maker: string | null; readonly model: string } {
  const maker = makerIn(text, makers)
  return {
    maker: maker?.words ?? null,
    model:
      (maker ? text.slice(maker.at + maker.words.length) : text).split(/\s*[,;(]/)[0]?.trim() ?? '',
  }
}

function titleOf(
  text: string,
  kind: string | null,
  makers: readonly string[],
): { readonly maker: string | null; readonly model: string; readonly quoted?: boolean } {
  const quoted = /(?:(?<=\s|^)['‘]|["“„«])([^"“”„«»'‘’]{2,40})["”“»'’](?=\s|$)/.exec(text)?.[1]
  if (quoted && !/^\s*[x×\d]/.test(quoted))
    return { maker: makerIn(text, makers)?.words ?? null, model: quoted, quoted: true }
  const maker = makerIn(text, makers)
  let model = (
    maker
      ? text.slice(maker.at + maker.words.length)
      : text.replace(LEADING_KIND, '').replace(/^[-–—:|\s]+/, '')
  )
    .replace(/\t/g, ' ')
    .trim()
  const capacity = kind === 'drive' ? CAPACITY.exec(model) : null
  const figure = FIGURE_STOP.exec(model)
  const ends = [
    STOPS.exec(model),
    figure && capacity && figure.index >= capacity.index ? null : figure,
    /\s*[,:;(]|\s[-–|]\s/.exec(model),
  ].flatMap(m => (m ? [m.index] : []))
  const end = Math.min(model.length, ...ends)
  // A drive is told apart by its size: that belongs to its name where it follows directly.
  model =
    capacity && capacity.index <= end
      ? model.slice(0, capacity.index + capacity[0].length)
      : model.slice(0, end)
  return {
    maker: maker?.words ?? null,
    model: model
      .replace(/\s+/g, ' ')
      .replace(/[.,:]$/, '')
      .trim(),
  }
}

export function readPrice(s: Statement, notes: Notes): void {
  const m = /^(?:price|msrp|rrp|preis)/i.test(s.label)
    ? /(\d+(?:[.,]\d{1,2})?)/.exec(s.value)
    : null
  if (m?.[1]) notes.put(s, 'price', plainNumber(m[1]))
}

export function readSoftware(s: Statement, notes: Notes): void {
  // "Driver: required" does not say which: it stays unread.
  if (
    /^(?:software|control software|driver|drivers|operating systems?|os support|supported os)$/i.test(
      s.label,
    ) &&
    /\w+\s+\w+/.test(s.value)
  )
    notes.put(s, 'software', s.value)
}

const FORM_WORDS: readonly (readonly [RegExp, BoardForm])[] = [
  [/\bSSI[- ]?CEB\b/i, 'SSI-CEB'],
  [/\b(?:E-?ATX|extended ATX|SSI[- ]?EEB)\b/i, 'E-ATX'],
  [/\b(?:XL-?ATX)\b/i, 'XL'],
  [/(?:\b(?:micro[- ]?ATX|m-?ATX|uATX)|µATX)\b/i, 'microATX'],
  [/\bFlex[- ]?ATX\b/i, 'FlexATX'],
  [/\b(?:mini[- ]?ITX|m-?ITX|ITX)\b/i, 'Mini-ITX'],
  [/\bBaby[- ]?AT\b/i, 'Baby-AT'],
  [/(?<![-\w])ATX\b(?!\s*(?:12V|power|PS|PSU|\d|\d\d-pin|supply|main(?!board)))/i, 'ATX'],
  [/(?<![-\w])AT\b(?=\s*(?:board|case|form|$|,|\/))/, 'AT'],
]
/** The forms that a text names, in the order of naming. */
export function formsIn(text: string): readonly BoardForm[] {
  let free = text
  const found = FORM_WORDS.flatMap(([word, form]) => {
    const m = word.exec(free)
    if (!m) return []
    free = free.slice(0, m.index) + '\u0000'.repeat(m[0].length) + free.slice(m.index + m[0].length)
    return [{ form, at: m.index }]
  })
  return found.sort((a, b) => a.at - b.at).map(f => f.form)
}

/**
 * A socket by its name: capitals and digits behind the word "socket", or the whole of a value
 * labelled so.
 */
const SOCKET = /[A-Z][A-Z]+[A-Z0-9]*(?:[- ]?\d+[A-Z0-9]*)?/
export function socketsIn(text: string): readonly string[] {
  return [...text.matchAll(new RegExp(SOCKET.source, 'g'))]
    .map(m => m[0])
    .filter(w => /\d/.test(w) && !/^(?:DDR|PCI|USB|SATA|M2|GEN|TDP|PPT|RPM|CL|DC)/.test(w))
}

export const generationIn = (text: string): number | null => {
  const m =
    /(?:PCI(?:e|[- ]?E(?:xpress)?)\s*|Gen(?:\.|eration)?\s*)(\d)(?:\.0)?(?![\d.]*\s*x\s*\d+\s*GB)/i.exec(
      text,
    )
  return m?.[1] && Number(m[1]) <= 7 ? Number(m[1]) : null
}

/** Amps as stated, or watts at the fan's 12 V. */
export const ampsIn = (text: string): number | null => {
  const a = firstOf(text, 'A')?.value
  const w = firstOf(text, 'W')?.value
  return a ?? (w === undefined ? null : w / FAN_HEADER.V)
}

/** The length of a lead: labelled so, or said beside the word. */
export function leadIn(s: Statement): number | null {
  if (/cable|lead|cord/i.test(s.label)) return firstOf(s.value, 'mm')?.value ?? null
  const m =
    /(\d+(?:[.,]\d+)?)\s*(mm|cm)\s+(?:lead|cable|cord)/i.exec(s.value) ??
    /(?:lead|cable|cord)(?:\s+length)?\s*[:=]?\s+(\d+(?:[.,]\d+)?)\s*(mm|cm)/i.exec(s.value)
  return m?.[1] ? Number(m[1].replace(',', '.')) * (m[2]?.toLowerCase() === 'cm' ? 10 : 1) : null
}
