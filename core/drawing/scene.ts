// What is drawn of a machine, in space: one figure for each thing that sits in it, as it is judged, with
// what one knows it by. Every view is this scene seen from another side.
import { within } from '../figures/format'
import { airAt, meantFor, WALL_NAME } from '../case/air'
import { insideOf, type Layout } from '../case/layout'
import { valueOf } from '../figures/quantity'
import { AXES, nominalBox } from '../geometry/solid'
import type { Box, Vec3 } from '../geometry/space'
import { keyOf } from '../ids/ids'
import type { Solid } from '../joining/solids'
import { specOf, type Item } from '../parts'
import type { Board } from '../parts/board-schema'
import type { Case } from '../parts/case-schema'
import type { ItemOf } from '../parts/kind'
import { stage, type ValuesOf } from '../pipeline/stage'
import { layout, plainItems, shells } from '../plan/items'
import { frames, outlines, seats, solids } from '../plan/joints'
import { every, socketIn } from '../plan/situation'
import { supplyFans } from '../plan/supply-fans'
import { box, sizeOf, type Detail } from './details'
import { airArrows } from './furniture/air'
import { boardFurniture } from './furniture/board'
import { holeDetail, vents, walls } from './furniture/case'
import * as parts from './furniture/parts'

export interface Figure {
  readonly id: string
  readonly item: string | null
  /** The joint by which it sits: what an item has at one seat is one thing. */
  readonly seat: string
  readonly kind: string
  /** What is said of it: its name, and where it is or what to know of it. */
  readonly name: string
  readonly note: string
  readonly hull: Box
  readonly details: readonly Detail[]
}

const SCENE_FROM = {
  ...{ solids, frames, layout, items: plainItems },
  ...{ seats, outlines, shells, supplyFans },
} as const
type From = ValuesOf<typeof SCENE_FROM>

/** Everything that is drawn; nothing where there is no case. */
export const scene = stage('scene', SCENE_FROM, (s): readonly Figure[] => {
  if (!s.layout) return []
  const there = s.layout
  return [
    ...every(s, 'case').flatMap(pc => caseFigures(pc, there)),
    ...s.solids.flatMap(solid => bodyFigure(s, solid) ?? []),
    ...every(s, 'board').flatMap(board => onBoard(s, board)),
    ...airFigures(s),
  ]
})

function caseFigures({ id, name, part }: ItemOf<Case>, layout: Layout): readonly Figure[] {
  const whole = { item: id, seat: id, name, note: '' }
  const hull = insideOf(layout)
  return [
    { ...whole, id, kind: 'case', hull, details: walls(layout) },
    { ...whole, id: `${id}/vents`, kind: 'vents', hull, details: vents(part, layout) },
    ...layout.openings.map((o): Figure => {
      const detail = holeDetail(o, layout.rooms)
      const there = detail.of === 'box' ? detail.box : hull
      return {
        ...{ id: `opening:${o.key}`, item: id, seat: `opening:${o.key}`, kind: 'opening' },
        ...{ name: o.label, note: 'cable hole', hull: there, details: [detail] },
      }
    }),
    ...layout.channels.map(({ label, ...hull }, i): Figure => {
      const place = { item: id, seat: `channel:${i}`, kind: 'channel' }
      const details = [box('place', hull.min, hull.max)]
      return { ...place, id: `channel:${i}`, name: label, note: 'cable channel', hull, details }
    }),
  ]
}

/** A solid as it is judged, with what one knows it by; zones and walls are no figures. */
function bodyFigure(s: From, solid: Solid): Figure | null {
  const item = s.items.find(i => i.id === solid.item)
  const hull = nominalBox(solid)
  if (!item || !isEnclosed(hull)) return null
  if (solid.nature === 'zone') return zoneFigure(item, solid, hull)
  const isPiece = solid.joint === null
  const kind = isPiece ? 'piece' : item.part.kind
  const tone = kind === 'board' && solid.what === '' ? 'board' : 'body'
  const shell = isPiece ? pieceDetails(hull) : [box(tone, hull.min, hull.max)]
  return {
    ...{ id: solid.id, item: item.id, seat: solid.joint ?? solid.id, kind, hull },
    name: isPiece ? solid.what : item.name,
    note: isPiece ? '' : noteOf(s, solid),
    details: [...shell, ...(isPiece ? [] : detailsOf(item, solid.key, hull))],
  }
}

