// Are the modules as low as the case wants them under a radiator at that place?
import type { Joint } from '../../joining/joint'
import type { Case } from '../../parts/case-schema'
import { pcCase } from '../../parts/case'
import type { ItemOf } from '../../parts/kind'
import { memory as memoryKind, type Memory } from '../../parts/memory'
import { of } from '../../figures/quantity'
import { joinedBy, JOINED, type Joined } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'
import { rule } from '../rule'

interface Under {
  readonly joint: Joint
  readonly radiator: string
  readonly pc: ItemOf<Case>
  readonly place: number
  readonly kit: ItemOf<Memory>
}

/** Each kit on a board of a case with each radiator that sits in that case. */
const under = (s: Joined): readonly Under[] =>
  joinedBy(s, 'radiator-place', 'cooler', 'case').flatMap(({ joint, plug, socket: pc }) => {
    const place = joint.members[1]
    if (place?.list !== 'radiators') return []
    const boards = joinedBy(s, 'tray', 'board', 'case')
      .filter(t => t.socket.id === pc.id)
      .map(t => t.plug.id)
    const modules = joinedBy(s, 'memory-slot', 'memory', 'board')
      .filter(m => boards.includes(m.socket.id))
      .map(m => m.plug)
    const kits = new Map(modules.map(kit => [kit.id, kit])).values()
    return [...kits].map(kit => ({
      ...{ joint, radiator: plug.name, pc, place: place.index, kit },
    }))
  })

export const memoryUnderRadiator = rule({
  id: 'fit/memory-under-radiator',
  stage: 'fit',
  question: 'Are the modules as low as the case wants them under a radiator?',
  source: SOURCE.maker,
  needs: JOINED,
  inputs: under,
  judge({ joint, radiator, pc, place, kit }) {
    const room = pcCase.leaf(pc, `radiators.${place}.memoryRoom`)
    if (!room.figure) return []
    const label = pc.part.radiators?.[place]?.label ?? ''
    return [
      measured({
        rule: 'fit/memory-under-radiator',
        stage: 'fit',
        about: [kit.id, pc.id],
        part: joint.id,
        joints: [joint.id],
        source: SOURCE.maker,
        sentence: `${kit.name} under the radiator of the ${radiator}: ${label} of the ${pc.name}`,
        wayOut: 'Lower modules, or another place for the radiator.',
        need: of(memoryKind.leaf(kit, 'height')),
        have: of(room),
      }),
    ]
  },
})
