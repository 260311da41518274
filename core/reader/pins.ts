// Which pin of a front-panel block is for what, read from a table as manuals print it: "1 HDLED+", two
// pins a line, or the block as it lies without numbers.
import { PIN_JOBS, type PinJob } from '../standards/panel'

export interface ReadPin {
  readonly pin: number
  readonly row: number
  readonly col: number
  readonly does: PinJob
}
export interface ReadPins {
  /** Every place of the block up to the last that was named. */
  readonly pins: readonly ReadPin[]
  /** What was not understood or contradicts itself, each as it stands; its pin is left free. */
  readonly unread: readonly string[]
  /** Places that the table does not name: taken for missing pins. */
  readonly unnamed: readonly number[]
}

/** Blocks with numbers have two rows; as they lie, they have no more than four. */
const ROWS = 2
const MOST_ROWS = 4
/** No block has more pins. */
const MOST_PINS = 40

/** Reads a table of pins, counted down the columns; nothing where no pin is named. */
export function readPins(text: string): ReadPins {
  const lines = text
    .split(/\r?\n/)
    .map(cellsOf)
    .filter(cells => cells.length > 0)
  const { named, rows } = numbered(lines) ?? asItLies(lines)
  const understood = new Map<number, PinJob>()
  const unread: string[] = []
  const told = (one: NamedPin): void => void unread.push(`${one.pin}: ${one.name}`)
  for (const one of named.filter(n => jobIn(n.name) !== 'ground')) {
    const job = jobIn(one.name) as PinJob | null
    const known = understood.get(one.pin)
    if (job === null || (known !== undefined && known !== job)) told(one)
    else understood.set(one.pin, job)
  }
  for (const one of named.filter(n => jobIn(n.name) === 'ground')) {
    const job = besideGround(one.pin, { understood, rows })
    if (job === null || understood.has(one.pin)) told(one)
    else understood.set(one.pin, job)
  }
  const pins = blockOf(named, { understood, rows })
  const names = new Set(named.map(n => n.pin))
  return { pins, unread, unnamed: pins.map(p => p.pin).filter(pin => !names.has(pin)) }
}

interface NamedPin {
  readonly pin: number
  readonly name: string
}
interface Found {
  readonly named: readonly NamedPin[]
  readonly rows: number
}
interface Understood {
  readonly understood: ReadonlyMap<number, PinJob>
  readonly rows: number
}

const cellsOf = (line: string): readonly string[] =>
  line
    .split(/\t|\||;|,| {2,}/)
    .map(cell => cell.trim())
    .filter(cell => cell !== '' && !/^-{2,}$/.test(cell))

/** Pins with their numbers, in one cell or in two; null where none has a number. */
function numbered(lines: readonly (readonly string[])[]): Found | null {
  const named = lines.flatMap(cells => numberedIn(cells))
  return named.length > 0 ? { named, rows: ROWS } : null
}
function numberedIn(cells: readonly string[]): readonly NamedPin[] {
  const found: NamedPin[] = []
  let waiting: number | null = null
  for (const cell of cells) {
    // "20-pin header" counts pins, it is none.
    const whole = /^(?:pins?\s*)?(\d{1,2})\s*(?:[:.)=–-]\s*|\s+)(?!pins?\b)(?=\S)(.+)$/i.exec(cell)
    const alone = /^(?:pins?\s*)?(\d{1,2})[:.)]?$/i.exec(cell)
    if (alone) waiting = Number(alone[1])
    else if (whole) found.push(...severalIn(Number(whole[1]), whole[2] ?? ''))
    else if (waiting !== null) {
      found.push({ pin: waiting, name: cell })
      waiting = null
    }
  }
  return found.filter(({ pin }) => pin > 0 && pin <= MOST_PINS)
}
/** "1 HD+ 2 PL+": further pins after the name of the first. */
function severalIn(pin: number, rest: string): readonly NamedPin[] {
  const next = /^(.*?\S)\s+(\d{1,2})\s*(?:[:.)=–-]\s*|\s+)(?=[A-Za-z+])(.+)$/.exec(rest)
  return next
    ? [{ pin, name: next[1] ?? '' }, ...severalIn(Number(next[2]), next[3] ?? '')]
    : [{ pin, name: rest }]
}

