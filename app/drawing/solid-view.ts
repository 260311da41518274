// The machine as solids in space: built once from the model's boxes, turned around its middle, drawn
// only when something changed.
import {
  AmbientLight,
  Box3,
  BoxGeometry,
  BufferGeometry,
  Color,
  CylinderGeometry,
  DirectionalLight,
  EdgesGeometry,
  Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
  type Material,
} from 'three'
import { mergeGeometries } from 'three/addons/utils/BufferGeometryUtils.js'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import type { Block, Blocks, Disc } from '../../core/drawing/blocks'
import type { Box } from '../../core/geometry/space'

export interface Inks {
  readonly ground: string
  readonly body: string
  readonly board: string
  readonly dark: string
  readonly line: string
  readonly lit: string
}
type Name = 'near' | 'behind' | 'corner'
/** Named choices: from where one looks at first, in sizes of the machine; how wide the eye sees, degrees. */
const FROM: Readonly<Record<Name, readonly [number, number, number]>> = {
  corner: [0.9, 0.65, 1.5],
  near: [0, 0, 1.9],
  behind: [0, 0, -1.9],
}
const SIGHT = 35
/** A plate is drawn this thick, mm. */
const PLATE = 1
/** One press of an arrow turns so far, radians; one press of plus comes so much closer. */
const TURN = Math.PI / 18
const CLOSER = 0.85

/** The pieces of one thing that are of one ink. */
interface Piece {
  readonly block: Block
  readonly mesh: Mesh<BufferGeometry, MeshLambertMaterial>
  readonly plain: string
}

export interface SolidView {
  readonly turn: (across: number, up: number) => void
  readonly closer: (times: number) => void
  readonly look: (from: Name) => void
  readonly light: (isLit: (item: string | null) => boolean) => void
  readonly under: (x: number, y: number) => Block | null
  readonly resize: (width: number, height: number) => void
  readonly dispose: () => void
}

/** Throws where the browser draws no solids. */
export function solidView(
  canvas: HTMLCanvasElement,
  { inside, blocks }: Blocks,
  inks: Inks,
): SolidView {
  const renderer = new WebGLRenderer({ canvas, antialias: true })
  const scene = new Scene()
  scene.background = new Color(inks.ground)
  const camera = new PerspectiveCamera(SIGHT, 1, 10, 10000)
  const controls = new OrbitControls(camera, canvas)
  const middle = middleOf(inside)
  const size = sizeOf(inside).length()
  controls.target.copy(middle)
  const pieces = blocks.flatMap(block => piecesOf(block, inks))
  scene.add(machine(inside, pieces, inks), new AmbientLight('#ffffff', 1.6), lamp(middle, size))

  let isAsked = false
  const draw = (): void => {
    isAsked = false
    renderer.render(scene, camera)
  }
  /** Once a frame at most. */
  const ask = (): void => {
    if (!isAsked) requestAnimationFrame(draw)
    isAsked = true
  }
  const look = (from: Name): void => {
    const [x, y, z] = FROM[from]
    camera.position.copy(middle).add(new Vector3(x, y, z).multiplyScalar(size))
    controls.update()
    ask()
  }
  controls.addEventListener('change', ask)
  look('corner')

  const ray = new Raycaster()
  return {
    look,
    turn(across, up) {
      const arm = camera.position.clone().sub(middle)
      arm.applyAxisAngle(new Vector3(0, 1, 0), across * TURN)
      const side = new Vector3().crossVectors(new Vector3(0, 1, 0), arm).normalize()
      arm.applyAxisAngle(side, up * TURN)
      camera.position.copy(middle).add(arm)
      controls.update()
      ask()
    },
    closer(times) {
      camera.position
        .sub(middle)
        .multiplyScalar(CLOSER ** times)
        .add(middle)
      controls.update()
      ask()
    },
    light(isLit) {
      for (const { block, mesh, plain } of pieces)
        mesh.material.color.set(block.kind !== 'socket' && isLit(block.item) ? inks.lit : plain)
      ask()
    },
    under(x, y) {
      ray.setFromCamera(new Vector2(x, y), camera)
      const [hit] = ray.intersectObjects(pieces.map(p => p.mesh))
      return pieces.find(p => p.mesh === hit?.object)?.block ?? null
    },
    resize(width, height) {
      renderer.setPixelRatio(Math.min(2, window.devicePixelRatio))
      renderer.setSize(width, height, false)
      camera.aspect = width / height
      camera.updateProjectionMatrix()
      ask()
    },
    dispose() {
      controls.dispose()
      scene.traverse(free)
      renderer.dispose()
    },
  }
}

/** The machine: its pieces with their edges, and around them the edges of the case and its tray. */
function machine(inside: Box, pieces: readonly Piece[], { line, dark }: Inks): Group {
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

function piecesOf(block: Block, inks: Inks): readonly Piece[] {
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

const sizeOf = ({ min, max }: Box): Vector3 =>
  new Vector3(max[0] - min[0], max[1] - min[1], max[2] - min[2])
const middleOf = ({ min, max }: Box): Vector3 =>
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

/** One lamp from above, before and beside, so that three faces of a box differ. */
function lamp(middle: Vector3, size: number): DirectionalLight {
  const light = new DirectionalLight('#ffffff', 1.9)
  light.position.copy(middle).add(new Vector3(0.5 * size, size, 0.8 * size))
  light.target.position.copy(middle)
  light.target.updateMatrixWorld()
  return light
}

function free(thing: object): void {
  if (!(thing instanceof Mesh) && !(thing instanceof LineSegments)) return
  const { geometry, material } = thing as { geometry: BufferGeometry; material: Material }
  geometry.dispose()
  material.dispose()
}
