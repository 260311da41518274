// What stands outside: what it does, and the plugs of its leads at the rear of the machine.
import type { PlugFace } from '../connectors/connectors'
import { isContentsLine } from './in-the-box'
import { valueIn } from './measures'
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'

type Does = 'monitor' | 'keyboard' | 'mouse' | 'sound' | 'network' | 'printer' | 'storage'
const DOES: readonly (readonly [RegExp, Does])[] = [
  [/\bmonitor\b|\bdisplay\b(?!\s?port)/i, 'monitor'],
  [/\bkeyboard\b/i, 'keyboard'],
  [/\bmouse\b|\btrackball\b/i, 'mouse'],
  [/\bspeakers?\b|\bheadset\b|\bheadphones?\b|\bsound ?bar\b/i, 'sound'],
  [/\bprinter\b/i, 'printer'],
  [/\bexternal (?:drive|disk|SSD|HDD)\b|\bportable (?:drive|SSD|disk)\b/i, 'storage'],
]

/** Pictures come by these; the one that is named first where a sheet lists several. */
const PICTURES: readonly (readonly [RegExp, PlugFace])[] = [
  [/\bDisplay ?Port\b|\bDP\b/i, 'displayport'],
  [/\bHDMI\b/i, 'hdmi'],
  [/\bDVI\b/i, 'dvi'],
  [/\bVGA\b|\bD-?Sub\b/i, 'vga'],
]
/** How all else hangs on a machine. */
const PLUGS: readonly (readonly [RegExp, PlugFace])[] = [
  [/\bPS\/?2\b/i, 'ps2'],
  [/\bUSB[- ]?(?:type[- ]?)?C\b/i, 'usb-c-socket'],
  [/\bUSB\b/i, 'usb-a'],
  [/3[.,]5[- ]?mm|\bjack\b|\bmini[- ]?jack\b/i, 'audio-jack'],
  [/\b(?:optical|TOSLINK|S\/?PDIF)\b/i, 'optical'],
]

const IS_INPUT = oneOf(
  ...[/^(?:video |signal |display |picture )?(?:inputs?|connect(?:ivity|ions?|ors?)|ports?)$/],
  ...[/^(?:interfaces?|terminals?|signal input|input signals?)$/],
)
/** A lead that lies in the box is the one that is used. */
const CABLE = /\b(?:cables?|leads?|cords?)\b/i
/** What a monitor hands out, or takes from the mains. */
const NOT_ITS_PLUG = /\bout(?:put)?\b|\bdownstream\b|\bpower\b|\bmains\b|\bhub\b|\bcharging\b/i

export function readDevice(sheet: Sheet, notes: Notes): void {
  const [title] = sheet.statements
  const does = choiceIn(title ? whole(title) : '', DOES) ?? doesIn(sheet)
  if (title) notes.put(title, 'does', does)
  if (does === 'monitor') readMonitor(sheet, notes)
  else if (does !== null) readOther(sheet, notes)
}

const doesIn = ({ statements }: Sheet): Does | null =>
  statements
    .filter(
      (s, i) => /^(?:type|product|category|device)/i.test(s.label) || (i === 1 && s.line === 1),
    )
    .map(s => choiceIn(s.value, DOES))
    .find(d => d !== null) ?? null

/** A monitor that hands USB on hangs on a socket of the machine as well. */
const UPSTREAM = /\bupstream\b|\bUSB[- ]?(?:type[- ]?)?B\b/i

interface Named {
  readonly s: Statement
  readonly face: PlugFace
  readonly phrase: string
}
const isFor = (s: Statement): boolean => s.label === '' || IS_INPUT.test(s.label)

function readMonitor({ statements }: Sheet, notes: Notes): void {
  const cables = statements.filter(isWithCable).flatMap(s => namedIn(s, PICTURES))
  const sockets = statements
    .filter(s => !isWithCable(s) && (isFor(s) || choiceIn(s.label, PICTURES) !== null))
    .flatMap(s => namedIn(s, PICTURES))
  for (const { s } of sockets) notes.use(s)
  const hub = statements.find(s => UPSTREAM.test(whole(s)) && !isNo(s.value))
  if (hub) notes.put(hub, 'plugs.1.face', 'usb-a')
  const faces = [...new Set([...cables, ...sockets].map(n => n.face))]
  const [first] = cables.length > 0 ? cables : sockets
  if (!first) return
  const entry = { path: 'plugs.0.face', value: first.face }
  const isSure = cables.length === 1 || faces.length === 1
  if (isSure) notes.put(first.s, entry.path, entry.value)
  else notes.doubt(first.s, entry, 'it takes several leads: choose the one that is used')
  const cable = cables.find(c => c.face === first.face)
  if (cable) notes.put(cable.s, 'plugs.0.lead', valueIn(cable.phrase, 'mm'), 'mm')
}

/** A line on a lead for the picture that comes with it. */
const isWithCable = (s: Statement): boolean =>
  CABLE.test(whole(s)) && (isContentsLine(s) || /includ|supplied|comes with|cable/i.test(whole(s)))

/** A phrase for each lead or socket that a line names; its label is read with each. */
function namedIn(s: Statement, faces: readonly (readonly [RegExp, PlugFace])[]): readonly Named[] {
  if (isNo(s.value)) return []
  return phrasesOf(s.value)
    .filter(phrase => !NOT_ITS_PLUG.test(`${s.label} ${phrase}`))
    .flatMap(phrase => {
      // Of a cable from one plug to another the second one is the machine’s.
      const end = /^.*\bto (?:a )?(?=.*\b(?:cable|lead|cord)s?\b)/i.exec(phrase)?.[0].length ?? 0
      const face = choiceIn(phrase.slice(end), faces) ?? choiceIn(s.label, faces)
      return face === null ? [] : [{ s, face, phrase: `${s.label} ${phrase}` }]
    })
}

/** Named choice, mm: what is shorter is no lead to what stands outside. */
const SHORTEST = 200
/** The length of its lead: in a line or a phrase that names one. */
function leadOf(s: Statement): number | null {
  const said = CABLE.test(s.label) ? [s.value] : phrasesOf(s.value).filter(p => CABLE.test(p))
  return said.map(p => valueIn(p, 'mm')).find(mm => mm !== null && mm >= SHORTEST) ?? null
}

const HANGS = /connect|interface|cable|plug|lead|port|receiver|wired/i
/** Without a lead at all: nothing is plugged in. */
const BY_AIR = /\bbluetooth\b/i

function readOther({ statements }: Sheet, notes: Notes): void {
  const lines = statements.filter(s => HANGS.test(whole(s)) || choiceIn(s.value, PLUGS) !== null)
  const named = lines.flatMap(s => namedIn(s, PLUGS))
  const [first] = named
  if (!first) {
    const air = statements.find(s => BY_AIR.test(whole(s)) && !isNo(s.value))
    if (air) notes.put(air, 'plugs', [])
    return
  }
  const others = new Set(named.map(n => n.face))
  const entry = { path: 'plugs.0.face', value: first.face }
  if (others.size === 1) notes.put(first.s, entry.path, entry.value)
  else notes.doubt(first.s, entry, 'it takes several leads: choose the one that is used')
  for (const s of lines) notes.put(s, 'plugs.0.lead', leadOf(s), 'mm')
}
