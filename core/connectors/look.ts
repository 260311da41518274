// How a connector looks from in front, to scale: its socket as one looks into it, in mm. Contacts at
// their pitch as its standard has them; walls about them as such sockets are made.

/** What a stroke stands for: the plastic, a contact, a place where none is, what keeps it the right way. */
export type LookTone = 'wall' | 'inside' | 'contact' | 'none' | 'key'

export type LookStroke = { readonly tone: LookTone } & (
  | {
      readonly of: 'box'
      readonly x: number
      readonly y: number
      readonly w: number
      readonly h: number
      /** How round its corners are. */
      readonly round?: number
    }
  | { readonly of: 'disc'; readonly x: number; readonly y: number; readonly r: number }
  | { readonly of: 'shape'; readonly points: readonly (readonly [number, number])[] }
)

export interface Look {
  readonly size: readonly [wide: number, high: number]
  readonly strokes: readonly LookStroke[]
  /** Where its first contact is, of what numbers them. */
  readonly first?: readonly [number, number]
  /** What whole rows of contacts carry, from the latch on. */
  readonly rows?: readonly string[]
}

/** Wall about open pins, and about a box of pins, mm: as such headers are made. */
const RIM = 1.2
const BOX = 2.4
const PIN = 0.64

interface Header {
  readonly cols: number
  readonly rows?: number
  readonly pitch?: number
  /** Which of its pins are missing, by number. */
  readonly missing?: readonly number[]
  /** A box about it whose notch takes the nose of the plug; a ridge behind its first pins. */
  readonly key?: 'notch' | 'ridge'
  /** Numbered down each column, or along one row and back along the other. */
  readonly numbered?: 'columns' | 'around'
}

/** Pins on a board: open, in a box, or with a ridge behind them. */
export function header({
  cols,
  rows = 2,
  pitch = 2.54,
  missing = [],
  key,
  numbered = 'columns',
}: Header): Look {
  const rim = key === 'notch' ? BOX : RIM
  const [w, h] = [(cols - 1) * pitch + 2 * rim, (rows - 1) * pitch + 2 * rim]
  const number = (col: number, row: number): number => {
    if (numbered === 'columns') return col * rows + row + 1
    return row === 0 ? col + 1 : rows * cols - col
  }
  const pins = grid(cols, rows).map(([col, row]): LookStroke => {
    const [x, y] = [rim + col * pitch, rim + row * pitch]
    return missing.includes(number(col, row))
      ? { tone: 'none', of: 'disc', x, y, r: pitch * 0.32 }
      : box('contact', [x - PIN / 2, y - PIN / 2, PIN, PIN])
  })
  return {
    size: [w, h],
    strokes: [
      box('wall', [0, 0, w, h]),
      ...(key === 'notch' ? [box('inside', [0.7, 0.7, w - 1.4, h - 1.4])] : []),
      ...(key === 'notch' ? [box('key', [w / 2 - NOTCH / 2, h - 0.7, NOTCH, 0.9])] : []),
      ...(key === 'ridge' ? [box('key', [rim - 0.9, h - 0.5, 2 * pitch + 1.8, 0.5])] : []),
      ...pins,
    ],
    first: [rim, rim],
  }
}
/** How wide the notch of a box is. */
const NOTCH = 4

interface Cavities {
  readonly cols: number
  readonly rows?: number
  readonly pitch?: number
  /** What its rows carry, from the latch on. */
  readonly says?: readonly string[]
  /** Small contacts beyond the row of the latch. */
  readonly sense?: number
}

