// Does a radiator, with its fans, stay within the room of its place?
import { placeOf, roomTaken, standsBeside } from '../../joining/loops'
import { solids } from '../../plan/joints'
import { joinedBy, SEATED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { measured } from '../finding'
import { rule } from '../rule'

export const radiatorRoom = rule({
  id: 'fit/radiator-room',
  stage: 'fit',
  question: 'Does the radiator with its fans stay within the room of its place?',
  source: SOURCE.maker,
  needs: { ...SEATED, solids },
  inputs: s =>
    joinedBy(s, 'radiator-place', 'cooler', 'case').flatMap(({ joint, plug, socket }) => {
      const place = joint.members[1]
      return place?.list === 'radiators'
        ? [
            {
              ...{ joint: joint.id, wet: plug, pc: socket, place: place.index },
              isBeside: standsBeside(plug.id, s.solids),
            },
          ]
        : []
    }),
  judge({ joint, isBeside, ...own }) {
    const { wet, pc } = own
    const { label } = placeOf(own)
    return [
      measured({
        rule: 'fit/radiator-room',
        stage: 'fit',
        about: [wet.id, pc.id],
        joints: [joint],
        source: SOURCE.maker,
        sentence: `Radiator of the ${wet.name} with its fans at the ${label} of the ${pc.name}`,
        wayOut: 'Another place for it, a thinner radiator, or thinner fans.',
        ...roomTaken(own, isBeside),
      }),
    ]
  },
})
