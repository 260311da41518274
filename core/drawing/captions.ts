// Names outside the machine, each with a line to what it names: in a column at either side, so that no
// name lies over anything, and no line crosses another.
import type { Point } from './views'
import { isInside, overlap, type Rect } from './rect'

/** What is to be named: where its line ends, and what of it may be pointed to. */
export interface Named {
  readonly id: string
  readonly item: string | null
  readonly name: string
  readonly note: string
  readonly tip: Point
}

export interface Caption extends Named {
  readonly side: 'left' | 'right'
  /** Where its text begins or ends, at the foot of its first line. */
  readonly at: Point
  /** From beside its text to what it names. */
  readonly line: readonly [Point, Point]
}

/** In letters: how high a caption is, and how far its line begins from its text. */
const HIGH = 2.7
const GAP = 0.4
/** How far from the machine names begin, in letters: the words of its edges stand between. */
const BESIDE = 2

interface Room {
  /** What the names stand around. */
  readonly machine: Rect
  readonly letter: number
}

/**
 * Captions in two columns. Those further left go left, so that lines from both sides cannot meet; in a
 * column each takes a place near its height, and two whose lines cross change places: each change
 * makes the lines shorter, so this ends. What finds no place in the columns is left out, the last first.
 */
export function captioned(wanted: readonly Named[], room: Room): readonly Caption[] {
  const { machine, letter } = room
  const most = Math.max(1, Math.floor((machine.h + 2 * letter) / (HIGH * letter)))
  const chosen = wanted.slice(0, 2 * most)
  const across = [...chosen].sort((a, b) => a.tip[0] - b.tip[0] || a.tip[1] - b.tip[1])
  const middle = machine.x + machine.w / 2
  const nearer = across.filter(n => n.tip[0] < middle).length
  const left = Math.min(Math.max(nearer, chosen.length - most), most)
  return [
    ...column(across.slice(0, left), 'left', room),
    ...column(across.slice(left), 'right', room),
  ]
}

function column(named: readonly Named[], side: Caption['side'], room: Room): readonly Caption[] {
  const { machine, letter } = room
  const sign = side === 'left' ? -1 : 1
  const edge = side === 'left' ? machine.x : machine.x + machine.w
  const x = edge + sign * letter * BESIDE
  // Rounded first: two lines that just pass each other would cross once they are rounded.
  const sorted = named.map(n => ({ ...n, tip: fine(n.tip) })).sort((a, b) => a.tip[1] - b.tip[1])
  const ys = spread(
    sorted.map(n => n.tip[1]),
    { step: HIGH * letter, from: machine.y, to: machine.y + machine.h },
  )
  const ports = ys.map((y): Point => fine([x, y]))
  return uncrossed(sorted, ports).map((n, i): Caption => {
    const port = ports[i] ?? n.tip
    return {
      ...{ ...n, side },
      at: fine([port[0] + sign * GAP * letter, port[1] + letter * 0.35]),
      line: [port, n.tip],
    }
  })
}

/** To a tenth of a millimetre: what is told of a drawing stays small. */
const fine = ([x, y]: Point): Point => [Math.round(x * 10) / 10, Math.round(y * 10) / 10]

/** Heights as near to those wished as a step between them allows. */
function spread(
  wished: readonly number[],
  { step, from, to }: { readonly step: number; readonly from: number; readonly to: number },
): readonly number[] {
  const down: number[] = []
  for (const y of wished) down.push(Math.max(y, from, (down.at(-1) ?? -Infinity) + step))
  // From below again: what was pushed past the end moves up.
  const up: number[] = []
  for (const y of [...down].reverse()) up.push(Math.min(y, to, (up.at(-1) ?? Infinity) - step))
  return up.reverse()
}

/** The same things at the same places, no two of whose lines cross. */
function uncrossed(named: readonly Named[], ports: readonly Point[]): readonly Named[] {
  const order = [...named]
  for (let again = true; again;) {
    again = false
    for (let i = 0; i < order.length; i += 1)
      for (let j = i + 1; j < order.length; j += 1) {
        const [a, b, p, q] = [order[i], order[j], ports[i], ports[j]]
        if (!a || !b || !p || !q || !crossing(p, a.tip, q, b.tip)) continue
        order[i] = b
        order[j] = a
        again = true
      }
  }
  return order
}

