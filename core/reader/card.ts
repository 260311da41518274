// A card's sheet: graphics and all others. What it does, its edge, its size, its watts, its plugs
// and sockets.
import { generationIn } from './common'
import { along, firstOf, measuresIn, plainNumber, productIn, spokenIn } from './measures'
import { isNo, whole, type Notes } from './notes'
import { phrasesOf, type Sheet, type Statement } from './statements'
import { countAround, leadingCount, thingsIn, wordNumber, type Thing } from './things'

const DOES: readonly (readonly [RegExp, string])[] = [
  [/graphics? card|video card|\bGPU\b/i, 'graphics'],
  [/capture/i, 'capture'],
  [/(?:storage|disk|SATA) (?:controller|expansion|adapter)|\bSAS\b|SATA card|RAID/i, 'storage'],
  [/sound card|audio card/i, 'sound'],
  [/wi-?fi|radio|wireless|aerial|antenna/i, 'radio'],
  [/network|ethernet|\bLAN\b/i, 'network'],
  [/firewire|1394/i, 'FireWire'],
  [/serial/i, 'serial'],
  [/\bUSB\b/i, 'USB'],
]
/** Words that only sheets of graphics cards use, where the title does not say what it is. */
const GRAPHICS = [/\bT[BG]P\b|board power/i, /DisplayPort|HDMI/i]
const OUTPUTS: readonly Thing<string>[] = [
  { key: 'HDMI', named: /HDMI/i },
  { key: 'DisplayPort', named: /DisplayPorts?|\bDP\b/i },
  { key: 'DVI', named: /\bDVI(?:-[DI])?\b/i },
  { key: 'VGA', named: /\bVGA\b/i },
  { key: 'USB-C', named: /USB-?C|Type-C/i },
]
const POWER: readonly Thing<string>[] = [
  { key: 'card-16', named: /16[- ]?pin|12V-?2[x×]6|12VHPWR/i },
  { key: 'card-8', named: /8[- ]?pin/i },
  { key: 'card-6', named: /6[- ]?pin/i },
  { key: 'sata-power', named: /SATA power/i },
  { key: 'drive-4', named: /molex|4[- ]?pin (?:drive|peripheral)/i },
]
const INSIDE: readonly Thing<string>[] = [
  { key: 'mini-sas', named: /mini-?SAS|SFF-\d+/i },
  { key: 'usb-c', named: /USB[- ]?C header|Type-C header/i },
  { key: 'usb-3', named: /USB\s?3(?:\.\d)?(?: Gen ?\d)?(?:\s*\d+-pin)?\s*header/i },
  {
    key: 'usb-2',
    named: /USB\s?2(?:\.0)?(?:\s*(?:9|10)[- ]?pins?)?(?:\s*(?:internal\s*)?header)?/i,
    not: /rear|external|Type-?A|ports?\b/i,
  },
  { key: 'sata-data', named: /SATA(?! power)(?:\s*(?:ports?|connectors?|6\s?Gb\/s))?/i },
  { key: 'audio-97', named: /front[- ](?:panel )?audio/i },
]

/** Named choice: no card is as thick, mm. */
const WIDEST = 85
/** Cards that a picture leaves. */
const SHOWS: readonly string[] = ['graphics', 'capture']

export function readCard(sheet: Sheet, notes: Notes): void {
  const title = sheet.statements.slice(0, 3).map(whole).join(' ')
  const first = sheet.statements[0]
  const does =
    DOES.find(([words]) => words.test(title)) ??
    GRAPHICS.find(words => words.test(sheet.text)) ??
    DOES.find(([words]) => words.test(sheet.text))
  if (first && does) notes.put(first, 'does', does instanceof RegExp ? 'graphics' : does[1])
  for (const s of sheet.statements) {
    readEdge(s, notes)
    readSize(s, notes)
    readWatts(s, notes)
    readSockets(s, notes)
  }
}