/** Power sockets: each contact in a chamber of its own, a nose for the latch over the upper row. */
export function cavities({ cols, rows = 2, pitch = 4.2, says, sense = 0 }: Cavities): Look {
  const wall = pitch * 0.62
  const over = sense > 0 ? pitch : 0
  const [w, h] = [(cols - 1) * pitch + 2 * wall, (rows - 1) * pitch + 2 * wall + over]
  const chamber = pitch * 0.8
  const cells = grid(cols, rows).flatMap(([col, row]): readonly LookStroke[] => {
    const [x, y] = [wall + col * pitch, wall + over + row * pitch]
    const pin = pitch * 0.26
    return [
      box('inside', [x - chamber / 2, y - chamber / 2, chamber, chamber]),
      box('contact', [x - pin / 2, y - pin / 2, pin, pin]),
    ]
  })
  const small = Array.from({ length: sense }, (_, i) =>
    box('contact', [w / 2 + (i - (sense - 1) / 2) * 2.2 - 0.3, over * 0.5 - 0.3, 0.6, 0.6]),
  )
  const latch = Math.min(LATCH, w * 0.6)
  return {
    size: [w, h],
    strokes: [
      box('key', [(w - latch) / 2, -LATCH_HIGH, latch, LATCH_HIGH]),
      box('wall', [0, 0, w, h]),
      ...cells,
      ...small,
    ],
    ...(says && { rows: says }),
  }
}
const LATCH = 8
const LATCH_HIGH = 1.6

/** One row of contacts in a frame whose lower corners are cut. */
export function row(count: number, pitch: number, cut: 'corners' | 'ridge' | 'ribs'): Look {
  const rim = pitch * 0.7
  const [w, h] = [(count - 1) * pitch + 2 * rim, 2 * rim]
  const c = h * 0.28
  const frame: readonly (readonly [number, number])[] =
    cut === 'corners'
      ? [
          [0, 0],
          [w, 0],
          [w, h - c],
          [w - c, h],
          [c, h],
          [0, h - c],
        ]
      : [
          [0, 0],
          [w, 0],
          [w, h],
          [0, h],
        ]
  const ribs = cut === 'ribs' ? grid(count, 1).map(([i]) => i) : []
  return {
    size: [w, h],
    strokes: [
      { tone: 'wall', of: 'shape', points: frame },
      ...(cut === 'ridge' ? [box('key', [rim - 0.5, h - 0.6, w - 2 * rim + 1, 0.6])] : []),
      ...ribs.map(i => box('key', [rim + i * pitch - 0.5, -0.8, 1, 0.8])),
      ...grid(count, 1).map(([i]): LookStroke => ({
        ...{ tone: 'contact', of: 'disc', x: rim + i * pitch, y: rim, r: pitch * 0.2 },
      })),
    ],
    first: [rim, rim],
  }
}

/** A tongue bent to an L at one end, its contacts along it. */
export function bentTongue(wide: number, contacts: number): Look {
  const [w, h] = [wide + 4, 6.2]
  const foot = 1.6
  const pitch = (wide - 3) / contacts
  return {
    size: [w, h],
    strokes: [
      box('wall', [0, 0, w, h], 0.6),
      {
        ...{ tone: 'inside', of: 'shape' },
        points: [
          [2, 2],
          [2 + wide, 2],
          [2 + wide, 2 + foot + 1.2],
          [2 + wide - 1.2, 2 + foot + 1.2],
          [2 + wide - 1.2, 2 + 1.2],
          [2, 2 + 1.2],
        ],
      },
      ...grid(contacts, 1).map(([i]) => box('contact', [2.9 + i * pitch, 2.1, pitch * 0.45, 1])),
      box('key', [2 + wide - 1.2, 2 + 1.2, 1.2, foot]),
    ],
  }
}

/** A slot whose outline is what keeps its plug the right way, with contacts in rows. */
export function slot(
  points: readonly (readonly [number, number])[],
  contacts: { readonly cols: number; readonly rows?: number },
): Look {
  const [w, h] = [Math.max(...points.map(p => p[0])), Math.max(...points.map(p => p[1]))]
  return {
    size: [w, h],
    strokes: [
      { tone: 'wall', of: 'shape', points },
      ...within(w, h, contacts, 0.7).map(([x, y, pitch]) =>
        box('contact', [x - pitch * 0.2, y - 0.35, pitch * 0.4, 0.7]),
      ),
    ],
  }
}

