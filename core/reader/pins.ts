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
  /** Every place of the block from the first to the last that was named. */
  readonly pins: readonly ReadPin[]
  /** What was not understood, each as it stands; its pin is left free. */
  readonly unread: readonly string[]
}

/** Blocks have two rows at most; with numbers the first column holds 1 and 2. */
const ROWS = 2
/** No block has more pins. */
const MOST_PINS = 40

/** Reads a table of pins; nothing where no pin is named. */
export function readPins(text: string): ReadPins {
  const lines = text
    .split(/\r?\n/)
    .map(cellsOf)
    .filter(cells => cells.length > 0)
  const named = numbered(lines) ?? asItLies(lines)
  const [does, unread] = [new Map<number, PinJob>(), [] as string[]]
  for (const { pin, name } of named) {
    const job = jobIn(name)
    if (job === null) unread.push(`${pin}: ${name}`)
    else if (job !== 'ground') does.set(pin, job)
  }
  const grounds = named.filter(({ name }) => jobIn(name) === 'ground')
  for (const { pin, name } of grounds) {
    const job = besideGround(pin, does)
    if (job === null) unread.push(`${pin}: ${name}`)
    else does.set(pin, job)
  }
  return { pins: blockOf(named, does), unread }
}

interface NamedPin {
  readonly pin: number
  readonly name: string
}

const cellsOf = (line: string): readonly string[] =>
  line
    .split(/\t|\||;|,| {2,}/)
    .map(cell => cell.trim())
    .filter(cell => cell !== '' && !/^-{2,}$/.test(cell))

/** Pins with their numbers, in one cell or in two; null where none has a number. */
function numbered(lines: readonly (readonly string[])[]): readonly NamedPin[] | null {
  const found = lines.flatMap(cells => numberedIn(cells))
  return found.length > 0 ? found : null
}
function numberedIn(cells: readonly string[]): readonly NamedPin[] {
  const found: NamedPin[] = []
  let waiting: number | null = null
  for (const cell of cells) {
    const whole = /^(?:pins?\s*)?(\d{1,2})\s*(?:[:.)=–-]\s*|\s+)(?=\S)(.+)$/i.exec(cell)
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

/** Rows of names as the block lies, numbered down its columns; a head line that names nothing is none. */
function asItLies(lines: readonly (readonly string[])[]): readonly NamedPin[] {
  const rows = lines.map(cells => (cells.length > 1 ? cells : (cells[0] ?? '').split(/\s+/)))
  const block = rows.filter(cells => cells.some(cell => jobIn(cell) !== null)).slice(0, ROWS)
  return block.flatMap((cells, row) =>
    cells.map((name, col) => ({ pin: col * block.length + row + 1, name })),
  )
}

/** What a name stands for, the more telling first: "PWR LED" is no power switch. */
const NAMES: readonly (readonly [RegExp, string])[] = [
  [/^(no ?pins?|none|empty|missing|key|np|x|[-–—])$/, 'none'],
  [/^(nc|n\/c|free|unused|reserved|rsvd?|not (used|connected)|\+?5 ?v(sb)?|vcc)$/, 'free'],
  [/^(gnd|ground|masse|0 ?v)$/, 'ground'],
  [/turbo.*(led|light|lamp)|^tb ?led/, 'turbo-light'],
  [/turbo/, 'turbo-switch'],
  [/key ?lock|kb ?lock/, 'key-lock'],
  [
    /(hd{1,2}|ide|disk|drive|sata)( ?act(ivity)?)? ?(led|light|lamp)|^hd{1,2}\b|^ide\b/,
    'disk-light',
  ],
  [/(p|pwr|power|msg|acpi|sys) ?(led|light|lamp)|^pl\b|^msg\b/, 'power-light'],
  [/reset|rst|^res\b(?= ?[+-])|^rs\b/, 'reset'],
  [
    /(pw|pwr|power|ps|pb) ?(sw|switch|btn|button|bt|on)|^pwr? ?(?=[+-]|$)|^pson\b|^on ?\/ ?off/,
    'power-switch',
  ],
  [/spe?a?kr?|speaker|buzz|beep|^sp\b/, 'speaker'],
]

function jobIn(name: string): PinJob | 'ground' | null {
  const plain = name
    .toLowerCase()
    .replace(/[_]/g, ' ')
    .replace(/−/g, '-')
    .replace(/\s+/g, ' ')
    .trim()
  const job = NAMES.find(([said]) => said.test(plain))?.[1] ?? null
  if (job === null || job === 'ground') return job
  const signed = `${job}${signOf(plain)}`
  return PIN_JOBS.find(j => j === job) ?? PIN_JOBS.find(j => j === signed) ?? null
}
/** Of what has a plus and a minus; a name without a sign says too little. */
function signOf(plain: string): string {
  if (/\+|\bplus\b|\banode\b|\bp$/.test(plain)) return '+'
  return /-|\bminus\b|\bcathode\b|\bgnd\b|\bn$/.test(plain) ? '-' : ''
}

/** Ground belongs to the switch beside it that has only one pin yet. */
function besideGround(pin: number, does: ReadonlyMap<number, PinJob>): PinJob | null {
  const beside = [pin - ROWS, pin + ROWS].flatMap(n => does.get(n) ?? [])
  const lonely = beside.filter(
    job => SWITCHES.includes(job) && [...does.values()].filter(d => d === job).length === 1,
  )
  return lonely.length === 1 ? (lonely[0] ?? null) : null
}
const SWITCHES: readonly PinJob[] = ['reset', 'power-switch', 'turbo-switch', 'key-lock']

/** All places up to the last pin that was named: what is not named is free, an odd end no pin. */
function blockOf(
  named: readonly NamedPin[],
  does: ReadonlyMap<number, PinJob>,
): readonly ReadPin[] {
  const last = Math.max(0, ...named.map(n => n.pin))
  const places = Math.ceil(last / ROWS) * ROWS
  return Array.from({ length: places }, (_, i) => ({
    pin: i + 1,
    row: i % ROWS,
    col: Math.floor(i / ROWS),
    does: does.get(i + 1) ?? (named.some(n => n.pin === i + 1) ? 'free' : 'none'),
  }))
}