/** Whether a point lies to the left or to the right of a line, or on it. */
const turn = (p: Point, q: Point, r: Point): number =>
  (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0])

/** Whether two lines cross. */
export function crossing(a: Point, b: Point, c: Point, d: Point): boolean {
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0
}

/** A text at a line: where it stands. */
export interface Told {
  readonly id: string
  readonly text: string
  readonly rect: Rect
}

/** A line that is told in a number. */
export interface Measure {
  readonly id: string
  readonly text: string
  readonly from: Point
  readonly to: Point
}

/** Width of one letter as a share of its height, generous for the monospaced face. */
const WIDE = 0.62
/** How far along its line a number may stand, and on which side. */
const ALONG = [0.5, 0.3, 0.7, 0.1, 0.9] as const

/** How wide a letter of a name is on average, and how large a note is beside it. */
export const LETTER = 0.56
const NOTE = 0.9

/** What a caption covers, its second line included. */
export function rectOfName({ name, note, side, at: [x, y] }: Caption, letter: number): Rect {
  const w = Math.max(name.length, note.length * NOTE) * letter * LETTER
  return { x: side === 'left' ? x - w : x, y: y - letter, w, h: 2.2 * letter }
}

/** What a number has to keep clear of, and within what it stands. */
interface Around {
  readonly letter: number
  readonly lines: readonly (readonly [Point, Point])[]
  readonly names: readonly Rect[]
  readonly within: Rect
}
/** What one thing in the way weighs: another text more than any number of lines. */
const TEXT = 100

/**
 * Numbers at their lines, none on another, on a line of a caption or on another measure: the first
 * place that is free, else the one with the fewest in its way.
 */
export function told(
  measures: readonly Measure[],
  { lines, letter, names, within }: Around,
): readonly Told[] {
  const placed: Told[] = []
  for (const m of measures) {
    const size = { w: m.text.length * letter * WIDE, h: letter * 1.25 }
    const others = [...lines, ...measures.filter(o => o !== m).map(o => [o.from, o.to] as const)]
    const spots = placesBy(m, size, letter * 0.35).map(rect => ({
      rect,
      inTheWay:
        [...placed.map(p => p.rect), ...names].filter(r => overlap(r, rect)).length * TEXT +
        (isInside(rect, within) ? 0 : TEXT) +
        others.filter(line => cuts(line, rect)).length,
    }))
    const best = spots.reduce(
      (a, b) => (b.inTheWay < a.inTheWay ? b : a),
      spots[0] ?? { rect: { x: 0, y: 0, ...size }, inTheWay: 0 },
    )
    if (best.inTheWay < TEXT) placed.push({ id: m.id, text: m.text, rect: best.rect })
  }
  return placed
}

function placesBy(
  { from, to }: Measure,
  { w, h }: { readonly w: number; readonly h: number },
  gap: number,
): readonly Rect[] {
  const isUpright = Math.abs(to[1] - from[1]) > Math.abs(to[0] - from[0])
  return ALONG.flatMap(share => {
    const [x, y] = [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share]
    const corners = isUpright
      ? [
          [x + gap, y - h / 2],
          [x - gap - w, y - h / 2],
        ]
      : [
          [x - w / 2, y - gap - h],
          [x - w / 2, y + gap],
        ]
    return corners.map(([cx = 0, cy = 0]) => ({ x: cx, y: cy, w, h }))
  })
}

/** Whether a line passes through a rectangle. */
export function cuts([a, b]: readonly [Point, Point], { x, y, w, h }: Rect): boolean {
  // Most lines pass far off.
  if (Math.max(a[0], b[0]) <= x || Math.min(a[0], b[0]) >= x + w) return false
  if (Math.max(a[1], b[1]) <= y || Math.min(a[1], b[1]) >= y + h) return false
  const within = ([px, py]: Point): boolean => px > x && px < x + w && py > y && py < y + h
  if (within(a) || within(b)) return true
  const corners: readonly Point[] = [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ]
  return corners.some((c, i) => {
    const next = corners[(i + 1) % corners.length]
    return next !== undefined && crossing(a, b, c, next)
  })
}