function readEdge(s: Statement, notes: Notes): void {
  const text = whole(s)
  const m =
    /PCI(?:e|-E| ?Express)?[:\s]*(?:(?:Gen\s?)?(\d)(?:\.\d)?)?[ ,]*(\()?x\s?(16|8|4|1)\b/i.exec(
      text,
    )
  if (!m) {
    if (/^(?:bus|interface|host interface|slot)$/i.test(s.label))
      notes.put(s, 'generation', generationIn(s.value))
    return
  }
  const connector =
    /\(\s*x(16|8|4|1)\s*(?:connector|slot|physical)\s*\)|\bin an? x(16|8|4) slot/i.exec(text)
  const wired = /x\s?(16|8|4|1)\s*(?:electrical\w*|lanes?|mode)\b/i.exec(
    text.slice(m.index + m[0].length),
  )?.[1]
  // Lanes in brackets behind the bus say nothing of the edge's length.
  const size = connector?.[1] ?? connector?.[2] ?? (m[2] ? undefined : m[3])
  const lanes = wired ?? m[3]
  if (size) notes.put(s, 'size', `x${size}`)
  if (lanes !== size) notes.put(s, 'lanes', Number(lanes))
  notes.put(s, 'generation', m[1] ? Number(m[1]) : generationIn(text))
}

function readSize(s: Statement, notes: Notes): void {
  const text = whole(s)
  const size = /outputs?|ports/i.test(s.label) ? null : productIn(s.value, s.label)
  if (size) {
    // On a card "width" of three letters is the side that stands over the board; the last figure is
    // the thickness. Letters tell the length; sheets differ in which of the others is "width", but
    // no card is thicker than it is high.
    const [longest = 0] = [...size.values].sort((a, b) => b - a)
    const length = (size.axes?.includes('length') ? along(size, 'length', []) : null) ?? longest
    const [height, thickness] = size.values
      .toSpliced(size.values.indexOf(length), 1)
      .sort((a, b) => b - a)
    notes.put(s, 'length', length, 'mm')
    notes.put(s, 'height', height, 'mm')
    notes.put(s, 'thickness', thickness, 'mm')
  }
  const own = firstOf(s.value, 'mm')?.value ?? null
  if (/^(?:card )?length$/i.test(s.label)) notes.put(s, 'length', own, 'mm')
  else if (/thickness/i.test(s.label)) notes.put(s, 'thickness', own, 'mm')
  // Some sheets stand the card up, others lay it down: the side told in slots is its thickness,
  // what is wider than any slot its height.
  else if (/^(?:card )?(?:height|width)$/i.test(s.label) && own !== null)
    notes.put(
      s,
      /slots?\b/i.test(s.value) || (/width/i.test(s.label) && own < WIDEST)
        ? 'thickness'
        : 'height',
      own,
      'mm',
    )
  if (!size && (s.label === '' || /size|dimension/i.test(s.label))) {
    const path = { length: 'length', height: 'height', width: 'thickness', thickness: 'thickness' }
    for (const { axis, value } of spokenIn(s.value)) notes.put(s, path[axis], value, 'mm')
  }
  const across = /slots?\s*\((\d+(?:[.,]\d+)?)\s*mm\)/i.exec(s.value)?.[1]
  if (across) notes.put(s, 'thickness', plainNumber(across), 'mm')
  const slots =
    /(?<![x\d.])(\d(?:[.,]\d+)?)[- ]slots?\b|\b(single|dual|triple|one|two|three|four)[- ]slots?\b/i.exec(
      s.value,
    )
  const labelled = /^slots?(?: size)?$|^slot width$|slots? occupied|occupied slots/i.test(s.label)
    ? /^\s*(\d(?:[.,]\d+)?)/.exec(s.value)?.[1]
    : undefined
  const n = labelled ?? slots?.[1]
  if (n) notes.put(s, 'slots', Math.ceil(Number(n.replace(',', '.')) - 1e-9), 'pcs')
  else if (slots?.[2]) notes.put(s, 'slots', wordNumber(slots[2]), 'pcs')
  if (/low[- ]profile/i.test(text))
    notes.put(
      s,
      'profile',
      /bracket (?:included|supplied)|both|with .{0,20}bracket|full[- ]height|standard (?:and|\+|&)/i.test(
        text,
      )
        ? 'both'
        : 'low',
    )
}

function readWatts(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/recommended|psu|power supply|system power|minimum/i.test(s.label)) return
  const w = measuresIn(s.value).find(m => m.unit === 'W')
  if (w && (/power|consumption|TBP|TGP|TDP|watt/i.test(text) || s.label === '' || s.line === 1))
    notes.put(s, 'watts', w.value, 'W')
}

function readSockets(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/recommended|psu|power supply|system/i.test(s.label)) return
  const outputs: string[] = []
  const [own] = thingsIn(s.label, INSIDE)
  if (own && /^yes\b/i.test(s.value)) notes.count(s, `headers.${own.key}`, 1)
  for (const phrase of phrasesOf(s.value)) {
    const [plug] = thingsIn(phrase.replace(/\([^)]*(?:adapt[eo]r|dongle)[^)]*\)/gi, ''), POWER)
    if (
      plug &&
      /power|connector|plug|pin/i.test(text) &&
      !isNo(phrase) &&
      !/adapt[eo]r|dongle|\bfrom\b|cable (?:included|supplied)|in (?:the )?box/i.test(
        phrase.replace(/\([^)]*\)/g, ''),
      )
    )
      notes.count(s, `power.${plug.key}`, plug.count)
    const [inner] = thingsIn(phrase, INSIDE)
    if (inner && !plug && /internal|header|connector|inside/i.test(text))
      notes.count(s, `headers.${inner.key}`, inner.count)
    const [out] = thingsIn(phrase, OUTPUTS)
    if (
      out &&
      !/\binputs?\b/i.test(`${s.label} ${phrase}`) &&
      (/outputs?|ports?|display|video|connect|monitor/i.test(text) || s.label === '')
    )
      outputs.push(
        ...Array.from(
          {
            length:
              countAround(
                phrase,
                phrase.search(/HDMI|Display|DP\b|DVI|VGA|USB|Type-C/i),
                phrase.length,
              ) ??
              leadingCount(phrase) ??
              out.count,
          },
          () => out.key,
        ),
      )
  }
  if (outputs.length > 0 && SHOWS.includes(String(notes.value('does'))))
    notes.put(s, 'outputs', outputs)
}
