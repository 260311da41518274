// Where labels go on a drawing so that none lies on another: the first free of a few places each, else none.

export interface Rect { readonly x: number; readonly y: number; readonly w: number; readonly h: number }
export interface Label { readonly id: string; readonly text: string; readonly x: number; readonly y: number; readonly w: number; readonly h: number }

type Point = readonly [number, number]
interface Wanted { readonly id: string; readonly text: string; readonly inside?: Rect; readonly beside?: Point; readonly along?: readonly [Point, Point] }

/** Width of one letter as a share of its height, generous for the monospaced face. */
const LETTER_WIDTH = 0.66
const GAP = 0.35

/**
 * Places labels in the given order. A label inside a shape keeps clear of smaller shapes that lie on it.
 * Greedy: O(labels × places × labels). A label without a free place is left out; pointing still names the shape.
 */
export function placeLabels(size: { readonly width: number; readonly height: number }, letter: number, wanted: readonly Wanted[], shapes: readonly { readonly id: string; readonly rect: Rect }[]): readonly Label[] {
  const placed: Label[] = []
  for (const want of wanted.filter(v => v.text !== '')) {
    const w = want.text.length * letter * LETTER_WIDTH
    const h = letter * 1.2
    const own = shapes.findIndex(s => s.id === want.id)
    const obstacles = want.inside ? shapes.slice(own + 1).map(s => s.rect).filter(r => want.inside && overlap(r, want.inside)) : []
    const spot = spots(want, w, h, letter * GAP).find(r => within(r, size) && !placed.some(p => overlap(p, r)) && !obstacles.some(o => overlap(o, r)))
    if (spot) placed.push({ id: want.id, text: want.text, ...spot })
  }
  return placed
}

function spots({ inside, beside, along }: Wanted, w: number, h: number, gap: number): readonly Rect[] {
  if (along) {
    const [[ax, ay], [bx, by]] = along
    const [mx, my] = [(ax + bx) / 2, (ay + by) / 2]
    return [[mx - w / 2, my - h - gap], [mx - w / 2, my + gap], [mx + gap, my - h / 2], [mx - w - gap, my - h / 2], [bx + gap, by - h / 2], [ax - w - gap, ay - h / 2]].map(([x = 0, y = 0]) => ({ x, y, w, h }))
  }
  if (beside) {
    const [x, y] = beside
    const r = gap + 4
    return [[x + r, y - h / 2], [x - r - w, y - h / 2], [x - w / 2, y + r], [x - w / 2, y - r - h]].map(([sx = 0, sy = 0]) => ({ x: sx, y: sy, w, h }))
  }
  if (!inside) return []
  const { x, y, w: iw, h: ih } = inside
  const fits = iw >= w + 2 * gap && ih >= h
  const xs = [x + gap, x + iw - w - gap, x + (iw - w) / 2]
  const ys = [y + gap, y + ih - h - gap, y + (ih - h) / 2, y + ih / 4, y + (ih * 3) / 4 - h]
  return fits ? ys.flatMap(sy => xs.map(sx => ({ x: sx, y: sy, w, h }))) : [{ x: x + iw + gap, y: y + (ih - h) / 2, w, h }, { x: x - w - gap, y: y + (ih - h) / 2, w, h }, { x: x + (iw - w) / 2, y: y - h - gap, w, h }]
}

export const overlap = (a: Rect, b: Rect): boolean => a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h
const within = (r: Rect, size: { readonly width: number; readonly height: number }): boolean => r.x >= 0 && r.y >= 0 && r.x + r.w <= size.width && r.y + r.h <= size.height
