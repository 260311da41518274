// Is the drive thin enough for its sled?
import { measured } from '../finding'
import { drive as driveKind } from '../../parts/drive'
import { rail as railKind } from '../../parts/rail'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const sledThickness = rule({
  id: 'fit/sled-thickness',
  stage: 'fit',
  question: 'Is the drive thin enough for its sled?',
  source: SOURCE.maker,
  needs: JOINED,
  // What holds every drive of its size states no limit.
  inputs: s =>
    joinedBy(s, 'bay', 'drive', 'rail').filter(
      ({ socket }) => railKind.leaf(socket, 'thickest').figure !== null,
    ),
  judge: ({ joint, plug, socket }) => [
    measured({
      rule: 'fit/sled-thickness',
      stage: 'fit',
      about: [plug.id, socket.id],
      joints: [joint.id],
      source: SOURCE.maker,
      sentence: `Thickness of the ${plug.name} in the ${socket.name}`,
      wayOut: 'Another sled, or a bay of the drive’s own size.',
      need: of(driveKind.leaf(plug, 'thickness')),
      have: of(railKind.leaf(socket, 'thickest')),
    }),
  ],
})