/** Rows of names as the block lies, numbered down its columns; a line that names nothing is no row. */
function asItLies(lines: readonly (readonly string[])[]): Found {
  const block = lines
    .map(cells => (cells.length > 1 ? cells : (cells[0] ?? '').split(/\s+/)))
    .filter(cells => cells.some(cell => jobIn(cell) !== null))
  const rows = Math.max(1, Math.min(block.length, MOST_ROWS))
  const named = block
    .slice(0, MOST_ROWS)
    .flatMap((cells, row) => cells.map((name, col) => ({ pin: col * rows + row + 1, name })))
  return { named, rows }
}

/** What a name stands for, the more telling first: "PWR LED" is no power switch. */
const NAMES: readonly (readonly [RegExp, string])[] = [
  [/key ?lock|kb ?lock/, 'key-lock'],
  [/^(no ?pins?|none|empty|missing|key|np|x)\b|^[-–—]$/, 'none'],
  [/^(nc|n\/c|free|unused|reserved|rsvd?|not (used|connected)|\+?5 ?v(sb)?|vcc)\b/, 'free'],
  [/^(gnd|ground|0 ?v)$/, 'ground'],
  [/turbo.*(led|light|lamp)|^tb ?led/, 'turbo-light'],
  [/turbo/, 'turbo-switch'],
  [
    /(hd{1,2}|ide|disk|drive|sata)( ?act(ivity)?)? ?(led|light|lamp)|^hd{1,2}\b|^ide\b/,
    'disk-light',
  ],
  [/(p|pwr|power|msg|acpi|sys) ?(led|light|lamp)|^pl\b|^msg\b/, 'power-light'],
  [/\breset|^(fp ?)?rst|\brst\b|^res\b(?= ?[+-])|^rs\b/, 'reset'],
  [
    /(pw|pwr|power|ps|pb) ?(sw|switch|btn|button|bt|on)|^pwr? ?(?=[+-]|$)|^on ?\/ ?off/,
    'power-switch',
  ],
  [/spe?a?kr?\b|speaker|buzz|beep|^sp\b/, 'speaker'],
]

function jobIn(name: string): PinJob | 'ground' | null {
  const plain = name.toLowerCase().replace(/_/g, ' ').replace(/−/g, '-').replace(/\s+/g, ' ').trim()
  const job = NAMES.find(([said]) => said.test(plain))?.[1] ?? null
  if (job === null || job === 'ground') return job
  const signed = `${job}${signOf(plain)}`
  return PIN_JOBS.find(j => j === job) ?? PIN_JOBS.find(j => j === signed) ?? null
}
/** Of what has a plus and a minus; a name without a sign says too little. */
function signOf(plain: string): string {
  if (/\+|\b(plus|positive|anode|pos|p)$/.test(plain)) return '+'
  return /-|\b(minus|negative|cathode|gnd|ground|neg|n)$/.test(plain) ? '-' : ''
}

/** Ground belongs to the switch beside it that has only one pin yet. */
function besideGround(pin: number, { understood, rows }: Understood): PinJob | null {
  const beside = [pin - rows, pin + rows].flatMap(n => understood.get(n) ?? [])
  const lonely = beside.filter(
    job => SWITCHES.includes(job) && [...understood.values()].filter(d => d === job).length === 1,
  )
  return lonely.length === 1 ? (lonely[0] ?? null) : null
}
const SWITCHES: readonly PinJob[] = ['reset', 'power-switch', 'turbo-switch', 'key-lock']

/** All places up to the last pin that was named: what is named and not understood is free. */
function blockOf(named: readonly NamedPin[], { understood, rows }: Understood): readonly ReadPin[] {
  const last = Math.max(0, ...named.map(n => n.pin))
  const names = new Set(named.map(n => n.pin))
  return Array.from({ length: Math.ceil(last / rows) * rows }, (_, i) => ({
    pin: i + 1,
    row: i % rows,
    col: Math.floor(i / rows),
    does: understood.get(i + 1) ?? (names.has(i + 1) ? 'free' : 'none'),
  }))
}