/** A socket with a screw at each side, its shell narrower below. */
export function screwed(wide: number, rows: readonly number[]): Look {
  const [w, h] = [wide + 14, 12.5]
  const x = 7
  return {
    size: [w, h],
    strokes: [
      box('wall', [0, 0, w, h], 2),
      {
        ...{ tone: 'inside', of: 'shape' },
        points: [
          [x, 2],
          [x + wide, 2],
          [x + wide - 1.4, h - 2],
          [x + 1.4, h - 2],
        ],
      },
      ...[3.5, w - 3.5].map((cx): LookStroke => ({
        ...{ tone: 'inside', of: 'disc', x: cx, y: h / 2, r: 1.9 },
      })),
      ...rows.flatMap((count, r) => {
        const pitch = (wide - 4) / Math.max(...rows)
        const y = h / 2 + (r - (rows.length - 1) / 2) * 2.6
        const left = w / 2 - ((count - 1) * pitch) / 2
        return grid(count, 1).map(([i]): LookStroke => ({
          ...{ tone: 'contact', of: 'disc', x: left + i * pitch, y, r: 0.5 },
        }))
      }),
    ],
  }
}

/** A round socket: its contacts on a circle, a notch or a post that turns it the right way. */
export function round(across: number, contacts: number, key: 'notch' | 'post' | null): Look {
  const r = across / 2
  const on = (i: number): LookStroke => {
    const turn = Math.PI * (0.5 + ((i + 0.5) / contacts) * 2)
    const at = contacts === 1 ? 0 : r * 0.58
    return {
      ...{ tone: 'contact', of: 'disc', r: contacts === 1 ? r * 0.35 : 0.55 },
      ...{ x: r + at * Math.cos(turn), y: r + at * Math.sin(turn) },
    }
  }
  return {
    size: [across, across],
    strokes: [
      { tone: 'wall', of: 'disc', x: r, y: r, r },
      ...grid(contacts, 1).map(([i]) => on(i)),
      ...(key === 'notch' ? [box('key', [r - 1, across - 1.4, 2, 1.4])] : []),
      ...(key === 'post' ? [box('key', [r - 0.8, r - 0.4, 1.6, 1.4])] : []),
    ],
  }
}

/** A flat opening with rounded ends or square ones. */
export function opening(
  [wide, high]: readonly [number, number],
  corner: number,
  contacts: { readonly cols: number; readonly rows?: number },
): Look {
  return {
    size: [wide, high],
    strokes: [
      box('wall', [0, 0, wide, high], corner),
      ...within(wide, high, contacts, 0.7).map(([x, y, pitch]) =>
        box('contact', [x - pitch * 0.2, y - high * 0.09, pitch * 0.4, high * 0.18]),
      ),
    ],
  }
}

function box(
  tone: LookTone,
  [x, y, w, h]: readonly [number, number, number, number],
  corner = 0,
): LookStroke {
  return { tone, of: 'box', x, y, w, h, ...(corner > 0 && { round: corner }) }
}

const grid = (cols: number, rows: number): readonly (readonly [number, number])[] =>
  Array.from({ length: rows }, (_, r) =>
    Array.from({ length: cols }, (_, c) => [c, r] as const),
  ).flat()

/** Places spread evenly over a share of the width, and how far apart they are. */
function within(
  w: number,
  h: number,
  { cols, rows = 1 }: { readonly cols: number; readonly rows?: number },
  share: number,
): readonly (readonly [x: number, y: number, pitch: number])[] {
  const pitch = (w * share) / cols
  return grid(cols, rows).map(([c, r]) => [
    w / 2 + (c - (cols - 1) / 2) * pitch,
    h / 2 + (r - (rows - 1) / 2) * (h / (rows + 1)),
    pitch,
  ])
}
