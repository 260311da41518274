// Do the tubes reach from the processor to the radiator?
import { basisOf, fact, of, plus, toleranceOf, type Sum } from '../../figures/quantity'
import { usual, weakest, type Basis } from '../../figures/units'
import { AXES, nominalBox, type Faces } from '../../geometry/solid'
import { middle, type Vec3 } from '../../geometry/space'
import { cooler } from '../../parts/cooler'
import { items } from '../../plan/items'
import { solids } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'
import { rule } from '../rule'
import { loopsIn } from './liquid'

/** Named choices: what both bends of a tube take beyond the straight way, and how far off that is, mm. */
const BENDS = { mm: 60, tol: 20 }
/** Named choice: how far from its end a radiator's fittings are, mm. */
const FITTING = 20

export const tubeReach = rule({
  id: 'fit/tube-reach',
  stage: 'fit',
  question: 'Do the tubes of a liquid cooler reach from the processor to the radiator?',
  source: SOURCE.maker,
  needs: { items, solids },
  inputs: loopsIn,
  key: ({ wet }) => wet.id,
  judge({ wet, block, radiator }) {
    const from = middle(nominalBox(block))
    const to = nearestEnd(radiator, from)
    const straight = fact('straight-way', 'straight way from the block to the radiator', 'mm', {
      value: Math.hypot(...AXES.map(axis => to[axis] - from[axis])),
      basis: weakest([block, radiator].flatMap(basesOf)),
      tol: unsureOf(block) + unsureOf(radiator),
    })
    const bends = fact(
      'tube-bends',
      'both bends of the tubes',
      'mm',
      usual(BENDS.mm, 'mm', BENDS.tol),
    )
    return [
      measured({
        rule: 'fit/tube-reach',
        stage: 'fit',
        about: [wet.id],
        joints: [block.joint, radiator.joint].flatMap(j => j ?? []),
        source: SOURCE.practice,
        sentence: `Tubes of the ${wet.name} from the processor to the radiator`,
        wayOut: 'A place nearer to the processor, the radiator turned about, or longer tubes.',
        need: plus(of(straight), of(bends)),
        have: of(cooler.leaf(wet, 'liquid.tube')),
        where: { from, to },
      }),
    ]
  },
})

const facesOf = ({ from, to }: Faces): readonly Sum[] =>
  [...from, ...to].flatMap(face => face ?? [])
/** What the places of a solid rest on. */
const basesOf = (faces: Faces): readonly Basis[] => facesOf(faces).map(basisOf)
/** How far off a solid may lie, along its least certain face, mm. */
const unsureOf = (faces: Faces): number => Math.max(...facesOf(faces).map(toleranceOf))

/** The end of a radiator that is nearer: it can be put in with its fittings at either. */
function nearestEnd(radiator: Faces, from: Vec3): Vec3 {
  const box = nominalBox(radiator)
  const long = AXES.reduce((a, b) => (box.max[b] - box.min[b] > box.max[a] - box.min[a] ? b : a), 0)
  const centre = middle(box)
  const at = (along: number): Vec3 => {
    const put = (axis: 0 | 1 | 2): number => (axis === long ? along : centre[axis])
    return [put(0), put(1), put(2)]
  }
  const ends = [at(box.min[long] + FITTING), at(box.max[long] - FITTING)] as const
  const far = (p: Vec3): number => Math.hypot(...AXES.map(axis => p[axis] - from[axis]))
  return far(ends[0]) <= far(ends[1]) ? ends[0] : ends[1]
}
