// What is drawn of a machine: its solids, as they are judged, projected on a plane.
import { groupBy } from '../collections/groups'
import { insideOf, type Layout } from '../case/layout'
import { nominalBox } from '../geometry/solid'
import type { Box } from '../geometry/space'
import type { Solid } from '../joining/solids'
import { kindOf, type Item } from '../parts'
import type { Rect } from './labels'
import type { Project } from './projection'

export interface Shape {
  readonly id: string
  readonly item: string | null
  readonly kind: string
  readonly name: string
  readonly label: string
  readonly rect: Rect
  /** The seat of which it is a part: all solids there have one name. */
  readonly seat: string
}
interface Shaped {
  readonly solids: readonly Solid[]
  readonly items: readonly Item[]
  readonly layout: Layout | null
}

/** The shapes of a view, the largest first, so that nothing lies under what is larger. */
export function shapesOf(s: Shaped, project: Project): readonly Shape[] {
  const outline = s.layout ? s.items.filter(i => i.part.kind === 'case') : []
  const shapes = [
    ...outline.map(pc =>
      shapeOf(pc, { id: pc.id, seat: pc.id, kind: 'case', what: '' }, rectOf(inside(s), project)),
    ),
    ...s.solids.flatMap((solid): Shape[] => {
      const item = s.items.find(i => i.id === solid.item)
      const box = nominalBox(solid)
      // A zone is no body, and a wall is the outline.
      if (!item || solid.nature === 'zone' || !isEnclosed(box)) return []
      const kind = solid.joint === null ? 'piece' : item.part.kind
      return [
        shapeOf(
          item,
          { id: solid.id, seat: solid.joint ?? solid.id, kind, what: solid.what },
          rectOf(box, project),
        ),
      ]
    }),
  ]
  return [...shapes].sort((a, b) => b.rect.w * b.rect.h - a.rect.w * a.rect.h)
}

const inside = ({ layout }: Shaped): Box =>
  layout ? insideOf(layout) : { min: [0, 0, 0], max: [0, 0, 0] }
const isEnclosed = ({ min, max }: Box): boolean => [...min, ...max].every(Number.isFinite)

function rectOf({ min, max }: Box, project: Project): Rect {
  const [a, b] = [project(min), project(max)]
  return {
    x: Math.min(a[0], b[0]),
    y: Math.min(a[1], b[1]),
    w: Math.abs(a[0] - b[0]),
    h: Math.abs(a[1] - b[1]),
  }
}

interface Told extends Pick<Shape, 'id' | 'seat' | 'kind'> {
  readonly what: string
}

/** What is drawn of an item: by its own name, or by what of it this is. */
function shapeOf(item: Item, { id, seat, kind, what }: Told, rect: Rect): Shape {
  // What lies apart from the rest of its part has a name of its own.
  const own = kind === 'piece' ? what : (APART[what] ?? null)
  return {
    ...{ id, seat, item: item.id, kind, rect },
    name: own ?? item.name,
    label: own ?? SHORT[item.part.kind] ?? kindOf(item).title.toLowerCase(),
  }
}

const APART: Partial<Record<string, string>> = {
  radiator: 'radiator',
  'radiator fans': 'radiator',
  'outer radiator fans': 'radiator',
}
/** Kinds whose title is too long to stand in a drawing. */
const SHORT: Partial<Record<string, string>> = { supply: 'supply' }

/** Shapes that get a name: not the case; all that an item has at one seat is one. */
export function named(shapes: readonly Shape[]): readonly Shape[] {
  const seats = groupBy(
    shapes.filter(sh => sh.kind !== 'case'),
    sh => sh.seat,
  )
  const own = [...seats.values()].flatMap(([first, ...more]) =>
    first ? [{ ...first, rect: more.map(sh => sh.rect).reduce(around, first.rect) }] : [],
  )
  return own.filter(
    (sh, i) =>
      sh.kind === 'piece' || own.findIndex(o => o.item === sh.item && o.label === sh.label) === i,
  )
}

function around(a: Rect, b: Rect): Rect {
  const [x, y] = [Math.min(a.x, b.x), Math.min(a.y, b.y)]
  return { x, y, w: Math.max(a.x + a.w, b.x + b.w) - x, h: Math.max(a.y + a.h, b.y + b.h) - y }
}
