// Where labels go on a drawing so that none lies on another and few lie on a line: the best of a
// few places each.

export interface Rect {
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}
export interface Label {
  readonly id: string
  readonly text: string
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

type Point = readonly [number, number]
/**
 * What is to be named: a shape (with the shapes that lie on it, and those beside it), a point, or a
 * distance.
 */
interface Wanted {
  readonly id: string
  readonly text: string
  /** What it is called where the text finds no room. */
  readonly shorter?: string
  readonly inside?: Rect
  readonly onIt?: readonly Rect[]
  readonly besideIt?: readonly Rect[]
  readonly beside?: Point
  readonly along?: readonly [Point, Point]
}

/** Width of one letter as a share of its height, generous for the monospaced face. */
const LETTER_WIDTH = 0.62
const GAP = 0.35

/**
 * Places labels in the given order, each where it covers no other label and crosses the fewest
 * outlines; the first such place wins. Greedy: O(labels × places × (labels + outlines)). The name
 * of a shape that would cross an outline is left out (pointing still names it); distances and holes
 * are always named where any place is free of other labels.
 */
export function placeLabels(
  size: { readonly width: number; readonly height: number },
  letter: number,
  wanted: readonly Wanted[],
  outlines: readonly Rect[],
): readonly Label[] {
  const placed: Label[] = []
  for (const want of wanted.filter(v => v.text !== '')) {
    const texts = [want.text, ...(want.shorter === undefined ? [] : [want.shorter])]
    const asked = texts.map(text => ({
      text,
      places: places(want, text.length * letter * LETTER_WIDTH, letter * 1.2, letter * GAP),
    }))
    // A shorter name on the thing itself tells more than a long one beside it.
    const tried = (['on', 'by'] as const).flatMap(where =>
      asked.flatMap(({ text, places: found }) => found[where].map(rect => ({ text, rect }))),
    )
    const spot = best(
      tried.filter(
        ({ rect }) => within(rect, size) && !overlapsAny(placed, rect) && isPlain(want, rect),
      ),
      outlines,
    )
    if (spot && (spot.crossed === 0 || !want.inside))
      placed.push({ id: want.id, text: spot.text, ...spot.rect })
  }
  return placed
}

interface Spot {
  readonly text: string
  readonly rect: Rect
}

/** The first of the places that cross the fewest outlines. */
function best(
  spots: readonly Spot[],
  outlines: readonly Rect[],
): (Spot & { readonly crossed: number }) | null {
  let found: (Spot & { readonly crossed: number }) | null = null
  for (const spot of spots) {
    let crossed = 0
    for (const o of outlines) if (crosses(o, spot.rect)) crossed += 1
    if (!found || crossed < found.crossed) found = { ...spot, crossed }
    if (crossed === 0) break
  }
  return found
}

/** Where a label of that size could stand: on what it names, and by it; the likeliest first. */
function places(
  { inside, beside, along }: Wanted,
  w: number,
  h: number,
  gap: number,
): { readonly on: readonly Rect[]; readonly by: readonly Rect[] } {
  const at = (corners: readonly (readonly [number, number])[]): readonly Rect[] =>
    corners.map(([x, y]) => ({ x, y, w, h }))
  if (along) {
    const [[ax, ay], [bx, by]] = along
    const [mx, my] = [(ax + bx) / 2, (ay + by) / 2]
    const [right, below] = [Math.max(ax, bx), Math.max(ay, by)]
    const [left, above] = [Math.min(ax, bx), Math.min(ay, by)]
    const sides = at([
      [right + gap, my - h / 2],
      [left - gap - w, my - h / 2],
    ])
    const ends = at([
      [mx - w / 2, above - gap - h],
      [mx - w / 2, below + gap],
    ])
    return { on: [], by: right - left > below - above ? [...ends, ...sides] : [...sides, ...ends] }
  }
  if (beside) {
    const [x, y] = beside
    const r = gap + 4
    return {
      on: [],
      by: at([
        [x + r, y - h / 2],
        [x - r - w, y - h / 2],
        [x - w / 2, y + r],
        [x - w / 2, y - r - h],
      ]),
    }
  }
  if (!inside) return { on: [], by: [] }
  const { x, y, w: iw, h: ih } = inside
  const xs = [x + gap, x + iw - w - gap, x + (iw - w) / 2]
  const ys = [y + gap, y + ih - h - gap, y + (ih - h) / 2, y + ih / 4, y + (ih * 3) / 4 - h]
  const fits = iw >= w + 2 * gap && ih >= h
  return {
    on: fits ? at(ys.flatMap(sy => xs.map(sx => [sx, sy] as const))) : [],
    by: at([
      [x + iw + gap, y + (ih - h) / 2],
      [x - w - gap, y + (ih - h) / 2],
      [x + (iw - w) / 2, y - h - gap],
      [x + (iw - w) / 2, y + ih + gap],
    ]),
  }
}

const overlapsAny = (rects: readonly Rect[], r: Rect): boolean => rects.some(o => overlap(o, r))
export const overlap = (a: Rect, b: Rect): boolean =>
  a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h
/**
 * A shape’s name must not seem to be another’s: not on what lies on it, and outside of it on no
 * other shape at all.
 */
function isPlain({ inside, onIt = [], besideIt = [] }: Wanted, r: Rect): boolean {
  if (!inside) return true
  return !overlapsAny(overlap(inside, r) ? onIt : besideIt, r)
}

/** Whether a label lies on the outline: partly in, partly out. */
const crosses = (o: Rect, r: Rect): boolean =>
  overlap(o, r) && !(r.x >= o.x && r.y >= o.y && r.x + r.w <= o.x + o.w && r.y + r.h <= o.y + o.h)
const within = (r: Rect, size: { readonly width: number; readonly height: number }): boolean =>
  r.x >= 0 && r.y >= 0 && r.x + r.w <= size.width && r.y + r.h <= size.height
