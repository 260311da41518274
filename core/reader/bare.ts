// What a first line says without a word for it: "Alder Spire 6, 158 mm, 2x 120 mm", "Gust 140", "TERN-5".
// There is one thing that people give so; it is doubtful until somebody looks.
import type { Unit } from '../figures/units'
import type { PartKind } from '../parts'
import { RADIATORS } from '../standards/modules'
import { isLiquid } from './cooler-liquid'
import { measuresIn } from './measures'
import { whole, type Notes } from './notes'
import type { Sheet, Statement } from './statements'

interface Meant {
  readonly unit: Unit
  readonly path: string
  readonly why: string
}
/** What a figure alone among the points of a first line measures, by kind. */
const MEANT: Partial<Record<PartKind, Meant>> = {
  cooler: { unit: 'mm', path: 'height', why: 'said without a word: most likely its height' },
  memory: { unit: 'mm', path: 'height', why: 'said without a word: most likely its height' },
  card: { unit: 'mm', path: 'length', why: 'said without a word: most likely its length' },
  supply: { unit: 'mm', path: 'length', why: 'said without a word: most likely its length' },
  processor: {
    ...{ unit: 'W', path: 'power.sustained' },
    why: 'said without a word: most likely its cooling class; the limit that lasts may be higher',
  },
}

export function readBare(sheet: Sheet, notes: Notes, kind: PartKind): void {
  const { statements } = sheet
  const [title] = statements
  if (!title) return
  const points = statements.filter(s => s.line === title.line && s.label === '' && s !== title)
  for (const s of points) readAlone(s, notes, MEANT[kind])
  if (kind === 'drive') for (const s of points) readThickness(s, notes)
  if (kind === 'memory') readHeight(title, notes)
  if (kind === 'fan') readFrame(title, notes)
  if (kind === 'cooler') readFins({ title, points, isWet: isLiquid(sheet) }, notes)
  if (kind === 'board') readSocket(title, notes, 'processor.socket')
  if (kind === 'processor') readSocket(title, notes, 'socket')
}

function readAlone(s: Statement, notes: Notes, meant: Meant | undefined): void {
  const [figure, ...others] = measuresIn(s.value)
  const isAlone = figure?.words === s.value && others.length === 0
  if (meant && isAlone && figure.unit === meant.unit)
    notes.doubt(s, { ...meant, value: figure.value }, meant.why)
}

/** "… kit 1.35 V 31 mm": of modules one length in the title is their height. */
function readHeight(title: Statement, notes: Notes): void {
  const [figure, ...others] = measuresIn(title.value).filter(m => m.unit === 'mm')
  if (figure && others.length === 0)
    notes.doubt(
      title,
      { path: 'height', value: figure.value, unit: 'mm' },
      'said without a word: most likely its height',
    )
}

/** Named choice: no drive is thicker, mm; along and across it is longer. */
const THICKEST = 27
/** "2.5-inch SSD, SATA, 7 mm": of a drive that is its thickness. */
function readThickness(s: Statement, notes: Notes): void {
  const [figure] = measuresIn(s.value)
  if (figure?.words === s.value && figure.unit === 'mm' && figure.value <= THICKEST)
    notes.put(s, 'thickness', figure.value, 'mm')
}

const BY_ITS_NAME = 'taken from its name'
/** "Gust 140 PWM": fans are called by their frame. */
const FRAME = /(?<![\w.,])(80|92|120|140|200)(?![\w.,]|\s*(?:mm|x|W\b|rpm))/i
function readFrame(title: Statement, notes: Notes): void {
  notes.doubt(title, { path: 'size', value: FRAME.exec(title.value)?.[1] }, BY_ITS_NAME)
}

/** "Floe 360": liquid coolers are called by their radiator. */
const RADIATOR = new RegExp(
  String.raw`(?<![\w.,])(${RADIATORS.join('|')})(?![\w.,]|\s*(?:mm fans?|x|W\b|rpm))`,
  'i',
)
const COUNTED_FRAMES = /^([1-3])\s*x\s*(?:80|92|120|140)\s*mm$/i
interface Fins {
  readonly title: Statement
  readonly points: readonly Statement[]
  readonly isWet: boolean
}
function readFins({ title, points, isWet }: Fins, notes: Notes): void {
  if (isWet)
    notes.doubt(
      title,
      { path: 'liquid.radiator', value: RADIATOR.exec(title.value)?.[1] },
      BY_ITS_NAME,
    )
  const path = isWet ? 'liquid.fans' : 'fan.count'
  for (const s of points) {
    const count = COUNTED_FRAMES.exec(s.value)?.[1]
    if (count !== undefined)
      notes.doubt(
        s,
        { path, value: Number(count), unit: 'pcs' },
        'said without a word: most likely its fans',
      )
  }
}

/** "… WiFi ATX TERN-5 DDR5": behind two words of a name, the one word that sockets look like. */
const SOCKET = /(?<![\w-])[A-Z]{3,}-\d{1,2}[A-Z]?(?![\w-])/g
const TWO_WORDS = /^\S+\s+\S+\s/
const behindTheName = (text: string): string =>
  text.slice(TWO_WORDS.exec(text)?.[0].length ?? text.length)
function readSocket(title: Statement, notes: Notes, path: string): void {
  const [socket, ...others] = behindTheName(whole(title)).match(SOCKET) ?? []
  if (others.length === 0)
    notes.doubt(title, { path, value: socket }, 'named in the title, without the word socket')
}
