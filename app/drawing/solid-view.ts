// The machine as solids in space: built once from the model's boxes, turned around its middle, drawn
// only when something changed.
import {
  AmbientLight,
  Color,
  DirectionalLight,
  LineSegments,
  Mesh,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
  type BufferGeometry,
  type Material,
} from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import type { Block, Blocks } from '../../core/drawing/blocks'
import { machine, middleOf, piecesOf, sizeOf, type Inks, type Piece } from './solid-pieces'

type Name = 'near' | 'behind' | 'corner'
/** Named choices: from where one looks at first, in sizes of the machine; how wide the eye sees, degrees. */
const FROM: Readonly<Record<Name, readonly [number, number, number]>> = {
  corner: [0.9, 0.65, 1.5],
  near: [0, 0, 1.9],
  behind: [0, 0, -1.9],
}
const SIGHT = 35
/** One press of an arrow turns so far, radians; one press of plus comes so much closer. */
const TURN = Math.PI / 18
const CLOSER = 0.85

/** Throws where the browser draws no solids. */
export class SolidView {
  private readonly renderer: WebGLRenderer
  private readonly scene = new Scene()
  private readonly camera = new PerspectiveCamera(SIGHT, 1, 10, 10000)
  private readonly controls: OrbitControls
  private readonly ray = new Raycaster()
  private readonly middle: Vector3
  private readonly size: number
  private readonly pieces: readonly Piece[]
  private readonly lit: string
  private isAsked = false

  constructor(canvas: HTMLCanvasElement, { inside, blocks }: Blocks, inks: Inks) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true })
    this.controls = new OrbitControls(this.camera, canvas)
    this.middle = middleOf(inside)
    this.size = sizeOf(inside).length()
    this.pieces = blocks.flatMap(block => piecesOf(block, inks))
    this.lit = inks.lit
    this.scene.background = new Color(inks.ground)
    this.scene.add(machine(inside, this.pieces, inks), new AmbientLight('#ffffff', 1.6))
    this.scene.add(lamp(this.middle, this.size))
    this.controls.target.copy(this.middle)
    this.controls.addEventListener('change', this.ask)
    this.look('corner')
  }

  /** Once a frame at most. */
  private readonly ask = (): void => {
    if (!this.isAsked) requestAnimationFrame(this.draw)
    this.isAsked = true
  }
  private readonly draw = (): void => {
    this.isAsked = false
    this.renderer.render(this.scene, this.camera)
  }
  /** The eye at the end of an arm from the middle of the machine. */
  private see(arm: Vector3): void {
    this.camera.position.copy(this.middle).add(arm)
    this.controls.update()
    this.ask()
  }
  private arm(): Vector3 {
    return this.camera.position.clone().sub(this.middle)
  }

  look(from: Name): void {
    this.see(new Vector3(...FROM[from]).multiplyScalar(this.size))
  }
  /** By so many presses of an arrow. */
  turn(across: number, up: number): void {
    const arm = this.arm().applyAxisAngle(UP, across * TURN)
    const side = new Vector3().crossVectors(UP, arm).normalize()
    this.see(arm.applyAxisAngle(side, up * TURN))
  }
  closer(times: number): void {
    this.see(this.arm().multiplyScalar(CLOSER ** times))
  }
  light(isLit: (item: string | null) => boolean): void {
    for (const { block, mesh, plain } of this.pieces)
      mesh.material.color.set(block.kind !== 'socket' && isLit(block.item) ? this.lit : plain)
    this.ask()
  }
  /** What is at a place of the picture, from −1 to 1 across and up. */
  under(x: number, y: number): Block | null {
    this.ray.setFromCamera(new Vector2(x, y), this.camera)
    const [hit] = this.ray.intersectObjects(this.pieces.map(p => p.mesh))
    return this.pieces.find(p => p.mesh === hit?.object)?.block ?? null
  }
  resize(width: number, height: number): void {
    this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio))
    this.renderer.setSize(width, height, false)
    this.camera.aspect = width / height
    this.camera.updateProjectionMatrix()
    this.ask()
  }
  dispose(): void {
    this.controls.dispose()
    this.scene.traverse(free)
    this.renderer.dispose()
  }
}
const UP = new Vector3(0, 1, 0)

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
