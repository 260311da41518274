// The machine in space for a view from an angle: the same figures as are drawn from the sides, as boxes
// and discs; the case as its edges and its tray.
import { insideOf } from '../case/layout'
import type { Axis } from '../geometry/solid'
import type { Box, Vec3 } from '../geometry/space'
import { rounded } from '../figures/rounded'
import { stage } from '../pipeline/stage'
import { layout } from '../plan/items'
import type { Detail, Tone } from './details'
import { scene } from './scene'

export interface Disc {
  readonly at: Vec3
  readonly radius: number
  readonly axis: Axis
}
export interface Block {
  readonly id: string
  readonly item: string | null
  readonly kind: string
  readonly name: string
  readonly note: string
  readonly boxes: readonly { readonly tone: Tone; readonly box: Box }[]
  readonly discs: readonly Disc[]
}
export interface Blocks {
  /** The inside of the case; its tray is where z is 0. */
  readonly inside: Box
  readonly blocks: readonly Block[]
}

/** What is no body: walls and holes stand for themselves, air and room for plugs are seen through. */
const NO_BODY: readonly string[] = ['case', 'vents', 'opening', 'channel', 'air', 'zone']
/** Named choice: smaller discs are screws and eyes, which say nothing from afar, mm. */
const LEAST_DISC = 10

/** Null where there is no case. */
export const blocks = stage('blocks', { scene, layout }, ({ scene, layout }): Blocks | null =>
  layout
    ? rounded({
        inside: insideOf(layout),
        blocks: scene
          .filter(({ kind }) => !NO_BODY.includes(kind))
          .map(({ id, item, kind, name, note, details }) => ({
            ...{ id, item, kind, name, note },
            boxes: details.flatMap(boxOf),
            discs: details.flatMap(discOf),
          })),
      })
    : null,
)

const boxOf = (d: Detail): Block['boxes'] => (d.of === 'box' ? [{ tone: d.tone, box: d.box }] : [])
const discOf = (d: Detail): readonly Disc[] =>
  d.of === 'disc' && d.radius >= LEAST_DISC ? [{ at: d.at, radius: d.radius, axis: d.axis }] : []
