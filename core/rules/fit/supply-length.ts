// Does the supply, with the plugs of a modular one, find room behind its mount?
import { measured } from '../finding'
import { place } from '../../geometry/space'
import { modularPlugs } from '../../parts/bodies/supply'
import { pcCase } from '../../parts/case'
import { limitLeaf, limitWith } from '../../parts/pieces'
import { lengthOfSupply } from '../../parts/supply'
import { fact, of, plus } from '../../figures/quantity'
import { rule } from '../rule'
import { SEATED, joinedBy, type Seated } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { PLATE } from '../../standards/supplies'

export const supplyLength = rule({
  id: 'fit/supply-length',
  stage: 'fit',
  question: 'Is the supply, plugs included, short enough for its place?',
  source: SOURCE.atx12v,
  needs: SEATED,
  inputs: s =>
    suppliesInCases(s)
      // With a piece out, what is in its way then decides (fit/clearance).
      .filter(({ socket }) => limitWith(socket) !== 'gone')
      .map(({ joint, plug, socket, plate }) => ({
        joint: joint.id,
        plate,
        supply: plug,
        pc: socket,
        frame: s.frames.get(plug.id) ?? null,
      })),
  judge({ joint, supply, pc, frame, plate }) {
    const length = lengthOfSupply(supply)
    const plugs =
      supply.part.modular === 'fixed' || pc.part.supply.roomMeans === 'supply' ? [] : [modularPlugs]
    const have = limitLeaf(pcCase.leaf(pc, 'supply.room'), pc)
    const end = (x: number) => frame && place(frame, [x, 8, 8])
    const [from, to] = [end(length.figure?.value ?? 0), end(have.figure?.value ?? 0)]
    return [
      measured({
        rule: 'fit/supply-length',
        stage: 'fit',
        about: [supply.id, pc.id],
        joints: [joint],
        source: SOURCE.atx12v,
        sentence: `${supply.name} in its place in the ${pc.name}`,
        wayOut: 'A shorter supply, or take out the cage in front of it.',
        need: plus(of(length), ...(plate ? [sheet] : []), ...plugs),
        have: of(have),
        where: from && to && { from, to },
      }),
    ]
  },
})

const sheet = of(
  fact('sheet of a plate', 'sheet of the plate', 'mm', {
    value: PLATE.mm,
    basis: 'standard',
    tol: 0,
  }),
)

/** Supplies in the place of a case, by themselves or on a plate. */
function suppliesInCases(s: Seated) {
  const plates = joinedBy(s, 'supply-place', 'rail', 'case')
  return [
    ...joinedBy(s, 'supply-place', 'supply', 'case').map(pair => ({ ...pair, plate: false })),
    ...joinedBy(s, 'supply-place', 'supply', 'rail').flatMap(({ joint, plug, socket }) =>
      plates
        .filter(p => p.plug.id === socket.id)
        .map(p => ({ joint, plug, socket: p.socket, plate: true })),
    ),
  ]
}