/** Where plugs stand out of a part: a place, no body. */
function zoneFigure(item: Item, solid: Solid, hull: Box): Figure {
  return {
    ...{ id: solid.id, item: item.id, seat: solid.joint ?? solid.id, kind: 'zone', hull },
    ...{ name: `${solid.what} of the ${item.name}`, note: '' },
    details: [box('place', hull.min, hull.max)],
  }
}

/** A cage or a shroud: open within, so that what is in it is seen. */
const pieceDetails = ({ min, max }: Box): readonly Detail[] => [box('place', min, max)]

/** Where it sits, as that is printed; of a supply which way its fan looks. */
function noteOf(s: From, solid: Solid): string {
  const kind = within(specOf(solid.kind).title)
  if (solid.kind === 'board') return kind
  const wall = solid.kind === 'supply' ? s.supplyFans.get(solid.item) : null
  if (wall) return `fan to the ${WALL_NAME[wall]}`
  // A kit of modules is one thing in several sockets.
  const own = s.seats.filter(j =>
    solid.kind === 'memory' ? j.items[0] === solid.item : j.id === solid.joint,
  )
  const labels = own.flatMap(j => s.outlines.get(j.b)?.label ?? [])
  return labels.length > 0 ? labels.join(', ') : kind
}

/** The solids of a part that are fans, by their keys. */
const FANS: readonly string[] = ['fan', 'fans', 'outer-fans']

function detailsOf({ part }: Item, key: string, hull: Box): readonly Detail[] {
  if (part.kind === 'fan' || FANS.includes(key)) return parts.fanDetails(hull)
  if (key === 'fins') return parts.finDetails(hull)
  if (key === 'radiator') return parts.radiatorDetails(hull)
  if (part.kind === 'card') return parts.cardDetails(hull)
  if (part.kind === 'memory') return parts.chipDetails(hull)
  if (part.kind === 'drive')
    return part.shape === 'M.2' ? parts.chipDetails(hull) : parts.driveDetails(hull)
  return []
}

const isEnclosed = ({ min, max }: Box): boolean => [...min, ...max].every(Number.isFinite)

/** What stands on a board, each socket a figure of its own. */
function onBoard(s: From, board: ItemOf<Board>): readonly Figure[] {
  const frame = s.frames.get(board.id)
  const plate = s.solids.find(x => x.item === board.id && x.what === '')
  if (!frame || !plate) return []
  const size = sizeOf(nominalBox(plate))
  const along = (own: 0 | 1): number =>
    Math.abs(AXES.reduce<number>((sum, a) => sum + size[a] * frame.axes[own][a], 0))
  const slotLines = new Map(
    (s.shells.find(shell => shell.id === board.id)?.seats ?? []).flatMap(({ ref, spot }) => {
      const y = valueOf(spot.origin[1])
      return y === null ? [] : [[keyOf(ref), y] as const]
    }),
  )
  return boardFurniture(board.part, { frame, size: [along(0), along(1)], slotLines }).map(
    ({ key, label, at, details }): Figure => ({
      ...{ id: `${board.id}/${key}`, item: board.id, seat: `${board.id}/${key}`, kind: 'socket' },
      ...{ name: label, note: '', hull: hullOf(details, at), details },
    }),
  )
}

function hullOf(details: readonly Detail[], at: Vec3): Box {
  const points = details.flatMap(d => (d.of === 'box' ? [d.box.min, d.box.max] : []))
  const ends = (pick: typeof Math.min): Vec3 => [
    pick(at[0], ...points.map(p => p[0])),
    pick(at[1], ...points.map(p => p[1])),
    pick(at[2], ...points.map(p => p[2])),
  ]
  return { min: ends(Math.min), max: ends(Math.max) }
}

/** Air at the places where it is moved: arrows through the wall, the way it goes there. */
function airFigures(s: From): readonly Figure[] {
  return s.seats.flatMap((seat): Figure[] => {
    const pc = every(s, 'case').find(c => c.id === seat.items[1])
    const place =
      pc && (socketIn(seat, 'fans', pc.part.fans) ?? socketIn(seat, 'radiators', pc.part.radiators))
    const body = s.solids.find(x => x.joint === seat.id && x.nature !== 'zone')
    if (!place || !body || !s.layout) return []
    const { way } = airAt({ key: place.key, meant: meantFor(place) }, pc.airs)
    const hull = nominalBox(body)
    return [
      {
        ...{ id: `air:${seat.id}`, item: seat.items[0], seat: seat.id, kind: 'air', hull },
        ...{ name: `air goes ${way}`, note: '', details: airArrows(hull, insideOf(s.layout), way) },
      },
    ]
  })
}
