// Does the supply, with the plugs of a modular one, find room behind its mount?
import { measured } from '../finding'
import { place } from '../../geometry/space'
import { modularPlugs } from '../../parts/bodies/supply'
import { pcCase } from '../../parts/case'
import { limitLeaf, limitWith } from '../../parts/pieces'
import { lengthOfSupply } from '../../parts/supply'
import { of, plus } from '../../figures/quantity'
import { rule } from '../rule'
import { SEATED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const supplyLength = rule({
  id: 'fit/supply-length',
  stage: 'fit',
  question: 'Is the supply, plugs included, short enough for its place?',
  source: SOURCE.atx12v,
  needs: SEATED,
  inputs: s =>
    joinedBy(s, 'supply-place', 'supply', 'case')
      // With a piece out, what is in its way then decides (fit/clearance).
      .filter(({ socket }) => limitWith(socket) !== 'gone')
      .map(({ joint, plug, socket }) => ({
        joint: joint.id,
        supply: plug,
        pc: socket,
        frame: s.frames.get(plug.id) ?? null,
      })),
  judge({ joint, supply, pc, frame }) {
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
        need: plus(of(length), ...plugs),
        have: of(have),
        where: from && to && { from, to },
      }),
    ]
  },
})
