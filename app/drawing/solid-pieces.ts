// The boxes and discs of the model as solids in their inks, each with its edges.
import {
  Box3,
  BoxGeometry,
  CylinderGeometry,
  EdgesGeometry,
  Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  Vector3,
  type BufferGeometry,
} from 'three'
import { mergeGeometries } from 'three/addons/utils/BufferGeometryUtils.js'
import type { Block, Disc } from '../../core/drawing/blocks'
import type { Box } from '../../core/geometry/space'

export interface Inks {
  readonly ground: string
  readonly body: string
  readonly board: string
  readonly dark: string
  readonly line: string
  readonly lit: string
}
/** The pieces of one thing that are of one ink. */
export interface Piece {
  readonly block: Block
  readonly mesh: Mesh<BufferGeometry, MeshLambertMaterial>
  readonly plain: string
}

/** A plate is drawn this thick, mm. */
const PLATE = 1

/** The machine: its pieces with their edges, and around them the edges of the case and its tray. */
export function machine(inside: Box, pieces: readonly Piece[], { line, dark }: Inks): Group {
  const group = new Group()
  const edge = new LineBasicMaterial({ color: line })
  for (const { mesh } of pieces)
    group.add(mesh, new LineSegments(new EdgesGeometry(mesh.geometry, SHARP), edge))
  group.add(new LineSegments(new EdgesGeometry(geometryOf(inside)), edge))
  const tray = geometryOf({
    min: [inside.min[0], inside.min[1], -PLATE],
    max: [inside.max[0], inside.max[1], 0],
  })
  group.add(new LineSegments(new EdgesGeometry(tray), new LineBasicMaterial({ color: dark })))
  return group
}
/** Named choice: edges between faces that meet flatter than this are not drawn, degrees. */
const SHARP = 30

export function piecesOf(block: Block, inks: Inks): readonly Piece[] {
  const solid = block.boxes.filter(b => b.tone !== 'place' && b.tone !== 'opening')
  const groups = [
    { ink: inks.board, made: solid.filter(b => b.tone === 'board').map(b => geometryOf(b.box)) },
    { ink: inks.dark, made: solid.filter(b => b.tone === 'dark').map(b => geometryOf(b.box)) },
    {
      ink: inks.body,
      made: solid.filter(b => b.tone !== 'board' && b.tone !== 'dark').map(b => geometryOf(b.box)),
    },
    { ink: inks.dark, made: block.discs.map(discGeometry) },
  ]
  return groups.flatMap(({ ink, made }) => {
    const geometry = made.length > 0 ? mergeGeometries(made) : null
    return geometry
      ? [{ block, plain: ink, mesh: new Mesh(geometry, new MeshLambertMaterial({ color: ink })) }]
      : []
  })
}

export const sizeOf = ({ min, max }: Box): Vector3 =>
  new Vector3(max[0] - min[0], max[1] - min[1], max[2] - min[2])
export const middleOf = ({ min, max }: Box): Vector3 =>
  new Box3(new Vector3(...min), new Vector3(...max)).getCenter(new Vector3())

function geometryOf(box: Box): BufferGeometry {
  const size = sizeOf(box)
  const made = new BoxGeometry(
    Math.max(size.x, PLATE / 2),
    Math.max(size.y, PLATE / 2),
    Math.max(size.z, PLATE / 2),
  )
  const { x, y, z } = middleOf(box)
  return made.translate(x, y, z)
}

function discGeometry({ at, radius, axis }: Disc): BufferGeometry {
  const made = new CylinderGeometry(radius, radius, 2 * PLATE, 24)
  if (axis === 0) made.rotateZ(Math.PI / 2)
  if (axis === 2) made.rotateX(Math.PI / 2)
  return made.translate(...at)
}
